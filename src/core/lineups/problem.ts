import type { InferType } from 'yup';
import {
  choiceField,
  type Fault,
  faultOf,
  groupField,
  listField,
  numberField,
  type Outcome,
  textField,
  validate,
  wholeField,
} from '../kernel';

export const LAYER_NAMES = ['top', 'middle', 'bottom'] as const;
export type LayerName = (typeof LAYER_NAMES)[number];

const room = () =>
  groupField({
    top: numberField(0, 1e9),
    middle: numberField(0, 1e9),
    bottom: numberField(0, 1e9),
  });

const itemSchema = groupField({
  species: textField(),
  count: wholeField(0, 100_000),
  value: numberField(-1e6, 1e6),
  nitrateMgLWeek: numberField(0, 1e9),
  room: room(),
  /** Layers it covers. */
  covers: listField<LayerName>(choiceField(LAYER_NAMES)),
});

const indexes = () => listField<number>(wholeField(0, 100_000));

/** A line-up problem with everything reduced to figures, so that any solver can check it. */
export const problemSchema = groupField({
  items: listField<InferType<typeof itemSchema>>(itemSchema, { most: 2000 }),
  /** Items of one species each: at most one of a list is taken. */
  oneOf: listField<number[]>(indexes()),
  /** Lists of which one item must be taken. */
  required: listField<number[]>(indexes()),
  /** Pairs that exclude each other. */
  conflicts: listField<number[]>(indexes()),
  limits: groupField({
    nitrateMgLWeek: numberField(0, 1e9),
    room: room(),
  }),
  /** The value of a covered layer. */
  layerBonus: numberField(0, 1e6),
});

export type ReducedProblem = InferType<typeof problemSchema>;
export type ProblemItem = ReducedProblem['items'][number];

function linkFaults(problem: ReducedProblem): readonly Fault[] {
  const count = problem.items.length;
  const outside = (lists: readonly (readonly number[])[], name: string): readonly Fault[] =>
    lists.flatMap((list, i) =>
      list.flatMap((index, j) =>
        index < count
          ? []
          : [faultOf(`${name}[${i}][${j}]`, { is: 'below', below: count, than: 'items' }, index)],
      ),
    );
  const pairs = problem.conflicts.flatMap((pair, i): Fault[] =>
    pair.length === 2 && pair[0] !== pair[1]
      ? []
      : [faultOf(`conflicts[${i}]`, { is: 'another', than: 'item' }, pair)],
  );
  return [
    ...outside(problem.oneOf, 'oneOf'),
    ...outside(problem.required, 'required'),
    ...outside(problem.conflicts, 'conflicts'),
    ...pairs,
  ];
}

/** A reduced problem from foreign data. Errors: every fault with its path; items that are named and not there. */
export function readProblem(value: unknown): Outcome<ReducedProblem> {
  const checked = validate(problemSchema, value);
  if (!checked.ok) return checked;
  const problem = checked.value;
  const faults = linkFaults(problem);
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: problem };
}
