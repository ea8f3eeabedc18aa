import { DEADLY, ROUGH } from '../model';
import type { PlannedSpecies } from './context';
import { finding, type Finding, type Severity } from './finding';
import { leaveOut } from './fixes';
import { disagreementOn } from './knownCompany';
import { areOneKind } from './pairs';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/rivals': { readonly counts: Counts };
  }
}

/** A loner that kills its like, of either sex and also of a species next to its own: bettas, red-tailed sharks (common practice). */
const killsLikes = ({ profile: { company } }: PlannedSpecies): boolean =>
  company.mode === 'solitary' && company.toLookalikes >= DEADLY;

interface Rivals {
  readonly temper: number;
  /** They are of one group of species, and one of them is a loner that kills its like. */
  readonly loner: boolean;
}

const SEVERITY = severityTable<Rivals>(
  'Two species that take each other for rivals',
  [
    {
      when: 'close kin, and one is a loner that kills its like',
      holds: ({ loner }) => loner,
      severity: 'stop',
    },
    {
      when: 'very aggressive towards its like',
      holds: ({ temper }) => temper >= DEADLY,
      severity: 'caution',
    },
    { when: 'aggressive towards its like', holds: ({ temper }) => temper >= ROUGH, severity: 'note' },
  ],
  'Common practice: rivals are known by shape and colour.',
);

/** What keepers disagree about is told with both sides, and not as well of their looks. */
const isToldWorse = (severity: Severity, a: PlannedSpecies, b: PlannedSpecies): boolean => {
  const dispute = disagreementOn(a, b);
  return dispute !== undefined && (dispute.at !== 'note' || severity === 'note');
};

function judgePair(a: PlannedSpecies, b: PlannedSpecies): Finding | null {
  const tag = a.profile.lookalike.find((one) => b.profile.lookalike.includes(one));
  if (tag === undefined || areOneKind(a, b)) return null;
  const temper = Math.max(a.profile.company.toLookalikes, b.profile.company.toLookalikes);
  const severity = SEVERITY.of({
    temper,
    loner: a.profile.kin === b.profile.kin && [a, b].some(killsLikes),
  });
  if (severity === null || (severity !== 'stop' && isToldWorse(severity, a, b))) return null;
  // The loner is named first: it is the one that attacks.
  const [first, second] = killsLikes(b) && !killsLikes(a) ? [b, a] : [a, b];
  return finding('look-alike', {
    severity,
    species: [first.profile.id, second.profile.id],
    fact: { says: 'pair/rivals', counts: [first.count, second.count] },
    because: { lookalike: tag, aggression: temper },
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

/** Species that take each other for rivals of their own. */
export const lookAlike: Rule = {
  name: 'look-alike',
  severities: [SEVERITY],
  together: judgePair,
};
