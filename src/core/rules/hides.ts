import { commonName, isRough } from '../model';
import { HIDE_KINDS, type HideKind, type Hides, type PlannedKind, type RuleContext } from './context';
import { finding, type Finding } from './finding';
import { holdersOf } from './ground';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, list, plural, The } from '../wording';

const NAMES: Readonly<Record<HideKind, string>> = {
  caves: 'caves',
  overhangs: 'overhangs',
  upright: 'upright roots or plants',
  floating: 'floating cover',
  shells: 'shells',
};
/** Shells that a shell dweller wants: more than heads, so that there is a choice (common practice). */
const SHELLS_A_HEAD = 2;

/** How many hides of a kind these fish want at the least. */
function wanted(kind: PlannedKind, hide: HideKind, context: RuleContext): number {
  if (hide === 'shells') return kind.count * SHELLS_A_HEAD;
  if (hide === 'caves') return Math.max(1, holdersOf(kind, context)?.holders ?? Math.ceil(kind.count / 2));
  return 1;
}

function ofOneKind(kind: PlannedKind, hides: Hides, context: RuleContext): readonly Finding[] {
  return HIDE_KINDS.filter((hide) => kind.profile.tank[hide] === 'needs').flatMap((hide) => {
    const need = wanted(kind, hide, context);
    const have = hides.byKind?.[hide] ?? hides.total;
    // Plants stand in for upright and floating cover.
    const planted = (hide === 'upright' || hide === 'floating') && context.tank.plants === 'dense';
    if (have >= need || planted) return [];
    const none = have === 0;
    return [
      finding('hides', {
        severity: none ? 'caution' : 'note',
        species: [kind.profile.id],
        text: none
          ? `${The(kind.profile)} needs ${NAMES[hide]}, and there are none.`
          : `${countOf(kind.count, kind.profile)} want ${need} ${NAMES[hide]} at the least; there are ${have}.`,
        because: { kind: hide, wanted: need, have },
        fixes: [{ text: `Add ${NAMES[hide]}.` }],
      }),
    ];
  });
}

/** Refuges in a rough tank: one for each that may be chased; another school takes rock out when too many hold ground. */
function refuges(hides: Hides, context: RuleContext): readonly Finding[] {
  const rough = context.kinds.filter((kind) => isRough(kind.profile));
  const heads = context.kinds
    .filter((kind) => kind.profile.life === 'fish' && kind.profile.layers.bottom >= 0.3)
    .reduce((sum, kind) => sum + kind.count, 0);
  if (rough.length === 0 || heads < 2 || hides.total >= heads / 2) return [];
  return [
    finding('hides', {
      severity: hides.total === 0 ? 'caution' : 'note',
      species: rough.map((kind) => kind.profile.id),
      text: `${hides.total === 0 ? 'No hides' : `${hides.total} hides`} for ${heads} fish near ${list(rough.map((kind) => plural(commonName(kind.profile))))}: the chased need somewhere to go. The other school takes rock out when too many hold ground.`,
      because: { hides: hides.total, heads },
      contested: true,
      school: 'more hides',
      fixes: [{ text: 'Add hides, one for every second fish at the least.' }],
    }),
  ];
}

/** Hides by kind against what each kind needs. Silent while nobody has said what there is. */
export const hides: Rule = {
  name: 'hides',
  judge: (context) => {
    const given = context.tank.hides;
    if (given === null) return [];
    return [
      ...judgedKinds(context).flatMap((kind) => ofOneKind(kind, given, context)),
      ...refuges(given, context),
    ];
  },
};
