import type { HeatStep } from '../catalogue';
import { doorMinutes, type Act } from './act';
import type { Setting } from './setting';

/** How an appliance stands: what its dial says, or that it is off, and its door. */
export type OvenState = { readonly setpoint_c: number; readonly off: boolean; readonly door: 'shut' | 'ajar' };

/** A bake as it went so far, as steps of a programme, and how the appliance stands now. */
export type Written = { readonly steps: readonly HeatStep[]; readonly minute: number; readonly standing: OvenState };

/** What a programme depends on besides what is done. */
type Begun = Pick<Setting, 'start_c' | 'dryer' | 'document'>;

/** Writes what was done as a programme: what stood between two acts is held, and a door that was opened is a look in. */
export function stepsOf(acts: readonly Act[], setting: Begun): Written {
  const { start_c } = setting;
  const steps: HeatStep[] = [];
  let standing: OvenState = { setpoint_c: start_c, off: false, door: 'shut' };
  let minute = 0;
  for (const act of acts) {
    steps.push(...stretch(standing, act.minute - minute));
    steps.push(...done(act, setting));
    standing = standingAfter(standing, act);
    minute = act.minute + doorMinutes(act);
  }
  return { steps, minute, standing };
}

/** So many minutes more of how it stands. */
export function stretch({ setpoint_c, off, door }: OvenState, minutes: number): HeatStep[] {
  if (minutes <= 1e-6) return [];
  return [off ? { do: 'off', minutes, door } : { do: 'hold', setpoint_c, minutes, door }];
}

export function standingAfter(before: OvenState, act: Act): OvenState {
  switch (act.do) {
    case 'set':
      return { ...before, setpoint_c: act.setpoint_c, off: false };
    case 'off':
      return { ...before, off: true };
    case 'door':
      return { ...before, door: act.door };
    case 'move':
      return { setpoint_c: act.setpoint_c, off: false, door: 'shut' };
    case 'turn':
    case 'stir':
    case 'rotate-trays':
    case 'snap-apart':
    case 'lift':
    case 'weigh':
    case 'probe':
    case 'break':
    case 'cool':
    case 'pick':
    case 'out':
      return before;
  }
}

/** The steps that an act itself is. */
function done(act: Act, { dryer, document }: Begun): HeatStep[] {
  const minutes = doorMinutes(act);
  const open: HeatStep[] = minutes > 0 ? [{ do: 'check', seconds: minutes * 60 }] : [];
  switch (act.do) {
    case 'turn':
    case 'stir':
    case 'rotate-trays':
      return [...open, { do: act.do }];
    case 'snap-apart':
      // Into pieces of the size that the batch itself is snapped into.
      return [...open, document.heat.steps.find((step) => step.do === 'snap-apart') ?? { do: 'snap-apart' }];
    case 'move':
      return [{ do: 'move', appliance: dryer }];
    case 'set':
    case 'off':
    case 'door':
    case 'lift':
    case 'weigh':
    case 'probe':
    case 'break':
    case 'cool':
    case 'pick':
    case 'out':
      return open;
  }
}
