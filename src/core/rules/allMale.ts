import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { keepCount } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { isOpenWater, isRockDweller } from './riftNumbers';
import type { Rule } from './rule';
import { countOf, list, plural } from '../wording';
import { commonName } from '../model';

/** All-male tanks work best from six feet on (common practice). */
const SHOW_CM = 180;
const TOLERANCE = 0.98;

const isHarem = (kind: PlannedKind): boolean =>
  kind.profile.company.pairs === 'mouthbroods' &&
  (kind.profile.company.mode === 'harem' || kind.profile.company.mode === 'colony');

/** Males of a kind under this practice; null when nobody can say. */
function malesOf(kind: PlannedKind, practice: RuleContext['males']): number | null {
  if (kind.males !== null) return kind.males;
  return practice === 'harem' ? null : kind.count;
}

const noFemales = (kind: PlannedKind, practice: RuleContext['males']): boolean =>
  (malesOf(kind, practice) ?? 0) === kind.count;

function rockDwellers(kinds: readonly PlannedKind[], context: RuleContext): readonly Finding[] {
  const shown = kinds.filter(isRockDweller);
  const males = shown.reduce((sum, kind) => sum + kind.count, 0);
  if (males < 2) return [];
  const months = Math.min(...shown.map((kind) => maturesInMonths(kind) ?? Infinity));
  if (!Number.isFinite(months)) return [];
  const twoColoured = shown.every((kind) => kind.profile.look.bothSexesColoured);
  return [
    finding('all-male', {
      severity: twoColoured ? 'caution' : 'stop',
      species: shown.map((kind) => kind.profile.id),
      text: `All-male tanks of rock dwellers fail: males of different kinds provoke each other like rivals of their own. ${twoColoured ? 'These are coloured in both sexes: keep them with females instead.' : 'Keep them with females, or choose kinds that are coloured in both sexes.'}`,
      because: { males, kinds: shown.length },
      school: 'all-male',
      from: begins(context, months),
      fixes: [{ text: 'Keep one male to three or four females of each kind.' }],
    }),
  ];
}

function showTank(kinds: readonly PlannedKind[], context: RuleContext): readonly Finding[] {
  const shown = kinds.filter(isOpenWater);
  const males = shown.reduce((sum, kind) => sum + kind.count, 0);
  if (males < 2) return [];
  const length = context.tank.figures.outside.lengthCm;
  const long = length >= SHOW_CM * TOLERANCE;
  return [
    finding('all-male', {
      severity: long ? 'good' : 'caution',
      species: shown.map((kind) => kind.profile.id),
      fact: { says: 'habit/show tank', males, bestFromCm: SHOW_CM, lengthCm: length },
      because: { males, lengthCm: Math.round(length), bestFromCm: SHOW_CM },
      school: 'all-male',
    }),
  ];
}

/** Females among shown males: they restart the fighting. Only said when the keeper chose a show tank. */
function femalesAmong(kinds: readonly PlannedKind[], context: RuleContext): readonly Finding[] {
  if (context.males === 'harem') return [];
  return kinds
    .filter((kind) => (kind.females ?? 0) > 0)
    .map((kind) =>
      finding('all-male', {
        severity: 'caution',
        species: [kind.profile.id],
        text: `${countOf(kind.females ?? 0, kind.profile)} in an all-male tank restart the fighting: your practice here is ${context.males === 'all-male' ? 'all males' : 'one male of each kind'}.`,
        because: { females: kind.females ?? 0 },
        school: context.males,
        fixes: [{ text: `Leave the females of the ${plural(commonName(kind.profile))} out.` }],
      }),
    );
}

function oneOfEach(kinds: readonly PlannedKind[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'one-each') return [];
  return kinds
    .filter((kind) => (malesOf(kind, context.males) ?? 0) > 1)
    .map((kind) =>
      finding('all-male', {
        severity: 'caution',
        species: [kind.profile.id],
        text: `Your practice is one male of each kind, and the list has ${countOf(kind.count, kind.profile)}.`,
        because: { males: kind.count },
        school: 'one-each',
        fixes: [keepCount(kind, 1)],
      }),
    );
}

/** Under a harem practice, two males of different but rival kinds watch each other as two of one kind do. */
function rivalsAcross(kinds: readonly PlannedKind[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'harem') return [];
  const byTag = new Map<string, PlannedKind[]>();
  for (const kind of kinds)
    for (const tag of kind.profile.lookalike) byTag.set(tag, [...(byTag.get(tag) ?? []), kind]);
  return [...byTag.values()].flatMap((rivals) => {
    const males = rivals.reduce((sum, kind) => sum + (kind.males ?? 0), 0);
    if (rivals.length < 2 || males !== 2 || rivals.some((kind) => kind.males === null)) return [];
    return [
      finding('all-male', {
        severity: 'note',
        species: rivals.map((kind) => kind.profile.id),
        text: `Two males of rival kinds (${list(rivals.map((kind) => commonName(kind.profile)))}) count as two of one kind: they watch only each other.`,
        because: { males, kinds: rivals.length },
        school: 'harem',
        fixes: [{ text: 'Keep one of the two kinds, or three males and more between them.' }],
      }),
    ];
  });
}

/** Tanks without females: peacocks and haps in six feet, never rock dwellers; males counted across kinds. */
export const allMale: Rule = {
  name: 'all-male',
  leaveFor: 'fighting',
  judge: (context) => {
    const harem = context.kinds.filter(isHarem);
    const without = harem.filter((kind) => noFemales(kind, context.males));
    return [
      ...rockDwellers(without, context),
      ...showTank(without, context),
      ...femalesAmong(harem, context),
      ...oneOfEach(harem, context),
      ...rivalsAcross(harem, context),
    ];
  },
};
