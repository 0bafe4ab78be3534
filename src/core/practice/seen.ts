import { normals, seededRandom } from '../quantities';
import { answeredAt, isAsking, overAt, type Act, type Asking } from './act';
import { rowAt, type Ran } from './ran';
import { SENSES, softWhileHot, type Sense } from './senses';
import type { PieceName, ShownPiece } from './setting';

/** What one sense told of one piece: a word, or a number of its device. No moisture, no truth: only what a kitchen shows. */
export type Told = { readonly piece: PieceName; readonly word: string | null; readonly number: number | null };

/** What was found out by one act, and when. */
export type Seen = {
  readonly minute: number;
  /** From then on it is known. */
  readonly known_at: number;
  readonly by: Asking | 'smell';
  readonly told: readonly Told[];
  /** Broken hot, and soft for that alone: what it will be cold cannot be told yet. */
  readonly soft_while_hot: boolean;
};

/** The luck of one telling: the same act of the same bake tells the same. */
const luckOf = (bake: number, act: number, piece: number): number =>
  normals(seededRandom((Math.imul(bake + 1, 0x2545f491) + Math.imul(act + 1, 0x9e3779b1) + 7919 * piece) | 0))();

/** Every sense that an act opens: whoever opens the door also smells. */
const sensesOf = ({ do: name }: Act & { readonly do: Asking }): ReadonlyArray<Asking | 'smell'> => [name, 'smell'];

/** What has been found out until a minute, in the order in which it is known. `bake` is the number of the hidden truth. */
export function seenUntil(acts: readonly Act[], rans: readonly Ran[], minute: number, bake: number): Seen[] {
  const judged = rans.length > 0 ? rans[0].setting.pieces.filter(({ judged: counts }) => counts) : [];
  return acts
    .flatMap((act, i): Seen[] => {
      if (!isAsking(act) || answeredAt(act) > minute + 1e-6) return [];
      return sensesOf(act).map((by, k) => ({
        minute: act.minute,
        known_at: by === 'smell' ? overAt(act) : answeredAt(act),
        by,
        // A nose tells of the whole oven.
        told: judged
          .slice(0, by === 'smell' ? 1 : undefined)
          .map((piece, p) =>
            tell(
              by,
              piece,
              SENSES[by].of(rans[p], rowAt(rans[p], overAt(act))) + SENSES[by].sd * luckOf(bake, 2 * i + k, p),
              rans[p],
            ),
          ),
        soft_while_hot: by === 'break' && rans.some((ran) => softWhileHot(ran, rowAt(ran, overAt(act)))),
      }));
    })
    .sort((one, other) => one.known_at - other.known_at);
}

/** A sense's value, errors and all, as it is told. */
function tell(by: Asking | 'smell', { name }: ShownPiece, value: number, ran: Ran): Told {
  const { words } = SENSES[by];
  if (words) return { piece: name, word: wordFor(words, value), number: null };
  return { piece: name, word: null, number: by === 'weigh' ? trayGrams(ran, value) : Math.round(value) };
}

const wordFor = (words: NonNullable<Sense['words']>, value: number): string =>
  (words.findLast(([from]) => value >= from) ?? words[0])[1];

/** Raw grams of the pieces of one kind on one tray. */
export function rawTray_g({ setting }: Ran, piece: PieceName): number {
  const { out } = setting.planned;
  if (piece === 'small' && out.minis) return (out.minis.pieces * out.minis.piece_g) / out.trays;
  return Math.min(out.perTray, out.pieces) * out.piece_g;
}

/** What a tray weighs that has lost so much, on a scale of whole grams. */
const trayGrams = (ran: Ran, loss_pct: number): number => Math.round(rawTray_g(ran, 'usual') * (1 - loss_pct / 100));

/** The stretch of a sense's value that a telling allows: a word's own, or the reading itself. */
export function allowedBy(by: Asking | 'smell', { word, number }: Told, ran: Ran): readonly [low: number, high: number] {
  const { words } = SENSES[by];
  if (words) {
    const at = words.findIndex(([, one]) => one === word);
    return [words[at][0], words[at + 1]?.[0] ?? Infinity];
  }
  const value = by === 'weigh' ? 100 * (1 - (number ?? 0) / rawTray_g(ran, 'usual')) : (number ?? 0);
  return [value, value];
}
