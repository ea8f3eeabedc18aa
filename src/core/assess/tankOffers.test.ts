import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { SHIPPED_SPECIES } from '@/catalogue';
import { catalogue, judge, plan, TODAY } from '@/testing/plans';
import { buildCatalogue } from '../model';
import { assess } from './assess';
import { tankOffers, whoCouldLive, wishedGroups } from './tankOffers';

const of = (id: string) => catalogue.byId.get(id)!;
const bySize = [...STANDARD_TANKS].sort(
  (a, b) => a.lengthCm * a.widthCm * a.heightCm - b.lengthCm * b.widthCm * b.heightCm,
);

describe('tankOffers', () => {
  const groups = wishedGroups([
    { profile: of('paracheirodon-innesi'), count: 12 },
    { profile: of('corydoras-aeneus'), count: 6 },
  ]);
  const planOf = (size: (typeof STANDARD_TANKS)[number]) => plan({ ...size, lid: true }, groups);
  const offersOf = (sizes = bySize) =>
    tankOffers(sizes, planOf, { clearanceCm: 12.7, most: 3 }, catalogue, TODAY);

  it('offers the smallest sizes with the best verdict, which is what the list will say', () => {
    const offers = offersOf();
    expect(offers).toHaveLength(3);
    for (const { size, answer } of offers)
      expect(answer.verdict).toBe(assess(planOf(size), catalogue, TODAY).verdict);
    const volumes = offers.map(({ size }) => size.lengthCm * size.widthCm * size.heightCm);
    expect([...volumes].sort((a, b) => a - b)).toEqual(volumes);
  });
  it('tells the wall with its clearance, the floor, the mass and the nitrate', () => {
    const offers = offersOf();
    const [{ size, wallCm, floorCm2, filledKg, nitrateMgLWeek } = offers[0]!] = offers;
    expect(wallCm).toBeCloseTo(size.lengthCm + 25.4, 6);
    expect(floorCm2).toBeCloseTo(size.lengthCm * size.widthCm, 6);
    // A filled tank weighs about a kilogram a litre and a third more (common practice).
    const litres = (size.lengthCm * size.widthCm * size.heightCm) / 1000;
    expect(filledKg / litres).toBeGreaterThan(0.8);
    expect(filledKg / litres).toBeLessThan(1.6);
    expect(nitrateMgLWeek).toBeGreaterThan(0);
  });
});

describe('whoCouldLive', () => {
  const of20 = STANDARD_TANKS.find(({ name }) => name === '20 US gal long')!;
  it('names fish of every shop that fit the tank by themselves', () => {
    const found = whoCouldLive(plan({ ...of20, lid: true }, []), 10, catalogue, TODAY);
    expect(found).toHaveLength(10);
    for (const profile of found)
      expect(
        assess(
          plan({ ...of20, lid: true }, wishedGroups([{ profile, count: profile.company.comfortableGroup }])),
          catalogue,
          TODAY,
        ).verdict,
      ).toBe('fits');
  });
  it('names none that are forms, no fish, of few shops or do not fit; what is known best comes first', () => {
    const ids = [
      'paracheirodon-innesi',
      'poecilia-reticulata',
      'astronotus-ocellatus',
      'neocaridina-davidi',
      'hypancistrus-zebra',
      'danio-margaritatus',
      'corydoras-panda',
    ];
    const few = buildCatalogue(SHIPPED_SPECIES.filter(({ id, formOf }) => ids.includes(formOf ?? id)));
    const found = whoCouldLive(
      plan({ ...of20, lid: true }, [{ species: 'paracheirodon-innesi', count: 6 }]),
      99,
      few,
      TODAY,
    );
    const fits = (id: string): boolean =>
      judge(
        plan(
          { ...of20, lid: true },
          wishedGroups([{ profile: of(id), count: of(id).company.comfortableGroup }]),
        ),
      ).verdict === 'fits';
    expect(found.map(({ id }) => id).sort()).toEqual(
      ids.filter((id) => of(id).life === 'fish' && of(id).trade.met === 'shop' && fits(id)).sort(),
    );
    expect(found.length).toBeGreaterThan(1);
    expect(found.length).toBeLessThan(ids.length - 2);
    const known = found.map(({ confidence }) => confidence);
    expect(known).toEqual([...known].sort((a, b) => b - a));
    expect(whoCouldLive(plan({ ...of20, lid: true }, []), 1, few, TODAY)).toHaveLength(1);
  });
});
