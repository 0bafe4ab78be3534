import { describe, expect, it } from 'vitest';
import { workSteps } from './work-steps';

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
