import type { CautionContext } from '@/core/cautions';
import { BISCUIT, mix } from './shipped';

/** A plain biscuit, well baked, cold and in a jar: no rule but the ones that always speak has anything to say. */
export const QUIET: CautionContext = {
  words: [],
  lines: mix(BISCUIT),
  baked: mix(BISCUIT),
  rawParts: [],
  fat_pctOfDry: 8,
  sodium_mgPer100gDry: 50,
  surfaceAw: 0.2,
  coreAw: 0.3,
  awSafe: 0.35,
  dehydrator: false,
  heatedAfter: false,
  freezeDry: null,
  asked_c: 180,
  warmest_c: 600,
  core_cMax: 95,
  kill_log10: 20,
  curve: [],
  atPacking_c: 20,
  room_c: 20,
  drip: null,
  sides_mm: [60, 30, 6],
  force_N: 60,
  hard: true,
  rising: null,
  cake: null,
  loads: { minutes: 45, count: 1, all_minutes: 45 },
  sliced: false,
  packs: [{ option: 'clip-jar', store: 'room' }],
};
