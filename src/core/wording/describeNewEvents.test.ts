import { catalogue } from '@/testing/plans';
import { happened, memberOf } from '@/testing/happened';
import { describeEvent } from './describeEvent';
import { residentsOfEvent } from '../events/events';

const names = { catalogue, tank: () => 'Holm', resident: (id: string) => id };
const on = '2026-03-01T10:00:00.000Z';
const say = (event: Parameters<typeof happened>[0]): string => describeEvent(happened(event), names);

describe('what is seen, given and put right, as sentences', () => {
  it.each([
    ['flare', 'a flared at b.'],
    ['chase', 'a chased b.'],
    ['nip', 'a nipped b.'],
    ['lock', 'a locked jaws with and beat b.'],
    ['ram', 'a rammed b.'],
    ['pin', 'a pinned down b.'],
    ['guard', 'a kept off b.'],
    ['bite', 'a bit b.'],
    ['evict', 'a drove out b.'],
  ])('says of a %s what it was', (what, sentence) => {
    expect(say({ type: 'chased', on, winner: 'a', loser: 'b', what, place: '', watch: '' })).toBe(sentence);
  });
  it('says how bad a contest was, where, and what set it off', () => {
    const contest = { type: 'chased', on, winner: 'a', loser: 'b', what: 'ram', watch: '' } as const;
    expect(say({ ...contest, place: 'left, floor', bad: 3, trigger: 'feeding' })).toBe(
      'a rammed b to hurt (left, floor, feeding).',
    );
    expect(say({ ...contest, place: '', bad: 1, trigger: 'none seen' })).toBe('a rammed b in passing.');
  });
  it.each([
    ['holds ground', 'a holds ground (left, floor). Note.'],
    ['torn', 'a is torn (left, floor). Note.'],
    ['not eating', 'a does not eat (left, floor). Note.'],
    ['paired', 'a keeps to a partner (left, floor). Note.'],
    ['spots or film', 'a has spots or a film (left, floor). Note.'],
  ])('says of a fish that it %s', (what, sentence) => {
    expect(say({ type: 'saw', on, resident: 'a', what, place: 'left, floor', note: 'Note' })).toBe(sentence);
  });
  it('says of somebody in the tank what nobody saw nearer', () => {
    expect(say({ type: 'saw', on, resident: null, what: 'flashing', place: '' })).toBe(
      'Somebody in Holm flashes.',
    );
  });
  it('tells an arrival with what was ordered, what was dead, and that nobody was kept apart', () => {
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
      '8 neon tetras (shoal) came to Holm, 2 cm, from Pier. 10 were ordered. 2 dead on arrival. Not quarantined.',
    );
    expect(say({ ...came, ordered: 8, deadOnArrival: 0, quarantine: 'done' })).toBe(
      '8 neon tetras (shoal) came to Holm, 2 cm, from Pier.',
    );
  });
  it('tells looks, treatments, quarantines, claims, counts put right and steps', () => {
    expect(say({ type: 'looked', on, hours: 24, seen: 8, signs: ['eating', 'hiding'] })).toBe(
      'Looked at the newcomers in Holm after 24 h, 8 seen: eating, hiding.',
    );
    expect(say({ type: 'looked', on, hours: 2, seen: null, signs: [] })).toBe(
      'Looked at the newcomers in Holm after 2 h.',
    );
    expect(say({ type: 'treated', on, what: 'a remedy' })).toBe('Given to Holm: a remedy.');
    expect(say({ type: 'quarantine', on, what: 'begun', days: 28 })).toBe(
      'Quarantine in Holm begun, 28 days.',
    );
    expect(say({ type: 'quarantine', on, what: 'passed' })).toBe('Quarantine in Holm passed.');
    expect(say({ type: 'claimed', on, from: 'Pier', about: 'two dead', outcome: '' })).toBe(
      'Claim with Pier: two dead.',
    );
    expect(say({ type: 'claimed', on, from: 'Pier', about: 'two dead', outcome: 'credit' })).toBe(
      'Claim with Pier: two dead; settled: credit.',
    );
    expect(say({ type: 'recounted', on, resident: 'a', count: 9, why: 'born here' })).toBe(
      'a put right to 9: born here.',
    );
    expect(say({ type: 'stepped-in', on, step: 'boss set aside', who: 'a', until: '2026-03-09' })).toBe(
      'Step taken in Holm: boss set aside (a until 2026-03-09).',
    );
  });
  it('knows whom each speaks of', () => {
    const who = (event: Parameters<typeof happened>[0]) => residentsOfEvent(happened(event));
    expect(who({ type: 'saw', on, resident: 'a', what: 'torn', place: '' })).toEqual(['a']);
    expect(who({ type: 'saw', on, resident: null, what: 'torn', place: '' })).toEqual([]);
    expect(who({ type: 'recounted', on, resident: 'a', count: 1, why: 'lost unseen' })).toEqual(['a']);
    expect(who({ type: 'stepped-in', on, step: 'rehomed', who: 'a' })).toEqual(['a']);
    for (const type of ['looked', 'treated', 'quarantine', 'claimed'] as const)
      expect(who({ type, on, signs: [], what: 'begun', from: '', about: '', outcome: '' })).toEqual([]);
  });
});
