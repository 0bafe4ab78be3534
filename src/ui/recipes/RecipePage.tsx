'use client';
import type { RecipeView } from '@/contract/recipes';
import { Link } from '../kit/Link';
import { ThrowAway } from '../bin/ThrowAway';
import type { ReactNode } from 'react';
import type { BatchDocument } from '@/core/document';
import type { Screening } from '@/core/feeding';
import { slicedOffBy } from '@/core/catalogue';
import { preparationOf, rowOfLine, startFrom, type Ingredient, type Pantry } from '@/core/pantry';
import { bakeWords } from '../format/bake-words';
import { day, mass } from '../format/units';
import { feelName } from '../format/words';
import { clockWords } from '../ingredients/IngredientRow';
import { partWords } from '../ingredients/IngredientTable';
import type { Habits } from '../ingredients/habits';
import { kitchenMeasure } from '../ingredients/kitchen-measure';
import { Button, buttonClass } from '../kit/Button';
import { CautionShape } from '../kit/CautionMark';
import { FeelGauge } from '../kit/FeelGauge';
import { Needs } from '../kit/Needs';
import { Panel } from '../kit/Panel';
import { CompositionBar } from './CompositionBar';
import { PromisePanel } from './PromisePanel';
import { MethodLine } from './MethodLine';
import { RecipeSteps, type StepsProps } from './RecipeSteps';
import { costWords, methodWords } from './RecipeTile';
import { WhoPanel } from './WhoPanel';
import { PageTitle } from '../shell/PageTitle';

type Action = (form: FormData) => Promise<void>;
type RecipePageProps = {
  readonly recipe: RecipeView;
  readonly document: BatchDocument;
  readonly revision: number;
  readonly archived: boolean;
  readonly screening: Screening;
  readonly versions: ReadonlyArray<{
    readonly revision: number;
    readonly name: string;
    readonly saved_at: string;
    readonly ingredients: number;
  }>;
  readonly pantry: readonly Ingredient[];
  readonly habits: Habits;
  readonly actions: { readonly start: Action; readonly copy: Action; readonly archive: Action; readonly restore: Action };
};

/** A recipe opened on its dough: what it is made of, how it feels, what it costs, who may not have it and why. */
export function RecipePage({
  recipe,
  document,
  revision,
  archived,
  screening,
  versions,
  pantry: rows,
  habits,
  actions,
}: RecipePageProps): ReactNode {
  const pantry: Pantry = new Map(rows.map((row) => [row.id, row]));
  const { card } = recipe;
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <PageTitle>{recipe.name}</PageTitle>
      <Head recipe={recipe} revision={revision} archived={archived} actions={actions} />
      <div className="grid gap-3 lg:grid-cols-[1fr_25rem]">
        <div className="flex flex-col gap-3">
          <PromisePanel document={document} pantry={rows} />
          <DoughPanel recipe={recipe} />
          <Panel label="Ingredients" className="px-5 py-3">
            <Ingredients document={document} recipe={recipe} pantry={pantry} habits={habits} />
          </Panel>
          <Panel label="Steps" className="px-5 py-3">
            <RecipeSteps document={document} recipe={recipe} pantry={pantry} />
            <Bake document={document} />
          </Panel>
        </div>
        <div className="flex flex-col gap-3">
          <Panel label="The line" className="px-5 py-3">
            <h2 className="pb-1 text-[17px]">From bowl to jar</h2>
            <MethodLine card={card} />
          </Panel>
          <WhoPanel screening={screening} pantry={pantry} />
          <Versions id={recipe.id} versions={versions} restore={actions.restore} />
          <TakeWithYou id={recipe.id} />
        </div>
      </div>
    </main>
  );
}

/** How it is shaped and baked, in a reader's own degrees and inches: what a printed recipe must not lack. */
function Bake({ document }: { readonly document: BatchDocument }): ReactNode {
  return (
    <div className="border-t border-hair pt-2 text-[15px]">
      <h2 className="pb-1 text-[17px]">Shape and bake</h2>
      <ol className="list-inside list-decimal space-y-0.5">
        {bakeWords(document).map((sentence, i) => (
          <li key={i}>{sentence}</li>
        ))}
      </ol>
    </div>
  );
}

type ActionFormProps = {
  readonly action: Action;
  readonly id: string;
  readonly words: string;
  readonly extra?: Readonly<Record<string, string>>;
  readonly small?: boolean;
};

function ActionForm({ action, id, words, extra = {}, small = false }: ActionFormProps): ReactNode {
  return (
    <form action={action} className="print:hidden">
      <input type="hidden" name="recipe" value={id} />
      {Object.entries(extra).map(([name, value]) => (
        <input key={name} type="hidden" name={name} value={value} />
      ))}
      <Button type="submit" look={small ? 'small' : 'plain'}>
        {words}
      </Button>
    </form>
  );
}

function DoughPanel({ recipe }: { readonly recipe: RecipeView }): ReactNode {
  const { card, cost } = recipe;
  return (
    <Panel label="The dough" className="px-5 py-3">
      {recipe.summary && <p className="pb-2">{recipe.summary}</p>}
      <CompositionBar shares={card.shares} />
      <p className="flex flex-wrap items-baseline gap-x-2 pt-2.5">
        <strong className="font-display text-[20px]">{feelName(card.feel)}</strong>
        <span className="text-[14.5px] text-soft">
          {card.feel !== null &&
            `softness ${card.feel_index.toFixed(2)} (${card.feel_low.toFixed(2)} – ${card.feel_high.toFixed(2)}) · `}
          {mass(card.dough_g)} of dough · {costWords(cost)}
        </span>
      </p>
      {card.feel !== null && (
        <FeelGauge index={card.feel_index} low={card.feel_low} high={card.feel_high} crumbleEdge={card.crumble_edge} />
      )}
    </Panel>
  );
}

function Ingredients({ document, recipe, pantry, habits }: StepsProps & { readonly habits: Habits }): ReactNode {
  return (
    <table className="stacked w-full border-collapse text-[15px]">
      <caption className="max-sm:block pb-1 text-left font-display text-[17px] font-semibold">
        Ingredients, the recipe once
      </caption>
      <tbody>
        {document.recipe.ingredients.map((line, i) => {
          const row = rowOfLine(line, pantry, slicedOffBy(document.shape));
          const mass_g = recipe.card.lines[i]?.mass_g ?? 0;
          const way = row ? preparationOf(row) : null;
          const measure = row ? kitchenMeasure(row, mass_g, habits) : null;
          const start =
            row && way && way.yield !== 1 ? `${way.verb}: from ${mass(startFrom(row, mass_g))} ${way.from}` : (way?.verb ?? '');
          const small = [partWords(document.recipe, line), line.note, start, row ? clockWords(row) : '']
            .filter(Boolean)
            .join(' · ');
          return (
            <tr key={`${line.ingredient}-${i}`} className="border-t border-hair align-top">
              <th scope="row" className="whole py-1 pr-3 text-left font-semibold">
                {row?.dogFlag === 'avoid' && <CautionShape severity="stop" />} {row?.name ?? line.ingredient}
                {small && <span className="block text-[13px] font-normal text-soft">{small}</span>}
              </th>
              <td className="py-1 text-right font-display text-[17px] font-semibold whitespace-nowrap">{mass(mass_g)}</td>
              <td className="w-52 py-1 pl-5 text-[14.5px]">
                {measure ? measure.words : 'weigh it'}{' '}
                {measure && <span className="text-[13px] text-soft">± {mass(Math.max(1, measure.scatter_g), 0)}</span>}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

type VersionsProps = { readonly id: string; readonly versions: RecipePageProps['versions']; readonly restore: Action };

function Versions({ id, versions, restore }: VersionsProps): ReactNode {
  return (
    <Panel label="Versions" className="px-5 py-3 print:hidden">
      <h2 className="text-[17px]">Versions</h2>
      {versions.length === 0 && (
        <p className="text-[14.5px] text-soft">This is the first one. Every saved change keeps the one before.</p>
      )}
      <ul className="text-[14.5px]">
        {versions.map((version) => (
          <li key={version.revision} className="flex items-center gap-2 border-t border-hair py-1 first:border-0">
            <span className="flex-1">
              {version.revision}: {version.name}{' '}
              <span className="text-soft">
                · {day(version.saved_at)} · {version.ingredients} ingredients
              </span>
            </span>
            <ActionForm action={restore} id={id} extra={{ revision: String(version.revision) }} words="Bring back" small />
          </li>
        ))}
      </ul>
    </Panel>
  );
}

type TakeWithYouProps = { readonly id: string };

function TakeWithYou({ id }: TakeWithYouProps): ReactNode {
  return (
    <Panel label="Take it with you" className="px-5 py-3 print:hidden">
      <h2 className="text-[17px]">Take it with you</h2>
      <p className="flex flex-wrap gap-2 pt-1.5">
        {[
          ['batch', 'Batch file'],
          ['json-ld', 'Recipe for other programs'],
          ['csv', 'Table'],
        ].map(([as, words]) => (
          <a
            key={as}
            className="rounded-full border-[1.4px] border-hair bg-enamel px-3 py-0.5 text-[14px] font-semibold hover:border-rim"
            href={`/api/recipes/${id}/file?as=${as}`}
            download
          >
            {words}
          </a>
        ))}
        <Button look="small" onClick={() => window.print()}>
          Print
        </Button>
      </p>
    </Panel>
  );
}

type HeadProps = {
  readonly recipe: RecipeView;
  readonly revision: number;
  readonly archived: boolean;
  readonly actions: RecipePageProps['actions'];
};

function Head({ recipe, revision, archived, actions }: HeadProps): ReactNode {
  return (
    <header className="flex flex-wrap items-center gap-x-3 gap-y-2 pb-3">
      <div className="min-w-[14rem] flex-1">
        <h1 className="text-[27px] leading-tight">{recipe.name}</h1>
        <p className="text-[14.5px] text-soft">
          {methodWords(recipe.method)} · version {revision}
          {archived && ' · archived'}
        </p>
      </div>
      <Needs role="baker">
        <ActionForm
          action={actions.archive}
          id={recipe.id}
          extra={{ away: archived ? 'no' : 'yes' }}
          words={archived ? 'Take out of the archive' : 'Archive'}
        />
        <ThrowAway words="Delete" things={[{ kind: 'recipe', id: recipe.id }]} leadsTo="/recipes" />
        <ActionForm action={actions.copy} id={recipe.id} words="Copy" />
        <Link className={buttonClass()} href={`/recipes/${recipe.id}/edit`}>
          Edit
        </Link>
        <form action={actions.start} className="print:hidden">
          <input type="hidden" name="recipe" value={recipe.id} />
          <button className="rounded-full border-[1.6px] border-heat bg-heat px-5 py-1.5 font-semibold text-face hover:brightness-110">
            Bake this
          </button>
        </form>
      </Needs>
    </header>
  );
}
