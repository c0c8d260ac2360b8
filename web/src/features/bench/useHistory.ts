import { useCallback, useReducer } from 'react';

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
  | { type: 'amend'; how: (value: T) => T };

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
    case 'replace':
      return { past: [], present: action.to, future: [], last: undefined };
  }
}

/** A value that can be undone and redone; quick edits of one thing are one step. */
export function useHistory<T>(initial: T) {
  const [history, dispatch] = useReducer(step<T>, {
    past: [],
    present: initial,
    future: [],
    last: undefined,
  });
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
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
    replace: useCallback((to: T) => dispatch({ type: 'replace', to }), []),
  };
}
