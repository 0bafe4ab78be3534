import type { ReactNode } from 'react';
import { viewRecipes } from '@/server/view-recipes';
import { RecipeBook } from '@/ui/recipes/RecipeBook';
import { Trouble } from '@/ui/shell/Trouble';
import { start } from './actions';

export const dynamic = 'force-dynamic';

export default async function Page({
  searchParams,
}: {
  readonly searchParams: Promise<{ trouble?: string }>;
}): Promise<ReactNode> {
  const { trouble } = await searchParams;
  if (trouble) return <Trouble title="The batch was not started" message={trouble} />;
  const view = await viewRecipes();
  if (!view.ok) return <Trouble title="The recipe book cannot be opened" message={view.message} />;
  return <RecipeBook {...view.value} startAction={start} />;
}
