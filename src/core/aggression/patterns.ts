import { sectionOf } from '../floor';
import type { Resident, Standing } from '../events';
import { betaQuantile } from '../stats';
import { sexRatios } from './sexRatio';
import { decided, tally, type Contest, type Watch } from './watches';

export const PATTERNS = [
  'one boss',
  'one victim',
  'duel',
  'pair on guard',
  'newcomer picked on',
  'feeding time',
  'lights',
  'to one side',
  'too many holders',
  'torn, nobody seen',
  'too few females',
] as const;
export type PatternName = (typeof PATTERNS)[number];

/** A pattern that the numbers show, with its numbers and how sure it is. */
export interface Pattern {
  readonly name: PatternName;
  /** Residents it speaks of, the first the one that acts. */
  readonly who: readonly string[];
  /** The numbers behind it; shares from 0 to 1. */
  readonly because: Readonly<Record<string, number>>;
  readonly sure: 'clear' | 'likely' | 'few data';
  /** Where it is, as the keeper called it; empty where it is nowhere. */
  readonly place: string;
  /** The fish lives by itself. */
  readonly alone: boolean;
}

/** A pattern as a search finds it: most are nowhere in particular. */
type Found = Omit<Pattern, 'place' | 'alone'> & Partial<Pattern>;

/** Below so many contests nothing is called more than a hint (from memory). */
const FEW_CONTESTS = 12;
const LEAST_CONTESTS = 5;
/** Shares from which on one fish, a pair, a trigger or a place is the pattern (from memory). */
const DOMINANT_SHARE = 0.4;
const DUEL_SHARE = 0.4;
const DUEL_EACH = 0.2;
const GUARD_SHARE = 0.4;
const GUARD_PLACE = 0.6;
const TRIGGER_SHARE = 0.4;
const SIDE_SHARE = 0.6;
const RATIO_SHARE = 0.4;
/** Five or six holding males in one tank are too many (common practice). */
const HOLDERS = 5;
/** A fish counts as a newcomer for three weeks (from memory). */
const NEW_DAYS = 21;
/** Torn fins without a contest in so many minutes of watching point to somebody unseen. */
const UNSEEN_MINUTES = 60;
const LEVEL = 0.05;

/** The lower 95 % limit of a share (Clopper and Pearson 1934, one-sided). */
const lowest = (k: number, n: number): number => (k === 0 ? 0 : betaQuantile(LEVEL, k, n - k + 1));

function most(counts: ReadonlyMap<string, number>): readonly [string, number] | null {
  let best: [string, number] | null = null;
  for (const [id, count] of counts) if (best === null || count > best[1]) best = [id, count];
  return best;
}

function countBy(
  contests: readonly Contest[],
  key: (contest: Contest) => string,
): ReadonlyMap<string, number> {
  const counts = new Map<string, number>();
  for (const contest of contests) {
    const name = key(contest);
    if (name !== '') counts.set(name, (counts.get(name) ?? 0) + 1);
  }
  return counts;
}

export interface PatternInput {
  readonly watches: readonly Watch[];
  /** Signs, spawnings and broods of the same time and tank. */
  readonly happenings: readonly Standing[];
  readonly residents: readonly Resident[];
  /** Days from the day of a moment to today, as the keeper counts them. */
  readonly daysSince: (moment: string) => number;
  /** Females that a species is kept with for each male; null where it does not matter. */
  readonly femalesPerMale: (species: string) => number | null;
  /** Length of the tank: a press on the floor map counts for the third in which it lies. cm */
  readonly lengthCm: number;
}

/** How sure a share is, given the fair share: clear when even its lower limit lies above, likely when most of it does. */
function sureness(k: number, n: number, fair: number): Pattern['sure'] {
  if (n < FEW_CONTESTS) return 'few data';
  return lowest(k, n) > fair * 1.5 ? 'clear' : 'likely';
}

/** Who may rule, or be picked on: a group is many fish, and "a male of this species" may be any. */
const individualsIn = ({ residents }: PatternInput): ReadonlySet<string> =>
  new Set(residents.filter((one) => one.individual).map((one) => one.id));

function oneFish(input: PatternInput, contests: readonly Contest[], fish: number): readonly Found[] {
  const found: Found[] = [];
  const ones = individualsIn(input);
  const n = contests.length;
  const fair = 1 / Math.max(2, fish);
  const sides = [
    ['one boss', 'winner'],
    ['one victim', 'loser'],
  ] as const;
  for (const [name, side] of sides) {
    const top = most(countBy(contests, (contest) => (ones.has(contest[side]) ? contest[side] : '')));
    if (!top || top[1] / n < DOMINANT_SHARE || lowest(top[1], n) <= fair) continue;
    found.push({
      name,
      who: [top[0]],
      because: { contests: n, own: top[1], share: top[1] / n, evenShare: fair },
      sure: sureness(top[1], n, fair),
    });
  }
  return found;
}

function duel(input: PatternInput, contests: readonly Contest[]): readonly Found[] {
  const n = contests.length;
  const pair = (contest: Contest): string => [contest.winner, contest.loser].sort().join('|');
  const known = individualsIn(input);
  const top = most(
    countBy(contests, (one) => (known.has(one.winner) && known.has(one.loser) ? pair(one) : '')),
  );
  if (!top) return [];
  const [a, b] = top[0].split('|') as [string, string];
  const between = contests.filter((one) => pair(one) === top[0]);
  // What neither won is half a win for each.
  const each = between.reduce((sum, one) => sum + (one.undecided ? 0.5 : one.winner === a ? 1 : 0), 0);
  const share = Math.min(each, top[1] - each) / top[1];
  const together = input.residents.find((one) => one.id === a)?.pairedWith === b;
  if (top[1] / n < DUEL_SHARE || share < DUEL_EACH || together || top[1] < LEAST_CONTESTS) return [];
  return [
    {
      name: 'duel',
      who: [a, b],
      because: { contests: n, own: top[1], wonByFirst: each },
      sure: n < FEW_CONTESTS ? 'few data' : 'clear',
    },
  ];
}

function onGuard(input: PatternInput, contests: readonly Contest[]): readonly Found[] {
  const n = contests.length;
  const breeding = input.happenings.filter(
    (event) =>
      event.type === 'spawned' ||
      event.type === 'fry' ||
      (event.type === 'saw' && ['guarding', 'fry', 'paired', 'dark'].includes(event.what)),
  ).length;
  return input.residents.flatMap((one): readonly Found[] => {
    const mate = one.pairedWith;
    if (mate === null || one.id > mate) return [];
    const out = contests.filter(
      ({ winner, loser }) => (winner === one.id || winner === mate) && loser !== one.id && loser !== mate,
    );
    const place = most(countBy(out, (contest) => contest.place));
    const inOnePlace = place !== null && place[1] / out.length >= GUARD_PLACE;
    if (out.length < LEAST_CONTESTS || out.length / n < GUARD_SHARE || (!inOnePlace && breeding === 0))
      return [];
    return [
      {
        name: 'pair on guard',
        who: [one.id, mate],
        because: { contests: n, own: out.length, inOnePlace: place?.[1] ?? 0, breedingNoted: breeding },
        place: place?.[0] ?? '',
        sure: n < FEW_CONTESTS ? 'few data' : breeding > 0 && inOnePlace ? 'clear' : 'likely',
      },
    ];
  });
}

function newcomer(input: PatternInput, contests: readonly Contest[], fish: number): readonly Found[] {
  const n = contests.length;
  const fresh = input.residents.filter((one) => input.daysSince(one.inTankSince) <= NEW_DAYS);
  if (fresh.length === 0 || fresh.length === input.residents.length) return [];
  const ids = new Set<string>(fresh.map((one) => one.id));
  const taken = contests.filter(({ winner, loser }) => ids.has(loser) && !ids.has(winner)).length;
  const fair = Math.min(1, fresh.reduce((sum, one) => sum + one.count, 0) / Math.max(2, fish));
  if (taken < LEAST_CONTESTS || lowest(taken, n) <= fair) return [];
  return [
    {
      name: 'newcomer picked on',
      who: fresh.map((one) => one.id),
      because: { contests: n, own: taken, evenShare: fair },
      sure: sureness(taken, n, fair),
    },
  ];
}

function triggers(contests: readonly Contest[]): readonly Found[] {
  const noted = contests.filter((one) => one.trigger !== undefined);
  return (
    [
      ['feeding time', 'feeding'],
      ['lights', 'light'],
    ] as const
  ).flatMap(([name, trigger]): readonly Found[] => {
    const k = noted.filter((one) => one.trigger === trigger).length;
    if (k < LEAST_CONTESTS || k / noted.length < TRIGGER_SHARE) return [];
    return [
      {
        name,
        who: [],
        because: { contests: noted.length, own: k },
        sure: noted.length < FEW_CONTESTS ? 'few data' : 'likely',
      },
    ];
  });
}

function toOneSide(contests: readonly Contest[], lengthCm: number): readonly Found[] {
  const placed = contests.filter((one) => one.place !== '');
  const places = countBy(placed, (one) => sectionOf(one.place, lengthCm));
  const top = most(places);
  if (!top || places.size < 2 || placed.length < FEW_CONTESTS || top[1] / placed.length < SIDE_SHARE)
    return [];
  return [
    {
      name: 'to one side',
      who: [],
      because: { contests: placed.length, own: top[1] },
      place: top[0],
      sure: 'likely',
    },
  ];
}

function holders(input: PatternInput): readonly Found[] {
  const holding = new Map<string, string>();
  for (const event of input.happenings)
    if (event.type === 'saw' && event.what === 'holds ground' && event.resident)
      holding.set(event.resident, event.place);
  const here = [...holding.keys()].filter((id) => input.residents.some((one) => one.id === id));
  if (here.length < HOLDERS) return [];
  return [
    {
      name: 'too many holders',
      who: here,
      because: { holders: here.length },
      sure: 'likely',
    },
  ];
}

/** Males that chase their own species where females are few; all that nobody sexed may be females. */
function tooFewFemales(input: PatternInput, contests: readonly Contest[]): readonly Found[] {
  const n = contests.length;
  return [...sexRatios(input.residents, contests)].flatMap(
    ([species, { males, females, unsexed, started, who }]): readonly Found[] => {
      const wanted = input.femalesPerMale(species);
      if (wanted === null || males === 0 || (females + unsexed) / males >= wanted) return [];
      if (started < LEAST_CONTESTS || started / n < RATIO_SHARE) return [];
      return [
        {
          name: 'too few females',
          who,
          because: { contests: n, own: started, males, females, unsexed, wanted },
          sure: n < FEW_CONTESTS ? 'few data' : 'likely',
        },
      ];
    },
  );
}

function tornUnseen(input: PatternInput, contests: readonly Contest[], minutes: number): readonly Found[] {
  const torn = [
    ...new Set(
      input.happenings.flatMap((event) =>
        event.type === 'saw' && event.what === 'torn' && event.resident ? [event.resident as string] : [],
      ),
    ),
  ];
  return torn.flatMap((id): readonly Found[] => {
    const hit = contests.filter((one) => one.loser === id || (one.undecided && one.winner === id)).length;
    if (hit > 0 || minutes < UNSEEN_MINUTES || !input.residents.some((one) => one.id === id)) return [];
    const alone = input.residents.length === 1;
    return [
      {
        name: 'torn, nobody seen',
        who: [id],
        because: { minutes, contests: hit },
        sure: 'likely',
        alone,
      },
    ];
  });
}

/**
 * The patterns that a record shows, the surest first, each with its numbers: a pattern is a reading, not a proof.
 * What neither won is no win of anybody: it counts in rates, places, triggers and duels.
 */
export function patternsOf(input: PatternInput): readonly Pattern[] {
  const contests = input.watches.flatMap((watch) => watch.contests);
  const { minutes, fish } = tally(input.watches);
  const enough = contests.length >= LEAST_CONTESTS;
  const found = [
    ...(enough
      ? [
          ...onGuard(input, decided(contests)),
          ...newcomer(input, decided(contests), fish),
          ...duel(input, contests),
          ...oneFish(input, decided(contests), fish),
          ...tooFewFemales(input, decided(contests)),
          ...triggers(contests),
          ...toOneSide(contests, input.lengthCm),
        ]
      : []),
    ...holders(input),
    ...tornUnseen(input, contests, minutes),
  ];
  const rank = { clear: 0, likely: 1, 'few data': 2 } as const;
  return found
    .map((one, i) => [one, i] as const)
    .sort(([a, i], [b, j]) => rank[a.sure] - rank[b.sure] || i - j)
    .map(([one]) => ({ place: '', alone: false, ...one }));
}
