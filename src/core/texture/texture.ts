import type { Composition } from '../pantry';
import { crispness, criticalAw, stiffness } from './crispness';
import { snapForce } from './snap-force';

/** Two layers of a cooled piece. */
type Layers = {
  readonly composition: Composition;
  readonly shellAw: number;
  readonly coreAw: number;
  /** How far this dough's crispness ends above or below the usual water activity [1]. */
  readonly criticalShift?: number;
};

/** What a cooled piece is judged by. */
export type FinishedPiece = Layers & {
  /** aw of the piece once its water has evened out. */
  readonly meanAw: number;
  readonly thickness_mm: number;
  readonly density_g_per_ml: number;
  /** Dried meat or fruit, which turns leathery rather than soft. */
  readonly leathery: boolean;
};

export type Texture = {
  /** Crunch score, 0 soft to 10 snaps clean. */
  readonly snap: number;
  readonly words: TextureWord;
  readonly force_N: number;
  /** Stiffness of the shell 0..1. */
  readonly shellStiffness: number;
};

/** Every word that a texture can get, firmest first. */
export const TEXTURE_WORDS = [
  'snaps clean',
  'hard',
  'crisp shell, chewy heart',
  'crisp shell, moist heart',
  'losing its snap',
  'tough and bendy',
  'chewy',
  'leathery',
  'soft and bendy',
  'tender',
] as const;
type TextureWord = (typeof TEXTURE_WORDS)[number];

/** Share of the score that is the shell's, where teeth begin [1]. Source: ours. */
const SHELL_WEIGHT = 0.6;
/** Share of the score that cracking gives; the rest is being stiff at all [1]. Source: ours. */
const CRACKING = 0.65;
/** Force beyond which a crisp piece is called hard [N]. Source: ours. */
const HARD_N = 120;
/** A stiff crumb denser than this is hard; a lighter one has only lost its snap [g/mL]. Source: ours. */
const DENSE = 0.6;
/** Stiffness from which each of the words between hard and soft is said [1]. Source: ours. */
const STIFF = { hard: 0.5, leathery: 0.75, tough: 0.3, chewy: 0.1 } as const;
const TENDER_FROM_AW = 0.9;
const MOIST_FROM_AW = 0.8;

/** Snap and the texture word of a cooled piece. */
export function textureOf(piece: FinishedPiece): Texture {
  const { shell, core, snap } = judged(piece);
  const force_N = snapForce(piece, snap / 10);
  return {
    snap,
    words: wordsFor(piece, shell, core, force_N),
    force_N,
    shellStiffness: shell.stiff,
  };
}

type Feel = { readonly aw: number; readonly crisp: number; readonly stiff: number };

/** Crunch score of two layers, 0 soft to 10 snaps clean. */
export const snapOf = (layers: Layers): number => judged(layers).snap;

function judged({ composition, shellAw, coreAw, criticalShift = 0 }: Layers): { shell: Feel; core: Feel; snap: number } {
  const critical = criticalAw(composition) + criticalShift;
  const at = (aw: number): Feel => ({ aw, crisp: crispness(aw, critical), stiff: stiffness(aw, critical) });
  const [shell, core] = [at(shellAw), at(coreAw)];
  return { shell, core, snap: 10 * (SHELL_WEIGHT * scoreOf(shell) + (1 - SHELL_WEIGHT) * scoreOf(core)) };
}

/** Crunch of a layer, 0 to 1. */
const scoreOf = ({ crisp, stiff }: Feel): number => CRACKING * crisp + (1 - CRACKING) * stiff;

function wordsFor(piece: FinishedPiece, shell: Feel, core: Feel, force_N: number): TextureWord {
  if (shell.crisp >= 0.7 && core.crisp >= 0.7) return force_N > HARD_N ? 'hard' : 'snaps clean';
  if (shell.crisp >= 0.5 && core.aw >= MOIST_FROM_AW) return 'crisp shell, moist heart';
  if (shell.crisp >= 0.5 && core.stiff < STIFF.hard) return 'crisp shell, chewy heart';
  const stiff = (shell.stiff + core.stiff) / 2;
  if (piece.leathery) return stiff >= STIFF.leathery ? 'hard' : piece.meanAw < TENDER_FROM_AW ? 'leathery' : 'tender';
  if (stiff >= STIFF.hard) return piece.density_g_per_ml >= DENSE ? 'hard' : 'losing its snap';
  if (stiff >= STIFF.tough) return 'tough and bendy';
  if (piece.meanAw >= TENDER_FROM_AW) return 'tender';
  return stiff >= STIFF.chewy ? 'chewy' : 'soft and bendy';
}
