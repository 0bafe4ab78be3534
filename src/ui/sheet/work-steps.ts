import type { BatchDocument } from '@/core/document';
import type { HeatStep } from '@/core/catalogue';
import type { Prediction } from '@/core/prediction';
import { putOnWords } from '@/formats/put-on-words';
import { heatWord, type Dial } from '../format/dial-words';
import { duration, mass } from '../format/units';
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

/**
 * What is done when the heat is over, one line each: each coat, then how long it stands and when it may be stacked.
 *
 * @param alike - every piece gets as much of it
 */
export function finishSteps(steps: readonly HeatStep[], parts: Prediction['parts'], alike: boolean): string[] {
  return steps.map((step) => {
    if (step.do !== 'coat' && step.do !== 'brush')
      return `${capital(STEP_NAMES[step.do])}${'minutes' in step ? ` for ${duration(step.minutes)}` : ''}${step.do === 'dry-coat' && step.at === 'fridge' ? ' in the fridge' : ''}.`;
    const part = parts.find(({ name }) => name === step.part);
    return `${capital(putOnWords(step))}${part ? `, ${amountWords(part, alike)}${setWords(part.sets)}` : ''}.`;
  });
}

/** On each piece where all are alike; else how much goes on all of them together. */
const amountWords = ({ per_piece_g, on_treat_g }: Prediction['parts'][number], alike: boolean): string =>
  alike ? `${mass(per_piece_g)} on each` : `${mass(on_treat_g)} in all`;

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

function setWords(sets: Prediction['parts'][number]['sets']): string {
  if (!sets) return '';
  if (sets.minutes === null) return '; it stays soft, pack it flat in one layer';
  const stacks = sets.stack_minutes === null ? '' : `, to be stacked after ${duration(sets.stack_minutes)}`;
  return `; dry to the touch after about ${duration(sets.minutes)}${stacks}`;
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
