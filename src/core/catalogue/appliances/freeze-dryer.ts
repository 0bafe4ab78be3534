import { AN_OVEN, type ApplianceRecord } from '../appliance-record';

/** Shelves in a vacuum. */
export const FREEZE_DRYER = {
  kind: 'freeze-dryer',
  name: 'freeze dryer',
  ...AN_OVEN,
  does: ['freeze', 'freeze-dry', 'cool', 'coat', 'dry-coat', 'move'],
  onlyDoes: 'A freeze dryer freezes, dries and lets cool.',
  firstSteps: [
    { do: 'freeze', minutes: 300, freezer_c: -28 },
    { do: 'freeze-dry', minutes: 1080 },
  ],
  shelves: 4,
  dial_c: null,
  usual_c: 45,
  likeAnOven: null,
  waitedFor: false,
  machine: { kind: 'fd', tolerance_K: 0, cools_K_per_min: 5 },
  place: { kind: 'freeze-dryer' },
} as const satisfies ApplianceRecord;
