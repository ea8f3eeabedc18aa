import { catalogue } from '@/testing/plans';
import { protocolFor, releaseSheet } from './releaseSheet';

const of = (id: string) => catalogue.byId.get(id)!;
const kind = (id: string, count = 6) => ({ profile: of(id), count });
const ids = (...asked: Parameters<typeof releaseSheet>) => releaseSheet(...asked).steps.map((one) => one.id);

describe('the run sheet of a release (common practice)', () => {
  it('F82, F85: rearranges in the same hour and feeds the residents first where ground is held', () => {
    const steps = ids([kind('labidochromis-caeruleus', 4)], [of('maylandia-estherae')], 10);
    expect(steps.indexOf('rearrange')).toBeLessThan(steps.indexOf('low'));
    expect(steps.indexOf('feed')).toBeLessThan(steps.indexOf('dark'));
    expect(steps).toContain('mix');
  });
  it('F86: one newcomer among the rough gets the ruse, three do not', () => {
    expect(protocolFor([kind('maylandia-estherae', 1)], [of('maylandia-lombardoi')])).toBe('single newcomer');
    expect(protocolFor([kind('maylandia-estherae', 3)], [of('maylandia-lombardoi')])).toBe('plain');
    expect(ids([kind('maylandia-estherae', 1)], [of('maylandia-lombardoi')], 0)[0]).toBe('ruse');
  });
  it('F85: those that panic go in unfed and in the dark', () => {
    const skittish = catalogue.all.find((one) => one.habits.panics && one.company.temper.mature === 0)!;
    const { protocol, steps } = releaseSheet([{ profile: skittish, count: 8 }], [of('corydoras-aeneus')], 0);
    expect(protocol).toBe('skittish');
    expect(steps.map((one) => one.id)).toEqual(expect.arrayContaining(['dark', 'unfed']));
    expect(steps.map((one) => one.id)).not.toContain('feed');
  });
  it('pours no shop water from a tank of one’s own: the waters are matched in one step', () => {
    const own = { ...kind('labidochromis-caeruleus', 4), ownWater: true };
    const bought = kind('labidochromis-caeruleus', 4);
    expect(ids([own], [], 10)).toContain('match');
    expect(ids([own], [], 10)).not.toContain('mix');
    expect(ids([own, bought], [], 10)).toEqual(expect.arrayContaining(['float', 'mix']));
    expect(ids([bought], [], 10)).not.toContain('match');
  });
  it('always has the steps that fish die without, and the caution of those that sting', () => {
    const { steps } = releaseSheet([kind('potamotrygon-motoro', 1)], [], 0);
    expect(steps.filter((one) => one.vital).map((one) => one.id)).toEqual([
      'hands',
      'count',
      'heater',
      'lid',
    ]);
  });
  it('has every step in its order, with its minutes, for fish from a shop among rough residents', () => {
    const plain = { about: [], waitMinutes: 0, vital: false };
    const cichlids = [{ species: 'labidochromis-caeruleus', count: 4 }];
    expect(releaseSheet([kind('labidochromis-caeruleus', 4)], [of('maylandia-estherae')], 12)).toEqual({
      protocol: 'plain',
      steps: [
        { ...plain, id: 'rearrange' },
        { ...plain, id: 'feed', waitMinutes: 10 },
        { ...plain, id: 'dark', waitMinutes: 10 },
        { ...plain, id: 'float', waitMinutes: 15 },
        { ...plain, id: 'mix', waitMinutes: 12 },
        { ...plain, id: 'count', vital: true, about: cichlids },
        { ...plain, id: 'low' },
        { ...plain, id: 'heater', vital: true },
        { ...plain, id: 'lid', vital: true },
        { ...plain, id: 'ramp' },
      ],
    });
  });
  it('has no step for nobody: no residents to feed or to move, nothing to mix, no fish to match', () => {
    expect(ids([kind('labidochromis-caeruleus', 4)], [], 0)).toEqual([
      'dark',
      'float',
      'count',
      'low',
      'heater',
      'lid',
      'ramp',
    ]);
    expect(ids([], [], 0)).not.toContain('match');
    expect(ids([kind('corydoras-aeneus')], [of('trigonostigma-heteromorpha')], 0)).not.toContain('rearrange');
  });
  it('rearranges where one resident holds ground, rough or not', () => {
    const holder = catalogue.all.find(
      (one) => one.company.holds !== 'nothing' && one.company.temper.mature <= 1,
    )!;
    const rest = of('corydoras-aeneus');
    expect(ids([kind('corydoras-aeneus')], [rest, holder], 0)).toContain('rearrange');
    expect(ids([kind('corydoras-aeneus')], [rest, of('maylandia-estherae')], 0)).toContain('rearrange');
  });
  it('names those that jump at the lid, and those that sting or have spines at the hands', () => {
    const jumper = catalogue.all.find(
      (one) => one.habits.jumps === 'often' && !one.handling.sting && !one.handling.spines,
    )!;
    const spiny = catalogue.all.find(
      (one) => one.handling.spines && !one.handling.sting && one.habits.jumps !== 'often',
    )!;
    const { steps } = releaseSheet(
      [
        { profile: jumper, count: 3 },
        { profile: spiny, count: 2 },
      ],
      [],
      0,
    );
    const about = (id: string) => steps.find((one) => one.id === id)?.about;
    expect(about('lid')).toEqual([{ species: jumper.id, count: 3 }]);
    expect(about('hands')).toEqual([{ species: spiny.id, count: 2 }]);
    expect(about('count')).toHaveLength(2);
  });
  it('is skittish for one shy kind among others, and never among the rough', () => {
    const shy = catalogue.all.find((one) => one.habits.shyness >= 3 && !one.habits.panics)!;
    const bold = of('labidochromis-caeruleus');
    expect(bold.habits.panics || bold.habits.shyness >= 3).toBe(false);
    const both = [
      { profile: bold, count: 4 },
      { profile: shy, count: 4 },
    ];
    expect(protocolFor(both, [])).toBe('skittish');
    expect(protocolFor([{ profile: bold, count: 4 }], [])).toBe('plain');
    expect(protocolFor(both, [of('maylandia-lombardoi')])).toBe('plain');
    expect(protocolFor([{ profile: bold, count: 1 }], [of('corydoras-aeneus')])).toBe('plain');
  });
});
