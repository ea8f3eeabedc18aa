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

/** The palette, then the same hues darker, then lighter: thirty-six colours before any comes twice. */
const SHADES = [
  ...PALETTE,
  ...PALETTE.map((colour) => shaded(colour, 0, 0.38)),
  ...PALETTE.map((colour) => shaded(colour, 255, 0.42)),
];

/** A colour drawn towards black (0) or white (255). */
function shaded(colour: string, towards: 0 | 255, share: number): string {
  const parts = [1, 3, 5].map((at) => {
    const value = Number.parseInt(colour.slice(at, at + 2), 16);
    return Math.round(value + (towards - value) * share)
      .toString(16)
      .padStart(2, '0');
  });
  return `#${parts.join('')}`;
}

function slotOf(id: string): number {
  let hash = 7;
  for (const letter of id) hash = (hash * 31 + letter.charCodeAt(0)) % 1_000_003;
  return hash % PALETTE.length;
}

/**
 * A colour for each of these, no two alike while there are colours left: each takes its own, or the next that is free.
 * The order in which they are given does not matter.
 */
export function coloursFor(ids: readonly string[]): ReadonlyMap<string, string> {
  const taken = new Set<number>();
  const colours = new Map<string, string>();
  for (const id of [...new Set(ids)].sort()) {
    let slot = slotOf(id);
    const first = slot;
    for (let step = 0; taken.has(slot) && step < SHADES.length; step += 1)
      slot =
        step + 1 < PALETTE.length
          ? (first + step + 1) % PALETTE.length
          : PALETTE.length + ((first + step + 1) % (SHADES.length - PALETTE.length));
    taken.add(slot);
    colours.set(id, SHADES[slot] as string);
  }
  return colours;
}
