import type { LossCause, Stay } from './stay';

/** Which experience is asked for: one species, or one beside another. */
export interface Asked {
  readonly species: string;
  readonly with?: string | undefined;
  /** Only what this one of the two suffers; left out: what either does. */
  readonly harmed?: string | undefined;
}

/** How it may go for fish that are asked about. `trouble` is any of: lost to other fish, torn, bitten or fought, parted. */
export const OUTCOMES = [
  'trouble',
  'lost to other fish',
  'torn',
  'bitten or fought',
  'hiding',
  'jumped',
  'lost',
  'intervened',
  'parted',
] as const;
export type OutcomeName = (typeof OUTCOMES)[number];

/** What nobody sees who does not look: tanks that were hardly watched say nothing of it. */
const SEEN_BY_WATCHING: ReadonlySet<OutcomeName> = new Set([
  'trouble',
  'torn',
  'bitten or fought',
  'hiding',
  'intervened',
]);
/** A tank that was watched for less, in minutes, says nothing of what only watching shows (from memory). */
export const LEAST_WATCHED = 30;

/** Whether a tank that was watched for so long can say anything of an outcome. */
export const canTell = (outcome: OutcomeName, minutesWatched: number): boolean =>
  minutesWatched >= LEAST_WATCHED || !SEEN_BY_WATCHING.has(outcome);

const TO_OTHERS: ReadonlySet<LossCause> = new Set(['eaten or missing', 'fighting']);

const isOf = ({ species, with: other, harmed }: Asked, one: string): boolean =>
  harmed === undefined ? one === species || one === other : one === harmed;
/** Of two, what one does to the other; of one alone, what anybody does to it. */
const isBetween = ({ species, with: other }: Asked, by: string, to: string): boolean =>
  other === undefined ? to === species : (by === species && to === other) || (by === other && to === species);

/** What of a stay tells how it went. */
export type Course = Pick<Stay, 'losses' | 'signs' | 'contests' | 'steps' | 'ended'>;
type Happened = (stay: Course, asked: Asked) => boolean;
const isLostTo =
  (causes: ReadonlySet<LossCause>): Happened =>
  ({ losses }, asked) =>
    losses.some(({ species, cause }) => isOf(asked, species) && causes.has(cause));
const shows =
  (sign: Stay['signs'][number]['what']): Happened =>
  ({ signs }, asked) =>
    signs.some(({ species, what }) => what === sign && isOf(asked, species));

const isParted: Happened = ({ ended }) => ended === 'parted';
const isTorn = shows('torn');
const isLostToOthers = isLostTo(TO_OTHERS);
const isBitten: Happened = ({ contests }, asked) =>
  contests.some(({ by, to, level }) => (level === 'bite' || level === 'fight') && isBetween(asked, by, to));

/** Whether it happened to one of those that are asked about. */
const HAPPENED: Readonly<Record<OutcomeName, Happened>> = {
  // What is quick to tell first: it is asked of thousands of stays.
  trouble: (stay, asked) =>
    isParted(stay, asked) || isTorn(stay, asked) || isLostToOthers(stay, asked) || isBitten(stay, asked),
  'lost to other fish': isLostToOthers,
  torn: isTorn,
  'bitten or fought': isBitten,
  hiding: shows('hiding'),
  jumped: isLostTo(new Set(['jumped'])),
  lost: ({ losses }, asked) => losses.some(({ species }) => isOf(asked, species)),
  intervened: ({ steps }) => steps.length > 0,
  parted: isParted,
};

/** Whether a stay had an outcome for those that are asked about. */
export const happenedIn = (outcome: OutcomeName, stay: Course, asked: Asked): boolean =>
  HAPPENED[outcome](stay, asked);
