import { ROOM_RH_PCT } from '../catalogue';
import { choice, group, number, type ValueOf } from '../fields';
import { CUP_FILLS } from '../quantities';

/** The kitchen's air, and its bakers' hands: how they fill a cup and how close they cut. */
export const KITCHEN = group({
  altitude_m: number('altitude', [-420, 5000], { default: 0, step: 10 }),
  room_c: number('temperature', [-5, 45], { default: 20 }),
  room_rh_pct: { ...ROOM_RH_PCT, default: 50 } as const,
  cup_fill: choice(CUP_FILLS, { usual: 'unknown, with a wider band', meaning: 'how cups are filled' }),
  hand_gap_mm: number('length', [0, 12], {
    usual: '4.5',
    step: 0.5,
    meaning: "gap between cut-outs that this kitchen's hands really leave",
  }),
});
export type KitchenAir = ValueOf<typeof KITCHEN>;
