import { useCallback, useState } from 'react';
import { useLocation } from 'react-router';

/** Text that is typed and not yet entered: it is still there after a reload. */
export function useLeftText(field: string): [string, (text: string) => void] {
  const key = `honest-stack:typed:${useLocation().pathname}:${field}`;
  const [text, setText] = useState(() => read(key));
  const set = useCallback(
    (to: string) => {
      setText(to);
      write(key, to);
    },
    [key],
  );
  return [text, set];
}

function read(key: string): string {
  try {
    return sessionStorage.getItem(key) ?? '';
  } catch {
    return '';
  }
}

function write(key: string, text: string) {
  try {
    if (text) sessionStorage.setItem(key, text);
    else sessionStorage.removeItem(key);
  } catch {
    // Where the browser refuses storage, the text is in the field only.
  }
}
