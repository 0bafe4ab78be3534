'use client';
import { useEffect, useRef, type ReactNode } from 'react';
import type { CutThrough } from '@/core/prediction';
import type { ChartScale } from './chart-scale';
import { paintCutThrough, tallest } from './paint-cut-through';
import { cssColour } from './water-colours';
import { length } from '../../format/units';

type CutThroughPictureProps = {
  readonly picture: CutThrough;
  readonly scale: ChartScale;
  readonly scrub: number;
  readonly onScrub: (minute: number) => void;
};

const HEIGHT = 98;
/** Painted at half the width: water changes slowly, and the browser smooths. */
const COARSER = 2;

/** One piece from top to tray against time, wet to dry: a soft heart is seen, not guessed. */
export function CutThroughPicture({ picture, scale, scrub, onScrub }: CutThroughPictureProps): ReactNode {
  const canvas = useRef<HTMLCanvasElement>(null);
  const width = Math.max(40, Math.round((scale.right - scale.left) / COARSER));
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (!context) return;
    const image = context.createImageData(width, HEIGHT);
    paintCutThrough(image, picture, (share) => scale.minuteAt(scale.left + share * (scale.right - scale.left)));
    context.putImageData(image, 0, 0);
  }, [picture, width, scale]);

  return (
    <figure className="relative" style={{ width: scale.width }}>
      <figcaption className="flex items-baseline justify-between pr-3.5 pb-1 text-[14px]">
        <span className="font-display font-semibold">The cut-through: one piece, top to bottom</span>
        <span className="flex items-center gap-2 text-[13px] text-soft">
          dry
          <span
            aria-hidden
            className="inline-block h-2.5 w-32 rounded-full"
            style={{
              background: `linear-gradient(90deg, ${[0, 0.14, 0.3, 0.45, 0.7, 1].map((s) => `${cssColour(s)} ${s * 100}%`).join(', ')})`,
            }}
          />
          wet
        </span>
      </figcaption>
      <div
        className="relative"
        style={{ height: HEIGHT }}
        onPointerMove={(event) => onScrub(scale.minuteAt(event.clientX - event.currentTarget.getBoundingClientRect().left))}
      >
        <span
          className="absolute top-1 right-full mr-2 w-10 text-right text-[12px] text-soft"
          style={{ right: 'auto', left: 0, width: scale.left - 8 }}
        >
          top
        </span>
        <span className="absolute bottom-0 text-right text-[12px] text-soft" style={{ left: 0, width: scale.left - 8 }}>
          bottom
        </span>
        <canvas
          ref={canvas}
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Moisture through the piece, ${length(tallest(picture), 1)} thick, over the programme`}
          className="absolute rounded-[6px]"
          style={{ left: scale.left, width: scale.right - scale.left, height: HEIGHT }}
        />
        <span aria-hidden className="absolute top-0 bottom-0 w-[1.5px] bg-ink" style={{ left: scale.x(scrub) }} />
      </div>
    </figure>
  );
}
