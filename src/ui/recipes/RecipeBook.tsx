import Link from 'next/link';
import type { ReactNode } from 'react';
import { duration, mass } from '../format/units';
import { FEEL_NAMES } from '../format/words';
import { Plate } from '../kit/Plate';
import { CompositionBar, type DoughShares } from './CompositionBar';
import { ImportBatch } from './ImportBatch';

export type RecipeCard = {
  readonly id: string;
  readonly name: string;
  readonly summary: string;
  readonly ingredients: readonly string[];
  readonly dough_g: number;
  readonly feel: string;
  readonly feel_index: number;
  readonly pieces: number;
  readonly minutes: number;
  readonly texture: string;
  readonly allergens: readonly string[];
  readonly shares: DoughShares;
};

type RecipeBookProps = {
  readonly kitchen: string;
  readonly recipes: readonly RecipeCard[];
  readonly open: { readonly id: string; readonly name: string } | null;
  readonly startAction: (form: FormData) => Promise<void>;
};

/** The book: every recipe opens on its dough, and one click starts a batch. */
export function RecipeBook({ kitchen, recipes, open, startAction }: RecipeBookProps): ReactNode {
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-5">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2 pb-4">
        <h1 className="text-[27px]">Recipes</h1>
        <p className="text-soft">{kitchen}</p>
        <span className="flex-1" />
        {open && (
          <Link
            href={`/batch/${open.id}?bench=heat`}
            className="rounded-full border-[1.6px] border-rim bg-face px-4 py-1.5 font-semibold hover:bg-enamel"
          >
            Carry on with {open.name}
          </Link>
        )}
        <ImportBatch />
      </header>
      {recipes.length === 0 && <p className="text-soft">The book is empty. Bring a batch file in, and it opens on its line.</p>}
      <ul className="flex flex-col gap-3">
        {recipes.map((recipe) => (
          <li key={recipe.id}>
            <Plate label={recipe.name} className="grid gap-x-8 gap-y-3 px-5 py-4 lg:grid-cols-[1fr_23rem_auto]">
              <div>
                <h2 className="text-[21px]">{recipe.name}</h2>
                <p className="pt-0.5">{recipe.summary}</p>
                <p className="pt-2 text-[14px] text-soft">{recipe.ingredients.join(' · ')}</p>
                {recipe.allergens.length > 0 && (
                  <p className="pt-1 text-[14px]">
                    <span className="text-soft">contains</span> <strong>{recipe.allergens.join(', ')}</strong>
                  </p>
                )}
              </div>
              <div>
                <CompositionBar shares={recipe.shares} />
                <dl className="grid grid-cols-4 gap-x-3 pt-3 text-[14px]">
                  {[
                    ['dough', mass(recipe.dough_g), FEEL_NAMES[recipe.feel].toLowerCase()],
                    ['pieces', String(recipe.pieces), 'as written'],
                    ['heat', duration(recipe.minutes), ''],
                    ['ends', recipe.texture, ''],
                  ].map(([name, figure, small]) => (
                    <div key={name}>
                      <dt className="text-soft">{name}</dt>
                      <dd className="leading-tight font-semibold">
                        {figure} {small && <span className="block font-normal text-soft">{small}</span>}
                      </dd>
                    </div>
                  ))}
                </dl>
              </div>
              <form action={startAction} className="self-center">
                <input type="hidden" name="recipe" value={recipe.id} />
                <button
                  className="rounded-full border-[1.6px] border-heat bg-heat px-5 py-2 font-semibold text-face hover:brightness-110"
                  aria-label={`Bake ${recipe.name}`}
                >
                  Bake this
                </button>
              </form>
            </Plate>
          </li>
        ))}
      </ul>
    </main>
  );
}
