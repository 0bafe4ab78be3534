import type { ReactNode } from 'react';
import { type PackChoice, PACK } from '@/core/catalogue';
import type { HousePack } from '@/core/outcomes';
import { CLOSURES, packOf, type Closure } from '@/core/keeping';
import { Choice } from '../../kit/Choice';
import { NumberField } from '../../kit/NumberField';
import { OptionalNumber } from '../../kit/OptionalNumber';
import { limits } from '../../kit/limits';
import { volume } from '../../format/units';

const CLOSURE_NAMES: Record<Closure, string> = {
  open: 'open',
  folded: 'folded over',
  zip: 'a zip',
  'press-lid': 'a press lid',
  'clip-ring': 'a clip and ring',
  'heat-seal': 'heat seal',
};
const CLOSED = (Object.keys(CLOSURES) as Closure[]).map((value) => ({ value, name: CLOSURE_NAMES[value] }));

type PackFieldsProps = {
  readonly choice: PackChoice;
  /** Sizes of its kind that are in the house. */
  readonly sizes: readonly HousePack[];
  readonly onChange: (choice: PackChoice) => void;
};

/** How one pack is filled, opened and closed, and what is known better of it than of its kind. */
export function PackFields({ choice, sizes, onChange }: PackFieldsProps): ReactNode {
  const pack = packOf(choice.option, choice.volume_ml, choice.own);
  const { pieces: _pieces, packs: _packs, ...uncounted } = choice;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-2 rounded-2xl border border-hair px-3 py-2 text-[14.5px]">
      <NumberField
        label="holds"
        unit="ml"
        value={pack.volume_ml}
        {...limits(PACK.fields.volume_ml)}
        width="w-12"
        onChange={(volume_ml) => onChange({ ...choice, volume_ml })}
      />
      <HouseSizes volume_ml={pack.volume_ml} sizes={sizes} onSize={(volume_ml) => onChange({ ...choice, volume_ml })} />
      <span className="inline-flex items-center gap-1.5">
        <span className="text-soft">filled with</span>
        <OptionalNumber
          label="Pieces in each pack"
          unit="pieces"
          value={choice.pieces ?? null}
          placeholder="all"
          max={PACK.fields.pieces.max}
          onChange={(pieces) => onChange(pieces === null || pieces < 1 ? uncounted : { ...choice, pieces: Math.round(pieces) })}
        />
      </span>
      {choice.pieces !== undefined && (
        <span className="inline-flex items-center gap-1.5">
          <span className="text-soft">only</span>
          <OptionalNumber
            label="Packs to fill first"
            unit="such packs"
            value={choice.packs ?? null}
            placeholder="all"
            max={PACK.fields.packs.max}
            onChange={(packs) =>
              onChange(packs === null ? { ...uncounted, pieces: choice.pieces ?? 1 } : { ...choice, packs: Math.round(packs) })
            }
          />
        </span>
      )}
      <NumberField
        label="opened"
        unit="times a day"
        value={choice.openings_per_day ?? PACK.fields.openings_per_day.default}
        {...limits(PACK.fields.openings_per_day)}
        width="w-7"
        onChange={(openings_per_day) => onChange({ ...choice, openings_per_day })}
      />
      <VeryPack choice={choice} onChange={onChange} />
    </div>
  );
}

type HouseSizesProps = {
  readonly volume_ml: number;
  readonly sizes: readonly HousePack[];
  readonly onSize: (volume_ml: number) => void;
};

/** Sizes that are in the house, to pick from. */
function HouseSizes({ volume_ml: now, sizes, onSize }: HouseSizesProps): ReactNode {
  if (sizes.length === 0) return null;
  return (
    <Choice
      label="Sizes in the house"
      shown={false}
      value={sizes.some(({ volume_ml }) => volume_ml === now) ? String(now) : ''}
      options={[
        { value: '', name: 'of the house …' },
        ...sizes.map(({ volume_ml, count }) => ({ value: String(volume_ml), name: `${volume(volume_ml)}, ${count} there` })),
      ]}
      onChange={(size) => size !== '' && onSize(Number(size))}
    />
  );
}

function usualClosure({ option }: PackChoice): Closure {
  const { open, sealed } = packOf(option);
  if (open) return 'open';
  if (sealed) return 'heat-seal';
  return (
    ({ 'paper-bag': 'folded', tin: 'press-lid', 'clip-jar': 'clip-ring' } as Partial<Record<typeof option, Closure>>)[option] ??
    'zip'
  );
}

type VeryPackProps = { readonly choice: PackChoice; readonly onChange: (choice: PackChoice) => void };

/** What a pack of one's own lets through. */
function VeryPack({ choice, onChange }: VeryPackProps): ReactNode {
  const pack = packOf(choice.option, choice.volume_ml, choice.own);
  const own = (next: NonNullable<PackChoice['own']>): void => onChange({ ...choice, own: { ...choice.own, ...next } });
  const closure = choice.own?.closure ?? usualClosure(choice);
  return (
    <details className="w-full">
      <summary className="text-[13.5px] text-soft">this very pack: its film, its surface, how it shuts</summary>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2 pt-2">
        <NumberField
          label="film lets through"
          unit="g/m² day kPa"
          value={pack.film}
          {...limits(PACK.fields.own.fields.film)}
          step={0.01}
          width="w-12"
          onChange={(film) => own({ film })}
        />
        <NumberField
          label="over"
          unit="cm²"
          value={Math.round(pack.area_m2 * 1e4)}
          {...limits(PACK.fields.own.fields.area_cm2)}
          width="w-12"
          onChange={(area_cm2) => own({ area_cm2 })}
        />
        <Choice label="shut by" value={closure} options={CLOSED} onChange={(next) => own({ closure: next })} />
        <label className="inline-flex cursor-pointer items-center gap-1.5">
          <input
            type="checkbox"
            className="size-4 accent-current"
            checked={pack.barrier}
            onChange={() => own({ barrier: !pack.barrier })}
          />
          keeps air out as foil does
        </label>
      </div>
    </details>
  );
}
