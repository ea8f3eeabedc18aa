import { catalogue } from '@/testing/plans';
import type { ResidentId, TankId } from '../kernel/schema/ids';
import { describeEvent } from './describeEvent';
import { residentsOfEvent, tankOfEvent } from '../events/events';
import type { Dated, Member } from '../events/events';

const tank = 'T' as TankId;
const who = (id: string): ResidentId => id as ResidentId;
const member = (id: string): Member => ({
  id: who(id),
  name: id,
  count: 1,
  individual: true,
  sex: 'unknown',
  males: null,
  females: null,
});
const came = (members: Member[]): Dated => ({
  type: 'came',
  on: '2026-03-01T10:00',
  tank,
  species: 'paracheirodon-innesi',
  members,
  lengthCm: 2,
  origin: 'tank-bred',
  from: 'a club',
  note: '',
});

describe('describeEvent', () => {
  const names = { catalogue, tank: (id: string) => `tank ${id}`, resident: (id: string) => id.toUpperCase() };
  const say = (event: Dated): string => describeEvent(event, names);
  it.each<[Dated, string]>([
    [came([member('a'), member('b')]), '2 neon tetras (a, b) came to tank T, 2 cm, from a club.'],
    [
      {
        type: 'chased',
        on: '',
        tank,
        watch: '',
        winner: who('a'),
        loser: who('b'),
        what: 'bite',
        place: 'left',
      },
      'A bit B (left).',
    ],
    [
      {
        type: 'rehomed',
        on: '',
        resident: who('a'),
        count: 2,
        reason: 'too rough',
        taker: 'a neighbour',
        credit: 'moss',
        note: 'Calm there',
      },
      '2 of A rehomed to a neighbour: too rough. For moss. Calm there.',
    ],
    [
      { type: 'died', on: '', resident: who('a'), count: 1, how: 'missing', cause: '', note: '' },
      'A missing, taken for dead.',
    ],
    [{ type: 'watched', on: '', tank, minutes: 12.34, note: '' }, 'Watched tank T for 12.3 minutes.'],
    [
      { type: 'counted', on: '', tank, species: 'paracheirodon-innesi', seen: 9, note: '' },
      'Counted 9 neon tetras in tank T.',
    ],
    [
      {
        type: 'sexed',
        on: '',
        resident: who('g'),
        sex: 'unknown',
        sure: 'sure',
        males: 2,
        females: 3,
        note: '',
      },
      'G sexed: 2 male, 3 female, sure.',
    ],
    [{ type: 'noted', on: '', tank: null, text: 'Quiet day.' }, 'Quiet day.'],
  ])('%#', (event, text) => expect(say(event)).toBe(text));
  it('knows whom and where an event speaks of', () => {
    expect(residentsOfEvent(came([member('a'), member('b')]))).toEqual(['a', 'b']);
    expect(tankOfEvent({ type: 'noted', on: '', tank: null, text: 'x' })).toBeNull();
    expect(tankOfEvent({ type: 'watched', on: '', tank, minutes: 1, note: '' })).toBe('T');
  });
});
