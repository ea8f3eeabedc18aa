import { canBeShown } from '../model';
import type { Place, PlannedSpecies } from './context';
import { isDisputed } from './contestedNumber';
import type { GroupFact } from './facts';
import { finding, type Finding } from './finding';
import { keepCount, leaveOut } from './fixes';
import type { Rule } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'group/too few': { readonly count: number; readonly least: number; readonly ideal: number };
    /** One or two of a species that pairs. */
    'group/pair': { readonly count: number; readonly least: number };
    /** Males for show; `females` is how many a breeding group adds. */
    'group/shown': { readonly count: number; readonly females: number };
    'group/will do': { readonly count: number; readonly ideal: number };
    'group/good': { readonly count: number };
  }
}

/** One or two of a pairing cichlid keep the peace in a community (fact of the trade, common practice). */
const PAIR = 2;
/** One more or less of a group that is nearly whole is nothing to say (from memory). */
const NEARLY = 0.8;
/** Half the smallest group and fewer: a shoal of these is in constant fear (from memory). */
const HALF = 2;

const isFew = ({ count, profile }: PlannedSpecies): boolean => count < profile.company.smallestGroup;
const isPair = ({ count, profile: { company } }: PlannedSpecies): boolean =>
  company.pairs === 'guards' && count <= PAIR && company.mode !== 'shoal';
const isShown = ({ count, males, profile }: PlannedSpecies): boolean =>
  profile.company.mode === 'harem' && (count === 1 || males === count);

const SEVERITY = severityTable<PlannedSpecies>(
  'Fish of one species against the group it needs',
  [
    {
      when: 'males for show, without females',
      holds: (species) => isFew(species) && isShown(species),
      severity: 'note',
    },
    {
      when: 'one or two of a species that pairs and guards',
      holds: (species) => isFew(species) && isPair(species),
      severity: 'note',
    },
    {
      when: 'half the smallest group or fewer, of a species that lives in more than a loose group',
      holds: ({ count, profile: { company } }) =>
        count * HALF <= company.smallestGroup && company.mode !== 'group',
      severity: 'stop',
    },
    { when: 'fewer than the smallest group', holds: isFew, severity: 'caution' },
    {
      when: `fewer than ${NEARLY * 100}% of the ideal group, but for one of a species that lives alone as well`,
      holds: ({ count, profile: { company } }) => count > 1 && count < company.comfortableGroup * NEARLY,
      severity: 'note',
    },
    {
      when: 'the ideal group or more',
      holds: ({ count, profile: { company } }) =>
        company.smallestGroup > 1 && count >= company.comfortableGroup,
      severity: 'good',
    },
  ],
  'Each species has its own smallest and ideal group; that half of it is a stop is from memory.',
);

/** Females that a breeding group adds to the males that are shown. */
const femalesToAdd = ({ count, profile: { company } }: PlannedSpecies): number =>
  Math.max(1, Math.ceil(count * (company.femalesPerMale ?? company.smallestGroup - 1)));

function factOf(species: PlannedSpecies): GroupFact {
  const { count } = species;
  const { smallestGroup: least, comfortableGroup: ideal } = species.profile.company;
  if (count >= ideal) return { says: 'group/good', count };
  if (!isFew(species)) return { says: 'group/will do', count, ideal };
  if (isShown(species)) return { says: 'group/shown', count, females: femalesToAdd(species) };
  return isPair(species)
    ? { says: 'group/pair', count, least }
    : { says: 'group/too few', count, least, ideal };
}

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { profile, count } = species;
  const { smallestGroup, comfortableGroup, mode } = profile.company;
  // Who shows males has no group to complete.
  const shown = place.males !== 'harem' && canBeShown(profile) && isShown(species);
  const severity = mode === 'solitary' || shown ? null : SEVERITY.of(species);
  if (severity === null || isDisputed(species, place)) return [];
  const few = count < comfortableGroup;
  return [
    finding('group-size', {
      severity,
      species: [profile.id],
      fact: factOf(species),
      because: { count, smallestGroup, comfortableGroup },
      fixes: few
        ? [keepCount(species, comfortableGroup), ...(isFew(species) ? [leaveOut(species)] : [])]
        : [],
    }),
  ];
}

/** Too few of a species that needs its own company, enough, or ideal. Fish count as they are today. */
export const groupSize: Rule = {
  name: 'group-size',
  silentBeside: [
    {
      rules: ['group-number', 'sex-ratio', 'solitary', 'conspecific-aggression', 'under-stocked', 'all-male'],
      of: 'the first species',
      mild: true,
    },
  ],
  severities: [SEVERITY],
  ofKind: judgeSpecies,
};
