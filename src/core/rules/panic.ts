import { adultLengthCm } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';

/** A dash needs so many lengths of free water (from memory). */
const DASH = 6;
const HARD_DECOR = 0.12;
const HARD_FLOORS = ['gravel', 'rock'];

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  if (!kind.profile.habits.panics) return [];
  const { tank } = context;
  const short = tank.figures.freeSwimCm < kind.judgedCm * DASH;
  const hard = tank.hardscapeFraction > HARD_DECOR || HARD_FLOORS.includes(tank.substrate);
  return [
    finding('panic', {
      severity: short || hard ? 'caution' : 'note',
      species: [kind.profile.id],
      fact: {
        says: 'habit/bolts',
        freeSwimCm: tank.figures.freeSwimCm,
        why: short ? 'short' : hard ? 'hard' : null,
      },
      because: {
        freeSwimCm: Math.round(tank.figures.freeSwimCm),
        lengthCm: adultLengthCm(kind.profile),
        hardscapeFraction: tank.hardscapeFraction,
        substrate: tank.substrate,
      },
      fixes: [{ text: 'Clear a long lane, lay sand, take sharp rock out; place the tank away from doors.' }],
    }),
  ];
}

/** Shoals that dash into decor. */
export const panic: Rule = {
  name: 'panic',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
