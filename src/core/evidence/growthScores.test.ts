import { cameOf, happened, memberOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { lengthAfterMonths } from '../growth';
import { growthScores, ownMonthsToGrown } from './growthScores';

const measured = (on: string, resident: string, lengthCm: number) =>
  happened({ type: 'measured', on, resident, lengthCm });
const came = cameOf('2026-01-01T12:00:00.000Z', [memberOf('a'), memberOf('b')], { lengthCm: 3 });

describe('growth as it was forecast and as it was', () => {
  it('is told of the last length of each animal, from its first', () => {
    const scores = growthScores(
      [
        came,
        measured('2026-02-01T12:00:00.000Z', 'a', 3.4),
        measured('2026-07-01T12:00:00.000Z', 'a', 5),
        measured('2026-09-01T12:00:00.000Z', 'a', 6),
        measured('2026-02-15T12:00:00.000Z', 'b', 3.5),
        measured('2026-09-01T12:00:00.000Z', 'nobody', 6),
      ],
      catalogue,
    );
    expect(scores).toEqual([
      {
        resident: 'a',
        species: 'labidochromis-caeruleus',
        on: '2026-09-01T12:00:00.000Z',
        months: 8,
        firstCm: 3,
        measuredCm: 6,
        expectedCm: lengthAfterMonths(catalogue.byId.get('labidochromis-caeruleus')!, 3, 243 / 30.44),
      },
    ]);
  });
  it('is not told of a species that the catalogue lacks', () =>
    expect(
      growthScores(
        [
          cameOf('2026-01-01T12:00:00.000Z', [memberOf('a')], { species: 'gone' }),
          measured('2026-09-01T12:00:00.000Z', 'a', 6),
        ],
        catalogue,
      ),
    ).toEqual([]));

  it('gives the months to grown of this room: the forecast by them is what was measured', () => {
    const profile = catalogue.byId.get('labidochromis-caeruleus')!;
    const of = (...lengths: readonly (readonly [id: string, cm: number])[]) =>
      growthScores(
        [came, ...lengths.map(([id, cm]) => measured('2026-09-01T12:00:00.000Z', id, cm))],
        catalogue,
      );
    const { months, fish } = ownMonthsToGrown(profile, of(['a', 5]))!;
    expect(fish).toBe(1);
    const own = { ...profile, size: { ...profile.size, monthsToGrown: months } };
    expect(lengthAfterMonths(own, 3, 8)).toBeCloseTo(5, 1);
    // Slower than that: more months. Of two the middle one is the quicker.
    expect(ownMonthsToGrown(profile, of(['a', 4]))!.months).toBeGreaterThan(months);
    expect(ownMonthsToGrown(profile, of(['a', 4], ['b', 5]))).toEqual({ months, fish: 2 });
    expect(ownMonthsToGrown(profile, of(['a', 3]))).toBeNull();
    expect(ownMonthsToGrown(profile, of(['a', 40]))).toBeNull();
    expect(ownMonthsToGrown({ ...profile, id: 'else' }, of(['a', 5]))).toBeNull();
    // Hardly any growth in eight months is no figure.
    expect(ownMonthsToGrown(profile, of(['a', 3.01]))).toBeNull();
  });
});
