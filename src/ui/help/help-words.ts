import { FEEL_STARTS } from '@/core/dough';

/** Words that this product uses in a sense of its own, in the order in which one meets them. */
export const HELP_WORDS: ReadonlyArray<readonly [word: string, means: string]> = [
  ['batch', 'one making of a recipe, from bowl to jar'],
  ['Snap', 'how crisp a piece is once it is cold, after a day in a closed pack: 0 bends, 10 snaps clean'],
  ['Keeps', 'days until something ends it, and what that is: soft, stale, rancid or mould'],
  ['likely', 'what turns out when everything is as planned; about half of such batches turn out more, half less'],
  ['at least', 'what you can count on: nine batches of ten reach it'],
  ['band', 'low to high; four of five batches fall inside. It is wide where flour, hands or oven differ'],
  ['assumed', 'put in because no words said it; on a dotted line until you accept or change it'],
  ['water left', 'grams of water in a hundred grams of the finished piece'],
  ['the middle', 'the inside of the piece, which heats and dries last'],
  [
    'softness',
    `how much free water the dough has for what its flour binds: below ${FEEL_STARTS.rollable} stiff, above ${FEEL_STARTS['soft-sticky']} sticky`,
  ],
  ['hold back', 'flour kept aside until the dough has stood, and added only if it is still soft'],
  ['first roll, re-roll', 'what is cut from the fresh sheet, and from its scraps rolled out again; re-rolls are tougher'],
  ['load', 'what is in the appliance at once'],
  ['oven off', 'the pieces stay in the closed oven while it cools, and go on drying'],
  ['pace', 'how fast your appliance dries against the model: 0.9 takes a tenth longer'],
  ['call', 'one thing that hands do at the oven at a time'],
  ['pack', 'a jar, bag or tin of treats with its own date'],
  ['lot', 'one delivery of an ingredient, or one baking on a label: to find it again'],
];

export const HELP_MARKS: ReadonlyArray<readonly [mark: 'stop' | 'mind' | 'note', name: string, means: string]> = [
  ['stop', 'Stop', 'it is not fit to feed, or not safe to do so; something has to change first'],
  ['mind', 'Mind', 'it can be done, with care: read what to do'],
  ['note', 'Note', 'good to know; nothing has to change'],
];

/** Keys that work wherever they make sense. */
export const HELP_KEYS: ReadonlyArray<readonly [keys: string, does: string]> = [
  ['1 – 7', 'the stations of a batch, Weigh to Keep'],
  ['Ctrl + Z, Ctrl + Y', 'undo, redo'],
  ['Ctrl + S', 'save now; it also saves by itself'],
  ['Arrow keys', 'a number one step, a corner of the programme one minute or degree; with Shift ten'],
  ['Enter, Escape', 'a typed value counts, or goes back to what it was'],
  ['Space, Enter', 'at the oven: done'],
  ['?', 'this help'],
];
