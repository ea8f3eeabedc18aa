import type { Compiled } from './compile';

/** The entries as the source file that the app reads: one a line, typed by the schema. */
export const shippedText = ({ profiles }: Compiled): string =>
  [
    "import type { SpeciesProfile } from '@/core/model';",
    '',
    '/** The shipped species. Written by `npm run catalogue` from the files in `species`: change those. */',
    'export const SHIPPED_SPECIES: readonly SpeciesProfile[] = [',
    ...profiles.map((profile) => `${JSON.stringify(profile)},`),
    '];',
    '',
  ].join('\n');

/** Where each value comes from, and why, as the source file that a profile's page reads: a level a line, an entry a line. */
export const originsText = ({ levels, origins }: Compiled): string =>
  [
    "import type { Origins } from './compile/compile';",
    '',
    '/** What each level says, and the levels of each entry. Written by `npm run catalogue` from the files in `species`: change those. */',
    'export const ORIGINS: Origins = {',
    'levels: {',
    ...Object.entries(levels).map(([name, level]) => `${JSON.stringify(name)}: ${JSON.stringify(level)},`),
    '},',
    'entries: {',
    ...Object.entries(origins).map(
      ([id, { levels: chain }]) => `${JSON.stringify(id)}: ${JSON.stringify(chain)},`,
    ),
    '},',
    '};',
    '',
  ].join('\n');

/** How each entry looks, as the source file that draws pictures: an entry a line. Kept apart, so that no first page loads it. */
export const dressesText = ({ dresses }: Compiled): string =>
  [
    "import type { Dress } from '@/core/plates';",
    '',
    '/** Dresses by species and form. Written by `npm run catalogue` from the files in `species`: change those. */',
    'export const DRESSES: Readonly<Record<string, Dress>> = {',
    ...Object.keys(dresses)
      .sort()
      .map((id) => `${JSON.stringify(id)}: ${JSON.stringify(dresses[id])},`),
    '};',
    '',
  ].join('\n');
