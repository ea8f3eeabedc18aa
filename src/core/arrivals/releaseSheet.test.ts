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
});
