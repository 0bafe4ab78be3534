import { X } from 'lucide-react';
import type { ReactNode } from 'react';
import { PART_TIMES, type PartTime } from '@/core/catalogue';
import { RECIPE, type RecipePart } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import { mass } from '../../format/units';
import { ROLE_WORDS } from '../../format/words';
import { Button } from '../../kit/Button';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { TextField } from '../../kit/TextField';
import { limits } from '../../kit/limits';
import { FINISHES, roleName } from './change-parts';
import { AMOUNT_WAYS, amountBy, wayOf } from './part-amount';

const FIELDS = RECIPE.fields.parts.of.fields;
const TIMES: Record<PartTime, string> = { before: 'before the heat', during: 'during the heat', after: 'after the heat' };
const UNITS = { grams: 'g', grams_per_piece: 'g', share_of_dough_pct: '%', thickness_mm: 'mm', coats: '' } as const;

type PartHeadProps = {
  readonly part: RecipePart;
  /** What was worked out of it; null until there is something. */
  readonly told: Prediction['parts'][number] | null;
  readonly pieces: number;
  readonly onPart: (next: RecipePart) => void;
  readonly onRemove: () => void;
};

/** A part of the treat over its lines: what it does, how much of it ends on the pieces, and when. */
export function PartHead({ part, told, pieces, onPart, onRemove }: PartHeadProps): ReactNode {
  if (part.role === 'dough')
    return (
      <TextField label="Name of this dough" value={part.name} needed look="name" onChange={(name) => onPart({ ...part, name })} />
    );
  const when = part.when ?? 'usual';
  return (
    <span className="flex flex-wrap items-center gap-x-3 gap-y-1 text-[14px] font-normal">
      <TextField label="Name of this part" value={part.name} needed look="name" onChange={(name) => onPart({ ...part, name })} />
      <Choice
        label={`What the ${part.name} does`}
        shown={false}
        value={part.role}
        options={FINISHES.map((value) => ({ value, name: `${roleName(value).toLowerCase()}, ${ROLE_WORDS[value]}` }))}
        onChange={(role) => onPart({ ...part, role })}
      />
      <Amount part={part} told={told} pieces={pieces} onPart={onPart} />
      <Choice
        label={`When the ${part.name} goes on`}
        shown={false}
        value={when}
        options={[
          { value: 'usual', name: told?.when ? `${TIMES[told.when]}, as usual` : 'as usual' },
          ...PART_TIMES.map((value) => ({ value, name: TIMES[value] })),
        ]}
        onChange={(next) => {
          const { when: _old, ...rest } = part;
          onPart(next === 'usual' ? rest : { ...rest, when: next });
        }}
      />
      <span className="flex-1" />
      <span className="text-soft">{told && partWords(told)}</span>
      <Button look="quiet" aria-label={`Take the ${part.name} out`} title="Take this part and its lines out" onClick={onRemove}>
        <X aria-hidden size={16} />
      </Button>
    </span>
  );
}

/** "8 g on all, 0.24 g each; 46 g left over". */
function partWords({ on_treat_g, per_piece_g, left_g }: Prediction['parts'][number]): string {
  if (on_treat_g === 0) return 'nothing of it yet';
  return `${mass(on_treat_g)} on all, ${mass(per_piece_g, per_piece_g < 10 ? 2 : 0)} each${left_g > 0.5 ? `; ${mass(left_g)} left over` : ''}`;
}

type AmountProps = Pick<PartHeadProps, 'part' | 'told' | 'pieces' | 'onPart'>;

function Amount({ part, told, pieces, onPart }: AmountProps): ReactNode {
  const way = wayOf(part);
  const now = told && { grams: told.on_treat_g, grams_per_piece: told.on_treat_g / pieces, thickness_mm: told.thickness_mm ?? 0 };
  return (
    <>
      <Choice
        label={`How much ${part.name}`}
        shown={false}
        value={way}
        options={AMOUNT_WAYS}
        onChange={(next) =>
          onPart(
            amountBy(
              part,
              next,
              now && (next === 'grams' || next === 'grams_per_piece' || next === 'thickness_mm') ? now[next] : undefined,
            ),
          )
        }
      />
      {way !== 'usual' && (
        <NumberField
          label={`Amount of ${part.name}`}
          shown={false}
          unit={UNITS[way]}
          value={part[way] ?? 0}
          {...limits(FIELDS[way])}
          width="w-10"
          onChange={(value) => onPart({ ...part, [way]: value })}
        />
      )}
    </>
  );
}
