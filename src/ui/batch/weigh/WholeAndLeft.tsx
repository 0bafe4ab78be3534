'use client';
import type { ReactNode } from 'react';
import { Button } from '../../kit/Button';
import { mass } from '../../format/units';
import { nameOf, type BenchProps } from '../bench-props';
import { AlsoUsedIn } from './AlsoUsedIn';
import { linesInBowl } from './bowl';
import { wholeChoices } from './whole-choices';
import { RECIPE, KITCHEN } from '@/core/document';

/** Eggs do not halve and tins have sizes: the ways to come out even, what each does to the feel, and where the rest can go. */
export function WholeAndLeft({ document, edits, nominal, pantry, alsoUsedIn }: BenchProps): ReactNode {
  const { dough } = nominal.prediction;
  const choices = wholeChoices({
    document,
    lines: linesInBowl(document, dough, pantry),
    factor: dough.factor,
    pantry,
    standing_min: document.recipe.rest_minutes ?? RECIPE.fields.rest_minutes.default,
    kitchen_c: document.kitchen?.room_c ?? KITCHEN.fields.room_c.default,
  });
  if (choices.length === 0) return null;
  return (
    <section aria-label="Whole eggs and packs" className="rounded-2xl border border-hair px-4 py-2.5">
      <h3 className="text-[16px]">Whole eggs and packs</h3>
      <ul className="flex flex-col gap-1 pt-1 text-[15px]">
        {choices.map(({ ingredient, words, feel_index, leftOver_g, apply }) => {
          return (
            <li key={ingredient + words} className="flex flex-wrap items-center gap-x-3 gap-y-0.5">
              <span>
                <strong>{nameOf(pantry, ingredient)}:</strong> {words}.
              </span>
              <span className="text-[14px] text-soft">
                softness {dough.feel_index.toFixed(2)} → {feel_index.toFixed(2)}
                {leftOver_g > 1 && (
                  <>
                    · {mass(leftOver_g)} left
                    <AlsoUsedIn recipes={alsoUsedIn.get(ingredient) ?? []} />
                  </>
                )}
              </span>
              {apply && (
                <Button
                  look="small"
                  onClick={() => {
                    const next = apply(document);
                    if (next.scale) edits.set(['scale'], next.scale);
                    else edits.set(['recipe', 'ingredients'], next.recipe.ingredients);
                  }}
                >
                  Do that
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
