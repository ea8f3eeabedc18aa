import { type Asked, experienceOn, poolOf, readExperience, Shelves } from '@/core/evidence';
import { swimIn, simTank } from '@/core/simulate';
import { clusteredRate, clusteredShare, type Observed, poissonDraw, seededChance } from '@/core/stats';
import { CLUB_TRUTHS, clubFiles } from '@/demo/club';

type Counted = Parameters<typeof clusteredShare>[0][number];

const median = (numbers: readonly number[]): number =>
  [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;
const rounded = (value: number, places = 2): number => Number(value.toFixed(places));
const STAYS = 10_000;
const FRAME_MS = 1000 / 60;

/** Files of ever more clubs, until it is enough. */
function clubsUntil(isEnough: (files: number, stays: number) => boolean): readonly string[] {
  const texts: string[] = [];
  let stays = 0;
  for (let seed = 1; !isEnough(texts.length, stays); seed += 1)
    for (const file of clubFiles(seed)) {
      stays += file.stays.length;
      texts.push(JSON.stringify(file));
    }
  return texts;
}
/** Texts of so many stays, as a large club would hand them in. */
const textsOf = (least: number): readonly string[] => clubsUntil((_, stays) => stays >= least);
/** Texts of so many files. */
export const fileTexts = (files: number): readonly string[] =>
  clubsUntil((count) => count >= files).slice(0, files);

/** Ten thousand stays read, checked, deduplicated and summed; then a finding at a time. */
function reading() {
  const texts = textsOf(STAYS);
  const began = performance.now();
  const files = texts.flatMap((text) => {
    const read = readExperience(JSON.parse(text));
    return read.ok ? [read.value] : [];
  });
  const pool = poolOf(files);
  const shelves = new Shelves(pool);
  const read = performance.now() - began;
  const asked: readonly Asked[] = CLUB_TRUTHS.flatMap(({ pair: [species, other] }) => [
    { species, with: other },
    { species: other, with: species },
    { species },
  ]);
  const round = (): readonly number[] =>
    asked.map((one) => {
      const start = performance.now();
      experienceOn(shelves, one, { outcomes: ['trouble'], rates: false });
      return performance.now() - start;
    });
  const first = round();
  const later = Array.from({ length: 10 }, round).flat();
  return {
    files: files.length,
    stays: pool.stays.length,
    readCheckedAndDeduplicatedMs: Math.round(read),
    aFindingMs: {
      firstRound: rounded(median(first)),
      median: rounded(median(later)),
      worst: rounded(Math.max(...later)),
      stays: median(asked.map((one) => shelves.about(one).length)),
    },
    aim: `${STAYS} stays under 3,000 ms, a finding under 5 ms once read`,
  };
}

/** How often limits hold the truth they were drawn around, keepers with several tanks included. */
function coverage() {
  const chance = seededChance(2026);
  const RUNS = 2000;
  const gamma = (shape: number): number =>
    Array.from({ length: shape }, () => -Math.log(1 - chance())).reduce((all, one) => all + one, 0);
  const held = (truth: number, limits: () => readonly [number, number] | null): number => {
    let count = 0;
    for (let run = 0; run < RUNS; run += 1) {
      const drawn = limits();
      if (drawn && drawn[0] <= truth && truth <= drawn[1]) count += 1;
    }
    return rounded((100 * count) / RUNS, 1);
  };
  const share = (keepers: number, a: number, b: number, most: number): number =>
    held(a / (a + b), () => {
      const counted = Array.from({ length: keepers }, (): Counted => {
        const x = gamma(a);
        const own = x / (x + gamma(b));
        const of = 1 + Math.floor(chance() * most);
        return { k: Array.from({ length: of }, () => chance() < own).filter(Boolean).length, of };
      });
      return clusteredShare(counted).limits;
    });
  const rate = (tanks: number, shape: number): number =>
    held(0.8, () => {
      const seen = Array.from({ length: tanks }, (): Observed => {
        const hours = 2 + chance() * 10;
        return { events: poissonDraw((0.8 * gamma(shape) * hours) / shape, chance), hours };
      });
      return clusteredRate(seen).limits;
    });
  return {
    'shares: 15 keepers, up to 3 tanks each, alike': share(15, 2, 2, 3),
    'shares: 15 keepers, up to 8 tanks each': share(15, 1, 4, 8),
    'shares: 30 keepers, up to 8 tanks each, alike': share(30, 2, 2, 8),
    'shares: 30 keepers, up to 8 tanks each': share(30, 4, 16, 8),
    'rates: 10 tanks that differ': rate(10, 3),
    'rates: 30 tanks that differ a little': rate(30, 20),
    aim: '95 % limits hold in 93 to 97 of 100',
  };
}

/** Sixty simulated fish at twenty times real time: what a frame costs. */
function simulator() {
  const swim = swimIn(simTank(1, 60), 1);
  swim.go(60);
  const frames = Array.from({ length: 600 }, () => {
    const start = performance.now();
    swim.go((FRAME_MS / 1000) * 20);
    return performance.now() - start;
  });
  return {
    aFrameMs: { median: rounded(median(frames)), worst: rounded(Math.max(...frames)) },
    ofAFrame: rounded(median(frames) / FRAME_MS, 3),
    aim: `60 fish at 20 times real time within a frame of ${rounded(FRAME_MS)} ms`,
  };
}

export const experienceBench = () => ({ reading: reading(), coverage: coverage(), simulator: simulator() });
