import type { ApplianceKind } from '@/core/catalogue';
import type { Span, TemperatureSpan } from '@/core/written';

export type MomentName = 'turn' | 'stir' | 'brush' | 'rotate-trays' | 'turn-out' | 'snap-apart';

/** One thing that the words of a recipe do with heat or cold, or at a moment of it. */
export type Stretch =
  | {
      readonly kind: 'hold' | 'off' | 'freeze' | 'freeze-dry' | 'chill';
      /** null where nobody said how long. */
      readonly time: Span | null;
      readonly air: Air;
      readonly appliance: ApplianceKind | null;
      readonly ajar?: boolean;
      readonly from: string;
    }
  | {
      readonly kind: 'moment';
      readonly name: MomentName;
      /** Where in the last hold: at its half, after so many minutes, or every so many; else where it stands. */
      readonly at: 'here' | 'half' | { readonly after_min: number } | { readonly every_min: number };
      readonly from: string;
    };

type Part<S> = S extends { from: string } ? Omit<S, 'from'> : never;
type MomentPart = Part<Extract<Stretch, { kind: 'moment' }>>;

type Air = Pick<TemperatureSpan, 'low' | 'high' | 'scale' | 'fan'> | null;
export const hold = (time: Span, air: Air): { readonly kind: 'hold'; readonly time: Span; readonly air: Air } => ({
  kind: 'hold',
  time,
  air,
});
export const moment = (name: MomentName): MomentPart => ({ kind: 'moment', name, at: 'here' });
export const splitLast = (name: MomentName, after_min?: number): MomentPart => ({
  kind: 'moment',
  name,
  at: after_min === undefined ? 'half' : { after_min },
});
export const periodic = (name: MomentName, every_min: number): MomentPart => ({ kind: 'moment', name, at: { every_min } });
