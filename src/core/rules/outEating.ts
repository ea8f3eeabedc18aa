import { adultLengthCm, commonName, FAST, SLOW } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedKinds } from './pairs';
import { leaveOut } from './fixes';
import { capital, listSome, plural, The } from '../wording';

/** Fed on the ground or in the dark, a slow fish can be reached past the fast ones. */
const BOTTOM = 0.7;
/** Fast fish smaller than this share of the slow one, or fewer than three, are put up with (from memory). */
const MINOR = 0.5;
const FEW = 3;

const competes = (fast: PlannedKind, slow: PlannedKind): boolean =>
  fast.profile.habits.mealSpeed === FAST &&
  fast.profile.life === 'fish' &&
  adultLengthCm(fast.profile) >= adultLengthCm(slow.profile) * MINOR &&
  (fast.count >= FEW || adultLengthCm(fast.profile) > adultLengthCm(slow.profile));

/** Kinds that lose at meals. */
const isSlow = ({ profile }: PlannedKind): boolean =>
  profile.habits.mealSpeed === SLOW && profile.life === 'fish';

function judgeSlow(slow: PlannedKind, context: RuleContext): readonly Finding[] {
  const { habits, layers } = slow.profile;
  if (!isSlow(slow)) return [];
  const fast = context.kinds.filter((kind) => kind !== slow && competes(kind, slow));
  if (fast.length === 0) return [];
  const reached = layers.bottom >= BOTTOM || habits.nightActive;
  const who = listSome(fast, (kind) => plural(commonName(kind.profile)));
  return [
    finding('out-eating', {
      severity: reached ? 'note' : 'caution',
      species: [slow.profile.id, ...fast.map((kind) => kind.profile.id)],
      text: reached
        ? `${capital(who)} eat before ${plural(commonName(slow.profile))} reach the food: sink it through a tube, or feed after lights out.`
        : `${The(slow.profile)} feeds slowly and ${who} do not wait: it goes hungry in their company.`,
      because: { fastKinds: fast.length, bottom: layers.bottom, mealsPerDay: context.routine.mealsPerDay },
      fixes: reached
        ? [{ text: 'Sink food through a tube, or after lights out.' }]
        : [leaveOut(slow), ...fast.map(leaveOut)],
    }),
  ];
}

/** Slow eaters among fast ones. */
export const outEating: Rule = {
  name: 'out-eating',
  about: 'the first',
  judge: (context) =>
    concernedKinds(context, (fast, slow) => isSlow(slow) && competes(fast, slow)).flatMap((kind) =>
      judgeSlow(kind, context),
    ),
};
