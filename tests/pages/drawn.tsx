import { AppRouterContext, type AppRouterInstance } from 'next/dist/shared/lib/app-router-context.shared-runtime';
import type { ReactNode } from 'react';
import { text } from 'node:stream/consumers';
import { renderToStaticMarkup } from 'react-dom/server';
import { prerenderToNodeStream } from 'react-dom/static';

const nowhere = (): void => undefined;
const router = { refresh: nowhere, push: nowhere, replace: nowhere } as unknown as AppRouterInstance;

const inPage = (node: ReactNode): ReactNode => <AppRouterContext.Provider value={router}>{node}</AppRouterContext.Provider>;

/** A part of a page as the server draws it at first, without what it loads for itself. */
export const drawn = (node: ReactNode): string => renderToStaticMarkup(inPage(node));

const read = (html: string): string =>
  html
    .replace(/<!--.*?-->/g, '')
    .replace(/<[^>]*>/g, ' ')
    .replace(/&#x27;|&#39;/g, "'")
    .replace(/&quot;/g, '"')
    .replace(/\s+/g, ' ');

/** The words of it, as one reads them. */
export const words = (node: ReactNode): string => read(drawn(node));

/** The words of it once all of it is there. */
export async function allWords(node: ReactNode): Promise<string> {
  // However long it is: in its place, as a page that is there shows it.
  const { prelude } = await prerenderToNodeStream(inPage(node), { progressiveChunkSize: Number.MAX_SAFE_INTEGER });
  return read(await text(prelude));
}
