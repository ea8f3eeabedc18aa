import { valueAt } from '@/core/kernel';
import type { Law } from './law';

/** Safety values by path, each with the value that needs no reason. */
export const CALM: Readonly<Record<string, unknown>> = {
  'company.temper.young': 0,
  'company.temper.mature': 0,
  'company.ownKind.male': 0,
  'company.ownKind.female': 0,
  'company.toLookalikes': 0,
  'company.finNipping': 0,
  'company.longFins': false,
  'company.slimeGrazing': 'no',
  'mouth.eatsFish': 'no',
  'mouth.eatsShrimp': 'no',
  'mouth.picksApart': false,
  'habits.jumps': 'no',
  'handling.spines': false,
  'handling.sting': false,
  'handling.scaleless': false,
  'water.wild.salinityPpt': [0, 1],
  'water.tankBred.salinityPpt': [0, 1],
};

const isCalm = (path: string, value: unknown): boolean =>
  JSON.stringify(value) === JSON.stringify(CALM[path]);

/**
 * A value that can hurt somebody has a reason beside it, and one that cannot has none. So a slip of the pen shows: a reason that
 * stands beside "no", or a "yes" without one.
 */
export const reasonLaw: Law = {
  name: 'reasons',
  breaches: ({ profile, why }) =>
    Object.keys(CALM).flatMap((path) => {
      const calm = isCalm(path, valueAt(profile, path));
      if (calm === (why(path) === '')) return [];
      return [
        {
          law: 'reasons',
          path,
          asks: calm ? 'no reason, where nothing is to be said' : 'a reason beside it',
        },
      ];
    }),
};
