/** Pages hear here that this device is signed in no longer, whichever of their requests was told. */
const told = new Set<() => void>();
let out = false;

export function tellSignedOut(): void {
  out = true;
  for (const tell of told) tell();
}
export const isSignedOut = (): boolean => out;
export function onSignedOut(tell: () => void): () => void {
  told.add(tell);
  return () => told.delete(tell);
}
