import { type RehomeReason, type Standing, type Step, trackTanks } from '../events';
import { HOUR_MS } from '../kernel';
import { type Aside, asidesOf } from './aside';

/** Steps taken in one go. */
export interface Bundle {
  readonly ids: readonly string[];
  readonly on: string;
  readonly steps: readonly Step[];
  readonly notes: readonly string[];
  /** A fish was put aside by it; null for a step that puts nobody aside. */
  readonly aside: Aside | null;
  /** Who was given away by it. */
  readonly gone: readonly string[];
}

/** Reasons for which giving a fish away is a step against aggression. */
const FOR_PEACE: ReadonlySet<RehomeReason> = new Set(['too rough', 'bullied', 'surplus male']);

interface Taken {
  readonly id: string;
  readonly on: string;
  readonly step: Step;
  readonly note: string;
  readonly bundle: string;
  readonly gone: string | null;
}

/** Every step in a tank: those that were recorded as one, and fish given away for the sake of peace. */
function stepsIn(happenings: readonly Standing[], tank: string, asides: readonly Aside[]): readonly Taken[] {
  const track = trackTanks();
  // One that was out already when it left changed nothing by leaving.
  const wasOut = (id: string, on: string): boolean =>
    asides.some(({ resident, from, to }) => resident === id && from < on && (to === null || to > on));
  return happenings.flatMap((event): readonly Taken[] => {
    const tankOf = track(event);
    const { id, on } = event;
    if (event.type === 'stepped-in' && event.tank === tank)
      return [{ id, on, step: event.step, note: event.note, bundle: event.bundle ?? '', gone: null }];
    if (
      event.type === 'rehomed' &&
      FOR_PEACE.has(event.reason) &&
      tankOf(event.resident) === tank &&
      !wasOut(event.resident, on)
    )
      return [{ id, on, step: 'rehomed', note: '', bundle: '', gone: event.resident }];
    return [];
  });
}

/**
 * The steps taken in a tank, those of one hour or of one bundle together, in the order of time. Fish given away as too
 * aggressive, bullied or surplus males are a step too, whether or not somebody called it one: two rivals out is one.
 */
export function bundlesOf(happenings: readonly Standing[], tank: string): readonly Bundle[] {
  const asides = asidesOf(happenings, tank);
  const bundles: {
    ids: string[];
    on: string;
    steps: Step[];
    notes: string[];
    gone: string[];
    bundle: string;
  }[] = [];
  for (const { id, on, step, note, gone, bundle } of stepsIn(happenings, tank, asides)) {
    const last = bundles.at(-1);
    const joins =
      last !== undefined &&
      ((bundle !== '' && bundle === last.bundle) || Date.parse(on) - Date.parse(last.on) <= HOUR_MS);
    const into = joins ? last : { ids: [], on, steps: [], notes: [], gone: [], bundle };
    into.ids.push(id);
    if (gone === null || !into.steps.includes(step)) into.steps.push(step);
    if (note) into.notes.push(note);
    if (gone !== null) into.gone.push(gone);
    if (!joins) bundles.push(into);
  }
  return bundles.map(({ bundle: _bundle, ...rest }, i) => {
    const next = bundles[i + 1]?.on;
    const aside = asides.find((one) => one.from >= rest.on && (next === undefined || one.from < next));
    return { ...rest, aside: aside ?? null };
  });
}
