/** Space between the drawn sheets, and the tallest that one may be drawn [px]. */
export const SPACE_PX = 18;
export const TALLEST_PX = 284;
