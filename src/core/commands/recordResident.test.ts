import type { Resident } from '@/core/events/room';
import type { Expected } from '@/core/kernel/schema/expected';
import type { EntryId, ResidentId, TankId } from '@/core/kernel/schema/ids';
import { recordResident, type RecordInput, type RecordKind } from './recordResident';

const group = {
  id: 'g' as ResidentId,
  tank: 'T' as TankId,
  species: 'paracheirodon-innesi',
  count: 8,
} as Resident;
const said = (kind: RecordKind, fields: Partial<RecordInput> = {}) =>
  recordResident(kind, group, { text: '', ...fields }, { id: () => 'fresh' as EntryId });

describe('what is recorded about one that lives here', () => {
  it.each<[RecordKind, Partial<RecordInput>, keyof RecordInput, Expected]>([
    ['moved', {}, 'tank', { is: 'filled' }],
    ['measured', {}, 'lengthCm', { is: 'filled' }],
    ['sexed', {}, 'sex', { is: 'filled' }],
    ['named', {}, 'text', { is: 'filled' }],
    ['split off', { count: 9, text: 'Brim' }, 'count', { is: 'whole', from: 1, to: 8 }],
    ['split off', { text: 'Brim' }, 'count', { is: 'whole', from: 1, to: 8 }],
    ['split off', { count: 2 }, 'text', { is: 'filled' }],
    ['identified', {}, 'species', { is: 'filled' }],
    ['paired', {}, 'partner', { is: 'filled' }],
    ['fry seen', {}, 'count', { is: 'whole', from: 1, to: null }],
    ['young kept', {}, 'count', { is: 'whole', from: 1, to: null }],
  ])('asks for what is missing: %s, %o', (kind, fields, path, expected) =>
    expect(said(kind, fields)).toMatchObject({ path, expected }),
  );
  it('keeps the end of a home for a time, and no end when none was set', () => {
    expect(said('moved', { tank: 'U' as TankId, until: '2026-12-24' })).toMatchObject({
      tank: 'U',
      until: '2026-12-24',
    });
    expect(said('moved', { tank: 'U' as TankId })).not.toHaveProperty('until');
  });
  it('makes a fish of one that is split off, and a group of more', () => {
    expect(said('split off', { count: 1, text: 'Brim' })).toMatchObject({
      into: [{ name: 'Brim', count: 1, individual: true }],
    });
    expect(said('split off', { count: 8, text: 'Rest' })).toMatchObject({
      into: [{ name: 'Rest', count: 8, individual: false }],
    });
  });
  it('keeps young as a group, even a single one', () =>
    expect(said('young kept', { count: 1 })).toMatchObject({
      type: 'born',
      tank: 'T',
      species: 'paracheirodon-innesi',
      member: { count: 1, individual: false, sex: 'unknown' },
    }));
});
