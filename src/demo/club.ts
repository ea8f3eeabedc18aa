import { type ExperienceFile } from '@/core/evidence';
import { addMonths } from '@/core/kernel';
import { type Chance, poissonDraw, seededChance } from '@/core/stats';

/** How it goes for a pair in the made-up club: invented, so that sums can be held against the truth they were drawn from. */
interface PairTruth {
  /** Who does it, and who suffers it; how many of each there are, at least and at most. */
  readonly pair: readonly [string, string];
  readonly counts: readonly [readonly [number, number], readonly [number, number]];
  /** Of tanks: fins of the second torn; some of the second lost to the first. */
  readonly torn: number;
  readonly lost: number;
  /** Chases of the first an hour and pair. */
  readonly perPairHour: number;
  /** Of all tanks, so many are of this pair. */
  readonly share: number;
}

/** What the made-up club is drawn from, pair by pair. */
export const CLUB_TRUTHS: readonly [PairTruth, ...PairTruth[]] = [
  {
    pair: ['amatitlania-nigrofasciata', 'corydoras-aeneus'],
    counts: [
      [2, 2],
      [4, 8],
    ],
    torn: 0.4,
    lost: 0.25,
    perPairHour: 0.3,
    share: 0.35,
  },
  {
    pair: ['puntigrus-tetrazona', 'trichopodus-leerii'],
    counts: [
      [6, 12],
      [1, 3],
    ],
    torn: 0.55,
    lost: 0.05,
    perPairHour: 0.4,
    share: 0.2,
  },
  {
    pair: ['betta-splendens', 'caridina-multidentata'],
    counts: [
      [1, 1],
      [5, 10],
    ],
    torn: 0,
    lost: 0,
    perPairHour: 0.02,
    share: 0.25,
  },
  {
    pair: ['corydoras-aeneus', 'paracheirodon-innesi'],
    counts: [
      [4, 8],
      [8, 20],
    ],
    torn: 0,
    lost: 0,
    perPairHour: 0,
    share: 0.2,
  },
];
/** The pair that tests hold the sums against. */
export const [CLUB_TRUTH] = CLUB_TRUTHS;

type Stay = ExperienceFile['stays'][number];
const KEEPERS = 26;
const USUAL_MONTH = '2027-04';

/** A share for one keeper: his tanks are more alike than those of others. Beta, by the mean and two counts before any look. */
function ofKeeper(mean: number, chance: Chance): number {
  const gamma = (shape: number): number => {
    let all = 0;
    for (let i = 0; i < shape; i += 1) all -= Math.log(1 - chance());
    return all;
  };
  const alike = 20;
  const yes = gamma(Math.round(mean * alike));
  return yes / (yes + gamma(Math.round((1 - mean) * alike)));
}

/** Identifiers that say nothing, the same for the same seed. */
const names = (chance: Chance) => (): string =>
  Array.from({ length: 8 }, () =>
    Math.floor(chance() * 65_536)
      .toString(16)
      .padStart(4, '0'),
  ).join('');

const truthBy = (roll: number): PairTruth => {
  let left = roll;
  return CLUB_TRUTHS.find(({ share }) => (left -= share) < 0) ?? CLUB_TRUTH;
};

function stayOf(
  truth: PairTruth,
  made: string,
  chance: Chance,
  name: () => string,
  shareOf: (mean: number) => number,
): Stay {
  const whole = (low: number, high: number): number => low + Math.floor(chance() * (high - low + 1));
  const months = whole(3, 40);
  const from = addMonths(made, -months - whole(0, 20));
  const lengthCm = whole(3, 8) * 20;
  const [rough, gentle] = truth.pair;
  const [first, second] = [whole(...truth.counts[0]), whole(...truth.counts[1])];
  const minutesWatched = whole(40, 400);
  const chases = poissonDraw((truth.perPairHour * first * second * minutesWatched) / 60, chance);
  const torn = chance() < shareOf(truth.torn);
  const lost = chance() < shareOf(truth.lost);
  return {
    id: name(),
    from,
    until: chance() < 0.3 ? null : addMonths(from, months),
    tank: {
      id: name(),
      lengthCm,
      widthCm: Math.round(lengthCm * 0.4),
      heightCm: Math.round(lengthCm * 0.45),
      hides: (['few', 'many', 'not said'] as const)[whole(0, 2)] as 'few',
    },
    water: { temperatureC: [24, 26], ph: [6.8, 7.6] },
    minutesWatched,
    fish: [
      { species: rough, count: first, lengthCm: 4 },
      { species: gentle, count: second, lengthCm: 3 },
    ],
    contests: chases > 0 ? [{ by: rough, to: gentle, level: 'chase', count: chases }] : [],
    signs: torn ? [{ species: gentle, what: 'torn' }] : [],
    losses: lost
      ? [{ species: gentle, cause: chance() < 0.5 ? 'fighting' : 'eaten or missing', count: 1 }]
      : [],
    steps: torn ? [{ step: 'sight breaks', effect: 'open' }] : [],
    ended: lost ? 'parted' : 'goes on',
  };
}

/**
 * Thirty experience files of a made-up club: 26 rooms with two to five tanks each, of which four handed a file in twice. Drawn from
 * `CLUB_TRUTHS`; the same seed gives the same files.
 */
export function clubFiles(seed = 1, made = USUAL_MONTH): readonly ExperienceFile[] {
  const chance = seededChance(seed);
  const name = names(chance);
  const files = Array.from({ length: KEEPERS }, (): ExperienceFile => {
    // What a keeper's tanks have in common for each pair and outcome.
    const own = new Map<number, number>();
    const shareOf = (mean: number): number => {
      const share = mean === 0 ? 0 : (own.get(mean) ?? ofKeeper(mean, chance));
      own.set(mean, share);
      return share;
    };
    const tanks = 2 + Math.floor(chance() * 4);
    return {
      format: 'lomvik-experience',
      version: 1,
      room: name(),
      made,
      stays: Array.from({ length: tanks }, () => stayOf(truthBy(chance()), made, chance, name, shareOf)),
    };
  });
  // What they handed in some months before: fewer minutes, and a stay less.
  const earlier = files.slice(0, 4).map((file): ExperienceFile => ({
    ...file,
    made: addMonths(made, -1),
    stays: file.stays
      .filter(({ until }) => until === null || until < made)
      .map((stay) => ({ ...stay, minutesWatched: Math.floor(stay.minutesWatched / 2), contests: [] })),
  }));
  return [...files, ...earlier];
}
