/** What nobody knows exactly, by the name under which it is blamed for the width of a band. */
export const INPUTS = [
  'thickness',
  'water',
  'thermostat',
  'convection',
  'diffusion',
  'pores',
  'isotherm',
  'load',
  'vent',
  'heater',
  'exposure',
  'humidity',
  'browning',
  'vacuum',
  'crisping',
] as const;
export type Input = (typeof INPUTS)[number];

/** One input's share of a band's width. */
export type VarianceShare = {
  readonly input: Input;
  /** Share of the variance of the final water that goes with it [0..1]. */
  readonly share: number;
  /** Width of the band that would be left if it were known exactly, over the width now [0..1]. */
  readonly leaves: number;
};
