import { tankPut } from '@/testing/tabs';
import type { RoomDocument } from '../records';
import { documentWith, readClock, registersOfDocument } from './clocked';

const NOON = '2027-03-05T12:00:00.000Z';
const change = tankPut('T', 'Fen');
const tank = (change.kind === 'put' ? change.document : null) as RoomDocument;

describe('the registers of a document', () => {
  it('of one that nobody dated are older than all moments, and go by its revision', () => {
    const at = (rev: number) => registersOfDocument({ ...tank, rev }).get('name')?.at ?? '';
    expect(at(3)).toBe('0:0000000003');
    expect(at(3) < at(12)).toBe(true);
    expect(at(999_999_999) < NOON).toBe(true);
  });
  it('of one that was dated go by its clock', () => {
    const dated = { ...tank, clock: { at: { '': NOON } } } as RoomDocument;
    expect(registersOfDocument(dated).get('name')).toEqual({ at: NOON, value: 'Fen' });
  });
  it('show the same document again, removed or not', () => {
    const dated = { ...tank, clock: { at: { '': NOON } } } as RoomDocument;
    expect(documentWith(tank, registersOfDocument(dated), 4)).toMatchObject({
      id: 'T',
      kind: 'tank',
      rev: 4,
      body: tank.body,
    });
    const gone = { ...dated, body: null } as RoomDocument;
    expect(documentWith(tank, registersOfDocument(gone), 5).body).toBeNull();
  });
});

describe('a clock from foreign data', () => {
  it.each<[string, unknown]>([
    ['of moments', { at: { name: NOON, '': '0:0000000007' } }],
    ['of what was always there', { at: { '': '' } }],
    ['of nothing', { at: {} }],
    ['with what is hidden and what is gone', { at: {}, hidden: { a: 1 }, gone: ['a', 'b'] }],
  ])('%s is one', (_name, clock) => expect(readClock(clock)).toBe(clock));
  it.each<[string, unknown]>([
    ['nothing', null],
    ['nothing at all', undefined],
    ['a text', NOON],
    ['a list', [NOON]],
    ['without moments', { hidden: {} }],
    ['with a moment that is none', { at: { name: NOON, row: 'noon' } }],
    ['with a revision of another length', { at: { '': '0:7' } }],
    ['with letters for a revision', { at: { '': '0:abcdefghij' } }],
    ['with a list for a moment', { at: { '': [] } }],
    ['with a number for what is hidden', { at: {}, hidden: 7 }],
    ['with a list for what is hidden', { at: {}, hidden: [] }],
    ['with a text for what is gone', { at: {}, gone: 'a' }],
    ['with numbers among what is gone', { at: {}, gone: ['a', 7] }],
  ])('%s is none', (_name, clock) => expect(readClock(clock)).toBeUndefined());
});
