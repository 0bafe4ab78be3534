'use client';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { ownIngredient, type OwnComposition } from '@/core/pantry';
import { Button } from '../kit/Button';
import { Modal } from '../kit/Modal';
import { OptionalNumber } from '../kit/OptionalNumber';
import { call } from '../kit/api';

type Key = Exclude<keyof OwnComposition, 'allergen'>;
type PanelValues = { readonly [K in Key]?: number | undefined };
const FIELDS: ReadonlyArray<{
  readonly key: Key;
  readonly name: string;
  readonly unit: string;
  readonly max: number;
  readonly needed: boolean;
}> = [
  { key: 'water', name: 'Water', unit: 'g', max: 100, needed: false },
  { key: 'protein', name: 'Protein', unit: 'g', max: 100, needed: true },
  { key: 'fat', name: 'Fat', unit: 'g', max: 100, needed: true },
  { key: 'carbohydrate', name: 'Carbohydrate, with fibre', unit: 'g', max: 100, needed: true },
  { key: 'sugars', name: 'of which sugars', unit: 'g', max: 100, needed: false },
  { key: 'fibre', name: 'of which fibre', unit: 'g', max: 100, needed: false },
  { key: 'ash', name: 'Ash (minerals)', unit: 'g', max: 100, needed: false },
  { key: 'sodium_mg', name: 'Sodium', unit: 'mg', max: 40000, needed: false },
  { key: 'density_g_per_ml', name: 'A millilitre weighs', unit: 'g', max: 3, needed: false },
];

type OwnIngredientFormProps = {
  readonly open: boolean;
  /** Name to begin with. */
  readonly first?: string;
  readonly onClose: (saved: boolean) => void;
};

/** An ingredient from the panel of its packet; sums that make no sense are told once they are entered. */
export function OwnIngredientForm({ open, first = '', onClose }: OwnIngredientFormProps): ReactNode {
  const router = useRouter();
  const [name, setName] = useState(first);
  const [allergen, setAllergen] = useState('');
  const [pack_g, setPack] = useState<number | null>(null);
  const [panel, setPanel] = useState<PanelValues>({});
  const [wrong, setWrong] = useState('');
  const composition = compositionOf(panel, allergen);
  const checked = composition && name.trim() !== '' ? ownIngredient(name.trim(), composition) : null;
  const save = async (): Promise<void> => {
    if (!composition) return setWrong('Protein, fat and carbohydrate are on every packet: fill them in.');
    const saved = await call('/api/pantry/own', {
      body: { name: name.trim(), composition, ...(pack_g === null ? {} : { pack_g }) },
    });
    if (!saved.ok) return setWrong(saved.message);
    onClose(true);
    router.refresh();
  };
  return (
    <Modal open={open} onClose={() => onClose(false)} title="An ingredient from its packet" width="max-w-xl">
      <p className="pb-2 text-[14px] text-soft">
        Per 100 g as used. Water is rarely printed: leave it out, and it is what is missing to 100.
      </p>
      <label className="flex items-center gap-2 pb-2">
        <span className="text-soft">Name</span>
        <input
          value={name}
          maxLength={120}
          onChange={({ target }) => setName(target.value)}
          className="flex-1 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5 font-semibold"
        />
      </label>
      <Packet {...{ panel, pack_g, allergen }} onPanel={setPanel} onPack={setPack} onAllergen={setAllergen} />
      <Verdict checked={checked} wrong={wrong} />
      <p className="flex justify-end gap-2">
        <Button onClick={() => onClose(false)}>Leave it</Button>
        <Button look="main" disabled={checked !== null && !checked.ok} onClick={() => void save()}>
          Put it on the shelf
        </Button>
      </p>
    </Modal>
  );
}

/** Usual minerals of a dry food, where a packet is silent [g per 100 g]. Source: ours, middle of the table's flours. */
const USUAL_ASH = 1.5;

/** The panel as a composition; what is missing to 100 is water. Null until the three that every packet has are there. */
function compositionOf(panel: PanelValues, allergen: string): OwnComposition | null {
  const { protein, fat, carbohydrate } = panel;
  if (protein === undefined || fat === undefined || carbohydrate === undefined) return null;
  const water = panel.water ?? Math.max(0, Math.round((100 - protein - fat - carbohydrate - (panel.ash ?? USUAL_ASH)) * 10) / 10);
  const rest = Object.fromEntries(Object.entries(panel).filter(([, value]) => value !== undefined));
  return { ...rest, water, protein, fat, carbohydrate, ...(allergen.trim() === '' ? {} : { allergen: allergen.trim() }) };
}

type PacketProps = {
  readonly panel: PanelValues;
  readonly onPanel: (panel: PanelValues) => void;
  readonly pack_g: number | null;
  readonly onPack: (pack_g: number | null) => void;
  readonly allergen: string;
  readonly onAllergen: (allergen: string) => void;
};

/** What its packet says of it. */
function Packet({ panel, onPanel, pack_g, onPack, allergen, onAllergen }: PacketProps): ReactNode {
  return (
    <div className="grid grid-cols-2 gap-x-5 gap-y-1.5 text-[14.5px]">
      {FIELDS.map(({ key, name: field, unit, max, needed }) => (
        <span key={key} className="flex items-center justify-between gap-2">
          <span className={needed ? 'font-semibold' : 'text-soft'}>{field}</span>
          <OptionalNumber
            fixed
            label={field}
            unit={unit}
            placeholder="–"
            max={max}
            value={panel[key] ?? null}
            onChange={(value) => onPanel({ ...panel, [key]: value ?? undefined })}
          />
        </span>
      ))}
      <span className="flex items-center justify-between gap-2">
        <span className="text-soft">A pack holds</span>
        <OptionalNumber label="A pack holds" unit="g" placeholder="–" max={100000} value={pack_g} onChange={onPack} />
      </span>
      <label className="flex items-center justify-between gap-2">
        <span className="text-soft">Allergens</span>
        <input
          value={allergen}
          maxLength={120}
          placeholder="none, or wheat"
          onChange={({ target }) => onAllergen(target.value)}
          className="w-36 rounded-[10px] border-[1.4px] border-rim/55 bg-face px-2 py-0.5"
        />
      </label>
    </div>
  );
}

type VerdictProps = { readonly checked: ReturnType<typeof ownIngredient> | null; readonly wrong: string };

/** Whether its sums make sense. */
function Verdict({ checked, wrong }: VerdictProps): ReactNode {
  return (
    <p role="status" className="min-h-10 pt-2 text-[14px]">
      {checked && !checked.ok && <span className="text-stop">{checked.message}</span>}
      {checked?.ok && (
        <span className="text-soft">
          The sums make sense: {checked.value.water.toFixed(1)} % water, {checked.value.kcal.toFixed(0)} kcal. The list of dangers
          does not know it: ask your vet.
        </span>
      )}
      {wrong && <span className="block text-stop">{wrong}</span>}
    </p>
  );
}
