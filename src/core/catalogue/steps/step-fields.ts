import { SUPPORTS, type SupportName } from '../../heat';
import { choice, number, text } from '../../fields';

/** Fields that several steps share. */
export const MINUTES = number('duration', [0, 2880], { above: true, required: true, step: 5, meaning: 'how long' });
export const DOOR = choice(['shut', 'ajar', 'open'], { default: 'shut' });
/** What ovens, dryers and pans can be set to. */
export const SETPOINT_C = number('temperature', [30, 260], { required: true, step: 5, meaning: 'what the dial is set to' });
export const SUPPORT_NAMES = Object.keys(SUPPORTS) as readonly SupportName[];
export const BASE = choice(SUPPORT_NAMES, {
  usual: 'paper-on-tray; mat-on-tray for a mat, deep-pan for cups and cakes, else what its appliance takes',
  meaning: 'what pieces lie on',
});
export const ROOM_RH_PCT = number('share', [5, 98], { step: 5 });
/** Sides of a piece that is snapped apart. */
export const PIECE_SIDE_MM = number('length', [3, 300], { usual: "the shape's own piece" });
/** How far pieces lie apart once they are freed. */
export const FREED_GAP_MM = number('length', [0, 60], { usual: 'as pieces lie that are poured on a tray' });
/** What is put on at one moment: which part of the recipe, and how much of it. */
export const PUT_ON_PART = text(80, { usual: 'water', meaning: 'which part of the recipe goes on' });
export const PUT_ON_G = number('mass', [0, 2000], {
  above: true,
  usual: 'what the part says',
  meaning: 'on all pieces of a load',
});
