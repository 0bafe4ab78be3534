import { describe, expect, it } from 'vitest';
import type { Prediction } from '@/core/prediction';
import { finishSteps, workSteps } from './work-steps';

describe('the programme as hands do it', () => {
  it('each thing has its minute, and moving on changes the dial', () => {
    const steps = workSteps(
      {
        steps: [
          { do: 'hold', setpoint_c: 175, minutes: 26 },
          { do: 'turn' },
          { do: 'brush', grams: 12 },
          { do: 'hold', setpoint_c: 110, minutes: 65, door: 'ajar' },
          { do: 'move', appliance: { kind: 'dehydrator' } },
          { do: 'hold', setpoint_c: 65, minutes: 120 },
        ],
      },
      'gas',
    );
    expect(steps.map(({ minute }) => minute)).toEqual([0, 26, 26, 26, 91, 91]);
    expect(steps.map(({ act }) => act)).toEqual([
      'gas 4',
      'turn',
      'brush with 12 g',
      'gas 1/4, door ajar',
      'move into the dehydrator',
      '65 °C',
    ]);
    expect(steps[0].then).toBe('for 26 min');
  });
});

describe('what is done when they are cold', () => {
  const part = {
    name: 'Yoghurt drizzle',
    per_piece_g: 0.6,
    on_treat_g: 43,
    sets: { by: 'drying', minutes: 704, minutes_low: 489, minutes_high: 1068, stack_minutes: 778 },
  } as unknown as Prediction['parts'][number];
  const STEPS = [
    { do: 'coat', part: 'Yoghurt drizzle' },
    { do: 'dry-coat', minutes: 720, at: 'fridge' },
  ] as const;
  it('says how much goes on, when it is dry and may be stacked, and where it stands', () =>
    expect(finishSteps(STEPS, [part], true)).toEqual([
      'Put on the yoghurt drizzle, 0.6 g on each; dry to the touch after about 11 h 44 min, to be stacked after 12 h 58 min.',
      expect.stringMatching(/^[A-Z].* for 12 h in the fridge\.$/) as string,
    ]));
  it('says how much in all where pieces are not alike, and that what never dries is packed flat', () => {
    const soft = {
      ...part,
      sets: { by: 'not', minutes: null, minutes_low: null, minutes_high: null, stack_minutes: null },
    } as const;
    expect(finishSteps(STEPS.slice(0, 1), [soft], false)).toEqual([
      'Put on the yoghurt drizzle, 43 g in all; it stays soft, pack it flat in one layer.',
    ]);
  });
});
