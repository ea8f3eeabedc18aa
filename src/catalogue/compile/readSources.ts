import { readdirSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { parse } from 'yaml';
import type { CompanySource, FileSource, SharedSource, Sources } from './compile';

/** Files that speak of more than one family. */
const OF_ALL: readonly string[] = ['shared.yaml', 'company.yaml'];

/**
 * Reads the catalogue's folder: `shared.yaml`, and one file a genus or a small family in a folder a group.
 *
 * Errors: throws where a file is no YAML, with the file's name, line and column.
 */
export function readSources(folder: string): Sources {
  const read = (path: string): unknown => {
    try {
      return parse(readFileSync(path, 'utf8'));
    } catch (error) {
      throw new Error(`${relative(folder, path)}: ${(error as Error).message}`, { cause: error });
    }
  };
  const files = readdirSync(folder, { withFileTypes: true, recursive: true })
    .filter((item) => item.isFile() && item.name.endsWith('.yaml') && !OF_ALL.includes(item.name))
    .map((item) => join(item.parentPath, item.name))
    .sort();
  return {
    shared: read(join(folder, 'shared.yaml')) as SharedSource,
    company: read(join(folder, 'company.yaml')) as CompanySource,
    files: files.map((path) => read(path) as FileSource),
  };
}
