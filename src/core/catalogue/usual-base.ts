import type { SupportName } from '../heat';
import { applianceRecord, type ApplianceKind } from './appliances';
import { shapeRecord, type ShapeMethod } from './shapes';

/** What pieces lie on when nothing else is said: what their appliance is made of, else what they were made in, else paper on a tray. */
export function usualBase(kind: ApplianceKind, method: ShapeMethod): SupportName {
  const { base, nothingElse } = applianceRecord(kind);
  if (base !== null && nothingElse !== null) return base;
  return shapeRecord(method).base ?? base ?? 'paper-on-tray';
}
