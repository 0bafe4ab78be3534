/** A place of the product. */
export type Place = {
  readonly href: string;
  /** First part of its address. */
  readonly place: string;
  readonly name: string;
  /** Where there is little room it stands under "More". */
  readonly more?: true;
};

/** The places in working order; a batch is one once there is any. */
export const placesOf = (openBatch: string | null): readonly Place[] => [
  { href: '/', place: '', name: 'Today' },
  { href: '/recipes', place: 'recipes', name: 'Recipes' },
  ...(openBatch ? [{ href: `/batch/${openBatch}`, place: 'batch', name: 'Batch' }] : []),
  { href: '/day', place: 'day', name: 'Bake day' },
  { href: '/oven', place: 'oven', name: 'At the oven' },
  { href: '/jars', place: 'jars', name: 'Jars' },
  { href: '/log', place: 'log', name: 'Log', more: true },
  { href: '/practice', place: 'practice', name: 'Practise', more: true },
  { href: '/dogs', place: 'dogs', name: 'Dogs', more: true },
  { href: '/pantry', place: 'pantry', name: 'Pantry', more: true },
  { href: '/kit', place: 'kit', name: 'Kit', more: true },
];

/** The four of the moment, under a thumb. */
export function thumbPlaces(places: readonly Place[]): { readonly bar: readonly Place[]; readonly rest: readonly Place[] } {
  const second = places.some(({ place }) => place === 'batch') ? 'batch' : 'recipes';
  const wanted = ['', second, 'oven', 'jars'];
  return {
    bar: places.filter(({ place }) => wanted.includes(place)),
    rest: places.filter(({ place }) => !wanted.includes(place)),
  };
}
