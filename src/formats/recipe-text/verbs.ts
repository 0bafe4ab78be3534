/** What a step of a recipe begins with. A line without an amount that begins otherwise is told apart by what else is in it. */
const VERBS = new Set(
  (
    'preheat pre-heat heat mix stir combine add roll cut bake cook boil mash knead whisk beat fold place put line let leave cool rest ' +
    'chill dry turn grind blend blitz pour spread score drop shape form store allow transfer remove brush set drain peel grate melt ' +
    'warm keep serve using once when divide press spoon scoop freeze soak wash rinse slice chop dice lay arrange dehydrate flip repeat ' +
    'pat pulse process puree purée whizz whiz plonk tip rub make take simmer steam poach toast roast grill fry air-fry prick dock dust ' +
    'sprinkle drizzle dip coat ice frost top garnish decorate sandwich fill stuff wrap cover grease oil flour halve quarter core trim ' +
    'strain squeeze mould mold pipe squash stamp snap break return reduce lower raise finish check test wait enjoy give feed refrigerate ' +
    'defrost thaw pre-freeze work bring sift sieve measure weigh crumble crush tear shred thread skewer scrape fluff flatten smooth ' +
    'level gather lift swirl stack layer spritz spray season dissolve sprout ferment proof prove punch pull push pop pack label bag ' +
    "switch open close prop do don't shake toss marinate render skim reserve discard save cream incorporate start begin continue " +
    'first then next finally meanwhile after before if as for while with in on to use blanch hang smoke stand steep unmould unmold ' +
    'combine, partially partly lightly gently carefully thoroughly thinly roughly finely very always never note tip: tips hint'
  ).split(/\s+/),
);

const firstWord = (text: string): string =>
  text
    .toLowerCase()
    .replace(/^[^a-zé'-]+/, '')
    .split(/[\s,;:.!]+/)[0] ?? '';

/** Whether a line begins as a step does. */
export const startsWithVerb = (text: string): boolean => VERBS.has(firstWord(text));

/** Words that only something to do has in it, wherever they stand. */
const DOING =
  /\b(?:oven|bake[ds]?|baking|preheat\w*|minutes?|mins?|hours?|hrs?|degrees|roll(?:ed|ing)? out|until|°|cutter|tray|then|dehydrat\w+)\b/i;
export const soundsLikeDoing = (text: string): boolean => DOING.test(text);
