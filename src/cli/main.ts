import { readFileSync } from 'node:fs';
import { SHIPPED_SPECIES } from '../catalogue';
import { buildCatalogue } from '@/core/model';
import type { Answer } from './answer';
import { runCommand } from './runCommand';

const STDIN = 0;

/** Reads a file, or standard input for `-`. */
function readInput(path: string): string {
  return readFileSync(path === '-' ? STDIN : path, 'utf8');
}

/** The command line's edge: files, the clock and the streams. Gives the exit code. */
export async function main(args: readonly string[]): Promise<number> {
  const answer: Answer = runCommand(args, {
    readInput,
    catalogue: buildCatalogue(SHIPPED_SPECIES),
    today: new Date().toISOString().slice(0, 10),
  });
  await new Promise<void>((resolve) => process.stdout.write(answer.output, () => resolve()));
  for (const line of [...(answer.notes ?? []), ...answer.errors]) process.stderr.write(`${line}\n`);
  return answer.errors.length > 0 ? 1 : 0;
}
