export { LEAST_WEEKS, foretell } from './forecast';
export type { WeekForecast } from './forecast';
export { storeOutlook } from './store';
export type { StoreOutlook } from './store';
export { byWeek, weekdayShares } from './weeks';
