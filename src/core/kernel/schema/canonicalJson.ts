/** A value with the keys of every object in order, so that equal things are equal texts. */
function ordered(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(ordered);
  if (value === null || typeof value !== 'object') return value;
  const source = value as Record<string, unknown>;
  return Object.fromEntries(
    Object.keys(source)
      .filter((key) => source[key] !== undefined)
      .sort()
      .map((key) => [key, ordered(source[key])]),
  );
}

/** JSON with sorted keys, two spaces deep and a closing line end. Absent and undefined are the same. */
export function canonicalJson(value: unknown): string {
  return `${JSON.stringify(ordered(value), null, 2)}\n`;
}
