import type { Input } from '../prediction';

/** What a kitchen can tell apart: each with the uncertain inputs that it stands for. */
export const CAUSES = {
  thickness: ['thickness'],
  water: ['water'],
  oven: ['thermostat', 'convection', 'heater', 'vent'],
  load: ['load', 'exposure'],
  dough: ['diffusion', 'pores', 'isotherm'],
  room: ['humidity'],
  vacuum: ['vacuum'],
} as const satisfies Record<string, readonly Input[]>;

/** A thing that was otherwise; `time` is the programme that was really run. */
export type CauseName = keyof typeof CAUSES | 'time';
