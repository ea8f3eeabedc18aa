import { catalogue, found, judge, plan, severities, TANKS } from '@/testing/plans';
import type { PlanTank } from '../model/plan';

/**
 * Facts of the trade, common practice: values that practitioners work by. Their numbers are the brief's.
 * "Accepted" means no stop by the tank rules at the middle approach; "refused" means a stop.
 */

const TANK_RULES = ['tank-length', 'tank-width', 'tank-height', 'tank-volume'];

function tankVerdict(
  tank: PlanTank,
  species: string,
  count: number,
  tankSize: 'cautious' | 'middle' | 'tried' = 'middle',
): 'stop' | 'caution' | 'fine' {
  const answer = judge(plan(tank, [{ species, count }], { practice: { tankSize } }));
  const said = answer.findings
    .filter((finding) => TANK_RULES.includes(finding.rule))
    .map((finding) => finding.severity);
  return said.includes('stop') ? 'stop' : said.includes('caution') ? 'caution' : 'fine';
}

describe('smallest tanks', () => {
  it.each([
    ['F10', 'neocaridina-davidi', 3, { lengthCm: 30, widthCm: 20, heightCm: 20 }],
    ['F11', 'boraras-brigittae', 8, TANKS.us5],
    ['F12', 'heterandria-formosa', 6, TANKS.us5],
    ['F13', 'trichopsis-pumila', 1, TANKS.us5],
    ['F14', 'betta-splendens', 1, TANKS.us5],
    ['F15', 'poecilia-reticulata', 6, TANKS.us10],
    ['F15', 'xiphophorus-maculatus', 6, TANKS.us20high],
    ['F15', 'poecilia-sphenops', 6, TANKS.us20high],
    ['F15', 'xiphophorus-hellerii', 6, TANKS.us20long],
    ['F16', 'pseudomugil-gertrudae', 6, TANKS.us10],
    ['F16', 'melanotaenia-lacustris', 8, TANKS.us75],
    ['F17', 'melanotaenia-pygmaea', 15, TANKS.us20long],
    ['F19', 'symphysodon-aequifasciatus', 6, TANKS.us90],
    ['F19', 'flowerhorn', 1, TANKS.us90],
    ['F19', 'labidochromis-caeruleus', 6, TANKS.us75],
    ['F19', 'aulonocara-stuartgranti', 8, TANKS.us75],
    ['F19', 'nimbochromis-venustus', 4, TANKS.us125],
    ['F19', 'astronotus-ocellatus', 1, TANKS.us125],
    ['F19', 'cyphotilapia-frontosa', 6, TANKS.us125],
    ['F20', 'amatitlania-nigrofasciata', 2, TANKS.us40breeder],
    ['F21', 'metynnis-argenteus', 6, TANKS.us125],
    ['F22', 'epalzeorhynchos-bicolor', 1, TANKS.us125],
    ['F24', 'nematobrycon-palmeri', 8, TANKS.us20high],
    ['F24', 'danio-margaritatus', 6, TANKS.us10],
    ['F24', 'geophagus-altifrons', 7, TANKS.us180],
  ] as const)('%s: %s (%d) has a tank that the middle approach accepts', (_fact, species, count, tank) => {
    expect(tankVerdict(tank, species, count)).toBe('fine');
  });

  it.each([
    ['F18', 'pterophyllum-scalare', 4, TANKS.us29],
    ['F16', 'iriatherina-werneri', 6, TANKS.us10],
    ['F19', 'labidochromis-caeruleus', 6, TANKS.us55],
    ['F19', 'astronotus-ocellatus', 1, TANKS.us75],
    ['F19', 'cyphotilapia-frontosa', 6, TANKS.us75],
    ['F20', 'amatitlania-nigrofasciata', 1, TANKS.us29],
    ['F21', 'metynnis-argenteus', 6, TANKS.us75],
    ['F24', 'paracheirodon-innesi', 10, TANKS.us5],
    ['F24', 'paracheirodon-axelrodi', 10, TANKS.us5],
    ['F24', 'geophagus-altifrons', 5, TANKS.us125],
  ] as const)(
    '%s: %s (%d) is between two approaches, and is said to be so',
    (_fact, species, count, tank) => {
      expect(['caution', 'fine']).toContain(tankVerdict(tank, species, count));
      expect(tankVerdict(tank, species, count, 'tried')).toBe('fine');
    },
  );

  it.each([
    ['F18', 'pterophyllum-scalare', 4, TANKS.us20long],
    ['F19', 'symphysodon-aequifasciatus', 6, TANKS.us55],
    ['F19', 'chindongo-demasoni', 12, TANKS.us40breeder],
    ['F19', 'astronotus-ocellatus', 1, TANKS.us55],
    ['F21', 'metynnis-argenteus', 6, TANKS.us55],
    ['F23', 'potamotrygon-motoro', 1, TANKS.us125],
    ['F24', 'pseudomugil-cyanodorsalis', 6, TANKS.us10],
    ['F106', 'balantiocheilos-melanopterus', 5, TANKS.us125],
  ] as const)('%s: %s (%d) is refused', (_fact, species, count, tank) => {
    expect(tankVerdict(tank, species, count)).toBe('stop');
  });

  it.each([
    'thorichthys-meeki',
    'herichthys-cyanoguttatus',
    'andinoacara-rivulatus',
    'amphilophus-citrinellus',
    'parachromis-managuensis',
  ])('F19: cautious keepers give %s 125 US gal or more', (species) => {
    expect(catalogue.byId.get(species)!.tank.cautious.litres!).toBeGreaterThanOrEqual(440);
  });
});

describe('groups, ratios and numbers', () => {
  it.each([
    ['F31', 'pterophyllum-scalare', 3, 'stop'],
    ['F32', 'chindongo-demasoni', 6, 'stop'],
    ['F33', 'betta-splendens-female', 3, 'stop'],
  ] as const)('%s: %s in the number %d is a number to avoid', (_fact, species, count, severity) => {
    expect(severities(plan(TANKS.pond, [{ species, count }]), 'group-number', species)).toContain(severity);
  });

  it.each([
    ['F31', 'pterophyllum-scalare', 6],
    ['F32', 'chindongo-demasoni', 15],
    ['F24', 'paracheirodon-innesi', 10],
    ['F24', 'sahyadria-denisonii', 8],
    ['F21', 'metynnis-argenteus', 8],
  ] as const)('%s: %s in the number %d draws nothing about its number', (_fact, species, count) => {
    const file = plan(TANKS.pond, [{ species, count }]);
    expect(severities(file, 'group-number')).toEqual([]);
    expect(severities(file, 'group-size').filter((severity) => severity !== 'good')).toEqual([]);
  });

  it('F22: red-tailed sharks live alone', () => {
    expect(
      severities(plan(TANKS.us125, [{ species: 'epalzeorhynchos-bicolor', count: 2 }]), 'solitary'),
    ).toEqual(['stop']);
  });

  it('F30: two male harem cichlids are a stop; one, or three and more, are not', () => {
    const colony = (males: number, females: number) =>
      severities(
        plan(TANKS.us125, [{ species: 'maylandia-estherae', count: males + females, males, females }]),
        'sex-ratio',
      );
    expect(colony(2, 8)).toEqual(['stop']);
    expect(colony(1, 4)).toEqual(['good']);
    expect(colony(3, 9)).toEqual(['good']);
    expect(colony(1, 2)).toEqual(['caution']);
  });

  it('F34: forktail blue-eyes want two females to a male', () => {
    expect(
      found(
        plan(TANKS.us20long, [{ species: 'pseudomugil-furcatus', count: 6, males: 3, females: 3 }]),
        'sex-ratio',
      )[0]?.because,
    ).toMatchObject({ femalesPerMale: 2 });
  });

  it('F36: a single cichlid of a pairing species is no fault in a community', () => {
    expect(
      severities(plan(TANKS.us90, [{ species: 'pterophyllum-scalare', count: 1 }]), 'group-size'),
    ).toEqual(['note']);
  });

  it('F37: nippers with long fins are a stop in a small group and a caution in a large shoal', () => {
    const withAngels = (rule: string, count: number) =>
      severities(
        plan(TANKS.us180, [
          { species: 'puntigrus-tetrazona', count },
          { species: 'pterophyllum-scalare', count: 6 },
        ]),
        rule,
      );
    expect(withAngels('fin-nipping', 6)).toEqual(['stop']);
    // In number it is disputed, and told once with both sides.
    expect(withAngels('fin-nipping', 24)).toEqual([]);
    expect(withAngels('temper', 24)[0]).toBe('caution');
  });
});

describe('water', () => {
  const range = (id: string) => catalogue.byId.get(id)!.water.tankBred;
  it.each([
    ['F40', 'pterophyllum-scalare', 'temperatureC', [24, 30]],
    ['F41', 'nematobrycon-palmeri', 'temperatureC', [23, 27]],
    ['F41', 'nematobrycon-palmeri', 'ph', [5, 7.5]],
    ['F42', 'pseudomugil-furcatus', 'temperatureC', [24, 27]],
    ['F43', 'metynnis-argenteus', 'temperatureC', [24, 28]],
    ['F43', 'myloplus-rubripinnis', 'temperatureC', [24, 28]],
  ] as const)('%s: %s in %s stands %j', (_fact, id, name, expected) =>
    expect(range(id)[name]).toEqual(expected),
  );

  it('F40: wild angelfish are kept at pH 7 and below', () =>
    expect(catalogue.byId.get('pterophyllum-scalare')!.water.wild.ph[1]).toBeLessThanOrEqual(7));
  it('F42: forktail blue-eyes like a pH above 7 and 5 °dH or more', () => {
    expect(range('pseudomugil-furcatus').ph[0]).toBeGreaterThanOrEqual(7);
    expect(range('pseudomugil-furcatus').ghDh[0]).toBeGreaterThanOrEqual(5);
  });
  it('F45: past 40 mg/L of nitrate is past the edge', () => {
    const crowd = plan(TANKS.us20long, [{ species: 'corydoras-aeneus', count: 30 }]);
    const [nitrate] = found(crowd, 'nitrate');
    expect(Number(nitrate?.because.nitratePeakMgL)).toBeGreaterThan(40);
    // An estimate alone makes no stop, and below twice the budget it is a note.
    expect(['note', 'caution']).toContain(nitrate?.severity);
  });
  it('F47: at discus warmth neons and panda corys are out, sterbai corys, cardinals and rummy-noses are in', () => {
    const at29 = (species: string) =>
      severities(
        plan(TANKS.us125, [{ species, count: 10, origin: 'tank-bred' }], { water: { temperatureC: 29 } }),
        'water-temperature',
        species,
      );
    expect(at29('paracheirodon-innesi')).toContain('stop');
    expect(at29('corydoras-panda')).toContain('stop');
    for (const species of [
      'corydoras-sterbai',
      'paracheirodon-axelrodi',
      'hemigrammus-bleheri',
      'ancistrus-cirrhosus',
    ])
      // At the top of what it bears is a note.
      expect(at29(species).filter((severity) => severity !== 'note')).toEqual([]);
  });
});

describe('eating, nipping and company', () => {
  const together = (rule: string, a: string, b: string, rest = {}) =>
    severities(
      plan(
        TANKS.pond,
        [
          { species: a, count: 6 },
          { species: b, count: 10 },
        ],
        rest,
      ),
      rule,
    );
  it('F60: grown angelfish eat neons and leave deep-bodied tetras alone', () => {
    expect(together('predation', 'pterophyllum-scalare', 'paracheirodon-innesi')).toEqual(['stop']);
    expect(together('predation', 'pterophyllum-scalare', 'gymnocorymbus-ternetzi')).toEqual([]);
  });
  it('F62: cardinals are at risk with discus, which keepers practise all the same', () =>
    expect(together('temper', 'symphysodon-aequifasciatus', 'paracheirodon-axelrodi')).toEqual(['note']));
  it.each(['hyphessobrycon-eques', 'gymnocorymbus-ternetzi', 'puntigrus-tetrazona'])(
    'F63: %s nips bettas',
    (nipper) => {
      expect(
        severities(
          plan(TANKS.us20long, [
            { species: nipper, count: 6 },
            { species: 'betta-splendens', count: 1 },
          ]),
          'fin-nipping',
        ),
      ).toEqual(['stop']);
    },
  );
  it.each([
    'trigonostigma-heteromorpha',
    'paracheirodon-axelrodi',
    'corydoras-aeneus',
    'xiphophorus-maculatus',
  ])('F63: %s goes well with a betta', (mate) => {
    const answer = judge(
      plan(TANKS.us29, [
        { species: mate, count: 8 },
        { species: 'betta-splendens', count: 1 },
      ]),
    );
    const between = answer.findings.filter(
      (finding) =>
        finding.species.includes('betta-splendens') &&
        finding.species.includes(mate) &&
        ['temper', 'predation', 'fin-nipping', 'look-alike'].includes(finding.rule),
    );
    expect(between.map((finding) => finding.fact.says)).toEqual([]);
  });
  it('F63: guppies with a betta are disputed, and an exit plan tips it', () => {
    const pair = (wayOut?: string) =>
      found(
        plan(TANKS.us20long, [
          { species: 'betta-splendens', count: 1, wayOut },
          { species: 'poecilia-reticulata', count: 6 },
        ]),
        'temper',
      );
    expect(pair()).toEqual([
      expect.objectContaining({ contested: true, severity: 'caution', approach: 'avoid' }),
    ]);
    expect(pair('a neighbour takes it')).toEqual([
      expect.objectContaining({ contested: true, severity: 'note' }),
    ]);
  });
  it('F63: goldfish do not belong with a betta', () =>
    expect(
      judge(
        plan(TANKS.us125, [
          { species: 'betta-splendens', count: 1 },
          { species: 'carassius-auratus', count: 2 },
        ]),
      ).verdict,
    ).toBe('stop'));
  it('F68: earth-eaters need sand', () =>
    expect(
      severities(
        plan({ ...TANKS.us180, substrate: 'gravel' }, [{ species: 'geophagus-altifrons', count: 6 }]),
        'substrate',
      ),
    ).toEqual(['stop']));
  it('F71: hatchetfish and blue-eyes jump out of an open tank', () => {
    for (const species of ['carnegiella-strigata', 'pseudomugil-furcatus', 'melanotaenia-praecox'])
      expect(severities(plan({ ...TANKS.us29, lid: false }, [{ species, count: 8 }]), 'lid')).toEqual([
        'stop',
      ]);
  });
  it('F106: nothing lives with a flowerhorn', () =>
    expect(
      severities(
        plan(TANKS.us180, [
          { species: 'flowerhorn', count: 1 },
          { species: 'metynnis-argenteus', count: 8 },
        ]),
        'temper',
      ),
    ).toContain('stop'));
});
