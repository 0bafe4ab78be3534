import { coolingFeel } from '../texture';
import { LOSS_SD_PCT, HAND_SD } from '../explain';
import { activityReader } from '../programme';
import type { Asking } from './act';
import type { Ran } from './ran';

/** What an eye, a nose, a hand or a scale can tell of a piece: a number that it goes by, and how far it may be off. */
export type Sense = {
  /** What it goes by, at a recorded moment of a run. */
  readonly of: (ran: Ran, row: number) => number;
  /** How far one such telling may be off, as a standard deviation. */
  readonly sd: number;
  /** It is told in these words, from these values up, the lowest first; null: as a number in these steps. */
  readonly words: ReadonlyArray<readonly [from: number, word: string]> | null;
  readonly step: number;
};

/** Water activity of the cells that lie on the paper, at 25 °C. */
function undersideAw(ran: Ran, row: number): number {
  const { moisture } = ran.profiles.at(ran.frames[row].row);
  return activityReader(ran.setting.planned.dough.material.activity)(moisture[moisture.length - 1]);
}

/** Share of its raw mass that a piece has lost [%]. */
export const lossOf = (ran: Ran, row: number): number => 100 * (1 - ran.finishAt(row).massRatio);

/** Below every word. */
const FROM_NOTHING = -Infinity;

/**
 * Every sense, each as blunt as it is in a kitchen: words for what hands and noses tell, whole grams and degrees for what devices tell.
 * Source: ours, from what bakers go by; the limits of the words are guesses of where a hand would change its word.
 */
export const SENSES: Readonly<Record<Asking | 'smell', Sense>> = {
  lift: {
    of: undersideAw,
    sd: 0.05,
    words: [
      [FROM_NOTHING, 'slides freely'],
      [0.5, 'lifts off'],
      [0.75, 'lifts with a pull'],
      [0.9, 'sticks'],
    ],
    step: 0,
  },
  weigh: { of: lossOf, sd: LOSS_SD_PCT, words: null, step: 0 },
  probe: { of: (ran, row) => ran.frames[row].core_c, sd: 1.5, words: null, step: 1 },
  // Hot crumb is soft whatever it will be cold: a hand tells wet from not wet, and little between.
  break: {
    of: (ran, row) => ran.finishAt(row).centreMoisture_pct,
    sd: 2.5,
    words: [
      [FROM_NOTHING, 'no damp line inside'],
      [11, 'gives, not wet'],
      [18, 'a damp line inside'],
      [27, 'wet inside'],
    ],
    step: 0,
  },
  cool: {
    of: (ran, row) => ran.finishAt(row).snapFresh,
    sd: HAND_SD,
    words: [
      [FROM_NOTHING, 'bends when cold'],
      [3, 'bends, then breaks'],
      [5.5, 'snaps, a little tough'],
      [7.5, 'snaps clean'],
    ],
    step: 0,
  },
  // A pick is a matter of the crumb having set; a minute before it is clean it brings crumbs.
  pick: {
    of: (ran, row) => (ran.clean[row] ? 1 : 0),
    sd: 0.15,
    words: [
      [FROM_NOTHING, 'the pick comes out wet'],
      [0.5, 'the pick comes out clean'],
    ],
    step: 0,
  },
  smell: {
    of: (ran, row) => ran.frames[row].browningEdge,
    sd: 0.03,
    words: [
      [FROM_NOTHING, 'of nothing much'],
      [0.04, 'warm and mild'],
      [0.1, 'sweet and toasty'],
      [0.22, 'nutty'],
      [0.36, 'of dark toast'],
      [0.5, 'burnt'],
    ],
    step: 0,
  },
};

/** Whether a broken piece is still soft because it is hot: waiting would firm it up. */
export const softWhileHot = (ran: Ran, row: number): boolean =>
  coolingFeel(ran.setting.planned.dough.composition, ran.finishAt(row).shellAw).willFirm;
