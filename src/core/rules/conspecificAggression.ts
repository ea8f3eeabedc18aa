import { DEADLY, LABYRINTH_FAMILIES, PUSHY, ROUGH } from '../model';
import { addMonths } from '../kernel';
import { monthsUntilLength } from '../growth';
import type { Place, PlannedSpecies } from './context';
import { isDisputed } from './contestedNumber';
import { finding, type Finding, type Fix } from './finding';
import { holdersOf, type Holders } from './ground';
import { advise, keepCount } from './fixes';
import type { Rule } from './rule';
import { hasWayOut } from './pairs';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'own/territories': { readonly count: number; readonly holders: number; readonly fit: number };
    'own/spread': {
      readonly count: number;
      readonly from: number; /** Males can be told apart one day, and the surplus found. */
      readonly told: boolean;
    };
    'own/fierce': { readonly count: number };
    /** A group of females that fight for rank, which only some keepers try. */
    'own/disputed group': { readonly count: number; readonly bare: boolean };
    'own/mixed ages': object;
  }
}

/** So many times more holders than ground: crowded for those who spar, and past sharing out for those who do not live in colonies (from memory). */
const CROWDED = 2;
/** A pair and nobody else needs no company to spread its temper over. */
const PAIR = 2;

/** Cichlids that grow up together get on better (fact of the trade, common practice); killers of their own kind do not. */
const grownTogether = (species: PlannedSpecies): boolean =>
  species.groups.every((group) => group.grownTogether === true);

/** One so many times as long as the smallest of its species is a grown one among juveniles (from memory). */
const GROWN_AMONG_YOUNG = 1.6;

/** A grown one put among juveniles upsets the order. */
function mixedAges(species: PlannedSpecies, worst: number): readonly Finding[] {
  if (worst < ROUGH || species.largestCm < species.smallestCm * GROWN_AMONG_YOUNG) return [];
  return [
    finding('conspecific-aggression', {
      severity: 'caution',
      species: [species.profile.id],
      fact: { says: 'own/mixed ages' },
      because: { largestCm: species.largestCm, smallestCm: species.smallestCm, aggression: worst },
      fixes: [advise('one size together')],
    }),
  ];
}

interface Claimed {
  readonly species: PlannedSpecies;
  readonly worst: number;
  readonly room: Holders;
}

/** Of a species of harems that nobody has sexed, surplus males can still be taken out as they show. */
const unsexedHarem = ({ species }: Claimed): boolean =>
  species.males === null && species.profile.company.mode === 'harem';
const farOver = ({ room: { holders, fit } }: Claimed): boolean => holders >= fit * CROWDED;

/** Known not to have grown up together. */
const areStrangers = ({ groups }: PlannedSpecies): boolean =>
  groups.some((group) => group.grownTogether === false);

/**
 * Shoals and groups in the number they need, on a floor that is not far too small: the order is settled among them (common
 * practice: five and more angelfish or discus).
 */
function settlesInNumbers(claimed: Claimed): boolean {
  const { mode, smallestGroup } = claimed.species.profile.company;
  const livesInGroups = mode === 'shoal' || mode === 'group';
  return (
    livesInGroups &&
    claimed.species.count >= smallestGroup &&
    !farOver(claimed) &&
    !areStrangers(claimed.species)
  );
}

const SEVERITY = sureTable<Claimed>(
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
        claimed.species.profile.company.mode === 'pair' &&
        claimed.species.profile.company.temper.mature >= ROUGH &&
        farOver(claimed),
      severity: 'stop',
    },
    {
      when: `shoals and groups in the number they need, less than ${CROWDED} times as many as fit, and no strangers`,
      holds: settlesInNumbers,
      severity: 'note',
    },
    { when: `${CROWDED} times as many as fit`, holds: farOver, severity: 'caution' },
    {
      when: 'aggressive towards their own kind, and not grown up together',
      holds: ({ species, worst }) => worst >= ROUGH && !grownTogether(species),
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

/** Groups of fighting females live behind plants, on a floor of this length (common practice: from about 75 cm). */
const FEMALES_CM = 75;
const TOLERANCE = 0.97;

interface Females {
  readonly bare: boolean;
  readonly short: boolean;
  readonly arranged: boolean;
}

const FEMALES = sureTable<Females>(
  'A group of females that fight for rank, such as female bettas',
  [
    { when: 'bare, or on a short floor', holds: ({ bare, short }) => bare || short, severity: 'stop' },
    { when: 'an exit plan is given', holds: ({ arranged }) => arranged, severity: 'note' },
    otherwise('caution'),
  ],
  `Keepers disagree: for the experienced, five and more grown up together, densely planted, from about ${FEMALES_CM} cm (common practice).`,
);

/** Labyrinth fish of which females are kept in numbers although they fight. */
const isFightingGroup = ({ count, profile: { family, company } }: PlannedSpecies): boolean =>
  count > 1 &&
  LABYRINTH_FAMILIES.includes(family) &&
  company.mode === 'group' &&
  company.ownKind.female >= ROUGH;

function fightingFemales(species: PlannedSpecies, { tank }: Place): readonly Finding[] {
  const bare = tank.plants === 'none' && !tank.assumed.has('plants');
  const short = tank.figures.outside.lengthCm < FEMALES_CM * TOLERANCE;
  const arranged = hasWayOut(species);
  return [
    finding('conspecific-aggression', {
      severity: FEMALES.of({ bare, short, arranged }),
      species: [species.profile.id],
      fact: { says: 'own/disputed group', count: species.count, bare: bare || short },
      because: {
        count: species.count,
        plants: tank.plants,
        lengthCm: Math.round(tank.figures.outside.lengthCm),
      },
      contested: true,
      approach: arranged ? 'try with a way out' : 'avoid',
      fixes: [keepCount(species, 1)],
    }),
  ];
}

/** As many as the floor has room for: pairs can be counted out, males cannot while they are not sexed. */
const fewer = (species: PlannedSpecies, fit: number): Fix =>
  species.profile.company.mode === 'pair'
    ? keepCount(species, Math.max(1, Math.min(species.count - 1, fit * PAIR)))
    : advise({ does: 'fewer males', species: species.profile.id, males: fit });

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { profile, count } = species;
  const { ownKind, mode, spreadFrom } = profile.company;
  const worst = Math.max(ownKind.male, ownKind.female);
  const room = holdersOf(species, place);
  if (worst < PUSHY || mode === 'solitary' || room === null) return [];
  const months = monthsUntilLength(profile, species.largestCm, profile.size.matureCm) ?? 0;
  const leavesFirst = species.leavesInMonths !== null && species.leavesInMonths < months;
  if (leavesFirst) return [];
  const from = months > 0 ? addMonths(place.month, months) : null;
  const because = {
    count,
    holders: room.holders,
    territoriesThatFit: room.fit,
    groundCm2: profile.company.groundCm2 ?? 0,
    aggression: worst,
  };
  const sharable = mode === 'colony' || mode === 'harem' || room.holders < room.fit * CROWDED;
  if (spreadFrom !== null && count >= spreadFrom && room.holders > room.fit && sharable) {
    return [
      finding('conspecific-aggression', {
        severity: 'note',
        species: [profile.id],
        fact: {
          says: 'own/spread',
          count,
          from: spreadFrom,
          told: profile.company.sexesTold === 'always' || profile.company.sexesTold === 'adult',
        },
        because: { ...because, spreadFrom },
        from,
      }),
    ];
  }
  if (room.holders > room.fit) {
    return [
      finding('conspecific-aggression', {
        severity: SEVERITY.of({ species, worst, room }),
        species: [profile.id],
        fact: { says: 'own/territories', count, holders: room.holders, fit: room.fit },
        because,
        from,
        fixes: [fewer(species, room.fit), advise('larger floor')],
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
  silentBeside: [{ rules: ['group-number', 'solitary'], of: 'the first species' }],
  leaveFor: 'harm',
  severities: [SEVERITY, AGES, OWN, FEMALES],
  ofKind: (species, place) => {
    const { male, female } = species.profile.company.ownKind;
    if (isFightingGroup(species)) return fightingFemales(species, place);
    return [
      ...(isDisputed(species, place) ? [] : judgeSpecies(species, place)),
      ...mixedAges(species, Math.max(male, female)),
    ];
  },
};
