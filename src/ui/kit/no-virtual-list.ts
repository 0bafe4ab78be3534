/**
 * Stands in for a package that Headless UI's list loads for lists of thousands, which no list of ours is: it would be a tenth of what a
 * page with an ingredient field weighs. Named in next.config.ts; whoever gives a list `virtual` is told.
 */
export function useVirtualizer(): never {
  throw new Error('Long lists are cut here, not drawn as they are scrolled: see next.config.ts.');
}
