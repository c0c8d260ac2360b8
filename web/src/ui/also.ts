import { useRemembered } from './remembered';

const KEY = 'also-shown';

/** Which figures are shown beside the tally's own, by tag, remembered, and how to change that. */
export function useAlso() {
  const [text, store] = useRemembered(KEY, '');
  const tags = text.split(' ').filter(Boolean);
  const keep = (now: string[]) => store(now.join(' '));
  return {
    tags,
    add: (tag: string) => keep([...tags.filter((one) => one !== tag), tag]),
    remove: (tag: string) => keep(tags.filter((one) => one !== tag)),
  };
}
