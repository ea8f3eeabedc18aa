import { SHIPPED_SPECIES } from '../index';
import { METRIC, quantitiesIn } from '@/words/en/quantities';
import { cellsIn, speciesField } from '@/words/en/speciesFields';
import { changesBetween as between } from './changes';

const neon = SHIPPED_SPECIES.find(({ id }) => id === 'paracheirodon-innesi')!;

const changesBetween = (before: Parameters<typeof between>[0], after: Parameters<typeof between>[1]) =>
  between(before, after, { cells: cellsIn(quantitiesIn(METRIC)), field: speciesField });

describe('changes of the catalogue', () => {
  it('are told as a keeper reads them, old beside new', () => {
    const warmer = {
      ...neon,
      water: {
        ...neon.water,
        tankBred: { ...neon.water.tankBred, temperatureC: [20, 31] as [number, number] },
      },
    };
    expect(changesBetween([neon], [warmer])).toEqual([
      'neon tetra (paracheirodon-innesi): Tank-bred: temperature: 20 to 26 °C → 20 to 31 °C',
    ]);
  });
  it('name entries that came and went', () => {
    expect(changesBetween([], [neon])).toEqual(['new: neon tetra (paracheirodon-innesi)']);
    expect(changesBetween([neon], [])).toEqual(['gone: neon tetra (paracheirodon-innesi)']);
    expect(changesBetween([neon], [neon])).toEqual([]);
  });
});
