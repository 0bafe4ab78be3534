import { applianceRecord, isChamber, type Appliance } from '../catalogue';
import { fail, succeed, type Result } from '../failure';
import type { BatchDocument } from '../document';
import { INPUTS, predict, type Input, type Kitchen, type PredictionRun } from '../prediction';
import { mixtureOf, thicknessSpread } from '../yield';
import type { Simulation } from '../heat';
import type { Asking, Handling } from './act';
import { goalOf, type Goal } from './goal';
import { HOUSE_DRYER } from './lesson';

/** Pieces that are looked at: those in the middle, and others that go another way on the same trays. */
export const PIECES = ['usual', 'thin', 'thick', 'big', 'small', 'upper', 'lower'] as const;
export type PieceName = (typeof PIECES)[number];
/** A piece that is shown; what counts in the end is those that are judged. */
export type ShownPiece = {
  readonly name: PieceName;
  readonly judged: boolean;
  readonly put: (simulation: Simulation) => Simulation;
};

/** A practice bake before the door is shut: what is baked, in what, and what may be done and asked. */
export type Setting = {
  readonly document: BatchDocument;
  readonly planned: PredictionRun;
  readonly unknown: readonly Input[];
  readonly goal: Goal;
  readonly pieces: readonly ShownPiece[];
  /** What the dial says when they go in. */
  readonly start_c: number;
  readonly dial_c: readonly [number, number];
  readonly dryer: Appliance;
  readonly dryer_c: readonly [number, number];
  readonly mayMove: boolean;
  readonly handlings: readonly Handling[];
  readonly askings: readonly Asking[];
};

/** What a kitchen has that a practice bake may use. */
export type Owned = { readonly probe: boolean; readonly dryer: Appliance | null };
const EVERYTHING: Owned = { probe: true, dryer: HOUSE_DRYER };

/**
 * Sets a batch up to be practised: its own programme is what was planned, and the baker does it by hand.
 *
 * @param unknown - inputs that may lie anywhere within their bands; every one where nothing is said
 * @returns BAD_VALUE for what is not baked or dried in an oven or a dryer
 */
export function settingOf(
  document: BatchDocument,
  kitchen: Kitchen,
  { unknown = INPUTS, owned = EVERYTHING }: { readonly unknown?: readonly Input[]; readonly owned?: Owned } = {},
): Result<Setting> {
  const kind = document.heat.appliance?.kind ?? 'static-oven';
  const { dial_c } = applianceRecord(kind);
  const first = document.heat.steps.find((step) => step.do === 'hold' || step.do === 'ramp');
  if (!isChamber(kind) || dial_c === null || !first)
    return fail(
      'BAD_VALUE',
      'Only what is baked or dried can be practised. Choose a batch for an oven, an air fryer or a dehydrator.',
      'heat.appliance.kind',
    );
  // How pieces lie on the tray hardly matters here, and rows by hand are quick; small ones between big ones must be looked for.
  const { shape } = document;
  const withMinis = shape.method === 'roll-and-cut' && shape.mini !== undefined;
  const planned = predict(document, kitchen, withMinis ? 'light' : 'quick');
  if (!planned.ok) return planned;
  const run = planned.value;
  const dryer = owned.dryer ?? HOUSE_DRYER;
  const drier = applianceRecord(kind).drier;
  const pieces = piecesOf(run);
  return succeed({
    document,
    planned: run,
    unknown,
    goal: goalOf(document, run),
    pieces,
    start_c: first.setpoint_c,
    dial_c,
    dryer,
    dryer_c: applianceRecord(dryer.kind ?? 'dehydrator').dial_c ?? dial_c,
    mayMove: !drier && owned.dryer !== null && mixtureOf(run.shape) !== 'batter',
    handlings: handlingsOf(document, pieces),
    askings: askingsOf(run, owned.probe),
  });
}

/** What can be done to the pieces: as the programme has it, and what always can. */
function handlingsOf({ heat, shape }: BatchDocument, pieces: readonly ShownPiece[]): Handling[] {
  const has = (name: string): boolean => heat.steps.some((step) => step.do === name);
  const loose = has('stir');
  const handlings: Handling[] = [];
  if (loose) handlings.push('stir');
  else if (shape.method !== 'cake' && shape.method !== 'cup') handlings.push('turn');
  if (has('snap-apart')) handlings.push('snap-apart');
  if (pieces.some(({ name }) => name === 'upper')) handlings.push('rotate-trays');
  return handlings;
}

const askingsOf = ({ shape }: PredictionRun, probe: boolean): Asking[] => [
  ...(mixtureOf(shape) === 'batter' ? (['pick', 'weigh'] as const) : (['lift', 'weigh', 'break', 'cool'] as const)),
  ...(probe ? (['probe'] as const) : []),
];

/** The pieces that are shown: of two sizes both, of several trays one on each, else a thin, a usual and a thick one. */
function piecesOf({ out, shape, heat }: PredictionRun): ShownPiece[] {
  const asItIs = (simulation: Simulation): Simulation => simulation;
  if (out.minis) {
    const scale = Math.sqrt(out.minis.piece_g / out.piece_g);
    return [
      { name: 'big', judged: true, put: asItIs },
      { name: 'small', judged: true, put: (simulation) => sized(simulation, scale, 1) },
    ];
  }
  if (heat.applianceStages.some(({ surroundings, traysIn }) => surroundings?.kind === 'chamber' && traysIn > 1))
    return [
      { name: 'upper', judged: true, put: (simulation) => ({ ...simulation, place: 1 }) },
      { name: 'lower', judged: true, put: (simulation) => ({ ...simulation, place: -1 }) },
    ];
  const spread = thicknessSpread(shape);
  if (mixtureOf(shape) === 'batter') return [{ name: 'usual', judged: true, put: asItIs }];
  return [
    { name: 'thin', judged: false, put: (simulation) => sized(simulation, 1, Math.exp(-spread)) },
    { name: 'usual', judged: true, put: asItIs },
    { name: 'thick', judged: false, put: (simulation) => sized(simulation, 1, Math.exp(spread)) },
  ];
}

const sized = (simulation: Simulation, sides: number, thickness: number): Simulation => {
  const { piece } = simulation;
  const { width_m, length_m, thickness_m } = piece;
  return {
    ...simulation,
    piece: { ...piece, width_m: width_m * sides, length_m: length_m * sides, thickness_m: thickness_m * thickness },
  };
};
