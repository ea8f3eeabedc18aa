import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { catalogue } from '@/testing/plans';
import { fishFirst, sameFootprint, sizesForPlace, USUAL_CLEARANCE_CM } from './placeFits';
import { footprintShare } from './tankBox';
import { tankFigures } from './tankFigures';

const of = (id: string) => catalogue.byId.get(id)!;
const anywhere = { widthCm: null, clearanceCm: USUAL_CLEARANCE_CM, depthCm: null, heightCm: null };
const names = (sizes: readonly { name: string }[]) => sizes.map((size) => size.name);

describe('a place', () => {
  it('F04, common practice: a 30 in tank suits a 40 in space, and nothing longer does', () => {
    const fit = sizesForPlace({ ...anywhere, widthCm: 40 * 2.54 }, STANDARD_TANKS);
    expect(names(fit)).toContain('29 US gal');
    expect(Math.max(...fit.map((size) => size.lengthCm))).toBeLessThanOrEqual(76.3);
  });
  it('counts depth and height as well', () => {
    expect(names(sizesForPlace({ ...anywhere, depthCm: 33.5, heightCm: 40 }, STANDARD_TANKS))).not.toContain(
      '55 US gal',
    );
    expect(sizesForPlace({ ...anywhere, depthCm: 10 }, STANDARD_TANKS)).toEqual([]);
  });
});

describe('from the fish', () => {
  const wished = [of('metynnis-argenteus'), of('pterophyllum-scalare'), of('corydoras-aeneus')];
  it('says who drives what, by approach', () => {
    const [cautious, middle, tried] = fishFirst(wished, anywhere, STANDARD_TANKS);
    expect(middle!.drivers.lengthCm.map((one) => one.id)).toEqual(['metynnis-argenteus']);
    expect(middle!.drivers.heightCm.map((one) => one.id)).toEqual(['pterophyllum-scalare']);
    expect(cautious!.least.litres!).toBeGreaterThanOrEqual(middle!.least.litres!);
    expect(tried!.carry.length).toBeGreaterThanOrEqual(middle!.carry.length);
  });
  it('says whether the place takes what carries them', () => {
    const small = fishFirst(wished, { ...anywhere, widthCm: 150 }, STANDARD_TANKS)[1]!;
    expect(small.carry.length).toBeGreaterThan(0);
    expect(small.fit).toEqual([]);
  });
});

describe('equal footprints', () => {
  it('F02, common practice: 20 long and 29, 75 and 90', () => {
    const like = (name: string) =>
      names(
        sameFootprint(
          STANDARD_TANKS.find((size) => size.name === name)!,
          STANDARD_TANKS,
        ),
      );
    expect(like('20 US gal long')).toContain('29 US gal');
    expect(like('75 US gal')).toContain('90 US gal');
    expect(like('40 US gal breeder')).toEqual([]);
  });
});

describe('shapes by their footprint', () => {
  const tank = {
    lengthCm: 100,
    widthCm: 60,
    heightCm: 50,
    inside: true,
    glassMm: 10,
    waterLineCm: 46,
    substrate: 'sand',
    substrateCm: 4,
    hardscapeFraction: 0,
    filterLph: 1000,
    shape: 'box',
    bowCm: 0,
  } as const;
  it.each([
    ['box', 0, 1],
    ['bow-front', 12, (60 - 12 + 8) / 60],
    ['corner', 0, Math.PI / 4],
    ['round', 0, Math.PI / 4],
  ] as const)('a %s covers its share of the box around it', (shape, bowCm, share) => {
    expect(footprintShare(shape, 60, bowCm)).toBeCloseTo(share, 12);
    const figures = tankFigures({ ...tank, shape, bowCm });
    expect(figures.footprintCm2 / tankFigures(tank).footprintCm2).toBeCloseTo(
      footprintShare(shape, figures.outside.widthCm, bowCm),
      12,
    );
  });
});
