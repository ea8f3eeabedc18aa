import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import { distinctSpecies } from '../model/forms';
import type { PlanFile } from '../model/plan';
import { candidatesFor, offeredGroup } from './candidatesFor';
import { whatItAdds } from './whatItAdds';

const LISTS: readonly PlanFile[] = [
  plan(TANKS.us75, []),
  plan(TANKS.us75, [
    { species: 'pterophyllum-scalare', count: 6, lengthCm: 4 },
    { species: 'paracheirodon-axelrodi', count: 12 },
    { species: 'corydoras-sterbai', count: 6 },
  ]),
  plan(
    { ...TANKS.us125, filterLph: 2500, hides: 10, lightHours: 8 },
    [
      { species: 'labidochromis-caeruleus', count: 8, since: '2026-01' },
      { species: 'maylandia-estherae', count: 8, males: 1, females: 7 },
    ],
    { water: { temperatureC: 25, ph: 8, ghDh: 12 } },
  ),
];

describe('candidatesFor', () => {
  it.each(
    LISTS.map(
      (file) => [file.groups.map((group) => group.species).join(', ') || 'an empty list', file] as const,
    ),
  )('says what two whole assessments differ by, for every kind, beside %s', (_name, file) => {
    const effects = candidatesFor(file, catalogue, TODAY);
    expect(effects).toHaveLength(distinctSpecies(catalogue).length);
    const before = judge(file);
    const inOrder = (rows: readonly string[]): readonly string[] => [...rows].sort();
    for (const effect of effects) {
      const profile = catalogue.byId.get(effect.species)!;
      const after = judge({ ...file, groups: [...file.groups, offeredGroup(profile)] });
      const expected = whatItAdds(before, after).brings.map((each) => `${each.severity} ${each.fact.says}`);
      expect([
        effect.species,
        ...inOrder(effect.brings.map((each) => `${each.severity} ${each.fact.says}`)),
      ]).toEqual([effect.species, ...inOrder(expected)]);
    }
  });
  it('puts the best company first', () => {
    const order = candidatesFor(LISTS[1]!, catalogue, TODAY);
    const place = (species: string) => order.findIndex((effect) => effect.species === species);
    expect(place('gasteropelecus-sternicla')).toBeLessThan(place('parachromis-dovii'));
    expect(order[0]).toMatchObject({ stops: 0, cautions: 0, sameWaters: true });
    const stops = order.map((effect) => effect.stops);
    expect(stops).toEqual([...stops].sort((a, b) => a - b));
  });
});
