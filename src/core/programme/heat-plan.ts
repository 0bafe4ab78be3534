import { fail, succeed, type Result } from '../failure';
import { pressureAt, type Room, type Stage, type Surroundings } from '../heat';
import type { Assumptions } from '../fields';
import { KITCHEN, type Heat, type KitchenAir } from '../document';
import { wrongStep } from './check-steps';
import { stagesOf, type ApplianceStage, type Heated } from './stages';

/** The kitchen and the programme, ready for the simulation. */
export type HeatPlan = {
  readonly room: Room;
  readonly applianceStages: readonly ApplianceStage[];
  /** Where the pieces stand at first. */
  readonly surroundings: Surroundings;
  readonly stages: readonly Stage[];
  /** Minutes of the programme as the baker reads the clock, per stage. */
  readonly stageMinutes: readonly number[];
  /** The step of the programme that each stage comes from. */
  readonly stageSteps: readonly number[];
  readonly minutes: number;
  /** Minutes until the last load is done, fillings after one another. */
  readonly allLoadsMinutes: number;
  /** It ends frozen: nothing is cooled on a rack. */
  readonly endsFrozen: boolean;
};

/** Turns a programme into stages; needs what is heated for the load, the size of snapped pieces and the water of what is put on. */
export function planHeat(heat: Heat, kitchen: KitchenAir | undefined, heated: Heated, assumed: Assumptions): Result<HeatPlan> {
  const wrong = wrongStep(heat);
  if (wrong) return wrong;
  const take = assumed.from(KITCHEN.fields, kitchen, 'kitchen');
  const room_c = take('room_c');
  const room_rh = take('room_rh_pct') / 100;
  const programme = stagesOf(heat, heated, { room_c, room_rh }, assumed);
  const { stageMinutes, applianceStages } = programme;
  const [{ surroundings }] = applianceStages;
  if (!surroundings) return fail('BAD_VALUE', 'A freeze dryer needs a "freeze-dry" step: say how long it runs.', 'heat.steps');
  const minutes = stageMinutes.reduce((sum, stage) => sum + stage, 0);
  return succeed({
    room: {
      temperature_c: room_c,
      relativeHumidity: room_rh,
      pressure_pa: pressureAt(take('altitude_m')),
    },
    ...programme,
    surroundings,
    minutes,
    allLoadsMinutes: applianceStages.reduce(
      (sum, applianceStage) =>
        sum + applianceStage.loads * applianceStage.minutes + (applianceStage.loads - 1) * betweenOf(applianceStage),
      0,
    ),
    endsFrozen: applianceStages[applianceStages.length - 1].surroundings?.kind === 'freezer',
  });
}

/** Only the machine that draws the vacuum must thaw between two rounds; the freezer before it need not. */
const betweenOf = ({ surroundings, between_min }: ApplianceStage): number =>
  surroundings?.kind === 'freeze-dryer' ? between_min : 0;
