import type { Cm } from '../kernel';
import { canBeShown } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { advise, keepCount } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { mayChange } from './pairs';
import { isOpenWater, isRockDweller } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'males/rock dwellers': { readonly colouredBoth: boolean };
    'males/show tank': { readonly males: number; readonly bestFromCm: Cm; readonly lengthCm: Cm };
    'males/females among': { readonly females: number };
    'males/more than one': { readonly count: number };
    'males/rival species': object;
  }
}

/** All-male tanks work best from six feet on (common practice). */
const SHOW_CM = 180;
const TOLERANCE = 0.98;

const ROCK = sureTable<boolean>(
  'Two and more males of rock dwellers, no females',
  [
    { when: 'every species is colourful in both sexes', holds: (coloured) => coloured, severity: 'caution' },
    otherwise('stop'),
  ],
  'Common practice: males of different mbuna provoke each other like rivals of their own.',
);
const SHOW = sureTable<boolean>(
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

const isHarem = ({ profile }: PlannedSpecies): boolean => canBeShown(profile);

/** Males of a species under this practice; null when nobody can say. */
function malesOf(species: PlannedSpecies, practice: RuleContext['males']): number | null {
  if (species.males !== null) return species.males;
  return practice === 'harem' ? null : species.count;
}

const noFemales = (species: PlannedSpecies, practice: RuleContext['males']): boolean =>
  (malesOf(species, practice) ?? 0) === species.count;

function rockDwellers(planned: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  const shown = planned.filter(isRockDweller);
  const males = shown.reduce((sum, species) => sum + species.count, 0);
  if (males < 2) return [];
  const months = Math.min(...shown.map((species) => maturesInMonths(species) ?? Infinity));
  if (!Number.isFinite(months)) return [];
  const colouredBoth = shown.every((species) => species.profile.look.bothSexesColoured);
  return [
    finding('all-male', {
      severity: ROCK.of(colouredBoth),
      species: shown.map((species) => species.profile.id),
      fact: { says: 'males/rock dwellers', colouredBoth },
      because: { males, species: shown.length },
      approach: 'all-male',
      from: begins(context, months),
      fixes: [advise('harems instead')],
    }),
  ];
}

function showTank(planned: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  const shown = planned.filter(isOpenWater);
  const males = shown.reduce((sum, species) => sum + species.count, 0);
  if (males < 2) return [];
  const length = context.tank.figures.outside.lengthCm;
  const long = length >= SHOW_CM * TOLERANCE;
  return [
    finding('all-male', {
      severity: SHOW.of(long),
      species: shown.map((species) => species.profile.id),
      fact: { says: 'males/show tank', males, bestFromCm: SHOW_CM, lengthCm: length },
      because: { males, lengthCm: Math.round(length), bestFromCm: SHOW_CM },
      approach: 'all-male',
    }),
  ];
}

/** Females among shown males: they restart the fighting. Only said when the keeper chose a show tank. */
function femalesAmong(planned: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males === 'harem') return [];
  return planned
    .filter((species) => (species.females ?? 0) > 0)
    .map((species) =>
      finding('all-male', {
        severity: 'caution',
        species: [species.profile.id],
        fact: { says: 'males/females among', females: species.females ?? 0 },
        because: { females: species.females ?? 0 },
        approach: context.males,
        fixes: [advise({ does: 'leave out females', species: species.profile.id })],
      }),
    );
}

function oneOfEach(planned: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'one-each') return [];
  return planned
    .filter((species) => (malesOf(species, context.males) ?? 0) > 1)
    .map((species) =>
      finding('all-male', {
        severity: 'caution',
        species: [species.profile.id],
        fact: { says: 'males/more than one', count: species.count },
        because: { males: species.count },
        approach: 'one-each',
        fixes: [keepCount(species, 1)],
      }),
    );
}

/** Under a harem practice, two males of different but rival species watch each other as two of one species do. */
function rivalsAcross(planned: readonly PlannedSpecies[], context: RuleContext): readonly Finding[] {
  if (context.males !== 'harem') return [];
  const byTag = new Map<string, PlannedSpecies[]>();
  for (const species of planned)
    for (const tag of species.profile.lookalike) byTag.set(tag, [...(byTag.get(tag) ?? []), species]);
  return [...byTag.values()].flatMap((rivals) => {
    const males = rivals.reduce((sum, species) => sum + (species.males ?? 0), 0);
    if (rivals.length < 2 || males !== 2 || rivals.some((species) => species.males === null)) return [];
    return [
      finding('all-male', {
        severity: 'note',
        species: rivals.map((species) => species.profile.id),
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
  leaveFor: 'harm',
  severities: [ROCK, SHOW, PRACTICE, RIVALS],
  judge: (context) => {
    if (!mayChange(context, isHarem)) return [];
    const harem = context.planned.filter(isHarem);
    const without = harem.filter((species) => noFemales(species, context.males));
    return [
      ...rockDwellers(without, context),
      ...showTank(without, context),
      ...femalesAmong(harem, context),
      ...oneOfEach(harem, context),
      ...rivalsAcross(harem, context),
    ];
  },
};
