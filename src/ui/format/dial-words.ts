import { applianceRecord, type ApplianceKind } from '@/core/catalogue';
import { GAS_MARK_NAMES, celsius, fahrenheit, fanFromStatic, gasMark, gasMarkHeat, staticFromFan } from '@/core/quantities';

/** How a baker reads a dial. */
export const DIALS = ['c', 'f', 'gas'] as const;
export type Dial = (typeof DIALS)[number];
export const DIAL_NAMES: Record<Dial, string> = { c: '°C', f: '°F', gas: 'gas marks' };

/** Whether heat compares with a household oven's, and whether the air is moved. */
const isOven = (kind: ApplianceKind): boolean => applianceRecord(kind).likeAnOven !== null;
const movesAir = (kind: ApplianceKind): boolean => applianceRecord(kind).likeAnOven === 'moving-air';

/** The same heat in a static oven [°C]. */
const staticHeat = (setpoint_c: number, kind: ApplianceKind): number => (movesAir(kind) ? staticFromFan(setpoint_c) : setpoint_c);

/** A setpoint in the other words for it: "347 °F · fan 155 · gas 4". Below the lowest mark it says so. */
export function dialWords(setpoint_c: number, kind: ApplianceKind): string {
  const f = `${Math.round(fahrenheit(setpoint_c))} °F`;
  if (!isOven(kind)) return f;
  const heat_c = staticHeat(setpoint_c, kind);
  const other = movesAir(kind) ? `static ${heat_c} °C` : `fan ${fanFromStatic(heat_c)} °C`;
  const mark = gasMark(heat_c);
  return `${f} · ${other} · ${mark === null ? 'below gas ¼' : `gas ${mark}`}`;
}

/** A setpoint as this baker reads it: "175 °C", "347 °F", or "gas 4" where the appliance is an oven with such a mark. */
export function heatWord(setpoint_c: number, dial: Dial, kind: ApplianceKind): string {
  if (dial === 'f') return `${Math.round(fahrenheit(setpoint_c))} °F`;
  const mark = dial === 'gas' && isOven(kind) ? markOf(setpoint_c, kind) : null;
  return mark === null ? `${setpoint_c} °C` : `gas ${mark}`;
}

/** What stands on the dial for a setpoint, and back; a gas mark stands for a static oven's heat. */
export const onDial = (setpoint_c: number, dial: 'c' | 'f'): number =>
  dial === 'f' ? Math.round(fahrenheit(setpoint_c)) : setpoint_c;
export const fromDial = (value: number, dial: 'c' | 'f'): number => (dial === 'f' ? Math.round(celsius(value) * 10) / 10 : value);

export const markOf = (setpoint_c: number, kind: ApplianceKind): string | null => gasMark(staticHeat(setpoint_c, kind));
export function heatOfMark(mark: string, kind: ApplianceKind): number | null {
  const heat_c = gasMarkHeat(mark);
  return heat_c !== null && movesAir(kind) ? fanFromStatic(heat_c) : heat_c;
}
export const MARKS: readonly string[] = GAS_MARK_NAMES;
