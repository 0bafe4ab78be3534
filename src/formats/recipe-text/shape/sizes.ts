import type { Shape, ShapeMethod } from '@/core/catalogue';
import { numberOf, NUMBER } from '@/core/written';
import { mm, type Place } from './places';

export type Said = {
  readonly text: string;
  readonly texts: readonly string[];
  readonly places: readonly Place[];
  readonly thickness: Place | null;
};
type Read = { readonly keys: Readonly<Record<string, unknown>>; readonly from: readonly string[] };

const OUTLINES: ReadonlyArray<readonly [words: RegExp, outline: string]> = [
  [/\bbones?\b/i, 'bone'],
  [/\bhearts?\b/i, 'heart'],
  [/\bstars?\b/i, 'star'],
  [/\bpaws?\b/i, 'paw'],
  [/\bfish(?:es)?\b(?! (?:oil|fillet|skin))/i, 'fish'],
  [/\b(?:squares?|diamonds?)\b/i, 'square'],
  [/\b(?:fingers|batons?|sticks?|strips|rectangles?|oblongs?|bars|soldiers)\b/i, 'rectangle'],
  [/\b(?:rounds?|circles?|discs?|coins?|rings?|hoops?)\b/i, 'circle'],
];
const outlineOf = (words: string): string | null => OUTLINES.find(([pattern]) => pattern.test(words))?.[1] ?? null;
const round = (value: number): number => Math.round(value * 10) / 10;

/** A length that is the size of what is cut. */
const isCut = (place: Place, thickness: Place | null): boolean =>
  place !== thickness &&
  mm(place) >= 4 &&
  !/^\W{0,3}(?:apart|thick|deep|high)/i.test(place.after) &&
  !/\b(?:pan|tin|tray|dish|log)\b/i.test(place.after.slice(0, 24)) &&
  (/\b(?:cut|cutter|stamp|score|slice|dice|shape|long)\b/i.test(place.clause) ||
    outlineOf(place.clause) !== null ||
    place.by.length > 1);

function rolled({ text, places, thickness }: Said): Read {
  const cut = places.find((place) => isCut(place, thickness));
  const outline = (cut && outlineOf(cut.clause)) ?? outlineOf(text);
  const from = [thickness, cut].flatMap((place) => (place ? [place.clause] : []));
  if (!cut && !outline) return { keys: { thickness_mm: thickness ? mm(thickness) : undefined }, from };
  const [a, b] = cut ? cut.by.map(round) : [];
  const two = b !== undefined;
  const length_mm = cut ? Math.max(a, b ?? a) : undefined;
  const named = two && (outline === null || outline === 'circle') ? 'rectangle' : (outline ?? 'circle');
  return {
    keys: {
      thickness_mm: thickness ? mm(thickness) : undefined,
      cutter:
        length_mm === undefined || length_mm > 200
          ? undefined
          : { outline: named, length_mm: round(length_mm), ...(two ? { width_mm: Math.min(a, b) } : {}) },
    },
    from,
  };
}

/** Bare numbers of a pan are inches up to this, centimetres above. Source: ours; "9 x 13", "20 x 30". */
const LARGEST_INCHES = 18;
const PAN =
  /\b(\d{1,2}(?:[.,]\d)?)(?:\s*-?\s*(cm|inch(?:es)?|in\.?|"|″))?\s*(?:(?:x|×|by)\s*(\d{1,2}(?:[.,]\d)?)\s*-?\s*(cm|inch(?:es)?|in\.?|"|″)?)?[\s-]*(square|round)?[\s-]*(?:greased |lined |baking |cake |loaf |brownie |deep )*(?:pans?|tins?|dish(?:es)?)\b/i;

/** Sides of a pan [mm]; null where none is said. */
export function panIn(
  text: string,
): { readonly sides_mm: readonly [number, number]; readonly round: boolean; readonly words: string } | null {
  const found = PAN.exec(text);
  if (!found) return null;
  const [words, first, unit1, second, unit2, form] = found;
  const unit = unit2 ?? unit1;
  const largest = Math.max(numberOf(first), second === undefined ? 0 : numberOf(second));
  const perUnit = unit === undefined ? (largest <= LARGEST_INCHES ? 25.4 : 10) : /^cm/i.test(unit) ? 10 : 25.4;
  const a = numberOf(first) * perUnit;
  const b = second === undefined ? a : numberOf(second) * perUnit;
  if (form === undefined && second === undefined && unit === undefined) return null;
  return { sides_mm: [round(Math.max(a, b)), round(Math.min(a, b))], round: /round/i.test(form ?? ''), words };
}

function slab({ text, places, thickness }: Said): Read {
  const cut = [...places].reverse().find((place) => isCut(place, thickness) && mm(place) <= 300) ?? null;
  const pan = panIn(text);
  const [a, b] = cut ? cut.by.map(round) : [];
  return {
    keys: {
      thickness_mm: thickness ? mm(thickness) : undefined,
      piece_width_mm: cut ? Math.min(a, b ?? a) : undefined,
      piece_length_mm: cut ? Math.max(a, b ?? a) : undefined,
      pan: pan ? { width_mm: pan.sides_mm[0], depth_mm: pan.sides_mm[1] } : undefined,
    },
    from: [...[thickness, cut].flatMap((place) => (place ? [place.clause] : [])), ...(pan ? [pan.words] : [])],
  };
}

/** Mass of one, as far as a recipe says it: "12 g each", "25 g balls", "1-tablespoon scoop", "teaspoonfuls" [g]. */
function pieceMass(text: string): { readonly grams: number; readonly words: string } | null {
  const weighed =
    /(\d+(?:[.,]\d+)?)\s*(?:g|grams?)\s*(?:each|apiece|a piece|per piece|balls?|portions?|mounds?|pieces|lumps)\b|(?:balls?|portions?|pieces|mounds) of (?:about )?(\d+)\s*g\b/i.exec(
      text,
    );
  if (weighed) return { grams: numberOf(weighed[1] ?? weighed[2]), words: weighed[0] };
  const spoon = new RegExp(
    String.raw`(?:(${NUMBER})[\s-]*)?(?:heap(?:ed|ing)|rounded|level|scant)?\s*(tablespoon|teaspoon|tbsp|tsp|dessertspoon)(?:ful)?s?(?: scoops?| portions?| each)?\b`,
    'i',
  ).exec(text);
  if (!spoon || !/\b(?:drop|scoop|spoon|portion|mound|dollop|by)\w*\b/i.test(text)) return null;
  const ml =
    (/^(?:tab|tbsp)/i.test(spoon[2]) ? 15 : /^dess/i.test(spoon[2]) ? 10 : 5) *
    (spoon[1] && numberOf(spoon[1]) <= 4 ? numberOf(spoon[1]) : 1);
  return { grams: Math.round(ml * DOUGH_G_PER_ML * (/heap|round/i.test(spoon[0]) ? 1.4 : 1)), words: spoon[0] };
}
/** Doughs weigh about so much [g/mL]. Source: ours. */
const DOUGH_G_PER_ML = 1.15;
const G_PER_MM3 = DOUGH_G_PER_ML / 1000;

function dropped(said: Said): Read {
  const clauses = said.texts.filter((text) => /\b(?:drop|scoop|spoon|pipe|mound|dollop|patt|portion|blob)/i.test(text));
  const mass = clauses.map(pieceMass).find((found) => found !== null) ?? pieceMass(said.text);
  const across = said.places.find(
    (place) =>
      place !== said.thickness &&
      mm(place) <= 120 &&
      !/^\W*apart/i.test(place.after) &&
      /\b(?:blobs?|mounds?|patt(?:y|ies)|kisses|rounds?|pipe|buttons?)\b/i.test(place.clause),
  );
  const height = said.thickness ? mm(said.thickness) : undefined;
  const bySize = across
    ? Math.round((Math.PI / 4) * mm(across) ** 2 * (height ?? mm(across) * FLATNESS) * FILLS * G_PER_MM3 * 10) / 10
    : undefined;
  return {
    keys: { piece_g: mass?.grams ?? bySize, height_mm: height ?? (across ? round(mm(across) * FLATNESS) : undefined) },
    from: [mass?.words, across?.clause, said.thickness?.clause].filter((words): words is string => words !== undefined),
  };
}
/** A drop's height against its width, and how much of the box round it a mound fills [1]. Source: ours, scoops. */
const FLATNESS = 0.45;
const FILLS = 0.7;

function balls(said: Said): Read {
  const across = said.places.find(
    (place) => /\b(?:balls?|marbles?|diameter|across)\b/i.test(place.clause) && place.by.length === 1,
  );
  const mass = across ? null : pieceMass(said.text);
  const diameter_mm = across
    ? mm(across)
    : mass
      ? round(2 * ((3 * mass.grams) / (4 * Math.PI * G_PER_MM3)) ** (1 / 3))
      : undefined;
  return { keys: { diameter_mm }, from: [across?.clause, mass?.words].filter((words): words is string => words !== undefined) };
}

function logs(said: Said): Read {
  const log = said.places.find(
    (place) => /\b(?:logs?|sausages?|across|rolls?)\b/i.test(place.after.slice(0, 20)) || /\blog|sausage\b/i.test(place.before),
  );
  const slice = said.places.find((place) => place !== log && /\b(?:slice|cut)\w*\b/i.test(place.clause) && mm(place) <= 60);
  const sheet =
    /\broll(?:ed)? (?:\w+ )?up\b|\bpinwheel|\bspiral|\bswirl/i.test(said.text) && said.thickness !== slice
      ? said.thickness
      : null;
  return {
    keys: {
      log_diameter_mm: log ? mm(log) : undefined,
      slice_mm: slice ? mm(slice) : undefined,
      roll_up_mm: sheet ? mm(sheet) : undefined,
    },
    from: [log, slice, sheet].flatMap((place) => (place ? [place.clause] : [])),
  };
}

const millilitres = (text: string): number | undefined => {
  const found =
    /(\d+(?:[.,]\d+)?)\s*ml\b(?=\s*(?:each|mou?lds?|cavit|cups?|hollows)|\))|(?:mou?lds?|cavit\w+|cups?)[^.]{0,20}?(\d+(?:[.,]\d+)?)\s*ml\b/i.exec(
      text,
    );
  return found ? numberOf(found[1] ?? found[2]) : undefined;
};
const SPHERE = Math.PI / 6;

function hollow(said: Said): Read {
  const half = said.places.find((place) => /\b(?:spheres?|domes?|half|pyramids?|cavit|dimples)\b/i.test(place.clause));
  const volume = half ? Math.round(((SPHERE / 2) * mm(half) ** 3) / 10) / 100 : millilitres(said.text);
  return { keys: { cavity_ml: volume, height_mm: half ? round(mm(half) / 2) : undefined }, from: half ? [half.clause] : [] };
}

function cups({ text }: Said): Read {
  const mini = /\bmini\b/i.test(text);
  const filled = /\b(two[- ]thirds|2\/3|three[- ]quarters|3\/4|half|½|¾|⅔)[- ]?(?:of the way )?full\b/i.exec(text);
  const share = filled ? (FULL[filled[1].toLowerCase().replace('-', ' ')] ?? undefined) : undefined;
  const many = /\b(\d{1,2})[- ](?:hole |cup )?(?:mini )?(?:muffin|cup ?cake|do(?:ugh)?nut)/i.exec(text);
  return {
    keys: { ...(mini ? { cup_ml: 22, height_mm: 22 } : {}), fill_fraction: share, cups: many ? Number(many[1]) : undefined },
    from: filled ? [filled[0]] : [],
  };
}
const FULL: Readonly<Record<string, number>> = {
  'two thirds': 0.67,
  '2/3': 0.67,
  '⅔': 0.67,
  'three quarters': 0.75,
  '3/4': 0.75,
  '¾': 0.75,
  half: 0.5,
  '½': 0.5,
};

function cake({ text }: Said): Read {
  const inches = /\b(?:two|2|three|3)?\s*(\d{1,2})[- ]?(inch|cm|")(?:es)? (?:round|cake|sandwich)/i.exec(text);
  const pan = panIn(text);
  const side = inches ? numberOf(inches[1]) * (/cm/i.test(inches[2]) ? 10 : 25.4) : pan?.sides_mm[0];
  const layers = /\b(two|2|three|3)\b[^.]{0,20}\b(?:pans?|tins?|layers?)\b/i.exec(text);
  const loaf = /\bloaf\b/i.test(text);
  return {
    keys: {
      pan:
        side === undefined
          ? undefined
          : pan && !pan.round && !inches
            ? { shape: 'rectangle', width_mm: pan.sides_mm[1], length_mm: pan.sides_mm[0], depth_mm: 65 }
            : { shape: 'round', width_mm: Math.round(side) },
      layers: layers ? numberOf(layers[1]) : loaf ? 1 : undefined,
    },
    from: [inches?.[0], pan?.words, layers?.[0]].filter((words): words is string => words !== undefined),
  };
}

const sliced = ({ thickness }: Said): Read => ({
  keys: { thickness_mm: thickness ? mm(thickness) : undefined },
  from: thickness ? [thickness.clause] : [],
});

function cubed({ places }: Said): Read {
  const edge = places.find((place) => /\bcubes?|\bdice|\bpieces|\bbits/i.test(place.clause)) ?? places[0];
  return { keys: { edge_mm: edge ? mm(edge) : undefined }, from: edge ? [edge.clause] : [] };
}

/** The sizes that words say, by the way of shaping. */
export const OF: Record<ShapeMethod, (said: Said) => Read> = {
  'roll-and-cut': rolled,
  'score-slab': slab,
  drop: dropped,
  ball: balls,
  'log-slice': logs,
  mat: hollow,
  cup: cups,
  cake,
  slice: sliced,
  cube: cubed,
  'frozen-mould': hollow,
};

/** What is asked for when no words say it; the first is asked first. */
export const ASKED: Record<ShapeMethod, readonly string[]> = {
  'roll-and-cut': ['thickness_mm', 'cutter'],
  'score-slab': ['thickness_mm', 'piece_width_mm'],
  drop: ['piece_g', 'height_mm'],
  ball: ['diameter_mm'],
  'log-slice': ['slice_mm', 'log_diameter_mm'],
  mat: ['cavity_ml'],
  cup: [],
  cake: ['pan'],
  slice: ['thickness_mm'],
  cube: ['edge_mm'],
  'frozen-mould': ['cavity_ml'],
};

const QUESTIONS: Readonly<Record<string, (shape: Readonly<Record<string, unknown>>) => string>> = {
  thickness_mm: ({ thickness_mm }) => `How thick? ${String(thickness_mm)} mm are assumed.`,
  cutter: () => 'Which cutter, and how large? A round one of 50 mm is assumed.',
  piece_width_mm: ({ piece_width_mm }) => `How large are the pieces? ${String(piece_width_mm)} mm squares are assumed.`,
  piece_g: ({ piece_g }) => `How much is in one? ${String(piece_g)} g are assumed.`,
  height_mm: ({ height_mm }) => `How high is one? ${String(height_mm)} mm are assumed.`,
  diameter_mm: ({ diameter_mm }) => `How large is a ball? ${String(diameter_mm)} mm across are assumed.`,
  slice_mm: ({ slice_mm }) => `How thick is a slice? ${String(slice_mm)} mm are assumed.`,
  log_diameter_mm: ({ log_diameter_mm }) => `How thick is the log? ${String(log_diameter_mm)} mm are assumed.`,
  cavity_ml: () => 'How much does one mould hold? The usual size is assumed.',
  edge_mm: ({ edge_mm }) => `How large is a cube? ${String(edge_mm)} mm are assumed.`,
  pan: () => 'Which tin? A round one of 180 mm is assumed.',
};

/** What to ask about a size that nobody said. */
export const questionFor = (_method: ShapeMethod, usual: Shape, key: string): string =>
  (QUESTIONS[key] ?? ((): string => 'How large is a piece?'))(usual);
