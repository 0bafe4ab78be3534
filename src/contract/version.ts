/** A thing as it stands saved. Its revision rises by one with every save; a save over an older revision changes nothing. */
export type Version<T> = { readonly revision: number; readonly document: T; readonly saved_at: string };

/** How a save that went well is answered. */
export type SavedAs = { readonly revision: number; readonly saved_at: string };
