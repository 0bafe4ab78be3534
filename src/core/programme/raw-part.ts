import { CORE_TARGET_C, ENOUGH_KILL, warmAndWetMinutes, type CautionContext } from '../cautions';
import { isRawTissue, type DoughLine } from '../pantry';
import type { CoursePoint } from './course';

/** Heat that the middle wants for what is raw in it, and what it gets while it is wet. */
export type RawPart = {
  readonly ingredients: readonly string[];
  readonly needs_c: number;
  /** When the middle is so hot; null: never. */
  readonly reached_minute: number | null;
  /** Log10 kill that counts for enough; 0 where heat alone is asked for. */
  readonly needs_log10: number;
  readonly kill_log10: number;
  /** Minutes between 5 and 60 °C while it is still wet. */
  readonly warm_wet_minutes: number;
  /** Where the kill comes: before it is dried, straight after, or not at all. */
  readonly kill_step: 'while-wet' | 'after-drying' | 'none';
};

/** What raw meat, fish or egg in the mix calls for, and what the programme gives it; null where none is in it. */
export function rawPart(
  lines: readonly DoughLine[],
  course: readonly CoursePoint[],
  kill_log10: number,
  { heatedAfter }: Pick<CautionContext, 'heatedAfter'>,
): RawPart | null {
  const raw = lines
    .filter(({ ingredient, mass_g }) => mass_g > 0 && ingredient.rawAnimal !== null)
    .map(({ ingredient }) => ingredient);
  if (raw.length === 0) return null;
  const needs_c = Math.max(...raw.map(({ rawAnimal }) => CORE_TARGET_C[rawAnimal ?? 'poultry']));
  const needs_log10 = raw.some(isRawTissue) ? ENOUGH_KILL : 0;
  const hot = course.find(({ core_c }) => core_c >= needs_c);
  const whileWet = hot !== undefined && kill_log10 >= needs_log10;
  return {
    ingredients: raw.map(({ id }) => id),
    needs_c,
    reached_minute: hot?.minute ?? null,
    needs_log10,
    kill_log10,
    warm_wet_minutes: warmAndWetMinutes(
      course.map(({ minute, core_c, coreAw }) => ({ minute, temperature_c: core_c, aw: coreAw })),
    ),
    kill_step: whileWet ? 'while-wet' : heatedAfter ? 'after-drying' : 'none',
  };
}
