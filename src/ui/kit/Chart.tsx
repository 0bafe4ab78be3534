'use client';
import dynamic from 'next/dynamic';

/** A chart of the chart library, which is large and needs a window: it is loaded once a chart is looked at. */
export const Chart = dynamic(() => import('react-apexcharts'), { ssr: false });
