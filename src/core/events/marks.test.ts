import { cameOf, happened, memberOf } from '@/testing/happened';
import { applyEvent } from './events';
import { inOrder } from './inOrder';
import { marksOf } from './marks';
import { EMPTY_ROOM, residentsOf } from './room';

const unnamed = (id: string) => ({ ...memberOf(id), name: '' });
const roomAfter = (...happenings: Parameters<typeof applyEvent>[1][]) =>
  happenings.reduce(applyEvent, EMPTY_ROOM);
const kindOf = () => 'lab';

describe('how fish are called', () => {
  const first = cameOf('2026-02-01T12:00:00.000Z', [
    { ...memberOf('a'), name: 'No. 1' },
    { ...memberOf('b'), name: 'No. 2' },
    { ...memberOf('c'), name: 'Torn' },
  ]);
  const second = cameOf('2026-03-01T12:00:00.000Z', [
    { ...memberOf('d'), name: 'No. 1' },
    unnamed('e'),
    { ...memberOf('f'), name: 'torn' },
    { ...unnamed('g'), individual: false, count: 6 },
  ]);
  const died = happened({
    type: 'died',
    on: '2026-03-02T12:00:00.000Z',
    resident: 'a',
    count: 1,
    how: 'found',
    cause: '',
    incident: '',
  });
  it('is alike for no two of a room, whenever they came', () => {
    const marks = marksOf(roomAfter(first, second), kindOf);
    expect(new Set(marks.values()).size).toBe(7);
    expect(['a', 'b', 'd', 'e'].map((id) => marks.get(id))).toEqual(['lab 1', 'lab 2', 'lab 4', 'lab 5']);
    expect([marks.get('c'), marks.get('f')]).toEqual(['Torn', 'torn 2']);
    expect(marks.get('g')).toBe('the lab group');
  });
  it('stays with a fish when another leaves or is named', () => {
    const named = happened({ type: 'named', on: '2026-03-03T12:00:00.000Z', resident: 'b', name: 'Ink' });
    expect(marksOf(roomAfter(first, second, named), kindOf).get('e')).toBe('lab 5');
    expect(marksOf(roomAfter(first, second, died), kindOf)).toEqual(
      marksOf(roomAfter(first, second), kindOf),
    );
  });
});

describe('the order of a list', () => {
  it('has numbers in their order: 2 before 10', () => {
    const names = ['lab 10', 'lab 1', 'lab 2', 'Ada'];
    const room = roomAfter(
      cameOf(
        '2026-02-01T12:00:00.000Z',
        names.map((name, i) => ({ ...memberOf(`x${i}`), name })),
      ),
    );
    expect(residentsOf(room, 'T').map(({ name }) => name)).toEqual(['Ada', 'lab 1', 'lab 2', 'lab 10']);
    expect(inOrder([])).toEqual([]);
  });
});
