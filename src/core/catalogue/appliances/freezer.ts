import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/** A household freezer: a place, not a machine. */
export const FREEZER = {
  kind: 'freezer',
  name: 'freezer',
  ...AN_OVEN,
  does: ['freeze', 'coat', 'dry-coat', 'move'],
  onlyDoes: 'A freezer only freezes.',
  firstSteps: [{ do: 'freeze', minutes: 300 }],
  shelves: 4,
  dial_c: null,
  usual_c: -18,
  likeAnOven: null,
  waitedFor: false,
  machine: null,
  place: { kind: 'freezer' },
} as const satisfies ApplianceRecord;
