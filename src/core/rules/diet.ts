import { commonName, SENSITIVE } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedKinds } from './pairs';
import { leaveOut } from './fixes';
import { list, plural, The } from '../wording';

const GREEN = ['algae', 'herbivore'];
const RICH = ['piscivore', 'invertivore', 'micro-predator', 'molluscs'];

const isCichlid = (kind: PlannedKind): boolean => kind.profile.family === 'Cichlidae';

/** Cichlids that must be fed what grazers fall ill of. */
const needsRichFood = (kind: PlannedKind): boolean =>
  isCichlid(kind) && RICH.includes(kind.profile.mouth.diet);

/** Grazing cichlids beside kinds that must be fed rich: whatever is fed, all eat. */
function grazers(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  if (!GREEN.includes(kind.profile.mouth.diet) || !isCichlid(kind)) return [];
  const rich = context.kinds.filter((other) => other !== kind && needsRichFood(other));
  if (rich.length === 0) return [];
  const delicate = kind.profile.water.sensitivity >= SENSITIVE;
  return [
    finding('diet', {
      severity: delicate ? 'caution' : 'note',
      species: [kind.profile.id, ...rich.map((other) => other.profile.id)],
      text: `${The(kind.profile)} grazes and ${delicate ? 'falls ill of' : 'grows fat on'} rich food; ${list(rich.map((other) => plural(commonName(other.profile))))} need it, and all eat what is fed.`,
      because: {
        diet: kind.profile.mouth.diet,
        sensitivity: kind.profile.water.sensitivity,
        richKinds: rich.length,
      },
      fixes: delicate
        ? [leaveOut(kind), ...rich.map(leaveOut)]
        : [{ text: 'Feed green food to all, rich food rarely.' }],
    }),
  ];
}

/** Foods that a keeper must be able to get before the fish comes. */
function special(kind: PlannedKind): readonly Finding[] {
  const { mouth, effect } = kind.profile;
  const text =
    mouth.diet === 'wood' || effect.eatsWood
      ? `${The(kind.profile)} eats wood: there must be some to gnaw.`
      : mouth.diet === 'molluscs' && kind.profile.life === 'fish'
        ? `${The(kind.profile)} needs snails in the shell: keep a culture going.`
        : null;
  return text === null
    ? []
    : [
        finding('diet', {
          severity: 'note',
          species: [kind.profile.id],
          text,
          because: { diet: mouth.diet },
        }),
      ];
}

/** Food that suits one and harms another; food that has to be at hand. */
export const diet: Rule = {
  name: 'diet',
  about: 'the first',
  judge: (context) =>
    concernedKinds(context, needsRichFood).flatMap((kind) => [...grazers(kind, context), ...special(kind)]),
};
