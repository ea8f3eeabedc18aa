import fc from 'fast-check';
import { anyGroup } from '@/testing/anyPlan';
import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import type { PlanFile } from '../model';
import type { DocumentBodies, DraftGroup } from '../records';
import type { PlanEdit } from '../rules';
import { applyEdit } from './applyEdit';
import { assess } from './assess';
import { editPlan } from './planEdit';
import { roomPlan } from './roomPlan';

const body = (file: PlanFile): DocumentBodies['tank'] => ({
  name: 'Holm',
  purpose: 'display',
  order: 1,
  tank: file.tank,
  water: file.water ?? {},
  routine: file.routine ?? {},
  practice: {},
  entered: undefined,
});

const editFor = (species: string): fc.Arbitrary<PlanEdit> =>
  fc.oneof(
    fc.record({
      kind: fc.constant('set-count' as const),
      species: fc.constant(species),
      count: fc.integer({ min: 1, max: 30 }),
    }),
    fc.record({
      kind: fc.constant('set-sexes' as const),
      species: fc.constant(species),
      males: fc.integer({ min: 0, max: 4 }),
      females: fc.integer({ min: 1, max: 8 }),
    }),
    fc.record({ kind: fc.constant('leave-out' as const), species: fc.constant(species) }),
    fc.record({
      kind: fc.constant('swap' as const),
      species: fc.constant(species),
      to: fc.constant('hyphessobrycon-amandae'),
      count: fc.constant(8),
    }),
    fc.constant<PlanEdit>({ kind: 'set-origin', species, origin: 'tank-bred' }),
    fc.constant<PlanEdit>({
      kind: 'set-tank',
      name: 'a larger one',
      lengthCm: 182.9,
      widthCm: 61,
      heightCm: 61,
    }),
    fc.constant<PlanEdit>({ kind: 'set-breaks', sightBreaks: 4 }),
    fc.constant<PlanEdit>({ kind: 'set-wall', wall: 'lengthCm', cm: 150 }),
    fc.constant<PlanEdit>({ kind: 'set-density', density: 'dense' }),
    fc.constant<PlanEdit>({ kind: 'set-plants', plants: 'dense' }),
    fc.constant<PlanEdit>({ kind: 'set-lid', lid: true }),
    fc.constant<PlanEdit>({ kind: 'set-substrate', substrate: 'sand' }),
    fc.constant<PlanEdit>({ kind: 'set-light', hours: 8 }),
    fc.constant<PlanEdit>({ kind: 'set-temperature', temperatureC: 25 }),
    fc.constant<PlanEdit>({ kind: 'set-routine', changeFraction: 0.5, everyDays: 4 }),
  );

const listAndEdit = fc
  .uniqueArray(anyGroup, { minLength: 1, maxLength: 5, selector: ({ species }) => species })
  .chain((groups) => fc.tuple(fc.constant(groups), editFor(groups[0]!.species)));

describe('a fix as it is tried, and as one press makes it', () => {
  it('is the same list in the same tank', () =>
    fc.assert(
      fc.property(listAndEdit, ([groups, edit]) => {
        const file = plan({ ...TANKS.us75, glassMm: 10, waterLineCm: 48 }, groups);
        const listed = groups.map((group, at): DraftGroup => ({ key: String(at), group }));
        const tank = body(file);
        const tried = editPlan(file, edit, catalogue);
        const pressed = applyEdit(
          edit,
          { tank, listed, living: {}, profileOf: (species) => catalogue.byId.get(species) },
          'new',
        );
        expect(pressed === null).toBe(tried === null);
        if (!pressed || !tried) return;
        const room = roomPlan(
          'tank' in pressed ? pressed.tank : tank,
          [],
          'listed' in pressed ? pressed.listed : listed,
          catalogue,
          TODAY,
        );
        const [inRoom, asTried] = [
          assess(room, catalogue, TODAY),
          assess({ ...tried, practice: tried.practice ?? {} }, catalogue, TODAY),
        ];
        expect(inRoom.findings).toEqual(asTried.findings);
      }),
      { numRuns: 120 },
    ));

  it('does not apply to a species that is not there', () =>
    expect(
      editPlan(
        plan(TANKS.us75, [{ species: 'danio-rerio', count: 6 }]),
        { kind: 'set-sexes', species: 'astronotus-ocellatus', males: 1, females: 1 },
        catalogue,
      ),
    ).toBeNull());
});
