import { LAYOUT_LEVELS, layOut, makeCutter, type Cutter, type LayoutLevel, type OutlineName } from '../src/core/shaping';

/** Cutter, size, sheet and gap: small and large, nesting and not. */
const SHEETS: ReadonlyArray<readonly [OutlineName, number, number, number, number]> = [
  ['square', 50, 400, 300, 0],
  ['square', 50, 400, 300, 4],
  ['star', 60, 400, 300, 0],
  ['star', 60, 400, 300, 4],
  ['heart', 60, 400, 300, 0],
  ['heart', 60, 400, 300, 4],
  ['heart', 60, 250, 180, 4],
  ['bone', 80, 400, 300, 0],
  ['bone', 80, 400, 300, 4],
  ['bone', 50, 400, 300, 4],
  ['bone', 50, 250, 180, 4],
  ['paw', 60, 400, 300, 0],
  ['paw', 60, 400, 300, 4],
  ['paw', 60, 250, 180, 4],
  ['fish', 70, 400, 300, 0],
  ['fish', 70, 400, 300, 4],
  ['circle', 60, 400, 300, 0],
  ['circle', 50, 400, 300, 0],
  ['circle', 35, 400, 300, 0],
  ['circle', 50, 400, 300, 4],
  ['circle', 20, 1000, 1000, 0],
];

/** Processor time of each sheet at each level, the better of two runs: what else the machine does is not the layout's [ms]. */
export function timeLayouts(): Record<LayoutLevel, number[]> {
  const cutters = SHEETS.map(([outline, size_mm, w, h, gap]) => ({ cutter: cutterOf(outline, size_mm), w, h, gap }));
  const timeAt = (level: LayoutLevel): number[] =>
    cutters.map(({ cutter, w, h, gap }) =>
      Math.min(
        cpuOf(() => layOut(cutter, w, h, gap, level)),
        cpuOf(() => layOut(cutter, w, h, gap, level)),
      ),
    );
  return Object.fromEntries(LAYOUT_LEVELS.map((level) => [level, timeAt(level)])) as Record<LayoutLevel, number[]>;
}

function cutterOf(outline: OutlineName, size_mm: number): Cutter {
  const made = makeCutter(outline, size_mm);
  if (!made.ok) throw new Error(made.message);
  return made.value;
}

function cpuOf(work: () => void): number {
  const before = process.cpuUsage();
  work();
  const { user, system } = process.cpuUsage(before);
  return (user + system) / 1000;
}
