type Tracked = (HTMLInputElement | HTMLTextAreaElement) & { _valueTracker?: { setValue: (value: string) => void } };

/** Looked for so often, and so many times [ms]: parts of a page wake a little later than the page. */
const AGAIN_MS = 60;
const TIMES = 50;

const isAwake = (field: Tracked): boolean => Object.keys(field).some((key) => key.startsWith('__reactProps'));

/**
 * Takes what was typed into fields of a page as served, before anything of it ran, as if it were typed now: else it would stand there and
 * count nowhere.
 */
export function takeTypedEarly(): void {
  const fields = [...document.querySelectorAll<Tracked>('input:not([type=checkbox], [type=radio], [type=file]), textarea')];
  const typed = fields.flatMap((field) => (field.value === field.defaultValue ? [] : [{ field, value: field.value }]));
  const take = (left: typeof typed, times: number): void => {
    const asleep = left.filter(({ field, value }) => {
      if (!field.isConnected || field.value !== value) return false;
      if (!isAwake(field)) return true;
      // The framework tells a change by the value that it saw last.
      field._valueTracker?.setValue(`${value} `);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      return false;
    });
    if (asleep.length > 0 && times > 0) setTimeout(() => take(asleep, times - 1), AGAIN_MS);
  };
  take(typed, TIMES);
}
