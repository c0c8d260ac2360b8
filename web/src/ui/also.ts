import { useSyncExternalStore } from 'react';

const KEY = 'also-shown';
const CHANGED = 'also-changed';
const NONE: string[] = [];
let read: { text: string | null; tags: string[] } = { text: null, tags: NONE };

/** Tags of the figures that are shown beside the tally's own; the same list until it changes. */
export function alsoShown(): string[] {
  const text = localStorage.getItem(KEY);
  if (text !== read.text) {
    read = { text, tags: text ? text.split(' ').filter(Boolean) : NONE };
  }
  return read.tags;
}

function store(tags: string[]) {
  localStorage.setItem(KEY, tags.join(' '));
  window.dispatchEvent(new Event(CHANGED));
}

/** Which figures are shown beside the tally's own, remembered, and how to change that. */
export function useAlso() {
  const tags = useSyncExternalStore((changed) => {
    window.addEventListener(CHANGED, changed);
    return () => window.removeEventListener(CHANGED, changed);
  }, alsoShown);
  return {
    tags,
    add: (tag: string) => store([...tags.filter((one) => one !== tag), tag]),
    remove: (tag: string) => store(tags.filter((one) => one !== tag)),
  };
}
