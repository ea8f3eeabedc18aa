import type { Resident } from '@/core/events/room';
import type { EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { NO_FIELDS, recordResident, type RecordFields, type RecordKind } from './recordResident';

const group = {
  id: 'g' as ResidentId,
  tank: 'T' as TankId,
  species: 'paracheirodon-innesi',
  count: 8,
} as Resident;
const said = (kind: RecordKind, fields: Partial<RecordFields> = {}) =>
  recordResident(kind, group, { ...NO_FIELDS, ...fields }, { id: () => 'fresh' as EntryId });

describe('what is recorded about one that lives here', () => {
  it.each<[RecordKind, Partial<RecordFields>, RegExp]>([
    ['moved', {}, /tank/],
    ['measured', { number: '' }, /above 0/],
    ['measured', { number: '-3' }, /above 0/],
    ['measured', { number: '401' }, /above 0/],
    ['measured', { number: 'long' }, /above 0/],
    ['sexed', {}, /sex/],
    ['named', { text: '  ' }, /name/],
    ['split off', { number: '9', text: 'Brim' }, /1 to 8/],
    ['split off', { number: '2.5', text: 'Brim' }, /1 to 8/],
    ['split off', { number: '2', text: '' }, /name/],
    ['identified anew', {}, /species/],
    ['paired', {}, /partner/],
    ['fry seen', { number: '0' }, /whole number/],
    ['young kept', { number: '10001' }, /whole number/],
  ])('asks for what is missing: %s, %o', (kind, fields, words) => {
    const answer = said(kind, fields);
    expect(typeof answer).toBe('string');
    expect(answer).toMatch(words);
  });
  it('reads a length with a comma', () =>
    expect(said('measured', { number: '3,5' })).toEqual({ type: 'measured', resident: 'g', lengthCm: 3.5 }));
  it('keeps the end of a home for a time, and no end when none was set', () => {
    expect(said('moved', { choice: 'U', until: '2026-12-24' })).toMatchObject({
      tank: 'U',
      until: '2026-12-24',
    });
    expect(said('moved', { choice: 'U' })).not.toHaveProperty('until');
  });
  it('makes a fish of one that is split off, and a group of more', () => {
    expect(said('split off', { number: '1', text: ' Brim ' })).toMatchObject({
      into: [{ name: 'Brim', count: 1, individual: true }],
    });
    expect(said('split off', { number: '8', text: 'Rest' })).toMatchObject({
      into: [{ name: 'Rest', count: 8, individual: false }],
    });
  });
  it('keeps young as a group, even a single one', () =>
    expect(said('young kept', { number: '1' })).toMatchObject({
      type: 'born',
      tank: 'T',
      species: 'paracheirodon-innesi',
      member: { count: 1, individual: false, sex: 'unknown' },
    }));
});
