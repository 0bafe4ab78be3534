export { NOTHING_KNOWN, fitAppliance, noiseOf } from './fit';
export type { Belief, Past, TrayModel, Weighed } from './fit';
export { forecastEnd, forecastRunning, minutesTo } from './forecast';
export { NOTHING_LEARNED, learnFrom, outlook } from './history';
export type { Finished, Learned, Outlook } from './history';
export { honest, missOf } from './honesty';
export type { Miss } from './honesty';
