import type { Answers } from '@/formats/recipe-draft';
import type { BatchDocument, Scale } from '@/core/document';
import type { Heat, Shape } from './types';

/** A recipe being brought in, as it is kept in the browser until it is saved or left for good. */
export type BroughtDraft = {
  readonly text: string;
  /** A file's bytes in base64 and its name, where it came from one. */
  readonly file: { readonly name: string; readonly content: string } | null;
  readonly cups: 'us' | 'metric' | 'uk' | null;
  /** Which of several recipes of a page. */
  readonly recipe: number;
  readonly answers: Answers;
  /** What the baker puts in place of what was read. */
  readonly shape: Shape | null;
  readonly heat: Heat | null;
  readonly scale: Scale | null;
  /** Whether the baker accepted what was assumed. */
  readonly accepted: boolean;
  /** As it stands in the editor, once it was opened there; null while it is still only read. */
  readonly edited: BatchDocument | null;
};

export const EMPTY_DRAFT: BroughtDraft = {
  text: '',
  file: null,
  cups: null,
  recipe: 0,
  answers: {},
  shape: null,
  heat: null,
  scale: null,
  accepted: false,
  edited: null,
};

const KEY = 'recipe-being-brought';

/** The draft of this browser; an empty one where there is none or it cannot be read. */
export function keptDraft(): BroughtDraft {
  try {
    const kept = localStorage.getItem(KEY);
    return kept === null ? EMPTY_DRAFT : { ...EMPTY_DRAFT, ...(JSON.parse(kept) as Partial<BroughtDraft>) };
  } catch {
    return EMPTY_DRAFT;
  }
}

/** Keeps a draft; a browser without room or leave for it keeps none, and the page goes on. */
export function keepDraft(draft: BroughtDraft): void {
  try {
    if (draft.text === '' && draft.file === null && draft.edited === null) localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, JSON.stringify(draft));
  } catch {
    // Without a store the words stand on the page alone.
  }
}

export const dropDraft = (): void => keepDraft(EMPTY_DRAFT);

/** Keeps what stands in the editor beside the words it came from. */
export const keepEdited = (edited: BatchDocument | null): void => keepDraft({ ...keptDraft(), edited });

/** Bytes as text that a browser's store takes, and back. */
export function toBase64(bytes: Uint8Array): string {
  let binary = '';
  for (const byte of bytes) binary += String.fromCharCode(byte);
  return btoa(binary);
}
export const fromBase64 = (text: string): Uint8Array => Uint8Array.from(atob(text), (letter) => letter.charCodeAt(0));
