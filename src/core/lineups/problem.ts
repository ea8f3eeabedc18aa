import type { InferType } from 'yup';
import {
  type Fault,
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

const room = (meaning: string) =>
  groupField(meaning, {
    top: numberField('room at the top', 0, 1e9),
    middle: numberField('room in the middle', 0, 1e9),
    bottom: numberField('room at the bottom', 0, 1e9),
  });

const itemSchema = groupField('an item', {
  species: textField('a species'),
  count: wholeField('a count', 0, 100_000),
  value: numberField('a value', -1e6, 1e6),
  nitrateMgLWeek: numberField('nitrate in mg/L a week', 0, 1e9),
  room: room('the room it uses'),
  covers: listField<LayerName>('layers it covers', textField('a layer')),
});

const indexes = (meaning: string) => listField<number>(meaning, wholeField('an item', 0, 100_000));

/** A line-up problem with everything reduced to figures, so that any solver can check it. */
export const problemSchema = groupField('a reduced problem', {
  items: listField<InferType<typeof itemSchema>>('items', itemSchema).max(2000, 'at most 2000 items'),
  oneOf: listField<number[]>('lists of items of one species', indexes('items of one species')),
  required: listField<number[]>('lists of items of which one must be taken', indexes('items')),
  conflicts: listField<number[]>('pairs of items that exclude each other', indexes('a pair')),
  limits: groupField('limits', {
    nitrateMgLWeek: numberField('nitrate in mg/L a week', 0, 1e9),
    room: room('the room that the tank offers'),
  }),
  layerBonus: numberField('the value of a covered layer', 0, 1e6),
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
          : [{ path: `${name}[${i}][${j}]`, expected: `an item below ${count}`, received: String(index) }],
      ),
    );
  const pairs = problem.conflicts.flatMap((pair, i): Fault[] =>
    pair.length === 2 && pair[0] !== pair[1]
      ? []
      : [{ path: `conflicts[${i}]`, expected: 'two different items', received: JSON.stringify(pair) }],
  );
  const layers = problem.items.flatMap((item, i) =>
    item.covers.flatMap((layer, j): Fault[] =>
      LAYER_NAMES.includes(layer)
        ? []
        : [
            {
              path: `items[${i}].covers[${j}]`,
              expected: 'top, middle or bottom',
              received: JSON.stringify(layer),
            },
          ],
    ),
  );
  return [
    ...outside(problem.oneOf, 'oneOf'),
    ...outside(problem.required, 'required'),
    ...outside(problem.conflicts, 'conflicts'),
    ...pairs,
    ...layers,
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
