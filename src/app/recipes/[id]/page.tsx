import type { ReactNode } from 'react';
import { viewRecipe } from '@/server/view-recipe';
import { RecipePage } from '@/ui/recipes/RecipePage';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';
import { archive, copy, restore, start } from '../actions';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const view = await viewRecipe((await params).id);
  if (!view.ok) return <ErrorPanel title="This recipe cannot be opened" message={view.message} />;
  return <RecipePage {...view.value} actions={{ start, copy, archive, restore }} />;
}
