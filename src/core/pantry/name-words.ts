/** Spellings of one word, brought to one. */
const SAME = new Map<string, string>(
  Object.entries({
    yoghurt: 'yogurt',
    purée: 'puree',
    pureed: 'puree',
    gelatine: 'gelatin',
    glycerin: 'glycerine',
    unflavored: 'unflavoured',
    wholewheat: 'wholemeal',
    soya: 'soy',
    tinned: 'canned',
    tin: 'canned',
    can: 'canned',
    powdered: 'powder',
    minced: 'mince',
    leaves: 'leaf',
  }),
);
/** Words whose plural is not made with an s. */
const KEPT_S = new Set([
  'molasses',
  'hummus',
  'couscous',
  'swiss',
  'less',
  'brewers',
  'bakers',
  'boneless',
  'skinless',
  'bicarbonates',
  'asparagus',
  'hops',
  'peas',
]);

/** What a thing lacks is said often and changes nothing here: the pantry's rows are the plain ones. */
const LACKING =
  /\b(no|without|low|reduced)[ -](added )?(salt|sodium)( added)?\b|\b(no|without)[ -](added )?sugar( added)?\b|\b(salt|sodium)[ -]free\b/g;

/** "2 large Eggs, beaten" -> large, egg, beaten: lower case, no accents, singular, one spelling. */
export function wordsOf(text: string): string[] {
  return text
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .toLowerCase()
    .replace(LACKING, ' ')
    .replace(/['’]s?\b/g, (apostrophe) => (apostrophe.endsWith('s') ? 's' : ''))
    .split(/[^a-z]+/)
    .filter(Boolean)
    .map((word) => SAME.get(word) ?? singular(word));
}

function singular(word: string): string {
  if (word.length < 4 || KEPT_S.has(word) || !word.endsWith('s') || word.endsWith('ss') || word.endsWith('us')) return word;
  const without =
    word.endsWith('ies') && word.length > 4
      ? `${word.slice(0, -3)}y`
      : /(oes|ches|shes|xes)$/.test(word)
        ? word.slice(0, -2)
        : word.slice(0, -1);
  return SAME.get(without) ?? without;
}

/** Words shorter than this are not guessed at: too many are one letter apart. */
const GUESSED_FROM = 5;

/** The one known word that a slip of the finger away could have been meant; null when none, or several, are as near. */
export function nearWord(word: string, vocabulary: ReadonlySet<string>): string | null {
  if (word.length < GUESSED_FROM) return null;
  const slips = word.length < 9 ? 1 : 2;
  let nearest = slips + 1;
  let found: string | null = null;
  for (const known of vocabulary) {
    if (Math.abs(known.length - word.length) > slips || known.length < GUESSED_FROM - 1) continue;
    const distance = slipsBetween(word, known, nearest);
    if (distance < nearest) [nearest, found] = [distance, known];
    else if (distance === nearest && distance <= slips) found = null;
  }
  return found;
}

/** Letters added, missing, changed or swapped between two words (Damerau 1964, neighbours swapped once); stops counting at `most`. */
function slipsBetween(a: string, b: string, most: number): number {
  let before: number[] = [];
  let row = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const next = [i];
    for (let j = 1; j <= b.length; j++) {
      const same = a[i - 1] === b[j - 1] ? 0 : 1;
      let slips = Math.min(row[j] + 1, next[j - 1] + 1, row[j - 1] + same);
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) slips = Math.min(slips, before[j - 2] + 1);
      next.push(slips);
    }
    if (Math.min(...next) > most) return most + 1;
    [before, row] = [row, next];
  }
  return row[b.length];
}
