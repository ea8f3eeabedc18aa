'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import type { FormEvent } from 'react';
import { useForm, useWatch, type FieldErrors, type FieldValues } from 'react-hook-form';
import type { InferType, ObjectShape, Schema } from 'yup';
import {
  type Fault,
  keeperUnit,
  parseQuantity,
  toCore,
  unitById,
  type UnitChoice,
  withUnit,
} from '@/core/kernel';
import { formatQuantity, percent, plain, quantitiesIn } from '@/words/en';
import { fieldWords } from '@/ui/form/fieldWords';
import { describeField, keptUnitOf, typedSchema } from '@/ui/form/typed';
import type { Kept } from './useCommands';
import { useSettings } from './useTanks';
import { draftKey, dropDraft, useDraft, useKeepDraft } from './unfinished';

export type Values<S extends ObjectShape> = InferType<ReturnType<typeof typedSchema<S>>>;
type Name<S> = keyof S & string;
/** What is wrong, in words, by field; `''` for the whole. */
export type Said<S> = Partial<Record<Name<S> | '', string>>;

interface Definition<S extends ObjectShape> {
  /** Fields of the core, or of the form alone; they may change with a choice. */
  readonly fields: S;
  /** What stands in the fields at first, as typed or chosen. */
  readonly start: Readonly<Partial<Record<string, unknown>>>;
  /** Writes it. What the gate finds wrong goes to its field. */
  readonly save: (values: Values<NoInfer<S>>) => Kept | Promise<Kept>;
  /** What only several fields together can be wrong in. */
  readonly check?: (values: Values<NoInfer<S>>) => Said<NoInfer<S>>;
  /** Better words than the general ones, by field. */
  readonly asks?: Said<NoInfer<S>>;
  /** Fields under which a part of what is written goes by another name: `members[0].count` as `count`. */
  readonly fieldOf?: (path: string) => Name<NoInfer<S>> | undefined;
  /** Names that stay filled after it was written. */
  readonly stays?: readonly Name<NoInfer<S>>[];
  /** What was typed and not written is kept in this tab under this name, and stands there again after a reload. */
  readonly unfinished?: string;
}

const partsOf = (path: string): readonly string[] => path.split(/[.[\]]+/).filter((part) => part !== '');

/** The field that a fault of the gate is about: the last part of its path that is one. */
function fieldAt<S extends ObjectShape>({ fields, fieldOf }: Definition<S>, path: string): Name<S> | '' {
  const named = fieldOf?.(path) ?? partsOf(path).findLast((part) => part in fields);
  return named ?? '';
}

/** What stands in a field at first: quantities in the keeper's unit. */
function shownAt(field: Schema | undefined, value: unknown, choice: UnitChoice): unknown {
  if (typeof value !== 'number' || !field) return value;
  const kept = keptUnitOf(field);
  if (describeField(field).meta?.form === 'share') return percent(value);
  return kept
    ? formatQuantity(kept.kind, toCore(kept.kind, value, kept.id), keeperUnit(kept.kind, choice))
    : plain(value);
}

const messageOf = (error: { readonly message?: unknown } | undefined): string | undefined =>
  typeof error?.message === 'string' ? error.message : undefined;

/**
 * A form from fields of the core: what is typed is read in any unit, what is wrong stands at its field, and nothing
 * typed is lost when it is refused.
 */
export function useRoomForm<S extends ObjectShape>(definition: Definition<S>) {
  const { fields, save, check, asks, stays = [] } = definition;
  const choice = useSettings();
  const figures = quantitiesIn(choice);
  const schema = typedSchema(fields, choice);
  const fieldOf = (name: string): Schema | undefined => fields[name] as Schema | undefined;
  const start = Object.fromEntries(
    Object.entries(definition.start).map(([name, value]) => [name, shownAt(fieldOf(name), value, choice)]),
  );
  const read = yupResolver<FieldValues, unknown, FieldValues>(schema as never, { stripUnknown: true });
  const draft = draftKey(definition.unfinished, choice);
  const drafted = useDraft(draft, start);
  const form = useForm<FieldValues>({
    defaultValues: { ...start, ...drafted },
    mode: 'onTouched',
    resolver: async (typed, context, options) => {
      const result = await read(typed, context, options);
      const errors: FieldErrors = {};
      for (const [name, error] of Object.entries(result.errors)) {
        const field = fieldOf(name);
        const words = field && fieldWords(field, String(error?.type), typed[name], choice);
        errors[name] = { type: 'typed', message: asks?.[name as Name<S>] ?? words ?? messageOf(error) ?? '' };
      }
      return Object.keys(errors).length > 0 ? { values: {}, errors } : { values: result.values, errors: {} };
    },
  });
  /** A bare number gets its unit when its field is left: nobody need guess in what it was taken. */
  const nameUnit = (name: string): void => {
    const field = fieldOf(name);
    const kept = field && keptUnitOf(field);
    const text: unknown = form.getValues(name);
    if (!kept || typeof text !== 'string' || !parseQuantity(kept.kind, text, kept.id).ok) return;
    form.setValue(name, withUnit(text, kept.kind, keeperUnit(kept.kind, choice)));
  };
  const { errors, isSubmitting, isSubmitted } = form.formState;
  const typed = useWatch({ control: form.control }) as Readonly<Record<string, unknown>>;
  useKeepDraft(draft, start, typed);
  // A field that was only passed by is not wrong yet.
  const errorOf = (name: Name<S>): string | undefined =>
    isSubmitted || typed[name] !== '' ? messageOf(errors[name]) : undefined;

  const say = (said: Said<S>): void => {
    const [first] = Object.keys(said);
    for (const [name, message] of Object.entries(said))
      form.setError(
        name === '' ? 'root' : name,
        { message: String(message) },
        { shouldFocus: name === first },
      );
  };
  const sayFaults = async (faults: readonly Fault[]): Promise<Said<S>> => {
    const { faultWords, partSentence } = await import('../refusalWords');
    return Object.fromEntries(
      faults.map((fault) => {
        const name = fieldAt(definition, fault.path);
        const field = name === '' ? undefined : fieldOf(name);
        if (fault.expected.is === 'filled' && field)
          return [name, asks?.[name] ?? fieldWords(field, 'required', '', choice)];
        return [name, name === '' ? partSentence(fault, figures) : faultWords([fault], figures)];
      }),
    ) as Said<S>;
  };

  const submit = form.handleSubmit(async (values) => {
    const sound = values as Values<S>;
    const wrong = check?.(sound) ?? {};
    if (Object.keys(wrong).length > 0) return say(wrong);
    const kept = await save(sound);
    if (kept === true) {
      dropDraft(draft);
      form.reset({
        ...start,
        ...Object.fromEntries(stays.map((name) => [name, form.getValues(name) as unknown])),
      });
    } else if (kept !== false) say(await sayFaults(kept));
  });

  return {
    onSubmit: (event: FormEvent): void => {
      event.stopPropagation();
      void submit(event);
    },
    waiting: isSubmitting,
    said: messageOf(errors.root) ?? null,
    /** What a text, a choice or a day field needs. */
    part: (name: Name<S>) => ({
      ...form.register(name, { onBlur: () => nameUnit(name) }),
      error: errorOf(name),
      ...inputOf(fieldOf(name), choice),
    }),
    /** What a tick box or a round button needs. */
    tick: (name: Name<S>) => form.register(name),
    /** What stands in a field, as typed or chosen. */
    typed: (name: Name<S>): unknown => typed[name],
    text: (name: Name<S>): string => {
      const value = typed[name];
      return typeof value === 'string' ? value : '';
    },
    /** What a number field would be kept as; undefined where it is blank or cannot be read. */
    numberIn: (name: Name<S>): number | undefined => {
      const value: unknown = (schema.fields[name] as Schema).cast(typed[name], { assert: false });
      return typeof value === 'number' && Number.isFinite(value) ? value : undefined;
    },
    put: (name: Name<S>, value: unknown): void => {
      const field: string = name;
      form.setValue(field, value, { shouldDirty: true });
      form.clearErrors(field);
    },
    /** Starts again with this in the fields. */
    reset: (values: Readonly<Record<string, unknown>>): void => form.reset(values),
    /** Forgets what was typed: given up. */
    drop: () => dropDraft(draft),
    errorOf,
  };
}

/** How a browser should take what is typed into a field; quantities show the keeper's unit until something is typed. */
function inputOf(field: Schema | undefined, choice: UnitChoice) {
  if (!field) return {};
  const { type, meta } = describeField(field);
  if (meta?.form === 'day') return { type: 'date' };
  if (type !== 'number') return {};
  const kind = keptUnitOf(field)?.kind;
  const letters = kind === 'length' || kind === 'volume';
  return {
    inputMode: letters ? ('text' as const) : ('decimal' as const),
    autoComplete: 'off',
    ...(kind ? { placeholder: unitById(kind, keeperUnit(kind, choice)).label } : {}),
  };
}

export type RoomForm<S extends ObjectShape> = ReturnType<typeof useRoomForm<S>>;
