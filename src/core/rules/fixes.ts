import type { PlannedSpecies } from './context';
import type { Advice, AdviceName, Fix } from './finding';

export const leaveOut = ({ profile, count }: PlannedSpecies): Fix => ({
  edit: { kind: 'leave-out', species: profile.id, count },
});

export const keepCount = ({ profile }: PlannedSpecies, count: number): Fix => ({
  edit: { kind: 'set-count', species: profile.id, count },
});

export const keepSexes = ({ profile }: PlannedSpecies, males: number, females: number): Fix => ({
  edit: { kind: 'set-sexes', species: profile.id, males, females },
});

export const advise = (advice: AdviceName | Advice): Fix => ({
  advice: typeof advice === 'string' ? { does: advice } : advice,
});
