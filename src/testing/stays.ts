import type { ExperienceFile, Stay } from '@/core/evidence';
import { CLUB_TRUTH } from '@/demo/club';

export const [CONVICT, CORY] = CLUB_TRUTH.pair;

/** A stay of two convicts with six corydoras, in which nothing happened, and a file of stays. */
let next = 0;
export const stay = (more: Partial<Stay> = {}): Stay => ({
  id: `s${(next += 1)}`,
  from: '2025-03',
  until: '2026-05',
  tank: { id: `t${next}`, lengthCm: 120, widthCm: 45, heightCm: 50, hides: 'few' },
  minutesWatched: 120,
  fish: [
    { species: CONVICT, count: 2, lengthCm: 4 },
    { species: CORY, count: 6, lengthCm: 3 },
  ],
  contests: [],
  signs: [],
  losses: [],
  steps: [],
  ended: 'goes on',
  ...more,
});
export const file = (room: string, stays: readonly Stay[], made = '2027-05'): ExperienceFile => ({
  format: 'lomvik-experience',
  version: 1,
  room,
  made,
  stays: [...stays],
});
