'use client';
import { useEffect, useState, type ReactNode } from 'react';
import type { BatchDocument, RecipeLine } from '@/core/document';
import type { Result } from '@/core/failure';
import type { Prediction } from '@/core/prediction';
import { costReport, type CostReport, type KitchenCosts } from '@/core/outcomes';
import { allergensIn, type Pantry, type SwapReason } from '@/core/pantry';
import type { TriedSwap } from '@/workers/prediction-protocol';
import { mass, massBase, span } from '../../format/units';
import { money } from '../../format/money';
import { feelName, allergenWords } from '../../format/words';
import { Alert } from '../../kit/Alert';
import { Button } from '../../kit/Button';
import { Modal } from '../../kit/Modal';
import { Table } from '../../kit/Table';
import { nameOf, type BenchProps } from '../bench-props';
import { linesOnTreats } from './bowl';

const REASONS: Readonly<Record<SwapReason, string>> = {
  'other-flour': 'another flour',
  'grain-free': 'grain-free',
  'no-egg': 'without egg',
  'other-puree': 'another puree',
  'no-dairy': 'without dairy',
  'no-lactose': 'hardly any lactose',
  'other-fat': 'another fat',
  'other-butter': 'another nut butter',
  'other-meat': 'other meat or fish',
  'not-for-dogs': 'instead of what is not for dogs',
};

type SwapDialogProps = Pick<BenchProps, 'document' | 'nominal' | 'pantry' | 'questions' | 'costs'> & {
  /** Line to swap; null while the dialog is shut. */
  readonly line: number | null;
  readonly onClose: () => void;
  readonly onSwap: (lines: readonly RecipeLine[]) => void;
};

/** What could stand in for an ingredient, each with what it changes all the way to the jar; nothing changes until one is taken. */
export function SwapDialog({ line, onClose, onSwap, document, nominal, pantry, questions, costs }: SwapDialogProps): ReactNode {
  const [tried, setTried] = useState<{ readonly line: number; readonly answer: Result<readonly TriedSwap[]> } | null>(null);
  useEffect(() => {
    if (line === null) return;
    let open = true;
    void questions.swaps(document, line).then((answer) => open && answer && setTried({ line, answer }));
    return () => {
      open = false;
    };
    // What is compared is the batch as it was when the dialog was opened.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [line, questions]);
  const answer = tried && tried.line === line ? tried.answer : null;
  const swaps = answer?.ok ? answer.value : null;
  const name = line === null ? '' : nameOf(pantry, document.recipe.ingredients[line]?.ingredient ?? '');
  const before = nominal.prediction;
  return (
    <Modal open={line !== null} onClose={onClose} title={`Swap ${name.toLowerCase()}`} width="max-w-5xl">
      <p className="pb-2 text-[14px] text-soft">
        Water and flour are corrected so that the dough handles as before. Take one and undo it if you like.
      </p>
      {answer === null && <p role="status">Working out the swaps …</p>}
      {answer?.ok === false && <Alert>{answer.message}</Alert>}
      {swaps?.length === 0 && <p>Nothing in the pantry stands in for it. Take it out, or add another ingredient.</p>}
      {swaps && swaps.length > 0 && (
        <div className="min-h-0 overflow-y-auto">
          <SwapTable {...{ name, swaps, document, before, pantry, costs, onSwap }} />
        </div>
      )}
      <p className="flex items-center justify-end gap-3 pt-3 text-[13.5px] text-soft">
        * without the ingredients that have no price
        <Button onClick={onClose}>Leave it as it is</Button>
      </p>
    </Modal>
  );
}

const correction = ({ ingredient, delta_g }: TriedSwap['corrections'][number], factor: number, pantry: Pantry): string =>
  `${delta_g > 0 ? '+' : '−'}${mass(Math.abs(delta_g * factor), 0)} ${nameOf(pantry, ingredient).toLowerCase()}`;

/** What 100 g cost to make, and with the work where an hour of it has a price. */
const pricesOf = ({ per: { hundred_g }, missing }: CostReport, currency: string): string =>
  [hundred_g.withoutLabour, ...(missing.includes('labour') ? [] : [hundred_g.total])]
    .map((price) => money(price, currency))
    .join(', ');

type SwapRowProps = {
  readonly name: string;
  readonly note: string;
  readonly prediction: Prediction;
  readonly worth: CostReport | null;
  readonly before: Prediction;
  readonly allergens: string;
  readonly allergensBefore: string;
  readonly onTake?: () => void;
};

/** One swap beside the dough as it is: what differs stands out. */
function SwapRow({ name, note, prediction, worth, before, allergens, allergensBefore, onTake }: SwapRowProps): ReactNode {
  const { dough, yield: out, outcome, keeps, cost, heat } = prediction;
  const cells: ReadonlyArray<readonly [string, boolean]> = [
    [feelName(dough.feel).toLowerCase(), dough.feel !== before.dough.feel],
    [String(out.pieces), out.pieces !== before.yield.pieces],
    [`${heat.colour}, ${outcome.moisture_pct.toFixed(1)} %`, Math.abs(outcome.moisture_pct - before.outcome.moisture_pct) > 0.5],
    [outcome.snap.toFixed(1), Math.abs(outcome.snap - before.outcome.snap) > 0.3],
    [span(keeps[0].days), Math.abs(keeps[0].days - before.keeps[0].days) > 2],
    [worth && cost ? pricesOf(worth, cost.currency) + (cost.missing.length > 0 ? ' *' : '') : '–', false],
    [allergens, allergens !== allergensBefore],
  ];
  return (
    <tr className="border-t border-hair align-top">
      <th scope="row" className="py-1.5 pr-3 text-left font-semibold">
        {name}
        <span className="block text-[13px] font-normal text-soft">{note}</span>
      </th>
      {cells.map(([text, differs], i) => (
        <td key={i} className={`py-1.5 pr-3 ${differs ? 'font-semibold' : 'text-soft'}`}>
          {text}
        </td>
      ))}
      <td className="py-1 text-right">
        {onTake && (
          <Button look="small" onClick={onTake} aria-label={`Take it: ${name}`}>
            Take it
          </Button>
        )}
      </td>
    </tr>
  );
}

const allergensOf = (document: BatchDocument, { dough }: Prediction, pantry: Pantry): string =>
  allergenWords(allergensIn(linesOnTreats(document, dough, pantry).map(({ ingredient }) => ingredient))) || 'none named';

type SwapTableProps = {
  readonly name: string;
  readonly swaps: readonly TriedSwap[];
  readonly document: BatchDocument;
  readonly before: Prediction;
  readonly pantry: Pantry;
  readonly costs: KitchenCosts;
  readonly onSwap: SwapDialogProps['onSwap'];
};

function SwapTable({ name, swaps, document, before, pantry, costs, onSwap }: SwapTableProps): ReactNode {
  const allergensBefore = allergensOf(document, before, pantry);
  return (
    <Table
      label="Swaps compared"
      heads={['Instead', 'Feel', 'Pieces', 'Colour, water', 'Snap', 'Keeps', `${massBase()}, with your time`, 'Allergens', '']}
    >
      <tbody>
        <SwapRow
          name={`as it is, with ${name.toLowerCase()}`}
          note=""
          prediction={before}
          worth={costReport(document, before, costs)}
          before={before}
          allergens={allergensBefore}
          allergensBefore={allergensBefore}
        />
        {swaps.map(({ idea, recipe, corrections, after }) => (
          <SwapRow
            key={idea.id}
            name={idea.parts.map(({ ingredient }) => nameOf(pantry, ingredient)).join(' and ')}
            note={[REASONS[idea.reason], ...corrections.map((c) => correction(c, before.dough.factor, pantry))].join(' · ')}
            prediction={after}
            worth={costReport({ ...document, recipe }, after, costs)}
            before={before}
            allergens={allergensOf({ ...document, recipe }, after, pantry)}
            allergensBefore={allergensBefore}
            onTake={() => onSwap(recipe.ingredients)}
          />
        ))}
      </tbody>
    </Table>
  );
}
