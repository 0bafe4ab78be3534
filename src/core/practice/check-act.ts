import { fail, type Failure } from '../failure';
import { LONGEST_MIN, MOST_ACTS, isAsking, overAt, type Act } from './act';
import type { Setting } from './setting';
import { stepsOf } from './steps-of';

/** Nothing but the dial is touched in the first minute: the door has just been shut. */
const FIRST_MIN = 1;
/** Clocks differ in the last digits. */
const SAME_MIN = 1e-6;

type Refusal = Failure & { readonly ok: false };
const no = (message: string, path = 'act.do'): Refusal => fail('BAD_VALUE', message, path);

/** Why something cannot be done now; null where it can. */
export function wrongAct(setting: Setting, acts: readonly Act[], act: Act): Refusal | null {
  const last = acts.at(-1);
  if (last?.do === 'out') return no('They are out already. Begin another bake.');
  if (acts.length >= MOST_ACTS) return no('So much was done that the door was hardly shut. Take them out.');
  if (act.minute > LONGEST_MIN) return no('Nobody waits longer than a day and a half. Take them out.', 'act.minute');
  if (act.minute < (last ? overAt(last) : 0) - SAME_MIN)
    return no('That minute is over. What is done comes after what was done before.', 'act.minute');
  if (act.do !== 'set' && act.minute < FIRST_MIN - SAME_MIN) return no('Give them a minute first.', 'act.minute');
  const moved = acts.some(({ do: name }) => name === 'move');
  if (act.do === 'set' || act.do === 'move') {
    const [low, high] = moved || act.do === 'move' ? setting.dryer_c : setting.dial_c;
    if (act.setpoint_c < low || act.setpoint_c > high) return no(`The dial goes from ${low} to ${high} °C.`, 'act.setpoint_c');
  }
  if (act.do === 'move' && (!setting.mayMove || moved)) return no('There is no dryer to move them to.');
  if (act.do === 'off' && stepsOf(acts, setting).standing.off) return no('It is off already.');
  if (isAsking(act)) return setting.askings.includes(act.do) ? null : no('That cannot be asked of these.');
  const handled = act.do === 'turn' || act.do === 'stir' || act.do === 'rotate-trays' || act.do === 'snap-apart';
  if (handled && !setting.handlings.includes(act.do)) return no('That cannot be done with these.');
  if (act.do === 'snap-apart' && acts.some(({ do: name }) => name === 'snap-apart')) return no('They are snapped apart already.');
  return null;
}
