import { number, object, string, type InferType } from 'yup';
import { ORIGINS } from '@/core/model/plan';
import { todayIso } from '@/session/today';

const WHOLE = 'A whole number from 1';
const FROM_0 = 'A whole number from 0';
/** What an arrival asks for, and what is wrong with an answer. */
export const arrivalSchema = object({
  count: number().typeError(WHOLE).integer(WHOLE).min(1, WHOLE).max(10_000, WHOLE).required(WHOLE),
  lengthCm: number()
    .typeError('A length in cm')
    .moreThan(0, 'A length above zero')
    .max(400, 'At most 400 cm')
    .required('A length in cm'),
  on: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'A date')
    .test('past', 'Not in the future', (value) => !value || value <= todayIso())
    .required('A date'),
  tank: string().required(),
  origin: string()
    .oneOf([...ORIGINS])
    .required(),
  as: string().oneOf(['group', 'individuals']).required(),
  from: string().default(''),
  names: string().default(''),
  note: string().default(''),
  way: string().default(''),
  dead: number().typeError(FROM_0).integer(FROM_0).min(0, FROM_0).max(10_000, FROM_0).default(0),
  daysInShop: string()
    .default('')
    .matches(/^\d{0,4}$/, 'A whole number of days'),
  bornAbout: string().default(''),
  others: number().typeError(FROM_0).integer(FROM_0).min(0, FROM_0).max(10_000, FROM_0).default(0),
  until: string()
    .default('')
    .test('later', 'A day to come', (value) => !value || value > todayIso()),
  nextTank: string().default(''),
  claim: string().default(''),
});

export type ArrivalForm = InferType<typeof arrivalSchema>;
