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

describe('the plan after an edit', () => {
  const NEON = 'paracheirodon-innesi';
  const file = plan(TANKS.us29, [
    { species: NEON, count: 6, lengthCm: 2, origin: 'wild', males: 3, females: 3, until: '2027-05' },
    { species: 'corydoras-panda', count: 6 },
    { species: NEON, count: 4 },
  ]);
  const [neon, cory] = file.groups;
  const after = (edit: PlanEdit) => editPlan(file, edit, catalogue);
  it.each<[PlanEdit, Partial<PlanFile['tank']>]>([
    [{ kind: 'set-substrate', substrate: 'sand' }, { substrate: 'sand' }],
    [{ kind: 'set-light', hours: 9 }, { lightHours: 9 }],
    [{ kind: 'set-breaks', sightBreaks: 3 }, { sightBreaks: 3 }],
    [{ kind: 'set-lid', lid: true }, { lid: true }],
    [{ kind: 'set-plants', plants: 'dense' }, { plants: 'dense' }],
    [{ kind: 'set-wall', wall: 'widthCm', cm: 40 }, { widthCm: 40 }],
  ])('%j changes nothing but that', (edit, changed) =>
    expect(after(edit)).toEqual({ ...file, tank: { ...file.tank, ...changed } }),
  );
  it.each<[string, PlanEdit, PlanFile['groups'] | null]>([
    [
      'adds a species that is not there, as it is sold',
      { kind: 'set-count', species: 'betta-splendens', count: 1 },
      [
        ...file.groups,
        {
          species: 'betta-splendens',
          count: 1,
          lengthCm: catalogue.byId.get('betta-splendens')!.size.soldCm,
        },
      ],
    ],
    ['adds none that nobody knows', { kind: 'set-count', species: 'nobody', count: 1 }, null],
    ['leaves out none that is not there', { kind: 'leave-out', species: 'betta-splendens' }, null],
    ['leaves out all groups of a species', { kind: 'leave-out', species: NEON }, [cory!]],
    [
      'gives another species the place of the first, its origin, and the length at which it is sold',
      { kind: 'swap', species: NEON, to: 'hyphessobrycon-amandae', count: 12 },
      [
        {
          species: 'hyphessobrycon-amandae',
          count: 12,
          lengthCm: catalogue.byId.get('hyphessobrycon-amandae')!.size.soldCm,
          origin: 'wild',
        },
        cory!,
      ],
    ],
    [
      'says neither length nor origin where the former one did not',
      { kind: 'swap', species: 'corydoras-panda', to: 'corydoras-aeneus', count: 8 },
      [neon!, { species: 'corydoras-aeneus', count: 8 }, file.groups[2]!],
    ],
    ['knows no other species', { kind: 'swap', species: NEON, to: 'nobody', count: 1 }, null],
    [
      'does not tell the sexes of two groups apart',
      { kind: 'set-sexes', species: NEON, males: 1, females: 2 },
      null,
    ],
    [
      'tells the sexes of one group, which are its number',
      { kind: 'set-sexes', species: 'corydoras-panda', males: 2, females: 5 },
      [neon!, { ...cory!, count: 7, males: 2, females: 5 }, file.groups[2]!],
    ],
    [
      'says of all groups where they come from; they stand together then',
      { kind: 'set-origin', species: NEON, origin: 'tank-bred' },
      [{ ...neon!, origin: 'tank-bred' }, { ...file.groups[2]!, origin: 'tank-bred' }, cory!],
    ],
  ])('%s', (_name, edit, groups) => expect(after(edit)?.groups ?? null).toEqual(groups));
});
