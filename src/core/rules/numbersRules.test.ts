import { found, plan, severities, TANKS } from '@/testing/plans';
import { roomyNumber } from './riftNumbers';

const sexed = (species: string, males: number, females: number) => ({
  species,
  count: males + females,
  males,
  females,
});

describe('all-male', () => {
  const peacocks = [
    sexed('aulonocara-baenschi', 1, 0),
    sexed('copadichromis-azureus', 1, 0),
    sexed('protomelas-taeniolatus', 1, 0),
  ];
  it('F35: show tanks of peacocks and haps work best at six feet', () => {
    expect(severities(plan(TANKS.us125, peacocks), 'all-male')).toEqual(['good']);
    expect(severities(plan(TANKS.us75, peacocks), 'all-male')).toEqual(['caution']);
  });
  it('F35: all-male rock dwellers fail, less so where both sexes are coloured', () => {
    const rock = (species: string) => severities(plan(TANKS.us125, [sexed(species, 6, 0)]), 'all-male');
    expect(rock('maylandia-greshakei')).toEqual(['stop']);
    expect(rock('iodotropheus-sprengerae')).toEqual(['caution']);
  });
  it('F35: females restart the fighting where the practice is a show tank', () => {
    const withFemales = [...peacocks, sexed('aulonocara-jacobfreibergi', 1, 3)];
    const under = (males: 'harem' | 'all-male') =>
      severities(
        plan(TANKS.us125, withFemales, { practice: { males } }),
        'all-male',
        'aulonocara-jacobfreibergi',
      );
    expect(under('all-male')).toContain('caution');
    expect(under('harem')).not.toContain('caution');
  });
  it('has nothing to say of shoalers', () =>
    expect(severities(plan(TANKS.us29, [sexed('paracheirodon-innesi', 10, 0)]), 'all-male')).toEqual([]));
});

describe('under-stocked', () => {
  it('F92: too few to share the chasing, and enough', () => {
    const few = (count: number) =>
      severities(plan(TANKS.us75, [{ species: 'tropheus-duboisi', count }]), 'under-stocked');
    expect(few(10)).toEqual(['caution']);
    expect(few(11)).toEqual(['caution']);
    expect(few(12)).toEqual([]);
    expect(few(20)).toEqual([]);
  });
  it('F91: a thin tank of rock dwellers, by the dense approach only', () => {
    const thin = (riftDensity: 'dense' | 'roomy') =>
      found(
        plan(TANKS.us125, [sexed('labidochromis-caeruleus', 1, 7)], { practice: { riftDensity } }),
        'under-stocked',
      ).filter((finding) => finding.approach === 'dense');
    expect(thin('dense')).toHaveLength(1);
    expect(thin('roomy')).toHaveLength(0);
  });
  it('calls a tank of rock dwellers thin below 45% of the dense number (from memory)', () => {
    const thin = (count: number) =>
      found(
        plan(TANKS.us125, [{ species: 'labidochromis-caeruleus', count }], {
          practice: { riftDensity: 'dense' },
        }),
        'under-stocked',
      ).filter((finding) => finding.approach === 'dense');
    const dense = thin(10)[0]?.because.dense as number;
    expect(thin(Math.ceil(dense * 0.45) - 1)).toHaveLength(1);
    expect(thin(Math.ceil(dense * 0.45))).toHaveLength(0);
  });
  it('leaves a single cichlid of a pairing species alone', () =>
    expect(
      severities(plan(TANKS.us90, [{ species: 'pterophyllum-scalare', count: 1 }]), 'under-stocked'),
    ).toEqual([]));
});

describe('territory', () => {
  const pairs = (ids: readonly string[]) => ids.map((species) => sexed(species, 1, 1));
  it('F87: one or two corners held is fine, five or six are too many', () => {
    const some = pairs(['neolamprologus-leleupi', 'julidochromis-transcriptus']);
    const many = [
      ...some,
      ...pairs([
        'neolamprologus-cylindricus',
        'julidochromis-marlieri',
        'lamprologus-ocellatus',
        'chalinochromis-brichardi',
      ]),
    ];
    expect(severities(plan(TANKS.us125, some), 'territory')).toEqual([]);
    expect(severities(plan(TANKS.us75, many), 'territory')).toEqual(['caution']);
  });
  it('begins when the last of them matures', () =>
    expect(
      found(
        plan(
          TANKS.us20long,
          pairs(['neolamprologus-leleupi', 'neolamprologus-tretocephalus']).map((group) => ({
            ...group,
            lengthCm: 3,
          })),
        ),
        'territory',
      )[0]?.from,
    ).not.toBeNull());
  it('F90: counts peacocks and haps by the roomy approach, and lets the dense one have more', () => {
    const crowd = ['aulonocara-baenschi', 'copadichromis-azureus', 'protomelas-taeniolatus'].map((species) =>
      sexed(species, 2 + 1, 9),
    );
    const by = (riftDensity?: 'dense') =>
      found(plan(TANKS.us125, crowd, { practice: { riftDensity } }), 'territory').filter(
        (finding) => finding.approach !== null,
      );
    expect(by()).toEqual([expect.objectContaining({ severity: 'caution', approach: 'roomy' })]);
    expect(by('dense')).toEqual([expect.objectContaining({ severity: 'note', approach: 'dense' })]);
    expect(found(plan(TANKS.us125, [sexed('aulonocara-baenschi', 1, 4)]), 'territory')).toEqual([]);
  });
  it('adds up what both kinds of Lake Malawi cichlids fill', () => {
    const mixed = (peacocks: number, zebras: number) =>
      found(
        plan(TANKS.us125, [
          sexed('aulonocara-baenschi', 1, peacocks - 1),
          sexed('maylandia-estherae', 1, zebras - 1),
        ]),
        'territory',
      ).flatMap(({ fact }) => (fact.says === 'group/dense' ? [fact] : []));
    expect(mixed(20, 9)).toEqual([expect.objectContaining({ count: 29, kind: 'both', over: false })]);
    expect(mixed(12, 12)).toEqual([]);
  });
  it('calls more rock dwellers than dense tanks have too many by either approach, and as many as they have no matter', () => {
    const zebras = (count: number, riftDensity?: 'dense') =>
      found(
        plan(TANKS.us125, [sexed('maylandia-estherae', 3, count - 3)], { practice: { riftDensity } }),
        'territory',
      ).filter(({ fact }) => fact.says === 'group/dense');
    expect(zebras(40)).toEqual([]);
    for (const chosen of [undefined, 'dense'] as const)
      expect(zebras(60, chosen)).toEqual([
        expect.objectContaining({
          severity: 'caution',
          contested: false,
          fact: expect.objectContaining({ kind: 'rock dwellers', over: true }),
        }),
      ]);
  });
  it.each([
    [284, 10],
    [473, 25],
    [908, 35],
    // Larger tanks go on in proportion; a small one carries its share of ten.
    [1816, 70],
    [142, 5],
  ])('F90: %d L carry %d by the roomy approach', (litres, number) =>
    expect(roomyNumber(litres)).toBe(number),
  );
});

describe('grown together', () => {
  const angels = (grownTogether?: boolean) =>
    severities(
      plan(TANKS.us40breeder, [{ species: 'pterophyllum-scalare', count: 5, lengthCm: 4, grownTogether }]),
      'conspecific-aggression',
    );
  it('F54: those that grow up together get on better', () => {
    expect(angels(false)).toEqual(['caution']);
    expect(angels(true)).toEqual([]);
  });
  it('F54: a grown one among juveniles upsets the order', () => {
    const mixed = (lengthCm: number) =>
      found(
        plan(TANKS.us180, [
          { species: 'pterophyllum-scalare', count: 5, lengthCm: 4 },
          { species: 'pterophyllum-scalare', count: 1, lengthCm },
        ]),
        'conspecific-aggression',
      ).filter((finding) => 'largestCm' in finding.because);
    expect(mixed(12)).toHaveLength(1);
    expect(mixed(5)).toHaveLength(0);
  });
});
