import type { PlannedKind } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import type { Rule } from './rule';
import { The, the } from '../wording';

/** Mouths that carry the brood keep it from thieves. */
const EXPOSED = ['guards', 'scatters'];

function judgePair(thief: PlannedKind, parent: PlannedKind): Finding | null {
  const { mouth, habits } = thief.profile;
  const breeds = parent.groups.some((group) => group.breeding);
  if (!breeds || !mouth.eatsEggs || !EXPOSED.includes(parent.profile.company.pairs)) return null;
  return finding('egg-eating', {
    severity: habits.nightActive ? 'caution' : 'note',
    species: [thief.profile.id, parent.profile.id],
    text: habits.nightActive
      ? `${The(thief.profile)} hunts eggs and wrigglers in the dark: the brood of ${the(parent.profile)} is gone by morning. A dim light at night helps parents to guard.`
      : `${The(thief.profile)} takes eggs and fry of ${the(parent.profile)} when it can.`,
    because: { nightActive: habits.nightActive },
    fixes: [leaveOut(thief), { text: 'Give the pair a tank of its own.' }],
  });
}

/** Egg eaters with kinds that breed here, night-active ones first. */
export const eggEating: Rule = {
  name: 'egg-eating',
  toAnother: judgePair,
};
