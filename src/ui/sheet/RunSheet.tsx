'use client';
import Link from 'next/link';
import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Prediction } from '@/core/prediction';
import type { Ingredient, Pantry } from '@/core/pantry';
import { BOWL_PARTS, bowlOrder } from '../batch/weigh/bowl';
import { METHOD_WORDS } from '../batch/shape/method-words';
import { useDial } from '../batch/heat/use-dial';
import { day, duration, mass, moistureRange, range, span } from '../format/units';
import { ENDS, FEEL_NAMES, PACK_NAMES, STORE_NAMES } from '../format/words';
import { Button, buttonClass } from '../kit/Button';
import { CautionLine } from '../kit/CautionMark';
import { workSteps } from './work-steps';

type RunSheetProps = {
  readonly id: string;
  readonly kitchen: string;
  readonly name: string;
  readonly baked_on: string | null;
  readonly document: BatchDocument;
  readonly prediction: Prediction;
  readonly rows: readonly Ingredient[];
};

type Step = Prediction['cautions'][number]['step'];

/** The whole batch on paper: weigh, mix, shape, heat, pack, with each caution where it matters. */
export function RunSheet({ id, kitchen, name, baked_on, document, prediction, rows }: RunSheetProps): ReactNode {
  const pantry = new Map(rows.map((row) => [row.id, row]));
  return (
    <main className="mx-auto max-w-[820px] px-6 py-4 text-[14.5px] print:max-w-none print:p-0 print:text-[11pt]">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b-[1.6px] border-rim pb-2">
        <h1 className="text-[25px]">{name}</h1>
        <p className="text-soft">
          {kitchen}
          {baked_on && ` · baked ${day(baked_on)}`}
        </p>
        <span className="flex-1" />
        <Button look="main" className="print:hidden" onClick={() => window.print()}>
          Print
        </Button>
        <Link className={`${buttonClass()} print:hidden`} href={`/batch/${id}`}>
          Back to the batch
        </Link>
      </header>
      {prediction.blocked_by.length > 0 && (
        <p role="alert" className="mt-2 rounded-xl border-[1.6px] border-stop px-3 py-1.5 text-stop">
          A stop stands: neither label nor feed this batch until it is mended.
        </p>
      )}
      <Weigh dough={prediction.dough} pantry={pantry} />
      <Mix document={document} prediction={prediction} pantry={pantry} />
      <Shape document={document} prediction={prediction} />
      <Heat document={document} prediction={prediction} />
      <CoolAndPack prediction={prediction} />
      <Part title="Feed" what={`${prediction.feeding.kcal_per_piece.toFixed(1)} kcal a piece`}>
        <Cautions prediction={prediction} steps={['feed']} />
      </Part>
      <p className="pt-2 text-[12.5px] text-soft">
        Predictions, not tests; bands hold four of five batches. Ask your vet; check your local feed rules; mind the machine’s
        manual.
      </p>
    </main>
  );
}

const clock = (minute: number): string => (minute === 0 ? 'start' : `+ ${duration(minute)}`);

function Part({
  title,
  what,
  children,
}: {
  readonly title: string;
  readonly what: string;
  readonly children: ReactNode;
}): ReactNode {
  return (
    <section className="break-inside-avoid border-b border-hair py-2">
      <h2 className="text-[17px]">
        {title} <span className="font-text text-[14px] font-normal text-soft">{what}</span>
      </h2>
      {children}
    </section>
  );
}

function Cautions({ prediction, steps }: { readonly prediction: Prediction; readonly steps: readonly Step[] }): ReactNode {
  const mine = prediction.cautions.filter(({ step }) => steps.includes(step));
  return mine.map((caution) => <CautionLine key={caution.code} caution={caution} />);
}

type WeighProps = { readonly dough: Prediction['dough']; readonly pantry: Pantry };

function Weigh({ dough, pantry }: WeighProps): ReactNode {
  return (
    <Part title="Weigh" what={`${mass(dough.mass_g)} of dough, ${dough.water_pct.toFixed(0)} % water`}>
      <ul className="columns-2 gap-8 max-sm:columns-1">
        {dough.ingredients.map(({ ingredient, planned_g }, i) => (
          <li key={i} className="flex justify-between gap-3 border-b border-hair py-0.5">
            <span>
              <span aria-hidden className="mr-2 inline-block size-3 rounded-sm border border-rim align-middle" />
              {pantry.get(ingredient)?.name ?? ingredient}
            </span>
            <strong className="whitespace-nowrap">{mass(planned_g)}</strong>
          </li>
        ))}
      </ul>
    </Part>
  );
}

type MixProps = { readonly document: BatchDocument; readonly prediction: Prediction; readonly pantry: Pantry };

function Mix({ document, prediction, pantry }: MixProps): ReactNode {
  const { dough } = prediction;
  const order = bowlOrder(document, pantry);
  return (
    <Part title="Mix" what={`shall feel ${(FEEL_NAMES[dough.feel] ?? dough.feel).toLowerCase()}`}>
      <ol className="list-decimal pl-5">
        {order.map(({ part, lines }) => (
          <li key={part}>
            <strong>{BOWL_PARTS.find((known) => known.part === part)?.name}:</strong>{' '}
            {lines
              .map((line) => document.recipe.ingredients[line].ingredient)
              .map((ingredient) => (pantry.get(ingredient)?.name ?? ingredient).toLowerCase())
              .join(', ')}
          </li>
        ))}
        {(document.recipe.rest_minutes ?? 0) > 0 && <li>Let it stand {duration(document.recipe.rest_minutes ?? 0)}.</li>}
      </ol>
      <Cautions prediction={prediction} steps={['mix']} />
    </Part>
  );
}

type ShapeProps = { readonly document: BatchDocument; readonly prediction: Prediction };

function Shape({ document, prediction }: ShapeProps): ReactNode {
  const { yield: out } = prediction;
  const method = METHOD_WORDS.find(({ value }) => value === document.shape.method)?.name;
  return (
    <Part title="Shape" what={method ?? ''}>
      <p>
        <strong>{out.pieces} pieces</strong> ({out.pieces_low} – {out.pieces_high}) of {out.piece_raw_g.toFixed(1)} g raw,{' '}
        {out.piece_thickness_mm.toFixed(1)} mm thick, on {out.trays} {out.trays === 1 ? 'tray' : 'trays'}
        {out.rerolls > 0 && `, ${out.rerolls} re-rolls`}.
      </p>
      <Cautions prediction={prediction} steps={['shape']} />
    </Part>
  );
}

type HeatProps = { readonly document: BatchDocument; readonly prediction: Prediction };

function Heat({ document, prediction }: HeatProps): ReactNode {
  const { heat, outcome } = prediction;
  const [dial] = useDial();
  return (
    <Part
      title="Heat"
      what={`${duration(heat.minutes)}${heat.loads > 1 ? `, ${heat.loads} loads, ${duration(heat.all_loads_minutes)} together` : ''}`}
    >
      <table className="w-full">
        <tbody>
          {workSteps(document.heat, dial).map(({ minute, act, then }, i) => (
            <tr key={i} className="border-b border-hair">
              <td className="w-28 py-0.5 pr-3 font-semibold whitespace-nowrap">{clock(minute)}</td>
              <td>
                {act} <span className="text-soft">{then}</span>
              </td>
              <td className="w-24 border-l border-hair" />
            </tr>
          ))}
          <tr>
            <td className="py-0.5 font-semibold">{clock(heat.minutes)}</td>
            <td>
              out; Snap {outcome.snap.toFixed(1)} ({range(outcome.snap_low, outcome.snap_high, 1)}), water{' '}
              {moistureRange(outcome.moisture_pct_low, outcome.moisture_pct_high)}, {heat.colour}
              {outcome.soft_while_hot && '; still soft while hot, judge one cold'}
            </td>
            <td className="border-l border-hair" />
          </tr>
        </tbody>
      </table>
      <Cautions prediction={prediction} steps={['heat']} />
    </Part>
  );
}

type CoolAndPackProps = { readonly prediction: Prediction };

function CoolAndPack({ prediction }: CoolAndPackProps): ReactNode {
  const { heat, keeps } = prediction;
  return (
    <Part title="Cool and pack" what={`cold after about ${duration(heat.cooling_minutes)} on a rack`}>
      <ul>
        {keeps.map((one, i) => (
          <li key={i}>
            <strong>
              {one.packs} × {PACK_NAMES[one.option].toLowerCase()}
            </strong>{' '}
            {STORE_NAMES[one.store]}: {one.pieces_per_pack} pieces, {mass(one.net_g)}; {span(one.days)} {ENDS[one.limit]}, at
            least {one.days_low} days
            {one.left_over > 0 && `; ${one.left_over} in the last one`}
          </li>
        ))}
      </ul>
      <Cautions prediction={prediction} steps={['pack', 'keep']} />
    </Part>
  );
}
