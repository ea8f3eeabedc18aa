import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import type { PlanFile, PlanGroup } from '../model/plan';
import { settlesMost } from './settlesMost';
import { isBad } from './whatItAdds';

const ask = (file: PlanFile, removable = file.groups.map((group) => group.species)) =>
  settlesMost(file, judge(file), catalogue, TODAY, removable);
const kind = (species: string, count: number): PlanGroup => ({ species, count, origin: 'tank-bred' });

describe('what a list hangs on', () => {
  const community = [
    kind('paracheirodon-innesi', 12),
    kind('corydoras-panda', 8),
    kind('trichogaster-chuna', 3),
  ];
  it('finds the one that does not belong, and what the rest would then say', () => {
    const file = plan(TANKS.us75, [...community, kind('astronotus-ocellatus', 1)], {
      water: { temperatureC: 25, ph: 6.8, ghDh: 6 },
    });
    const [first, ...others] = ask(file);
    expect(first?.species).toBe('astronotus-ocellatus');
    const without = judge({ ...file, groups: community });
    expect(first?.verdict).toBe(without.verdict);
    expect(first?.verdict).not.toBe('stop');
    const had = judge(file).findings.filter(isBad);
    expect(first!.settles - first!.brings).toBe(had.length - without.findings.filter(isBad).length);
    for (const other of others) expect(other.stops).toBeLessThanOrEqual(first!.stops);
  });
  it('names only those that can be left out, and nobody on a calm list', () => {
    const file = plan(TANKS.us75, [...community, kind('astronotus-ocellatus', 1)]);
    expect(ask(file, ['paracheirodon-innesi']).map((one) => one.species)).not.toContain(
      'astronotus-ocellatus',
    );
    expect(ask(plan(TANKS.us75, community))).toEqual([]);
  });
  it('counts what is new without it: a shoal that loses its company is no way to settle anything', () => {
    const tried = ask(plan(TANKS.us20long, [kind('puntigrus-tetrazona', 6), kind('betta-splendens', 1)]));
    expect(tried.map((one) => one.species)).toContain('betta-splendens');
    for (const one of tried) expect(one.settles).toBeGreaterThan(one.brings);
  });
});
