import { choice } from '../../fields';
import type { StepRecord } from '../step-record';
import { MINUTES, ROOM_RH_PCT } from './step-fields';

/** In the kitchen, on a rack unless it stays on its tray; on a night as humid as it is said. */
export const COOL = {
  do: 'cool',
  fields: { minutes: MINUTES, on: choice(['rack', 'tray'], { default: 'rack' }), room_rh_pct: ROOM_RH_PCT },
  dries: false,
  mayWait: true,
  endsHeat: true,
} as const satisfies StepRecord;
