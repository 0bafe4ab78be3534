import { counted } from '@/core/quantities';
import type { CallView } from '@/contract/oven';
import type { Act } from '@/core/calls';
import type { HeatStep } from '@/core/catalogue';
import { putOnWords } from '@/formats/put-on-words';
import { heatWord, type Dial } from '../format/dial-words';
import { clock, midSentence } from '../format/units';
import { applianceName } from '../format/words';

/** A call in words: what to do, what to mind, and what stands on the button when it is done. */
export type ActWords = { readonly title: string; readonly detail: string; readonly done: string };

const HOT = 'Hot trays: cloths on, door away from you.';

/** A call of a batch in words, with whose it is where portions of a bowl have their own programmes. */
export function callWords({ call, appliance }: Pick<CallView, 'call' | 'appliance'>, dial: Dial, pieces: number): ActWords {
  const words = actWords(call.act, dial, pieces, appliance);
  return call.portion ? { ...words, title: `${call.portion}: ${midSentence(words.title)}` } : words;
}

/** @param appliance - what this kitchen calls the appliance, where it has a name there */
export function actWords(act: Act, dial: Dial, pieces: number, appliance: string | null = null): ActWords {
  switch (act.do) {
    case 'mix':
      return { title: 'Weigh and mix', detail: 'Wet first, flour last; hold some back.', done: 'Mixed' };
    case 'stand':
      return { title: 'Let the dough stand', detail: 'Covered, so that no skin forms.', done: 'It has stood' };
    case 'shape':
      return {
        title: `Shape ${counted(pieces, 'piece')}`,
        detail: 'As thick as planned: that decides when they are dry.',
        done: 'Shaped',
      };
    case 'heat-up':
      return {
        title: `Switch on: ${heatWord(act.setpoint_c, dial, act.kind)}`,
        detail: `The ${appliance ? midSentence(appliance) : applianceName(act.kind)} heats while you shape.`,
        done: 'It is on',
      };
    case 'put-in':
      return {
        title: act.loads > 1 ? `Put load ${act.load} of ${act.loads} in` : 'Put the trays in',
        detail:
          act.setpoint_c === null
            ? `Into the ${appliance ? midSentence(appliance) : applianceName(act.kind)}. Weigh one tray first.`
            : `${heatWord(act.setpoint_c, dial, act.kind)}, ${appliance ?? applianceName(act.kind)}. Weigh one tray first.`,
        done: 'They are in',
      };
    case 'step':
      return stepWords(act.step, act.kind, dial);
    case 'take-out':
      return {
        title: 'Take them out',
        detail: act.kind === 'freezer' ? 'Cold hands: gloves help.' : `${HOT} Weigh the tray that you weighed before.`,
        done: 'They are out',
      };
    case 'cooled':
      return { title: 'Let them cool', detail: 'On a rack. Bagged warm, they sweat and mould.', done: 'They are cold' };
    case 'set':
      return { title: 'Let it set', detail: 'Dry to the touch before anything lies on it.', done: 'It has set' };
    case 'pack':
      return { title: 'Pack and label', detail: 'Break one cold first: is it as dry as it should be?', done: 'Packed' };
  }
}

function stepWords(step: HeatStep, kind: Extract<Act, { do: 'step' }>['kind'], dial: Dial): ActWords {
  switch (step.do) {
    case 'hold':
      return {
        title: `Dial to ${heatWord(step.setpoint_c, dial, kind)}`,
        detail: step.door === 'ajar' ? 'Door ajar: a spoon in it.' : 'Leave the door shut.',
        done: 'It is set',
      };
    case 'ramp':
      return {
        title: `Dial slowly to ${heatWord(step.setpoint_c, dial, kind)}`,
        detail: `Evenly over ${counted(Math.round(step.minutes), 'minute')}.`,
        done: 'Begun',
      };
    case 'off':
      return {
        title: 'Switch it off, leave them in',
        detail: step.door === 'ajar' ? 'Door ajar: a spoon in it.' : 'Door shut; what heat is left dries on.',
        done: 'It is off',
      };
    case 'turn':
      return { title: 'Turn the pieces', detail: HOT, done: 'Turned' };
    case 'stir':
      return { title: 'Stir them', detail: HOT, done: 'Stirred' };
    case 'brush':
    case 'coat':
    case 'dry-coat':
      return finishWords(step);
    case 'score':
      return { title: 'Score them', detail: 'Right through, while soft. Leave them lying.', done: 'Scored' };
    case 'cut':
      return { title: 'Cut them apart', detail: 'A wet blade; spread them out.', done: 'Cut' };
    case 'snap-apart':
      return { title: 'Snap them apart', detail: 'Along the score, while warm. Spread them out.', done: 'Snapped' };
    case 'turn-out':
      return { title: 'Turn them out', detail: HOT, done: 'Turned out' };
    case 'rotate-trays':
      return { title: 'Swap the trays', detail: `Front to back, shelves swapped. ${HOT}`, done: 'Swapped' };
    case 'check':
      return { title: 'Look in', detail: 'Quickly: the heat goes out of the door.', done: 'Looked' };
    case 'cool':
      return { title: 'On to the rack', detail: HOT, done: 'They stand' };
    case 'chill':
      return { title: 'Into the fridge', detail: 'Not against the back wall.', done: 'They are in' };
    case 'freeze':
      return { title: 'Into the freezer', detail: 'Flat, apart, nothing on top.', done: 'They are in' };
    case 'freeze-dry':
      return { title: 'Start freeze-drying', detail: 'Nothing thawed among the frozen.', done: 'It runs' };
    case 'move':
      return {
        title: step.appliance ? `Move into the ${applianceName(step.appliance.kind ?? 'static-oven')}` : 'On to another tray',
        detail: HOT,
        done: 'Moved',
      };
  }
}

/** What goes on the pieces, and how it sets. */
function finishWords(step: Extract<HeatStep, { do: 'brush' | 'coat' | 'dry-coat' }>): ActWords {
  switch (step.do) {
    case 'brush':
      return { title: sentenceCase(putOnWords(step)), detail: 'Thin and even; every gram must dry again.', done: 'Brushed' };
    case 'coat':
      return { title: sentenceCase(putOnWords(step)), detail: 'Cold pieces, apart on a rack.', done: 'It is on' };
    case 'dry-coat':
      return {
        title: step.at === 'fridge' ? 'Into the fridge, to set' : 'Leave them to set',
        detail: 'Apart and uncovered; nothing on top.',
        done: 'They stand',
      };
  }
}

const sentenceCase = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** "13:04" left, or how late: minutes and seconds, hours where there are any. */
export function clockLeft(left_ms: number): string {
  const seconds = Math.floor(Math.abs(left_ms) / 1000);
  const [h, m, s] = [Math.floor(seconds / 3600), Math.floor(seconds / 60) % 60, seconds % 60];
  const two = (part: number): string => String(part).padStart(2, '0');
  return h > 0 ? `${h}:${two(m)}:${two(s)}` : `${m}:${two(s)}`;
}

/** "11:58", or "Sun 11:58" on another day, on the clock of whoever looks. */
export function wallClock(at_ms: number, now_ms: number): string {
  const [at, now] = [new Date(at_ms), new Date(now_ms)];
  const time = clock(at.getHours() * 60 + at.getMinutes());
  return at.toDateString() === now.toDateString() ? time : `${at.toLocaleDateString('en-GB', { weekday: 'short' })} ${time}`;
}
