import type { ReactNode } from 'react';
import type { Prediction } from '@/core/prediction';
import type { Pantry } from '@/core/pantry';
import { duration } from '../../format/units';
import { nameOf } from '../bench-props';

const STEPS = {
  'while-wet': 'cooked while it is still wet',
  'after-drying': 'heated only after drying',
  none: 'no kill step shown',
} as const;

/** What raw meat, fish or egg calls for and gets, in the step where it matters. Nothing here says "safe". */
export function RawLine({ raw, pantry }: { readonly raw: Prediction['heat']['raw']; readonly pantry: Pantry }): ReactNode {
  if (!raw) return null;
  const { needs_c, reached_minute, needs_log10, kill_log10, warm_wet_minutes, kill_step } = raw;
  return (
    <p
      className={`rounded-2xl border-[1.4px] px-3 py-0.5 text-[13.5px] ${kill_step === 'while-wet' ? 'border-moss bg-moss-pale/50' : 'border-mind bg-enamel'}`}
      data-raw
    >
      <strong>Raw {raw.ingredients.map((id) => nameOf(pantry, id).split(',')[0].toLowerCase()).join(', ')}:</strong>{' '}
      {STEPS[kill_step]}. Middle {needs_c} °C {reached_minute === null ? 'is never reached' : `at ${duration(reached_minute)}`}
      {needs_log10 > 0 && ` · ${kill_log10 >= 20 ? 'over 20' : kill_log10.toFixed(1)} of ${needs_log10} log steps credited`}
      {` · ${duration(warm_wet_minutes)} warm and wet`}. An estimate: probe the thickest.
    </p>
  );
}
