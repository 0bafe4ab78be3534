import Papa from 'papaparse';
import { fail, succeed, type Result } from '@/core/failure';
import { complaintsAbout, type Ingredient, type Pantry } from '@/core/pantry';

type Row = Readonly<Record<string, string | undefined>>;

/**
 * Reads the pantry's CSV. Every row must make sense (see complaintsAbout): a table with a
 * wrong sum would silently shift every prediction that uses it.
 */
export function readPantryCsv(text: string): Result<Pantry> {
  const { data, errors } = Papa.parse<Row>(text, { header: true, skipEmptyLines: true });
  if (errors.length > 0)
    return fail('BAD_VALUE', `The ingredient table cannot be read: ${errors[0].message}.`, `row ${errors[0].row ?? 0}`);
  const pantry = new Map<string, Ingredient>();
  for (const [index, row] of data.entries()) {
    const ingredient = ingredientOf(row);
    const complaints = complaintsAbout(ingredient);
    if (pantry.has(ingredient.id)) complaints.push('its id is there twice');
    if (complaints.length > 0)
      return fail('BAD_COMPOSITION', `"${ingredient.name}": ${complaints.join('; ')}.`, `row ${index + 2}`);
    pantry.set(ingredient.id, ingredient);
  }
  return succeed(pantry);
}

function ingredientOf(row: Row): Ingredient {
  const text = (key: string): string => (row[key] ?? '').trim();
  const number = (key: string): number => (text(key) === '' ? 0 : Number(text(key)));
  return {
    id: text('id'),
    name: text('name'),
    otherNames: text('other_names').split(';').filter(Boolean),
    category: text('category'),
    water: number('water'),
    protein: number('protein'),
    fat: number('fat'),
    carb: number('carb'),
    sugars: number('sugars'),
    starch: number('starch'),
    fibre: number('fibre'),
    ash: number('ash'),
    polyol: number('polyol'),
    ethanol: number('ethanol'),
    sodium_mg: number('sodium_mg'),
    kcal: number('kcal'),
    retinol_iu: number('retinol_iu'),
    bulkSpooned_g_per_ml: number('bulk_spooned'),
    bulkPacked_g_per_ml: number('bulk_packed'),
    countWeights: text('count_weights_g').split(';').filter(Boolean).map(nameAndMass),
    packs_g: text('pack_sizes_g').split(';').filter(Boolean).map(Number),
    mobileWaterFraction: number('mobile_water_frac'),
    bindsNow_g_per_g: number('wac_now'),
    bindsRested_g_per_g: number('wac_rest'),
    binder: number('binder'),
    sorptionClass: text('sorption_class') as Ingredient['sorptionClass'],
    oilClass: text('oil_class') as Ingredient['oilClass'],
    allergen: text('allergen'),
    dogFlag: text('dog_flag') as Ingredient['dogFlag'],
    dogReason: text('dog_reason'),
    rawAnimal: (text('raw_animal') || null) as Ingredient['rawAnimal'],
    uncertain: text('uncertain') === '1',
    own: false,
  };
}

function nameAndMass(entry: string): { name: string; mass_g: number } {
  const [name, mass] = entry.split(':');
  return { name, mass_g: Number(mass) };
}
