import type { PartRole } from '@/core/catalogue';

/** A part of a treat that a recipe names: "For the frosting:". */
export type ReadPart = { readonly name: string; readonly role: PartRole };

/** Words that end a part's name, and what such a part does. The first that fits counts. */
const ROLE_WORDS: ReadonlyArray<readonly [words: RegExp, role: PartRole]> = [
  [/\b(?:egg|milk|broth)?[- ]?wash(?:es)?\b|\bto brush\b|\bfor brushing\b/i, 'wash'],
  [/\bglaz(?:e|es|ing)\b/i, 'wash'],
  [/\b(?:frosting|icing|buttercream|cream cheese layer|piping)\b/i, 'frosting'],
  [/\bdrizzles?\b/i, 'drizzle'],
  [/\b(?:dips?|dipping|coating|dunk|enrobing)\b/i, 'dip'],
  [/\b(?:fillings?|stuffing|cent(?:re|er)s?|middle)\b/i, 'filling'],
  [/\b(?:to dust|dusting|for rolling|bench flour)\b/i, 'dusting'],
  [/\b(?:toppings?|sprinkles?|decorations?|decorating|to decorate|garnish|to finish|to serve|to sprinkle)\b/i, 'sprinkle'],
  [
    /\b(?:dough|base|biscuits?|cookies?|cakes?|crust|batter|muffins?|treats?|bites?|shortbread|pastry|sponge|bars?|drops|buns?|donuts?|pupcakes?|cupcakes?|crackers?|mix|mixture|loaf|meatballs?|patties|bones)\b/i,
    'dough',
  ],
];

/** What a part of this name does; null when its name says nothing of it. */
export const roleOf = (name: string): PartRole | null => ROLE_WORDS.find(([words]) => words.test(name))?.[1] ?? null;

/** Headings that only sort one bowl: wet, dry. */
const SAME_BOWL = /^(?:the )?(?:dry|wet|main|basic|other|fresh|pantry|liquid)?\s*(?:ingredients?|stuff|things|goods)?$/i;

/** The name of a part as a heading writes it: "For the frosting:" is frosting; null for one that only sorts the same bowl. */
export function partOf(heading: string): ReadPart | null {
  const name = heading
    .replace(/[:.\s]+$/, '')
    .replace(/^(?:ingredients?\s+)?for\s+(?:the\s+)?/i, '')
    .replace(/^(?:the|your)\s+/i, '')
    .replace(/\s*\((?:optional)\)$/i, '')
    .replace(/\s+ingredients?$/i, '')
    .trim();
  if (name === '' || SAME_BOWL.test(name)) return null;
  return { name, role: roleOf(name) ?? 'dough' };
}

/** Words at the end of one line that give it a part of its own: "1 egg (beaten, for brushing)". */
const IN_LINE: ReadonlyArray<readonly [words: RegExp, part: ReadPart]> = [
  [
    /\b(?:for|as|to make) (?:an? |the )?(?:egg )?wash\b|\b(?:for|to) (?:brush(?:ing)?|glaz(?:e|ing))\b/i,
    { name: 'Wash', role: 'wash' },
  ],
  [
    /\b(?:for|to) (?:sprinkl(?:e|ing)|garnish(?:ing)?|decorat(?:e|ing|ion)|top(?:ping)?)\b/i,
    { name: 'Topping', role: 'sprinkle' },
  ],
  [/\b(?:for|to) drizzl(?:e|ing)\b/i, { name: 'Drizzle', role: 'drizzle' }],
  [/\b(?:for|to) dip(?:ping)?\b/i, { name: 'Dip', role: 'dip' }],
  [/\b(?:for|to) (?:dust(?:ing)?|flour(?:ing)? the (?:board|surface))\b/i, { name: 'Dusting', role: 'dusting' }],
];
/** Part of it goes elsewhere, the line itself does not. */
const ONLY_SOME = /\b(?:plus|and|with) (?:a (?:little|bit) )?(?:more|extra|some)\b/i;

/** The part that a line names for itself; null where it names none. */
export const partInLine = (line: string): ReadPart | null =>
  ONLY_SOME.test(line) ? null : (IN_LINE.find(([words]) => words.test(line))?.[1] ?? null);

/** What hands do with a part decides what it is, where its name leaves that open: a glaze may be brushed, drizzled or dipped into. */
const DONE_WITH: ReadonlyArray<readonly [verb: string, role: PartRole]> = [
  ['dip(?:ped|ping)?|dunk', 'dip'],
  ['drizzl(?:e|ed|ing)', 'drizzle'],
  ['brush(?:ed|ing)?', 'wash'],
  ['sprinkl(?:e|ed|ing)|press on|scatter', 'sprinkle'],
  ['spread|frost|ice|pipe', 'frosting'],
  ['fill|sandwich|stuff', 'filling'],
];
const OPEN = /\b(?:glaz\w*|toppings?|coating|decorations?|icing|to finish)\b/i;

/** The role of a part, read from its steps and lines where the name alone leaves it open. */
export function settledRole(part: ReadPart, steps: readonly string[], lines: readonly string[]): PartRole {
  if (!OPEN.test(part.name)) return part.role;
  const last = part.name.split(/\s+/).at(-1)?.replace(/s$/, '') ?? part.name;
  const text = steps.join(' ');
  for (const [verb, role] of DONE_WITH)
    if (new RegExp(String.raw`\b(?:${verb})\b[^.;]{0,60}\b${escaped(last)}`, 'i').test(text)) return role;
  const egg =
    lines.some((line) => /\begg|yolk/i.test(line)) && !lines.some((line) => /cheese|carob|sugar|yogh?urt|honey/i.test(line));
  return egg ? 'wash' : part.role;
}

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, String.raw`\$&`);
