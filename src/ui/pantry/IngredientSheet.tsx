'use client';
import type { LotView, PantryItem } from '@/contract/pantry';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import { allergensOf, sharesOf } from '@/core/pantry';
import { day, mass, moneyPerMass, packMass } from '../format/units';
import { allergenWords } from '../format/words';
import { clockWords } from '../ingredients/IngredientRow';
import { Button } from '../kit/Button';
import { CautionShape } from '../kit/CautionMark';
import { OptionalNumber } from '../kit/OptionalNumber';
import { CompositionBar } from '../recipes/CompositionBar';
import { LotForm } from './LotForm';
import { ThrowAway } from '../bin/ThrowAway';
import { saveMerged } from '../kit/save-merged';

type IngredientSheetProps = { readonly item: PantryItem; readonly currency: string; readonly today: string };

/** One ingredient: what it is made of, how it behaves, what it costs, and the lots that are in the house. */
export function IngredientSheet({ item, currency, today }: IngredientSheetProps): ReactNode {
  const { row, lots } = item;
  return (
    <div className="flex flex-col gap-2.5">
      <h2 className="text-[20px] leading-tight">{row.name}</h2>
      {row.dogFlag !== 'ok' && (
        <p className="text-[14.5px]">
          <CautionShape severity={row.dogFlag === 'avoid' ? 'stop' : 'mind'} />{' '}
          <strong className={row.dogFlag === 'avoid' ? 'text-stop' : 'text-mind'}>
            {row.dogFlag === 'avoid' ? 'Stop' : 'Mind'}
          </strong>{' '}
          {row.dogReason}
        </p>
      )}
      <CompositionBar shares={sharesOf([{ ingredient: row, mass_g: 100 }])} />
      <dl className="text-[14px]">
        {factsOf(item).map(([name, text]) => (
          <div key={name} className="flex gap-3 border-t border-hair py-0.5">
            <dt className="w-20 shrink-0 text-soft">{name}</dt>
            <dd>{text}</dd>
          </div>
        ))}
      </dl>
      {row.uncertain && (
        <p className="text-[13.5px] text-soft">
          These numbers vary from batch to batch, or were estimated: bands are wider for it.
        </p>
      )}
      <PriceForm item={item} currency={currency} />
      {row.own === true && (
        <p>
          <ThrowAway look="small" words="Delete this ingredient" things={[{ kind: 'ingredient', id: row.id }]} />
        </p>
      )}
      <section aria-label="In the house">
        <h3 className="text-[16px]">In the house</h3>
        {lots.length === 0 && <p className="text-[14px] text-soft">Nothing noted.</p>}
        <ul>
          {lots.map((lot) => (
            <LotRow key={lot.id} lot={lot} today={today} />
          ))}
        </ul>
        <LotForm ingredient={row.id} wet={row.water > 40} today={today} currency={currency} />
      </section>
    </div>
  );
}

function PriceForm({ item, currency }: { readonly item: PantryItem; readonly currency: string }): ReactNode {
  const router = useRouter();
  const { row, price } = item;
  const [pack_g, setPack] = useState<number | null>(price?.pack_g ?? row.packs_g.find((size) => size > 0) ?? null);
  const [paid, setPaid] = useState<number | null>(price?.price ?? null);
  const [said, setSaid] = useState('');
  const save = async (): Promise<void> => {
    if (pack_g === null || !(pack_g > 0)) return setSaid('Say how much is in a pack.');
    const document = { ingredient: row.id, pack_g: price?.pack_g ?? pack_g, price: price?.price ?? null };
    const from = { revision: price?.revision ?? 0, document };
    const saved = await saveMerged({ route: '/api/pantry/price', from, to: { ...document, pack_g, price: paid } });
    setSaid(saved.ok ? 'noted' : saved.message);
    if (saved.ok) router.refresh();
  };
  return (
    <form
      className="flex flex-wrap items-center gap-2 text-[14.5px]"
      aria-label="Price"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <span className="text-soft">A pack of</span>
      <OptionalNumber label="Grams in a pack" unit="g" placeholder="–" max={100000} value={pack_g} onChange={setPack} />
      <span className="text-soft">really cost</span>
      <OptionalNumber label="Price of a pack" unit={currency} placeholder="–" max={10000} value={paid} onChange={setPaid} />
      <Button type="submit" look="small">
        Note it
      </Button>
      <span role="status" className="text-[13.5px] text-soft">
        {said || (price ? moneyPerMass((100 * price.price) / price.pack_g, currency) : '')}
      </span>
      {price && (
        <ThrowAway
          signOnly
          look="quiet"
          words={`Delete the price of ${row.name}`}
          things={[{ kind: 'price', id: row.id }]}
          onGone={() => {
            setPaid(null);
            setSaid('');
          }}
        />
      )}
    </form>
  );
}

function LotRow({ lot, today }: { readonly lot: LotView; readonly today: string }): ReactNode {
  const router = useRouter();
  const [left_g, setLeft] = useState<number | null>(lot.left_g);
  const [wrong, setWrong] = useState('');
  const past = lot.best_before !== null && lot.best_before < today;
  const save = async (left: number): Promise<void> => {
    const from = { revision: lot.revision, document: { left_g: lot.left_g } };
    const saved = await saveMerged({ route: `/api/pantry/lots/${lot.id}`, method: 'PATCH', from, to: { left_g: left } });
    setWrong(saved.ok ? '' : saved.message);
    if (saved.ok) router.refresh();
  };
  return (
    <li className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-hair py-1 text-[14px]">
      <OptionalNumber
        label={`Left of the lot of ${day(lot.got_on)}`}
        unit="g"
        placeholder="0"
        max={100000}
        value={left_g}
        onChange={setLeft}
      />
      {left_g !== lot.left_g && (
        <Button look="small" onClick={() => void save(left_g ?? 0)}>
          Note it
        </Button>
      )}
      <span className="min-w-0 flex-1">
        {lot.best_before ? (
          <span className={past ? 'font-semibold text-stop' : ''}>
            {past ? 'past its date, ' : 'best before '}
            {day(lot.best_before)}
          </span>
        ) : (
          'no date'
        )}
        {lot.water_pct !== null && ` · ${lot.water_pct} % water, weighed`}
        {lot.note && <span className="text-soft"> · {lot.note}</span>}
      </span>
      <Button look="quiet" onClick={() => void save(0)}>
        used up
      </Button>
      <ThrowAway signOnly look="quiet" words={`Delete the lot of ${day(lot.got_on)}`} things={[{ kind: 'lot', id: lot.id }]} />
      {wrong && (
        <span role="alert" className="text-stop">
          {wrong}
        </span>
      )}
    </li>
  );
}

function factsOf({ row, preparation }: PantryItem): ReadonlyArray<readonly [string, string]> {
  return [
    ['energy', `${row.kcal.toFixed(0)} kcal in 100 g`],
    ['salt', `${row.sodium_mg.toFixed(0)} mg sodium`],
    ['one weighs', row.countWeights.map(({ name, mass_g }) => `${name} ${packMass(mass_g)}`).join(', ') || '–'],
    [
      'packs',
      row.packs_g
        .filter((pack_g) => pack_g > 0)
        .map(packMass)
        .join(', ') || 'loose',
    ],
    [
      'binds',
      `${row.bindsNow_g_per_g.toFixed(2)} times its weight of water at once, ${row.bindsRested_g_per_g.toFixed(2)} after standing`,
    ],
    ['allergens', allergenWords(allergensOf(row)) || 'none named'],
    [
      'prepare',
      preparation
        ? `${preparation.verb}, ${preparation.minutes} min; ${mass(100)} ${preparation.from} give ${mass(100 * preparation.yield)}`
        : 'as it comes',
    ],
    ['once open', clockWords(row) || 'the date on its pack counts'],
  ];
}
