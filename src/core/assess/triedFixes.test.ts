import fc from 'fast-check';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { demoRoom } from '@/demo/demoRoom';
import { anyPlan } from '@/testing/anyPlan';
import { BARE_DISASTERS } from '@/testing/bareDisasters';
import { barePlan } from '@/testing/barePlans';
import { BARE_SOUND } from '@/testing/bareSound';
import { catalogue, judge, plan, PLAINLY, TANKS, TODAY } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import type { PlanFile } from '../model';
import type { PlanEdit } from '../rules';
import { readPlan } from './readPlan';
import { roomPlan } from './roomPlan';
import { editPlan } from './planEdit';
import { toAnswer } from './toAnswer';
import { type TriedFix, triedFixesInSteps } from './triedFixes';
import { isBad, whatItAdds } from './whatItAdds';

/** A plan as the reader takes it, and all fixes that are offered for it. */
function offered(file: PlanFile): { readonly file: PlanFile; readonly fixes: readonly TriedFix[] } {
  const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
  if (!read.ok) throw new Error('no plan');
  const steps = triedFixesInSteps({
    plan: read.value,
    before: judge(file),
    catalogue,
    today: TODAY,
    sizes: STANDARD_TANKS,
  });
  for (;;) {
    const step = steps.next();
    if (step.done) return { file: read.value, fixes: [...step.value.values()].flat() };
  }
}

const VERDICTS = ['fits', 'caution', 'stop'];
/** What is wrong with the fixes of a plan, if anything. */
function wrongFixes(file: PlanFile): readonly string[] {
  const before = judge(file);
  const { file: read, fixes } = offered(file);
  return fixes.flatMap(({ edit, leaves }) => {
    const after = judge(editPlan(read, edit, catalogue) as PlanFile);
    const brings = whatItAdds(before, after).brings.map(({ rule, species }) => `${rule} ${species.join()}`);
    const worse = VERDICTS.indexOf(after.verdict) > VERDICTS.indexOf(before.verdict);
    return brings.length > 0 || worse || after.verdict !== leaves.verdict
      ? [`${JSON.stringify(edit)}: ${after.verdict}, brings ${brings.join('; ')}`]
      : [];
  });
}

const edits = (file: PlanFile): readonly PlanEdit[] => offered(file).fixes.map(({ edit }) => edit);
const counts = (file: PlanFile, species: string): readonly number[] =>
  edits(file).flatMap((edit) => (edit.kind === 'set-count' && edit.species === species ? [edit.count] : []));

describe('fixes that are tried', () => {
  it('never make a random plan worse', () => {
    fc.assert(
      fc.property(anyPlan, (file) => expect(wrongFixes(file)).toEqual([])),
      { numRuns: 25 },
    );
  });

  it.each(
    [...BARE_DISASTERS, ...BARE_SOUND.slice(0, 40)].map((row) => [`${row[0]}: ${row[1]}`, row] as const),
  )('never make %s worse', (_name, row) => expect(wrongFixes(barePlan(row))).toEqual([]));

  // Fixes that made a list worse in the first round.
  it.each([
    ['us125', '6 cyphotilapia-frontosa', 'cyphotilapia-frontosa', [8]],
    ['us125', '3 astronotus-ocellatus', 'astronotus-ocellatus', [4]],
    ['us125', '1 heros-efasciatus, 1 astronotus-ocellatus', 'heros-efasciatus', [5]],
    ['us75', '2 apteronotus-albifrons', 'apteronotus-albifrons', [4]],
    ['us55', '10 pethia-conchonius, 1 dichotomyctere-nigroviridis', 'pethia-conchonius', [20]],
  ] as const)('in %s %s is not told to keep more than the tank carries', (tank, list, species, bad) => {
    const offers = counts(plan(TANKS[tank], groupsOf(list)), species);
    for (const count of bad) expect(offers).not.toContain(count);
  });

  it('move the wall that binds, and not that of a tank that is round', () => {
    const short = plan({ lengthCm: 150, widthCm: 45, heightCm: 50 }, groupsOf('1 astronotus-ocellatus'));
    const walls = (file: PlanFile) => edits(file).filter(({ kind }) => kind === 'set-wall');
    const [moved] = walls(short);
    expect(moved).toMatchObject({ wall: 'lengthCm' });
    expect(moved?.kind === 'set-wall' && moved.cm % 5 === 0 && moved.cm > 150 && moved.cm <= 200).toBe(true);
    expect(walls({ ...short, tank: { ...short.tank, shape: 'round' } })).toEqual([]);
  });

  it('say how many of those that live there would leave for it', () => {
    const rehomes = (since?: string) =>
      offered(
        plan(TANKS.us29, [
          { species: 'astronotus-ocellatus', count: 1, since },
          { species: 'paracheirodon-innesi', count: 10 },
        ]),
      ).fixes.flatMap((fix) =>
        fix.edit.kind === 'leave-out' && fix.edit.species === 'astronotus-ocellatus' ? [fix.rehomes] : [],
      );
    expect(new Set(rehomes('2026-01'))).toEqual(new Set([1]));
    expect(new Set(rehomes())).toEqual(new Set([0]));
  });

  it('leave fish out last: feeding comes before it', () => {
    const file = plan(TANKS.us125, groupsOf('6 symphysodon-aequifasciatus, 6 metynnis-argenteus'));
    const before = judge(file);
    const steps = triedFixesInSteps({ plan: file, before, catalogue, today: TODAY, sizes: [] });
    let step = steps.next();
    while (!step.done) step = steps.next();
    const { findings } = toAnswer(before, PLAINLY, step.value);
    const fixes = findings.find(({ rule }) => rule === 'out-eating')?.fixes ?? [];
    expect(fixes.length).toBeGreaterThan(1);
    expect(fixes[0]?.edit).toBeNull();
    const kinds = fixes.map(({ edit }) => edit?.kind ?? 'advice');
    expect(kinds.slice(0, kinds.lastIndexOf('advice') + 1)).not.toContain('leave-out');
    expect(kinds).toContain('leave-out');
  });

  it('never make a draft of the demo room worse', () => {
    const { documents } = demoRoom(TODAY);
    const drafts = documents.flatMap((document) =>
      document.kind === 'draft' && document.body ? [document.body] : [],
    );
    const tanks = documents.flatMap((document) =>
      document.kind === 'tank' && document.body ? [document.body] : [],
    );
    expect(drafts.length).toBeGreaterThan(1);
    for (const tank of tanks)
      for (const { groups } of drafts)
        expect(wrongFixes(roomPlan(tank, [], groups, catalogue, TODAY))).toEqual([]);
  });

  it('mend a missing lid by a lid, and say that the list fits then', () => {
    const file = plan({ ...TANKS.us75, lid: false }, groupsOf('6 danio-rerio, 8 carnegiella-strigata'));
    const [first] = offered(file).fixes.filter(({ edit }) => edit.kind === 'set-lid');
    expect(first).toMatchObject({ edit: { kind: 'set-lid', lid: true }, solves: true });
  });

  it('offer a species that looks and lives alike for one that does not fit', () => {
    const all = edits(plan(TANKS.us10, groupsOf('1 pterygoplichthys-pardalis, 10 hyphessobrycon-amandae')));
    expect(all.some((edit) => edit.kind === 'leave-out' || edit.kind === 'swap')).toBe(true);
  });

  it('offer three at most for a group, each of another sort, the least effort first', () => {
    for (const row of BARE_DISASTERS.slice(0, 20)) {
      const file = barePlan(row);
      const steps = triedFixesInSteps({
        plan: file,
        before: judge(file),
        catalogue,
        today: TODAY,
        sizes: [],
      });
      let step = steps.next();
      while (!step.done) step = steps.next();
      for (const fixes of step.value.values()) {
        expect(fixes.length).toBeLessThanOrEqual(3);
        const sorts = fixes.map(({ edit }) => (edit.kind === 'leave-out' ? JSON.stringify(edit) : edit.kind));
        expect(new Set(sorts).size).toBe(sorts.length);
      }
    }
  });

  it('leave a sound list alone', () => {
    const file = plan(TANKS.us20long, groupsOf('10 paracheirodon-innesi, 6 corydoras-panda'));
    expect(judge(file).findings.filter(isBad)).toEqual([]);
    expect(edits(file).filter(({ kind }) => kind === 'leave-out' || kind === 'swap')).toEqual([]);
  });
});
