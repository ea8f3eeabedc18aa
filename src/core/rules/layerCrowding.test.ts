import { listed, madeUp } from '@/testing/madeUp';
import type { Layer } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { layerCrowding } from './layerCrowding';
import { layerRoom } from './layerRoom';

/** A floor on which each layer offers room for one centimetre of fish. */
const ONE_CM = (3 * 12 * 2.54 * 2.54) / 2.54;
/** Fish of so many centimetres that live in one layer. */
const living = (layer: Layer, cm: number, id: string = layer): PlannedSpecies =>
  listed(madeUp('paracheirodon-innesi', id, { layers: { top: 0, middle: 0, bottom: 0, [layer]: 1 } }), {
    judgedCm: cm,
  });
const context = (planned: readonly PlannedSpecies[], focus: PlannedSpecies | null = null) =>
  ({ planned, focus, tank: { figures: { footprintCm2: ONE_CM } } }) as unknown as RuleContext;
const found = (...asked: Parameters<typeof context>) => layerCrowding.judge!(context(...asked));
const says = (...asked: Parameters<typeof context>) =>
  found(...asked).map(({ severity, fact, part }) => `${severity} ${fact.says} ${part}`);

describe('a layer', () => {
  it('is measured against a third of the surface rule', () =>
    expect(layerRoom(context([living('top', 5)]))).toEqual({ top: 5, middle: 0, bottom: 0 }));
  it('that is crowded is told whole', () =>
    expect(found([living('top', 4, 'a'), living('top', 2, 'b'), living('bottom', 2)])).toEqual([
      {
        rule: 'layer-crowding',
        severity: 'caution',
        species: ['a', 'b'],
        fact: { says: 'home/layer', layer: 'top', crowded: true },
        part: 'top',
        because: { layer: 'top', timesTheOffer: 6 },
        contested: false,
        approach: null,
        from: null,
        fixes: [{ advice: { does: 'other layer' } }],
        source: 'common practice (surface rule), split by layer from memory',
      },
    ]));
  it.each<[number, readonly string[]]>([
    [2.9, []],
    [3, ['note home/layer top']],
    [4.9, ['note home/layer top']],
    [5, ['caution home/layer top']],
  ])('%d times its offer', (cm, expected) => expect(says([living('top', cm)])).toEqual(expected));
  it('that is busy is not crowded, and nothing to one that is asked about', () => {
    const top = living('top', 4);
    expect(found([top])[0]?.fact).toMatchObject({ crowded: false });
    expect(found([top], top)).toEqual([]);
    const more = living('top', 5);
    expect(says([more], more)).toEqual(['caution home/layer top']);
  });
});

describe('a list that lives in one layer', () => {
  const three = [living('bottom', 1, 'a'), living('bottom', 1, 'b'), living('top', 0.3, 'c')];
  it('is told whole', () =>
    expect(found(three)).toEqual([
      expect.objectContaining({
        rule: 'layer-crowding',
        severity: 'note',
        species: ['a', 'b', 'c'],
        fact: { says: 'home/one layer', layer: 'bottom' },
        part: 'bottom',
        because: { layer: 'bottom', share: 0.87 },
        fixes: [{ advice: { does: 'one for another layer' } }],
      }),
    ]));
  it('is none of two, none where others take more, and none to one that is asked about', () => {
    expect(says(three.slice(0, 2))).toEqual([]);
    expect(says([...three.slice(0, 2), living('top', 0.4)])).toEqual([]);
    expect(says(three, three[0])).toEqual([]);
  });
});
