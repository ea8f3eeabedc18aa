import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import { candidatesFor } from './candidatesFor';

const beside = (tank: keyof typeof TANKS, groups: string) =>
  candidatesFor(plan(TANKS[tank], groupsOf(groups)), catalogue, TODAY);
const of = (all: ReturnType<typeof beside>, species: string) => {
  const found = all.find((one) => one.species === species);
  if (!found) throw new Error(`no ${species}`);
  return found;
};

describe('what could I add', () => {
  it.each(['hyphessobrycon-amandae', 'otocinclus-vittatus', 'caridina-multidentata'])(
    'is never silent about %s beside six angelfish: they may eat it (common practice)',
    (species) => {
      const { brings, risks } = of(beside('us125', '6 pterophyllum-scalare'), species);
      // Eaten outright, or contested with both sides.
      const eating = [...brings, ...risks].filter(({ fact }) =>
        ['eating/eats', 'pair/contested'].includes(fact.says),
      );
      expect(eating.length).toBeGreaterThan(0);
    },
  );
  it('tells of a newcomer that must be fed rich beside a school that need not be, and of no second one', () => {
    const diet = (list: string) =>
      of(beside('us125', list), 'neolamprologus-leleupi').brings.filter(({ rule }) => rule === 'diet').length;
    expect(diet('12 cyprichromis-leptosoma, 15 tropheus-duboisi')).toBe(1);
    expect(diet('2 altolamprologus-calvus, 15 tropheus-duboisi')).toBe(0);
  });
  it('tells problems that are there already and get worse', () => {
    const all = beside(
      'us40breeder',
      '4 apistogramma-cacatuoides, 4 thorichthys-meeki, 2 amatitlania-nigrofasciata',
    );
    const more = all
      .flatMap(({ grows }) => grows)
      .filter(({ finding }) => finding.fact.says === 'floor/claimed');
    expect(more.length).toBeGreaterThan(0);
    for (const { finding, was } of more)
      if (finding.fact.says === 'floor/claimed' && was.says === 'floor/claimed')
        expect(finding.fact.holders).toBeGreaterThan(was.holders);
  });
  it('says what is there already', () => {
    expect(of(beside('us75', '8 corydoras-sterbai'), 'corydoras-sterbai').already).toBe(8);
    expect(of(beside('us75', '8 corydoras-sterbai'), 'paracheirodon-innesi').already).toBe(0);
  });
  it('puts fish of the lake before livebearers in a tank of shell dwellers, where both do no harm', () => {
    const all = beside('us75', '8 neolamprologus-multifasciatus');
    const place = (species: string) => all.findIndex((one) => one.species === species);
    const lake = all.filter(({ sameWaters }) => sameWaters).map(({ species }) => place(species));
    expect(Math.min(...lake)).toBe(0);
    expect(Math.min(...lake)).toBeLessThan(place('xiphophorus-maculatus'));
  });
  it('puts no stop before a caution, and no caution before what does no harm', () => {
    const harm = beside('us75', '10 paracheirodon-innesi, 1 betta-splendens').map(
      ({ stops, cautions, grows }) => (stops > 0 ? 2 : cautions + grows.length > 0 ? 1 : 0),
    );
    expect(harm).toEqual([...harm].sort());
  });
});
