import { catalogue, TANKS, TODAY, PLAINLY } from '@/testing/plans';
import { file, wish } from '@/testing/lineups/asked';
import { assess } from '../assess/assess';
import { buildProblem } from './buildProblem';
import { Judge, lineUps } from './lineUps';
import type { WishesFile } from './wishes';
import type { Wish } from '../model/wish';

const solve = (one: WishesFile) => lineUps(one, catalogue, TODAY);

describe('lineUps', () => {
  const wishes = [
    wish('pterophyllum-scalare', { weight: 5 }),
    wish('paracheirodon-innesi', { weight: 2 }),
    wish('gymnocorymbus-ternetzi', { weight: 2 }),
    wish('corydoras-sterbai', { weight: 2 }),
    wish('puntigrus-tetrazona', { weight: 3 }),
    wish('carnegiella-strigata', { weight: 1 }),
    wish('astronotus-ocellatus', { weight: 4 }),
  ];
  let answer: ReturnType<typeof solve>;
  beforeAll(() => {
    answer = solve(file(wishes));
  });
  it('is proven, best first, and no line-up is a stop', () => {
    expect(answer.proven).toBe(true);
    expect(answer.lineUps).toHaveLength(10);
    const values = answer.lineUps.map((one) => one.value);
    expect(values).toEqual([...values].sort((a, b) => b - a));
    for (const one of answer.lineUps) expect(one.assessment.verdict).not.toBe('stop');
  });
  it('values a line-up as the format says', () => {
    for (const { value, groups } of answer.lineUps) {
      const covered = new Set<string>();
      const sum = groups.reduce((total, group) => {
        const profile = catalogue.byId.get(group.species)!;
        for (const layer of ['top', 'middle', 'bottom'] as const)
          if (profile.layers[layer] >= 0.25) covered.add(layer);
        const weight = wishes.find((one) => one.species === group.species)!.weight as number;
        return total + weight * (group.count >= profile.company.comfortableGroup ? 1 : 0.7);
      }, 0);
      expect(value).toBeCloseTo(sum + covered.size, 9);
    }
  });
  it('takes the sexes and the origin of a wish into its groups', () => {
    const [best] = solve(
      file([
        wish('pelvicachromis-pulcher', { males: 1, females: 1 }),
        wish('paracheirodon-axelrodi', { origin: 'wild', counts: [12] }),
      ]),
    ).lineUps;
    expect(best?.groups).toEqual(
      expect.arrayContaining([
        { species: 'pelvicachromis-pulcher', count: 2, males: 1, females: 1 },
        { species: 'paracheirodon-axelrodi', count: 12, origin: 'wild' },
      ]),
    );
  });
  it('judges wild-caught soft-water fish by their own water, and two males by their sex', () => {
    const hard = { tank: TANKS.us75, water: { temperatureC: 26, ph: 8, ghDh: 20 } };
    const found = (one: WishesFile) => solve(one).lineUps[0]?.groups.length;
    const discus = (origin: Wish['origin']) =>
      found(file([wish('symphysodon-aequifasciatus', { counts: [6], origin })], hard));
    expect([discus('wild'), discus('tank-bred')]).toEqual([0, 1]);
    const bettas = (males: number) => found(file([wish('betta-splendens', { males, females: 0 })]));
    expect([bettas(1), bettas(2)]).toEqual([1, 0]);
  });
  it('says why each wish is left out of the best', () => {
    const inBest = new Set(answer.lineUps[0]!.groups.map((group) => group.species));
    expect(
      answer
        .leftOut(0)
        .map((one) => one.species)
        .sort(),
    ).toEqual(
      wishes
        .map((one) => one.species)
        .filter((species) => !inBest.has(species))
        .sort(),
    );
    expect(answer.leftOut(0).find((one) => one.species === 'paracheirodon-innesi')?.why).toMatchObject({
      rule: 'predation',
      species: ['pterophyllum-scalare', 'paracheirodon-innesi'],
    });
    expect(answer.leftOut(0).every((one) => PLAINLY.finding(one.why).length > 3)).toBe(true);
  });
  it('tells of each list what it leaves out, and of what would fit as well that it would', () => {
    const { lineUps: found, leftOut } = solve(
      file([wish('danio-rerio', { counts: [8] }), wish('corydoras-sterbai', { counts: [6], weight: 3 })]),
    );
    expect(found.map(({ groups }) => groups.length)).toEqual([2, 1, 1, 0]);
    const fits = (species: string) => ({ species, by: null, why: { fact: { says: 'line-up/fits too' } } });
    expect(leftOut(0)).toEqual([]);
    expect(leftOut(1)).toMatchObject([fits('danio-rerio')]);
    expect(leftOut(2)).toMatchObject([fits('corydoras-sterbai')]);
    // Of a list that is not there all wishes are left out.
    expect(leftOut(9)).toMatchObject([fits('danio-rerio'), fits('corydoras-sterbai')]);
  });
  it('tells of the best so far as groups, and takes each number for a list of its own', () => {
    const told: (readonly { readonly value: number; readonly groups: readonly unknown[] }[])[] = [];
    const asked = file([wish('danio-rerio', { counts: [8, 12] })]);
    const { lineUps: found } = lineUps(asked, catalogue, TODAY, { onBetter: (best) => told.push(best) });
    expect(found.map(({ groups }) => groups[0]?.count)).toEqual([12, 8, undefined]);
    expect(told.at(-1)!.slice(0, 2)).toMatchObject([
      { value: found[0]!.value, groups: [{ species: 'danio-rerio', count: 12 }] },
      { value: found[1]!.value, groups: [{ species: 'danio-rerio', count: 8 }] },
    ]);
  });
  it('refuses a list that has a stop in its whole assessment', () => {
    const asked = file([wish('pterophyllum-scalare'), wish('paracheirodon-innesi')]);
    const judge = new Judge(asked, buildProblem(asked, catalogue, TODAY), catalogue, TODAY);
    const last = buildProblem(asked, catalogue, TODAY).candidates.length - 1;
    expect([judge.accepts([0]), judge.accepts([last]), judge.accepts([0, last])]).toEqual([
      true,
      true,
      false,
    ]);
  });
  it('keeps a must-have, whatever it costs, and has no answer when it cannot be kept', () => {
    const kept = solve(
      file(wishes.map((one) => (one.species === 'paracheirodon-innesi' ? { ...one, mustHave: true } : one))),
    );
    for (const one of kept.lineUps)
      expect(one.groups.map((group) => group.species)).toContain('paracheirodon-innesi');
    expect(kept.lineUps[0]!.value).toBeLessThanOrEqual(answer.lineUps[0]!.value);
    const never = solve(file([wish('potamotrygon-leopoldi', { mustHave: true }), wish('danio-rerio')]));
    expect(never).toMatchObject({ lineUps: [], proven: true });
  });
  it('agrees with trying every list of whole groups', () => {
    const small = file(wishes.slice(0, 5), { best: 1 });
    const { items } = solve(small).problem;
    let best = 0;
    for (let bits = 0; bits < 1 << items.length; bits += 1) {
      const chosen = items.filter((_, i) => bits & (1 << i));
      if (new Set(chosen.map((item) => item.species)).size < chosen.length) continue;
      if (chosen.reduce((sum, item) => sum + item.nitrateMgLWeek, 0) > 20) continue;
      const room = (layer: 'top' | 'middle' | 'bottom') =>
        chosen.reduce((sum, item) => sum + item.room[layer], 0);
      if (Math.max(room('top'), room('middle'), room('bottom')) > 5) continue;
      const plan = {
        format: 'lomvik-plan' as const,
        version: 1 as const,
        tank: small.tank,
        groups: chosen.map(({ species, count }) => ({ species, count })),
      };
      if (assess(plan, catalogue, TODAY).verdict === 'stop') continue;
      const covered = new Set(chosen.flatMap((item) => item.covers)).size;
      best = Math.max(best, chosen.reduce((sum, item) => sum + item.value, 0) + covered);
    }
    expect(solve(small).lineUps[0]!.value).toBeCloseTo(best, 9);
  });
});
