/** Nothing that a room keeps is nested deeper than this; what is would break saving. */
export const DEEPEST = 24;

/** Whether a value is nested deeper than so many levels. Looks no deeper than that. */
export function isTooDeep(value: unknown, levels = DEEPEST): boolean {
  if (value === null || typeof value !== 'object') return false;
  if (levels === 0) return true;
  for (const part of Object.values(value)) if (isTooDeep(part, levels - 1)) return true;
  return false;
}

/** How deep the brackets of a JSON text go; those within texts do not count. Complexity: one look at each character. */
export function bracketDepth(text: string): number {
  let depth = 0;
  let deepest = 0;
  let quoted = false;
  for (let i = 0; i < text.length; i += 1) {
    const letter = text[i];
    if (quoted) {
      if (letter === '\\') i += 1;
      else if (letter === '"') quoted = false;
    } else if (letter === '"') quoted = true;
    else if (letter === '[' || letter === '{') {
      depth += 1;
      if (depth > deepest) deepest = depth;
    } else if (letter === ']' || letter === '}') depth -= 1;
  }
  return deepest;
}
