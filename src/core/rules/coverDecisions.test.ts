import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanFile, PlanGroup, SpeciesProfile } from '../model';

/** Each decision about hides and cover, tried with species that are made up. */
type Tank = Partial<PlanFile['tank']>;
const TANK = { lengthCm: 100, widthCm: 40, heightCm: 40 };
const cm = (length: number) => ({ maleCm: length, femaleCm: length });

describe('hides', () => {
  const needy = (kind: string, more: Made = {}) =>
    madeUp('paracheirodon-innesi', 'needy', { ...more, tank: { ...TANK_WISHES, [kind]: 'needs' } });
  const TANK_WISHES = madeUp('paracheirodon-innesi', 'any').tank;
  const found = (species: SpeciesProfile, tank: Tank, group: Partial<PlanGroup> = {}) =>
    findingsAmong('hides', [species], [{ species: species.id, count: 5, ...group }], { ...TANK, ...tank });
  const because = (species: SpeciesProfile, tank: Tank, group?: Partial<PlanGroup>) =>
    found(species, tank, group).map((finding) => [
      finding.severity,
      finding.because.wanted,
      finding.because.have,
    ]);

  it('that are missing are told whole', () => {
    expect(found(needy('caves'), { hides: {} })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['needy'],
        fact: { says: 'home/no hides', hide: 'caves', count: 5 },
        because: { kind: 'caves', wanted: 3, have: 0 },
        contested: false,
        fixes: [{ advice: { does: 'add hides', hide: 'caves', count: 3 } }],
      }),
    ]);
    expect(found(needy('shells'), { hides: { shells: 4, caves: 9 } })).toEqual([
      expect.objectContaining({
        severity: 'note',
        fact: { says: 'home/few hides', hide: 'shells', count: 5, need: 10, have: 4 },
        because: { kind: 'shells', wanted: 10, have: 4 },
        fixes: [{ advice: { does: 'add hides', hide: 'shells', count: 6 } }],
      }),
    ]);
  });
  it.each<[string, string, Tank, readonly unknown[]]>([
    ['of which nobody said anything', 'caves', {}, []],
    ['as many caves as every second fish wants', 'caves', { hides: { caves: 3 } }, []],
    ['one cave too few', 'caves', { hides: { caves: 2 } }, [['note', 3, 2]]],
    ['told only by number', 'caves', { hides: 2 }, [['note', 3, 2]]],
    ['told by number, enough', 'caves', { hides: 3 }, []],
    ['two shells a head', 'shells', { hides: { shells: 10 } }, []],
    ['one shell too few', 'shells', { hides: { shells: 9 } }, [['note', 10, 9]]],
    ['one overhang', 'overhangs', { hides: { overhangs: 1 } }, []],
    ['of another kind', 'overhangs', { hides: { caves: 4 } }, [['caution', 1, 0]]],
    ['upright cover', 'upright', { hides: {} }, [['caution', 1, 0]]],
    ['dense plants as upright cover', 'upright', { hides: {}, plants: 'dense' }, []],
    ['some plants as upright cover', 'upright', { hides: {}, plants: 'some' }, [['caution', 1, 0]]],
    ['dense plants as floating cover', 'floating', { hides: {}, plants: 'dense' }, []],
    ['dense plants are no cave', 'caves', { hides: {}, plants: 'dense' }, [['caution', 3, 0]]],
  ])('%s', (_, kind, tank, told) => expect(because(needy(kind), tank)).toEqual(told));

  it('are one at the least for one fish', () =>
    expect(because(needy('caves'), { hides: {} }, { count: 1 })).toEqual([['caution', 1, 0]]));

  const holding = (company: Made['company'], more: Made = {}) =>
    needy('caves', {
      family: 'Cichlidae',
      kin: 'made-up kin',
      ...more,
      company: {
        mode: 'group',
        groundCm2: 900,
        pairs: 'scatters',
        ownKind: { male: 2, female: 1 },
        ...company,
      },
    });
  it.each<[string, Made['company'], Partial<PlanGroup>, Made, number]>([
    ['every second fish', {}, { count: 8 }, {}, 4],
    ['the males, where sexes are known', {}, { count: 8, males: 3, females: 5 }, {}, 3],
    ['every fish of a loner', { mode: 'solitary' }, { count: 4 }, {}, 4],
    ['every fish, where females fight as well', { ownKind: { male: 3, female: 3 } }, { count: 4 }, {}, 4],
    [
      'a couple of those as one',
      { mode: 'pair', ownKind: { male: 3, female: 3 } },
      { count: 2, males: 1, females: 1 },
      {},
      1,
    ],
    [
      'a couple of a kind that lives in groups as two',
      { ownKind: { male: 3, female: 3 } },
      { count: 2, males: 1, females: 1 },
      {},
      2,
    ],
    [
      'two males of those',
      { mode: 'pair', ownKind: { male: 3, female: 3 } },
      { count: 2, males: 2, females: 0 },
      {},
      2,
    ],
    ['a third of a group that pairs', { pairs: 'guards' }, { count: 6 }, {}, 2],
    ['an eighth of a colony', { mode: 'colony', pairs: 'guards' }, { count: 16 }, {}, 2],
    ['every second of a harem that guards', { mode: 'harem', pairs: 'guards' }, { count: 6 }, {}, 3],
    ['every second of a group of strangers', { pairs: 'guards' }, { count: 6, grownTogether: false }, {}, 3],
    ['a third of those that grew up together', { pairs: 'guards' }, { count: 6, grownTogether: true }, {}, 2],
    [
      'every second of a group that pairs and is no cichlid',
      { pairs: 'guards' },
      { count: 6 },
      { family: 'Osphronemidae' },
      3,
    ],
    [
      'every second of those that show and do not hold',
      {},
      { count: 5, males: 2, females: 3 },
      { kin: 'hap' },
      3,
    ],
  ])('caves for holders: %s', (_, company, group, more, wanted) =>
    expect(because(holding(company, more), { hides: {} }, group)).toEqual([['caution', wanted, 0]]),
  );

  const rough = (id: string, more: Made = {}) =>
    madeUp('amatitlania-nigrofasciata', id, {
      kin: `${id} kin`,
      ...more,
      tank: TANK_WISHES,
      layers: { top: 0, middle: 0.5, bottom: 0.5, ...more.layers },
      company: { temper: { young: 2, mature: 2 }, ...more.company },
    });
  const refuges = (hides: number, species: readonly SpeciesProfile[], counts: readonly number[]) =>
    findingsAmong(
      'hides',
      species,
      species.map(({ id }, at) => ({ species: id, count: counts[at]! })),
      {
        ...TANK,
        hides,
      },
    );
  it('for chased fish are told whole', () =>
    expect(
      refuges(
        1,
        [rough('a-rough'), rough('b-calm', { company: { temper: { young: 0, mature: 0 } } })],
        [2, 5],
      ),
    ).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['a-rough'],
        fact: { says: 'home/refuges', have: 1, fish: 7 },
        because: { hides: 1, heads: 7 },
        contested: true,
        approach: 'more hides',
        fixes: [{ advice: { does: 'add hides', hide: null, count: 3 } }],
      }),
    ]));
  it.each<[string, number, Made, readonly number[], readonly string[]]>([
    ['none at all', 0, {}, [2, 4], ['caution']],
    ['one too few', 2, {}, [2, 4], ['note']],
    ['one for every second', 3, {}, [2, 4], []],
    ['for one fish', 0, { life: 'shrimp' }, [1, 4], []],
    ['for two', 0, { life: 'shrimp' }, [2, 4], ['caution']],
    ['where the others live higher up', 1, { layers: { top: 0.4, middle: 0.4, bottom: 0.2 } }, [2, 4], []],
    [
      'where the others live at the bottom for a part of the day',
      1,
      { layers: { top: 0.4, middle: 0.3, bottom: 0.3 } },
      [2, 4],
      ['note'],
    ],
  ])('for chased fish: %s', (_, have, other, counts, severities) =>
    expect(
      refuges(
        have,
        [rough('a-rough'), rough('b-other', { ...other, company: { temper: { young: 0, mature: 0 } } })],
        counts,
      ).map(({ severity }) => severity),
    ).toEqual(severities),
  );
  it('are nobody’s business among calm fish', () =>
    expect(refuges(0, [rough('a-calm', { company: { temper: { young: 0, mature: 0 } } })], [6])).toEqual([]));
});

describe('shy fish', () => {
  const shy = (shyness: 0 | 1 | 2 | 3, length = 4) =>
    madeUp('danio-margaritatus', 'a-shy', {
      size: cm(length),
      habits: { shyness, activity: 1, mealSpeed: 1 },
    });
  const bold = (more: Made = {}) =>
    madeUp('danio-rerio', 'bold', {
      ...more,
      size: { ...cm(6), ...more.size },
      habits: { shyness: 0, activity: 3, mealSpeed: 3, ...more.habits },
      company: { temper: { young: 0, mature: 0 }, ...more.company },
    });
  const found = (species: readonly SpeciesProfile[], tank: Tank = {}) =>
    findingsAmong(
      'shyness',
      species,
      species.map(({ id }) => ({ species: id, count: 8 })),
      { ...TANK, ...tank },
    );
  const says = (...asked: Parameters<typeof found>) =>
    found(...asked).map(({ severity, fact }) => `${severity} ${fact.says}`);

  it('without cover are told whole', () =>
    expect(found([shy(3)], { plants: 'none', hides: 0 })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['a-shy'],
        fact: { says: 'home/no cover' },
        because: { shyness: 3, plants: 'none', hides: 0, boldSpecies: 0 },
        fixes: [{ advice: { does: 'plant densely' } }],
      }),
    ]));
  it('in bold company are told whole', () =>
    expect(found([shy(2), bold()])).toEqual([
      expect.objectContaining({
        severity: 'note',
        species: ['a-shy', 'bold'],
        fact: { says: 'home/shy company', count: 8 },
        because: { shyness: 2, plants: expect.any(String), hides: 'not given', boldSpecies: 1 },
        fixes: [
          { advice: { does: 'plant densely' } },
          { edit: { kind: 'leave-out', species: 'bold', count: 8 } },
        ],
      }),
    ]));
  it.each<[string, 0 | 1 | 2 | 3, Tank, readonly string[]]>([
    ['that are hardly shy', 1, { plants: 'none', hides: 0 }, []],
    ['that are rather shy', 2, { plants: 'none', hides: 0 }, ['note home/no cover']],
    ['where nobody said what hides there are', 2, { plants: 'none' }, ['note home/no cover']],
    ['with a hide', 2, { plants: 'none', hides: 1 }, []],
    ['with some plants', 2, { plants: 'some', hides: 0 }, []],
    ['where nobody said what plants there are', 2, { hides: 0 }, []],
  ])('%s', (_, shyness, tank, told) => expect(says([shy(shyness)], tank)).toEqual(told));
  it.each<[string, Made, readonly string[]]>([
    ['restless and half as long again', {}, ['caution home/shy company']],
    ['restless and not so much longer', { size: cm(5.9) }, []],
    ['rather shy themselves', { habits: { shyness: 2 } }, []],
    ['not bold and not shy', { habits: { shyness: 1 } }, ['caution home/shy company']],
    ['slow at meals', { habits: { mealSpeed: 2 } }, []],
    ['calm', { habits: { activity: 2 } }, []],
    [
      'rough, small and calm',
      { size: cm(3), habits: { activity: 1 }, company: { temper: { young: 0, mature: 2 } } },
      ['caution home/shy company'],
    ],
    ['no fish', { life: 'shrimp' }, []],
  ])('beside others: %s', (_, other, told) => expect(says([shy(3), bold(other)])).toEqual(told));
});
