import type { HeadCount, LossWarning, Possibility } from '@/core/departures';
import { catalogue } from '@/testing/plans';
import { sayHeadCount, sayLosses, sayPossibility } from './departures';
import { METRIC, US } from './quantities';
import { wordsFor } from './words';

const metric = wordsFor(catalogue, METRIC);
const us = wordsFor(catalogue, US);

describe('possible causes of a death', () => {
  beforeEach(() => void jest.useFakeTimers({ now: new Date('2026-11-28T12:00:00Z') }));
  afterEach(() => void jest.useRealTimers());
  it.each<[Possibility, string]>([
    [{ says: 'chlorine', on: '2026-11-03' }, 'chlorine (dechlorinator not ticked 3 Nov)'],
    [{ says: 'bullied', taken: 6, of: 9 }, 'bullied (target in 6 of 9 contests)'],
    [
      { says: 'brought in', species: 'chromobotia-macracanthus', on: '2026-11-01', quarantined: false },
      'disease brought in (clown loaches, 1 Nov, no quarantine)',
    ],
    [{ says: 'missed changes', days: 16, everyDays: 7 }, 'no water change (16 days; the routine is 7)'],
    [{ says: 'illness', signs: ['spots or film', 'gasping'] }, 'illness (spots or film and gasping)'],
    [{ says: 'old age', years: 6.1, usualYears: 5 }, 'old age (6 years here; they live 5 and more)'],
  ])('%o', (one, sentence) => expect(sayPossibility(one, metric)).toBe(sentence));
  it('give temperatures in the keeper’s degrees', () =>
    expect(sayPossibility({ says: 'temperature', temperatureC: 20, usualC: 25, on: '2026-11-03' }, us)).toBe(
      'temperature (68 °F on 3 Nov, usually 77 °F)',
    ));
});

describe('head counts', () => {
  beforeEach(() => void jest.useFakeTimers({ now: new Date('2026-11-28T12:00:00Z') }));
  afterEach(() => void jest.useRealTimers());
  const count = (seen: readonly number[], more: Partial<HeadCount> = {}): HeadCount =>
    ({
      onRecord: 14,
      counts: seen.map((one) => ({ seen: one, onRecord: 14, on: '2026-11-03T12:00:00.000Z' })),
      unaccounted: seen.length > 0 ? 14 - seen.at(-1)! : null,
      unseen: [],
      hidden: false,
      allThere: 0.12,
      dwindling: false,
      lastSeenDays: 19,
      ...more,
    }) as unknown as HeadCount;
  it.each([
    [count([14]), 'All 14 seen 3 Nov.'],
    [count([16]), '16 seen 3 Nov, 14 on record then: young, a visitor, or a count to correct.'],
    [count([]), '14 on record, never counted.'],
    [count([11]), '11 of 14 seen 3 Nov; 12% likely that all were alive then. Check behind the background.'],
    [count([11], { hidden: true }), '11 of 14 seen 3 Nov; this species often hides. Last seen 19 days ago.'],
    [
      count([11], { hidden: true, lastSeenDays: 0 }),
      '11 of 14 seen 3 Nov; this species often hides. Last seen today.',
    ],
    [
      count([14, 12, 11, 9], { dwindling: true }),
      '9 of 14 seen 3 Nov; 12% likely that all were alive then. Check behind the background. Counts are falling: 12, 11, 9.',
    ],
    [
      count([11], { unaccounted: 1, unseen: ['Torn'] }),
      '11 of 14 seen 3 Nov, 1 still missing; 12% likely that all were alive then. Check behind the background. Not seen: Torn.',
    ],
    [count([11], { unaccounted: 0 }), '11 of 14 seen 3 Nov; the others are accounted for since.'],
  ])('%#', (one, sentence) => expect(sayHeadCount(one)).toBe(sentence));
});

describe('a group that loses more than the others', () => {
  const losses: LossWarning = {
    by: 'species',
    name: 'hyphessobrycon-amandae',
    died: 8,
    lives: 12,
    expected: 1.04,
    p: 0.0002,
    few: false,
  };
  it('is told by its fish, without saying why', () =>
    expect(sayLosses(losses, '', metric)).toBe(
      '8 of 12 ember tetras died, where 1 was expected (p < 0.001). This does not show why.',
    ));
  it('is told by its name where it is no species, and as a hint where few died', () =>
    expect(
      sayLosses(
        { ...losses, by: 'quarantine', name: 'none', died: 4, expected: 2.6, p: 0.0214, few: true },
        'no quarantine',
        metric,
      ),
    ).toBe(
      'no quarantine: 4 of 12 died, where 3 were expected (p 0.021). This does not show why; 4 deaths are only a hint.',
    ));
  it('does not say that nobody was expected to die', () =>
    expect(sayLosses({ ...losses, expected: 0.3 }, '', metric)).toContain('where less than 1 was expected'));
});
