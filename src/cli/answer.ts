import type { Catalogue } from '@/core/model';

/** What a command may ask of the world. */
export interface Surroundings {
  readonly readInput: (path: string) => string;
  readonly catalogue: Catalogue;
  /** ISO date. */
  readonly today: string;
}

export interface Answer {
  readonly output: string;
  /** One line a fault; none means success. */
  readonly errors: readonly string[];
  /** What is said beside the output. */
  readonly notes?: readonly string[];
}

/** What is wrong, one line each. */
export const failed = (...errors: string[]): Answer => ({ output: '', errors });
export const json = (value: unknown): Answer => ({
  output: `${JSON.stringify(value, null, 2)}\n`,
  errors: [],
});
