import { join } from 'node:path';
import type { Sources } from './compile';
import { readSources } from './readSources';

/** The files of the shipped catalogue, read from the project's folder. */
export const shippedSources = (): Sources => readSources(join(process.cwd(), 'src', 'catalogue', 'species'));
