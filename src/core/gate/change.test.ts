import { cameAs, counter } from '@/testing/tabs';
import type { EntryId } from '../kernel';
import type { NewEntry } from '../events';
import { appendOf, correctionOf, datedOf } from './change';

const NOON = '2027-03-05T12:00:00.000Z';
const came = cameAs('shoal', NOON, 6);

describe('entries as changes', () => {
  it('have an identity and the moment of writing, and say without these what happened', () => {
    const change = appendOf(came, counter('e', NOON));
    expect(change).toEqual({ kind: 'append', entry: { ...came, id: 'e1', recorded: NOON } });
    const { entry } = change as { entry: NewEntry };
    expect(datedOf({ ...entry, zone: 'Europe/Oslo' })).toEqual(came);
  });
  it('that correct say what is true instead, and nothing of their own', () => {
    const change = correctionOf('e1' as EntryId, NOON, came, counter('c', NOON));
    expect(change).toEqual({
      kind: 'append',
      entry: { id: 'c1', recorded: NOON, type: 'corrected', on: NOON, target: 'e1', replacement: came },
    });
    expect(datedOf((change as { entry: NewEntry }).entry)).toBeNull();
  });
});
