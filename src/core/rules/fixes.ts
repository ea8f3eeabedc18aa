import { commonName } from '../model';
import type { PlannedKind } from './context';
import type { Fix } from './finding';
import { plural, the } from '../wording';

export const leaveOut = (kind: PlannedKind): Fix => ({
  text: `Leave out ${the(kind.profile)}.`,
  edit: { kind: 'leave-out', species: kind.profile.id, count: kind.count },
});

export const keepCount = (kind: PlannedKind, count: number): Fix => ({
  text: `Keep ${count} ${count === 1 ? commonName(kind.profile) : plural(commonName(kind.profile))}.`,
  edit: { kind: 'set-count', species: kind.profile.id, count },
});
