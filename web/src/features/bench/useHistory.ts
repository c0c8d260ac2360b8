import { useCallback, useEffect, useReducer } from 'react';

const TOGETHER_MS = 1500;
const MOST_STEPS = 500;

export interface History<T> {
  past: T[];
  present: T;
  future: T[];
  last: { what: string; at: number } | undefined;
}

type Action<T> =
  | { type: 'change'; what: string; how: (value: T) => T; at: number }
  | { type: 'undo' }
  | { type: 'redo' }
  | { type: 'replace'; to: T }
  | { type: 'amend'; how: (value: T) => T }
  | { type: 'settle'; how: (value: T) => T };

/** One step of a history; pure. */
export function step<T>(history: History<T>, action: Action<T>): History<T> {
  const { past, present, future, last } = history;
  switch (action.type) {
    case 'change': {
      const continues =
        last?.what === action.what && action.at - last.at < TOGETHER_MS && past.length > 0;
      return {
        past: continues ? past : [...past, present].slice(-MOST_STEPS),
        present: action.how(present),
        future: [],
        last: { what: action.what, at: action.at },
      };
    }
    case 'undo': {
      const before = past.at(-1);
      return before === undefined
        ? history
        : {
            past: past.slice(0, -1),
            present: before,
            future: [present, ...future],
            last: undefined,
          };
    }
    case 'redo': {
      const [next, ...rest] = future;
      return next === undefined
        ? history
        : { past: [...past, present], present: next, future: rest, last: undefined };
    }
    case 'amend':
      return { ...history, present: action.how(present) };
    case 'settle':
      return {
        ...history,
        past: past.map(action.how),
        present: action.how(present),
        future: future.map(action.how),
      };
    case 'replace':
      return { past: [], present: action.to, future: [], last: undefined };
  }
}

/** Steps that wait in this browser for whoever comes back, the nearest ones. */
const MOST_STORED = 60;
const WRITE_AFTER_MS = 400;

/** The history as it was left; nothing of it where the value is another by now. */
export function leftBehind<T>(key: string, initial: T, textOf: (value: T) => string): History<T> {
  const anew = { past: [], present: initial, future: [], last: undefined };
  try {
    const left = JSON.parse(localStorage.getItem(key) ?? 'null') as History<T> | null;
    return left && textOf(left.present) === textOf(initial)
      ? { ...anew, past: left.past, future: left.future }
      : anew;
  } catch {
    return anew;
  }
}

function leave<T>(key: string, { past, present, future }: History<T>) {
  try {
    const kept = { past: past.slice(-MOST_STORED), present, future: future.slice(0, MOST_STORED) };
    localStorage.setItem(key, JSON.stringify(kept));
  } catch {
    // Storage is full or forbidden; undo works until the page is left.
  }
}

/**
 * A value that can be undone and redone, also after coming back; quick edits of one thing are one
 * step.
 */
export function useHistory<T>(initial: T, key: string, textOf: (value: T) => string) {
  const [history, dispatch] = useReducer(step<T>, undefined, () =>
    leftBehind(key, initial, textOf),
  );
  useEffect(() => {
    const write = () => leave(key, history);
    const timer = setTimeout(write, WRITE_AFTER_MS);
    window.addEventListener('pagehide', write);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('pagehide', write);
    };
  }, [key, history]);
  return {
    present: history.present,
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    change: useCallback(
      (what: string, how: (value: T) => T) =>
        dispatch({ type: 'change', what, how, at: Date.now() }),
      [],
    ),
    amend: useCallback((how: (value: T) => T) => dispatch({ type: 'amend', how }), []),
    /** As though it had been so since the step that brought it; no step of its own. */
    settle: useCallback((how: (value: T) => T) => dispatch({ type: 'settle', how }), []),
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    replace: useCallback((to: T) => dispatch({ type: 'replace', to }), []),
  };
}
