import { counted } from '@/core/quantities';
import { useEffect, useState, type ReactNode } from 'react';
import type { Result } from '@/core/failure';
import { LONGER_MIN, type KeepGain } from '@/core/outcomes';
import { type BatchDocument } from '@/core/document';
import { type PackChoice } from '@/core/catalogue';
import type { PackOption } from '@/core/keeping';
import type { Advice } from '@/core/prediction';
import { PACK_NAMES } from '../../format/words';
import { Alert } from '../../kit/Alert';
import { Button } from '../../kit/Button';
import { nameOf, type BenchProps } from '../bench-props';

type GainsProps = Pick<BenchProps, 'document' | 'edits' | 'questions' | 'pantry'> & {
  readonly choice: PackChoice;
  readonly index: number;
  readonly onChoice: (choice: PackChoice) => void;
  /** Changes that are advised above, drawn over all batches: they are not told twice. */
  readonly advised: ReadonlyArray<Advice['code']>;
};

/** What would buy the most days for one pack, each worked out anew. */
export function Gains({ document, edits, questions, pantry, choice, index, onChoice, advised }: GainsProps): ReactNode {
  const [found, setFound] = useState<{ of: BatchDocument; index: number; answer: Result<readonly KeepGain[]> } | null>(null);
  useEffect(() => {
    let left = false;
    void questions.gains(document, index).then((answer) => {
      if (!left && answer) setFound({ of: document, index, answer });
    });
    return () => void (left = true);
  }, [document, index, questions]);
  const fresh = found?.of === document && found.index === index;
  const act = (gain: KeepGain): (() => void) | null => {
    const { volume_ml: _volume, own: _own, ...rest } = choice;
    switch (gain.step) {
      case 'heat-longer':
        return () => edits.change(['heat', 'steps'], longer);
      case 'better-pack':
        return () => onChoice({ ...rest, option: gain.into as PackOption });
      case 'fridge':
      case 'freezer': {
        const store = gain.step;
        return () => onChoice({ ...choice, store });
      }
      case 'half-openings':
        return () => onChoice({ ...choice, openings_per_day: (choice.openings_per_day ?? 1) / 2 });
      case 'portions':
        return () => onChoice({ ...choice, openings_per_day: 0 });
      case 'cooler':
      case 'without-quick-fat':
        return null;
    }
  };
  const gains = (found?.answer.ok ? found.answer.value : []).filter(({ step }) => !advised.some((code) => code === step));
  const title = advised.length > 0 ? 'What else would buy days' : 'What would buy the most';
  return (
    <section aria-label={title} className="text-[14.5px]" aria-busy={!fresh}>
      <h3 className="text-[16px]">{title}</h3>
      {fresh && !found.answer.ok && <Alert>{found.answer.message}</Alert>}
      {fresh && found.answer.ok && gains.length === 0 && (
        <p className="text-soft">
          {advised.length > 0 ? 'Nothing much.' : 'Nothing much: it already keeps as long as a home estimate goes.'}
        </p>
      )}
      <ul className={fresh ? '' : 'opacity-60'}>
        {gains.slice(0, 6).map((gain) => {
          return <GainLine key={gain.step} gain={gain} act={fresh ? act(gain) : null} pantry={pantry} />;
        })}
      </ul>
    </section>
  );
}

function wordsFor({ step, into }: KeepGain, nameOfId: (id: string) => string): string {
  switch (step) {
    case 'heat-longer':
      return 'a while longer in the last heat (10 minutes; an hour in a freeze dryer)';
    case 'better-pack':
      return `${PACK_NAMES[into as PackOption].toLowerCase()} instead`;
    case 'cooler':
      return 'a place five degrees cooler';
    case 'fridge':
      return 'into the fridge';
    case 'freezer':
      return 'into the freezer';
    case 'half-openings':
      return 'opened half as often';
    case 'portions':
      return 'in portions: only the one in use is opened';
    case 'without-quick-fat':
      return `without the ${nameOfId(into ?? '').toLowerCase()}, whose fat goes rancid first`;
  }
}

type Steps = BatchDocument['heat']['steps'];
/** The last stretch that dries, drawn out as far as it was tried. */
function longer(steps: Steps): Steps {
  const last = steps.findLastIndex(({ do: kind }) => kind === 'hold' || kind === 'off' || kind === 'freeze-dry');
  return steps.map((step, i) =>
    i === last && 'minutes' in step ? { ...step, minutes: step.minutes + (step.do === 'freeze-dry' ? 60 : LONGER_MIN) } : step,
  );
}

type GainLineProps = { readonly gain: KeepGain; readonly act: (() => void) | null; readonly pantry: BenchProps['pantry'] };

function GainLine({ gain, act, pantry }: GainLineProps): ReactNode {
  return (
    <li className="flex items-center gap-3 border-t border-hair py-0.5 first:border-0">
      <strong className="w-24 text-keep">+ {counted(Math.floor(gain.gain_days), 'day')}</strong>
      <span className="flex-1">
        {wordsFor(gain, (id) => nameOf(pantry, id))}{' '}
        <span className="text-soft">
          {gain.days} likely, {gain.days_low} at least
        </span>
      </span>
      {act && (
        <Button look="small" aria-label={`Do it: ${wordsFor(gain, (id) => nameOf(pantry, id))}`} onClick={act}>
          Do it
        </Button>
      )}
    </li>
  );
}
