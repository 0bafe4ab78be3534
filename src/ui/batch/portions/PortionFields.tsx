import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { BATCH, type BatchDocument, type Portion } from '@/core/document';
import { Button } from '../../kit/Button';
import { Check } from '../../kit/Check';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { TextField } from '../../kit/TextField';
import { limits } from '../../kit/limits';
import type { Edits } from '../use-batch';
import { renamed, withFinish, withoutPortion } from './change-portions';

const FIELDS = BATCH.fields.portions.of.fields;

type PortionFieldsProps = {
  readonly document: BatchDocument;
  readonly portion: Portion;
  readonly at: number;
  readonly edits: Edits;
};

/** Its name, how much of the bowl it takes, whether it is baked by itself, and what goes on it. */
export function PortionFields({ document, portion, at, edits }: PortionFieldsProps): ReactNode {
  const put = (next: Portion): void => edits.set(['portions', at], next);
  const change = (next: (whole: BatchDocument) => BatchDocument): void => edits.change<BatchDocument>([], next);
  const { recipe } = document;
  const finishes = (recipe.parts ?? []).filter(({ role }) => role !== 'dough');
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 text-[14.5px]">
      <TextField
        label="Name of this portion"
        value={portion.name}
        needed
        look="name"
        maxLength={FIELDS.name.max}
        onChange={(name) => change((whole) => renamed(whole, at, name))}
      />
      <Amount portion={portion} onPortion={put} />
      <Check
        checked={portion.heat !== undefined}
        title="Its own programme, on trays of its own"
        onChange={(own) => {
          const { heat: _shared, ...rest } = portion;
          put(own ? { ...rest, heat: document.heat } : rest);
        }}
      >
        baked by itself
      </Check>
      <RoundTheCake document={document} portion={portion} onPortion={put} />
      {finishes.map(({ name }) => (
        <Check
          key={name}
          checked={portion.parts === undefined || portion.parts.includes(name)}
          title={`Whether the ${name.toLowerCase()} goes on these`}
          onChange={(takes) => put(withFinish(portion, name, takes, finishes))}
        >
          {name.toLowerCase()}
        </Check>
      ))}
      <span className="flex-1" />
      <Button
        look="quiet"
        aria-label={`Take the portion ${portion.name} out`}
        title="Take this portion out"
        onClick={() => change((whole) => withoutPortion(whole, at))}
      >
        <X aria-hidden size={16} />
      </Button>
    </div>
  );
}

type RoundTheCakeProps = {
  readonly document: BatchDocument;
  readonly portion: Portion;
  readonly onPortion: (next: Portion) => void;
};

/** Whether these are set round the cake of another portion; offered where there is such a cake. */
function RoundTheCake({ document, portion, onPortion }: RoundTheCakeProps): ReactNode {
  const cakes = (document.portions ?? []).filter(({ name, shape = document.shape }) => {
    return name !== portion.name && shape.method === 'cake' && shape.border !== undefined;
  });
  if (cakes.length === 0 && portion.round === undefined) return null;
  const { round: _round, ...others } = portion;
  return (
    <Choice
      label="go"
      value={portion.round ?? ''}
      options={[
        { value: '', name: 'into packs' },
        ...cakes.map(({ name }) => ({ value: name, name: `round ${name}, the rest into packs` })),
      ]}
      onChange={(round) => onPortion(round === '' ? others : { ...others, round })}
    />
  );
}

type Way = 'share' | 'grams' | 'rest';
const WAYS = [
  { value: 'share', name: 'a share' },
  { value: 'grams', name: 'grams' },
  { value: 'rest', name: 'the rest' },
] as const;

/** How much of the bowl a portion takes. */
function Amount({ portion, onPortion }: { readonly portion: Portion; readonly onPortion: (next: Portion) => void }): ReactNode {
  const { share_pct, dough_g, rest: _rest, ...others } = portion;
  const way: Way = dough_g !== undefined ? 'grams' : share_pct !== undefined ? 'share' : 'rest';
  return (
    <>
      <Choice
        label="takes"
        value={way}
        options={WAYS}
        onChange={(next) => {
          if (next === 'rest') onPortion({ ...others, rest: true });
          else onPortion(next === 'grams' ? { ...others, dough_g: 200 } : { ...others, share_pct: 25 });
        }}
      />
      {share_pct !== undefined && (
        <NumberField
          label="Share of the bowl"
          shown={false}
          unit="%"
          value={share_pct}
          {...limits(FIELDS.share_pct)}
          width="w-9"
          onChange={(pct) => onPortion({ ...others, share_pct: pct })}
        />
      )}
      {dough_g !== undefined && (
        <NumberField
          label="Dough for this portion"
          shown={false}
          unit="g"
          value={dough_g}
          {...limits(FIELDS.dough_g)}
          width="w-12"
          onChange={(grams) => onPortion({ ...others, dough_g: grams })}
        />
      )}
    </>
  );
}
