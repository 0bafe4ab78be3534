import type { PackChoice } from '../catalogue';
import type { Simulation } from '../heat';
import type { DoughLine } from '../pantry';
import type { Bake, CoursePoint, Finish, HeatPlan } from '../programme';
import type { DoughMaterial, ShapePlan, ShapeYield } from '../yield';
import type { Prediction } from './prediction';
import type { Body, Treat } from './treat';

/** Everything worked out on the way; the page draws from it, the doors send only `prediction`. */
export type PredictionRun = {
  readonly prediction: Prediction;
  /** What is in the bowl, and what was planned to be. */
  readonly lines: readonly DoughLine[];
  readonly planned: readonly DoughLine[];
  /** What is made to go on or into the pieces, line by line of the recipe. */
  readonly finishes: readonly DoughLine[];
  /** What goes into the heat, and everything that ends on a treat. */
  readonly body: Body;
  readonly treat: Treat;
  /** The dough and the yield as they go into the heat: with what is inside. */
  readonly dough: DoughMaterial;
  readonly shape: ShapePlan;
  readonly out: ShapeYield;
  readonly heat: HeatPlan;
  readonly simulation: Simulation;
  readonly bake: Bake;
  /** Every recorded moment in the baker's terms. */
  readonly course: readonly CoursePoint[];
  readonly finish: Finish;
  readonly packs: readonly PackChoice[];
  /** Days that the baker wants them to keep; undefined where nobody said. */
  readonly wanted_days: number | undefined;
  /** Minutes that the dough stands before shaping. */
  readonly rest_min: number;
};

/** The same before it is told. */
export type WorkedOut = Omit<PredictionRun, 'prediction'>;
