/** When a part comes to the pieces: before the heat, between two stretches of it, or when it is over. */
export const PART_TIMES = ['before', 'during', 'after'] as const;
export type PartTime = (typeof PART_TIMES)[number];

/** Everything the house knows of what a part of a treat does. */
type RoleRecord = {
  /** When it usually comes to the pieces. */
  readonly when: PartTime;
  /** It is eaten from the inside, or the piece from inside it: what it weighs is part of the piece's body. */
  readonly inside: boolean;
  /** Share of a piece's upper face that it usually covers [%], and how thick one coat of it lies [mm]. Source: ours, weighed washes and dips. */
  readonly covers_pct: number;
  readonly coat_mm: number;
};

const role = (when: PartTime, inside: boolean, covers_pct: number, coat_mm: number): RoleRecord => ({
  when,
  inside,
  covers_pct,
  coat_mm,
});

/** What goes on, into or round the pieces. */
const FINISH_ROLES = {
  filling: role('before', true, 100, 4),
  shell: role('before', true, 100, 2),
  frosting: role('after', false, 100, 3),
  dip: role('after', false, 100, 0.8),
  drizzle: role('after', false, 35, 1),
  wash: role('before', false, 100, 0.12),
  sprinkle: role('before', false, 100, 1),
  dusting: role('before', false, 200, 0.02),
  /** Biscuits set upright round a cake. */
  border: role('after', false, 100, 3),
} as const;

export type FinishRole = keyof typeof FINISH_ROLES;
export const roleRecord = (name: FinishRole): RoleRecord => FINISH_ROLES[name];

/** What a part of a treat does; dough parts go into one bowl, the others on, into or round what is shaped of it. */
export const PART_ROLES = ['dough', ...(Object.keys(FINISH_ROLES) as FinishRole[])] as const;
export type PartRole = 'dough' | FinishRole;
