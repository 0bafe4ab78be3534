import type { Country, SettingsView } from '@/contract/kitchens';
import currencyOf from 'country-to-currency';

/** Kitchens that measure in cups of 236.6 ml; elsewhere cups are of 250 ml. */
const US_CUPS = new Set(['US', 'PR', 'GU', 'VI', 'AS', 'MP', 'LR', 'MM']);

const regions = new Intl.DisplayNames('en', { type: 'region' });
const monies = new Intl.DisplayNames('en', { type: 'currency' });
const byName = (one: { readonly name: string }, other: { readonly name: string }): number =>
  one.name.localeCompare(other.name, 'en');

let countries: readonly Country[] | null = null;
/** Every country by name, with what is paid with there and how its kitchens measure. */
export const allCountries = (): readonly Country[] =>
  (countries ??= Object.entries(currencyOf)
    .map(([code, currency]) => ({
      code,
      currency,
      name: regions.of(code) ?? code,
      measures: US_CUPS.has(code) ? ('us' as const) : ('metric' as const),
    }))
    .sort(byName));

let currencies: SettingsView['currencies'] | null = null;
/** Every currency by name. */
export const allCurrencies = (): SettingsView['currencies'] =>
  (currencies ??= Intl.supportedValuesOf('currency')
    .map((code) => ({ code, name: monies.of(code) ?? code }))
    .sort(byName));

/** Every time zone that the clocks here know. */
export const allTimeZones = (): readonly string[] => Intl.supportedValuesOf('timeZone');
