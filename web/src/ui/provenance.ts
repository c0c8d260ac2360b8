/** How a value got into the larder, in words. */
export const PROVENANCE: Record<string, string> = {
  READ: 'read in the source',
  RECALLED: 'recalled, checked by its sums',
  TYPICAL: 'a typical value',
  INVENTED: 'invented for a demonstration',
  OWN: 'your own entry',
};
