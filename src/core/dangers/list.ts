import type { Danger } from './danger';

/**
 * What hurts dogs and how recipes call it. Lower case, American and British.
 * Sources: Dunayer 2006 (xylitol), Gwaltney-Brant 2001 (chocolate), Cope 2005 (onion family), Wegenast et al. 2022 (grapes,
 * tartrates), Hansen et al. 2000 (macadamia), Houston & Head 1993 (alcohol), Duncan et al. 1997 (hops), Boag et al. 2005
 * (tremorgenic moulds), Cortinovis & Caloni 2016 (a review of all of these).
 */
export const DANGERS: readonly Danger[] = [
  {
    code: 'xylitol',
    severity: 'stop',
    named: /\b(xylitol|xylit|birch sugar|birch sweetener|birkenzucker|wood sugar|e[- ]?967)\b/g,
    why: 'A small amount drops the blood sugar of a dog and can destroy its liver. Take something plain instead.',
  },
  {
    code: 'sweetener',
    severity: 'mind',
    named:
      /\b(artificial sweeteners?|sweetener|stevia|erythritol|sorbitol|maltitol|aspartame|sucralose|saccharin)\b|\b(sugar[- ]?free|no[- ]sugar(?! added)|zero[- ]sugar|without sugar(?! added))(?= \S)|\b(light|lite|diet)\b(?= (?:[a-z]+ )?(?:yogh?urt|yoghourt|syrup|jam|jelly|ice cream|pudding|custard|dessert|topping|spread|soda))/g,
    alike: /\bno[- ]added[- ]sugar\b|\bno[- ]sugar[- ]added\b|\blight (corn|rye|wheat) syrup\b/g,
    why: 'Sugar-free and light products may be sweetened with xylitol, which can kill. Read the packet: without xylitol (E967, birch sugar) in every case.',
  },
  {
    code: 'chocolate',
    severity: 'stop',
    named:
      /\b(chocolate|choc|chocs|choco|cocoa|cacao|brownie mix)\b(?! butter)|\bdark choc\b|\bnutella\b|\b(hazelnut|nut) cocoa spread\b/g,
    why: 'Theobromine and caffeine in cocoa poison dogs; the darker, the worse. Use carob instead.',
  },
  {
    code: 'caffeine',
    severity: 'stop',
    named:
      /\b(coffee|espresso|tea ?bags?|tea leaves|(?:black|green|white|strong|brewed|iced|cold) tea|cups? of tea|matcha|guarana|yerba mate|caffeine|energy drinks?|cola)\b/g,
    alike: /\b(coffee (mug|cup|grinder|mill|filter|spoon|table)s?|tea ?(towel|cup|spoon)s?|decaf\w*( \w+)?)\b/g,
    why: 'Caffeine makes the heart of a dog race; leave it out.',
  },
  {
    code: 'onion',
    severity: 'stop',
    named: /\b(onions?|scallions?|shallots?|leeks?|chives?|ramps|ramsons|wild garlic|bear'?s garlic|pickled onions?)\b/g,
    why: "The onion family destroys a dog's red blood cells, raw, cooked or as powder.",
  },
  {
    code: 'garlic',
    severity: 'mind',
    named: /\bgarlic\w*\b/g,
    why: 'Garlic is of the onion family. People disagree about small amounts; most poison centres advise none. Ask your vet.',
  },
  {
    code: 'grape',
    severity: 'stop',
    named:
      /\b(grapes?|raisins?|sultanas?|currants?|vine fruits?|cream of tartar|tartaric acid|tamarind|mincemeat|(?:christmas|plum) pudding)\b/g,
    alike: /\b(grape ?seed\w*( oil| flour| extract)?|grape ?fruit\w*|grape tomato\w*|(black|red|white|pink)[- ]?currants?)\b/g,
    why: 'Grapes, raisins and tartrates can stop the kidneys of a dog, and no dose is known to be harmless.',
  },
  {
    code: 'macadamia',
    severity: 'stop',
    named: /\bmacadamias?\b/g,
    why: 'Macadamia nuts make dogs weak and feverish for days.',
  },
  {
    code: 'nuts',
    severity: 'stop',
    named: /\b(walnuts?|pecans?|mixed nuts|trail mix|hickory nuts?|black walnuts?)\b/g,
    why: 'Walnuts and pecans grow moulds that make dogs tremble, and are very fat. Take plain peanuts or seeds.',
  },
  {
    code: 'alcohol',
    severity: 'stop',
    named:
      /\b(rum|brandy|whisk(?:e)?ys?|vodka|gin|liqueurs?|bourbon|kirsch|cognac|tequila|schnapps|amaretto|moonshine|grappa|calvados|spirits)\b(?! (?:extract|essence|flavou?r|steak|roast))/g,
    alike: /\b(rump|cotton gin|spirits? of (hartshorn|salt)|white spirits?)\b/g,
    why: 'Dogs are poisoned by little alcohol, and what is brushed on or added late does not bake off. Use water or broth.',
  },
  {
    code: 'alcohol',
    severity: 'mind',
    named:
      /\b(beer|ale|lager|stout|porter|(?:hard|dry|strong|alcoholic) cider|cider \(?hard\)?|red wine|white wine|wine|sherry|port wine|marsala|champagne|prosecco|vermouth|mead|sake)\b(?! (?:vinegar|yeast|batter mix|glass(?:es)?|bottle))/g,
    alike:
      /\b(ginger (ale|beer)|root beer|wine (vinegar|glass(es)?|bottle|gum)s?|(non|un)[- ]?alcoholic \w+|alcohol[- ]free \w+|brewer'?s \w+)\b/g,
    why: 'Part of its alcohol bakes off, part stays; beer has met hops besides. Use broth or water.',
  },
  {
    code: 'alcohol',
    severity: 'note',
    named:
      /\b(?:vanilla|almond|lemon|orange|peppermint|mint|maple|rum|anise|aniseed|coconut|banana|strawberry|butterscotch|brandy|flavou?ring) (?:extracts?|essences?)\b/g,
    why: 'Extracts are a third alcohol or more. A teaspoon in a batch that is baked leaves next to nothing; do not add it to what is not baked.',
  },
  {
    code: 'nutmeg',
    severity: 'stop',
    named:
      /\b(nutmegs?|(?:ground |blade of |blades of )?mace|pumpkin(?: pie)? spice|(?:apple|mixed|gingerbread|speculaas|christmas) (?:pie )?spices?|quatre[- ]epices|eggnog)\b/g,
    alike: /\bmace (spray|can)\b/g,
    why: 'Nutmeg and mace hold myristicin, which makes dogs tremble and confused; spice mixes often hold it. Cinnamon or ginger do instead.',
  },
  {
    code: 'yeast-dough',
    severity: 'stop',
    named:
      /\b(?:raw|uncooked|unbaked)\b(?: \w+){0,2} ?(?:bread|pizza|yeast|roll)\w*(?: \w+)? ?dough\b|\b(?:raw|uncooked|unbaked)(?: yeast)? dough\b(?=[^.]*\b(?:try|eat|taste|lick|give|feed|snack|nibble)\b)|\b(?:give|feed|let)\b[^.]*\b(?:raw|uncooked|unbaked)(?: yeast)? dough\b|\bdough\b(?=[^.]*\buncooked\b)/g,
    why: 'Raw yeast dough rises in the stomach and makes alcohol there.',
  },
  {
    code: 'hops',
    severity: 'stop',
    named: /\b(hops|hopped|dry[- ]hopped|hop (?:pellets?|cones?|flowers?|extract|leaf|leaves))\b/g,
    why: "Hops, spent or fresh, can raise a dog's temperature until it dies.",
  },
  {
    code: 'avocado',
    severity: 'stop',
    named: /\b(avocados?|avocadoes|guacamole)\b(?! oil)/g,
    why: 'Persin, much fat and a stone that sticks: avocado is on every list of what dogs should not eat.',
  },
  {
    code: 'cooked-bones',
    severity: 'stop',
    named:
      /\b(?:cooked|roast(?:ed)?|boiled|grilled|smoked|barbecued?|bbq|leftover)(?: [a-z]+){0,2} bones?\b(?![- ]?(?:broth|stock|shape|shaped|cutter|meal|marrow))|\bcarcass(?:es)?\b|\b(?:rib|chop|t)[- ]bones?\b/g,
    alike: /\bbone[- ]?(broth|stock|meal|shapes?|shaped|cutters?|dry)\b/g,
    why: 'Cooked bones splinter and pierce the gut.',
  },
  {
    code: 'mouldy',
    severity: 'stop',
    named:
      /\b(mou?ldy|(?:spots?|patch(?:es)?|traces?|specks?) of mou?ld|furry with mou?ld|blue cheese|stilton|gorgonzola|roquefort|gone off|rancid|rotten)\b/g,
    why: 'Moulds on bread, nuts and cheese make poisons that give dogs fits. Throw it away.',
  },
  {
    code: 'pits',
    severity: 'stop',
    named:
      /\b(?:apricot|peach|plum|cherry) (?:kernels?|pits?|stones?)\b|\b(?:apple|pear) (?:seeds?|pips?)\b|\bwith (?:the |their )?(?:stones?|pits?|seeds|pips)(?: in| left in)?\b(?= *(?:$|[),.;]|in\b|left\b))|\bwhole with seeds\b|\bincluding (?:the )?(?:stones?|pits|pips|core and seeds)\b|\bbitter almonds?\b/g,
    why: 'Stones and pips hold amygdalin, which turns to cyanide, and stones block the gut. Take them out.',
  },
  {
    code: 'green-potato',
    severity: 'stop',
    named:
      /\b(?:green|sprouted|sprouting) potato(?:e?s)?\b|\bpotato (?:sprouts?|leaves|peel(?:s|ings)?)\b|\btomato (?:leaves|stems?|plants?)\b/g,
    why: 'Green potatoes and the green of tomato plants hold solanine.',
  },
  {
    code: 'rhubarb',
    severity: 'stop',
    named: /\brhubarb\b/g,
    why: 'Rhubarb binds calcium and harms the kidneys; its leaves are worst.',
  },
  {
    code: 'cannabis',
    severity: 'stop',
    named: /\b(cannabis|marijuana|weed butter|canna ?butter|thc|hashish)\b/g,
    why: 'THC makes dogs ill for a day or more, and worse in butter.',
  },
  {
    code: 'essential-oil',
    severity: 'mind',
    named: /\b(essential oils?|tea tree oil|peppermint oil|eucalyptus oil|pennyroyal|wintergreen oil|oil of wintergreen)\b/g,
    why: 'Essential oils are strong poisons for dogs, a few drops being enough. Use the herb itself.',
  },
  {
    code: 'salt',
    severity: 'mind',
    named:
      /\b(salt|salted|soy sauce|soya sauce|tamari|fish sauce|stock cubes?|bouillon(?: cubes?)?|stock powder|gravy granules|brined?|msg|marmite|yeast extract|olives in brine|anchov(?:y|ies)|salami|pepperoni)\b/g,
    alike:
      /\b(salt ?water fish|unsalted|(?:low|reduced|less|lower)[- ](?:salt|sodium)(?: [a-z]+)?|salt[- ](?:reduced|dough)|salt ?peter|(?:no|without)(?: any)? added[- ]salt|epsom salts?)\b/g,
    why: 'Dogs need no added salt, and a good deal of it poisons them.',
  },
];
