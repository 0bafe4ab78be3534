import type { Chamber, SupportName } from '../heat';
import type { StepName } from './step-name';

/** A stretch that a programme can begin with. */
export type FirstStep =
  | { readonly do: 'hold'; readonly setpoint_c: number; readonly minutes: number }
  | { readonly do: 'freeze'; readonly minutes: number; readonly freezer_c?: number }
  | { readonly do: 'freeze-dry'; readonly minutes: number }
  | { readonly do: 'turn' };

/** Everything the house knows of one kind of appliance. */
export type ApplianceRecord = {
  readonly kind: string;
  /** What it is called in the middle of a sentence. */
  readonly name: string;
  /** How it surrounds what stands in it; a chamber's make is replaced by what is read of one's own. */
  readonly place:
    | { readonly kind: 'chamber'; readonly chamber: Chamber }
    | { readonly kind: 'freezer' }
    | { readonly kind: 'freeze-dryer' };
  /** Steps that can be done in it, and what to say of any other; null: that it cannot do that. */
  readonly does: readonly StepName[];
  readonly onlyDoes: string | null;
  /** Stretches that a programme in it begins with. Source: ours, to be changed at once. */
  readonly firstSteps: readonly FirstStep[];
  /** Trays that stand in it at once, unless it is said. Source: ours, usual household kit. */
  readonly shelves: number;
  /** From so many trays on each gets only this share of the air [trays, 1]; null: never. Source: ours. */
  readonly crowding: { readonly from: number; readonly share: number } | null;
  /** What pieces lie on in it; null: whatever the way of shaping has them on. */
  readonly base: SupportName | null;
  /** Why nothing else can lie in it; null where it can. */
  readonly nothingElse: string | null;
  /** It takes baking trays; otherwise pieces lie on what it is made of. */
  readonly takesTrays: boolean;
  /** What a lid changes of its chamber; null: it takes none. */
  readonly lid: Partial<Chamber> | null;
  /** What its own floor holds [mm], where that is less than a baking tray; null: a tray. */
  readonly floor_mm: { readonly width_mm: number; readonly depth_mm: number } | null;
  /** Setpoints that its dial can be asked to hold [°C]; null: it has none. Source: usual household kit. */
  readonly dial_c: readonly [low: number, high: number] | null;
  /** A setpoint to tell it by, and to time its heating up [°C]. */
  readonly usual_c: number;
  /** How its heat compares with a household oven's; null: not at all. */
  readonly likeAnOven: 'still-air' | 'moving-air' | null;
  /** It is heated up before pieces go in or are moved on into it, unless it is said. */
  readonly waitedFor: boolean;
  /** It dries in moving air that is barely hot: what is raw is not cooked by it. */
  readonly drier: boolean;
  /**
   * As a machine of a bake day: setpoints this near share it [K], and how fast it cools when nobody has read it [K/min]; null:
   * a place, not a machine. Source: ours.
   */
  readonly machine: {
    readonly kind: 'oven' | 'dehy' | 'fd';
    readonly tolerance_K: number;
    readonly cools_K_per_min: number;
  } | null;
};

const IN_A_CHAMBER = [
  ...(['hold', 'ramp', 'off', 'cool', 'chill', 'dry-coat', 'freeze'] as const),
  ...(['turn', 'stir', 'brush', 'coat', 'score', 'cut', 'snap-apart', 'turn-out', 'rotate-trays', 'check', 'move'] as const),
] as const;

/** What most ovens have in common: a record says only where it differs. Two trays in still air shade each other. */
export const AN_OVEN = {
  does: IN_A_CHAMBER,
  onlyDoes: null,
  firstSteps: [{ do: 'hold', setpoint_c: 110, minutes: 60 }],
  shelves: 1,
  crowding: null,
  base: null,
  nothingElse: null,
  takesTrays: true,
  lid: null,
  floor_mm: null,
  usual_c: 175,
  likeAnOven: 'still-air',
  waitedFor: true,
  drier: false,
  machine: { kind: 'oven', tolerance_K: 5, cools_K_per_min: 4 },
} as const;
export const SHADED_IN_STILL_AIR = { from: 2, share: 0.8 } as const;
