const PACKED = /,?\s*\b(spooned|sifted|scooped|packed)\b/gi;

/** A line that says how its cup was filled, in place of what it said before; nothing for not said. */
export function withPacking(text: string, packing: string): string {
  const bare = text.replace(PACKED, '').trim();
  return packing ? `${bare}, ${packing}` : bare;
}
