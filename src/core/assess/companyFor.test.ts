import { SHIPPED_SPECIES } from '@/catalogue';
import { TODAY } from '@/testing/plans';
import { buildCatalogue } from '../model';
import { candidatesFor } from './candidatesFor';
import { companyFor } from './companyFor';

/** A catalogue of a few, so that all of it can be asked at once. */
const SOME = [
  'paracheirodon-innesi',
  'corydoras-sterbai',
  'otocinclus-vittatus',
  'ancistrus-cirrhosus',
  'astronotus-ocellatus',
  'puntigrus-tetrazona',
  'hyphessobrycon-amandae',
  'hemigrammus-bleheri',
  'nannostomus-beckfordi',
  'gasteropelecus-sternicla',
  'corydoras-aeneus',
  'corydoras-panda',
  'paracheirodon-axelrodi',
  'hyphessobrycon-eques',
];
const few = buildCatalogue(SHIPPED_SPECIES.filter(({ id }) => SOME.includes(id)));
const neon = few.byId.get('paracheirodon-innesi')!;

describe('company for a species', () => {
  // Asked in each test anew.
  const asked = () => companyFor(neon, few, TODAY);
  const { temperatureC, ph, ghDh } = neon.water.tankBred;
  const middle = ([low, high]: readonly number[]): number => (low! + high!) / 2;
  const candidatesNow = () =>
    candidatesFor(
      {
        format: 'lomvik-plan',
        version: 1,
        tank: {
          heightCm: 60,
          lid: true,
          plants: 'some',
          lengthCm: neon.tank.cautious.lengthCm,
          widthCm: neon.tank.cautious.widthCm,
        },
        water: { temperatureC: middle(temperatureC), ph: middle(ph), ghDh: middle(ghDh) },
        groups: [{ species: neon.id, count: neon.company.comfortableGroup }],
      } as Parameters<typeof candidatesFor>[0],
      few,
      TODAY,
    ).filter(({ species }) => species !== neon.id);
  it('asks each other one in the strict tank and the middle of its water', () => {
    const [company, candidates] = [asked(), candidatesNow()];
    expect(company.asked).toBe(candidates.length);
    const fitting = candidates.filter(({ verdict, grows }) => verdict === 'fits' && grows.length === 0);
    expect(company.fits).toBe(fitting.length);
    expect(fitting.length).toBeGreaterThan(3);
    expect(candidates.length - fitting.length).toBeGreaterThan(1);
  });
  it('names those that fit best of what most shops have, six at most, and no form', () => {
    const [company, candidates] = [asked(), candidatesNow()];
    const expected = candidates
      .filter(({ species, verdict, grows }) => {
        const { trade, formOf } = few.byId.get(species)!;
        return verdict === 'fits' && grows.length === 0 && trade.met === 'shop' && formOf === null;
      })
      .map(({ species }) => species);
    expect(company.best).toEqual(expected.slice(0, 6));
    expect(company.best).not.toContain('astronotus-ocellatus');
  });
  it('names nobody that shops hardly have', () => {
    const company = asked();
    const rare = (id: string) =>
      buildCatalogue(
        SHIPPED_SPECIES.filter(({ id: one }) => SOME.includes(one)).map((one) =>
          one.id === id ? { ...one, trade: { ...one.trade, met: 'specialist' as const } } : one,
        ),
      );
    const [best] = company.best;
    const other = companyFor(neon, rare(best!), TODAY);
    expect(other.best).not.toContain(best);
    expect(other.fits).toBe(company.fits);
  });
  it('has room for one whose tank nobody says', () => {
    const unsaid = {
      ...neon,
      tank: { ...neon.tank, cautious: { ...neon.tank.cautious, lengthCm: null, widthCm: null } },
    };
    expect(companyFor(unsaid as typeof neon, few, TODAY).asked).toBe(asked().asked);
  });
});
