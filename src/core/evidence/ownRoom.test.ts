import { CONVICT, CORY, file, stay } from '@/testing/stays';
import { posteriorRate } from '../stats';
import { keptHere, ownRate } from './ownRoom';
import { poolOf } from './pool';
import { experienceOf } from './summed';

describe('this room', () => {
  const chased = stay({
    minutesWatched: 60,
    contests: [
      { by: CONVICT, to: CORY, level: 'chase', count: 5 },
      { by: CORY, to: CONVICT, level: 'show', count: 1 },
      { by: CONVICT, to: CONVICT, level: 'show', count: 9 },
    ],
    losses: [{ species: CORY, cause: 'not known', count: 2 }],
  });
  const pool = poolOf([file('r', [chased])]);
  const own = experienceOf(pool, { species: CONVICT, with: CORY });
  it('and what a warning is taken to mean go together: two convicts and six corys are twelve pairs', () => {
    expect(ownRate('caution', own)).toEqual({
      said: 0.2,
      events: 6,
      pairHours: 12,
      together: posteriorRate({ shape: 1, rate: 5 }, { events: 6, hours: 12 }),
    });
    // A belief that weighs as much as one contest gives way: seven in seventeen hours.
    expect(ownRate('caution', own)!.together.mean).toBeCloseTo(7 / 17, 12);
    expect(ownRate('stop', own)!.said).toBe(0.5);
    expect(ownRate('note', own)!.said).toBe(0.05);
  });
  it('says nothing where nobody watched, or of a severity that is no warning', () => {
    const unwatched = experienceOf(poolOf([file('r', [stay({ minutesWatched: 0 })])]), {
      species: CONVICT,
      with: CORY,
    });
    expect(ownRate('caution', unwatched)).toBeNull();
    expect(ownRate('good', own)).toBeNull();
    expect(ownRate('caution', { rates: [] })).toBeNull();
  });
  it('knows each species that lived in it: months, tanks, losses, and what it started with others', () => {
    const again = { ...stay(), tank: chased.tank };
    const alone = stay({
      fish: [{ species: CONVICT, count: 2, lengthCm: 5 }],
      contests: [{ by: CONVICT, to: CONVICT, level: 'fight', count: 3 }],
      minutesWatched: 600,
    });
    const all = keptHere(poolOf([file('r', [chased, again, stay(), alone])]).stays);
    const hours = (fish: number) => (fish * (60 + 2 * stay().minutesWatched)) / 60;
    // Only chases and worse, and only against others; hours alone are no hours with others.
    expect(all).toEqual([
      {
        species: CONVICT,
        months: 56,
        tanks: 3,
        lost: 0,
        withOthers: { months: 42, started: 5, fishHours: hours(2) },
      },
      {
        species: CORY,
        months: 42,
        tanks: 2,
        lost: 2,
        withOthers: { months: 42, started: 0, fishHours: hours(6) },
      },
    ]);
  });
});
