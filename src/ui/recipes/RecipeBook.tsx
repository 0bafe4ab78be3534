'use client';
import { counted } from '@/core/quantities';
import type { RecipeView } from '@/contract/recipes';
import { Search } from 'lucide-react';
import { Link } from '../kit/Link';
import { useEffect, useEffectEvent, useRef, useState, type ReactNode } from 'react';
import { METHODS, METHOD_NAMES } from '@/core/document';
import { Button, buttonClass } from '../kit/Button';
import { mayHere } from '../kit/role-here';
import { PageHead } from '../kit/PageHead';
import { Choice } from '../kit/Choice';
import { ImportRecipe } from './ImportRecipe';
import { RecipeTile } from './RecipeTile';
import { call, wrongWith } from '../kit/api';
import { subscribe } from '../bin/bin-store';
import { useGrowing } from '../kit/use-growing';
import { useChosen } from '../kit/use-chosen';
import { DeleteChosen } from '../bin/DeleteChosen';
import { PageTitle } from '../shell/PageTitle';

/** What the book is asked for; empty parts narrow nothing. */
export type BookSearch = {
  readonly q: string;
  readonly method: string;
  readonly dog: string;
  readonly without: string;
  readonly archived: string;
};
type BookPage = { readonly recipes: readonly RecipeView[]; readonly total: number };

type RecipeBookProps = BookPage & {
  readonly kitchen: string;
  readonly dogs: ReadonlyArray<{ readonly name: string; readonly avoids: readonly string[] }>;
  readonly open: { readonly id: string; readonly name: string } | null;
  /** Everything that the ingredients of the pantry are known to bring. */
  readonly allergens: readonly string[];
  readonly search: BookSearch;
  readonly startAction: (form: FormData) => Promise<void>;
};

/** While one types, the book waits this long before it looks [ms]. */
const TYPING_MS = 160;

/** Recipes that come with the page as it is served, two screens of them; and how many follow at a time. */
const AT_ONCE = 10;
const MORE = 60;

/** The book: found by name, ingredient, method, allergen or dog; every recipe opens on its dough, and one click starts a batch. */
export function RecipeBook({
  kitchen,
  dogs,
  allergens,
  open,
  search: first,
  startAction,
  ...firstPage
}: RecipeBookProps): ReactNode {
  const [search, setSearch] = useState(first);
  const { page, more, busy, wrong } = useBook(search, firstPage);
  const set = (part: Partial<BookSearch>): void => setSearch((now) => ({ ...now, ...part }));
  const { chosen, toggle, clear } = useChosen();
  const drawn = useGrowing(AT_ONCE, MORE, page.recipes.length);
  const narrowed = Object.values(search).some((value) => value !== '');
  return (
    <main className="mx-auto max-w-[1232px] px-6 py-4">
      <PageTitle>Recipes</PageTitle>
      <PageHead title="Recipes" says={kitchen}>
        {open && (
          <Link href={`/batch/${open.id}?bench=heat`} className={`${buttonClass()} whitespace-normal!`}>
            Carry on with {open.name}
          </Link>
        )}
        {mayHere('baker') && <NewRecipe />}
      </PageHead>
      <Filters search={search} set={set} dogs={dogs} allergens={allergens}>
        <p role="status" className="text-[14px] text-soft">
          {busy ? 'looking …' : counted(page.total, 'recipe')}
          {wrong && <span className="text-stop"> {wrong}</span>}
        </p>
        <DeleteChosen kind="recipe" chosen={chosen} onGone={clear} />
      </Filters>
      {page.recipes.length === 0 && !busy && (
        <p className="text-soft">
          {narrowed
            ? 'Nothing in the book fits all of that. Take one of the limits away.'
            : 'The book is empty. Write a recipe, paste one, or bring a file in.'}
        </p>
      )}
      <ul className="flex flex-col gap-2.5">
        {page.recipes.slice(0, drawn).map((recipe) => (
          <li key={recipe.id} className="[content-visibility:auto] [contain-intrinsic-size:auto_9rem]">
            <RecipeTile {...{ recipe, startAction }} chosen={chosen.includes(recipe.id)} onChoose={() => toggle(recipe.id)} />
          </li>
        ))}
      </ul>
      {page.recipes.length < page.total && (
        <p className="pt-3 text-center">
          <Button onClick={more}>Show more of the {page.total}</Button>
        </p>
      )}
    </main>
  );
}

/** A recipe of one's own: from a file, or written. */
const NewRecipe = (): ReactNode => (
  <>
    <ImportRecipe />
    <Link href="/recipes/new" className={buttonClass('main')}>
      Write a recipe
    </Link>
  </>
);

const addressOf = (search: BookSearch, from = 0): string => {
  const parts = Object.entries(search).filter(([, value]) => value !== '');
  return new URLSearchParams([...parts, ...(from > 0 ? [['from', String(from)]] : [])] as string[][]).toString();
};

/** Looks the book up as the search changes; the address follows, so that a search can be kept and gone back to. */
function useBook(search: BookSearch, first: BookPage): { page: BookPage; more: () => void; busy: boolean; wrong: string | null } {
  const [page, setPage] = useState(first);
  const [busy, setBusy] = useState(false);
  const [wrong, setWrong] = useState<string | null>(null);
  const asked = useRef(search);
  const look = async (from: number, signal?: AbortSignal): Promise<void> => {
    setBusy(true);
    const found = await call<BookPage>(`/api/recipes?${addressOf(search, from)}`, { signal });
    if (signal?.aborted) return;
    if (found.ok)
      setPage((now) => (from > 0 ? { ...found.value, recipes: [...now.recipes, ...found.value.recipes] } : found.value));
    setWrong(wrongWith(found));
    setBusy(false);
  };
  useEffect(() => {
    if (asked.current === search) return;
    asked.current = search;
    const stop = new AbortController();
    const timer = setTimeout(() => {
      const query = addressOf(search);
      window.history.replaceState(null, '', query === '' ? '/recipes' : `/recipes?${query}`);
      void look(0, stop.signal);
    }, TYPING_MS);
    return () => {
      clearTimeout(timer);
      stop.abort();
    };
    // `look` belongs to this very search.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [search]);
  // What went into the bin, or came back out of it.
  const again = useEffectEvent(() => void look(0));
  useEffect(() => subscribe(() => again()), []);
  return { page, more: () => void look(page.recipes.length), busy, wrong };
}

type FiltersProps = {
  readonly search: BookSearch;
  readonly set: (part: Partial<BookSearch>) => void;
  readonly dogs: RecipeBookProps['dogs'];
  readonly children: ReactNode;
  readonly allergens: readonly string[];
};

function Filters({ search, set, dogs, allergens, children }: FiltersProps): ReactNode {
  return (
    <form role="search" onSubmit={(event) => event.preventDefault()} className="flex flex-wrap items-center gap-x-4 gap-y-2 pb-3">
      <label className="inline-flex items-center gap-2 rounded-full border-[1.6px] border-rim bg-face px-3 py-1">
        <Search aria-hidden size={16} className="text-soft" />
        <span className="sr-only">Search the book</span>
        <input
          type="search"
          value={search.q}
          maxLength={120}
          placeholder="name, ingredient, method, allergen"
          onChange={({ target }) => set({ q: target.value })}
          className="w-64 bg-transparent outline-none"
        />
      </label>
      <Choice
        label="for"
        value={search.dog}
        options={[
          { value: '', name: 'every dog' },
          ...dogs.map(({ name, avoids }) => ({
            value: name,
            name: avoids.length > 0 ? `${name}: no ${avoids.join(', ')}` : name,
          })),
        ]}
        onChange={(dog) => set({ dog })}
      />
      <Choice
        label="without"
        value={search.without}
        options={[{ value: '', name: 'anything' }, ...allergens.map((value) => ({ value, name: value }))]}
        onChange={(without) => set({ without })}
      />
      <Choice
        label="made"
        value={search.method}
        options={[
          { value: '', name: 'any way' },
          ...METHODS.map((value) => ({ value, name: METHOD_NAMES[value].toLowerCase() })),
        ]}
        onChange={(method) => set({ method })}
      />
      <label className="inline-flex items-center gap-1.5">
        <input
          type="checkbox"
          className="size-4 accent-[var(--rim)]"
          checked={search.archived === 'yes'}
          onChange={({ target }) => set({ archived: target.checked ? 'yes' : '' })}
        />
        archived
      </label>
      {children}
    </form>
  );
}
