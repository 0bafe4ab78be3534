import type { Mark, PagePoint, TemplatePage } from './template-pages';

const STROKE_MM = 0.3;

/** One page as an SVG file in mm. */
export function templateSvg(page: TemplatePage): string {
  const { window } = page;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${page.width_mm}mm" height="${page.height_mm}mm" viewBox="0 0 ${page.width_mm} ${page.height_mm}">`,
    `<clipPath id="sheet"><rect x="${window.x_mm}" y="${window.y_mm}" width="${window.width_mm}" height="${window.height_mm}"/></clipPath>`,
    `<g fill="none" stroke="#000" stroke-width="${STROKE_MM}" stroke-linejoin="round">`,
    `<g clip-path="url(#sheet)">${page.sheet.map(markSvg).join('')}</g>`,
    page.around.map(markSvg).join(''),
    '</g></svg>',
  ].join('\n');
}

const point = ([x, y]: PagePoint): string => `${x.toFixed(3)} ${y.toFixed(3)}`;

function markSvg(mark: Mark): string {
  switch (mark.kind) {
    case 'outline':
      return `<path d="M${mark.points.map(point).join('L')}Z"${mark.faint ? ' stroke-width="0.15" stroke-dasharray="2 2"' : ''}/>`;
    case 'line':
      return `<path d="M${point(mark.from)}L${point(mark.to)}"/>`;
    case 'text':
      return `<text x="${mark.at[0]}" y="${mark.at[1]}" font-family="sans-serif" font-size="${mark.size_mm}" fill="#000" stroke="none">${escaped(mark.text)}</text>`;
  }
}

const ENTITIES: Readonly<Record<string, string>> = { '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' };
const escaped = (text: string): string => text.replace(/[&<>"]/g, (character) => ENTITIES[character]);
