/** Colours that stay apart for colour-blind readers and stand on water in light and dark. */
const PALETTE = [
  '#2f6f8f',
  '#b5542a',
  '#4d7c3a',
  '#8b4f8f',
  '#b08a1e',
  '#35827a',
  '#a63d57',
  '#5a5fa8',
  '#7a6242',
  '#c06f9b',
  '#5f8f2a',
  '#3f5f6f',
] as const;

function slotOf(id: string): number {
  let hash = 7;
  for (const letter of id) hash = (hash * 31 + letter.charCodeAt(0)) % 1_000_003;
  return hash % PALETTE.length;
}

/** The same colour for the same name on every screen. */
export const colourOf = (id: string): string => PALETTE[slotOf(id)] as string;

/**
 * A colour for each of these, no two alike while there are colours left: each takes its own, or the next that is free.
 * The order in which they are given does not matter.
 */
export function coloursFor(ids: readonly string[]): ReadonlyMap<string, string> {
  const taken = new Set<number>();
  const colours = new Map<string, string>();
  for (const id of [...new Set(ids)].sort()) {
    let slot = slotOf(id);
    for (let step = 0; taken.has(slot) && step < PALETTE.length; step += 1)
      slot = (slot + 1) % PALETTE.length;
    taken.add(slot);
    colours.set(id, PALETTE[slot] as string);
  }
  return colours;
}
