import type { Standing } from '../events';

/** Shops and keepers of the record: who sold, gave, or took fish; the last dealt with first, each once, as last written. */
export function tradersOf(happenings: readonly Standing[]): readonly string[] {
  const names = new Map<string, string>();
  for (const event of [...happenings].reverse()) {
    const name = (
      event.type === 'came' || event.type === 'claimed'
        ? event.from
        : event.type === 'rehomed' || event.type === 'to-go'
          ? event.taker
          : ''
    ).trim();
    const key = name.toLowerCase();
    if (key !== '' && !names.has(key)) names.set(key, name);
  }
  return [...names.values()];
}
