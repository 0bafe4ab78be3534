/**
 * Sentences that more than one place says, so that all say the same. What only one check can say stands beside that check,
 * where it is changed together with it.
 */
export const SENTENCES = {
  noSuchPage: 'There is nothing at this address. It may have been mistyped.',
  noSuchBatch: 'There is no such batch. It may have been deleted; look in the bin.',
  noSuchRecipe: 'This recipe is no longer in the book. Go back to Recipes.',
  noKitchen: 'There is no such kitchen here. It may have been removed; choose another on the first page.',
  noSuchAppliance: 'There is no such appliance. It may have been taken out of the kit.',
  notAtTheOven: 'This batch is not at the oven. It may have been given up on another page.',
  notADay: 'A day is written like 2026-11-28.',
  notAnId: (what: string) => `${what} is kept under small letters, digits and dashes.`,
  notAnSvg: 'This is not an SVG drawing. Export the outline as a plain SVG file.',
  noRecipeOnPage: 'There is no recipe on this page. Paste its text instead.',
  nothingWaits: 'Nobody waited for this any more, so it was not finished.',
  ownFault:
    'This could not be worked out: a fault of the program, not of your batch. Nothing is lost; change something and try again.',
  changedElsewhere: (what: string) =>
    `Someone saved ${what} while you were changing it. Choose which one to keep; nothing was overwritten.`,
} as const;
