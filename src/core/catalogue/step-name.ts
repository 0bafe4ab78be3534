/** Every step there is, by name; `steps.ts` holds their records, and the two are held together by its type. */
export type StepName =
  | 'hold'
  | 'ramp'
  | 'off'
  | 'cool'
  | 'chill'
  | 'freeze'
  | 'freeze-dry'
  | 'turn'
  | 'stir'
  | 'brush'
  | 'score'
  | 'snap-apart'
  | 'turn-out'
  | 'rotate-trays'
  | 'check'
  | 'move';
