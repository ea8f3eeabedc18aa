import { PLAINLY } from '@/testing/plans';
import fc from 'fast-check';
import { SHIPPED_SPECIES } from '@/catalogue';
import { anyGroup, anyPlan } from '@/testing/anyPlan';
import { catalogue, TODAY } from '@/testing/plans';
import { buildCatalogue } from '../model/catalogue';
import type { PlanFile } from '../model/plan';
import { assess } from './assess';
import { candidatesFor, offeredGroup } from './candidatesFor';
import { readPlan } from './readPlan';
import { toAnswer } from './toAnswer';
import { whatItAdds } from './whatItAdds';

function checked(file: PlanFile): PlanFile {
  const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
  if (!read.ok) throw new Error('a plan that the reader refuses');
  return read.value;
}

/** Species and what is said of two of them are kept from one question to the next: against the slow way, which keeps nothing. */
describe('what was worked out before', () => {
  it('changes no answer, also when one group is changed, added or left out', () => {
    fc.assert(
      fc.property(anyPlan, anyGroup, fc.nat(), (file, other, at) => {
        const { groups } = file;
        const place = groups.length === 0 ? 0 : at % groups.length;
        const lists = [
          groups,
          [...groups, other],
          groups.filter((_, index) => index !== place),
          groups.map((group, index) => (index === place ? { ...group, count: group.count + 1 } : group)),
          groups,
        ];
        for (const list of lists) {
          const now = checked({ ...file, groups: list });
          const fresh = buildCatalogue(structuredClone(SHIPPED_SPECIES));
          expect(toAnswer(assess(now, catalogue, TODAY), PLAINLY)).toEqual(
            toAnswer(assess(now, fresh, TODAY), PLAINLY),
          );
        }
      }),
      { numRuns: 25 },
    );
  });

  it('keeps nothing of another month', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const now = checked(file);
        assess(now, catalogue, '2026-11-23');
        const fresh = buildCatalogue(structuredClone(SHIPPED_SPECIES));
        expect(toAnswer(assess(now, catalogue, '2027-02-01'), PLAINLY)).toEqual(
          toAnswer(assess(now, fresh, '2027-02-01'), PLAINLY),
        );
      }),
      { numRuns: 25 },
    );
  });

  it('joins a list as two whole assessments differ, for any list and any species', () => {
    fc.assert(
      fc.property(anyPlan, fc.constantFrom(...catalogue.all), (file, profile) => {
        const list = checked(file);
        const [effect] = candidatesFor(list, catalogue, TODAY, [profile]);
        const after = checked({ ...list, groups: [...list.groups, offeredGroup(profile)] });
        const { brings } = whatItAdds(assess(list, catalogue, TODAY), assess(after, catalogue, TODAY));
        const told = (rows: readonly { readonly rule: string; readonly severity: string }[]) =>
          rows.map(({ rule, severity }) => `${severity} ${rule}`).sort();
        expect(told(effect?.brings ?? [])).toEqual(told(brings));
      }),
      { numRuns: 250 },
    );
  });
});
