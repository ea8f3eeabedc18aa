/** Broken files, made from good ones by seed: the same seed gives the same file. */

/** A stream of numbers from 0 to 1 (Mulberry32, in the public domain). */
function stream(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const ODD: readonly unknown[] = [
  null,
  true,
  '',
  'constructor',
  '__proto__',
  'toString',
  '2026-13-45',
  '2026-02-30T25:61:00.000Z',
  '=cmd()',
  '<img src=x onerror=alert(1)>',
  '\u0000',
  'x'.repeat(20_000),
  -1,
  0,
  0.5,
  1e308,
  Number.MAX_SAFE_INTEGER,
  [],
  {},
  [[]],
  [null],
  { constructor: 1 },
];

type Place = { readonly of: Record<string, unknown> | unknown[]; readonly key: string | number };

/** Every place in a value, outermost first. */
function placesIn(value: unknown, found: Place[] = []): Place[] {
  if (Array.isArray(value))
    value.forEach((item, key) => {
      found.push({ of: value, key });
      placesIn(item, found);
    });
  else if (value !== null && typeof value === 'object')
    for (const [key, item] of Object.entries(value)) {
      found.push({ of: value as Record<string, unknown>, key });
      placesIn(item, found);
    }
  return found;
}

/** One change to one place of a value. */
function breakOne(value: unknown, next: () => number): void {
  const places = placesIn(value);
  const place = places[Math.floor(next() * places.length)];
  if (!place) return;
  const { of, key } = place;
  const at = (of as Record<string | number, unknown>)[key];
  const odd = ODD[Math.floor(next() * ODD.length)];
  switch (Math.floor(next() * 6)) {
    case 0:
      if (Array.isArray(of)) of.splice(Number(key), 1);
      else delete of[String(key)];
      return;
    case 1:
      if (Array.isArray(of)) of.push(structuredClone(at));
      else of[`${String(key)}x`] = at;
      return;
    case 2:
      (of as Record<string | number, unknown>)[key] = typeof at === 'number' ? -at : [at];
      return;
    case 3: {
      // What stands elsewhere in the file.
      const other = places[Math.floor(next() * places.length)]!;
      (of as Record<string | number, unknown>)[key] = structuredClone(
        (other.of as Record<string | number, unknown>)[other.key],
      );
      return;
    }
    default:
      (of as Record<string | number, unknown>)[key] = structuredClone(odd);
  }
}

/** A broken file: a text that was good, changed in one to four places, now and then cut off or with a byte turned. */
export function mutantOf(good: unknown, seed: number): string {
  const next = stream(seed);
  const value: unknown = structuredClone(good);
  const times = 1 + Math.floor(next() * 4);
  for (let i = 0; i < times; i += 1) breakOne(value, next);
  const text = JSON.stringify(value);
  const at = Math.floor(next() * text.length);
  const how = next();
  if (how < 0.04) return text.slice(0, at);
  if (how < 0.08) return `${text.slice(0, at)}${'[]{},:"\\x'[Math.floor(next() * 9)]}${text.slice(at + 1)}`;
  return text;
}
