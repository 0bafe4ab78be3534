import { Link } from '../kit/Link';
import type { ReactNode } from 'react';
import { Panel } from '../kit/Panel';
import { PageTitle } from './PageTitle';

/** Shown by a device that has no connection to the kitchen, for a page that it never saw. */
export const NoLinePage = (): ReactNode => (
  <main className="mx-auto max-w-2xl px-4 py-12">
    <PageTitle>No connection to the kitchen</PageTitle>
    <Panel label="No connection to the kitchen" className="px-6 py-6">
      <h1 className="text-[23px]">No connection to the kitchen</h1>
      <p className="pt-2">
        This page was not opened on this device before, so it cannot be shown without the machine that Upbeat Oven runs on. Pages
        seen before open as they were; at the oven, calls go on and answers wait here until it is connected again.
      </p>
      <p className="flex gap-4 pt-4">
        <Link href="/oven" className="font-semibold underline">
          At the oven
        </Link>
        <Link href="/recipes" className="font-semibold underline">
          Recipes
        </Link>
      </p>
    </Panel>
  </main>
);
