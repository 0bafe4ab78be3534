import type { ShapeMethod } from '@/core/catalogue';

/** What is known of a recipe when its shape is told. */
export type ShapeClues = {
  /** Name, steps and what else it says. */
  readonly text: string;
  /** The name alone, and the list. */
  readonly name: string;
  readonly list: string;
  /** Flour, grain or the like is in it. */
  readonly floury: boolean;
  /** It is never heated: frozen or chilled only. */
  readonly onlyCold: boolean;
};

const CAKE =
  /\b(?:layer cake|loaf (?:pan|tin)|bundt|springform|(?:round|cake|sandwich) (?:cake )?(?:pans?|tins?)|between the layers)\b/i;
const CUP =
  /\b(?:muffin|cup ?cake|pup ?cake|do(?:ugh)?nut|tart(?:let)?|popover) ?(?:pans?|tins?|trays?|cases|cups|mou?lds?|papers|liners)\b|\b(?:paper cases|mini tins)\b/i;
const MOULD = /\bmou?lds?\b|\bice[- ]?cube|\blick mat|\bcubes?\b|\bcups\b|\btrays?\b/i;
const MAT =
  /\b(?:spread|press|fill|scrape|pour|pipe|smear|into)\b(?:[^.]|\.\d){0,40}\b(?:silicone|pyramid|cavity|dimple|bone|baking)?[- ]?mat\b(?!s? lined|-lined)|\bhalf[- ]spheres?\b/i;
const ONLY_LINED = /\b(?:line|lined|on) (?:\w+ ){0,4}(?:with )?(?:a |an )?(?:silicone|baking)(?: baking)? mat\b/i;
const BALL = /\b(?:roll|shape|form|make|into|little|small)\b(?:[^.]|\.\d){0,40}\bballs?\b|\bmeat ?balls?\b|\bmarbles\b/i;
const LOG =
  /\b(?:logs?|sausage shapes?|(?:into|form|roll|shape)(?:[^.]|\.\d){0,20}\bsausages?|pinwheels?|spiral|swirls?)\b|\broll(?:ed)? (?:it |them |the dough )?up\b/i;
const DROP =
  /\b(?:drop(?:ped)?|scoop(?:ed)?|dollops?|(?:tea|table)?spoonfuls?|pipe[ds]?|piping|blobs?|mounds?|patt(?:y|ies)|by the (?:tea|table)?spoon|spoon(?! (?:into|in|over)\b))\b/i;
const SLAB =
  /\b\d{1,2} ?x ?\d{1,2}(?:[- ]inch)? (?:\w+ )?(?:pan|tin|dish)\b|\b(?:spread|press|pat|pour|scrape|spoon)\b(?:[^.]|\.\d){0,60}\b(?:pan|tin|tray|sheet|dish)\b|\bbake in (?:an? |the )?[^.]{0,30}\b(?:pan|tin|dish)\b|\bscor(?:e|ed|ing)\b|\bbreak into pieces\b/i;
const CUBE = /\bcubes?\b|\bdice[ds]?\b|\bskewers?\b/i;
const SLICE = /\bslic(?:e|ed|es|ing)\b|\bstrips?\b|\brings?\b|\bribbons\b|\bjerky\b|\bcrisps?\b|\bchips?\b|\bhalve\b/i;
const ROLL = /\broll\b|\bcutter\b|\bstamp\b|\bcut (?:out|into|in|with|\d|the)\b|\bthick/i;

/** Which way of shaping the words mean; null where they say nothing of it. */
export function methodOf({ text, name, list, floury, onlyCold }: ShapeClues): ShapeMethod | null {
  const all = `${text} ${list}`;
  const rolledOut = /\broll(?:ed)? (?:out|to|the dough)\b/i.test(text);
  if (BALL.test(text) || /\bballs?\b/i.test(name))
    return onlyCold || !/\broll(?:ed)? out\b/i.test(text) ? 'ball' : 'roll-and-cut';
  if (onlyCold && MOULD.test(text)) return 'frozen-mould';
  if (CAKE.test(text)) return 'cake';
  if (CUP.test(text)) return 'cup';
  if (MAT.test(text) && !ONLY_LINED.test(text)) return 'mat';
  if (!floury && CUBE.test(all) && !SLAB.test(text)) return 'cube';
  if (!floury && SLICE.test(all) && !SLAB.test(text) && !DROP.test(text)) return 'slice';
  if (LOG.test(text) && /\b(?:slic|cut)/i.test(text)) return 'log-slice';
  if (SLAB.test(text) && !rolledOut && !/\bdrop|scoop/i.test(text)) return 'score-slab';
  if (DROP.test(text) && !rolledOut) return 'drop';
  if (/\bscor(?:e|ed|ing)\b[^.]*\b(?:squares|fingers|strips|bars|cm|mm|inch)/i.test(text)) return 'score-slab';
  return ROLL.test(text) ? 'roll-and-cut' : null;
}
