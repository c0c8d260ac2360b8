import { useEffect } from 'react';

/** What the keys do. Single characters never fire in a field; Ctrl and Alt keys always do. */
export interface KeyActions {
  undo: () => void;
  redo: () => void;
  keep: () => void;
  help: () => void;
  newLine: () => void;
}

function inField(target: EventTarget | null): target is HTMLInputElement {
  return target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement;
}

/** Text typed but not yet entered is undone by the field itself first. */
function holdsUnentered(target: EventTarget | null): boolean {
  return inField(target) && target.dataset.unentered === 'true' && target.value !== '';
}

export function useKeys(actions: KeyActions) {
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const control = event.ctrlKey || event.metaKey;
      const key = event.key.toLowerCase();
      let action: (() => void) | undefined;
      if (control && key === 'z' && !holdsUnentered(event.target)) {
        action = event.shiftKey ? actions.redo : actions.undo;
      } else if (control && key === 's') {
        action = actions.keep;
      } else if (event.altKey && key === 'n') {
        action = actions.newLine;
      } else if (!control && !event.altKey && !inField(event.target)) {
        action = key === '?' ? actions.help : key === 'n' ? actions.newLine : undefined;
      }
      if (action) {
        event.preventDefault();
        action();
      }
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, [actions]);
}
