import { XMLParser } from 'fast-xml-parser';
import svgpath from 'svgpath';
import { SENTENCES, fail, succeed, type Result } from '@/core/failure';

/** One element as the parser keeps it: its name, its attributes and what is inside. */
type Node = { readonly [name: string]: unknown; readonly ':@'?: Readonly<Record<string, string>> };

const LARGEST_FILE = 400_000;
const parser = new XMLParser({ ignoreAttributes: false, attributeNamePrefix: '', preserveOrder: true, parseTagValue: false });
/** Parts of a drawing that are not drawn by themselves. */
const NOT_DRAWN = new Set([
  'defs',
  'clipPath',
  'mask',
  'symbol',
  'pattern',
  'marker',
  'metadata',
  'title',
  'desc',
  'style',
  'script',
]);

/**
 * The outline of an SVG drawing as path data in one system of coordinates: paths, polygons, rectangles, circles and
 * ellipses with the transforms of the groups they lie in. Text, pictures and styles say nothing about a cutter.
 */
export function outlineOfSvg(text: string): Result<string> {
  if (text.length > LARGEST_FILE)
    return fail('TOO_LARGE', 'This drawing is larger than 0.4 MB. Export only the outline, without pictures.');
  let nodes: Node[];
  try {
    nodes = parser.parse(text) as Node[];
  } catch {
    return fail('FILE_NOT_READABLE', SENTENCES.notAnSvg);
  }
  const root = nodes.find((node) => 'svg' in node);
  if (!root) return fail('FILE_NOT_READABLE', SENTENCES.notAnSvg);
  const paths = pathsIn(childrenOf(root), []);
  if (paths.length === 0)
    return fail(
      'BAD_VALUE',
      'The drawing has no outline. Turn text and pictures into paths, then export it again.',
      'cutter.svg_path',
    );
  return succeed(paths.join(' '));
}

const nameOf = (node: Node): string => Object.keys(node).find((key) => key !== ':@') ?? '';
const childrenOf = (node: Node): Node[] => {
  const inside = node[nameOf(node)];
  return Array.isArray(inside) ? (inside as Node[]) : [];
};

/** @param transforms - of the groups around, the outermost first */
function pathsIn(nodes: readonly Node[], transforms: readonly string[]): string[] {
  return nodes.flatMap((node) => {
    const name = nameOf(node);
    const attributes = node[':@'] ?? {};
    if (NOT_DRAWN.has(name.replace(/^.*:/, '')) || attributes.display === 'none') return [];
    const here = attributes.transform ? [...transforms, attributes.transform] : transforms;
    const data = pathOf(name, attributes);
    const own = data ? [placed(data, here)] : [];
    return [...own, ...pathsIn(childrenOf(node), here)];
  });
}

/** Inner transforms act first. */
const placed = (data: string, transforms: readonly string[]): string =>
  transforms
    .reduceRight((path, transform) => path.transform(transform), svgpath(data))
    .abs()
    .round(4)
    .toString();

function pathOf(name: string, attributes: Readonly<Record<string, string>>): string | null {
  const n = (key: string): number => Number.parseFloat(attributes[key] ?? '0') || 0;
  switch (name) {
    case 'path':
      return attributes.d ?? null;
    case 'polygon':
    case 'polyline':
      return attributes.points ? `M${attributes.points.trim()}Z` : null;
    case 'rect':
      return `M${n('x')} ${n('y')}h${n('width')}v${n('height')}h${-n('width')}Z`;
    case 'circle':
      return ellipse(n('cx'), n('cy'), n('r'), n('r'));
    case 'ellipse':
      return ellipse(n('cx'), n('cy'), n('rx'), n('ry'));
    default:
      return null;
  }
}

const ellipse = (cx: number, cy: number, rx: number, ry: number): string =>
  `M${cx - rx} ${cy}A${rx} ${ry} 0 1 0 ${cx + rx} ${cy}A${rx} ${ry} 0 1 0 ${cx - rx} ${cy}Z`;
