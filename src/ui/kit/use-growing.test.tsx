import { cleanup, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { afterEach, expect, it, vi } from 'vitest';
import { useGrowing } from './use-growing';

afterEach(cleanup);

it('a long list is drawn some at a time until all of it is there, and a short one at once', async () => {
  const drawn: number[] = [];
  function List({ total }: { readonly total: number }): ReactNode {
    drawn.push(useGrowing(60, 30, total));
    return null;
  }
  const { rerender } = render(<List total={130} />);
  expect(drawn).toEqual([60]);
  await vi.waitFor(() => expect(drawn.at(-1)).toBe(130));
  expect(drawn).toEqual([60, 90, 120, 130]);
  rerender(<List total={12} />);
  expect(drawn.at(-1)).toBe(12);
});
