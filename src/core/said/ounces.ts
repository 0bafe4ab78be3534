import { G_PER_MASS_UNIT } from '../quantities';

const OUNCES_PER_POUND = 16;
/** Kitchen scales show hundredths of an ounce for spices, tenths for pieces, quarters for doughs [oz]. */
const [FINE_OZ, SMALL_OZ] = [1, 10];

export const ouncesOf = (mass_g: number): number => mass_g / G_PER_MASS_UNIT.oz;

/**
 * A mass in ounces, and in pounds from one on, as finely as a kitchen scale shows it: "0.33 oz", "2.5 oz", "27 1/2 oz", "3 lb 4 oz".
 */
export function ounces(mass_g: number): string {
  const mass_oz = ouncesOf(mass_g);
  if (Math.abs(mass_oz) < SMALL_OZ) return `${Number(mass_oz.toFixed(Math.abs(mass_oz) < FINE_OZ ? 2 : 1))} oz`;
  const quarters = Math.round(Math.abs(mass_oz) * 4);
  const pounds = Math.floor(quarters / (4 * OUNCES_PER_POUND));
  const rest = quarters - pounds * 4 * OUNCES_PER_POUND;
  const part = [Math.floor(rest / 4) || '', ['', '1/4', '1/2', '3/4'][rest % 4]].filter((one) => one !== '').join(' ');
  const words = [pounds > 0 ? `${pounds} lb` : '', part === '' ? '' : `${part} oz`].filter((one) => one !== '').join(' ');
  return mass_g < 0 ? `-${words}` : words;
}
