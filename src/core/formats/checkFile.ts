import { readPlan } from '../assess';
import { EXPERIENCE_FORMAT, readExperience } from '../evidence';
import { readWishes } from '../lineups';
import type { Catalogue } from '../model';
import { readBackup } from './backup';
import { readLifeFile } from './lifeFile';
import { faultOf, type Outcome } from '../kernel';

/** Who reads which format. */
const READERS = {
  'lomvik-plan': readPlan,
  'lomvik-wishes': readWishes,
  'lomvik-life': readLifeFile,
  [EXPERIENCE_FORMAT]: (value) => readExperience(value),
  lomvik: (value, catalogue) => readBackup(value, catalogue),
} as const satisfies Readonly<Record<string, (value: unknown, catalogue: Catalogue) => Outcome<unknown>>>;
type Format = keyof typeof READERS;
const FORMATS = Object.keys(READERS) as readonly Format[];

/**
 * Says what kind of Lomvik file this is and whether it is valid.
 *
 * Errors: the faults of the kind that its `format` names; a foreign file is told what formats there are.
 */
export function checkFile(value: unknown, catalogue: Catalogue): Outcome<Format> {
  const said =
    value !== null && typeof value === 'object' ? (value as { format?: unknown }).format : undefined;
  const format = FORMATS.find((known) => known === said);
  if (format === undefined)
    return { ok: false, faults: [faultOf('format', { is: 'format', of: FORMATS }, said)] };
  const read = READERS[format](value, catalogue);
  return read.ok ? { ok: true, value: format } : read;
}
