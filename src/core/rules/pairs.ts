import type { PlannedSpecies, RuleContext } from './context';
import { groupsAsOne } from './groupsAsOne';
import { type Layer, speciesOf } from '../model';

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];

/** The species that are judged for themselves. */
export const judgedSpecies = ({ planned, focus }: RuleContext): readonly PlannedSpecies[] =>
  focus === null ? planned : [focus];

/** Whether what is said of all of some kind may change with the species that is asked about, if one is. */
export const mayChange = (
  { focus }: Pick<RuleContext, 'focus'>,
  isOne: (species: PlannedSpecies) => boolean,
): boolean => focus === null || isOne(focus);

const fierceness = ({ profile: { company } }: PlannedSpecies): number =>
  company.ownKind.male + company.ownKind.female;

/** Forms of one species as one: the heads of all, judged by the fiercest form, and of equals by the one there is most of. */
function asOne(forms: readonly PlannedSpecies[]): PlannedSpecies {
  const most = [...forms].sort(
    (a, b) => fierceness(b) - fierceness(a) || b.count - a.count,
  )[0] as PlannedSpecies;
  return groupsAsOne(
    most.profile,
    most.range,
    forms.flatMap((form) => form.groups),
  );
}

/**
 * The species that are judged among their own kind. Forms of one species are one kind: two male fighting fish are two,
 * whatever their fins, and six tetras are six, whatever their colours.
 */
export function judgedKinds({ planned, focus }: RuleContext): readonly PlannedSpecies[] {
  if (focus !== null) {
    const forms = planned.filter((species) => areOneKind(species, focus));
    return [forms.length > 1 ? asOne(forms) : focus];
  }
  const kinds = new Map<string, PlannedSpecies[]>();
  for (const species of planned) {
    const kind = speciesOf(species.profile);
    kinds.set(kind, [...(kinds.get(kind) ?? []), species]);
  }
  return [...kinds.values()].flatMap((forms) => (forms.length === 1 ? forms : [asOne(forms)]));
}

/** Whether two are forms of one species: what holds between species does not between them. */
export const areOneKind = (a: PlannedSpecies, b: PlannedSpecies): boolean =>
  speciesOf(a.profile) === speciesOf(b.profile);

/**
 * The species to whom others do something, of those that a rule is about: all, or the one that is asked for and those to whom
 * it is the first that does it. One more of several changes nothing of what is said.
 */
export function concernedSpecies(
  { planned, focus }: RuleContext,
  isAbout: (species: PlannedSpecies) => boolean,
  does: (other: PlannedSpecies, species: PlannedSpecies) => boolean,
): readonly PlannedSpecies[] {
  if (focus === null) return planned.filter(isAbout);
  const isFirst = (species: PlannedSpecies): boolean =>
    does(focus, species) &&
    !planned.some((other) => other !== focus && other !== species && does(other, species));
  return planned.filter((species) => isAbout(species) && (species === focus || isFirst(species)));
}

/** Share of the day that two species spend in the same water, 0 to 1. */
export function sharedWaterShare(a: PlannedSpecies, b: PlannedSpecies): number {
  return LAYERS.reduce((sum, layer) => sum + Math.min(a.profile.layers[layer], b.profile.layers[layer]), 0);
}

/** Months that two species are together; the whole horizon when neither leaves. */
export function monthsTogether(a: PlannedSpecies, b: PlannedSpecies, horizon: number): number {
  return Math.min(a.leavesInMonths ?? horizon, b.leavesInMonths ?? horizon, horizon);
}

/** Whether any group of either species has an exit plan. */
export const hasWayOut = (...planned: readonly PlannedSpecies[]): boolean =>
  planned.some((species) => species.groups.some((group) => group.wayOut.trim() !== ''));
