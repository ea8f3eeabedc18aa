import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { catalogue, TODAY } from '@/testing/plans';
import type { SpeciesProfile } from '../model';
import { smallestTanks } from './smallestTanks';

const neon = catalogue.byId.get('paracheirodon-innesi')!;
const size = (name: string, lengthCm: number, widthCm: number, heightCm: number) => ({
  name,
  lengthCm,
  widthCm,
  heightCm,
});
const asking = (lengthCm: number | null, widthCm: number | null): SpeciesProfile => {
  const tank = { ...neon.tank.cautious, lengthCm, widthCm, litres: null, heightCm: null };
  return { ...neon, tank: { ...neon.tank, cautious: tank, middle: tank, tried: tank } };
};
const names = (profile: SpeciesProfile, ...sizes: ReturnType<typeof size>[]) =>
  smallestTanks(profile, sizes, TODAY).map(({ size: found }) => found?.name ?? null);

describe('the smallest tank that is sold for a species', () => {
  it('is told for the strict, the usual and the lenient approach, each no smaller than its figures', () => {
    const found = smallestTanks(neon, STANDARD_TANKS, TODAY);
    expect(found.map(({ approach }) => approach)).toEqual(['cautious', 'middle', 'tried']);
    const litres = found.map(({ size: one }) => (one ? one.lengthCm * one.widthCm * one.heightCm : 0));
    expect([...litres].sort((a, b) => b - a)).toEqual(litres);
    for (const { approach, size: one, numbers } of found) {
      expect(one!.lengthCm).toBeGreaterThanOrEqual((neon.tank[approach].lengthCm ?? 0) * 0.97);
      expect(numbers!.fewest).not.toBeNull();
      expect(numbers!.anyway).toEqual([]);
    }
  });
  it('is the one of least water, whatever the order of the sizes', () => {
    const [large, small, flat] = [
      size('large', 150, 60, 60),
      size('small', 90, 40, 40),
      size('flat', 120, 50, 20),
    ];
    expect(names(asking(80, 35), large, small, flat)).toEqual(['flat', 'flat', 'flat']);
    expect(names(asking(80, 35), flat, small, large)).toEqual(['flat', 'flat', 'flat']);
    expect(names(asking(80, 35), large, small)).toEqual(['small', 'small', 'small']);
  });
  it('may miss a figure by what makers round off, and no more', () => {
    const tank = size('tank', 97, 45, 50);
    expect(names(asking(100, 50), tank)[0]).toBe('tank');
    expect(names(asking(100.1, 50), tank)[0]).toBeNull();
    expect(names(asking(100, 50.1), tank)[0]).toBeNull();
    expect(names(asking(null, null), tank)[0]).toBe('tank');
  });
  it('is none where no size carries it, and then no number', () => {
    const oscar = catalogue.byId.get('astronotus-ocellatus')!;
    expect(smallestTanks(oscar, [size('tiny', 40, 25, 25)], TODAY)).toEqual(
      (['cautious', 'middle', 'tried'] as const).map((approach) => ({ approach, size: null, numbers: null })),
    );
    expect(smallestTanks(oscar, [], TODAY).every(({ size: found }) => found === null)).toBe(true);
  });
});
