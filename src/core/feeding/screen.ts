import { findDangers } from '../dangers';
import { ON_ITS_LABEL, allergensOf, opened, type DoughLine, type Ingredient } from '../pantry';

/** A dog, as far as its food is concerned. */
export type Dog = {
  readonly name: string;
  /** Allergens it must not have, in the pantry's words: "wheat", "chicken". */
  readonly avoids: readonly string[];
};

/** One ingredient's objection to one dog. */
export type Objection = {
  readonly ingredient: string;
  readonly allergen: string;
  /** False when the ingredient may or may not contain it. */
  readonly certain: boolean;
};
export type DogVerdict = {
  readonly dog: string;
  /** `no` contains what it reacts to, `ask` may contain it, `yes` nothing found. Nothing found is not a promise. */
  readonly may: 'yes' | 'ask' | 'no';
  readonly objections: readonly Objection[];
};

/** What was found when a mix was held against the danger list and the dogs' allergies. */
export type Screening = {
  /** Ingredients that are not for dogs at all; they block label and feeding, never saving. */
  readonly stops: ReadonlyArray<{ readonly ingredient: string; readonly why: string }>;
  /** Words of the recipe that name what is not for dogs, and the text they stand in; they block as well. */
  readonly says: ReadonlyArray<{ readonly words: string; readonly why: string; readonly text: string }>;
  /** Ingredients about which practitioners disagree: what each side says. */
  readonly disputes: ReadonlyArray<{ readonly ingredient: string; readonly oneSide: string; readonly otherSide: string }>;
  readonly dogs: readonly DogVerdict[];
};

type Dispute = { readonly about: (row: Ingredient) => boolean; readonly oneSide: string; readonly otherSide: string };

/** Where bakers and vets do not agree; shown as such, with "ask your vet". */
const DISPUTES: readonly Dispute[] = [
  {
    about: ({ id }) => id.startsWith('garlic_'),
    oneSide: 'Some bakers use a little, for the smell and against ticks.',
    otherSide: 'It belongs to the onion family, which harms red blood cells; most poison centres advise none (Lee et al. 2000).',
  },
  {
    about: ({ id }) => id === 'salt',
    oneSide: 'Some add a pinch: yeast doughs work better and dogs need some sodium.',
    otherSide: 'Meat, fish and cheese bring enough; added salt is not needed in a treat (NRC 2006).',
  },
  {
    about: ({ rawAnimal }) => rawAnimal !== null && rawAnimal !== 'egg',
    oneSide: 'Some dry meat gently or freeze-dry it raw, for the flavour.',
    otherSide: 'Drying and freezing do not kill germs; people who handle it can fall ill (FDA). Cook it through first.',
  },
  {
    about: ({ id }) => id === 'apple_fresh' || id === 'fruit_pits',
    oneSide: 'Some leave cores in: one holds little poison.',
    otherSide: 'Pips release cyanide when chewed, and cores choke. Take them out.',
  },
  {
    about: ({ id }) => ['rosemary_dried', 'mint_dried', 'turmeric_ground', 'cinnamon_ground', 'ginger_ground'].includes(id),
    oneSide: 'Some bakers use spices for breath and joints.',
    otherSide: 'The evidence is weak, and large amounts upset the stomach. Keep it to a pinch.',
  },
];

/**
 * Holds a mix against the danger list and every dog's allergies.
 *
 * @param words - what the recipe says: a jar "with xylitol" is no row of the pantry
 */
export function screen(lines: readonly DoughLine[], dogs: readonly Dog[], words: readonly string[] = []): Screening {
  const rows = lines.filter(({ mass_g }) => mass_g > 0).map(({ ingredient }) => ingredient);
  const inside = opened(lines).flatMap(({ ingredient, mass_g }) => (mass_g > 0 ? [ingredient] : []));
  return {
    stops: inside.filter(({ dogFlag }) => dogFlag === 'avoid').map(({ id, dogReason }) => ({ ingredient: id, why: dogReason })),
    says: words.flatMap((text) =>
      findDangers(text)
        .filter(({ severity }) => severity === 'stop')
        .map(({ words: said, why }) => ({ words: said, why, text })),
    ),
    disputes: DISPUTES.flatMap(({ about, oneSide, otherSide }) => {
      const row = inside.find(about);
      return row ? [{ ingredient: row.id, oneSide, otherSide }] : [];
    }),
    dogs: dogs.map((dog) => verdictOn(dog, rows)),
  };
}

function verdictOn(dog: Dog, rows: readonly Ingredient[]): DogVerdict {
  const avoids = new Set(dog.avoids);
  const objections = rows.flatMap((row) =>
    allergensOf(row)
      .filter(({ name, certain }) => avoids.has(name) || (!certain && name === ON_ITS_LABEL && avoids.size > 0))
      .map(({ name, certain }): Objection => ({ ingredient: row.id, allergen: name, certain })),
  );
  const may = objections.some(({ certain }) => certain) ? 'no' : objections.length > 0 ? 'ask' : 'yes';
  return { dog: dog.name, may, objections };
}
