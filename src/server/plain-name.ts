/** Most letters of a file's name. */
const LONGEST = 60;

/** A name that every computer takes as a file's: small letters and figures. */
export const plainName = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .slice(0, LONGEST)
    .replace(/^-|-$/g, '');
