import { createElement, type ComponentType, type ReactNode } from 'react';

type Loads<P> = () => Promise<ComponentType<P>>;

const loading: Array<Promise<unknown>> = [];

/** Stands in for what loads a part of a page later: it is there once `loaded` is, so that a page is drawn with all its parts. */
export function atOnce<P extends object>(load: Loads<P>): ComponentType<P> {
  let part: ComponentType<P> | null = null;
  loading.push(load().then((there) => (part = there)));
  return function Part(props: P): ReactNode {
    return part && createElement(part, props);
  };
}

export const loaded = (): Promise<unknown> => Promise.all(loading);
