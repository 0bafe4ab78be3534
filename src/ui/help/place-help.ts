/** What a place is for, and what can be done there, in the order of the work. */
export type PlaceHelp = {
  readonly name: string;
  readonly isFor: string;
  readonly does: readonly string[];
};

/** By the first part of the address; '' is the first page. */
export const PLACE_HELP: Readonly<Record<string, PlaceHelp>> = {
  '': {
    name: 'Today',
    isFor: 'The kitchen as it stands now: what bakes, what to do next, what to use up, and when you bake again.',
    does: [
      'The button at the top opens the batch that you changed last.',
      'Press a line to go to what it tells of.',
      'Nothing here yet? Bring a recipe: what comes of it stands beside your words at once.',
    ],
  },
  recipes: {
    name: 'Recipes',
    isFor: 'Your book. Each recipe shows what one making of it gives: pieces, minutes, how it feels and how long it keeps.',
    does: [
      'Bake this makes a batch of it. The batch is a copy: change it freely, the recipe stays.',
      'Write a recipe takes words as they are, from a card, a page or a message.',
      'Find by name, ingredient, way of making, or by the dog that may eat it.',
      'Every saved change keeps the version before it.',
    ],
  },
  batch: {
    name: 'Batch',
    isFor: 'One making from bowl to jar. The line on top shows what each station gives; the plate shows what comes out.',
    does: [
      'Go through the stations from left to right; change anything, and everything after it is worked out again.',
      'A figure on a dotted line is assumed: nobody said it. Accept it, or give your own.',
      'The large figure is what you can count on: nine batches of ten are at least so good. The likely one stands beside it.',
      'At Heat, drag the corners of the programme, or let a programme be found that does what you wish.',
      'Begin at the oven when you start: you are called for each thing to do.',
    ],
  },
  day: {
    name: 'Bake day',
    isFor: 'Several batches on one day: who is in which appliance when, when hands are needed, and whether all is ready in time.',
    does: [
      'Tick the batches and say when each is wanted.',
      'The plan looks for the best order by itself. Drag a block to pin it where you want it.',
      'The numbered list is the same that is printed and that At the oven calls.',
    ],
  },
  oven: {
    name: 'At the oven',
    isFor: 'One thing at a time, as large as it gets: what to do now, and what comes next.',
    does: [
      'Press Done when it is done. The times of all later calls follow.',
      'Weigh a tray or measure the middle when you can: the forecast of the end narrows.',
      'A reload, a sleeping phone or a lost line loses nothing.',
    ],
  },
  practice: {
    name: 'Practise',
    isFor: 'Bakes that cost no flour: a simulated piece in your own oven, of which you see only what a kitchen shows.',
    does: [
      'Let it bake, or pass minutes in steps. Lifting, weighing, probing, breaking and cooling one tell something and cost time.',
      'Take them out when you think they are right, and say how wet the middle is before it is cut open.',
      'You are judged by what you could know: a lucky guess earns nothing, and bad luck costs nothing.',
      'A lesson is five bakes, each with something else hidden.',
    ],
  },
  jars: {
    name: 'Jars',
    isFor: 'What is baked and not yet eaten, and until when each pack is good.',
    does: [
      'Press a pack to open it, take from it, give, sell, move or discard it.',
      'Use first what ends first.',
      'After six weeks it says what will be wanted, and how much to bake.',
    ],
  },
  log: {
    name: 'Log',
    isFor: 'What was forecast, and what the scale said. From this the kitchen learns how your ovens really work.',
    does: [
      'Enter weights of a finished batch: pieces, tray before and after, how one breaks.',
      'Take a thing learned out of use, or reset it, when an oven was mended or moved.',
      'Open a weighed batch and ask why it came out so.',
      'Tick two or more batches to see them side by side.',
    ],
  },
  dogs: {
    name: 'Dogs',
    isFor: 'Who eats, what each must not have, and how many pieces a day are a treat and no meal.',
    does: [
      'Weight, age and a quiet or busy day set what a dog may have.',
      'Press a mark in the table to read why it is not more.',
      'Ask your vet about illness, pups and diets. This only counts.',
    ],
  },
  pantry: {
    name: 'Pantry',
    isFor: 'Ingredients: what is in them, what a cup of them weighs, what you pay, and what is in the house.',
    does: [
      'Add what you buy from its packet: the numbers on it are enough.',
      'The shopping list counts what the planned batches need.',
    ],
  },
  kit: {
    name: 'Kit',
    isFor: 'Your appliances as they really are, and what work, packs and energy cost you.',
    does: [
      'Two readings with a thermometer in an empty oven tell more than its dial: do them once for each.',
      'What an appliance taught over batches stands in the Log.',
    ],
  },
  settings: {
    name: 'Settings',
    isFor: 'Name and place of the kitchen, units and dates, colours, keys, other devices, and copies.',
    does: ['Units change what you read and type. What is saved stays the same.', 'Single-letter keys can be switched off here.'],
  },
};

/** A place that has no help of its own stands under the first page. */
export const helpOf = (place: string): PlaceHelp => PLACE_HELP[place] ?? PLACE_HELP[''];
