import { isRough } from '../model';
import {
  HIDE_KINDS,
  type HideKind,
  type Hides,
  type Place,
  type PlannedSpecies,
  type RuleContext,
} from './context';
import { finding, type Finding } from './finding';
import { holdersOf } from './ground';
import { advise } from './fixes';
import type { Rule } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/no hides': { readonly hide: HideKind; readonly count: number };
    'home/few hides': {
      readonly hide: HideKind;
      readonly count: number;
      readonly need: number;
      readonly have: number;
    };
    'home/refuges': { readonly have: number; readonly fish: number };
  }
}

/** Shells that a shell dweller wants: more than heads, so that there is a choice (common practice). */
const SHELLS_A_HEAD = 2;

/** Fish of the bottom near aggressive ones want a refuge for every second of them (from memory). */
const FISH_A_REFUGE = 2;
/** A fish that spends so much of the day there lives at the bottom (from memory). */
const AT_THE_BOTTOM = 0.3;

const SEVERITY = sureTable<number>(
  'Fewer hides than a species needs, or than chased fish need',
  [{ when: 'none at all', holds: (have) => have === 0, severity: 'caution' }, otherwise('note')],
  'Common practice; how many for each fish is from memory.',
);

/** How many hides of a kind these fish want at the least. */
function wanted(species: PlannedSpecies, hide: HideKind, place: Place): number {
  if (hide === 'shells') return species.count * SHELLS_A_HEAD;
  if (hide === 'caves')
    return Math.max(1, holdersOf(species, place)?.holders ?? Math.ceil(species.count / 2));
  return 1;
}

function ofOneSpecies(species: PlannedSpecies, hides: Hides, place: Place): readonly Finding[] {
  return HIDE_KINDS.filter((hide) => species.profile.tank[hide] === 'needs').flatMap((hide) => {
    const need = wanted(species, hide, place);
    const have = hides.byKind?.[hide] ?? hides.total;
    // Plants stand in for upright and floating cover.
    const planted = (hide === 'upright' || hide === 'floating') && place.tank.plants === 'dense';
    if (have >= need || planted) return [];
    return [
      finding('hides', {
        severity: SEVERITY.of(have),
        species: [species.profile.id],
        fact:
          have === 0
            ? { says: 'home/no hides', hide, count: species.count }
            : { says: 'home/few hides', hide, count: species.count, need, have },
        because: { kind: hide, wanted: need, have },
        fixes: [advise({ does: 'add hides', hide, count: need - have })],
      }),
    ];
  });
}

/** Refuges beside aggressive fish, for those that may be chased; others take rock out when too many hold territories. */
function refuges(hides: Hides, context: RuleContext): readonly Finding[] {
  const rough = context.planned.filter((species) => isRough(species.profile));
  const heads = context.planned
    .filter((species) => species.profile.life === 'fish' && species.profile.layers.bottom >= AT_THE_BOTTOM)
    .reduce((sum, species) => sum + species.count, 0);
  if (rough.length === 0 || heads < 2 || hides.total >= heads / FISH_A_REFUGE) return [];
  return [
    finding('hides', {
      severity: SEVERITY.of(hides.total),
      species: rough.map((species) => species.profile.id),
      fact: { says: 'home/refuges', have: hides.total, fish: heads },
      because: { hides: hides.total, heads },
      contested: true,
      approach: 'more hides',
      fixes: [
        advise({
          does: 'add hides',
          hide: null,
          count: Math.ceil(heads / FISH_A_REFUGE) - hides.total,
        }),
      ],
    }),
  ];
}

/** Hides of each kind against what each species needs. Silent while nobody has said what there is. */
export const hides: Rule = {
  name: 'hides',
  severities: [SEVERITY],
  ofOne: (species, place) =>
    place.tank.hides === null ? [] : ofOneSpecies(species, place.tank.hides, place),
  judge: (context) => (context.tank.hides === null ? [] : refuges(context.tank.hides, context)),
};
