import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import { atOnce } from '../kernel/steps/atOnce';
import type { PlanEdit } from '../rules';
import { fixKey } from './causes';
import { bestOf, inOrder, isOtherFish, type TriedFix, triedFixesInSteps } from './triedFixes';
import { toldGroups } from './tryEdit';

describe('the order of fixes', () => {
  const fix = (
    kind: PlanEdit['kind'],
    more: Partial<TriedFix> & { readonly species?: string } = {},
  ): TriedFix => {
    const { species = 'a', ...rest } = more;
    return {
      edit: { kind, species } as PlanEdit,
      rehomes: 0,
      solves: true,
      leaves: { verdict: 'fits', stop: 0, caution: 0 },
      ...rest,
    };
  };
  const left = (stop: number, caution: number): Partial<TriedFix> => ({
    leaves: { verdict: 'stop', stop, caution },
  });
  it.each<[string, TriedFix, TriedFix]>([
    ['what mends it whole first', fix('swap'), fix('set-lid', { solves: false })],
    ['what asks least first', fix('set-lid', left(3, 3)), fix('set-breaks')],
    ['a number before a routine', fix('set-count'), fix('set-routine')],
    ['a routine before a tank', fix('set-routine'), fix('set-tank')],
    ['a tank before other fish', fix('set-tank', left(2, 0)), fix('leave-out')],
    ['leaving out before another species', fix('leave-out', left(2, 0)), fix('swap')],
    ['what leaves fewer stops first', fix('set-count', left(1, 9)), fix('set-plants', left(2, 0))],
    ['what leaves fewer cautions first', fix('set-count', left(1, 1)), fix('set-plants', left(1, 2))],
  ])('is %s', (_name, first, second) => {
    expect(inOrder(first, second)).toBeLessThan(0);
    expect(inOrder(second, first)).toBeGreaterThan(0);
  });
  it('offers three, of one sort the best; each species that is left out is a sort', () => {
    const all = [
      fix('leave-out', { species: 'b' }),
      fix('set-tank', left(0, 2)),
      fix('set-tank', left(0, 1)),
      fix('leave-out', { species: 'a' }),
      fix('leave-out', { species: 'b', ...left(1, 0) }),
      fix('swap'),
    ];
    expect(bestOf(all)).toEqual([all[2], all[0], all[3]]);
    expect(bestOf([])).toEqual([]);
    expect(all[0]?.edit.kind).toBe('leave-out');
  });
  it('takes leaving out and another species for giving fish up, and nothing else', () => {
    const kinds: readonly PlanEdit['kind'][] = ['leave-out', 'swap', 'set-count', 'set-lid', 'set-tank'];
    expect(kinds.map((kind) => isOtherFish(fix(kind).edit))).toEqual([true, true, false, false, false]);
  });
});

describe('what is offered for each group', () => {
  const file = plan({ ...TANKS.us75, lid: false }, groupsOf('6 danio-rerio, 8 carnegiella-strigata'));
  const before = judge(file);
  const offered = () => atOnce(triedFixesInSteps({ plan: file, before, catalogue, today: TODAY, sizes: [] }));
  it('is told for all groups, those without a fix too', () => {
    expect([...offered().keys()]).toEqual(toldGroups(before).map(fixKey));
  });
  it('is a lid where one is missing: it solves that, and says what is left', () => {
    const lid = [...offered().values()].flat().find(({ edit }) => edit.kind === 'set-lid');
    const after = judge({ ...file, tank: { ...file.tank, lid: true } });
    expect(lid).toEqual({
      edit: { kind: 'set-lid', lid: true },
      rehomes: 0,
      solves: true,
      leaves: {
        verdict: after.verdict,
        stop: toldGroups(after).filter(({ severity }) => severity === 'stop').length,
        caution: toldGroups(after).filter(({ severity }) => severity === 'caution').length,
      },
    });
  });
});
