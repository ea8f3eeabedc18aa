import { partsOfLine } from '@/core/plates';

/** Lines of a dress in one text, as a cell of a table holds them. */
export const linesIn = (text: string): readonly string[] =>
  text
    .split(/[;\n]/)
    .map((line) => line.trim())
    .filter(Boolean);

export const textOf = (lines: readonly string[]): string => lines.join('; ');

/** What the last line of a name says; empty where there is none. */
export const saidBy = (lines: readonly string[], name: string): string =>
  lines.reduce((last, line) => {
    const [key, words] = partsOfLine(line) ?? [];
    return key === name ? (words ?? '') : last;
  }, '');

/** The lines with one that says this and no other of its name; nothing to say takes the line away. */
export function saying(lines: readonly string[], name: string, words: string): readonly string[] {
  const at = lines.findIndex((line) => partsOfLine(line)?.[0] === name);
  const rest = lines.filter((line) => partsOfLine(line)?.[0] !== name);
  if (words === '') return rest;
  const place = at < 0 ? rest.length : at;
  return [...rest.slice(0, place), `${name}: ${words}`, ...rest.slice(place)];
}
