/** Things done with the door open that change the pieces, as the programme names them. */
export const HANDLINGS = ['turn', 'stir', 'rotate-trays', 'snap-apart'] as const;
export type Handling = (typeof HANDLINGS)[number];
/** Things done to find something out. */
export const ASKINGS = ['lift', 'weigh', 'probe', 'break', 'cool', 'pick'] as const;
export type Asking = (typeof ASKINGS)[number];

/** One thing that a baker did in a practice bake, at a minute of its clock. */
export type Act = { readonly minute: number } & (
  | { readonly do: 'set'; readonly setpoint_c: number }
  | { readonly do: 'off' }
  | { readonly do: 'door'; readonly door: 'shut' | 'ajar' }
  | { readonly do: Handling }
  | { readonly do: Asking }
  | { readonly do: 'move'; readonly setpoint_c: number }
  | { readonly do: 'out' }
);
export type ActName = Act['do'];

/** Minutes that the door stands open for it [min]. Source: ours; a look is as long as in a programme. */
const DOOR_MIN: Readonly<Partial<Record<ActName, number>>> = {
  lift: 1 / 3,
  weigh: 1,
  probe: 0.5,
  break: 1 / 3,
  cool: 1 / 3,
  pick: 1 / 3,
  turn: 1,
  stir: 1,
  'rotate-trays': 0.5,
  'snap-apart': 2,
};
/** Minutes after which a piece laid aside is cold enough to tell [min]. Source: ours; a thin biscuit on a cold plate. */
const COOLS_MIN = 8;

export const doorMinutes = ({ do: name }: Act): number => DOOR_MIN[name] ?? 0;
/** The minute at which an act is over and another one may begin. */
export const overAt = (act: Act): number => act.minute + doorMinutes(act);
/** The minute at which what it asks is answered. */
export const answeredAt = (act: Act): number => overAt(act) + (act.do === 'cool' ? COOLS_MIN : 0);
export const isAsking = (act: Act): act is Act & { readonly do: Asking } => (ASKINGS as readonly string[]).includes(act.do);

/** No practice bake is longer, nor busier. */
export const LONGEST_MIN = 36 * 60;
export const MOST_ACTS = 60;
