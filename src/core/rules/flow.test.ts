import { findingsAmong, listed, madeUp } from '@/testing/madeUp';
import type { Place } from './context';
import { flow } from './flow';
import type { SpeciesProfile } from '../model';

type Flow = SpeciesProfile['water']['flow'];
const of = (id: string, flow: Flow): SpeciesProfile =>
  madeUp('paracheirodon-innesi', id, { water: { flow } });

/** A box of 100 litres and more with a filter of so many litres an hour, or one that nobody named. */
const found = (species: readonly SpeciesProfile[], filterLph?: number) =>
  findingsAmong(
    'flow',
    species,
    species.map(({ id }) => ({ species: id, count: 6 })),
    { lengthCm: 100, widthCm: 40, heightCm: 30, ...(filterLph === undefined ? {} : { filterLph }) },
  );

describe('a fish in the current of the filter', () => {
  it.each<[Flow, number, string | null, string | null]>([
    ['strong', 300, 'caution', 'home/weak current'],
    ['strong', 2000, null, null],
    ['moderate', 100, 'note', 'home/weak current'],
    ['moderate', 600, null, null],
    ['moderate', 20_000, null, null],
    ['gentle', 50, null, null],
    ['gentle', 900, null, null],
    ['gentle', 3000, 'note', 'home/strong current'],
    ['still', 10, null, null],
    ['still', 400, null, null],
    ['still', 1500, 'note', 'home/strong current'],
  ])('of %s water, a filter of %d L/h', (flow, filterLph, severity, says) => {
    const [finding, ...none] = found([of('fish', flow)], filterLph);
    expect(none).toEqual([]);
    expect([finding?.severity ?? null, finding?.fact.says ?? null]).toEqual([severity, says]);
  });
  it.each<[Flow, number, readonly string[]]>([
    ['strong', 6, []],
    ['moderate', 2, []],
    ['gentle', 12, []],
    ['still', 6, []],
    ['strong', 5.9, ['home/weak current']],
    ['moderate', 1.9, ['home/weak current']],
    ['gentle', 12.1, ['home/strong current']],
    ['still', 6.1, ['home/strong current']],
  ])('of %s water, %d turnovers an hour', (kind, turnoverPerHour, says) => {
    const tank = { assumed: new Set(), figures: { turnoverPerHour } };
    const told = flow.ofOne!(listed(of('fish', kind)), { tank } as unknown as Place);
    expect(told.map(({ fact }) => fact.says)).toEqual(says);
  });
  it('is said whole', () => {
    expect(found([of('fish', 'strong')], 300)).toEqual([
      expect.objectContaining({
        species: ['fish'],
        fact: { says: 'home/weak current', strong: true },
        because: { flow: 'strong', turnoverPerHour: expect.any(Number) as number, needs: 6 },
        fixes: [{ advice: { does: 'circulation pump' } }],
        source: 'common practice; figures from memory',
      }),
    ]);
    expect(found([of('fish', 'moderate')], 100)[0]?.fact).toEqual({
      says: 'home/weak current',
      strong: false,
    });
    expect(found([of('fish', 'still')], 1500)[0]).toMatchObject({
      because: { flow: 'still', needs: 0 },
      fixes: [{ advice: { does: 'calm outflow' } }],
    });
  });
  it('is not judged where nobody named the filter', () => expect(found([of('fish', 'strong')])).toEqual([]));
});

describe('fish of strong currents', () => {
  it('have no place beside fish of still water: said whole', () =>
    expect(found([of('brook', 'strong'), of('pool', 'still')])).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['brook', 'pool'],
        fact: { says: 'pair/currents' },
        because: { needs: 'strong', other: 'still' },
        fixes: [
          { edit: { kind: 'leave-out', species: 'brook', count: 6 } },
          { edit: { kind: 'leave-out', species: 'pool', count: 6 } },
        ],
      }),
    ]));
  it.each<[Flow, Flow]>([
    ['strong', 'gentle'],
    ['moderate', 'still'],
    ['strong', 'strong'],
  ])('%s beside %s is no opposite', (one, other) =>
    expect(found([of('brook', one), of('pool', other)])).toEqual([]),
  );
});
