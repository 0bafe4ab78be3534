/** Quarters of the year by their months, the same on both halves of the earth. */
export const SEASONS = ['dec-feb', 'mar-may', 'jun-aug', 'sep-nov'] as const;
export type Season = (typeof SEASONS)[number];

/** A room's air. */
export type RoomAir = { readonly room_c: number; readonly room_rh_pct: number };

/** The quarter of the year that a day is in. */
export function seasonOf(isoDay: string): Season {
  const month = Number(isoDay.slice(5, 7));
  return SEASONS[Math.floor((month % 12) / 3)];
}

/** A room's air on a day: the season's own where it has one. */
export const airOn = (
  isoDay: string,
  { room_c, room_rh_pct, seasons }: RoomAir & { readonly seasons: Partial<Readonly<Record<Season, RoomAir>>> },
): RoomAir => seasons[seasonOf(isoDay)] ?? { room_c, room_rh_pct };
