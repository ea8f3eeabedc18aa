import { catalogue, found, judge, plan, severities, TANKS } from '@/testing/plans';
import { adultLengthCm } from '../model/species';

/** More facts of the trade, common practice. Those of introductions, watching and settling belong to other parts. */

const of = (id: string) => catalogue.byId.get(id)!;
const one = (species: string, count = 1) => ({ species, count });

describe('tanks and sizes', () => {
  it('F05: a long shallow tank serves small swimmers better than a tall one of like volume', () => {
    const danios = [one('danio-rerio', 8)];
    expect(severities(plan(TANKS.us20high, danios), 'tank-length')).toEqual(['caution']);
    expect(severities(plan(TANKS.us20long, danios), 'tank-length')).not.toContain('caution');
  });
  it('F51: angelfish are sold at the size of a coin and stand 20 to 25 cm when grown', () => {
    const { size, trade } = of('pterophyllum-scalare');
    expect(size.soldCm).toBeLessThanOrEqual(4);
    expect(size.heightCm).toBeGreaterThanOrEqual(20);
    expect(size.heightCm).toBeLessThanOrEqual(25);
    expect(trade.soldTiny).toBe(true);
  });
  it.each([
    ['F52', 'pseudomugil-furcatus', 2, 3],
    ['F52', 'metynnis-argenteus', 8, 12],
    ['F52', 'platydoras-armatulus', 15, 25],
  ] as const)('%s: %s lives %d to %d years or about so', (_fact, id, low, high) => {
    const [least, most] = of(id).size.lifeYears;
    expect(least).toBeLessThanOrEqual(high);
    expect(most).toBeGreaterThanOrEqual(low);
  });
  it('F53: large river rays are sold at a fraction of what they reach', () => {
    for (const id of ['potamotrygon-motoro', 'potamotrygon-leopoldi'])
      expect(of(id).size.soldCm).toBeLessThan(adultLengthCm(of(id)) / 2.5);
  });
  it.each([
    'cichla-ocellaris',
    'osteoglossum-bicirrhosum',
    'barbonymus-schwanenfeldii',
    'balantiocheilos-melanopterus',
  ])('F106: never %s in a six-foot 125', (id) =>
    expect(judge(plan(TANKS.us125, [one(id, of(id).company.smallestGroup)])).verdict).toBe('stop'),
  );
  it.each([
    ['F16', 'pseudomugil-signifer', 6, TANKS.us20long],
    ['F16', 'melanotaenia-boesemani-aitinjo', 6, TANKS.us55],
    ['F16', 'melanotaenia-boesemani', 8, TANKS.us125],
    ['F16', 'melanotaenia-vanheurni', 6, TANKS.us180],
    ['F19', 'aulonocara-jacobfreibergi', 5, TANKS.us75],
    ['F19', 'cyphotilapia-gibberosa', 6, TANKS.us180],
    ['F24', 'melanotaenia-kamaka', 7, TANKS.us40breeder],
    ['F24', 'sahyadria-denisonii', 6, TANKS.us75],
  ] as const)('%s: %s (%d) is not refused there', (_fact, species, count, tank) => {
    const refused = judge(plan(tank, [one(species, count)])).findings.filter(
      (finding) => finding.severity === 'stop' && finding.rule.startsWith('tank-'),
    );
    expect(refused.map((finding) => finding.fact.says)).toEqual([]);
  });
  it.each(['thorichthys-maculipinnis', 'amphilophus-labiatus', 'amphilophus-trimaculatus', 'vieja-melanura'])(
    'F19: cautious keepers give %s a large tank',
    (id) => expect(of(id).tank.cautious.litres!).toBeGreaterThanOrEqual(284),
  );
});

describe('numbers', () => {
  const labs = (count: number) =>
    severities(plan(TANKS.us75, [one('labidochromis-caeruleus', count)]), 'group-number');
  it('F32: two of a milder rock dweller end with the weaker bullied, and a third cures it', () => {
    expect(labs(2)).toEqual(['stop']);
    expect(labs(3)).toEqual([]);
  });
  it('F30: one male with two females is too few, and no stop', () => {
    const trio = (males: number) =>
      severities(
        plan(TANKS.us180, [{ ...one('dimidiochromis-compressiceps', 3), males, females: 3 - males }]),
        'group-number',
      );
    expect(trio(1)).toEqual(['caution']);
    expect(trio(2)).toEqual(['stop']);
  });
});

describe('company', () => {
  it('F61: small gudgeons pick small crustaceans apart', () =>
    expect(
      found(
        plan(TANKS.us29, [one('tateurndina-ocellicauda', 2), one('neocaridina-davidi', 10)]),
        'predation',
      )[0],
    ).toMatchObject({ severity: 'caution' }));
  it('F64: young silver dollars with angelfish are disputed', () =>
    expect(
      found(
        plan(TANKS.us180, [one('metynnis-argenteus', 6), one('pterophyllum-scalare', 6)]),
        'temper',
      ).filter((finding) => finding.contested),
    ).toHaveLength(1));
  it('F70: look-alikes and close kin fight like their own kind', () =>
    expect(
      severities(
        plan(TANKS.us180, [one('epalzeorhynchos-bicolor'), one('epalzeorhynchos-frenatum')]),
        'look-alike',
      ),
    ).toEqual(['stop']));
  it('F72: quick mid-water fish take the edge off a rough cichlid', () => {
    const beside = (mate: string) =>
      severities(plan(TANKS.us180, [one('rocio-octofasciata', 1), one(mate, 8)]), 'temper', mate);
    const worst = (said: readonly string[]) =>
      ['stop', 'caution', 'note'].findIndex((each) => said.includes(each));
    expect(worst(beside('devario-aequipinnatus'))).not.toBe(0);
    expect(worst(beside('sphaerichthys-osphromenoides'))).toBe(0);
  });
  it('F81: a rough tank is fed twice a day at the least', () => {
    const fed = (mealsPerDay: number | undefined, species = 'maylandia-estherae') =>
      severities(plan(TANKS.us75, [one(species, 12)], { routine: { mealsPerDay } }), 'meals');
    expect(fed(1)).toEqual(['note']);
    expect(fed(2)).toEqual([]);
    expect(fed(undefined)).toEqual([]);
    expect(fed(1, 'paracheirodon-innesi')).toEqual([]);
  });
  it('F82: a newcomer into a settled rough tank is told to rearrange in the same hour', () => {
    const [finding] = found(
      plan(TANKS.us75, [
        { ...one('maylandia-estherae', 12), since: '2026-01' },
        { ...one('labidochromis-caeruleus', 4), lengthCm: 9 },
      ]),
      'settled-tank',
    );
    expect(finding?.fixes).toContainEqual({ advice: { does: 'rearrange rocks' } });
  });
  it('F85: hungry fish are rougher, and the finding says so', () =>
    expect(
      found(plan(TANKS.us75, [one('maylandia-estherae', 12)], { routine: { mealsPerDay: 1 } }), 'meals')[0]
        ?.fact,
    ).toEqual({ says: 'food/meals' }));
  it('F101: temper turns at maturity, and the month is told', () => {
    const juveniles = plan(TANKS.us180, [
      { ...one('rocio-octofasciata', 1), lengthCm: 4 },
      one('heros-efasciatus', 1),
      one('hyphessobrycon-pulchripinnis', 10),
    ]);
    expect(found(juveniles, 'temper', 'rocio-octofasciata').some((finding) => finding.from !== null)).toBe(
      true,
    );
  });
  it('F103: with a sight break for each holder they stand more of one another', () => {
    const rank = { caution: 2, note: 1 } as const;
    const pairs = (lengthCm: number, sightBreaks?: number): number => {
      const [said] = severities(
        plan({ lengthCm, widthCm: 45, heightCm: 45, sightBreaks }, [
          { ...one('neolamprologus-leleupi', 2), males: 1, females: 1 },
          { ...one('julidochromis-marlieri', 2), males: 1, females: 1 },
        ]),
        'territory',
      );
      return rank[said as keyof typeof rank] ?? 0;
    };
    const lengths = Array.from({ length: 46 }, (_, i) => 60 + i * 4);
    expect(lengths.filter((length) => pairs(length, 6) > pairs(length))).toEqual([]);
    expect(lengths.filter((length) => pairs(length, 6) < pairs(length)).length).toBeGreaterThan(0);
    expect(lengths.filter((length) => pairs(length, 1) < pairs(length))).toEqual([]);
  });
});
