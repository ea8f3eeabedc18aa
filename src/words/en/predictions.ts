import type { PredictionEnd } from '@/core/events';
import { type Kept, LEAST_MONTHS, type PredictedOutcome, warnedOf } from '@/core/evidence';
import { outcomeName } from './experience';
import { everyOf, countOf } from './names';
import type { SpeciesNames } from './names';
import type { Quantities } from './quantities';

/** What a warning says may come, as a noun. */
const MAY_COME: Readonly<Record<PredictedOutcome, string>> = {
  trouble: outcomeName('trouble'),
  'lost to other fish': 'losses to other fish',
  torn: 'torn fins',
  'bitten or fought': 'bites or fights',
  hiding: 'hiding',
  jumped: 'jumping out',
  lost: 'losses',
  intervened: 'an intervention',
  parted: 'parting them',
  nitrate: 'nitrate above the limit',
  outgrown: 'outgrowing the tank',
};
export const predictedName = (outcome: PredictedOutcome): string => MAY_COME[outcome];

/** What a warning was about: "tiger barbs and pearl gouramis: fins torn". */
export function sayAbout(
  { rule, species }: { readonly rule: string; readonly species: readonly string[] },
  words: SpeciesNames,
): string {
  const outcome = warnedOf(rule);
  const what = outcome === null ? rule : predictedName(outcome);
  return species.length === 0 ? what : `${everyOf(species.map(words.many))}: ${what}`;
}

/** What the record shows since a warning: "together 14 months, watched 212 minutes, 3 contests, no loss". */
export function sayKept(
  { outcome, species, months, minutesWatched, contests, lost, nitrateMgL }: Kept,
  words: Quantities,
): string {
  const since = months === 0 ? 'less than a month' : countOf(months, 'month');
  if (outcome === 'nitrate')
    return `${since}, ${nitrateMgL === 0 ? 'nitrate not tested' : `nitrate at most ${words.reading('concentration', nitrateMgL)}`}`;
  return [
    `${species.length > 1 ? 'together' : 'kept'} ${since}`,
    minutesWatched === 0 ? 'not watched' : `watched ${countOf(minutesWatched, 'minute')}`,
    ...(minutesWatched === 0 ? [] : [contests === 0 ? 'no contest' : countOf(contests, 'contest')]),
    lost === 0 ? 'no loss' : `${lost} lost, of any cause`,
  ].join(', ');
}

const WHY: Readonly<Record<Kept['why'], string>> = {
  seen: 'The record shows that it happened.',
  'whole span': 'The record shows none of it in that time.',
  'not watched': 'The record cannot tell: hardly watched.',
  'too short': `The record cannot tell: less than ${countOf(LEAST_MONTHS, 'month')}.`,
  intervened: 'The record cannot tell: you intervened.',
  runs: 'Still running.',
};
/** What the record says of a warning so far. */
export const sayWhy = (why: Kept['why']): string => WHY[why];

const CAME_OUT: Readonly<Record<PredictionEnd, string>> = {
  happened: 'it happened',
  'did not happen': 'it did not happen',
  'cannot be told': 'it cannot be told',
};
/** How a warning came out, as half a sentence. */
export const cameOut = (end: PredictionEnd): string => CAME_OUT[end];
