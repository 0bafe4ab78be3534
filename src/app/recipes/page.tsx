import type { ReactNode } from 'react';
import { viewRecipes } from '@/server/view-recipes';
import { RecipeBook } from '@/ui/recipes/RecipeBook';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { start } from './actions';

export const dynamic = 'force-dynamic';

type Query = { q?: string; method?: string; dog?: string; without?: string; archived?: string; trouble?: string };

export default async function Page({ searchParams }: { readonly searchParams: Promise<Query> }): Promise<ReactNode> {
  const { trouble, q = '', method = '', dog = '', without = '', archived = '' } = await searchParams;
  if (trouble) return <ErrorPanel title="That did not work" message={trouble} />;
  const search = { q, method, dog, without, archived };
  const view = await viewRecipes(search);
  if (!view.ok) return <ErrorPanel title="The recipe book cannot be opened" message={view.message} />;
  return <RecipeBook {...view.value} search={search} startAction={start} />;
}
