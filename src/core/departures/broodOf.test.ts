import type { Resident, Standing } from '../events';
import { happened } from '@/testing/happened';
import { broodOf } from './broodOf';

const on = (day: number): string => `2026-03-${String(day).padStart(2, '0')}T18:00:00.000Z`;
const kind = { tank: 'T', species: 'maylandia-estherae' };
const fish = { ...kind, id: 'a', individual: true } as unknown as Resident;
const spawned = (day: number, parents: string[], more = {}): Standing =>
  happened({ type: 'spawned', on: on(day), ...kind, parents, ...more });
const lost = (day: number, parents: string[]): Standing =>
  happened({ type: 'brood-lost', on: on(day), ...kind, parents, how: 'eaten' });

describe('whether a fish has a brood, as far as the record says', () => {
  it('has one from the spawning to the loss, and again after the next', () => {
    expect(broodOf([], fish)).toBe(false);
    expect(broodOf([spawned(1, ['a'])], fish)).toBe(true);
    expect(broodOf([spawned(1, ['a']), lost(4, ['a'])], fish)).toBe(false);
    expect(broodOf([spawned(1, ['a']), lost(4, ['a']), spawned(9, ['a'])], fish)).toBe(true);
  });
  it('has not that of another pair, another kind or another tank', () => {
    expect(broodOf([spawned(1, ['b'])], fish)).toBe(false);
    expect(broodOf([spawned(1, ['a'], { tank: 'U' })], fish)).toBe(false);
    expect(broodOf([spawned(1, [], { species: 'maylandia-lombardoi' })], fish)).toBe(false);
  });
  it('keeps its own when another pair loses theirs; one that nobody named may be its own', () => {
    expect(broodOf([spawned(1, ['a']), lost(2, ['b'])], fish)).toBe(true);
    expect(broodOf([spawned(1, ['a']), lost(2, [])], fish)).toBe(false);
  });
  it('counts neither the fry of others nor another fish on guard, nor other things seen', () => {
    const saw = (what: string, more = {}): Standing =>
      happened({ type: 'saw', on: on(2), tank: 'T', resident: 'a', what, place: '', ...more });
    const fry = (more: object): Standing => happened({ type: 'fry', on: on(2), ...kind, seen: 20, ...more });
    expect(broodOf([saw('fry')], fish)).toBe(true);
    for (const other of [
      saw('flashing'),
      saw('guarding', { resident: 'b' }),
      saw('guarding', { tank: 'U' }),
      fry({ tank: 'U' }),
      fry({ species: 'maylandia-lombardoi' }),
      happened({ type: 'measured', on: on(2), tank: 'T', resident: 'a', lengthCm: 4 }),
    ])
      expect(broodOf([other], fish)).toBe(false);
  });
  it('counts fry and a fish seen on guard', () => {
    expect(broodOf([happened({ type: 'fry', on: on(2), ...kind, seen: 20 })], fish)).toBe(true);
    expect(
      broodOf(
        [happened({ type: 'saw', on: on(2), tank: 'T', resident: 'a', what: 'guarding', place: '' })],
        fish,
      ),
    ).toBe(true);
  });
});
