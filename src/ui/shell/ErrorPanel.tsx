import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { Panel } from '../kit/Panel';
import { PageTitle } from './PageTitle';
import { sentence } from '../format/units';

/** A page that could not be shown: what happened, what to do. */
export function ErrorPanel({ title, message }: { readonly title: string; readonly message: string }): ReactNode {
  return (
    <main className="mx-auto max-w-2xl px-6 py-16">
      <PageTitle>{title}</PageTitle>
      <Panel label={title} className="px-6 py-6">
        <h1 className="text-[23px]">{title}</h1>
        <p role="alert" className="pt-2">
          {sentence(message)}
        </p>
        <p className="pt-4">
          <Link href="/recipes" className="font-semibold underline">
            Go to Recipes
          </Link>
        </p>
      </Panel>
    </main>
  );
}
