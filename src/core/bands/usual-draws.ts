/** Draws that a door makes. */
export const USUAL_DRAWS = 100;
