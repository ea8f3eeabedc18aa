import { object, type ObjectShape, type Schema, type SchemaDescription } from 'yup';
import {
  fromCore,
  keeperUnit,
  keptUnit,
  type KeptUnit,
  parseQuantity,
  type UnitChoice,
  type UnitDefinition,
} from '@/core/kernel';

export interface FieldMeta {
  /** The unit that a quantity is kept in. */
  readonly unit?: KeptUnit;
  readonly form?: 'day' | 'moment' | 'share';
  readonly choices?: readonly string[];
  /** What the value names. */
  readonly refersTo?: string;
}

export type Described = SchemaDescription & { readonly optional: boolean; readonly meta?: FieldMeta };
export const describeField = (field: Schema): Described => field.describe();

/** The unit that a quantity of a field is kept in; undefined for plain numbers and words. */
export function keptUnitOf(field: Schema): UnitDefinition | undefined {
  const unit = describeField(field).meta?.unit;
  return unit && keptUnit(unit);
}

/** Digits behind the point that a converted quantity keeps: a hundredth of a millimetre, a thousandth of a degree. */
const KEPT_DIGITS = 3;

/** A share is read in percent. */
const PERCENT = 100;

function readNumber(text: string, { unit, form }: FieldMeta, choice: UnitChoice): number {
  const kept = unit && keptUnit(unit);
  if (!kept) {
    const plain = Number(text.replace(',', '.').replace(/\s*%$/, ''));
    return form === 'share' ? plain / PERCENT : plain;
  }
  const parsed = parseQuantity(kept.kind, text, keeperUnit(kept.kind, choice));
  return parsed.ok
    ? Number(fromCore(kept.kind, parsed.quantity.core, kept.id).toFixed(KEPT_DIGITS))
    : Number.NaN;
}

/** A field of the core that also takes what is typed: blank where it may be missing, and any unit of its kind. */
function typedField(field: Schema, choice: UnitChoice): Schema {
  const { type, optional, nullable, meta } = describeField(field);
  const blank = optional ? undefined : nullable ? null : type === 'number' ? Number.NaN : '';
  return field.transform((value: unknown, original: unknown) => {
    if (typeof original !== 'string') return value;
    const text = original.trim();
    if (text === '') return blank;
    if (type === 'boolean') return text === 'yes';
    return type === 'number' ? readNumber(text, meta ?? {}, choice) : text;
  });
}

/**
 * The schema of a form from fields of the core: what is typed becomes what is kept.
 * @example typedSchema({ lengthCm: positiveQuantityField('cm', 400) }, choice).cast({ lengthCm: '2 in' }) // { lengthCm: 5.08 }
 */
export const typedSchema = <S extends ObjectShape>(fields: S, choice: UnitChoice) =>
  object(
    Object.fromEntries(
      Object.entries(fields).map(([name, field]) => [name, typedField(field as Schema, choice)]),
    ) as unknown as S,
  );
