/** By definition since 1959, as the foot of twelve inches and the pound. */
const MM_PER_INCH = 25.4;
export const M_PER_FOOT = (12 * MM_PER_INCH) / 1000;
const SIXTEENTHS = 16;
/** What lies so near to a sixteenth of an inch is one: a kitchen's rulers tell no more [mm]. */
const NEAR_MM = 0.4;
/** Beyond this nobody reads a sixteenth off: quarters do [in]. */
const LARGE_IN = 8;

export const inchesOf = (length_mm: number): number => length_mm / MM_PER_INCH;
export const mmOfInches = (length_in: number): number => length_in * MM_PER_INCH;

/**
 * A length in inches, as a rule or a guide shows it: "1/4", "2 3/8", "11 3/4"; two decimals where no mark is near.
 *
 * @example inches(6.35) // "1/4"
 */
export function inches(length_mm: number): string {
  const sign = length_mm < 0 ? '-' : '';
  const length_in = Math.abs(inchesOf(length_mm));
  const marks = length_in >= LARGE_IN ? SIXTEENTHS / 4 : SIXTEENTHS;
  const parts = Math.round(length_in * marks);
  const off_mm = Math.abs(mmOfInches(length_in - parts / marks));
  if (parts === 0 || (length_in < LARGE_IN && off_mm > NEAR_MM)) return sign + String(Number(length_in.toFixed(2)));
  const whole = Math.floor(parts / marks);
  const rest = fraction(parts % marks, marks);
  return sign + [whole > 0 ? String(whole) : '', rest].filter((part) => part !== '').join(' ');
}

function fraction(parts: number, of: number): string {
  if (parts === 0) return '';
  return parts % 2 === 0 ? fraction(parts / 2, of / 2) : `${parts}/${of}`;
}
