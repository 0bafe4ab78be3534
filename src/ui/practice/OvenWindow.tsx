import type { ReactNode } from 'react';
import type { PracticeView } from '@/contract/practice';
import { colourWord } from '@/core/heat';
import type { BakeClock } from './bake-clock';
import { brownedColour } from './browned';
import { PIECE_WORDS } from './practice-words';
import { useMoment } from './use-moment';

type Glimpse = PracticeView['window']['glimpses'][number];
type PieceName = PracticeView['window']['pieces'][number];

const WIDTH = 760;
const HEIGHT = 300;
const TRAY_Y = 232;
/** Length of a piece in the drawing [px]; how much higher than it is it is drawn [1]; and how low and high that may come [px]. */
const PIECE_W = 156;
const HIGHER = 2;
const LOWEST_H = 30;
const HIGHEST_H = 92;
/** Fraction of the raw height below which no piece is drawn. */
const LEAST = 0.35;

/** How much higher or lower than a usual one they lie; one that is this low is small all round [1]. */
const SIZES: Readonly<Partial<Record<PieceName, number>>> = { thin: 0.88, thick: 1.12, small: 0.62 };
const SMALL = 0.8;

/** What the glass shows between two moments that are known. */
function glimpseAt(glimpses: readonly Glimpse[], minute: number): Glimpse {
  const next = glimpses.findIndex((one) => one.minute >= minute);
  if (next <= 0) return glimpses[next === 0 ? 0 : glimpses.length - 1];
  const [before, after] = [glimpses[next - 1], glimpses[next]];
  const part = (minute - before.minute) / (after.minute - before.minute);
  const mix = (a: number, b: number): number => a + part * (b - a);
  return {
    minute,
    steam: mix(before.steam, after.steam),
    pieces: before.pieces.map((piece, i) => ({
      top: mix(piece.top, after.pieces[i].top),
      edge: mix(piece.edge, after.pieces[i].edge),
      height: mix(piece.height, after.pieces[i].height),
    })),
  };
}

type OvenWindowProps = {
  readonly of: PracticeView['window'];
  readonly clock: BakeClock;
  readonly lit: boolean;
  /** Height of a raw piece over its length [1]. */
  readonly aspect: number;
};

/** The oven's window: only what a kitchen shows. Told in words as well, minute by minute. */
export function OvenWindow({ of, clock, lit, aspect }: OvenWindowProps): ReactNode {
  const minute = useMoment(clock);
  const { pieces, steam } = glimpseAt(of.glimpses, minute);
  const place = WIDTH / pieces.length;
  return (
    <div className="relative">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label="Through the oven's window"
        className="block w-full rounded-2xl"
        style={{ background: lit ? '#2a1c17' : '#171416' }}
        data-window
      >
        <rect x="2" y="2" width={WIDTH - 4} height={HEIGHT - 4} rx="16" fill="none" stroke="#6d7a83" strokeWidth="3" />
        <radialGradient id="oven-light" cx="0.5" cy="0" r="0.9">
          <stop offset="0" stopColor="#ffb070" stopOpacity="0.34" />
          <stop offset="1" stopColor="#ffb070" stopOpacity="0" />
        </radialGradient>
        {lit && <rect x="4" y="4" width={WIDTH - 8} height={HEIGHT - 8} rx="14" fill="url(#oven-light)" />}
        <rect x="36" y={TRAY_Y} width={WIDTH - 72} height="7" rx="3.5" fill="#8b949b" />
        {pieces.map((piece, i) => (
          <Piece
            key={of.pieces[i]}
            {...piece}
            x={place * (i + 0.5)}
            size={SIZES[of.pieces[i]] ?? 1}
            raw_px={Math.min(HIGHEST_H, Math.max(LOWEST_H, HIGHER * PIECE_W * aspect))}
          />
        ))}
        <Steams steam={steam} minute={minute} />
      </svg>
      <div className="absolute inset-x-0 bottom-[5%] flex text-[14px] text-[#e9e1d4]">
        {of.pieces.map((name) => (
          <span key={name} className="flex-1 text-center">
            {PIECE_WORDS[name]}
          </span>
        ))}
      </div>
    </div>
  );
}

/** One piece from the side: its face and its rim are as brown as they are. */
function Piece({
  top,
  edge,
  height,
  x,
  size,
  raw_px,
}: Glimpse['pieces'][number] & { readonly x: number; readonly size: number; readonly raw_px: number }): ReactNode {
  const h = raw_px * Math.max(LEAST, height) * size;
  const w = size < SMALL ? PIECE_W * size : PIECE_W;
  const [left, right, up] = [x - w / 2, x + w / 2, TRAY_Y - h];
  const bulge = h * 0.16;
  const body = `M${left} ${TRAY_Y}V${up + h * 0.35}Q${left} ${up} ${left + h * 0.4} ${up}Q${x} ${up - bulge} ${right - h * 0.4} ${up}Q${right} ${up} ${right} ${up + h * 0.35}V${TRAY_Y}Z`;
  return <path d={body} fill={brownedColour(top)} stroke={brownedColour(edge)} strokeWidth={9} strokeLinejoin="round" />;
}

const PLUMES = 6;
/** Less than this is not seen, and from this it is much [1]. */
const SOME_STEAM = 0.1;
const MUCH_STEAM = 0.5;

/** Steam that rises while water leaves. */
function Steams({ steam, minute }: { readonly steam: number; readonly minute: number }): ReactNode {
  const shown = steam < SOME_STEAM ? 0 : Math.ceil(steam * PLUMES);
  return Array.from({ length: shown }, (_, i) => {
    const x = (WIDTH * (i + 0.7)) / (PLUMES + 0.4);
    const up = ((minute * 46 + i * 37) % 90) + 4;
    return (
      <path
        key={i}
        d={`M${x} ${TRAY_Y - 70 - up}q-9 -12 0 -24q9 -12 0 -24`}
        fill="none"
        stroke="#9fd3da"
        strokeWidth="3"
        strokeLinecap="round"
        opacity={Math.max(0, 0.65 - up / 150)}
      />
    );
  });
}

/** The colour of one face: the word for a whole piece speaks of its edges too. */
const faceWord = (browning: number): string => colourWord(browning).split(',')[0];

/** The same in words, for who cannot see it; it changes when a word does. */
export function WindowWords({ of, clock }: Omit<OvenWindowProps, 'lit' | 'aspect'>): ReactNode {
  const { pieces, steam } = glimpseAt(of.glimpses, useMoment(clock, 1));
  const colours = pieces.map(({ top, edge }, i) => `${PIECE_WORDS[of.pieces[i]]}: top ${faceWord(top)}, rim ${faceWord(edge)}`);
  const air = steam > MUCH_STEAM ? 'much steam' : steam >= SOME_STEAM ? 'some steam' : 'no steam to be seen';
  return (
    <p className="text-[14px] text-soft" data-window-words>
      {colours.join(' · ')} · {air}
    </p>
  );
}
