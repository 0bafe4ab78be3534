import { applianceRecord, type ApplianceKind } from '@/core/catalogue';
import type { Reader } from '@/core/said';
import { readerHere } from './reader-here';
import { temperature } from './units';
import { GAS_MARK_NAMES, fahrenheit, fanFromStatic, gasMark, gasMarkHeat, staticFromFan } from '@/core/quantities';

/** How a baker reads a dial. */
export type Dial = Reader['heat'];
export const dialHere = (): Dial => readerHere().heat;

/** Whether heat compares with a household oven's, and whether the air is moved. */
const isOven = (kind: ApplianceKind): boolean => applianceRecord(kind).likeAnOven !== null;
const movesAir = (kind: ApplianceKind): boolean => applianceRecord(kind).likeAnOven === 'moving-air';

/** The same heat in a static oven [°C]. */
const staticHeat = (setpoint_c: number, kind: ApplianceKind): number => (movesAir(kind) ? staticFromFan(setpoint_c) : setpoint_c);

/** A setpoint on the dials of other ovens: "fan 155 °C · gas 4". Below the lowest mark it says so; empty where no oven compares. */
export function dialWords(setpoint_c: number, kind: ApplianceKind): string {
  if (!isOven(kind)) return '';
  const heat_c = staticHeat(setpoint_c, kind);
  const other = movesAir(kind) ? `static ${temperature(heat_c)}` : `fan ${temperature(fanFromStatic(heat_c))}`;
  const mark = gasMark(heat_c);
  return `${other} · ${mark === null ? 'below gas ¼' : `gas ${mark}`}`;
}

/** A setpoint as this baker reads it: "175 °C", "347 °F", or "gas 4" where the appliance is an oven with such a mark. */
export function heatWord(setpoint_c: number, dial: Dial, kind: ApplianceKind): string {
  if (dial === 'f') return `${Math.round(fahrenheit(setpoint_c))} °F`;
  const mark = dial === 'gas' && isOven(kind) ? markOf(setpoint_c, kind) : null;
  return mark === null ? `${Number(setpoint_c.toFixed(1))} °C` : `gas ${mark}`;
}

/** The mark for a setpoint, and back; a mark stands for a static oven's heat. */
export const markOf = (setpoint_c: number, kind: ApplianceKind): string | null => gasMark(staticHeat(setpoint_c, kind));
export function heatOfMark(mark: string, kind: ApplianceKind): number | null {
  const heat_c = gasMarkHeat(mark);
  return heat_c !== null && movesAir(kind) ? fanFromStatic(heat_c) : heat_c;
}
export const MARKS: readonly string[] = GAS_MARK_NAMES;
