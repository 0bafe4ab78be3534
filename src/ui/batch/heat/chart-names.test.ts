import { describe, expect, it } from 'vitest';
import { boxOf, freePlace } from './chart-names';

describe('where a curve is named', () => {
  const setpoint = boxOf('74 °C for 110 min', 130, 530);
  const [near, far] = [
    { x: 120, y: 528 },
    { x: 330, y: 560 },
  ];
  it('is the first place that no other words lie on', () => {
    expect(freePlace('water left', [near, far], [])).toBe(near);
    expect(freePlace('water left', [near, far], [setpoint])).toBe(far);
  });
  it('beside or below them is free', () => {
    const [beside, below] = [
      { x: setpoint.x + setpoint.width + 1, y: 530 },
      { x: 130, y: 530 + setpoint.height },
    ];
    expect(freePlace('water left', [beside], [setpoint])).toBe(beside);
    expect(freePlace('water left', [near, below], [setpoint])).toBe(below);
  });
  it('where nothing is free it stays where it belongs', () => expect(freePlace('water left', [near], [setpoint])).toBe(near));
});
