import { useSyncExternalStore } from 'react';

const CHANGED = 'remembered-changed';

/** A word that the browser remembers from visit to visit, the same everywhere on the page. */
export function useRemembered(key: string, otherwise: string) {
  const value = useSyncExternalStore(
    (changed) => {
      window.addEventListener(CHANGED, changed);
      return () => window.removeEventListener(CHANGED, changed);
    },
    () => localStorage.getItem(key) ?? otherwise,
  );
  const set = (now: string) => {
    localStorage.setItem(key, now);
    window.dispatchEvent(new Event(CHANGED));
  };
  return [value, set] as const;
}
