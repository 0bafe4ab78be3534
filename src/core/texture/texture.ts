import type { Composition } from '../pantry';
import { crispness, criticalAw } from './crispness';
import { snapForce } from './snap-force';

/** What a finished, cooled piece is judged by. */
export type FinishedPiece = {
  readonly composition: Composition;
  readonly shellAw: number;
  readonly coreAw: number;
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
  /** Crispness of the shell 0..1. */
  readonly shellCrispness: number;
};

/** Every word that a texture can get, crispest first. */
export const TEXTURE_WORDS = [
  'snaps clean',
  'hard',
  'crisp shell, chewy heart',
  'crisp shell, moist heart',
  'losing its snap',
  'tough and bendy',
  'soft and bendy',
  'leathery',
  'tender',
] as const;
type TextureWord = (typeof TEXTURE_WORDS)[number];

/** Thin pieces are mostly shell [mm]; weight of the shell in the score, thin and thick [1]. Source: ours. */
const THIN_MM = 5;
const SHELL_WEIGHT = { thin: 0.7, thick: 0.6 };
/** Force beyond which a crisp piece is called hard [N]. Source: ours. */
const HARD_N = 120;

/** Snap and the texture word of a cooled piece. */
export function textureOf(piece: FinishedPiece): Texture {
  const critical = criticalAw(piece.composition);
  const shell = crispness(piece.shellAw, critical);
  const core = crispness(piece.coreAw, critical);
  const weight = piece.thickness_mm < THIN_MM ? SHELL_WEIGHT.thin : SHELL_WEIGHT.thick;
  const crisp = weight * shell + (1 - weight) * core;
  const force_N = snapForce(piece, crisp);
  return { snap: 10 * crisp, words: wordsFor(piece, shell, core, force_N), force_N, shellCrispness: shell };
}

function wordsFor(piece: FinishedPiece, shell: number, core: number, force_N: number): TextureWord {
  if (shell >= 0.7 && core >= 0.7) return force_N > HARD_N ? 'hard' : 'snaps clean';
  if (shell >= 0.5 && piece.coreAw >= 0.8) return 'crisp shell, moist heart';
  if (shell >= 0.5 && core < 0.5) return 'crisp shell, chewy heart';
  if (piece.meanAw >= 0.9) return 'tender';
  if (piece.meanAw >= 0.7) return piece.leathery ? 'leathery' : 'soft and bendy';
  if (piece.leathery) return 'leathery';
  return shell > 0.3 ? 'losing its snap' : 'tough and bendy';
}
