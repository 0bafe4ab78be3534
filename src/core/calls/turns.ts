import { shapeRecord } from '../catalogue';
import type { BatchDocument, Heat } from '../document';
import { succeed, type Result } from '../failure';
import { predictPortions, togetherOf, type Kitchen, type PortionRun, type Prediction } from '../prediction';
import { writtenStages, type WrittenStage } from '../programme';

/** What goes through one programme: the whole batch, the portions of a bowl that share it, or one that is baked by itself. */
export type Turn = {
  /** Whose turn it is, where the bowl has several; null for all of the batch. */
  readonly portion: string | null;
  /** As a batch of its own; of several that go together, the first. */
  readonly document: BatchDocument;
  readonly prediction: Prediction;
  /** That hands shape it [min]. */
  readonly shaping_min: number;
};

/** The programmes of a batch, in the order in which they run: what the portions share, then those that are baked by themselves. */
export function heatsInTurn({ heat, portions = [] }: BatchDocument): ReadonlyArray<{
  readonly portion: string | null;
  readonly heat: Heat;
}> {
  const own = portions.flatMap(({ name, heat: mine }) => (mine ? [{ portion: name, heat: mine }] : []));
  if (own.length === 0) return [{ portion: null, heat }];
  const shared = portions.filter((one) => one.heat === undefined).map(({ name }) => name);
  return [...(shared.length > 0 ? [{ portion: shared.join(', '), heat }] : []), ...own];
}

/** One appliance of a batch's programmes, counted through all of them, with where it stands in its own. */
export type StageInTurn = {
  readonly turn: number;
  readonly heat: Heat;
  readonly at: number;
  readonly stage: WrittenStage;
};

/** Every appliance that a batch goes through, programme after programme. */
export const stagesInTurn = (document: BatchDocument): StageInTurn[] =>
  heatsInTurn(document).flatMap(({ heat }, turn) => writtenStages(heat).map((stage, at) => ({ turn, heat, at, stage })));

/** Hands take a piece and a tray for so long [s, min]. Source: ours. */
const shapingOf = ({ shape }: BatchDocument, { yield: out }: Prediction): number =>
  (out.pieces * shapeRecord(shape.method).seconds_per_piece) / 60 + 1.5 * out.trays;

/** A batch that goes through one programme, as its one turn. */
export const oneTurn = (document: BatchDocument, prediction: Prediction): [Turn] => [
  { portion: null, document, prediction, shaping_min: shapingOf(document, prediction) },
];

/** Works out every programme of a batch with what goes through it; the one turn of a batch that has but one. */
export function turnsOf(document: BatchDocument, kitchen: Kitchen): Result<readonly Turn[]> {
  const runs = predictPortions(document, kitchen, 'light');
  if (!runs.ok) return runs;
  const [{ portion: first }] = heatsInTurn(document);
  const shared = runs.value.filter(({ together }) => together);
  const own = runs.value.filter(({ together }) => !together);
  return succeed([
    ...(shared.length > 0 ? [turnOf(first, document, shared)] : []),
    ...own.map((run) => turnOf(run.name, document, [run])),
  ]);
}

function turnOf(portion: string | null, document: BatchDocument, runs: readonly PortionRun[]): Turn {
  const predictions = runs.map(({ worked }) => worked.prediction);
  return {
    portion,
    document: runs[0].document,
    prediction: runs.length === 1 ? predictions[0] : togetherOf(document, runs, predictions),
    shaping_min: runs.reduce((sum, run) => sum + shapingOf(run.document, run.worked.prediction), 0),
  };
}

/** All packs that are filled at the end, whichever turn they are of. */
export const packsOf = (turns: readonly Turn[]): number =>
  turns.reduce((sum, { prediction: { keeps } }) => sum + keeps.reduce((most, one) => Math.max(most, one.packs), 1), 0);
