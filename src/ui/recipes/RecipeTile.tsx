import type { RecipeView } from '@/contract/recipes';
import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { METHOD_NAMES, type Method } from '@/core/document';
import { duration, mass, perMass, perMassWord, span } from '../format/units';
import { money } from '../format/money';
import { feelName, allergenWords, withoutWords } from '../format/words';
import { Tick } from '../bin/Tick';
import { CautionShape } from '../kit/CautionMark';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { WhoMay } from '../kit/WhoMay';
import { CompositionBar } from './CompositionBar';

type RecipeTileProps = {
  readonly recipe: RecipeView;
  readonly startAction: (form: FormData) => Promise<void>;
  readonly chosen: boolean;
  readonly onChoose: () => void;
};

/** A recipe in the book: its dough, what it becomes, who may have it. */
export function RecipeTile({ recipe, startAction, chosen, onChoose }: RecipeTileProps): ReactNode {
  const { card, cost } = recipe;
  const contains = allergenWords(card.allergens);
  const ingredients = card.lines.map(({ name }) => name).join(' · ');
  const names = new Map(card.lines.map(({ ingredient, name }) => [ingredient, name]));
  const figures: ReadonlyArray<readonly [string, string, string]> = [
    ['dough', mass(card.dough_g), card.feel === null ? '' : feelName(card.feel).toLowerCase()],
    ['pieces', String(card.pieces), card.texture],
    ['heat', duration(card.minutes), ''],
    ['keeps', span(card.keeps_days), 'likely'],
  ];
  return (
    <Panel label={recipe.name} className="grid gap-x-6 gap-y-2 px-5 py-3 lg:grid-cols-[1fr_29rem_auto]">
      <div className="min-w-0">
        <Name {...{ recipe, chosen, onChoose }} />
        <p className="pt-0.5 text-[14.5px] leading-snug" title={recipe.summary}>
          {recipe.summary}
        </p>
        <p className="pt-0.5 text-[13.5px] leading-snug text-soft" title={ingredients}>
          {ingredients}
        </p>
        <div className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-1.5">
          <WhoMay verdicts={recipe.dogs} blocked={recipe.stops.length > 0} nameOf={(id) => names.get(id) ?? id} />
          {contains && (
            <p className="text-[13.5px]">
              <span className="text-soft">contains</span> {contains}
            </p>
          )}
        </div>
      </div>
      <div className="min-w-0">
        <CompositionBar shares={card.shares} />
        <dl className="grid grid-cols-[1fr_1.2fr_1.2fr_1fr] gap-x-2 pt-1.5 text-[13.5px]">
          {figures.map(([name, figure, small]) => (
            <div key={name}>
              <dt className="text-soft">{name}</dt>
              <dd className="leading-tight font-semibold whitespace-nowrap">
                {figure} {small && <span className="block font-normal whitespace-normal text-soft">{small}</span>}
              </dd>
            </div>
          ))}
        </dl>
        <p className="pt-0.5 text-[13.5px] text-soft">{costWords(cost)}</p>
      </div>
      <BakeThis recipe={recipe} startAction={startAction} />
    </Panel>
  );
}

/** What it is called and how it is made, and whether it is one of those that something is done with. */
const Name = ({ recipe, chosen, onChoose }: Omit<RecipeTileProps, 'startAction'>): ReactNode => (
  <div className="flex items-center gap-x-3">
    <Tick name={recipe.name} checked={chosen} onChange={onChoose} />
    <h2 className="flex min-w-0 flex-wrap items-baseline gap-x-3 text-[20px] leading-tight">
      <Link href={`/recipes/${recipe.id}`} className="hover:underline">
        {recipe.name}
      </Link>
      <span className="font-text text-[14px] font-normal text-soft">{methodWords(recipe.method)}</span>
    </h2>
  </div>
);

/** What the ingredients of a recipe's dough cost, and what is and is not in it. */
export function costWords({ currency, dough_per_100g, with_work_per_100g: work, missing }: RecipeView['cost']): string {
  // Nothing that has a price: there is nothing to say of what is left out either.
  if (dough_per_100g === 0) return 'no price noted yet';
  const whole = `${money(perMass(dough_per_100g), currency)} of ingredients ${perMassWord()}`;
  const rest = [work === null ? '' : `${money(work, currency)} with your time, guessed`, withoutWords(missing)];
  return [whole, rest.filter(Boolean).join('; ')].filter(Boolean).join(', ');
}

/** A method as a baker would say it. */
export const methodWords = (method: string): string =>
  Object.hasOwn(METHOD_NAMES, method) ? METHOD_NAMES[method as Method] : 'no method named';

type BakeThisProps = { readonly recipe: RecipeView; readonly startAction: RecipeTileProps['startAction'] };

function BakeThis({ recipe, startAction }: BakeThisProps): ReactNode {
  return (
    <Needs role="baker">
      <form action={startAction} className="self-center">
        <input type="hidden" name="recipe" value={recipe.id} />
        {recipe.stops.length > 0 && (
          <p className="pb-1.5 text-center text-[13.5px] font-semibold text-stop">
            <CautionShape severity="stop" /> Stop
          </p>
        )}
        <button
          className="rounded-full border-[1.6px] border-heat bg-heat px-5 py-2 font-semibold whitespace-nowrap text-face hover:brightness-110"
          aria-label={`Bake ${recipe.name}`}
        >
          Bake
        </button>
      </form>
    </Needs>
  );
}
