import { KELVIN_AT_0_C, R_J_PER_MOL_K } from '../quantities';

/** Browning speed at 150 °C [1/s] and its activation energy [J/mol]. Source: fit; 64-120 kJ/mol in Zanoni et al. 1995, Purlis & Salvadori 2009. */
export type BrowningRate = {
  readonly at150_per_s: number;
  readonly energy_J_per_mol: number;
  /** Share of the speed that is left when the surface is dry [1]; 1 switches the dependence off. */
  readonly whenDry: number;
};

/** 150 °C, at which the rate is given. Source: ours. */
const REFERENCE_K = 423.15;
/** Edges, and spots that touch hot metal, are this much of the way from the surface to what heats them [1]. Source: fit. */
const EDGE_SHARE = 0.35;

/** Temperature of what stands out of a face, towards what heats it [°C]. */
export const towards = (surface_c: number, heats_c: number): number => surface_c + EDGE_SHARE * (heats_c - surface_c);
/** Water activity between which browning falls from its full speed to the dry one. Source: Labuza & Saltmarch 1981; Eichner & Karel 1972. */
const SLOWS_BELOW_AW = 0.5;
const DRY_BELOW_AW = 0.15;
/** Juice on hot metal is a film that dries as it comes: its water activity there [1]. Source: ours. */
const FILM_AW = 0.3;

/** A face: its surface [°C], and the water activity of its browning layer at 25 °C. */
export type BrowningFace = { readonly surface_c: number; readonly aw: number };

/** Browning of top, bottom and edge, and of what ran off on to the tray, 0 (raw colour) to 1 (black). */
export class Browning {
  top = 0;
  bottom = 0;
  edge = 0;
  film = 0;
  topFactor = 1;
  bottomFactor = 1;

  constructor(
    private readonly rate: BrowningRate,
    private readonly classFactor: number,
  ) {}

  /** @param air_c - what the rim sees; null where only the face on the metal is hot: then its rim is as brown as that face */
  step(dt_s: number, air_c: number | null, top: BrowningFace, bottom: BrowningFace): void {
    this.top = this.grow(this.top, top.surface_c, top, this.topFactor, dt_s);
    this.bottom = this.grow(this.bottom, bottom.surface_c, bottom, this.bottomFactor, dt_s);
    if (air_c === null) this.edge = Math.max(this.edge, this.top, this.bottom);
    else this.edge = this.grow(this.edge, towards(top.surface_c, air_c), top, this.topFactor, dt_s);
  }

  /** Juice on the tray, from the first drop on. */
  stepFilm(dt_s: number, tray_c: number): void {
    this.film = this.grow(this.film, tray_c, { surface_c: tray_c, aw: FILM_AW }, 1, dt_s);
  }

  /** Turning swaps the faces; the edge stays. */
  turn(): void {
    [this.top, this.bottom] = [this.bottom, this.top];
    [this.topFactor, this.bottomFactor] = [this.bottomFactor, this.topFactor];
  }

  // oxlint-disable-next-line max-params -- older than the rule
  private grow(browning: number, surface_c: number, { aw }: BrowningFace, factor: number, dt_s: number): number {
    if (surface_c < 60) return browning; // slower than the eye can see in a day
    const { at150_per_s, energy_J_per_mol } = this.rate;
    const arrhenius = Math.exp((-energy_J_per_mol / R_J_PER_MOL_K) * (1 / (surface_c + KELVIN_AT_0_C) - 1 / REFERENCE_K));
    const speed = this.classFactor * factor * at150_per_s * arrhenius * this.moistureShare(aw);
    return 1 - (1 - browning) * Math.exp(-speed * dt_s);
  }

  private moistureShare(aw: number): number {
    const { whenDry } = this.rate;
    const wet = Math.min(1, Math.max(0, (aw - DRY_BELOW_AW) / (SLOWS_BELOW_AW - DRY_BELOW_AW)));
    return whenDry + (1 - whenDry) * wet;
  }
}

/** Browning where the eye calls a biscuit light golden, golden, brown, dark. Source: fit to baking experience. [1] */
export const COLOUR_STARTS = { lightGolden: 0.06, golden: 0.15, brown: 0.3, dark: 0.45 } as const;
/** Upper ends of the colour words. */
const COLOUR_WORDS: ReadonlyArray<readonly [number, string]> = [
  [COLOUR_STARTS.lightGolden, 'pale'],
  [COLOUR_STARTS.golden, 'light golden'],
  [COLOUR_STARTS.brown, 'golden, browned edges'],
  [COLOUR_STARTS.dark, 'brown'],
];

/** Every colour in words, the palest first. */
export const COLOUR_NAMES: readonly string[] = [...COLOUR_WORDS.map(([, word]) => word), 'dark'];

/** Colour in words for an edge browning [0..1]. */
export const colourWord = (browning: number): string => COLOUR_WORDS.find(([end]) => browning < end)?.[1] ?? 'dark';

/** The edge browning that a colour word stands for, from and to [0..1]; null for what is no such word. */
export function browningMeant(word: string): readonly [from: number, to: number] | null {
  const at = COLOUR_NAMES.indexOf(word);
  return at < 0 ? null : [COLOUR_WORDS[at - 1]?.[0] ?? 0, COLOUR_WORDS[at]?.[0] ?? 1];
}
