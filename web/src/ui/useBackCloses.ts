import { useEffect, useId, useRef } from 'react';

/** What is open now; an entry of the history that names something else is left over. */
const live = new Set<string>();

const marked = () => (history.state as { open?: string } | null)?.open;

/** What is open is closed by the browser's Back, which then goes nowhere else. */
export function useBackCloses(open: boolean, onClose: (() => void) | undefined) {
  const key = useId();
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  }, [onClose]);
  useEffect(() => {
    if (!open) return;
    const top = marked();
    const state = { ...(history.state as object | null), open: key };
    live.add(key);
    if (top !== undefined && !live.has(top)) history.replaceState(state, '');
    else history.pushState(state, '');
    const onBack = () => {
      if (marked() !== key) close.current?.();
    };
    window.addEventListener('popstate', onBack);
    return () => {
      live.delete(key);
      window.removeEventListener('popstate', onBack);
      // Another one may open in the same moment, and takes the entry over.
      setTimeout(() => {
        if (marked() === key) history.back();
      });
    };
  }, [open, key]);
}
