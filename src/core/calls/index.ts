export { USUAL_DAY, dayOf } from './bake-day';
export type { DaySettings, UnderWay, Workplace } from './bake-day';
export { PLACES, dayBatch, heatName, machinesOf } from './day-batch';
export type { KitMachine, KitchenBatch, Places } from './day-batch';
export { begunSteps, dueTimes, legsOf, lengthened, nextCall, promptsOf, stayNow, staysOf } from './prompts';
export type { Begun, Progress, Prompt, Stay } from './prompts';
export { trayCourses } from './tray-model';
export type { Act } from './visits';
