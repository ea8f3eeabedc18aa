import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { catalogue, plan, TANKS } from '@/testing/plans';
import { assess } from './assess';
import { howMany, howManyInSteps } from './howMany';
import { editPlan } from './planEdit';
import { smallestTanks } from './smallestTanks';
import { isBad } from './whatItAdds';

const TODAY = '2026-05-20';
const of = (id: string) => catalogue.byId.get(id)!;
const NEON = 'paracheirodon-innesi';

describe('howMany', () => {
  it('gives the fewest, the comfortable and the most, and what binds', () => {
    const found = howMany(plan(TANKS.us29, [{ species: NEON, count: 10 }]), of(NEON), catalogue, TODAY);
    expect(found).toMatchObject({ fewest: 6, comfortable: 10, anyway: [] });
    expect(found.most).toBeGreaterThan(20);
    expect(found.binds).not.toBeNull();
  });

  it('keeps one of a loner', () => {
    const found = howMany(plan(TANKS.us29, []), of('betta-splendens'), catalogue, TODAY);
    expect(found).toMatchObject({ fewest: 1, comfortable: 1, most: 1, binds: { rule: 'solitary' } });
  });

  it('passes over numbers to avoid', () => {
    const found = howMany(plan(TANKS.us75, []), of('pterophyllum-scalare'), catalogue, TODAY);
    expect([found.fewest, found.most]).not.toContain(3);
  });

  it('takes the numbers nearest to the comfortable one: from eight on red zebras spread their chasing, and one alone is no plan', () => {
    const list = plan(TANKS.us125, [{ species: 'labidochromis-caeruleus', count: 8 }]);
    const found = howMany(list, of('maylandia-estherae'), catalogue, TODAY);
    expect(found.fewest).toBe(8);
    expect(found.most).toBeGreaterThan(8);
  });

  it('tells apart what speaks against it at any number', () => {
    const list = plan(TANKS.us75, [{ species: 'astronotus-ocellatus', count: 1 }]);
    const found = howMany(list, of(NEON), catalogue, TODAY);
    expect(found.anyway.map(({ rule }) => rule)).toContain('predation');
    expect(found.fewest).toBe(6);
  });

  // The numbers are what the rules say, asked one by one.
  it.each(['labidochromis-caeruleus', NEON, 'corydoras-aeneus', 'trichopodus-leerii'])(
    'of %s agrees with the rules, number by number',
    (id) => {
      const list = plan(TANKS.us55, [{ species: 'ancistrus-cirrhosus', count: 1 }]);
      const { fewest, most, binds } = howMany(list, of(id), catalogue, TODAY);
      const badAt = (count: number): number =>
        assess(
          editPlan(list, { kind: 'set-count', species: id, count }, catalogue)!,
          catalogue,
          TODAY,
        ).findings.filter(isBad).length;
      expect(badAt(fewest!)).toBe(0);
      expect(badAt(most!)).toBe(0);
      expect(badAt(most! + 1)).toBeGreaterThan(0);
      expect(binds).not.toBeNull();
    },
  );

  it('has no number where the tank is too small for one, and says what stands in the way', () => {
    const found = howMany(plan(TANKS.us10, []), of('astronotus-ocellatus'), catalogue, TODAY);
    // Whatever the number, it is too small: that is told apart, and does not count.
    expect(found.anyway.map(({ rule }) => rule)).toContain('tank-volume');
    // The numbers that the rules allow for it are none: the tank is too small from the first pair on.
    const list = plan(TANKS.us5, [{ species: NEON, count: 4 }]);
    expect(howMany(list, of('aphyosemion-australe'), catalogue, TODAY)).toMatchObject({
      species: 'aphyosemion-australe',
      fewest: null,
      comfortable: null,
      most: null,
      open: false,
      binds: { rule: 'tank-volume', severity: 'caution' },
      anyway: [],
    });
  });

  it('is open in a pond: nothing binds', () => {
    const found = howMany(plan(TANKS.pond, []), of(NEON), catalogue, TODAY);
    expect(found).toMatchObject({ open: true, binds: null, most: 300, comfortable: 10 });
  });

  it('answers for every species of a list', () => {
    const steps = howManyInSteps(
      plan(TANKS.us55, [
        { species: NEON, count: 10 },
        { species: 'corydoras-aeneus', count: 6 },
      ]),
      catalogue,
      TODAY,
    );
    let step = steps.next();
    while (!step.done) step = steps.next();
    expect(step.value.map(({ species }) => species)).toEqual(['corydoras-aeneus', NEON]);
  });
});

describe('smallestTanks', () => {
  it('gives a tank and a number by each approach, no larger for the lenient', () => {
    const found = smallestTanks(of('pterophyllum-scalare'), STANDARD_TANKS, TODAY);
    const litres = found.map(({ size }) => size!.lengthCm * size!.widthCm * size!.heightCm);
    expect(found.map(({ approach }) => approach)).toEqual(['cautious', 'middle', 'tried']);
    expect([...litres].sort((a, b) => b - a)).toEqual(litres);
  });
  it('finds none for a fish that outgrows every tank sold', () => {
    expect(
      smallestTanks(of('phractocephalus-hemioliopterus'), STANDARD_TANKS, TODAY).every(
        ({ size }) => size === null,
      ),
    ).toBe(true);
  });
});
