import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { catalogue } from './plans';

/** One example of a doc comment: what is asked, and what it says the answer is. */
interface Example {
  readonly file: string;
  readonly asked: string;
  readonly answer: string;
}

const sources = (folder: string): readonly string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return sources(path);
    return /\.tsx?$/.test(entry.name) && !entry.name.includes('.test.') ? [path] : [];
  });

const examples: readonly Example[] = ['src/core', 'src/ui']
  .flatMap(sources)
  .flatMap((file) =>
    [...readFileSync(file, 'utf8').matchAll(/@example (.+?) \/\/ (.+?)(?: \*\/)?$/gm)].map(
      ([, asked = '', answer = '']) => ({ file, asked, answer }),
    ),
  );

/** Evaluates an expression with the names of a module, and of those that examples build on. */
function evaluate(expression: string, names: Readonly<Record<string, unknown>>): unknown {
  const run = new Function(...Object.keys(names), `return (${expression});`) as (
    ...values: readonly unknown[]
  ) => unknown;
  return run(...Object.values(names));
}

/** Numbers are told to so many digits as the example shows; all else is told exactly. */
function compare(found: unknown, said: string): void {
  if (/^-?[\d.]+$/.test(said)) {
    const digits = said.includes('.') ? said.length - said.indexOf('.') - 1 : 0;
    expect(Number((found as number).toFixed(digits))).toBe(Number(said));
  } else expect(found).toEqual(evaluate(said, {}));
}

describe('examples of doc comments', () => {
  it('are there', () => expect(examples.length).toBeGreaterThan(25));
  it.each(examples.map((one) => [`${one.file}: ${one.asked}`, one] as const))(
    '%s',
    async (_name, { file, asked, answer }) => {
      const names: Record<string, unknown> = {
        ...((await import('@/core/kernel')) as object),
        catalogue,
        choice: { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' },
        ...((await import(join(process.cwd(), file))) as object),
      };
      compare(evaluate(asked, names), answer);
    },
  );
});
