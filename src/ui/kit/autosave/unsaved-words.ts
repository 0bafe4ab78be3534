import type { SavingState } from './saver';

/** Why something is not saved, and what becomes of it if one leaves. */
export const unsavedWords = ({ why, here }: Extract<SavingState, { kind: 'unsaved' }>): string =>
  `${why} ${here ? 'This browser keeps it meanwhile.' : 'This browser has no room to keep it: stay on this page until it is saved.'}`;
