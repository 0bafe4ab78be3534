'use client';
import { Link } from '../../kit/Link';
import type { ReactNode } from 'react';
import { costReport, type CostReport } from '@/core/outcomes';
import { COST_PARTS, breakEven, priceForMargin, type CostPart } from '@/core/costing';
import { duration, massBase, per100g, perMass, perMassWord } from '../../format/units';
import { money } from '../../format/money';
import { PACK_NAMES } from '../../format/words';
import { Button } from '../../kit/Button';
import { Modal } from '../../kit/Modal';
import { ShareBar } from '../../kit/ShareBar';
import { OptionalNumber } from '../../kit/OptionalNumber';
import type { BenchProps } from '../bench-props';
import { ComparedWith } from './ComparedWith';
import { PART_NAMES } from './difference-words';
import { WORTH, type BatchDocument } from '@/core/document';

const MISSING_WORDS: Record<CostReport['missing'][number], string> = {
  ingredients: 'some ingredients have no price (Pantry)',
  energy: 'a kilowatt hour has no price (Kit)',
  packs: 'this pack has no price (Kit)',
  labour: 'an hour of work has no price (Kit)',
};

/** What goes in is the dough's colour, what heats it the heat's, hands the darkest. */
const PART_LOOKS: Record<CostPart, string> = {
  ingredients: 'bg-dough',
  energy: 'bg-heat',
  packs: 'bg-keep/70',
  labels: 'bg-keep/40',
  equipment: 'bg-soft/60',
  overhead: 'bg-soft/30',
  labour: 'bg-water',
};

type Wish = NonNullable<BatchDocument['worth']>;
type WorthDialogProps = BenchProps & { readonly pack: number; readonly onClose: () => void };

/** What the batch costs, part by part; against a bought treat, and at what price it leaves something. */
export function WorthDialog(props: WorthDialogProps): ReactNode {
  const { document, edits, nominal, costs, pack, onClose } = props;
  const worth = costReport(document, nominal.prediction, costs, pack);
  const currency = nominal.prediction.cost?.currency ?? 'GBP';
  const wish: Wish = document.worth ?? {};
  // From what stands there now: two answers typed in a row must not undo each other.
  const set = (key: keyof Wish, value: number | null): void =>
    edits.change<Wish | undefined>(['worth'], (now) => {
      const { [key]: _old, ...rest } = now ?? {};
      return value === null ? rest : { ...rest, [key]: value };
    });
  return (
    <Modal open onClose={onClose} title="What it costs" width="max-w-3xl">
      {worth ? (
        <>
          <Parts worth={worth} currency={currency} packName={PACK_NAMES[nominal.prediction.keeps[pack].option].toLowerCase()} />
          <WishFields {...{ wish, currency, set }} minutes={worth.facts.minutes} />
          <Answers worth={worth} props={props} currency={currency} />
          <ComparedWith {...props} worth={worth} currency={currency} />
        </>
      ) : (
        <p>
          No ingredient has a price yet.{' '}
          <Link className="underline" href="/pantry">
            Enter some in the pantry
          </Link>
          , and the sum stands here.
        </p>
      )}
      <div className="flex justify-end">
        <Button onClick={onClose}>Close</Button>
      </div>
    </Modal>
  );
}

function Parts({
  worth,
  currency,
  packName,
}: {
  readonly worth: CostReport;
  readonly currency: string;
  readonly packName: string;
}): ReactNode {
  const { missing, lost } = worth;
  return (
    <div className="grid gap-x-5 gap-y-3 sm:grid-cols-[1fr_auto]">
      <div className="sm:col-span-2">
        <ShareBar
          label="What the batch costs"
          named={Infinity}
          shares={COST_PARTS.filter((part) => worth.parts[part] > 0).map((part) => ({
            name: PART_NAMES[part],
            value: worth.parts[part],
            says: `${money(worth.parts[part], currency)}, ${((100 * worth.parts[part]) / worth.total).toFixed(0)} %`,
            look: PART_LOOKS[part],
          }))}
        />
      </div>
      <PartsTable worth={worth} currency={currency} />
      <PerTable worth={worth} currency={currency} packName={packName} />
      <p className="text-[13.5px] text-soft sm:col-span-2" data-cost="lost">
        Of these pieces {(100 * lost.share).toFixed(1)} % are reckoned never to be eaten or sold
        {lost.batches > 0
          ? `, from ${lost.batches === 1 ? 'one count' : `${lost.batches} counts`} of this kitchen.`
          : ', as is usual.'}
      </p>
      {missing.length > 0 && (
        <p className="text-[13.5px] text-mind sm:col-span-2">
          Too low, since {missing.map((one) => MISSING_WORDS[one]).join('; ')}.
        </p>
      )}
    </div>
  );
}

function Answers({
  worth,
  props,
  currency,
}: {
  readonly worth: CostReport;
  readonly props: BenchProps;
  readonly currency: string;
}): ReactNode {
  const { document, nominal, costs } = props;
  const { bought_per_100g, margin_pct } = document.worth ?? {};
  const out = nominal.prediction.yield;
  const machines = (costs.equipment ?? []).reduce((sum, { price }) => sum + price, 0);
  const against =
    bought_per_100g === undefined
      ? null
      : breakEven(worth.per.hundred_g.withoutLabour, bought_per_100g, out.pieces * out.piece_final_g, machines);
  const withWork =
    bought_per_100g === undefined
      ? null
      : breakEven(worth.per.hundred_g.total, bought_per_100g, out.pieces * out.piece_final_g, machines);
  if (!against && margin_pct === undefined) return null;
  return (
    <div className="rounded-2xl border border-hair bg-enamel px-4 py-2 text-[14.5px]">
      {margin_pct !== undefined && (
        <p>
          For {margin_pct} % to be left, a pack sells at{' '}
          <strong>{money(priceForMargin(worth.per.pack.total, margin_pct), currency)}</strong>, {massBase()} at{' '}
          {money(perMass(priceForMargin(worth.per.hundred_g.total, margin_pct)), currency)}.
        </p>
      )}
      {against && withWork && (
        <p>
          Against bought ones this batch {against.saves_per_batch >= 0 ? 'saves' : 'costs'}{' '}
          <strong>{money(Math.abs(against.saves_per_batch), currency)}</strong>
          {against.saves_per_batch < 0 && ' more'} if your time is free, {withWork.saves_per_batch >= 0 ? 'saves' : 'costs'}{' '}
          {money(Math.abs(withWork.saves_per_batch), currency)}
          {withWork.saves_per_batch < 0 && ' more'} if it is not.
          {machines > 0 &&
            Number.isFinite(against.batches) &&
            ` The machines have paid for themselves after ${against.batches} such batches.`}
        </p>
      )}
    </div>
  );
}

type PartsTableProps = { readonly worth: CostReport; readonly currency: string };

function PartsTable({ worth, currency }: PartsTableProps): ReactNode {
  const { parts, total, facts, minutesAreGuessed } = worth;
  return (
    <table className="self-start text-[14.5px]">
      <caption className="sr-only">Parts of the cost</caption>
      <tbody>
        {COST_PARTS.filter((part) => parts[part] > 0).map((part) => (
          <tr key={part} className="border-t border-hair first:border-0">
            <th scope="row" className="py-0.5 pr-3 text-left font-normal">
              <span aria-hidden className={`mr-2 inline-block size-2.5 rounded-[3px] ${PART_LOOKS[part]}`} />
              {PART_NAMES[part]}
              <span className="text-[13px] text-soft">
                {part === 'energy' && ` ${facts.energy_kwh.toFixed(1)} kWh`}
                {part === 'packs' && ` ${facts.packs}`}
                {part === 'labour' && ` ${duration(facts.minutes)}${minutesAreGuessed ? ', guessed' : ''}`}
              </span>
            </th>
            <td className="pl-3 text-right text-soft">{((100 * parts[part]) / total).toFixed(0)} %</td>
            <td className="pl-3 text-right font-semibold">{money(parts[part], currency)}</td>
          </tr>
        ))}
        <tr className="border-t-[1.6px] border-rim">
          <th scope="row" className="py-0.5 text-left">
            the batch
          </th>
          <td />
          <td className="pl-3 text-right font-display text-[18px] font-semibold" data-cost="total">
            {money(total, currency)}
          </td>
        </tr>
      </tbody>
    </table>
  );
}

type PerTableProps = { readonly worth: CostReport; readonly currency: string; readonly packName: string };

function PerTable({ worth, currency, packName }: PerTableProps): ReactNode {
  const { per } = worth;
  const rows = [
    ['a piece', per.piece],
    [massBase(), per.hundred_g],
    [`a ${packName}`, per.pack],
  ] as const;
  return (
    <table className="self-start text-[14.5px]">
      <thead>
        <tr className="text-[13px] text-soft">
          <td />
          <th className="px-3 text-right font-normal">without work</th>
          <th className="text-right font-normal">with it</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([name, { total: all, withoutLabour }]) => (
          <tr key={name} className="border-t border-hair">
            <th scope="row" className="py-0.5 text-left font-normal">
              {name}
            </th>
            <td className="px-3 text-right font-semibold">{money(withoutLabour, currency)}</td>
            <td className="text-right">{money(all, currency)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

type WishFieldsProps = {
  readonly wish: Wish;
  readonly minutes: number;
  readonly currency: string;
  readonly set: (key: keyof Wish, value: number | null) => void;
};

function WishFields({ wish, minutes, currency, set }: WishFieldsProps): ReactNode {
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-2 text-[14.5px]">
      <span className="text-soft">work takes</span>
      <OptionalNumber
        label="Minutes of work"
        unit="min"
        value={wish.minutes ?? null}
        placeholder={`~ ${Math.round(minutes)}`}
        max={WORTH.fields.minutes.max}
        onChange={(value) => set('minutes', value)}
      />
      <span className="text-soft">a bought one costs</span>
      <OptionalNumber
        label="Price of a bought treat"
        unit={`${currency} ${perMassWord()}`}
        value={wish.bought_per_100g === undefined ? null : Number(perMass(wish.bought_per_100g).toFixed(2))}
        placeholder="?"
        max={perMass(WORTH.fields.bought_per_100g.max)}
        onChange={(value) => set('bought_per_100g', value === null ? null : Number(per100g(value).toFixed(4)))}
      />
      <span className="text-soft">should leave</span>
      <OptionalNumber
        label="Margin"
        unit="% of the price"
        value={wish.margin_pct ?? null}
        placeholder="?"
        max={WORTH.fields.margin_pct.max}
        onChange={(value) => set('margin_pct', value)}
      />
    </div>
  );
}
