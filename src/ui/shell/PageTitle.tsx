import type { ReactNode } from 'react';

/**
 * What the tab says. An element of the page, not the framework's metadata: that is sent after the page and stands for a moment
 * without any title while a page draws itself anew.
 */
export const PageTitle = ({ children }: { readonly children: string }): ReactNode => <title>{`${children} · Upbeat Oven`}</title>;
