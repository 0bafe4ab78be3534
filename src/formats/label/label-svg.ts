import { outlinesOf, runWidth, runsOf } from './lettering';
import type { LaidLabel } from './label-layout';

const escape = (text: string): string => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
const fine = (mm: number): string => String(Math.round(mm * 1e4) / 1e4);

/** A label as SVG at true size. Letters are outlines, so that it looks the same everywhere; its words stand in its description. */
export function labelSvg(label: LaidLabel): string {
  const { width_mm, height_mm, lines, squares } = label;
  const words = escape(lines.map(({ text }) => text).join(' '));
  const letters = lines.map((line) => {
    let x = line.x_mm;
    const runs = runsOf(line.text, line.bold).runs.map((run) => {
      const paths = outlinesOf(run, line.size_mm)
        .filter(({ d }) => d !== '')
        .map(({ d, transform }) => `<path transform="${transform}" d="${d}"/>`)
        .join('');
      const at = `<g transform="translate(${fine(x)} ${fine(line.y_mm)})">${paths}</g>`;
      x += runWidth(run, line.size_mm);
      return at;
    });
    return runs.join('');
  });
  const dark = squares.map(
    ({ x_mm, y_mm, side_mm }) => `M${fine(x_mm)} ${fine(y_mm)}h${fine(side_mm)}v${fine(side_mm)}h-${fine(side_mm)}z`,
  );
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" width="${width_mm}mm" height="${height_mm}mm" viewBox="0 0 ${width_mm} ${height_mm}" role="img">` +
    `<title>Label</title><desc>${words}</desc><rect width="${width_mm}" height="${height_mm}" fill="#fff"/>` +
    `<g fill="#000">${letters.join('')}${dark.length > 0 ? `<path shape-rendering="crispEdges" d="${dark.join('')}"/>` : ''}</g></svg>`
  );
}
