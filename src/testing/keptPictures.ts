import { createHash } from 'node:crypto';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

const DIGITS = 8;

/**
 * Pictures as they were when somebody last looked at them: a short hash of each, by name, in a file of the fixtures. A change of one line
 * of the drawing must not change a picture that nobody meant. When a change is meant: look at it, then run the same test with `DRAWN=anew`
 * before it, which writes the hashes anew.
 */
export function keptPictures(name: string): {
  /** Whether a picture, as text, is as it was. */
  readonly isAsItWas: (key: string, picture: string) => boolean;
  /** The names that are kept, in order; with `DRAWN=anew` those that were asked for, which are then written. */
  readonly names: () => readonly string[];
} {
  const file = join(process.cwd(), 'src', 'testing', 'fixtures', name);
  const isAnew = process.env.DRAWN === 'anew';
  const kept = isAnew ? {} : (JSON.parse(readFileSync(file, 'utf8')) as Record<string, string>);
  return {
    isAsItWas: (key, picture) => {
      const now = createHash('sha256').update(picture).digest('hex').slice(0, DIGITS);
      if (isAnew) kept[key] = now;
      return kept[key] === now;
    },
    names: () => {
      const names = Object.keys(kept).sort();
      if (isAnew) writeFileSync(file, `${JSON.stringify(kept, names, 1)}\n`);
      return names;
    },
  };
}
