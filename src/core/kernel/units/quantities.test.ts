import type { SpeciesProfile } from '../../model/species';
import { validate } from '../schema/faults';
import type { PlanTank } from '../../model/plan';
import type { FurnishedTank } from '../../tank/furnishedTank';
import type { Happening } from '../../events/events';
import { quantityField } from '../schema/fields';
import type { Celsius, Cm, Dh, Litres, MgL, Mm, Ppt } from './quantities';

/** What the compiler says of a value of one type where another is wanted. */
type Given<From, To> = From extends To ? 'taken' : 'refused';
type Measured = Extract<Happening, { type: 'measured' }>;

// The annotations are the test: where the compiler thinks otherwise, this file does not compile.
const swapped: readonly 'refused'[] = [
  'refused' satisfies Given<Cm, Mm>,
  'refused' satisfies Given<Mm, Cm>,
  'refused' satisfies Given<Celsius, Dh>,
  'refused' satisfies Given<MgL, Ppt>,
  'refused' satisfies Given<Litres, Cm>,
  'refused' satisfies Given<PlanTank['lengthCm'], NonNullable<PlanTank['glassMm']>>,
  'refused' satisfies Given<FurnishedTank['glassMm'], FurnishedTank['substrateCm']>,
  'refused' satisfies Given<SpeciesProfile['size']['maleCm'], FurnishedTank['glassMm']>,
  'refused' satisfies Given<Measured['lengthCm'], Mm>,
];
const alike: readonly 'taken'[] = [
  'taken' satisfies Given<number, Cm>,
  'taken' satisfies Given<Cm, number>,
  'taken' satisfies Given<PlanTank['lengthCm'], FurnishedTank['lengthCm']>,
];

describe('quantities', () => {
  it('one unit is not given for another, also out of a schema', () => {
    expect([...swapped]).toEqual(Array(9).fill('refused'));
    expect([...alike]).toEqual(Array(3).fill('taken'));
  });
  it('a field says its unit where it asks, and to forms', () => {
    const field = quantityField('mm', 1, 60);
    expect(field.describe().meta).toEqual({ unit: 'mm' });
    expect(validate(field, 61)).toMatchObject({
      faults: [{ expected: { is: 'number', from: 1, to: 60, unit: 'mm' } }],
    });
    expect(field.validateSync(6, { strict: true })).toBe(6);
  });
});
