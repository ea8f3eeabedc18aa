import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { advise, keepCount } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { isOpenWater, isRockDweller } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, severityTable } from './severityTable';

/** All-male tanks work best from six feet on (common practice). */
const SHOW_CM = 180;
const TOLERANCE = 0.98;

const ROCK = severityTable<boolean>(
  'Two and more males of rock dwellers, no females',
  [
    { when: 'every species is colourful in both sexes', holds: (coloured) => coloured, severity: 'caution' },
    otherwise('stop'),
  ],
  'Common practice: males of different mbuna provoke each other like rivals of their own.',
);
const SHOW = severityTable<boolean>(
  'Two and more males of peacocks and haps, no females',
  [{ when: `the tank is ${SHOW_CM} cm long`, holds: (long) => long, severity: 'good' }, otherwise('caution')],
  'Common practice: all-male tanks work best from six feet.',
);
const PRACTICE = severityTable(
  'Females in an all-male tank, or two males where one is the practice',
  [otherwise('caution')],
  'What the keeper chose for the tank.',
);
const RIVALS = severityTable(
  'Two males of look-alike species in a tank of harems',
  [otherwise('note')],
  'Common practice: two rivals watch only each other.',
);

const isHarem = (kind: PlannedSpecies): boolean =>
  kind.profile.company.pairs === 'mouthbroods' &&
  (kind.profile.company.mode === 'harem' || kind.profile.company.mode === 'colony');

/** Males of a species under this practice; null when nobody can say. */
function malesOf(kind: PlannedSpecies, practice: RuleContext['males']): number | null {
  if (kind.males !== null) return kind.males;
  return practice === 'harem' ? null : kind.count;
}

const noFemales = (kind: PlannedSpecies, practice: RuleContext['males']): boolean =>
  (malesOf(kind, practice) ?? 0) === kind.count;

function rockDwellers(kinds: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  const shown = kinds.filter(isRockDweller);
  const males = shown.reduce((sum, kind) => sum + kind.count, 0);
  if (males < 2) return [];
  const months = Math.min(...shown.map((kind) => maturesInMonths(kind) ?? Infinity));
  if (!Number.isFinite(months)) return [];
  const colouredBoth = shown.every((kind) => kind.profile.look.bothSexesColoured);
  return [
    finding('all-male', {
      severity: ROCK.of(colouredBoth) ?? 'stop',
      species: shown.map((kind) => kind.profile.id),
      fact: { says: 'males/rock dwellers', colouredBoth },
      because: { males, species: shown.length },
      approach: 'all-male',
      from: begins(context, months),
      fixes: [advise('harems instead')],
    }),
  ];
}

function showTank(kinds: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  const shown = kinds.filter(isOpenWater);
  const males = shown.reduce((sum, kind) => sum + kind.count, 0);
  if (males < 2) return [];
  const length = context.tank.figures.outside.lengthCm;
  const long = length >= SHOW_CM * TOLERANCE;
  return [
    finding('all-male', {
      severity: SHOW.of(long) ?? 'caution',
      species: shown.map((kind) => kind.profile.id),
      fact: { says: 'males/show tank', males, bestFromCm: SHOW_CM, lengthCm: length },
      because: { males, lengthCm: Math.round(length), bestFromCm: SHOW_CM },
      approach: 'all-male',
    }),
  ];
}

/** Females among shown males: they restart the fighting. Only said when the keeper chose a show tank. */
function femalesAmong(kinds: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males === 'harem') return [];
  return kinds
    .filter((kind) => (kind.females ?? 0) > 0)
    .map((kind) =>
      finding('all-male', {
        severity: 'caution',
        species: [kind.profile.id],
        fact: { says: 'males/females among', females: kind.females ?? 0 },
        because: { females: kind.females ?? 0 },
        approach: context.males,
        fixes: [advise({ does: 'leave out females', species: kind.profile.id })],
      }),
    );
}

function oneOfEach(kinds: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'one-each') return [];
  return kinds
    .filter((kind) => (malesOf(kind, context.males) ?? 0) > 1)
    .map((kind) =>
      finding('all-male', {
        severity: 'caution',
        species: [kind.profile.id],
        fact: { says: 'males/more than one', count: kind.count },
        because: { males: kind.count },
        approach: 'one-each',
        fixes: [keepCount(kind, 1)],
      }),
    );
}

/** Under a harem practice, two males of different but rival species watch each other as two of one species do. */
function rivalsAcross(kinds: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'harem') return [];
  const byTag = new Map<string, PlannedSpecies[]>();
  for (const kind of kinds)
    for (const tag of kind.profile.lookalike) byTag.set(tag, [...(byTag.get(tag) ?? []), kind]);
  return [...byTag.values()].flatMap((rivals) => {
    const males = rivals.reduce((sum, kind) => sum + (kind.males ?? 0), 0);
    if (rivals.length < 2 || males !== 2 || rivals.some((kind) => kind.males === null)) return [];
    return [
      finding('all-male', {
        severity: 'note',
        species: rivals.map((kind) => kind.profile.id),
        fact: { says: 'males/rival species' },
        because: { males, species: rivals.length },
        approach: 'harem',
        fixes: [advise('one species or three males')],
      }),
    ];
  });
}

/** Tanks without females: peacocks and haps in six feet, never rock dwellers; males counted across species. */
export const allMale: Rule = {
  name: 'all-male',
  leaveFor: 'fighting',
  severities: [ROCK, SHOW, PRACTICE, RIVALS],
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
