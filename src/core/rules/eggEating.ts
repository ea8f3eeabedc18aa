import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { advise, leaveOut } from './fixes';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/eats brood': { readonly counts: Counts; readonly atNight: boolean };
  }
}

/** Mouths that carry the brood keep it from thieves. */
const EXPOSED = ['guards', 'scatters'];

const SEVERITY = sureTable<PlannedSpecies>(
  'An egg eater beside fish that breed here',
  [
    {
      when: 'it is active at night',
      holds: ({ profile }) => profile.habits.nightActive,
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Common practice: most broods go at night.',
);

function judgePair(thief: PlannedSpecies, parent: PlannedSpecies): Finding | null {
  const { nightActive } = thief.profile.habits;
  const breeds = parent.groups.some((group) => group.breeding);
  const severity = SEVERITY.of(thief);
  if (!breeds || !thief.profile.mouth.eatsEggs || !EXPOSED.includes(parent.profile.company.pairs))
    return null;
  return finding('egg-eating', {
    severity,
    species: [thief.profile.id, parent.profile.id],
    fact: { says: 'pair/eats brood', counts: [thief.count, parent.count], atNight: nightActive },
    because: { nightActive },
    fixes: [leaveOut(thief), ...(nightActive ? [advise('night light')] : []), advise('own tank')],
  });
}

/** Egg eaters with fish that breed here, those active at night first. */
export const eggEating: Rule = {
  name: 'egg-eating',
  severities: [SEVERITY],
  toAnother: judgePair,
};
