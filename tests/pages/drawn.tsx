import { AppRouterContext, type AppRouterInstance } from 'next/dist/shared/lib/app-router-context.shared-runtime';
import type { ReactNode } from 'react';
import { renderToStaticMarkup } from 'react-dom/server';

const nowhere = (): void => undefined;
const router = { refresh: nowhere, push: nowhere, replace: nowhere } as unknown as AppRouterInstance;

/** A part of a page as the server draws it. */
export const drawn = (node: ReactNode): string =>
  renderToStaticMarkup(<AppRouterContext.Provider value={router}>{node}</AppRouterContext.Provider>);

/** The words of it, as one reads them. */
export const words = (node: ReactNode): string =>
  drawn(node)
    .replace(/<[^>]*>/g, ' ')
    .replace(/&#x27;|&#39;/g, "'")
    .replace(/&quot;/g, '"')
    .replace(/\s+/g, ' ');
