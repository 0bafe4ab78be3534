import { finishingFrom, type BatchDocument } from '@/core/document';
import type { Keeps, Prediction } from '@/core/prediction';
import { counted } from '@/core/quantities';
import { duration, factor, mass, span } from '../format/units';
import { ENDS, feelName, packs } from '../format/words';
import type { Bench } from './bench-props';
import { inShort } from './heat/programme-edits';
import { filledKeeps, firstToEnd } from './shown-keeps';

type Station = { readonly name: string; readonly figure: string; readonly small: string };

/** Whole fruit, roots and meat are cut as they are. */
const GROWN: ReadonlySet<string> = new Set(['slice', 'cube']);
/** What the pieces of a shape stand on. */
const HOLDERS: Partial<Record<BatchDocument['shape']['method'], string>> = {
  'score-slab': 'pan',
  cake: 'pan',
  mat: 'mat',
  cup: 'tin',
  'frozen-mould': 'mould',
};

/** What the pieces stand on, and what comes of it: "4 trays, 2 re-rolls". */
function onWhat({ shape: { method } }: BatchDocument, { trays, rerolls, rounds }: Prediction['yield']): string {
  const name = HOLDERS[method] ?? 'tray';
  const count = counted(trays, name);
  if (method === 'roll-and-cut') return `${count}, ${counted(rerolls, 're-roll')}`;
  if (rounds > 1) return `${count}, ${rounds} rounds`;
  return method === 'score-slab' ? `${count}, scored` : count;
}

/** How long the packs keep, and whether that is over many draws: only then can its low end be counted on. */
type Told = { readonly keeps: readonly Keeps[]; readonly drawn: boolean };

/** The line from bowl to jar in words: each station with its one result. */
export function stationsOf(
  document: BatchDocument,
  { heat, yield: mine }: Prediction,
  { dough, yield: out, portions, heat: { finish_minutes } }: Prediction,
  { keeps, drawn }: Told,
): Record<Bench, Station> {
  const first = keeps[firstToEnd(keeps)];
  const filled = filledKeeps(keeps);
  return {
    weigh: {
      name: 'Weigh',
      figure: mass(dough.mass_g),
      small: dough.factor === 1 ? 'the recipe once' : `${factor(dough.factor)} the recipe`,
    },
    mix: GROWN.has(document.shape.method)
      ? { name: 'Mix', figure: 'As it grew', small: 'nothing to mix' }
      : {
          name: 'Mix',
          figure: dough.feel === null ? 'Stir' : feelName(dough.feel),
          small: dough.hold_back ? `hold back ${mass(dough.hold_back.mass_g, 0)} flour` : 'all at once',
        },
    shape: {
      name: 'Shape',
      figure: counted(out.pieces, 'piece'),
      small: portions.length > 0 ? `${portions.length} portions, ${counted(out.trays, 'tray')}` : onWhat(document, mine),
    },
    heat: {
      name: 'Heat',
      figure: duration(heat.minutes),
      small: inShort(document.heat.steps.slice(0, finishingFrom(document.heat.steps))),
    },
    cool: {
      name: 'Cool & finish',
      figure: duration(heat.cooling_minutes + finish_minutes),
      small: finish_minutes > 0 ? `${duration(finish_minutes)} of it to set` : 'on the rack',
    },
    pack:
      filled.length < 2
        ? { name: 'Pack', figure: packs(first.packs, first.option), small: `up to ${first.pieces_per_pack} in each` }
        : {
            name: 'Pack',
            figure: counted(
              filled.reduce((sum, one) => sum + one.packs, 0),
              'pack',
            ),
            small: [...new Set(filled.map(({ store }) => store))].join(', '),
          },
    keep: drawn
      ? { name: 'Keep', figure: span(first.days_low), small: `at least, ${ENDS[first.limit]}` }
      : { name: 'Keep', figure: span(first.days), small: `likely, ${ENDS[first.limit]}` },
  };
}
