const NAMES = ['water', 'heat', 'crunch', 'keep', 'soft', 'hair', 'ink', 'face'] as const;

/** The page's own colours: charts are drawn on a canvas of their own and cannot see classes. */
export function hues(): Record<(typeof NAMES)[number], string> {
  const style = getComputedStyle(document.documentElement);
  const all = NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]);
  return Object.fromEntries(all) as Record<(typeof NAMES)[number], string>;
}
