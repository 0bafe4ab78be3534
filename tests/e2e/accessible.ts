import { expect, type Page } from '@playwright/test';
import axe from 'axe-core';

/** What a tool looks at, and which of its rules besides. */
type Look = Pick<axe.RunOptions, 'runOnly' | 'rules'>;
const WCAG = {
  type: 'tag',
  values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'],
} satisfies Look['runOnly'];
/** An experiment of the tool's that we hold to all the same: what is seen is part of what is said. */
const ALL: Look = { runOnly: WCAG, rules: { 'label-content-name-mismatch': { enabled: true } } };
/** Colours take longer than all the rest. */
const BUT_COLOURS: Look = { ...ALL, rules: { ...ALL.rules, 'color-contrast': { enabled: false } } };
const COLOURS: Look = { runOnly: { type: 'rule', values: ['color-contrast'] } };
/** Rows of a long list are alike: so many of them are looked at, and the tool would take its time over each that is there. */
const ROWS = 20;
const ALIKE = `:is(tr, li):nth-of-type(n + ${ROWS + 1}), .stacked > tbody:nth-of-type(n + 2)`;

/**
 * No fault against WCAG 2.2 A and AA and against good practice that a tool can see. Colours only within a dialog: those of the pages
 * are looked at in look-over.spec.ts.
 */
export async function expectAccessible(page: Page): Promise<void> {
  await expectNone(page, BUT_COLOURS);
  // Counted: a dialog's own box is empty where what it shows is fixed to the window.
  if ((await page.getByRole('dialog').count()) > 0) await expectNone(page, COLOURS, '[role=dialog]');
}

/** The same with the colours of all the page. */
export const expectAccessibleInColour = (page: Page): Promise<void> => expectNone(page, ALL);

/** Nothing that is too pale to read. */
export const expectContrast = (page: Page): Promise<void> => expectNone(page, COLOURS);

async function expectNone(page: Page, look: Look, within = ':root'): Promise<void> {
  await bringTool(page);
  // What lies under the bars that stay can be scrolled out from under them, and what is far below is laid out on the way: the tool does not scroll.
  const style = await page.addStyleTag({
    content: `.sticky, nav.fixed { position: static !important; } * { content-visibility: visible !important; }
      :is(${ALIKE}) { display: none !important; }`,
  });
  const faults = await page.evaluate(
    async ({ options, where, alike }) => {
      const { violations } = await axe.run({ include: [[where]], exclude: [[alike]] }, options);
      return violations.map(({ id, nodes }) => ({
        id,
        // There are no frames here: each place is named by selectors alone.
        nodes: nodes.map(({ target, failureSummary }) => ({ target: target.join(' '), why: failureSummary ?? '' })),
      }));
    },
    { options: { ...look, resultTypes: ['violations'], preload: false } satisfies axe.RunOptions, where: within, alike: ALIKE },
  );
  await style.evaluate((element) => (element as Element).remove());
  expect(
    faults.filter(isOurs).map(({ id, nodes }) => `${id}: ${nodes.map(({ target, why }) => `${target} ${why}`).join(' | ')}`),
  ).toEqual([]);
}

/** A colour as the tool reads it, which its types leave out. */
type Colour = { r: number; g: number; b: number; alpha: number; parseString: (this: Colour, text: string) => Colour };
type Colours = { readonly color: { readonly Color: { readonly prototype: Colour } } };

/** Brings the tool into the page, where it stays until the page is left, and has it read each colour once: that is half of its work. */
async function bringTool(page: Page): Promise<void> {
  if (await page.evaluate(() => 'axe' in window)) return;
  await page.evaluate(axe.source);
  await page.evaluate(() => {
    const { prototype } = (axe.commons as unknown as Colours).color.Color;
    const { parseString: read } = prototype;
    const known = new Map<string, Pick<Colour, 'r' | 'g' | 'b' | 'alpha'>>();
    prototype.parseString = function (text) {
      const before = known.get(text);
      if (before) return Object.assign(this, before);
      read.call(this, text);
      known.set(text, { r: this.r, g: this.g, b: this.b, alpha: this.alpha });
      return this;
    };
  });
}

/** A list that is open hangs outside of the landmarks, as its package draws it; it belongs to the button that has the focus. */
const isOurs = ({ id, nodes }: { readonly id: string; readonly nodes: ReadonlyArray<{ readonly target: string }> }): boolean =>
  id !== 'region' || nodes.some(({ target }) => !target.includes('headlessui-portal-root'));
