import { MOVING_STEPS, releaseSheet } from '@/core/arrivals';
import { purchaseOf } from '@/core/arrivals/coverShops';
import { acclimation } from '@/core/water';
import { catalogue } from '@/testing/plans';
import {
  sayAcclimation,
  sayMove,
  sayPurchase,
  sayRelease,
  sayWarmth,
  sayWave,
  shopQuestions,
} from './arrivals';
import { sayDue, sayLateness, saySpare } from './due';
import { METRIC, US } from './quantities';
import { dayName } from './locale';
import { wordsFor } from './words';

const words = wordsFor(catalogue, METRIC);
const us = wordsFor(catalogue, US);
const of = (id: string) => catalogue.byId.get(id)!;

describe('buying', () => {
  it('says what pairs leave over, and that fresh stock should wait', () => {
    const labs = { key: 'l', profile: of('labidochromis-caeruleus'), count: 4, males: 1, females: 3 };
    const item = {
      shop: 'Pier',
      species: labs.profile.id,
      price: 15,
      stock: 9,
      lengthCm: 4,
      soldAs: 'pair',
      days: 1,
    } as const;
    expect(sayPurchase(purchaseOf(labs, item)!, words)).toBe(
      'Sold only in pairs: 3 pairs means 2 yellow labs to rehome. In the shop for 1 day: ask the shop to keep them for a week.',
    );
    const single = { ...item, soldAs: 'single', days: 20 } as const;
    expect(sayPurchase(purchaseOf(labs, single)!, words)).toBe('');
  });
  it('asks what a shop can answer', () =>
    expect(shopQuestions(of('mikrogeophagus-ramirezi')).join(' ')).toMatch(
      /How long have the ram cichlids been here.*What is their water.*take them back/,
    ));
});

describe('steps', () => {
  it('of a release and of a move are all sentences, and name whom they are about', () => {
    const { steps } = releaseSheet(
      [{ profile: of('pimelodus-pictus'), count: 1 }],
      [of('labidochromis-caeruleus')],
      10,
    );
    const said = steps.map((step) => sayRelease(step, words));
    for (const sentence of said) expect(sentence).toMatch(/^[A-Z].*\.$/);
    expect(said).toContain(
      'Pictus catfish have spines or a sting: use a container, never bare hands or a net.',
    );
    expect(said.join(' ')).toContain('check the species: 1 pictus catfish.');
    for (const step of MOVING_STEPS) expect(sayMove(step)).toMatch(/^[A-Z].*\.$/);
  });
});

describe('waves', () => {
  it.each([
    [{ says: 'too soon', days: 6, gap: 14 }, 'Only 6 days after the last wave; leave 2 weeks.'],
    [{ says: 'apart', keys: ['a', 'b'] }, 'A and B cannot share quarantine.'],
    [{ says: 'short quarantine', days: 14, of: 28 }, '14 of 28 days in quarantine.'],
    [{ says: 'lane too small', lane: 'Quay' }, 'Quay is too small.'],
  ] as const)('%o', (fact, sentence) => expect(sayWave(fact, (key) => key.toUpperCase())).toBe(sentence));
});

describe('acclimation', () => {
  const water = (tdsPpm: number | null) => ({ temperatureC: 25, tdsPpm, ph: null });
  const asked = { bag: water(200), tank: water(200), hoursInBag: 1, bagLitres: 2, sensitive: false };
  it('says why, and what is recommended where the keeper goes another way', () => {
    expect(sayAcclimation(acclimation(asked))).toBe(
      'The two waters are alike: match the temperature and release.',
    );
    expect(sayAcclimation(acclimation(asked, 'slow drip'))).toMatch(
      /^Recommended: temperature only\. The two/,
    );
    expect(sayAcclimation(acclimation({ ...asked, bag: water(null) }))).toBe(
      'TDS not measured: two rounds to be safe.',
    );
    expect(sayAcclimation(acclimation({ ...asked, hoursInBag: 30 }))).toMatch(/^30 hours in the bag/);
  });
});

describe('the probe', () => {
  it('tells temperatures in the keeper’s degrees', () => {
    expect(sayWarmth({ says: 'off', temperatureC: 22, targetC: 25 }, words)).toBe(
      '22 °C instead of 25 °C: check the heater now.',
    );
    expect(sayWarmth({ says: 'falling', fromC: 25, toC: 24 }, us)).toBe(
      'The temperature fell from 77 °F to 75.2 °F in an hour: is the heater on?',
    );
  });
});

describe('what is due', () => {
  it.each([
    [{ says: 'look', hours: 48 }, 'Check the newcomers, 2 days after release.'],
    [{ says: 'change', fraction: 0.4, lastDays: 1 }, 'Change 40% of the water (last 1 day ago).'],
    [{ says: 'count', lastDays: null, species: ['paracheirodon-innesi'] }, 'Count the neon tetras.'],
    [
      { says: 'leaves', species: 'chromobotia-macracanthus', count: 5, until: '2027-06-30', nextTank: '' },
      '5 clown loaches leave by 30 Jun 2027; no next tank.',
    ],
    [{ says: 'new home', count: 1, sinceDays: 3 }, '1 fish needs a new home (decided 3 days ago).'],
    [{ says: 'claim', from: 'Pier', about: 'two dead' }, 'Pier has not answered: two dead.'],
  ] as const)('%o', (fact, sentence) => {
    jest.useFakeTimers({ now: new Date('2026-11-28T12:00:00Z') });
    expect(sayDue(fact, words)).toBe(sentence);
    jest.useRealTimers();
  });
  it('is so many days overdue, today or in so many days', () =>
    expect([2, 1, 0, -1, -3].map(sayLateness)).toEqual([
      '2 days overdue',
      '1 day overdue',
      'Today',
      'In 1 day',
      'In 3 days',
    ]));
  it('names the tanks whose filter is unproven', () => {
    expect(saySpare({ says: 'unproven', tanks: ['Quay'] })).toBe('Quay is free, but its filter is unproven.');
    expect(saySpare({ says: 'none' })).toContain('No spare tank is free');
  });
});

describe('days', () => {
  const now = Date.parse('2026-11-28T12:00:00Z');
  it('have a year where it is not this one', () => {
    expect(dayName('2026-11-24', now)).toBe('24 Nov');
    expect(dayName('2025-03-02', now)).toBe('2 Mar 2025');
    expect(dayName('2027-01-02', now)).toBe('2 Jan 2027');
  });
});
