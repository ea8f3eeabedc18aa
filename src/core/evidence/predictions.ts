import { PREDICTED_SEVERITIES, type PredictionEnd, type Standing } from '../events';
import { addMonths, DAY_MS, MONTH_DAYS } from '../kernel';
import { type Asked, canTell, happenedIn, LEAST_WATCHED } from './outcomes';
import { type Open, tanksTold } from './told';
import { askedBy, type PredictedOutcome, type Warning, warnedOf } from './warned';

/** A warning is held against the year after it was said, or after the month it named. */
const COUNTS_FOR_MONTHS = 12;
/** Fish that were together for less say nothing against a warning (from memory). */
export const LEAST_MONTHS = 6;
/** Above this nitrate harms (common practice), mg/L. */
const NITRATE_LIMIT = 40;

/** A finding as it may be kept score of. */
export interface Scorable extends Warning {
  /** Month in which it begins; null when it is true today. */
  readonly from: string | null;
}

type Said = Extract<Standing, { type: 'predicted' }>['warnings'][number];

/** Tells a warning from the others of its tank. */
export const aboutOf = ({ rule, species }: Pick<Warning, 'rule' | 'species'>): string =>
  [rule, ...species].join(' ');

/** Findings as warnings to be kept score of: what the record can show, about fish that live there. `month` is that of today. */
export function warningsOf(
  findings: readonly Scorable[],
  living: ReadonlySet<string>,
  month: string,
): readonly Said[] {
  const said = new Map<string, Said>();
  for (const { rule, severity, species, from } of findings) {
    const known = PREDICTED_SEVERITIES.find((one) => one === severity);
    const one = { rule, species: [...species] };
    if (known === undefined || said.has(aboutOf(one)) || !species.every((id) => living.has(id))) continue;
    const outcome = warnedOf(rule);
    // Of three and more nobody can tell which one it was about.
    if (outcome === null || (outcome !== 'nitrate' && askable(one, outcome) === null)) continue;
    said.set(aboutOf(one), {
      ...one,
      severity: known,
      from,
      until: addMonths(from !== null && from > month ? from : month, COUNTS_FOR_MONTHS),
    });
  }
  return [...said.values()];
}

/** Whom the record is asked about. */
function askable(
  { rule, species }: Pick<Warning, 'rule' | 'species'>,
  outcome: PredictedOutcome,
): Asked | null {
  const [one] = species;
  if (outcome === 'outgrown') return one === undefined ? null : { species: one };
  return askedBy({ rule, severity: '', species })?.asked ?? null;
}

/** Why a warning is proposed to have come out as it did, or that it still runs. */
export type Why = 'seen' | 'whole span' | 'not watched' | 'too short' | 'intervened' | 'runs';

/** A warning that is kept score of, with what the record shows since. */
export interface Kept extends Said {
  /** The entry in which it was said. */
  readonly entry: string;
  readonly tank: string;
  /** ISO moment. */
  readonly on: string;
  readonly outcome: PredictedOutcome;
  /** Whole months together since, minutes watched, contests between them, lost of them, highest nitrate mg/L. */
  readonly months: number;
  readonly minutesWatched: number;
  readonly contests: number;
  readonly lost: number;
  readonly nitrateMgL: number;
  /** How the record says it came out; null while it cannot say. */
  readonly proposed: PredictionEnd | null;
  readonly why: Why;
  /** The keeper's word on it. */
  readonly settled: { readonly outcome: PredictionEnd; readonly on: string } | null;
}

interface Span {
  readonly open: Open;
  readonly until: string | null;
  readonly ended: string;
}

/** The first moment after the last month that counts. */
const endOf = (until: string): string => `${addMonths(until, 1)}-01T00:00:00.000Z`;

const isAbout = (about: Asked | null, by: string, to: string): boolean =>
  about !== null &&
  (about.with === undefined
    ? to === about.species
    : (by === about.species && to === about.with) || (by === about.with && to === about.species));

function happened(spans: readonly Span[], outcome: PredictedOutcome, about: Asked | null): boolean {
  if (outcome === 'nitrate') return spans.some(({ open }) => open.nitrateMgL > NITRATE_LIMIT);
  if (about === null) return false;
  if (outcome === 'outgrown') return spans.some(({ open }) => open.tooBig.has(about.species));
  return spans.some(({ open, ended }) =>
    happenedIn(
      outcome,
      {
        losses: [...open.losses.values()],
        signs: [...open.signs.values()],
        contests: [...open.contests.values()],
        steps: [],
        ended: ended === 'parted' ? 'parted' : 'goes on',
      },
      about,
    ),
  );
}

/** How the record says it came out. Nothing is taken from silence: unwatched, short or changed by the keeper cannot be told. */
function proposalOf(
  spans: readonly Span[],
  {
    outcome,
    isOver,
    months,
    minutes,
    hasHappened,
  }: {
    readonly outcome: PredictedOutcome;
    readonly isOver: boolean;
    readonly months: number;
    readonly minutes: number;
    readonly hasHappened: boolean;
  },
): { readonly proposed: PredictionEnd | null; readonly why: Why } {
  if (hasHappened) return { proposed: 'happened', why: 'seen' };
  if (!isOver) return { proposed: null, why: 'runs' };
  const cannot = (why: Why) => ({ proposed: 'cannot be told' as const, why });
  if (months < LEAST_MONTHS) return cannot('too short');
  // A loss is missed by a head count too; all else only by watching.
  const isSeen =
    outcome === 'nitrate'
      ? spans.some(({ open }) => open.nitrateMgL > 0)
      : minutes >= LEAST_WATCHED ||
        ((outcome === 'outgrown' || canTell(outcome, 0)) && spans.some(({ open }) => open.counts > 0));
  if (!isSeen) return cannot('not watched');
  if (spans.some(({ open }) => open.steps > 0)) return cannot('intervened');
  return { proposed: 'did not happen', why: 'whole span' };
}

/**
 * The warnings that are kept score of, with what the record shows of each since it was said. `now` is an ISO moment.
 *
 * A warning that is said again while it counts stays the first one's.
 */
export function predictionsIn(happenings: readonly Standing[], now: string): readonly Kept[] {
  const said: {
    readonly entry: string;
    readonly tank: string;
    readonly on: string;
    readonly warning: Said;
  }[] = [];
  const settled = new Map<string, { readonly outcome: PredictionEnd; readonly on: string }>();
  for (const event of happenings) {
    if (event.type === 'predicted')
      for (const warning of event.warnings)
        if (
          !said.some(
            (one) =>
              one.tank === event.tank &&
              aboutOf(one.warning) === aboutOf(warning) &&
              event.on < endOf(one.warning.until),
          )
        )
          said.push({ entry: event.id, tank: event.tank, on: event.on, warning });
    if (event.type === 'settled')
      settled.set(`${event.of} ${aboutOf(event.about)}`, { outcome: event.outcome, on: event.on });
  }
  if (said.length === 0) return [];
  const tanks = [...new Set(said.map(({ tank }) => tank))];
  const cuts = said.flatMap(({ tank, on, warning }) => [
    { tank, at: on },
    { tank, at: endOf(warning.until) },
  ]);
  const told = tanksTold(happenings, tanks, cuts);
  return said.flatMap(({ entry, tank, on, warning }): readonly Kept[] => {
    const outcome = warnedOf(warning.rule);
    if (outcome === null) return [];
    const about = askable(warning, outcome);
    const end = endOf(warning.until);
    const { done = [], open = null } = told.get(tank) ?? {};
    const spans = [...done, ...(open ? [{ open, until: null, ended: 'goes on' }] : [])].filter(
      (span) =>
        span.open.from >= on && span.open.from < end && warning.species.every((id) => span.open.fish.has(id)),
    );
    const days = spans.reduce(
      (all, span) =>
        all + (Date.parse(span.until ?? (now < end ? now : end)) - Date.parse(span.open.from)) / DAY_MS,
      0,
    );
    const months = Math.floor(days / MONTH_DAYS);
    const minutes = spans.reduce((all, span) => all + span.open.minutes, 0);
    const isOver = now >= end || !spans.some(({ until }) => until === null);
    const count = (of: (one: Open) => number): number => spans.reduce((all, span) => all + of(span.open), 0);
    return [
      {
        ...warning,
        entry,
        tank,
        on,
        outcome,
        months,
        minutesWatched: Math.round(minutes),
        contests: count(({ contests }) =>
          [...contests.values()].reduce((n, { by, to, count: k }) => n + (isAbout(about, by, to) ? k : 0), 0),
        ),
        lost: count(({ losses }) =>
          [...losses.values()].reduce(
            (n, { species, count: k }) => n + (warning.species.includes(species) ? k : 0),
            0,
          ),
        ),
        nitrateMgL: Math.max(0, ...spans.map((span) => span.open.nitrateMgL)),
        ...proposalOf(spans, {
          outcome,
          isOver,
          months,
          minutes,
          hasHappened: happened(spans, outcome, about),
        }),
        settled: settled.get(`${entry} ${aboutOf(warning)}`) ?? null,
      },
    ];
  });
}
