export { NOTHING_KNOWN, fitAppliance, noiseOf } from './fit';
export type { Past, TrayModel } from './fit';
export { forecastEnd, forecastRunning, minutesTo } from './forecast';
export { honest, howToTell, missOf } from './honesty';
export type { Miss } from './honesty';
