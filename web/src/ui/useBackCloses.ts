import { useEffect, useId, useRef } from 'react';

/** What is open is closed by the browser's Back, which then goes nowhere else. */
export function useBackCloses(open: boolean, onClose: (() => void) | undefined) {
  const key = useId();
  const close = useRef(onClose);
  useEffect(() => {
    close.current = onClose;
  }, [onClose]);
  useEffect(() => {
    if (!open) return;
    const mine = () => (history.state as { open?: string } | null)?.open === key;
    history.pushState({ ...(history.state as object | null), open: key }, '');
    const onBack = () => {
      if (!mine()) close.current?.();
    };
    window.addEventListener('popstate', onBack);
    return () => {
      window.removeEventListener('popstate', onBack);
      if (mine()) history.back();
    };
  }, [open, key]);
}
