import type { ReactNode } from 'react';
import { packed } from '@/contract/packed';
import { startingPoint } from '@/core/document';
import { viewPaper } from '@/server/view-recipe';
import { RecipeEditor } from '@/ui/recipes/RecipeEditor';
import { ErrorPanel } from '@/ui/shell/ErrorPanel';

export const dynamic = 'force-dynamic';

export default async function Page(): Promise<ReactNode> {
  const view = await viewPaper();
  if (!view.ok) return <ErrorPanel title="A recipe cannot be written now" message={view.message} />;
  return <RecipeEditor saved={null} document={startingPoint('M1')} {...view.value} pantry={packed(view.value.pantry)} />;
}
