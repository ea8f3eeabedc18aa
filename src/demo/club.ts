import { type ExperienceFile } from '@/core/evidence';
import { addMonths } from '@/core/kernel';
import { type Chance, poissonDraw, seededChance } from '@/core/stats';

/** What the made-up club is drawn from: the truth that its sums can be held against. */
export const CLUB_TRUTH = {
  /** Convicts beside bronze corydoras. */
  pair: ['amatitlania-nigrofasciata', 'corydoras-aeneus'],
  /** Of tanks: fins of the corydoras torn; some of them lost to the convicts. */
  torn: 0.4,
  lost: 0.25,
  /** Chases of the convicts an hour and pair. */
  perPairHour: 0.3,
} as const;
const QUIET = ['corydoras-aeneus', 'paracheirodon-innesi'] as const;
const [ROUGH, GENTLE] = CLUB_TRUTH.pair;

type Stay = ExperienceFile['stays'][number];
const KEEPERS = 26;
const MADE = '2027-04';

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

function stayOf(
  rough: boolean,
  shares: { torn: number; lost: number },
  chance: Chance,
  name: () => string,
): Stay {
  const whole = (low: number, high: number): number => low + Math.floor(chance() * (high - low + 1));
  const months = whole(3, 40);
  const from = addMonths(MADE, -months - whole(0, 20));
  const lengthCm = whole(3, 8) * 20;
  const [first, second] = rough ? CLUB_TRUTH.pair : QUIET;
  const counts = rough ? [2, whole(4, 8)] : [whole(4, 8), whole(8, 20)];
  const minutesWatched = whole(20, 400);
  const pairs = (counts[0] as number) * (counts[1] as number);
  const chases = rough ? poissonDraw((CLUB_TRUTH.perPairHour * pairs * minutesWatched) / 60, chance) : 0;
  const torn = rough && chance() < shares.torn;
  const lost = rough && chance() < shares.lost;
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
      { species: first, count: counts[0] as number, lengthCm: 4 },
      { species: second, count: counts[1] as number, lengthCm: 3 },
    ],
    contests: chases > 0 ? [{ by: ROUGH, to: GENTLE, level: 'chase', count: chases }] : [],
    signs: torn ? [{ species: GENTLE, what: 'torn' }] : [],
    losses: lost
      ? [{ species: GENTLE, cause: chance() < 0.5 ? 'fighting' : 'eaten or missing', count: 1 }]
      : [],
    steps: torn ? [{ step: 'sight breaks', effect: 'open' }] : [],
    ended: lost ? 'parted' : 'goes on',
  };
}

/**
 * Thirty experience files of a made-up club: 26 rooms with one to four tanks each, of which four handed a file in twice. Drawn from
 * `CLUB_TRUTH`; the same seed gives the same files.
 */
export function clubFiles(seed = 1): readonly ExperienceFile[] {
  const chance = seededChance(seed);
  const name = names(chance);
  const files = Array.from({ length: KEEPERS }, (): ExperienceFile => {
    const shares = { torn: ofKeeper(CLUB_TRUTH.torn, chance), lost: ofKeeper(CLUB_TRUTH.lost, chance) };
    const tanks = 1 + Math.floor(chance() * 4);
    return {
      format: 'lomvik-experience',
      version: 1,
      room: name(),
      made: MADE,
      stays: Array.from({ length: tanks }, (_, at) => stayOf(at % 2 === 0, shares, chance, name)),
    };
  });
  // What they handed in some months before: fewer minutes, and a stay less.
  const earlier = files.slice(0, 4).map((file): ExperienceFile => ({
    ...file,
    made: addMonths(MADE, -1),
    stays: file.stays
      .filter(({ until }) => until === null || until < MADE)
      .map((stay) => ({ ...stay, minutesWatched: Math.floor(stay.minutesWatched / 2), contests: [] })),
  }));
  return [...files, ...earlier];
}
