import type { Resident } from '@/core/events';
import type { ResidentId } from '@/core/kernel';
import { isOneOfMany, keysOf, padOf } from './padOf';

const fish = (id: string, more: Partial<Resident> = {}): Resident =>
  ({
    id: id as ResidentId,
    species: 'lab',
    name: id,
    count: 1,
    individual: true,
    sex: 'unknown',
    ...more,
  }) as Resident;
const many = (n: number, name: (i: number) => string, species = 'lab') =>
  Array.from({ length: n }, (_, i) => fish(`${species}${i}`, { name: name(i), species }));

describe('the buttons of a tank', () => {
  it('are one a named fish, and one for all that nobody tells apart', () => {
    const pad = padOf([...many(6, () => ''), fish('Sol')], [], null);
    expect(pad.others.map(({ id, of }) => [id, of])).toEqual([
      ['Sol', 1],
      ['some-unknown-lab', 6],
    ]);
    expect(pad.species).toEqual([{ id: 'lab', heads: 7 }]);
  });
  it('put each of a species apart when it is opened, with a male, a female and one of them besides', () => {
    const pad = padOf([...many(2, () => ''), ...many(3, (i) => `z${i}`, 'zebra')], [], 'lab');
    expect(pad.others.map(({ id }) => id)).toEqual([
      'lab0',
      'lab1',
      'some-unknown-lab',
      'some-male-lab',
      'some-female-lab',
    ]);
  });
  it('fit forty fish of which half have no name, those active lately first', () => {
    const residents = [
      ...many(20, (i) => `n${i}`, 'zebra'),
      ...many(10, () => '', 'lab'),
      ...many(10, (i) => `No. ${i + 1}`, 'rusty'),
    ];
    const pad = padOf(residents, ['some-unknown-lab', 'zebra7', 'gone', 'zebra2'], null);
    expect(pad.active.map(({ id }) => id)).toEqual(['some-unknown-lab', 'zebra7', 'zebra2']);
    expect(pad.others).toHaveLength(22 - 3);
  });
  it('say "one of them" once where a species is one group', () => {
    const shoal = fish('g', { individual: false, count: 7 });
    expect(padOf([shoal], [], 'lab').others.map(({ id }) => id)).toEqual([
      'g',
      'some-male-lab',
      'some-female-lab',
    ]);
  });
  it('put nobody first where all are in sight anyway', () =>
    expect(
      padOf(
        many(4, (i) => `n${i}`),
        ['lab1'],
        null,
      ).active,
    ).toEqual([]));
});

describe('the number keys', () => {
  const residents = [
    ...many(3, (i) => `n${i}`),
    ...many(12, () => '', 'rusty'),
    ...many(10, (i) => `z${i}`, 'zebra'),
  ];
  const keys = (lately: readonly string[], opened: string | null) =>
    keysOf(residents, padOf(residents, lately, opened), opened);
  it('press what the buttons show: look-alikes have one key, not one each', () => {
    expect([...keys([], null).values()].slice(0, 5)).toEqual([
      'lab0',
      'lab1',
      'lab2',
      'some-unknown-rusty',
      'zebra0',
    ]);
  });
  it('stay with their fish when others were active lately', () =>
    expect(keys(['zebra7', 'lab2'], null)).toEqual(keys([], null)));
  it('are those of the opened species when one is opened', () =>
    expect([...keys([], 'lab').values()]).toEqual([
      'lab0',
      'lab1',
      'lab2',
      'some-unknown-lab',
      'some-male-lab',
      'some-female-lab',
    ]));
});

describe('a second press of the same', () => {
  it('means another of them for a group and for look-alikes, and takes the choice back for a fish', () => {
    const residents = [
      fish('a'),
      fish('g', { individual: false, count: 4 }),
      fish('h', { individual: false }),
    ];
    const isMany = (id: string) => isOneOfMany(id as ResidentId, residents);
    expect(['a', 'g', 'h', 'some-male-lab'].map(isMany)).toEqual([false, true, false, true]);
  });
});
