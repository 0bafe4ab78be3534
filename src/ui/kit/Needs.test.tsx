import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { Needs } from './Needs';

afterEach(() => {
  cleanup();
  delete document.documentElement.dataset.role;
});

const shown = (role?: string): HTMLElement => {
  if (role !== undefined) document.documentElement.dataset.role = role;
  render(
    <Needs role="baker" told="what a dog may have is changed by">
      <button>Add</button>
    </Needs>,
  );
  return screen.getByRole('button');
};

describe('what asks for a baker', () => {
  it.each([undefined, 'baker', 'owner'])('works where the reader is %s', (role) => {
    expect(shown(role).matches(':disabled')).toBe(false);
    expect(screen.queryByText(/You are/)).toBeNull();
  });
  it.each(['guest', 'helper'])('is to be read where the reader is a %s, and says so', (role) => {
    expect(shown(role).matches(':disabled')).toBe(true);
    expect(screen.getByText(`You are a ${role} here: what a dog may have is changed by a baker.`)).toBeTruthy();
  });
});
