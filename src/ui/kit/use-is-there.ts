import { useSyncExternalStore } from 'react';

const never = (): (() => void) => () => undefined;

/** Whether the page has come to life in the browser: false while it is served and on its first paint. */
export const useIsThere = (): boolean =>
  useSyncExternalStore(
    never,
    () => true,
    () => false,
  );
