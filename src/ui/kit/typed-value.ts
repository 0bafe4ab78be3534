import { typedExamples, typedNumber } from '@/core/written';

/** What a field takes, and in which unit. */
export type TypedField = {
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  /** As it stands behind the field, where what is typed is read in another. */
  readonly behind?: string;
};

/** What was typed: the number it means, or what the field would accept. */
export type TypedValue = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly message: string };

const shown = (value: number): string => String(Math.round(value * 1000) / 1000);

/** Reads what was typed into a field; what is out of its limits or not understood is refused with what would be accepted. */
export function typedValue(typed: string, { unit, min, max, behind = unit }: TypedField): TypedValue {
  const value = typedNumber(typed, unit);
  const between = `between ${shown(min)} and ${shown(max)}${behind.trim() === '' ? '' : ` ${behind.trim()}`}`;
  if (value === null)
    return {
      ok: false,
      message: `${typed.trim() === '' ? '' : `"${typed.trim()}" is not understood: `}${between}, such as ${typedExamples(unit)}`,
    };
  // A thousandth of the limit is how a unit is rounded, not a wrong number.
  const slack = 1e-9 * Math.max(1, Math.abs(min), Math.abs(max));
  return value < min - slack || value > max + slack ? { ok: false, message: between } : { ok: true, value };
}
