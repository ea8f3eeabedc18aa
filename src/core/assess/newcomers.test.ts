import { BARE_DISASTERS } from '@/testing/bareDisasters';
import { barePlan } from '@/testing/barePlans';
import { BARE_SOUND } from '@/testing/bareSound';
import { judge } from '@/testing/plans';
import { newcomers } from './newcomers';
import { isBad } from './whatItAdds';

const FILES = [...BARE_DISASTERS, ...BARE_SOUND].map(barePlan);
const keyOf = (pair: readonly string[]): string => [...pair].sort().join('|');

describe('newcomers', () => {
  it('keeps apart exactly the pairs that are judged badly when the two are alone', () => {
    let pairs = 0;
    for (const file of FILES) {
      const apart = new Set(newcomers(judge(file)).apart.map(keyOf));
      file.groups.forEach((a, i) =>
        file.groups.slice(i + 1).forEach((b) => {
          if (a.species === b.species) return;
          pairs += 1;
          const alone = judge({ ...file, groups: [a, b] }).findings.some(
            (finding) => isBad(finding) && [a, b].every(({ species }) => finding.species.includes(species)),
          );
          expect([keyOf([a.species, b.species]), apart.has(keyOf([a.species, b.species]))]).toEqual([
            keyOf([a.species, b.species]),
            alone,
          ]);
        }),
      );
    }
    expect(pairs).toBeGreaterThan(600);
  });
  it('says of each species what it makes: all together are the whole list', () => {
    for (const file of FILES) {
      const whole = judge(file);
      const each = [...newcomers(whole).nitrateMgLWeek.values()];
      expect(each.reduce((sum, one) => sum + one, 0)).toBeCloseTo(whole.context.load.nitrateMgLWeek, 6);
    }
  });
});
