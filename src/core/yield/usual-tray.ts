import { TRAY } from '../catalogue';

/** A household oven's tray [mm]. */
export const USUAL_TRAY = { width_mm: TRAY.fields.width_mm.default, depth_mm: TRAY.fields.depth_mm.default } as const;
