import { readFileSync } from 'node:fs';
import { cleanup, fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState, type ReactNode } from 'react';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NumberField } from './NumberField';
import { OptionalNumber } from './OptionalNumber';
import { TextField } from './TextField';

afterEach(cleanup);

describe('a number that is written in a form of its own', () => {
  it('stands so, is taken as typed, and is not changed by being left', async () => {
    const told = vi.fn();
    const written = (value: number): string | null => (value === 1 / 3 ? '1/3' : null);
    render(<NumberField label="Cups" value={1 / 3} min={0} max={9} written={written} onChange={told} />);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Cups' });
    expect(field.value).toBe('1/3');
    await userEvent.click(field);
    await userEvent.tab();
    expect(told).not.toHaveBeenCalled();
    await userEvent.clear(field);
    await userEvent.type(field, '1/2{Enter}');
    expect(told).toHaveBeenCalledWith(0.5);
  });
});

describe('a line of text', () => {
  it('is told once it is left, trimmed, and not when nothing changed', async () => {
    const told = vi.fn();
    render(<TextField label="Name" value="Pip" onChange={told} />);
    const field = screen.getByRole('textbox', { name: 'Name' });
    await userEvent.type(field, ' the second ');
    expect(told).not.toHaveBeenCalled();
    await userEvent.tab();
    expect(told.mock.calls).toEqual([['Pip the second']]);
    await userEvent.click(field);
    await userEvent.tab();
    expect(told).toHaveBeenCalledTimes(1);
  });
  it('that is needed goes back when it is emptied; Escape takes back what was typed', async () => {
    const told = vi.fn();
    render(<TextField needed label="Name" value="Pip" onChange={told} />);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' });
    await userEvent.clear(field);
    await userEvent.tab();
    expect(field.value).toBe('Pip');
    await userEvent.type(field, 'x{Escape}');
    expect(field.value).toBe('Pip');
    expect(told).not.toHaveBeenCalled();
  });
  it('keeps what is being typed when the page shows another value meanwhile', async () => {
    const { rerender } = render(<TextField label="Name" value="Pip" onChange={() => undefined} />);
    const field = screen.getByRole<HTMLInputElement>('textbox', { name: 'Name' });
    await userEvent.type(field, 'pa');
    rerender(<TextField label="Name" value="Tarn" onChange={() => undefined} />);
    expect(field.value).toBe('Pippa');
  });
});

/** A number that the page keeps. */
function Weight({ onChange }: { readonly onChange: (value: number) => void }): ReactNode {
  const [value, setValue] = useState(12);
  const take = (next: number): void => {
    setValue(next);
    onChange(next);
  };
  return <NumberField label="weighs" unit="kg" value={value} min={0.5} max={120} step={0.5} onChange={take} />;
}

describe('a number', () => {
  const weight = (): { told: ReturnType<typeof vi.fn>; field: HTMLInputElement } => {
    const told = vi.fn();
    render(<Weight onChange={told} />);
    return { told, field: screen.getByRole<HTMLInputElement>('textbox', { name: 'weighs' }) };
  };
  it('counts once it is entered or left, in any unit of its kind', async () => {
    const { told, field } = weight();
    await userEvent.clear(field);
    await userEvent.type(field, '7,5');
    expect(told).not.toHaveBeenCalled();
    await userEvent.keyboard('{Enter}');
    expect(told.mock.calls).toEqual([[7.5]]);
    await userEvent.clear(field);
    await userEvent.type(field, '1500 g');
    await userEvent.tab();
    expect(told.mock.calls.at(-1)).toEqual([1.5]);
    expect(field.value).toBe('1.5');
  });
  it('that is out of limits or not understood stays as typed, with what would be accepted; the old one stands', async () => {
    const { told, field } = weight();
    await userEvent.clear(field);
    await userEvent.type(field, '900');
    await userEvent.tab();
    expect(screen.getByRole('alert').textContent).toBe('between 0.5 and 120 kg');
    expect([field.value, field.getAttribute('aria-invalid')]).toEqual(['900', 'true']);
    await userEvent.clear(field);
    await userEvent.type(field, '12 mm{Enter}');
    expect(screen.getByRole('alert').textContent).toContain('"12 mm" is not understood');
    expect(told).not.toHaveBeenCalled();
    await userEvent.type(field, '{Escape}');
    expect(field.value).toBe('12');
    expect(screen.queryByRole('alert')).toBeNull();
  });
  it('that is emptied is asked for and goes back', async () => {
    const { told, field } = weight();
    await userEvent.clear(field);
    await userEvent.tab();
    expect(screen.getByRole('alert').textContent).toContain('between 0.5 and 120 kg');
    expect(told).not.toHaveBeenCalled();
  });
  it('steps by arrow keys at once, and stops at its limits', async () => {
    const { told, field } = weight();
    await userEvent.type(field, '{ArrowUp}{ArrowUp}{Shift>}{ArrowDown}{/Shift}');
    expect(told.mock.calls.flat()).toEqual([12.5, 13, 8]);
  });
});

/** What people type, with the field's unit and what it means there. */
const TYPED = readFileSync('tests/written/typed-values.txt', 'utf8')
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#'))
  .map((line) => line.split('|').map((cell) => cell.trim()));

describe('a number typed in any of two hundred ways', () => {
  it('counts as what it means, or is refused and stays with what would be accepted; never another number', () => {
    expect(TYPED.length).toBeGreaterThanOrEqual(200);
    for (const [typed, unit, meant] of TYPED) {
      const told = vi.fn();
      render(<NumberField label="box" unit={unit} value={-7} min={-1e6} max={1e6} onChange={told} />);
      // By its label: looking for a role reckons the whole page through, two hundred times.
      const field = screen.getByLabelText<HTMLInputElement>('box');
      // All at once: what a field makes of single keys is tried above, and is slow two hundred times.
      fireEvent.change(field, { target: { value: typed } });
      fireEvent.keyDown(field, { key: 'Enter' });
      if (meant === 'refused') {
        expect(told, `"${typed}"`).not.toHaveBeenCalled();
        expect([field.getAttribute('aria-invalid'), field.value], `"${typed}"`).toEqual(['true', typed]);
        expect(document.querySelector('[role=alert]')?.textContent, `"${typed}"`).toContain('between');
      } else {
        expect(told.mock.calls, `"${typed}"`).toHaveLength(1);
        expect(told.mock.calls[0][0], `"${typed}"`).toBeCloseTo(Number(meant), 3);
      }
      cleanup();
    }
  });
});

describe('a number that may be left out', () => {
  it('is nothing when it is emptied, and passes on no nonsense', async () => {
    const told = vi.fn();
    render(<OptionalNumber label="Price" unit="£" value={3} placeholder="?" max={10} onChange={told} />);
    const field = screen.getByRole('textbox', { name: 'Price' });
    await userEvent.clear(field);
    await userEvent.tab();
    expect(told.mock.calls).toEqual([[null]]);
    await userEvent.clear(field);
    await userEvent.type(field, '-4{Enter}');
    expect(told).toHaveBeenCalledTimes(1);
    expect(screen.getByRole('alert').textContent).toBe('between 0 and 10 £');
  });
});
