import { useEffect, useState, type ReactNode } from 'react';
import { applianceRecord, isChamber, type Appliance } from '@/core/catalogue';
import type { BatchDocument, Heat } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Prediction } from '@/core/prediction';
import { duration, temperature } from '../../format/units';
import { Button } from '../../kit/Button';
import { nameOf, type BenchProps } from '../bench-props';

type Raw = NonNullable<Prediction['heat']['raw']>;
type RawLineProps = Pick<BenchProps, 'document' | 'edits' | 'questions' | 'pantry' | 'appliances'> & { readonly raw: Raw | null };

/** The credit of wet heat above which nobody counts [log10]. */
const COUNTS_TO = 20;

/** What raw meat, fish or egg calls for and whether it gets it: one verdict, and the button that mends it. Nothing here says "safe". */
export function RawLine({ raw, document, edits, questions, pantry, appliances }: RawLineProps): ReactNode {
  const [looking, setLooking] = useState(false);
  const [found, setFound] = useState<{ of: BatchDocument; answer: Result<Heat | null> } | null>(null);
  // What is changed meanwhile is looked at instead: an answer to what stood there before would undo it.
  useEffect(() => {
    if (!looking) return;
    let left = false;
    void questions.heatedThrough(document, ovenOf(appliances)).then((answer) => {
      if (left) return;
      setLooking(false);
      setFound(answer && { of: document, answer });
      if (answer?.ok && answer.value) edits.set(['heat'], answer.value);
    });
    return () => void (left = true);
  }, [looking, document, questions, appliances, edits]);
  if (!raw) return null;
  const { warm_wet_minutes, kill_step } = raw;
  const isLow = kill_step !== 'while-wet';
  return (
    <div
      className={`flex flex-wrap items-center gap-x-3 rounded-2xl border-[1.4px] px-3 py-0.5 text-[13.5px] ${isLow ? 'border-mind bg-enamel' : 'border-moss bg-moss-pale/50'}`}
      data-raw
    >
      <p className="flex-1 basis-72">
        <strong>Raw {raw.ingredients.map((id) => nameOf(pantry, id).split(',')[0].toLowerCase()).join(', ')}:</strong>{' '}
        {verdictWords(raw)}
        {` · ${duration(warm_wet_minutes)} warm and wet`}. An estimate: probe the thickest.
        {isLow && found?.of === document && ` ${mendingWords(found.answer)}`}
      </p>
      {isLow && (
        <Button look="small" disabled={looking} onClick={() => setLooking(true)}>
          {looking ? 'Looking …' : 'Heat it through first'}
        </Button>
      )}
    </div>
  );
}

/** What came of the search for a heat that lifts it; nothing where it was found, since the line above changes then. */
function mendingWords(answer: Result<Heat | null>): string {
  if (!answer.ok) return answer.message;
  return answer.value ? '' : `Up to an hour at ${temperature(160)} first does not lift it: make the pieces thinner.`;
}

/** The heat of the middle comes first; credit is told only where that heat was reached. */
function verdictWords({ needs_c, reached_minute, needs_log10, kill_log10, kill_step }: Raw): string {
  if (reached_minute === null) {
    const after = kill_step === 'after-drying' ? ', and is heated only after drying' : '';
    return `not hot enough while it is wet: the middle never reaches ${temperature(needs_c)}${after}`;
  }
  const reached = `the middle is at ${temperature(needs_c)} after ${duration(reached_minute)}`;
  const credit =
    needs_log10 > 0
      ? `, ${kill_log10 >= COUNTS_TO ? `over ${COUNTS_TO}` : kill_log10.toFixed(1)} of ${needs_log10} log steps credited`
      : '';
  if (kill_step === 'while-wet') return `cooked while it is wet: ${reached}${credit}`;
  return `too dry by then to count: ${reached}${credit}`;
}

/** The first of the kitchen's ovens; the usual one where none is known. */
function ovenOf(appliances: BenchProps['appliances']): Appliance {
  const oven = appliances.find(
    ({ appliance: { kind = 'static-oven' } }) =>
      isChamber(kind) && applianceRecord(kind).takesTrays && !applianceRecord(kind).drier,
  );
  return oven?.appliance ?? { kind: 'static-oven' };
}
