import { readPlan } from '../assess';
import { EXPERIENCE_FORMAT, readExperience } from '../evidence';
import { readWishes } from '../lineups';
import type { Catalogue } from '../model';
import { readBackup } from './backup';
import { readLifeFile } from './lifeFile';
import { faultOf, type Outcome } from '../kernel';

/**
 * Says what kind of Lomvik file this is and whether it is valid.
 *
 * Errors: the faults of the kind that its `format` names; a foreign file is told what formats there are.
 */
export function checkFile(
  value: unknown,
  catalogue: Catalogue,
): Outcome<'lomvik-plan' | 'lomvik-wishes' | 'lomvik-life' | typeof EXPERIENCE_FORMAT | 'lomvik'> {
  const format =
    value !== null && typeof value === 'object' ? (value as { format?: unknown }).format : undefined;
  if (format === 'lomvik-plan') {
    const plan = readPlan(value, catalogue);
    return plan.ok ? { ok: true, value: 'lomvik-plan' } : plan;
  }
  if (format === 'lomvik-wishes') {
    const wishes = readWishes(value, catalogue);
    return wishes.ok ? { ok: true, value: 'lomvik-wishes' } : wishes;
  }
  if (format === 'lomvik-life') {
    const life = readLifeFile(value, catalogue);
    return life.ok ? { ok: true, value: 'lomvik-life' } : life;
  }
  if (format === EXPERIENCE_FORMAT) {
    const experience = readExperience(value);
    return experience.ok ? { ok: true, value: EXPERIENCE_FORMAT } : experience;
  }
  if (format === 'lomvik') {
    const backup = readBackup(value, catalogue);
    return backup.ok ? { ok: true, value: 'lomvik' } : backup;
  }
  return {
    ok: false,
    faults: [
      faultOf(
        'format',
        { is: 'format', of: ['lomvik-plan', 'lomvik-wishes', 'lomvik-life', EXPERIENCE_FORMAT, 'lomvik'] },
        format,
      ),
    ],
  };
}
