import type { Resident } from '@/core/events';
import type { Change } from '@/core/gate';
import type { TankId } from '@/core/kernel';
import { counter } from './tabs';

/** What commands write, for tests that hold it against the letter: one moment, two tanks, identifiers s1, s2 and so on. */
export const ON = '2027-06-01T12:00:00.000Z';
export const [T, U] = ['T', 'U'] as unknown as [TankId, TankId];
export const stamp = () => counter('s', ON);

/** The entries of changes as they are written, without what all bear: identifier and moment of writing. */
export const entriesOf = (changes: readonly Change[]): readonly object[] =>
  changes.flatMap((change) => {
    if (change.kind !== 'append') return [];
    const { id: _id, recorded: _recorded, ...entry } = change.entry;
    return [entry];
  });

/** A group of six in tank T. */
export const resident = (id: string, more: object = {}): Resident =>
  ({
    id,
    name: id,
    tank: T,
    species: 'danio-rerio',
    count: 6,
    individual: false,
    sex: 'unknown',
    males: null,
    females: null,
    ...more,
  }) as unknown as Resident;

/** A chase at the left by which "a" beats "b". */
export const CHASE = {
  type: 'chased',
  on: ON,
  tank: 'T',
  watch: 'w',
  winner: 'a',
  loser: 'b',
  what: 'chase',
  place: 'left',
} as const;
