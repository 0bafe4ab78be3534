/** How much longer the last stretch of heat is tried [min]; a freeze dryer is slow. */
export const LONGER_MIN = 10;
