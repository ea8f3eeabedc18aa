import { cameOf, happened, memberOf } from '@/testing/happened';
import { catalogue } from '@/testing/plans';
import { lengthAfterMonths } from '../growth';
import { growthScores } from './growthScores';

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
});
