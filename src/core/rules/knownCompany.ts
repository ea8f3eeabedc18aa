import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import { hasWayOut } from './pairs';
import { otherwise, severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/known bad': { readonly why: string };
    'pair/contested': { readonly why: string; readonly exitPlan: boolean };
  }
}

export const KNOWN = severityTable(
  'Two species that keepers know not to keep together',
  [otherwise('stop')],
  'Common practice; each pair has its own reason in the catalogue.',
);
export const CONTESTED = severityTable<boolean>(
  'Two species about which keepers disagree',
  [{ when: 'an exit plan is given', holds: (exitPlan) => exitPlan, severity: 'note' }, otherwise('caution')],
  'Keepers disagree; each pair has its own reason in the catalogue.',
);

/** Bad company that keepers agree on: named by species, or by kin. */
export function knownBad(species: PlannedSpecies, other: PlannedSpecies): Finding | null {
  const known = species.profile.badWith.find(
    (entry) => entry.who === other.profile.id || entry.who === other.profile.kin,
  );
  if (!known) return null;
  return finding('temper', {
    severity: 'stop',
    species: [species.profile.id, other.profile.id],
    fact: { says: 'pair/known bad', why: known.why },
    because: { known: true },
    fixes: [leaveOut(other), leaveOut(species)],
  });
}

/** Pairs about which serious keepers disagree: tried with an exit plan, or avoided. */
export function contestedPair(species: PlannedSpecies, other: PlannedSpecies): Finding | null {
  const entry =
    species.profile.contested.find((pair) => pair.species === other.profile.id) ??
    other.profile.contested.find((pair) => pair.species === species.profile.id);
  if (!entry) return null;
  const arranged = hasWayOut(species, other);
  return finding('temper', {
    severity: CONTESTED.of(arranged) ?? 'caution',
    species: [species.profile.id, other.profile.id],
    fact: { says: 'pair/contested', why: entry.why, exitPlan: arranged },
    because: { exitPlanGiven: arranged },
    contested: true,
    approach: arranged ? 'try with a way out' : 'avoid',
  });
}
