import { string, type StringSchema } from 'yup';

declare const brand: unique symbol;
type Branded<Name extends string> = string & { readonly [brand]: Name };

export type TankId = Branded<'TankId'>;
export type ResidentId = Branded<'ResidentId'>;
export type EntryId = Branded<'EntryId'>;
export type DocumentId = Branded<'DocumentId'>;

/** A name for one thing in a room: letters, digits, hyphens and underscores. */
const ID = /^[A-Za-z0-9_-]{1,64}$/;

/** A schema for one kind of id; its type keeps ids of different things from being swapped. */
export const idField = <T extends string>(meaning: string) =>
  string()
    .typeError(`${meaning} as text`)
    .required(meaning)
    .nonNullable(meaning)
    .matches(ID, `${meaning}: 1 to 64 letters, digits, hyphens or underscores`)
    .meta({ form: 'id' }) as unknown as StringSchema<T>;
