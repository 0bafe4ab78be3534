export type PackOption =
  | 'open-bowl'
  | 'paper-bag'
  | 'zip-bag'
  | 'clip-jar'
  | 'tin'
  | 'metal-pouch'
  | 'foil-pouch'
  | 'foil-pouch-absorber';
export const STORES = ['room', 'fridge', 'freezer'] as const;
export type Store = (typeof STORES)[number];

/** How a pack lets water vapour through, and what it does for the fat. */
export type Pack = {
  /** Film [g/(m2 day kPa)] at 22 °C and its area [m2]; leak of the closure [g/(day kPa)]. */
  readonly film: number;
  readonly area_m2: number;
  readonly leak: number;
  /** Air above the treats that a opening renews [L]. */
  readonly head_l: number;
  /** Volume that the figures above are for [mL]. */
  readonly volume_ml: number;
  readonly open: boolean;
  readonly barrier: boolean;
  readonly sealed: boolean;
  readonly absorber: boolean;
};

// oxlint-disable-next-line max-params -- older than the rule
const pack = (
  film: number,
  area_m2: number,
  leak: number,
  head_l: number,
  volume_ml: number,
  kind: Partial<Pack> = {},
): Pack => ({
  film,
  area_m2,
  leak,
  head_l,
  volume_ml,
  open: false,
  barrier: false,
  sealed: false,
  absorber: false,
  ...kind,
});

/** Source: films after Robertson 2010, lowered to 22 °C; leaks ours, jar rings vary ten-fold. */
export const PACKS: Record<PackOption, Pack> = {
  'open-bowl': pack(0, 0, 0, 0, 2000, { open: true }),
  'paper-bag': pack(60, 0.06, 0, 0.5, 1000),
  'zip-bag': pack(0.9, 0.08, 0.02, 0.4, 1000),
  'clip-jar': pack(0, 0, 0.006, 0.6, 1500),
  tin: pack(0, 0, 0.06, 0.8, 2000),
  'metal-pouch': pack(0.08, 0.06, 0.0005, 0.15, 600, { barrier: true, sealed: true }),
  'foil-pouch': pack(0.004, 0.06, 0.0003, 0.15, 600, { barrier: true, sealed: true }),
  'foil-pouch-absorber': pack(0.004, 0.06, 0.0003, 0.15, 600, { barrier: true, sealed: true, absorber: true }),
};

/** The same pack at another size: film goes with the surface, a closure's leak with its ring, headspace with the volume. */
function packOfVolume(option: PackOption, volume_ml?: number): Pack {
  const usual = PACKS[option];
  if (volume_ml === undefined || volume_ml === usual.volume_ml) return usual;
  const scale = volume_ml / usual.volume_ml;
  return {
    ...usual,
    volume_ml,
    area_m2: usual.area_m2 * scale ** (2 / 3),
    leak: usual.leak * scale ** (1 / 3),
    head_l: usual.head_l * scale,
  };
}

/** How a pack is shut, and what its closure lets through [g/(day kPa)]. Source: ours; jar rings vary ten-fold. */
export const CLOSURES = {
  open: null,
  folded: 0.6,
  zip: 0.02,
  'press-lid': 0.06,
  'clip-ring': 0.006,
  'heat-seal': 0.0004,
} as const;
export type Closure = keyof typeof CLOSURES;

/** What is known better of an own pack than of its kind. */
export type OwnPack = {
  /** Of the film [g/(m2 day kPa)] at 22 °C; 0 for glass and metal. */
  readonly film?: number;
  readonly area_cm2?: number;
  readonly closure?: Closure;
  /** It keeps oxygen out as foil does. */
  readonly barrier?: boolean;
};

/** A pack of a kind and size, with what is known better of this one. */
export function packOf(option: PackOption, volume_ml?: number, own: OwnPack = {}): Pack {
  const usual = packOfVolume(option, volume_ml);
  const { film = usual.film, area_cm2, closure, barrier = usual.barrier } = own;
  const area_m2 = area_cm2 === undefined ? usual.area_m2 : area_cm2 / 1e4;
  const shut =
    closure === undefined ? {} : { leak: CLOSURES[closure] ?? 0, open: closure === 'open', sealed: closure === 'heat-seal' };
  return { ...usual, film, area_m2, barrier, ...shut };
}

/** Air in a store: temperature [°C] and relative humidity [0..1]. */
export type Air = { readonly temperature_c: number; readonly relativeHumidity: number };

/** Air around a pack in each place. Source: usual appliances. */
export function airOf(store: Store, room: Air): Air {
  if (store === 'fridge') return { temperature_c: 5, relativeHumidity: 0.75 };
  return store === 'freezer' ? { temperature_c: -18, relativeHumidity: 0.75 } : room;
}
