import type { ReactNode } from 'react';
import { viewRecipe } from '@/server/view-recipe';
import { RecipeEditor } from '@/ui/recipes/RecipeEditor';
import { Trouble } from '@/ui/shell/Trouble';

export const dynamic = 'force-dynamic';

export default async function Page({ params }: { readonly params: Promise<{ id: string }> }): Promise<ReactNode> {
  const { id } = await params;
  const view = await viewRecipe(id);
  if (!view.ok) return <Trouble title="This recipe cannot be edited" message={view.message} />;
  const { document, revision, pantry, prices, habits, dogs } = view.value;
  return <RecipeEditor saved={{ id, revision }} {...{ document, pantry, prices, habits, dogs }} />;
}
