import { boundsOf, type Point, type Ring } from './geometry';
import type { OutlineName } from './outline-names';
import { unite } from './polygon-union';

/** Corners of a flattened disc. Discs are drawn around the true circle, so the true shape lies inside. */
const DISC_CORNERS = 32;

// oxlint-disable-next-line max-params -- older than the rule
function disc(x: number, y: number, rx: number, ry = rx, corners = DISC_CORNERS): Ring {
  const outside = 1 / Math.cos(Math.PI / corners);
  return Array.from({ length: corners }, (_, i): Point => {
    const angle = (2 * Math.PI * i) / corners;
    return [x + rx * outside * Math.cos(angle), y + ry * outside * Math.sin(angle)];
  });
}

const rectangle = (halfWidth: number, halfHeight: number): Ring => [
  [-halfWidth, -halfHeight],
  [halfWidth, -halfHeight],
  [halfWidth, halfHeight],
  [-halfWidth, halfHeight],
];

function star(): Ring {
  return Array.from({ length: 10 }, (_, i): Point => {
    const radius = i % 2 === 0 ? 1 : 0.5;
    const angle = Math.PI / 2 + (i * Math.PI) / 5;
    return [radius * Math.cos(angle), radius * Math.sin(angle)];
  });
}

function heart(): Ring {
  return Array.from({ length: 48 }, (_, i): Point => {
    const t = (-2 * Math.PI * i) / 48;
    return [16 * Math.sin(t) ** 3, 13 * Math.cos(t) - 5 * Math.cos(2 * t) - 2 * Math.cos(3 * t) - Math.cos(4 * t)];
  });
}

/** Drawings of our own; each is made once and fitted to the unit box afterwards. */
const DRAWN: Record<OutlineName, () => Ring> = {
  circle: () => disc(0, 0, 1, 1, 64),
  square: () => rectangle(1, 1),
  rectangle: () => rectangle(1, 0.5),
  star,
  heart,
  bone: () =>
    unite([
      ...[
        [-0.36, -0.13],
        [0.36, -0.13],
        [0.36, 0.13],
        [-0.36, 0.13],
      ].map(([x, y]) => disc(x, y, 0.14, 0.14, 20)),
      rectangle(0.36, 0.11),
    ]),
  paw: () =>
    unite([
      disc(0, -0.14, 0.29, 0.29, 20),
      ...[
        [-0.34, 0.1, 0.14],
        [0.34, 0.1, 0.14],
        [-0.13, 0.31, 0.14],
        [0.13, 0.31, 0.14],
      ].map(([x, y, r]) => disc(x, y, r, r, 12)),
      [
        [-0.34, 0.1],
        [0, -0.14],
        [0.34, 0.1],
        [0.13, 0.31],
        [-0.13, 0.31],
      ],
    ]),
  fish: () =>
    unite([
      disc(-0.12, 0, 0.38, 0.22),
      [
        [0.12, 0],
        [0.5, -0.2],
        [0.42, 0],
        [0.5, 0.2],
      ],
    ]),
};

/** An outline centred on its box and scaled to a box of 1 x 1, with its natural height over width; `key` tells outlines apart. */
export type UnitOutline = { readonly key: string; readonly ring: Ring; readonly heightOverWidth: number };

const drawn = new Map<OutlineName, UnitOutline>();

/** One of the built-in outlines; the same value every time. */
export function unitOutline(name: OutlineName): UnitOutline {
  const known = drawn.get(name);
  if (known) return known;
  const made = fitToUnit(name, DRAWN[name]());
  drawn.set(name, made);
  return made;
}

export function fitToUnit(key: string, ring: Ring): UnitOutline {
  const { left, right, bottom, top } = boundsOf(ring);
  const [width, height] = [right - left, top - bottom];
  return {
    key,
    ring: ring.map(([x, y]) => [(x - (left + right) / 2) / width, (y - (bottom + top) / 2) / height] as const),
    heightOverWidth: height / width,
  };
}
