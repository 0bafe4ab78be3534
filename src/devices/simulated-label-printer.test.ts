import { describe, expect, it } from 'vitest';
import { SimulatedLabelPrinter } from './simulated-label-printer';

const printer = (): SimulatedLabelPrinter => new SimulatedLabelPrinter({ roll: 10, ms_per_label: 100 });

describe('the stand-in label printer', () => {
  it('takes its time, label by label', () => {
    const one = printer();
    expect(one.print(4, 0)).toBeNull();
    expect(one.state(250)).toMatchObject({ printed: 2, waiting: 2, left: 8, trouble: null });
    expect(one.state(1000)).toMatchObject({ printed: 4, waiting: 0, left: 6 });
  });
  it('does not begin what its roll cannot finish, and says so', () => {
    const one = printer();
    expect(one.print(7, 0)).toBeNull();
    expect(one.print(4, 50)).toBe('out-of-labels');
    one.load(2000);
    expect(one.print(4, 2000)).toBeNull();
    expect(one.state(9000)).toMatchObject({ printed: 11, left: 6 });
  });
  it('waits while it is open or unplugged, and goes on afterwards without losing any', () => {
    const one = printer();
    one.print(5, 0);
    one.plug(false, 200);
    expect(one.state(5000)).toMatchObject({ printed: 2, waiting: 3, trouble: 'unplugged' });
    expect(one.print(1, 5000)).toBe('unplugged');
    one.plug(true, 6000);
    one.close(false, 6150);
    expect(one.state(7000)).toMatchObject({ printed: 3, trouble: 'open' });
    one.close(true, 7000);
    expect(one.state(8000)).toMatchObject({ printed: 5, waiting: 0, trouble: null });
  });
});
