import { describe, expect, it } from 'vitest';
import { outlineOfPath } from '@/core/shaping';
import { outlineOfSvg } from './svg-outline';

const svg = (inside: string): string =>
  `<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 100">${inside}</svg>`;
/** Height over width of what was drawn, after the cutter's own reading. */
const proportion = (inside: string): number => {
  const path = outlineOfSvg(svg(inside));
  if (!path.ok) throw new Error(path.message);
  const outline = outlineOfPath(path.value);
  if (!outline.ok) throw new Error(outline.message);
  return outline.value.heightOverWidth;
};

describe('an SVG file as a cutter', () => {
  it.each([
    ['a path', '<path d="M0 0h40v20h-40z"/>', 0.5],
    ['a rectangle', '<rect x="3" y="4" width="40" height="10"/>', 0.25],
    ['a circle', '<circle cx="5" cy="5" r="4"/>', 1],
    ['an ellipse', '<ellipse cx="0" cy="0" rx="10" ry="5"/>', 0.5],
    ['a polygon', '<polygon points="0,0 40,0 40,30 0,30"/>', 0.75],
    ['a group that stretches it', '<g transform="scale(1 2)"><path d="M0 0h40v20h-40z"/></g>', 1],
    [
      'groups in groups, inner ones first',
      '<g transform="scale(2 1)"><g transform="rotate(90)"><path d="M0 0h40v20h-40z"/></g></g>',
      1,
    ],
    ['what lies beside it in defs is not drawn', '<defs><path d="M0 0h90v90h-90z"/></defs><rect width="40" height="10"/>', 0.25],
  ])('%s', (_, inside, wanted) => expect(proportion(inside)).toBeCloseTo(wanted, 2));
  it.each([
    ['no drawing', 'hello', 'FILE_NOT_READABLE'],
    ['another file', '<html><body/></html>', 'FILE_NOT_READABLE'],
    ['a drawing of text only', svg('<text>Bone</text>'), 'BAD_VALUE'],
    ['far too much', svg(`<!--${'x'.repeat(500_000)}-->`), 'TOO_LARGE'],
  ])('refuses %s and says what to do', (_, text, code) => expect(outlineOfSvg(text)).toMatchObject({ ok: false, code }));
});
