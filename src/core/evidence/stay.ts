import type { InferType } from 'yup';
import { STEPS, type Step } from '../events';
import {
  choiceField,
  type Fault,
  faultOf,
  groupField,
  listField,
  monthField,
  monthsBetween,
  positiveQuantityField,
  quantityRangeField,
  rangeField,
  says,
  textField,
  under,
  wholeField,
} from '../kernel';

/** How bad a contest was: shown only, chased, bitten, or fought over. */
export const CONTEST_LEVELS = ['show', 'chase', 'bite', 'fight'] as const;

/** What fish were lost to. */
export const LOSS_CAUSES = [
  'eaten or missing',
  'fighting',
  'jumped',
  'illness',
  'water',
  'age',
  'not known',
] as const;
export type LossCause = (typeof LOSS_CAUSES)[number];
/** What was seen of a fish without a contest. */
export const SEEN_SIGNS = ['torn', 'hiding', 'not eating'] as const;
export const STEP_EFFECTS = ['helped', 'worse', 'open'] as const;
/** How a stay ended: it goes on; some had to be parted; given up; none is left; they moved to another tank together; a species came or went. */
export const STAY_ENDS = ['goes on', 'parted', 'given up', 'none left', 'moved on', 'list changed'] as const;
export const HIDE_CLASSES = ['none', 'few', 'many', 'not said'] as const;

const MOST_FISH = 10_000;
const MOST_COUNTED = 1_000_000;

const speciesOf = () => textField();
const fishSchema = groupField({
  species: speciesOf(),
  /** How many of it were there, all in all. */
  count: wholeField(1, MOST_FISH),
  /** Known ones; the others may be of either sex. */
  males: wholeField(0, MOST_FISH).optional(),
  females: wholeField(0, MOST_FISH).optional(),
  /** Length at the start, cm. */
  lengthCm: positiveQuantityField('cm', 400),
});
const contestSchema = groupField({
  by: speciesOf(),
  to: speciesOf(),
  level: choiceField(CONTEST_LEVELS),
  count: wholeField(1, MOST_COUNTED),
});
const lossSchema = groupField({
  species: speciesOf(),
  cause: choiceField(LOSS_CAUSES),
  count: wholeField(1, MOST_FISH),
});
const signSchema = groupField({ species: speciesOf(), what: choiceField(SEEN_SIGNS) });
const stepSchema = groupField({ step: choiceField(STEPS), effect: choiceField(STEP_EFFECTS) });

/** One tank with one list of fish over one span of months: nothing in it says who, where or on which day. */
export const staySchema = groupField({
  id: textField(),
  from: monthField().required(says({ is: 'month' })),
  /** Null while it goes on. */
  until: monthField()
    .defined(says({ is: 'month' }))
    .nullable(),
  tank: groupField({
    id: textField(),
    lengthCm: positiveQuantityField('cm', 2000),
    widthCm: positiveQuantityField('cm', 1000),
    heightCm: positiveQuantityField('cm', 500),
    hides: choiceField(HIDE_CLASSES),
  }),
  water: groupField({
    temperatureC: quantityRangeField('°C', 0, 45).optional(),
    ph: rangeField(3, 11).optional(),
    ghDh: quantityRangeField('°dH', 0, 60).optional(),
  })
    .optional()
    .default(undefined),
  minutesWatched: wholeField(0, 10_000_000),
  fish: listField<InferType<typeof fishSchema>>(fishSchema, { least: 1, most: 200 }),
  contests: listField<InferType<typeof contestSchema>>(contestSchema, { most: 5000 }),
  signs: listField<InferType<typeof signSchema>>(signSchema, { most: 600 }),
  losses: listField<InferType<typeof lossSchema>>(lossSchema, { most: 2000 }),
  steps: listField<{ step: Step; effect: (typeof STEP_EFFECTS)[number] }>(stepSchema, { most: 500 }),
  ended: choiceField(STAY_ENDS),
});
export type Stay = InferType<typeof staySchema>;

/** No tank was kept for longer. */
const MOST_MONTHS = 600;
const MINUTES_A_MONTH = 31 * 24 * 60;

/** Months that the fish of a stay were together; of one that goes on, until its file was made (`YYYY-MM`). A month begun counts. */
export const monthsOf = ({ from, until }: Pick<Stay, 'from' | 'until'>, made: string): number =>
  Math.max(1, monthsBetween(from, until ?? made));

function spanFaults({ from, until, minutesWatched }: Stay, made: string): readonly Fault[] {
  const last = until ?? made;
  const months = monthsBetween(from, last);
  if (months < 0) return [faultOf('until', { is: 'ordered', parts: ['from', 'until'] }, last)];
  if (monthsBetween(last, made) < 0)
    return [faultOf('until', { is: 'ordered', parts: ['until', 'made'] }, last)];
  if (months > MOST_MONTHS) return [faultOf('until', { is: 'whole', from: 0, to: MOST_MONTHS }, months)];
  const most = (months + 1) * MINUTES_A_MONTH;
  return minutesWatched > most
    ? [faultOf('minutesWatched', { is: 'at most', most, than: 'until' }, minutesWatched)]
    : [];
}

/** Fish that are told of have to be among those that were there, and no more of them. */
function fishFaults({ fish, contests, signs, losses }: Stay): readonly Fault[] {
  const counts = new Map<string, number>();
  const faults: Fault[] = [];
  fish.forEach(({ species, count, males = 0, females = 0 }, at) => {
    const path = `fish[${at}]`;
    if (counts.has(species)) faults.push(faultOf(`${path}.species`, { is: 'unique' }, species));
    if (males + females > count)
      faults.push(faultOf(`${path}.males`, { is: 'sexes', males, females, count }, males + females));
    counts.set(species, count);
  });
  const known = (path: string, species: string): void => {
    if (!counts.has(species)) faults.push(faultOf(path, { is: 'known', what: 'species' }, species));
  };
  contests.forEach(({ by, to }, at) => {
    known(`contests[${at}].by`, by);
    known(`contests[${at}].to`, to);
  });
  signs.forEach(({ species }, at) => known(`signs[${at}].species`, species));
  const lost = new Map<string, number>();
  losses.forEach(({ species, count }, at) => {
    known(`losses[${at}].species`, species);
    const all = (lost.get(species) ?? 0) + count;
    lost.set(species, all);
    const most = counts.get(species);
    if (most !== undefined && all > most)
      faults.push(faultOf(`losses[${at}].count`, { is: 'at most', most, than: 'fish' }, all));
  });
  return faults;
}

/** What makes no sense in a stay whose shape is right. `path` is its place in the file, `made` the month of the file. */
export const stayFaults = (stay: Stay, path: string, made: string): readonly Fault[] =>
  under(path, [...spanFaults(stay, made), ...fishFaults(stay)]);
