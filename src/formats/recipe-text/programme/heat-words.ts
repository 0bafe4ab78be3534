import type { ApplianceKind } from '@/core/catalogue';

/** The oven is off and the pieces stay in. */
export const OFF =
  /\b(?:turn(?:ed)?|switch(?:ed)?|shut)[- ]?(?:the |your |it |oven )*(?:oven |heat |it )?off\b|\boven off\b|\bturned[- ]off oven|\bswitched[- ]off oven|\boff (?:for|in|at)\b|^off\b|\bcool(?:ing|ed)? (?:down |off |completely )*(?:in|inside)\b(?! (?:the |a )?(?:fridge|refrigerator|tin|pan|muffin|tray))|\b(?:leave|let|stand|sit|remain|stay)\b[^.]*\bin (?:the |your )?(?:cooling |hot |warm |residual |turned-off |switched-off |closed )?oven\b|\bleave (?:them |it )?(?:in|inside)\b(?! (?:the |a )?(?:fridge|freezer|tin|pan|bowl|marinade))|\bresidual heat\b/i;

/** What is done with heat, wherever it stands in a clause. */
export const HEATING =
  /\b(?:bak(?:e[sd]?|ing)|cook(?:ed|ing)?|roast(?:ed|ing)?|dr(?:y|ied|ying)|dehydrat\w*|air[- ]?fr\w+|grill(?:ed|ing)?|toast(?:ed|ing)?|crisp(?:ed|ing)?|oven|fry|fried|griddle|back in|return(?:ed)?|lower(?:ed)?|reduc\w+|turn (?:it |the oven |the heat |heat |oven )?(?:down|up)|drop (?:the )?(?:temperature|heat|oven)|finish|heat|hold|smok(?:e|ed|ing)|pre-?heat(?:ed)?|set (?:the oven|it) to|raise)\b/i;

/** What takes time without heat, or heats something else. */
export const RESTING =
  /\b(?:rest(?:ed|ing)?|knead(?:ed|ing)?|prov(?:e|ed|ing)|proof(?:ed|ing)?|ris(?:e|en|ing)|soak(?:ed|ing)?|simmer(?:ed|ing)?|boil(?:ed|ing)?|blanch(?:ed|ing)?|steam(?:ed|ing)?|beat|whisk|mix(?:ed|ing)?|marinat\w*|set aside|to set|let set|set for|bubbl\w+|bloom|gel|thicken|sit|microwave|poach|stand|process|blend|cool (?:for|on|completely)?)\b/i;

/** Where it is kept, and how warm, is no heat that it is baked at. */
export const STORING = /\b(?:keeps|keep (?:for|up to|at|below|under)|stor(?:e|es|ed|ing)|lasts)\b/i;

/** How many there are, not how long. */
export const COUNTING = /\b(?:makes?|making|enough|serves?|yields?)\b/i;

export const COLD_OVEN = /\bcold oven\b|\bnot pre-?heated\b/i;

export const TURNING = /\b(?:turn(?:ed|ing)?|flip(?:ped|ping)?)\b(?![-\s]*(?:\w+ ){0,2}(?:off|out|down|up|into|to)\b)/i;
export const STIRRING = /\b(?:stir(?:red|ring)?|shak(?:e|en|ing)|toss(?:ed|ing)?)\b/i;
export const ROTATING = /\brotat\w+\b|\bswap (?:the )?(?:trays|shelves)\b/i;
export const BRUSHING = /\bbrush(?:ed|ing)?\b/i;
export const TURNING_OUT =
  /\b(?:turn(?:ed)? (?:it |them )?out|pop(?:ped)? (?:them )?out|un-?mou?ld|release|de-?mou?ld|peel(?:ed)? off|tip(?:ped)? out)\b/i;
export const SNAPPING = /\b(?:snap(?:ped)?|break|broken) (?:them |it )?(?:apart|up|into|along)\b|^snap\b/i;
export const CUTTING = /\b(?:cut|slice|dice)\b/i;
export const HALF_WAY = /\bhalf[- ]?(?:way|time)?\b|\bmid[- ]?way\b|\bonce\b|\bmiddle of\b/i;
export const EVERY = /\bevery\s*$/i;
const AFTER = /\bafter\s*(?:the first\s*)?$/i;
const AT_THE = /\b(?:at|by)\s+(?:the|about)?\s*$/i;
const MARK = /^\s*(?:mark|point)\b/i;
/** "After 20 minutes", "at the 4 hour mark": when, not how long. */
export const isWhen = (before: string, behind: string): boolean =>
  AFTER.test(before) || (AT_THE.test(before) && MARK.test(behind));

export const FREEZE_DRYING = /\bfreeze[- ]?dr\w+/i;
export const FREEZING = /\b(?:pre-?)?(?:freez(?:e|ing|er)|frozen)\b/i;
export const NOT_WHOLLY = /\b(?:partial(?:ly)?|partly|semi|half|slightly|from|if)\b[- ]*(?:pre-?)?(?:freez|froz)/i;
export const CHILLING = /\b(?:chill(?:ed|ing)?|refrigerat\w+|in the fridge)\b/i;

/** The temperature is of the piece's middle or of a liquid, not of the air. */
export const NOT_THE_AIR =
  /\b(?:core|internal|inside|middle|centre|center|thermometer|reach\w*|until it reads|water|milk|broth|stock|lukewarm)\b[^.;]{0,24}$/i;
/** A time that says how long it keeps, not what is done. */
export const LONG_UNIT = /day|week|wk|fortnight|month|mth|\bmos?\b|year|yr/i;

/** Ovens that are described rather than set [°C]. Source: the usual words of British and American books. */
export const OVEN_WORDS: ReadonlyArray<readonly [words: RegExp, setpoint_c: number]> = [
  [/\bvery (?:cool|low|slow) oven\b|\blowest (?:setting|heat)\b/i, 100],
  [/\b(?:slow|cool|low) oven\b/i, 150],
  [/\bmoderate(?:ly)? hot oven\b|\bfairly hot oven\b/i, 200],
  [/\bmoderate oven\b|\bmedium oven\b/i, 180],
  [/\bhot oven\b/i, 220],
  [/\b(?:medium[- ]low|low) heat\b/i, 140],
  [/\bmedium heat\b/i, 170],
  [/\bhigh heat\b/i, 210],
];

/** What a clause says it is done in; the first that fits counts. */
export const APPLIANCE_WORDS: ReadonlyArray<readonly [words: RegExp, kind: ApplianceKind]> = [
  [FREEZE_DRYING, 'freeze-dryer'],
  [/\bdehydrat(?:or|e|ed|ing)\b|\bdrying (?:sheet|cabinet)\b/i, 'dehydrator'],
  [/\bair[- ]?fr\w+/i, 'air-fryer'],
  [/\b(?:contact|electric|panini|sandwich|hinged) (?:grill|press)\b|\bgrill(?:ed)?\b/i, 'contact-grill'],
  [/\b(?:toaster|mini|countertop|table[- ]?top) oven\b/i, 'small-oven'],
  [/\b(?:fan|convection|fan[- ]assisted) (?:oven|bake)\b|\bumluft\b/i, 'fan-oven'],
  [/\bgas oven\b/i, 'gas-oven'],
  [/\b(?:frying pan|skillet|griddle|dry pan|on the hob|pan[- ]fry|fry(?:ing)?)\b/i, 'hob-pan'],
];
