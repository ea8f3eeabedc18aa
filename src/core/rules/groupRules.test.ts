import { editOf } from './finding';
import { found, plan, severities, TANKS } from '@/testing/plans';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

const big = TANKS.pond;
const neons = { species: 'paracheirodon-innesi', count: 10 } as const;

describe('group-size', () => {
  const of = (count: number, species = 'paracheirodon-innesi') =>
    severities(plan(big, [{ species, count }]), 'group-size');
  it('grows milder as the shoal grows, and has nothing to say of one that is nearly whole', () =>
    expect([2, 3, 4, 5, 6, 7, 9, 10].map((count) => of(count)[0])).toEqual([
      'stop',
      'stop',
      'caution',
      'caution',
      'note',
      'note',
      undefined,
      'good',
    ]));
  it('takes single males of harem species for shown ones', () =>
    expect(
      severities(
        plan(big, [{ species: 'aulonocara-baenschi', count: 1, males: 1, females: 0 }]),
        'group-size',
      ),
    ).toEqual(['note']));
  it('keeps silent about fish that live alone', () => expect(of(1, 'epalzeorhynchos-bicolor')).toEqual([]));
  it('counts heads over all groups of a species', () => {
    expect(
      severities(
        plan(big, [
          { ...neons, count: 5, lengthCm: 2 },
          { ...neons, count: 5 },
        ]),
        'group-size',
      ),
    ).toEqual(['good']);
  });
  it('offers the comfortable group with one press', () => {
    expect(found(plan(big, [{ ...neons, count: 3 }]), 'group-size')[0]?.fixes[0]).toEqual({
      edit: { kind: 'set-count', species: 'paracheirodon-innesi', count: 10 },
    });
  });
});

describe('group-number', () => {
  it('leads up and down to numbers that are not to be avoided', () => {
    const [finding] = found(plan(big, [{ species: 'pterophyllum-scalare', count: 3 }]), 'group-number');
    expect(finding?.fixes.map(editOf)).toEqual([
      { kind: 'set-count', species: 'pterophyllum-scalare', count: 4 },
      { kind: 'set-count', species: 'pterophyllum-scalare', count: 2 },
    ]);
  });
  it('keeps silent at other numbers', () =>
    expect(found(plan(big, [{ species: 'pterophyllum-scalare', count: 5 }]), 'group-number')).toEqual([]));
});

describe('sex-ratio', () => {
  it('only notes what nobody has sexed', () =>
    expect(severities(plan(big, [{ species: 'maylandia-estherae', count: 8 }]), 'sex-ratio')).toEqual([
      'note',
    ]));
  it('takes a partial sexing for unknown', () =>
    expect(
      severities(plan(big, [{ species: 'maylandia-estherae', count: 8, males: 2, females: 2 }]), 'sex-ratio'),
    ).toEqual(['note']));
  it('stops two males with few females, and doubts two with a harem each (F30, common practice)', () => {
    const two = (species: string, females: number) =>
      severities(plan(big, [{ species, count: 2 + females, males: 2, females }]), 'sex-ratio');
    expect(two('labidochromis-caeruleus', 2)).toEqual(['stop']);
    expect(two('labidochromis-caeruleus', 8)).toEqual(['caution']);
    expect(two('chindongo-demasoni', 10)).toEqual(['stop']);
  });
  it('has nothing to say of shoalers without a ratio', () =>
    expect(severities(plan(big, [{ ...neons, males: 9, females: 1 }]), 'sex-ratio')).toEqual([]));
});

describe('solitary', () => {
  it('knows one male pleco with females from two males', () => {
    const plecos = (males: number, females: number) =>
      severities(
        plan(big, [{ species: 'ancistrus-cirrhosus', count: males + females, males, females }]),
        'solitary',
      );
    expect(plecos(1, 2)).toEqual([]);
    // A pond has two territories for each of them.
    expect(plecos(2, 1)).toEqual(['note']);
  });
  it('stops two bettas anywhere', () =>
    expect(severities(plan(big, [{ species: 'betta-splendens', count: 2 }]), 'solitary')).toEqual(['stop']));
});

describe('conspecific-aggression', () => {
  it('counts holders against the ground there is', () => {
    const pairs = (tank: typeof TANKS.us20long) =>
      severities(plan(tank, [{ species: 'neolamprologus-leleupi', count: 6 }]), 'conspecific-aggression');
    expect(pairs(TANKS.us20long)).toEqual(['stop']);
    expect(pairs(big)).not.toContain('stop');
  });
  it('says from when it is spread out', () => {
    const colony = (count: number) =>
      severities(plan(TANKS.us75, [{ species: 'chindongo-demasoni', count }]), 'conspecific-aggression');
    expect(colony(20)).toEqual(['note']);
    // Eleven are a number to avoid, and that says it.
    expect(colony(11)).toEqual([]);
    expect(
      severities(plan(TANKS.us75, [{ species: 'chindongo-demasoni', count: 11 }]), 'group-number'),
    ).toEqual(['stop']);
  });
  it('begins at maturity', () => {
    expect(
      found(
        plan(TANKS.us20long, [{ species: 'neolamprologus-leleupi', count: 6, lengthCm: 3 }]),
        'conspecific-aggression',
      )[0]?.from,
    ).not.toBeNull();
  });
});

describe('conspecific-aggression of those who only spar', () => {
  const gouramis = (tank: typeof TANKS.us5, count: number) =>
    severities(plan(tank, [{ species: 'trichopsis-pumila', count }]), 'conspecific-aggression');
  it('F13, common practice: three sparkling gouramis need more than 5 US gal; a planted 12 US gal long gives each a corner', () => {
    expect(gouramis(TANKS.us5, 3)).toEqual(['caution']);
    expect(gouramis(TANKS.us12long, 4)).toEqual([]);
  });
  it('does not share out what six angelfish do in a tank for one pair', () => {
    const angels = (tank: typeof TANKS.us29) =>
      severities(plan(tank, [{ species: 'pterophyllum-scalare', count: 6 }]), 'conspecific-aggression');
    expect(angels(TANKS.us29)).toEqual(['caution']);
    expect(angels(TANKS.us125)).toEqual([]);
  });
});
