import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import { lengthAfterMonths } from '../growth';
import { monthOf } from '../kernel';
import { adultLengthCm, type PlanFile, type PlanGroup } from '../model';
import { TAP_NITRATE_MGL, USUAL_ROUTINE } from '../tank';
import { buildContext, planGroups, stageOf } from './buildContext';

const PEACOCK = 'aulonocara-stuartgranti';
const NEON = 'paracheirodon-innesi';
const profileOf = (id: string) => catalogue.byId.get(id)!;
const built = (file: PlanFile) => buildContext(file, catalogue, TODAY);
const groupOf = (group: PlanGroup, practice?: PlanFile['practice']) =>
  planGroups({ groups: [group], practice }, catalogue, TODAY)[0]!;
/** A tank of which only the measures are said. */
const bare = (groups: readonly PlanGroup[], more: Partial<PlanFile> = {}): PlanFile => ({
  format: 'lomvik-plan',
  version: 1,
  tank: { lengthCm: 120, widthCm: 45, heightCm: 50 },
  groups,
  ...more,
});
const byPath = (file: PlanFile) =>
  Object.fromEntries(built(file).assumed.map(({ path, ...said }) => [path, said]));

describe('what is assumed where a plan does not say', () => {
  const [low, high] = profileOf(NEON).water.tankBred.temperatureC;
  it('is told by its place, with its value and where that is from', () => {
    const assumed = byPath(bare([{ species: NEON, count: 12 }]));
    expect(assumed).toMatchObject({
      'groups[0].lengthCm': { value: adultLengthCm(profileOf(NEON)), how: 'grown', species: NEON },
      'groups[0].origin': { value: 'unknown', species: NEON },
      'tank.lid': { value: true },
      'tank.plants': { value: 'some' },
      'tank.hides': { value: null },
      'tank.lightHours': { value: null },
      'tank.sightBreaks': { value: null },
      'water.temperatureC': { value: Math.round(((low + high) / 2) * 10) / 10, how: 'shared middle' },
      'water.nitrateTapMgL': { value: TAP_NITRATE_MGL },
      'water.salinityPpt': { value: profileOf(NEON).water.tankBred.salinityPpt[0] },
      'routine.changeFraction': { value: USUAL_ROUTINE.changeFraction },
      'routine.everyDays': { value: USUAL_ROUTINE.everyDays },
      'routine.mealsPerDay': { value: USUAL_ROUTINE.mealsPerDay },
      'practice.tankSize': { value: 'middle' },
      'practice.males': { value: 'harem' },
    });
    expect(Object.keys(assumed).filter((path) => path.startsWith('tank.'))).toEqual(
      expect.arrayContaining(['tank.filterLph', 'tank.substrate']),
    );
  });
  it('is the plainest water beside no fish, and then no middle of anything', () => {
    const alone = byPath(bare([]));
    expect(alone['water.temperatureC']).toEqual({ value: 25 });
    expect([alone['water.ph'], alone['water.ghDh']]).toEqual([{ value: 7.2 }, { value: 8 }]);
    expect(alone['water.salinityPpt']).toEqual({ value: 0 });
  });
  it('is nothing of what is said', () => {
    const said = bare([{ species: NEON, count: 12, lengthCm: 2.5, origin: 'tank-bred' }], {
      water: { temperatureC: 24, ph: 6.5, ghDh: 5, salinityPpt: 0, nitrateTapMgL: 3 },
      routine: { changeFraction: 0.5, everyDays: 10, mealsPerDay: 1 },
      practice: { tankSize: 'tried', males: 'all-male' },
    });
    const all = { ...said.tank, lid: false, plants: 'none', hides: 3, lightHours: 9, sightBreaks: 2 };
    const paths = Object.keys(
      byPath({ ...said, tank: { ...all, filterLph: 500, substrate: 'sand' } as never }),
    );
    expect(paths.filter((path) => !path.startsWith('tank.'))).toEqual([]);
    for (const part of ['lid', 'plants', 'hides', 'lightHours', 'sightBreaks', 'filterLph', 'substrate'])
      expect(paths).not.toContain(`tank.${part}`);
  });
  it('shows in the context: what is assumed of meals, changes, tank and water', () => {
    const { context } = built(bare([]));
    expect(context.routine).toMatchObject({ mealsAssumed: true, changesAssumed: true });
    expect(context.water.assumed).toEqual(new Set(['temperatureC', 'ph', 'ghDh', 'salinityPpt']));
    expect(context.tank.assumed).toEqual(new Set(['filterLph', 'plants', 'substrate']));
    const half = built(bare([], { routine: { changeFraction: 0.3 }, water: { ph: 7, salinityPpt: 1 } }));
    expect(half.context.routine).toMatchObject({ mealsAssumed: true, changesAssumed: true });
    expect(half.context.water.assumed).toEqual(new Set(['temperatureC', 'ghDh'].values()));
    const whole = built(bare([], { routine: { changeFraction: 0.3, everyDays: 7, mealsPerDay: 2 } }));
    expect(whole.context.routine).toEqual({
      changeFraction: 0.3,
      everyDays: 7,
      mealsPerDay: 2,
      mealsAssumed: false,
      changesAssumed: false,
    });
    expect(built(bare([], { routine: { everyDays: 7 } })).context.routine.changesAssumed).toBe(true);
  });
  it('is the salt that the saltiest needs', () => {
    const salty = catalogue.all.find(({ water }) => water.tankBred.salinityPpt[0] > 0)!;
    const { context } = built(bare([NEON, salty.id].map((species) => ({ species, count: 6 }))));
    expect(context.water.salinityPpt).toBe(salty.water.tankBred.salinityPpt[0]);
  });
  it('adds hides up, whatever they are', () => {
    const hidesOf = (hides: unknown) =>
      built({ ...bare([]), tank: { ...bare([]).tank, hides } as never }).context.tank.hides;
    expect(hidesOf(5)).toEqual({ total: 5, byKind: null });
    expect(hidesOf({ caves: 3, shells: 4 })).toMatchObject({ total: 7, byKind: { caves: 3, shells: 4 } });
    expect(hidesOf(undefined)).toBeNull();
  });
});

describe('a group as the rules see it', () => {
  it('names the place of a species that nobody knows', () =>
    expect(() =>
      planGroups(
        {
          groups: [
            { species: NEON, count: 1 },
            { species: 'nobody', count: 1 },
          ],
        },
        catalogue,
        TODAY,
      ),
    ).toThrow('groups[1].species was not checked before it was assessed'));
  it('is judged grown, or as long as it will be when it leaves', () => {
    const adult = adultLengthCm(profileOf(PEACOCK));
    expect(groupOf({ species: PEACOCK, count: 1, lengthCm: 4 })).toMatchObject({
      judgedCm: adult,
      leavesInMonths: null,
      grownTogether: null,
      wayOut: '',
      nextTank: '',
      breeding: false,
      monthsHere: null,
      asSold: true,
    });
    expect(groupOf({ species: PEACOCK, count: 1, lengthCm: adult + 3 }).judgedCm).toBe(adult + 3);
    const [year, month] = monthOf(TODAY).split('-').map(Number) as [number, number];
    const until = `${year + 1}-${String(month).padStart(2, '0')}`;
    const leaving = groupOf({
      species: PEACOCK,
      count: 1,
      lengthCm: 4,
      until,
      grownTogether: true,
      origin: 'wild',
    });
    expect(leaving).toMatchObject({ leavesInMonths: 12, grownTogether: true, asSold: false });
    expect(leaving.judgedCm).toBe(lengthAfterMonths(profileOf(PEACOCK), 4, 12));
    expect(groupOf({ species: PEACOCK, count: 1, until: '2000-01' }).leavesInMonths).toBe(0);
    expect(groupOf({ species: PEACOCK, count: 1, since: `${year - 1}-01` }).monthsHere).toBe(11 + month);
  });
  it.each<[string, Partial<PlanGroup>, PlanFile['practice'], string, number | null, number | null]>([
    ['said of both', { males: 2, females: 3 }, undefined, PEACOCK, 2, 3],
    ['said of males', { males: 2 }, undefined, PEACOCK, 2, 0],
    ['said of females', { females: 2 }, { males: 'all-male' }, PEACOCK, 0, 2],
    ['all males, as the keeper shows them', {}, { males: 'all-male' }, PEACOCK, 5, 0],
    ['unknown in a harem', {}, { males: 'harem' }, PEACOCK, null, null],
    ['unknown of five where one of each is shown', {}, { males: 'one-each' }, PEACOCK, null, null],
    ['unknown of a species that nobody shows', {}, { males: 'all-male' }, NEON, null, null],
  ])('has its sexes: %s', (_name, sexes, practice, species, males, females) =>
    expect(groupOf({ species, count: 5, ...sexes }, practice)).toMatchObject({ males, females }),
  );
  it('is a male where one of each species is shown', () => {
    expect(groupOf({ species: PEACOCK, count: 1 }, { males: 'one-each' })).toMatchObject({
      males: 1,
      females: 0,
    });
    expect(groupOf({ species: NEON, count: 1 }, { males: 'one-each' }).males).toBeNull();
  });
});

describe('a tank as the rules see it', () => {
  const sized = (lengthCm: number, widthCm: number, heightCm: number): boolean =>
    built({ ...bare([]), tank: { lengthCm, widthCm, heightCm } }).context.pond;
  it('is a pond by its floor and its volume, not by one of them', () => {
    expect(sized(220, 100, 80)).toBe(true);
    expect(sized(150, 120, 110)).toBe(false);
    expect(sized(300, 100, 40)).toBe(false);
  });
  it('is the same object for the same water, and another for another', () => {
    const file = plan(TANKS.us75, []);
    const water = built(file).context.water;
    const stage = stageOf(file, TODAY);
    const place = stage.placeIn(water);
    expect(stage.placeIn({ ...water })).toBe(place);
    expect(stageOf(file, TODAY).placeIn(water)).toBe(place);
    for (const name of ['temperatureC', 'ph', 'ghDh', 'salinityPpt', 'nitrateTapMgL'] as const) {
      const other = stage.placeIn({ ...water, [name]: water[name] + 0.3 });
      expect(other).not.toBe(place);
      expect(other.water[name]).toBe(water[name] + 0.3);
    }
    expect(stageOf(plan(TANKS.us125, []), TODAY).placeIn(water)).not.toBe(place);
  });
  it('bears those who are still there after some months, and no others', () => {
    const [year, month] = monthOf(TODAY).split('-').map(Number) as [number, number];
    const until = `${year + 1}-${String(month).padStart(2, '0')}`;
    const stays = built(bare([{ species: PEACOCK, count: 6, lengthCm: 5 }])).context;
    const goes = built(bare([{ species: PEACOCK, count: 6, lengthCm: 5, until }])).context;
    const none = built(bare([])).context;
    const load = (of: typeof stays, months: number): number => of.loadAfter(months).nitrateMgLWeek;
    expect(load(goes, 12)).toBeCloseTo(load(stays, 12), 9);
    expect(load(goes, 13)).toBeCloseTo(load(none, 13), 9);
    expect(load(stays, 13)).toBeGreaterThan(load(none, 13));
    expect(load(stays, 12)).toBeGreaterThan(load(stays, 1));
  });
});
