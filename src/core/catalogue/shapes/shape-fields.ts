import { choice, count, group, number, text, type NumberField } from '../../fields';
import { OUTLINE_NAMES } from '../../shaping';
import { TRAY } from '../appliance-fields';

/** Fields that several ways of shaping share. */
export const THICKNESS_LIMITS_MM = [0.5, 80] as const;
export const OWNED_LIMITS = [1, 200] as const;
export const FILL_LIMITS = [0.1, 1] as const;

/** Of all that lies loose: the tray, and the gap between pieces on it. */
type OnTray<Gap extends number> = { readonly tray: typeof TRAY; readonly tray_gap_mm: NumberField & { readonly default: Gap } };
export const onTray = <const Gap extends number>(gap_mm: Gap): OnTray<Gap> => ({
  tray: TRAY,
  tray_gap_mm: number('length', [0, 100], { default: gap_mm, meaning: 'between pieces on the tray' }),
});

const CUTTER_MM = number('length', [5, 200], { usual: '50; 20 for minis; the width by the outline', step: 1 });
/** Either a built-in outline or one's own. */
export const CUTTER = group(
  {
    outline: choice(OUTLINE_NAMES, { default: 'circle' }),
    svg_path: text(40_000, { untrimmed: true, empty: true, meaning: "path data of one's own outline" }),
    length_mm: CUTTER_MM,
    width_mm: CUTTER_MM,
  },
  { meaning: "a built-in outline or one's own", atMostOneOf: ['outline', 'svg_path'] },
);

/** Hollows that are filled: a cavity mat's, a mould's. */
type Usual<Ml extends number, N extends number, H extends number> = {
  readonly ml: Ml;
  readonly cavities: N;
  readonly height_mm: H;
};
type With<Default extends number> = NumberField & { readonly default: Default };
type Hollows<Ml extends number, N extends number, H extends number> = {
  readonly cavity_ml: With<Ml>;
  readonly cavities: With<N>;
  readonly height_mm: With<H>;
  readonly fill_fraction: With<1>;
  readonly owned: With<2>;
};
export const hollows = <const Ml extends number, const N extends number, const H extends number>(
  usual: Usual<Ml, N, H>,
): Hollows<Ml, N, H> => ({
  cavity_ml: number('volume', [0.2, 1000], { default: usual.ml }),
  cavities: count([1, 2000], { default: usual.cavities, meaning: 'in one mat or mould' }),
  height_mm: number('length', [3, 80], { default: usual.height_mm }),
  fill_fraction: number('fraction', FILL_LIMITS, { default: 1, step: 0.05 }),
  owned: count(OWNED_LIMITS, { default: 2, meaning: 'how many of them there are' }),
});
