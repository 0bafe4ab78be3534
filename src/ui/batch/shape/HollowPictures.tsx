import { counted } from '@/core/quantities';
import type { ReactNode } from 'react';
import type { HollowsDrawing } from '@/core/yield';
import type { Prediction } from '@/core/prediction';
import { bareLength, length, mass } from '../../format/units';
import { SPACE_PX } from './picture-sizes';

const NAMES = { mat: ['mat', 'mats'], cup: ['tin', 'tins'], 'frozen-mould': ['mould', 'moulds'] } as const;
const CELL_PX = 20;
const WIDEST_PX = 300;

type HollowPicturesProps = { readonly drawn: HollowsDrawing; readonly prediction: Prediction };

/** Mats, tins or moulds with their hollows: full ones, the last one, and how full each hollow is. */
export function HollowPictures({ drawn, prediction }: HollowPicturesProps): ReactNode {
  const [one, many] = NAMES[drawn.what];
  const { rounds, scrap_g, scrap_uses, piece_raw_g } = prediction.yield;
  const shown = [
    ...(drawn.full > 0
      ? [{ title: drawn.full === 1 ? `One full ${one}` : `${drawn.full} full ${many}`, filled: drawn.cavities }]
      : []),
    ...(drawn.last > 0 ? [{ title: drawn.full > 0 ? `The last ${one}` : `One ${one}`, filled: drawn.last }] : []),
  ];
  return (
    <div className="flex flex-wrap items-start" style={{ gap: SPACE_PX }}>
      {shown.map(({ title, filled }) => (
        <figure key={title}>
          <figcaption className="pb-1 text-[13.5px]">
            <strong className="text-dough">{title}</strong>{' '}
            {filled === drawn.cavities ? counted(filled, 'piece') : `${filled} of ${drawn.cavities}`}
          </figcaption>
          <Hollows cavities={drawn.cavities} filled={filled} title={`${title}: ${filled} of ${drawn.cavities} filled`} />
        </figure>
      ))}
      <div className="flex max-w-52 flex-col gap-2">
        <OneHollow drawn={drawn} />
        <p className="text-[14px] leading-snug">
          {rounds > 1 ? (
            <>
              More than the {many} in the house hold: <strong>{rounds} rounds</strong>, one after the other. Keep the rest cold
              meanwhile.
            </>
          ) : (
            <>All at once: the {many} in the house are enough.</>
          )}
          {!scrap_uses && scrap_g > 0.5 && (
            <>
              {mass(scrap_g)} left over fill one more to {Math.round((100 * drawn.filled * scrap_g) / piece_raw_g)} %.
            </>
          )}
        </p>
      </div>
    </div>
  );
}

function Hollows({
  cavities,
  filled,
  title,
}: {
  readonly cavities: number;
  readonly filled: number;
  readonly title: string;
}): ReactNode {
  const columns = Math.ceil(Math.sqrt(cavities * 1.35));
  const rows = Math.ceil(cavities / columns);
  const cell = Math.min(CELL_PX, WIDEST_PX / columns);
  return (
    <svg width={columns * cell + 12} height={rows * cell + 12} role="img" aria-label={title}>
      <rect
        x={0.8}
        y={0.8}
        width={columns * cell + 10.4}
        height={rows * cell + 10.4}
        rx={10}
        className="fill-enamel stroke-rim"
        strokeWidth={1.4}
      />
      {Array.from({ length: cavities }, (_, i) => (
        <circle
          key={i}
          cx={6 + cell * ((i % columns) + 0.5)}
          cy={6 + cell * (Math.floor(i / columns) + 0.5)}
          r={cell * 0.4}
          className={i < filled ? 'fill-dough-pale stroke-dough' : 'fill-face stroke-hair'}
        />
      ))}
    </svg>
  );
}

type OneHollowProps = { readonly drawn: HollowsDrawing };

function OneHollow({ drawn }: OneHollowProps): ReactNode {
  return (
    <figure>
      <figcaption className="pb-1 text-[13.5px]">
        <strong className="text-dough">One hollow</strong> {bareLength(drawn.depth_mm)} of {length(drawn.depth_mm / drawn.filled)}{' '}
        deep
      </figcaption>
      <svg
        width={90}
        height={90}
        viewBox="0 0 90 90"
        role="img"
        aria-label={`Filled to ${Math.round(100 * drawn.filled)} per cent`}
      >
        <path
          d={`M16 ${84 - 70 * drawn.filled}L20 84H70L74 ${84 - 70 * drawn.filled}Z`}
          className="fill-dough-pale stroke-dough"
        />
        <path d="M14 12L20 84H70L76 12" fill="none" className="stroke-rim" strokeWidth={1.6} />
      </svg>
      <p className="pt-1 text-[13px] text-soft">{Math.round(100 * drawn.filled)} % full</p>
    </figure>
  );
}
