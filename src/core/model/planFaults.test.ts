import { catalogue } from '@/testing/plans';
import { groupFaultsOf, speciesFaultsOf, tankFaultsOf } from './planFaults';
import { approachName, type PlanFile, planSchema, withApproach } from './plan';
import { recountGroup } from './recountGroup';

const TANK = { lengthCm: 100, widthCm: 40, heightCm: 50 };
const wrong = (more: Partial<PlanFile['tank']>) =>
  tankFaultsOf({ ...TANK, ...more }).map(({ path, expected, received }) => ({ path, ...expected, received }));

describe('measures of a tank that cannot be together', () => {
  it('are none in a plain tank, and none at the edge of what can be', () => {
    expect(wrong({})).toEqual([]);
    expect(wrong({ waterLineCm: 50, substrateCm: 49.9, bowCm: 39, glassMm: 60 })).toEqual([]);
  });
  const seen = (text: string) => ({ is: 'value', text });
  it.each<[string, Partial<PlanFile['tank']>, object]>([
    [
      'water above the rim',
      { waterLineCm: 51 },
      {
        path: 'tank.waterLineCm',
        is: 'at most',
        most: 50,
        than: 'heightCm',
        unit: 'cm',
        received: seen('51'),
      },
    ],
    [
      'ground as high as the rim',
      { substrateCm: 50 },
      {
        path: 'tank.substrateCm',
        is: 'below',
        below: 50,
        than: 'waterLineCm',
        unit: 'cm',
        received: seen('50'),
      },
    ],
    [
      'ground as high as the water',
      { substrateCm: 45, waterLineCm: 45 },
      {
        path: 'tank.substrateCm',
        is: 'below',
        below: 45,
        than: 'waterLineCm',
        unit: 'cm',
        received: seen('45'),
      },
    ],
    [
      'a bow as deep as the tank',
      { bowCm: 40 },
      { path: 'tank.bowCm', is: 'below', below: 40, than: 'widthCm', unit: 'cm', received: seen('40') },
    ],
    [
      'glass without room',
      { widthCm: 10, glassMm: 50 },
      {
        path: 'tank.glassMm',
        is: 'below',
        below: 50,
        than: 'room for water',
        unit: 'mm',
        received: seen('50'),
      },
    ],
    [
      'glass without room in a flat tank',
      { heightCm: 8, glassMm: 45 },
      {
        path: 'tank.glassMm',
        is: 'below',
        below: 40,
        than: 'room for water',
        unit: 'mm',
        received: seen('45'),
      },
    ],
  ])('%s', (_name, more, fault) => expect(wrong(more)).toEqual([fault]));
  it('ask nothing of the glass where the measures are those inside', () =>
    expect(wrong({ widthCm: 10, glassMm: 50, inside: true })).toEqual([]));
});

describe('groups that contradict themselves', () => {
  const group = { species: 'paracheirodon-innesi', count: 6 };
  const faults = (more: object) =>
    groupFaultsOf({ ...group, ...more }, 'groups[2]', catalogue).map(({ path, expected }) => [
      path,
      expected,
    ]);
  it('name no species, or have more sexes than animals', () => {
    expect(faults({})).toEqual([]);
    expect(faults({ males: 2, females: 4 })).toEqual([]);
    expect(faults({ males: 3, females: 4 })).toEqual([
      ['groups[2].males', { is: 'sexes', males: 3, females: 4, count: 6 }],
    ]);
    expect(faults({ females: 7 })).toHaveLength(1);
    expect(faults({ species: 'neon tetrra', males: 9 }).map(([path]) => path)).toEqual([
      'groups[2].species',
      'groups[2].males',
    ]);
    expect(groupFaultsOf({ ...group, males: 3, females: 4 }, 'g', catalogue)[0]?.received).toEqual({
      is: 'value',
      text: '7',
    });
  });
  it('say the nearest name that is known', () =>
    expect(speciesFaultsOf('neon tetrra', 'species', catalogue)).toEqual([
      {
        path: 'species',
        expected: { is: 'known', what: 'species', nearest: 'neon tetra (paracheirodon-innesi)' },
        received: { is: 'value', text: '"neon tetrra"' },
      },
    ]));
});

describe('approaches in files', () => {
  it('keep their first names, and are told in them', () => {
    expect(withApproach({ practice: { tankSize: 'strict', males: 'harem' }, x: 1 })).toEqual({
      practice: { tankSize: 'cautious', males: 'harem' },
      x: 1,
    });
    for (const value of [
      { practice: { tankSize: 'tried' } },
      { practice: { tankSize: 'toString' } },
      { practice: null },
      {},
      null,
      { practice: { tankSize: 7 } },
    ])
      expect(withApproach(value)).toBe(value);
    expect(['cautious', 'middle', 'tried', 'other'].map(approachName)).toEqual([
      'strict',
      'usual',
      'lenient',
      'other',
    ]);
  });
});

describe('a plan file', () => {
  const plan = { format: 'lomvik-plan', version: 1, tank: TANK, groups: [] as object[] };
  const takes = (more: object): boolean => planSchema.isValidSync({ ...plan, ...more }, { strict: true });
  it('needs three measures and a list, and nothing more', () => {
    expect(takes({})).toBe(true);
    expect(takes({ tank: { lengthCm: 100, widthCm: 40 } })).toBe(false);
    expect(takes({ groups: undefined })).toBe(false);
    expect(takes({ format: 'lomvik' })).toBe(false);
  });
  it('takes hides as one number or by their kind', () => {
    const hides = (said: unknown): boolean => takes({ tank: { ...TANK, hides: said } });
    expect([hides(4), hides({ caves: 2, shells: 9 }), hides(undefined)]).toEqual([true, true, true]);
    expect([hides(-1), hides({ caves: 501 }), hides('many'), hides(null)]).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });
  it('takes five hundred groups and no more', () => {
    const groups = (count: number) => Array.from({ length: count }, () => ({ species: 'neon', count: 1 }));
    expect([takes({ groups: groups(500) }), takes({ groups: groups(501) })]).toEqual([true, false]);
  });
  it('says the unit of what is out of bounds', () => {
    const unitOf = (part: string, said: object): unknown => {
      try {
        planSchema.validateSync({ ...plan, [part]: said }, { strict: true, abortEarly: false });
        return 'taken';
      } catch (error) {
        return (error as { errors: { unit?: string }[] }).errors[0]?.unit;
      }
    };
    expect(unitOf('water', { temperatureC: 41 })).toBe('°C');
    expect(unitOf('water', { ghDh: 61 })).toBe('°dH');
    expect(unitOf('water', { khDh: 61 })).toBe('°dH');
    expect(unitOf('water', { nitrateTapMgL: 201 })).toBe('mg/L');
    expect(unitOf('water', { salinityPpt: 46 })).toBe('ppt');
    for (const part of ['lengthCm', 'widthCm', 'heightCm', 'bowCm', 'waterLineCm', 'substrateCm'])
      expect(unitOf('tank', { ...TANK, [part]: 1e5 })).toBe('cm');
    expect(unitOf('tank', { ...TANK, glassMm: 61 })).toBe('mm');
    expect(unitOf('tank', { ...TANK, filterLph: 1e6 })).toBe('L/h');
    expect(unitOf('routine', { everyDays: 366 })).toBeUndefined();
    expect(unitOf('routine', { everyDays: 7, changeFraction: 0.3, mealsPerDay: 2 })).toBe('taken');
  });
});

describe('a group with another number', () => {
  it.each([
    [{ count: 6 }, 9, { count: 9 }],
    [{ count: 6, males: 2, females: 4 }, 9, { count: 9, males: 2, females: 4 }],
    [{ count: 6, males: 2, females: 4 }, 5, { count: 5, males: 2, females: 3 }],
    [{ count: 6, males: 3, females: 3 }, 5, { count: 5, males: 3, females: 2 }],
    [{ count: 6, males: 6 }, 4, { count: 4, males: 4 }],
    [{ count: 6, females: 6 }, 4, { count: 4, females: 4 }],
    [{ count: 6, males: 1 }, 4, { count: 4, males: 1 }],
  ])('%j, %d: %j', (group, count, expected) =>
    expect(recountGroup({ species: 'x', ...group }, count)).toEqual({ species: 'x', ...expected }),
  );
});
