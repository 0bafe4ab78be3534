import type { ReactNode } from 'react';
import { USUAL_TRAY } from '@/core/yield';
import { type Path } from '@/core/document';
import { NumberField } from '../../kit/NumberField';
import type { BenchProps } from '../bench-props';

export type Set = BenchProps['edits']['set'];
type SizeProps = {
  readonly label: string;
  readonly value: number;
  readonly limits: readonly [least: number, most: number];
  readonly step?: number;
  readonly unit?: string;
  readonly width?: string;
  /** Show the label beside the box; otherwise it is only read out. */
  readonly shown?: boolean;
  /** Where under `shape` the number stands. */
  readonly at: Path;
  readonly set: Set;
};

/** A number of the shape. Each writes only its own key, so that two typed quickly one after the other both stand. */
export const Mm = ({
  label,
  value,
  limits: [min, max],
  step = 1,
  unit = 'mm',
  width = 'w-8',
  shown = true,
  at,
  set,
}: SizeProps): ReactNode => (
  <NumberField
    label={label}
    unit={unit}
    width={width}
    shown={shown}
    value={value}
    min={min}
    max={max}
    step={step}
    onChange={(number) => set(['shape', ...at], number)}
  />
);

const SIDE = [60, 2000] as const;

/** The tray that pieces lie on, and how far apart. */
export function TrayFields({
  tray = {},
  apart,
  set,
}: {
  readonly tray?: { readonly width_mm?: number; readonly depth_mm?: number } | undefined;
  readonly apart: number;
  readonly set: Set;
}): ReactNode {
  return (
    <>
      <Mm label="Tray" value={tray.width_mm ?? USUAL_TRAY.width_mm} limits={SIDE} step={10} at={['tray', 'width_mm']} set={set} />
      <Mm label="by" value={tray.depth_mm ?? USUAL_TRAY.depth_mm} limits={SIDE} step={10} at={['tray', 'depth_mm']} set={set} />
      <Mm label="apart" value={apart} limits={[0, 100]} at={['tray_gap_mm']} set={set} />
    </>
  );
}

type ThicknessProps = {
  readonly label?: string;
  readonly value: number;
  readonly at?: string;
  readonly most?: number;
  readonly set: Set;
};

/** How thick, typed or slid. */
export function Thickness({ label = 'Thickness', value, at = 'thickness_mm', most = 15, set }: ThicknessProps): ReactNode {
  return (
    <span className="inline-flex items-center gap-2">
      <Mm label={label} value={value} limits={[0.5, 80]} step={0.2} at={[at]} set={set} />
      <input
        aria-label={`${label}, by sliding`}
        type="range"
        className="w-18 accent-heat"
        min={2}
        max={most}
        step={0.1}
        value={value}
        onChange={({ target }) => set(['shape', at], Number(target.value))}
      />
    </span>
  );
}
