import type { BatchDocument } from '@/core/document';
import type { HeatStep } from '@/core/catalogue';
import { putOnWords } from '@/formats/put-on-words';
import { heatWord, type Dial } from '../format/dial-words';
import { duration } from '../format/units';
import { applianceName } from '../format/words';
import { STEP_NAMES } from '../batch/heat/programme-edits';

/** One line of the work at the oven: when, what to do, and for how long it is then left. */
export type WorkStep = { readonly minute: number; readonly act: string; readonly then: string };

/** The programme as hands do it, on the clock that starts with the first tray going in. */
export function workSteps({ appliance, steps }: BatchDocument['heat'], dial: Dial): WorkStep[] {
  let kind = appliance?.kind ?? 'static-oven';
  let minute = 0;
  return steps.map((step) => {
    if (step.do === 'move' && step.appliance) kind = step.appliance.kind ?? kind;
    const line = { minute, act: actOf(step, kind, dial), then: 'minutes' in step ? `for ${duration(step.minutes)}` : '' };
    if ('minutes' in step) minute += step.minutes;
    return line;
  });
}

function actOf(step: HeatStep, kind: NonNullable<NonNullable<BatchDocument['heat']['appliance']>['kind']>, dial: Dial): string {
  switch (step.do) {
    case 'hold':
      return `${heatWord(step.setpoint_c, dial, kind)}${step.door === 'ajar' ? ', door ajar' : ''}`;
    case 'ramp':
      return `turn the dial slowly to ${heatWord(step.setpoint_c, dial, kind)}`;
    case 'off':
      return `oven off, leave them in${step.door === 'ajar' ? ', door ajar' : ''}`;
    case 'brush':
    case 'coat':
      return putOnWords(step);
    case 'move':
      return step.appliance ? `move into the ${applianceName(kind)}` : 'move to another tray';
    case 'turn':
    case 'stir':
    case 'score':
    case 'cut':
    case 'dry-coat':
    case 'snap-apart':
    case 'turn-out':
    case 'rotate-trays':
    case 'check':
    case 'cool':
    case 'chill':
    case 'freeze':
    case 'freeze-dry':
      return STEP_NAMES[step.do];
  }
}
