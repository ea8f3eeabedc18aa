import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { leaveOut } from './fixes';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { The } from '../wording';

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { eatsPlants, digs } = kind.profile.effect;
  const { plants, assumed } = context.tank;
  const uproots = digs >= 3 && eatsPlants === 'no';
  if (plants === 'none' || (eatsPlants === 'no' && !uproots)) return [];
  // Plants that nobody spoke of are not judged harder than a note.
  const sure = eatsPlants === 'yes' && !assumed.has('plants');
  return [
    finding('plants-eaten', {
      severity: sure ? 'caution' : 'note',
      species: [kind.profile.id],
      text: uproots
        ? `${The(kind.profile)} digs plants up: tie them to stone and wood.`
        : eatsPlants === 'yes'
          ? `${The(kind.profile)} eats plants, tough ones too when hungry: vallisneria, java fern and anubias last longest.`
          : `${The(kind.profile)} picks at soft plants; tough ones last.`,
      because: { eatsPlants, plants, digs },
      fixes: sure ? [leaveOut(kind), { text: 'Use wood and stone in place of plants.' }] : [],
    }),
  ];
}

/** Plant eaters and uprooters in a planted tank. */
export const plantsEaten: Rule = {
  name: 'plants-eaten',
  judge: (context) => judgedKinds(context).flatMap((kind) => judgeKind(kind, context)),
};
