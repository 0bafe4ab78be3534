'use client';
import dynamic from 'next/dynamic';
import { memo, type ReactNode } from 'react';
import type { Bench, BenchProps } from './bench-props';

// Each station is loaded once it is opened; the one that a page begins with comes drawn.
const WeighBench = dynamic(() => import('./weigh/WeighBench').then((bench) => bench.WeighBench));
const MixBench = dynamic(() => import('./weigh/MixBench').then((bench) => bench.MixBench));
const ShapeBench = dynamic(() => import('./shape/ShapeBench').then((bench) => bench.ShapeBench));
const HeatBench = dynamic(() => import('./heat/HeatBench').then((bench) => bench.HeatBench));
const CoolBench = dynamic(() => import('./CoolBench').then((bench) => bench.CoolBench));
const PackBench = dynamic(() => import('./keep/PackBench').then((bench) => bench.PackBench));
const KeepBench = dynamic(() => import('./keep/KeepBench').then((bench) => bench.KeepBench));

/** The station that is open; drawn anew only when the batch changes, not when it is saved or its neighbours move. */
export const OneBench = memo(function OneBench({ bench, ...props }: BenchProps & { readonly bench: Bench }): ReactNode {
  switch (bench) {
    case 'weigh':
      return <WeighBench {...props} />;
    case 'mix':
      return <MixBench {...props} />;
    case 'shape':
      return <ShapeBench {...props} />;
    case 'heat':
      return <HeatBench {...props} />;
    case 'cool':
      return <CoolBench {...props} />;
    case 'pack':
      return <PackBench {...props} />;
    case 'keep':
      return <KeepBench {...props} />;
  }
});
