import { string, type StringSchema } from 'yup';
import { says } from './fields';

declare const brand: unique symbol;
type Branded<Name extends string> = string & { readonly [brand]: Name };

export type TankId = Branded<'TankId'>;
export type ResidentId = Branded<'ResidentId'>;
export type EntryId = Branded<'EntryId'>;
export type DocumentId = Branded<'DocumentId'>;

/** A name for one thing in a room: letters, digits, hyphens and underscores. */
const ID = /^[A-Za-z0-9_-]{1,64}$/;

/** A schema for one kind of id; its type keeps ids of different things from being swapped. */
export const idField = <T extends string>() => {
  const why = says({ is: 'id' });
  return string()
    .typeError(why)
    .required(why)
    .nonNullable(why)
    .matches(ID, { message: why })
    .meta({ form: 'id' }) as unknown as StringSchema<T>;
};
