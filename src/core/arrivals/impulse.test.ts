import { catalogue } from '@/testing/plans';
import { impulse } from './impulse';
import type { Lane, ToCome, WaveRules } from './waves';

const kind = (id: string): ToCome => ({
  key: id,
  profile: catalogue.byId.get(id)!,
  count: 6,
  loadMgLWeek: 2,
  favourite: false,
});
const lanes: readonly Lane[] = [{ id: 'Q', name: 'Q', litres: 60, freeFrom: '2026-01-01' }];
const rules: WaveRules = {
  today: '2026-03-01',
  approach: 'gentlest first',
  quarantineDays: 28,
  readyOn: '2026-03-01',
  presentMgLWeek: 0,
};

describe('an impulse buy', () => {
  const list = ['paracheirodon-innesi', 'maylandia-lombardoi'].map(kind);
  it('says who waits longer for it: the rougher species behind it, not the gentle ones before', () => {
    const told = impulse(kind('thorichthys-meeki'), list, lanes, rules);
    expect(told.lane).toBe('Q');
    expect(told.later.map((one) => one.key)).toEqual(['maylandia-lombardoi']);
    expect(told.later[0]!.days).toBeGreaterThanOrEqual(28);
  });
  it('puts nobody off when it is the roughest of all', () => {
    expect(impulse(kind('parachromis-managuensis'), list, lanes, rules).later).toEqual([]);
  });
});
