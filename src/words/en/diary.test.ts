import { catalogue } from '@/testing/plans';
import { happened, memberOf } from '@/testing/happened';
import { METRIC, US } from './quantities';
import { sayEvent } from './diary';
import { wordsFor } from './words';

const names = { tank: () => 'Holm', resident: (id: string) => id };
const on = '2026-03-01T10:00:00.000Z';
const sayIn = (units: typeof METRIC) => (event: Parameters<typeof happened>[0]) =>
  sayEvent(happened(event), names, wordsFor(catalogue, units));
const say = sayIn(METRIC);
const us = sayIn(US);

describe('lines of the diary', () => {
  it.each([
    ['flare', 'Amber flared at Inky.'],
    ['chase', 'Amber chased Inky.'],
    ['nip', 'Amber nipped Inky.'],
    ['lock', 'Amber jaw-locked and beat Inky.'],
    ['ram', 'Amber rammed Inky.'],
    ['pin', 'Amber pinned Inky.'],
    ['guard', 'Amber drove off Inky.'],
    ['bite', 'Amber bit Inky.'],
    ['evict', 'Amber evicted Inky.'],
  ])('say of a %s what it was', (what, sentence) =>
    expect(say({ type: 'chased', on, winner: 'Amber', loser: 'Inky', what, place: '', watch: '' })).toBe(
      sentence,
    ),
  );
  it('say how bad a contest was, where, and what set it off', () => {
    const contest = { type: 'chased', on, winner: 'Amber', loser: 'Inky', what: 'ram', watch: '' } as const;
    expect(say({ ...contest, place: 'right, bottom', bad: 3, trigger: 'feeding' })).toBe(
      'Amber rammed Inky, injury (right, bottom; feeding).',
    );
    expect(say({ ...contest, place: '', bad: 1, trigger: 'none seen' })).toBe('Amber rammed Inky, mild.');
  });
  it('say of a contest that neither won what the two did', () => {
    const lock = { type: 'chased', on, winner: 'Amber', loser: 'Inky', watch: '', undecided: true } as const;
    expect(say({ ...lock, what: 'lock', place: 'left' })).toBe(
      'Amber and Inky locked jaws, undecided (left).',
    );
    expect(say({ ...lock, what: 'standoff', place: '' })).toBe('Amber and Inky faced off, undecided.');
    expect(say({ ...lock, what: 'chase', place: '' })).toBe('Amber chased Inky, undecided.');
    expect(say({ ...lock, what: 'lock', place: '', loser: 'Amber' })).toBe(
      'One of Amber and another locked jaws, undecided.',
    );
    expect(say({ ...lock, what: 'nip', place: '', loser: 'Amber', undecided: false })).toBe(
      'One of Amber nipped another.',
    );
  });
  it.each([
    ['holds ground', 'Amber held a territory (left). Note.'],
    ['torn', 'Amber had torn fins (left). Note.'],
    ['not eating', 'Amber did not eat (left). Note.'],
    ['paired', 'Amber had a partner (left). Note.'],
    ['spots or film', 'Amber had spots or film (left). Note.'],
  ])('say of a fish that it %s', (what, sentence) =>
    expect(say({ type: 'saw', on, resident: 'Amber', what, place: 'left', note: 'Note' })).toBe(sentence),
  );
  it('say of a fish that nobody saw nearer where it was', () =>
    expect(say({ type: 'saw', on, resident: null, what: 'flashing', place: '' })).toBe(
      'A fish in Holm flashed.',
    ));
  it('tell an arrival in the keeper’s units, with what was ordered and dead, and that nobody was kept apart', () => {
    const came = {
      type: 'came',
      on,
      species: 'paracheirodon-innesi',
      members: [memberOf('shoal', 8)],
      lengthCm: 2,
      origin: 'tank-bred',
      from: 'Pier',
      ordered: 10,
      deadOnArrival: 2,
      quarantine: 'none',
    } as const;
    expect(say(came)).toBe(
      '8 neon tetras (shoal) arrived in Holm from Pier, 2 cm; 10 ordered; 2 dead on arrival; no quarantine.',
    );
    expect(us({ ...came, ordered: 8, deadOnArrival: 0, quarantine: 'done' })).toBe(
      '8 neon tetras (shoal) arrived in Holm from Pier, 0.79 in.',
    );
  });
  it.each<[Parameters<typeof happened>[0], string]>([
    [
      { type: 'looked', on, hours: 24, seen: 8, signs: ['eating'] },
      'Checked the newcomers in Holm after 24 hours: 8 seen, eating.',
    ],
    [{ type: 'treated', on, what: 'a remedy' }, 'Treated Holm: a remedy.'],
    [{ type: 'quarantine', on, what: 'begun', days: 28 }, 'Holm quarantine started, 28 days.'],
    [{ type: 'quarantine', on, what: 'given up' }, 'Holm quarantine cancelled.'],
    [{ type: 'claimed', on, from: 'Pier', about: 'two dead', outcome: '' }, 'Claim with Pier: two dead.'],
    [
      { type: 'claimed', on, from: 'Pier', about: 'two dead', outcome: 'credit' },
      'Claim with Pier: two dead; settled: credit.',
    ],
    [
      { type: 'recounted', on, resident: 'Harlequins', count: 9, why: 'born here' },
      'Corrected Harlequins to 9: born here.',
    ],
    [
      { type: 'stepped-in', on, step: 'boss set aside', who: 'Amber' },
      'Intervention in Holm: dominant fish removed (Amber).',
    ],
    [{ type: 'watched', on, minutes: 1 }, 'Watched Holm for 1 minute.'],
    [
      { type: 'to-go', on, resident: 'Ochre', count: 1, reason: 'too rough', taker: '' },
      'Decided to rehome Ochre: too aggressive.',
    ],
    [
      { type: 'to-go', on, resident: 'Ochre', count: 0, reason: 'other', taker: '' },
      'Decided to keep Ochre.',
    ],
    [
      {
        type: 'rehomed',
        on,
        resident: 'Ochre',
        count: 2,
        reason: 'bullied',
        taker: 'Maren',
        credit: 'plants',
      },
      'Rehomed 2 of Ochre to Maren: bullied, for plants.',
    ],
    [
      { type: 'died', on, resident: 'Soot', count: 1, how: 'put down', cause: 'bloat' },
      'Soot euthanised: bloat.',
    ],
    [
      {
        type: 'water-changed',
        on,
        fraction: 0.4,
        checked: ['dechlorinated', 'heater on again', 'lid closed'],
      },
      'Changed 40% of the water in Holm; not ticked: temperature matched.',
    ],
    [{ type: 'filter', on, what: 'dosed', doseMgL: 2 }, 'Holm filter dosed (2 mg/L ammonia).'],
    [{ type: 'noted', on, text: 'Quiet day.' }, 'Quiet day.'],
  ])('%#', (event, sentence) => expect(say(event)).toBe(sentence));
  it('give readings in the keeper’s units', () => {
    const test = { type: 'tested', on, temperatureC: 25, ph: 6.8, ghDh: 5, nitrateMgL: 18 } as const;
    expect(say(test)).toBe('Tested Holm: 25 °C, pH 6.8, nitrate 18 mg/L, GH 5 °dH.');
    expect(us(test)).toMatch(/^Tested Holm: 77 °F, pH 6\.8, nitrate 18 ppm, GH 89 ppm\.$/);
  });
});
