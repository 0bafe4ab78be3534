/** What was measured of a finished batch; null where nothing was. */
export type MeasuredBatch = {
  /** Share of the raw mass that left in the heat, from two weights of one tray [%]. */
  readonly loss_pct: number;
  /** The tray weighed on the way: minutes in the heat, and what had left by then [%]. */
  readonly onTheWay: ReadonlyArray<{ readonly minutes: number; readonly loss_pct: number }>;
  /** How thick a raw piece was, and how long it really took in the heat. */
  readonly thickness_mm: number | null;
  readonly minutes: number | null;
  readonly pieces: number | null;
  /** Words of the eye and of the hand, as the prediction tells them. */
  readonly colour: string | null;
  readonly texture: string | null;
};

/** How far a loss from two weights may be off: scale, crumbs, what clings [% of the raw mass]. Source: as in core/learning. */
export const LOSS_SD_PCT = 0.6;
/** How far a thickness that was measured may be off, as a share of it. Source: ours; three pieces with a guide or a caliper. */
export const THICKNESS_SD = 0.04;
/** Dough that is dried hard on a scale that shows grams [g]: less leaves too much to the scale. Source: ours. */
export const DRY_TEST_G = 100;
/** How far an eye that names a colour may be off, in browning [1], and a hand that breaks one, in Snap. Source: ours. */
export const EYE_SD = 0.05;
export const HAND_SD = 1;

/** Snap between which a texture word can be meant: crisp through, crisp outside only, or neither. Source: ours. */
const CRISP = [6.5, 10] as const;
const HALF = [3, 7.5] as const;
const SOFT = [0, 5] as const;
const TEXTURES: Readonly<Record<string, readonly [low: number, high: number]>> = {
  'snaps clean': CRISP,
  hard: [3, 10],
  'crisp shell, chewy heart': HALF,
  'crisp shell, moist heart': HALF,
  'losing its snap': HALF,
  'tough and bendy': SOFT,
  chewy: SOFT,
  leathery: SOFT,
  'soft and bendy': SOFT,
  tender: SOFT,
};

/** Snap that a texture word allows. */
export const snapMeant = (texture: string | null): readonly [number, number] | null => TEXTURES[texture ?? ''] ?? null;
