import { SENSITIVE } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedSpecies } from './pairs';
import { advise, leaveOut } from './fixes';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** The first grazes, the others need rich food. */
    'food/rich': { readonly ill: boolean };
    'food/wood': object;
    'food/snails': object;
  }
}

const GREEN = ['algae', 'herbivore'];
const RICH = ['piscivore', 'invertivore', 'micro-predator', 'molluscs'];

/** Who lives on plankton in the open is fed there, and needs no rich food (common practice). */
const OPEN_WATER = 0.7;
const feedsInOpenWater = ({ profile: { company, layers } }: PlannedSpecies): boolean =>
  company.mode === 'shoal' && layers.top + layers.middle >= OPEN_WATER;

interface Feeding {
  readonly grazer: PlannedSpecies;
  readonly rich: readonly PlannedSpecies[];
}

const RICH_FOOD = sureTable<Feeding>(
  'Grazing cichlids beside cichlids that need rich food',
  [
    {
      when: 'the grazer is sensitive, and not all the others are schools of open water: it falls ill',
      holds: ({ grazer, rich }) =>
        grazer.profile.water.sensitivity >= SENSITIVE && !rich.every(feedsInOpenWater),
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Common practice: grazers fall ill of rich food, and all eat what is fed.',
);
const SPECIAL = severityTable(
  'A fish that needs wood to gnaw, or snails',
  [otherwise('note')],
  'Common practice.',
);

const isCichlid = (species: PlannedSpecies): boolean => species.profile.family === 'Cichlidae';

/** Cichlids that must be fed what grazers fall ill of. */
const needsRichFood = (species: PlannedSpecies): boolean =>
  isCichlid(species) && RICH.includes(species.profile.mouth.diet);

const isGrazer = (species: PlannedSpecies): boolean =>
  isCichlid(species) && GREEN.includes(species.profile.mouth.diet);

/** A grazing cichlid beside species that must be fed rich: whatever is fed, all eat. */
function besideRich(species: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const rich = context.planned.filter(needsRichFood);
  if (rich.length === 0) return [];
  const severity = RICH_FOOD.of({ grazer: species, rich });
  const ill = severity === 'caution';
  return [
    finding('diet', {
      severity,
      species: [species.profile.id, ...rich.map((other) => other.profile.id)],
      fact: { says: 'food/rich', ill },
      because: {
        diet: species.profile.mouth.diet,
        sensitivity: species.profile.water.sensitivity,
        richFeeders: rich.length,
      },
      fixes: [advise('greens'), ...(ill ? [leaveOut(species), ...rich.map(leaveOut)] : [])],
    }),
  ];
}

/** Foods that a keeper must be able to get before the fish comes. */
function special(species: PlannedSpecies): readonly Finding[] {
  const { mouth, effect } = species.profile;
  const says =
    mouth.diet === 'wood' || effect.eatsWood
      ? 'food/wood'
      : mouth.diet === 'molluscs' && species.profile.life === 'fish'
        ? 'food/snails'
        : null;
  return says === null
    ? []
    : [
        finding('diet', {
          severity: 'note',
          species: [species.profile.id],
          fact: { says },
          because: { diet: mouth.diet },
        }),
      ];
}

/** Food that suits one and harms another; food that has to be at hand. */
export const diet: Rule = {
  name: 'diet',
  about: 'the first',
  severities: [RICH_FOOD, SPECIAL],
  ofOne: special,
  // The first that must be fed rich, and the first of these that is not fed in open water, each change what is said.
  judge: (context) =>
    [
      ...new Set([
        ...concernedSpecies(context, isGrazer, needsRichFood),
        ...concernedSpecies(context, isGrazer, (other) => needsRichFood(other) && !feedsInOpenWater(other)),
      ]),
    ].flatMap((grazer) => besideRich(grazer, context)),
};
