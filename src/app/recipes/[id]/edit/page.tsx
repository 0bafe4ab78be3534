import type { ReactNode } from 'react';
import { packed } from '@/contract/packed';
import { viewRecipe } from '@/server/view-recipe';
import { RecipeEditor } from '@/ui/recipes/RecipeEditor';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const { id } = await params;
  const view = await viewRecipe(id);
  if (!view.ok) return <ErrorPanel title="This recipe cannot be edited" message={view.message} />;
  const { document, revision, pantry, prices, habits, dogs, costs } = view.value;
  return <RecipeEditor saved={{ id, revision }} {...{ document, prices, habits, dogs, costs }} pantry={packed(pantry)} />;
}
