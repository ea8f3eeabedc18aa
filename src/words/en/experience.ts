import {
  bornOut,
  type ExperienceSum,
  type KeptHere,
  LEAST_KEEPERS,
  type OwnFigure,
  type OwnRate,
  type OutcomeName,
  type OutcomeSum,
  type RateSum,
  type Stay,
  WORTH_A_WARNING,
} from '@/core/evidence';
import { FACETS } from '@/core/model';
import { fixed, monthName } from './locale';
import { capital, countOf, listed } from './names';
import { percent } from './quantities';
import { termOf } from './vocabulary';
import type { Words } from './words';

const ENDED: Readonly<Record<Stay['ended'], string>> = {
  'goes on': '',
  parted: 'parted',
  'given up': 'all rehomed',
  'none left': 'none left',
  'moved on': 'moved to another tank',
  'list changed': '',
};

const sum = (list: readonly { readonly count: number }[]): number =>
  list.reduce((all, { count }) => all + count, 0);

/** What a stay says, for the keeper who hands it on: its tank and months, its fish, and what happened. */
export function sayStay(
  { tank, from, until, fish, minutesWatched, contests, signs, losses, steps, ended }: Stay,
  words: Words,
): { readonly where: string; readonly fish: string; readonly happened: string } {
  const happened = [
    minutesWatched > 0 ? `watched ${countOf(minutesWatched, 'minute')}` : 'not watched',
    contests.length > 0 ? countOf(sum(contests), 'contest') : '',
    signs.some(({ what }) => what === 'torn') ? 'fins torn' : '',
    losses.length > 0 ? `${sum(losses)} lost` : '',
    steps.length > 0 ? countOf(steps.length, 'intervention') : '',
    ENDED[ended],
  ].filter((part) => part !== '');
  return {
    where: `Tank ${words.quantity('length', tank.lengthCm)} long, ${until === null ? `since ${monthName(from)}` : `${monthName(from)} to ${monthName(until)}`}`,
    fish: listed(
      fish.map(({ species, count }) => `${count} ${count === 1 ? words.one(species) : words.many(species)}`),
    ),
    happened: happened.join(', '),
  };
}

/** Outcomes as they happened to the fish that are asked about. */
const OUTCOME: Readonly<Record<OutcomeName, string>> = {
  trouble: 'fights, harm or parting',
  'lost to other fish': 'lost to other fish',
  torn: 'fins torn',
  'bitten or fought': 'bites or fights',
  hiding: 'kept hiding',
  jumped: 'jumped out',
  lost: 'lost for any reason',
  intervened: 'keeper intervened',
  parted: 'had to be separated',
};
export const outcomeName = (outcome: OutcomeName): string => OUTCOME[outcome];

/** Limits of a share: "2 to 52%". */
export const shareLimitsWords = ([low, high]: readonly [number, number]): string =>
  `${Math.round(low * 100)} to ${percent(high)}`;

/** "fins torn in 2 of 11 tanks (18%, 95% limits 2 to 52%)" */
export const sayOutcome = ({ outcome, tanks, of, value, limits }: OutcomeSum): string =>
  of === 0 || value === null || limits === null
    ? `${OUTCOME[outcome]}: no tank was watched enough to tell`
    : `${OUTCOME[outcome]} in ${tanks} of ${countOf(of, 'tank')} (${percent(value)}, 95% limits ${shareLimitsWords(limits)})`;

/** How much there is: "9 keepers, 11 tanks, 96 tank-months, watched 14 hours". */
export const sayAmount = ({ keepers, tanks, tankMonths, minutesWatched }: ExperienceSum): string =>
  [
    countOf(keepers, 'keeper'),
    countOf(tanks, 'tank'),
    countOf(tankMonths, 'tank-month'),
    watchedWords(minutesWatched),
  ].join(', ');

const MINUTES = 60;
const watchedWords = (minutes: number): string =>
  minutes === 0
    ? 'not watched'
    : minutes < 2 * MINUTES
      ? `watched ${countOf(minutes, 'minute')}`
      : `watched ${countOf(Math.round(minutes / MINUTES), 'hour')}`;

/** Whether experience bears out a warning, with the reason; null where it says neither. */
export function sayBornOut(outcome: OutcomeSum): string | null {
  const borne = bornOut(outcome);
  if (borne === null || outcome.limits === null) return null;
  const [low, high] = outcome.limits;
  return borne === 'confirmed'
    ? `confirmed by experience: in at least ${percent(low)} of tanks.`
    : `contested by experience: in at most ${percent(high)} of tanks.`;
}

/** Why other keepers' experience says what it does beside a warning, or why it says neither. */
export const BORNE_OUT_RULE = `A warning counts as confirmed where the lower limit is above ${percent(WORTH_A_WARNING)} of tanks, as contested where the upper limit is below it, and as neither with fewer than ${LEAST_KEEPERS} keepers. Experience changes no verdict by itself.`;

/** What keepers' experience cannot say, once. */
export const EXPERIENCE_BIAS =
  'Who keeps records is no average keeper, who gave up tells nothing, and a death nobody saw counts as unknown. Files cannot show whether several rooms come from one hand. It says what happened elsewhere, not what will happen in your tank.';

/** What this keeper's own fish did together: "In this room: 2 tanks, 14 months, watched 212 minutes, 3 contests, no loss." */
export function sayOwn({
  with: other,
  tanks,
  tankMonths,
  minutesWatched,
  outcomes,
  rates,
}: ExperienceSum): string {
  const contests = rates.reduce((all, { events }) => all + events, 0);
  const seen = outcomes
    .filter(({ outcome, tanks: k }) => k > 0 && outcome !== 'trouble' && outcome !== 'bitten or fought')
    .map(({ outcome }) => OUTCOME[outcome]);
  return [
    `In this room: ${tanks > 1 ? `${tanks} tanks, ` : ''}${other === undefined ? 'kept' : 'together'} ${countOf(tankMonths, 'month')}`,
    watchedWords(minutesWatched),
    ...(minutesWatched > 0
      ? [
          `${contests === 0 ? 'no contest' : countOf(contests, 'contest')}${other === undefined ? ' among themselves' : ''}`,
        ]
      : []),
    seen.length > 0 ? listed(seen) : 'no loss',
  ].join(', ');
}

/** This room's contests beside what a warning is taken to mean: neither takes the other's place. */
export const sayOwnRate = ({ said, events, pairHours, together }: OwnRate): string =>
  `Contests an hour and pair: the warning is taken to mean ${rateWords(said)}, this room shows ${rateWords(events / pairHours)}, together ${rateWords(together.mean)} (95% limits ${rateWords(together.limits[0])} to ${rateWords(together.limits[1])})`;

/** "neon tetras 14 months, 2 lost" */
export const sayKeptHere = ({ species, months, lost }: KeptHere, words: Words): string =>
  `${words.many(species)} ${countOf(months, 'month')}${lost === 0 ? '' : `, ${lost} lost`}`;

const temperWord = (level: number): string => termOf(FACETS.temper[level] as string);

/** The figure itself: "14 months", "9.5 cm", "rough". */
export function ownFigureWords({ name, here }: OwnFigure, words: Words): string {
  switch (name) {
    case 'monthsToGrown':
      return countOf(here, 'month');
    case 'longestCm':
      return words.reading('length', here);
    case 'temper':
      return temperWord(here);
  }
}

/** What this room's own fish showed, beside the figure that the profile has. */
export function sayOwnFigure(figure: OwnFigure, species: string, words: Words): string {
  const [fish, here] = [capital(words.many(species)), ownFigureWords(figure, words)];
  switch (figure.name) {
    case 'monthsToGrown':
      return `${fish} are grown in about ${here} here, by ${countOf(figure.fish, 'fish', 'fish')} measured; the profile says ${figure.said}.`;
    case 'longestCm':
      return `${fish} of yours measured up to ${here}; the profile says ${words.quantity('length', figure.said)}.`;
    case 'temper': {
      const { said, saidRate, seenRate, fishHours, together } = figure;
      const milder = figure.here < said ? ' With a milder figure Lomvik warns of less.' : '';
      return `${fish} are ${here} with others here: one fish starts ${rateWords(seenRate)} contests an hour (${countOf(Math.round(fishHours), 'fish-hour')} watched); the profile says ${temperWord(said)}, about ${rateWords(saidRate)}. Profile and this room together: ${rateWords(together.mean)} (95% limits ${rateWords(together.limits[0])} to ${rateWords(together.limits[1])}).${milder}`;
    }
  }
}

/** Rates above this are told to two places. */
const LARGE_RATE = 0.1;
const rateWords = (rate: number): string => fixed(rate, rate >= LARGE_RATE ? 2 : 3);

/** A rate of contests an hour and pair, with limits. */
export const sayRate = ({ events, value, limits, pairHours }: RateSum): string =>
  value === null || limits === null
    ? 'not watched'
    : events === 0
      ? `none in ${countOf(Math.round(pairHours), 'hour')} of pairs watched`
      : `${rateWords(value)} an hour and pair (95% limits ${rateWords(limits[0])} to ${rateWords(limits[1])}; ${countOf(events, 'contest')})`;
