import { DEADLY, PUSHY, ROUGH } from '../model';
import { addMonths } from '../kernel';
import { monthsUntilLength } from '../growth';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding, type Fix } from './finding';
import { holdersOf, type Holders } from './ground';
import { advise, keepCount } from './fixes';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { otherwise, severityTable } from './severityTable';

/** So many times more holders than ground: crowded for those who spar, and past sharing out for those who do not live in colonies (from memory). */
const CROWDED = 2;
/** A pair and nobody else needs no company to spread its temper over. */
const PAIR = 2;

/** Cichlids that grow up together get on better (fact of the trade, common practice); killers of their own kind do not. */
const grownTogether = (kind: PlannedSpecies): boolean =>
  kind.groups.every((group) => group.grownTogether === true);

/** One so many times as long as the smallest of its species is a grown one among juveniles (from memory). */
const GROWN_AMONG_YOUNG = 1.6;

/** A grown one put among juveniles upsets the order. */
function mixedAges(kind: PlannedSpecies, worst: number): readonly Finding[] {
  if (worst < ROUGH || kind.count < 2 || kind.largestCm < kind.smallestCm * GROWN_AMONG_YOUNG) return [];
  return [
    finding('conspecific-aggression', {
      severity: 'caution',
      species: [kind.profile.id],
      fact: { says: 'own/mixed ages' },
      because: { largestCm: kind.largestCm, smallestCm: kind.smallestCm, aggression: worst },
      fixes: [advise('one size together')],
    }),
  ];
}

interface Claimed {
  readonly kind: PlannedSpecies;
  readonly worst: number;
  readonly room: Holders;
}

/** Of a species of harems that nobody has sexed, surplus males can still be taken out as they show. */
const unsexedHarem = ({ kind }: Claimed): boolean =>
  kind.males === null && kind.profile.company.mode === 'harem';
const farOver = ({ room: { holders, fit } }: Claimed): boolean => holders >= fit * CROWDED;

const SEVERITY = severityTable<Claimed>(
  'More territory holders of one species than the floor has room for',
  [
    {
      when: 'they kill their own kind, unless a harem is not sexed yet',
      holds: (claimed) => claimed.worst >= DEADLY && !unsexedHarem(claimed),
      severity: 'stop',
    },
    { when: 'they kill their own kind', holds: ({ worst }) => worst >= DEADLY, severity: 'caution' },
    {
      when: `an aggressive species of pairs, ${CROWDED} times as many as fit: the first pair takes all of it`,
      holds: (claimed) =>
        claimed.kind.profile.company.mode === 'pair' &&
        claimed.kind.profile.company.temper.mature >= ROUGH &&
        farOver(claimed),
      severity: 'stop',
    },
    { when: `${CROWDED} times as many as fit`, holds: farOver, severity: 'caution' },
    {
      when: 'aggressive towards their own kind, and not grown up together',
      holds: ({ kind, worst }) => worst >= ROUGH && !grownTogether(kind),
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Territories of each species against the floor; the factor is from memory. Fish that grow up together get on better (common practice).',
);
const AGES = severityTable(
  `Aggressive fish ${GROWN_AMONG_YOUNG} times as long as the smallest of their kind`,
  [otherwise('caution')],
  'Common practice; the factor is from memory.',
);
const OWN = severityTable(
  'Room for all, or enough to spread the chasing',
  [otherwise('note')],
  'Common practice: surplus males are taken out as they show.',
);

/** As many as the floor has room for: pairs can be counted out, males cannot while they are not sexed. */
const fewer = (kind: PlannedSpecies, fit: number): Fix =>
  kind.profile.company.mode === 'pair'
    ? keepCount(kind, Math.max(1, Math.min(kind.count - 1, fit * PAIR)))
    : advise({ does: 'fewer males', species: kind.profile.id, males: fit });

function judgeKind(kind: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  const { ownKind, mode, spreadFrom } = profile.company;
  const worst = Math.max(ownKind.male, ownKind.female);
  const room = holdersOf(kind, context);
  if (worst < PUSHY || count < 2 || mode === 'solitary' || room === null) return [];
  const months = monthsUntilLength(profile, kind.largestCm, profile.size.matureCm) ?? 0;
  const leavesFirst = kind.leavesInMonths !== null && kind.leavesInMonths < months;
  if (leavesFirst) return [];
  const from = months > 0 ? addMonths(context.month, months) : null;
  const because = {
    count,
    holders: room.holders,
    territoriesThatFit: room.fit,
    groundCm2: profile.company.groundCm2 ?? 0,
    aggression: worst,
  };
  const sharable = mode === 'colony' || mode === 'harem' || room.holders <= room.fit * CROWDED;
  if (spreadFrom !== null && count >= spreadFrom && room.holders > room.fit && sharable) {
    return [
      finding('conspecific-aggression', {
        severity: 'note',
        species: [profile.id],
        fact: { says: 'own/spread', count, from: spreadFrom },
        because: { ...because, spreadFrom },
        from,
      }),
    ];
  }
  if (room.holders > room.fit) {
    return [
      finding('conspecific-aggression', {
        severity: SEVERITY.of({ kind, worst, room }) ?? 'note',
        species: [profile.id],
        fact: { says: 'own/territories', count, holders: room.holders, fit: room.fit },
        because,
        from,
        fixes: [fewer(kind, room.fit), advise('larger floor')],
      }),
    ];
  }
  return worst >= DEADLY && room.holders > 1
    ? [
        finding('conspecific-aggression', {
          severity: 'note',
          species: [profile.id],
          fact: { says: 'own/fierce', count },
          because,
          from,
        }),
      ]
    : [];
}

/** More of a species would hold ground than the floor has ground for. Begins when they mature. */
export const conspecificAggression: Rule = {
  name: 'conspecific-aggression',
  leaveFor: 'fighting',
  severities: [SEVERITY, AGES, OWN],
  judge: (context) =>
    judgedKinds(context).flatMap((kind) => {
      const { male, female } = kind.profile.company.ownKind;
      return [...judgeKind(kind, context), ...mixedAges(kind, Math.max(male, female))];
    }),
};
