import { adultLengthCm, FAST, FRAGILE, LABYRINTH_FAMILIES, SLOW } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedSpecies } from './pairs';
import { advise, leaveOut } from './fixes';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** The first eats slowly, the others do not wait. */
    'food/out-eaten': { readonly count: number; readonly reached: boolean };
  }
}

/** Fed on the ground or in the dark, a slow fish can be reached past the fast ones. */
const BOTTOM = 0.4;
/** What lives between meals needs growth and tablets, and loses nothing at them (common practice). */
const GRAZERS: readonly string[] = ['algae', 'wood', 'detritus'];
/** Fast fish smaller than this share of the slow one, or fewer than three, are put up with (from memory). */
const MINOR = 0.5;
const FEW = 3;
/** So many quick ones take all, however small (from memory). */
const MANY = 6;

const isReached = ({ profile: { layers, habits } }: PlannedSpecies): boolean =>
  layers.bottom >= BOTTOM || habits.nightActive;

const SEVERITY = sureTable<PlannedSpecies>(
  'A slow eater beside fast ones',
  [{ when: 'it feeds at the bottom or at night', holds: isReached, severity: 'note' }, otherwise('caution')],
  'Common practice: food sunk after dark reaches fish of the bottom and of the night.',
);

/** Robust fish of the bottom get what sinks past small fish: only larger ones leave them nothing (common practice; the share from memory). */
const LARGER = 1.2;

function competes(fast: PlannedSpecies, slow: PlannedSpecies): boolean {
  if (fast.profile.habits.mealSpeed !== FAST || fast.profile.life !== 'fish') return false;
  const ratio = adultLengthCm(fast.profile) / adultLengthCm(slow.profile);
  const robust = isReached(slow) && slow.profile.life === 'fish' && slow.profile.water.sensitivity < FRAGILE;
  if (robust && ratio < LARGER) return false;
  return (ratio >= MINOR || fast.count >= MANY) && (fast.count >= FEW || ratio > 1);
}

/** Fish that lose at meals. */
const isSlow = ({ profile }: PlannedSpecies): boolean =>
  profile.habits.mealSpeed === SLOW &&
  (profile.life === 'fish' || profile.life === 'frog') &&
  !GRAZERS.includes(profile.mouth.diet) &&
  // Robust labyrinth fish eat at the surface before anybody else is there (common practice).
  !(LABYRINTH_FAMILIES.includes(profile.family) && profile.water.sensitivity < FRAGILE);

function judgeSlow(slow: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const fast = context.planned.filter((species) => competes(species, slow));
  if (fast.length === 0) return [];
  const reached = isReached(slow);
  return [
    finding('out-eating', {
      severity: SEVERITY.of(slow),
      species: [slow.profile.id, ...fast.map((species) => species.profile.id)],
      fact: { says: 'food/out-eaten', count: slow.count, reached },
      because: {
        fastSpecies: fast.length,
        bottom: slow.profile.layers.bottom,
        mealsPerDay: context.routine.mealsPerDay,
      },
      fixes: [advise('target feeding'), ...(reached ? [] : [leaveOut(slow), ...fast.map(leaveOut)])],
    }),
  ];
}

/** Slow eaters among fast ones. */
export const outEating: Rule = {
  name: 'out-eating',
  about: 'the first',
  severities: [SEVERITY],
  judge: (context) => concernedSpecies(context, isSlow, competes).flatMap((slow) => judgeSlow(slow, context)),
};
