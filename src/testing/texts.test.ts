import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { FILE_WORDS } from '@/words/en/vocabulary';

/** Words of the private dialect that went: none of them may come back to a screen, a file or an error. */
const OUT: readonly RegExp[] = [
  /(?<!own )\bkinds?\b/i,
  /\bschools? of\b/i,
  /\bhangs? on\b/i,
  /\bwhat would join\b/i,
  /\bwho with whom\b/i,
  /\bway out\b/i,
  /\blook twice\b/i,
  /\bmixed up with\b/i,
  /\bgo(es)? by this one\b/i,
  /\bin the rack\b/i,
  /\bbring in\b/i,
  /\bfrom the bag\b/i,
  /\ba look after\b/i,
  /\bmoving house\b/i,
  /\bin the book\b/i,
  /\bput the book right\b/i,
  /\bLeavers\b/,
  /\bSettle\b/,
  /\bladder\b/i,
  /\bboss\b/i,
  /\bgo in a circle\b/i,
  /\bmiddling\b/i,
  /\btake it\b/i,
  /\bstepped in\b/i,
  /\bset off by\b/i,
  /\btaken for dead\b/i,
  /\btorn down\b/i,
  /\bleast that holds\b/i,
  /\bfor a calendar\b/i,
  /\btaken back\b/i,
  /\bdone again\b/i,
  /\bmake as new\b/i,
  /\brests on\b/i,
  /\bat ease\b/i,
  /\bit goes hungry\b/i,
  /\bburden\b/i,
  /\bThink\b/,
  /\{…\} %/,
];
/** Names of files and words in them are kept: old files work. Texts for programmers are no screen. */
const KEPT = /^== |lomvik-|^No unit /;
const isKept = (line: string): boolean => KEPT.test(line) || FILE_WORDS.includes(line);

/** Phrases of the old dialect that no comment and no name of a test brings back. */
const OUT_OF_CODE = /\bhangs? on\b|\bwho with whom\b|\bin the book\b|\bthe list rests\b|\btaken for dead\b/i;

describe('the sources', () => {
  it('speak the words of the field, in comments and names of tests too', () => {
    const files = readdirSync('src', { recursive: true })
      .map((name) => `src/${String(name)}`)
      .filter((name) => /\.tsx?$/.test(name) && !name.endsWith('texts.test.ts'));
    expect(files.length).toBeGreaterThan(500);
    expect(
      files.flatMap((name) =>
        readFileSync(name, 'utf8')
          .split('\n')
          .flatMap((line, at) => (OUT_OF_CODE.test(line) ? [`${name}:${at + 1}: ${line.trim()}`] : [])),
      ),
    ).toEqual([]);
  });
});

describe('docs/texts.txt', () => {
  const texts = readFileSync('docs/texts.txt', 'utf8');
  it('holds what the sources say: run `npm run docs` after a text changed', () =>
    expect(texts).toBe(
      execFileSync(process.execPath, ['scripts/texts.mjs', '--print'], { encoding: 'utf8', maxBuffer: 1e8 }),
    ));
  it.each(OUT.map((out) => [String(out), out] as const))('holds no %s', (_name, out) =>
    expect(texts.split('\n').filter((line) => !isKept(line) && out.test(line))).toEqual([]),
  );
});
