import type { ReactNode } from 'react';
import { onScale } from '@/core/quantities';
import { mass } from '../../format/units';
import { ROLE_WORDS, WHEN_PUT_ON } from '../../format/words';
import { nameOf, type BenchProps } from '../bench-props';

/** What is mixed besides the dough: each part with its lines, how much of it is needed, and when. */
export function FinishMixes({
  document,
  nominal,
  pantry,
  habits,
}: Pick<BenchProps, 'document' | 'nominal' | 'pantry' | 'habits'>): ReactNode {
  const { parts, dough } = nominal.prediction;
  const finishes = parts.filter(({ role, mass_g }) => role !== 'dough' && mass_g > 0);
  if (finishes.length === 0) return null;
  return (
    <section aria-label="What else is mixed" className="grid gap-3 lg:grid-cols-2">
      {finishes.map(({ name, role, when, mass_g, on_treat_g, left_g }) => (
        <div key={name} className="rounded-2xl border border-hair px-4 py-2.5">
          <h3 className="flex flex-wrap items-baseline gap-x-2 text-[16px]">
            {name}
            <span className="text-[14px] font-normal text-soft">
              {ROLE_WORDS[role]} {when && WHEN_PUT_ON[when]}
            </span>
          </h3>
          <ul className="pt-1 text-[15px]">
            {document.recipe.ingredients.map(({ ingredient, part }, i) =>
              part === name ? (
                <li key={i} className="flex justify-between gap-3 border-t border-hair py-0.5">
                  <span>{nameOf(pantry, ingredient)}</span>
                  <strong className="font-display whitespace-nowrap">
                    {mass(onScale(dough.ingredients[i]?.planned_g ?? 0, habits.scale_step_g).mass_g)}
                  </strong>
                </li>
              ) : null,
            )}
          </ul>
          <p className="pt-1 text-[14px] text-soft">
            {mass(mass_g)} made, {mass(on_treat_g)} on the treats{left_g > 0.5 && `, ${mass(left_g)} over`}
          </p>
        </div>
      ))}
    </section>
  );
}
