import { FEEL_WORDS, type Feel } from '@/core/dough';
import type { Pantry } from '@/core/pantry';
import { applianceRecord, type ApplianceKind, type PartRole, type PartTime, type RollAndCut } from '@/core/catalogue';
import type { Keeps } from '@/core/prediction';

/** Kitchen words for the ids of the batch file. */
export const PACK_NAMES: Record<Keeps['option'], string> = {
  'open-bowl': 'Open bowl',
  'paper-bag': 'Paper bag',
  'zip-bag': 'Zip bag',
  'clip-jar': 'Clip jar',
  tin: 'Tin',
  'metal-pouch': 'Metallised pouch',
  'foil-pouch': 'Foil pouch',
  'foil-pouch-absorber': 'Foil pouch with absorber',
};
export const STORE_NAMES: Record<Keeps['store'], string> = {
  room: 'at room heat',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};

/** What ends it, after the number: "7 weeks, then goes soft". */
export const ENDS: Record<Keeps['limit'], string> = {
  softening: 'then goes soft',
  mould: 'then mould may start',
  microbial: 'germs and mould set the limit',
  staling: 'then goes stale',
  rancidity: 'then the fat goes rancid',
  'freezer-quality': 'then fades in the freezer',
  'drying-out': 'then dries out',
  finish: 'then what is on it goes off',
};

/** What a part of a treat does, in words. */
export const ROLE_WORDS: Record<PartRole, string> = {
  dough: 'mixed in',
  filling: 'goes inside',
  shell: 'goes round it',
  frosting: 'spread on',
  dip: 'dipped into',
  drizzle: 'drizzled on',
  wash: 'brushed on',
  sprinkle: 'sprinkled on',
  dusting: 'for dusting',
  border: 'set round the side',
};

/** When a part comes to the pieces. */
export const WHEN_PUT_ON: Record<PartTime, string> = {
  before: 'before the heat',
  during: 'in the heat',
  after: 'when they are cold',
};

export const FEEL_NAMES: Record<string, string> = {
  crumbly: 'Falls apart',
  stiff: 'Stiff',
  rollable: 'Rollable',
  'soft-sticky': 'Sticky',
  scoopable: 'Scoop',
  batter: 'Pour',
};

/** "Rollable", or that there is no feel to tell. */
export const feelName = (feel: string | null): string => (feel === null ? 'No dough' : (FEEL_NAMES[feel] ?? feel));
/** What the feel means to the hands. */
export const feelWords = (feel: Feel | null): string =>
  feel === null ? 'without flour its softness tells nothing of how it handles' : FEEL_WORDS[feel];

type Outline = NonNullable<NonNullable<RollAndCut['cutter']>['outline']>;
export const OUTLINES: ReadonlyArray<{ readonly value: Outline; readonly name: string }> = [
  { value: 'bone', name: 'bone' },
  { value: 'circle', name: 'round' },
  { value: 'square', name: 'square' },
  { value: 'rectangle', name: 'oblong' },
  { value: 'heart', name: 'heart' },
  { value: 'star', name: 'star' },
  { value: 'paw', name: 'paw' },
  { value: 'fish', name: 'fish' },
];

export const BASES = [
  { value: 'paper-on-tray', name: 'paper on tray' },
  { value: 'bare-tray', name: 'bare tray' },
  { value: 'foil-on-tray', name: 'foil on tray' },
  { value: 'mat-on-tray', name: 'mat on tray' },
  { value: 'deep-pan', name: 'deep pan' },
  { value: 'wire-rack', name: 'wire rack' },
  { value: 'mesh', name: 'mesh' },
] as const;

/** "fan oven", in the middle of a sentence. */
export const applianceName = (kind: ApplianceKind): string => applianceRecord(kind).name;

/** "clip jar" -> "2 clip jars". */
export const packs = (count: number, option: Keeps['option']): string => {
  const name = PACK_NAMES[option].toLowerCase();
  if (count === 1) return `1 ${name}`;
  return name.includes(' with ')
    ? `${count} ${name.replace(' with', 's with').replace('pouchs', 'pouches')}`
    : `${count} ${name}${name.endsWith('ch') ? 'es' : 's'}`;
};

/**
 * What a sum of money leaves out, since nobody knows its price: "without egg and 2 more"; empty where it is whole.
 *
 * @param pantry - where rows are given by their names in the table, what they are called
 */
export function withoutWords(missing: readonly string[], pantry?: Pantry): string {
  const [first, ...more] = missing.map((row) => (pantry?.get(row)?.name ?? row).replace(/,.*$/, '').toLowerCase());
  if (first === undefined) return '';
  return `without ${first}${more.length > 1 ? ` and ${more.length} more` : more.length === 1 ? ` and ${more[0]}` : ''}`;
}

/** "wheat, gluten, maybe chicken"; empty when none is named. */
export const allergenWords = (allergens: ReadonlyArray<{ readonly name: string; readonly certain: boolean }>): string =>
  allergens.map(({ name, certain }) => (certain ? name : `maybe ${name}`)).join(', ');
