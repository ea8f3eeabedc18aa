import fc from 'fast-check';
import { SUBSTRATES, PLANTS, TANK_APPROACHES, type PlanFile, type PlanGroup } from '@/core/model/plan';
import { catalogue } from './plans';

const ids = catalogue.all.map((profile) => profile.id);
/** Any group of any species, told in any detail. */
export const anyGroup: fc.Arbitrary<PlanGroup> = fc
  .record({
    species: fc.constantFrom(...ids),
    count: fc.integer({ min: 1, max: 40 }),
    males: fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined }),
    lengthCm: fc.option(fc.double({ min: 0.5, max: 60, noNaN: true }), { nil: undefined }),
    origin: fc.option(fc.constantFrom('tank-bred' as const, 'wild' as const, 'unknown' as const), {
      nil: undefined,
    }),
    until: fc.option(fc.constantFrom('2026-01', '2026-12', '2028-06'), { nil: undefined }),
    wayOut: fc.option(fc.constantFrom('', 'a friend'), { nil: undefined }),
  })
  .map(({ males, ...rest }) => ({
    ...rest,
    ...(males === undefined ? {} : { males: Math.min(males, rest.count) }),
  }));
/** Any plan of up to eight groups that the reader takes. */
export const anyPlan: fc.Arbitrary<PlanFile> = fc.record({
  format: fc.constant('lomvik-plan' as const),
  version: fc.constant(1 as const),
  tank: fc.record({
    lengthCm: fc.integer({ min: 5, max: 400 }),
    widthCm: fc.integer({ min: 5, max: 150 }),
    heightCm: fc.integer({ min: 5, max: 120 }),
    inside: fc.boolean(),
    lid: fc.boolean(),
    substrate: fc.constantFrom(...SUBSTRATES),
    plants: fc.constantFrom(...PLANTS),
  }),
  water: fc.record({
    temperatureC: fc.double({ min: 5, max: 35, noNaN: true }),
    ph: fc.double({ min: 4, max: 9.5, noNaN: true }),
  }),
  practice: fc.record({ tankSize: fc.constantFrom(...TANK_APPROACHES) }),
  groups: fc.array(anyGroup, { maxLength: 8 }),
});
