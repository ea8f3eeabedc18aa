import type { DueFact, SpareFact } from '@/core/due';
import { countOf, listed, verb } from './names';
import { dayName } from './locale';
import { type Words } from './words';

const AFTER: Readonly<Record<number, string>> = { 2: '2 hours', 24: '1 day', 48: '2 days', 168: '7 days' };

const ago = (days: number): string => (days === 0 ? 'today' : `${countOf(days, 'day')} ago`);

/** Something that is due in a tank. */
export function sayDue(fact: DueFact, words: Words): string {
  switch (fact.says) {
    case 'look':
      return `Check the newcomers, ${AFTER[fact.hours] ?? countOf(fact.hours, 'hour')} after release.`;
    case 'quarantine': {
      const whose =
        fact.batch.length === 0
          ? 'Quarantine'
          : `Quarantine of ${listed(fact.batch.map(({ species, count }) => words.counted(species, count)))}:`;
      if (fact.over)
        return fact.batch.length === 0 ? `${whose} is ready to finish.` : `${whose} ready to finish.`;
      return `${whose} day ${fact.day} of ${fact.days}; ends ${dayName(fact.freeOn)} if all stay well${fact.signOn === null ? '' : ` (signs on ${dayName(fact.signOn)})`}.`;
    }
    case 'watch':
      return fact.lastDays === null
        ? 'Watch the tank: nobody has yet.'
        : `Watch the tank (last ${ago(fact.lastDays)}).`;
    case 'count':
      return `Count the ${listed(fact.species.map(words.many))}${fact.lastDays === null ? '' : ` (last ${ago(fact.lastDays)})`}.`;
    case 'change':
      return `Change ${Math.round(fact.fraction * 100)}% of the water (${fact.lastDays === null ? 'none logged yet' : `last ${ago(fact.lastDays)}`}).`;
    case 'test':
      return `Test the water (last ${ago(fact.lastDays)}).`;
    case 'test the dose':
      return 'Test ammonia and nitrite: both should be 0 a day after the dose.';
    case 'bring home':
      return `Bring home wave ${fact.wave}.`;
    case 'release':
      return `Release wave ${fact.wave}.`;
    case 'new home':
      return `${fact.count} fish ${verb(fact.count, 'needs', 'need')} a new home (decided ${ago(fact.sinceDays)}).`;
    case 'leaves':
      return `${words.counted(fact.species, fact.count)} ${verb(fact.count, 'leaves', 'leave')} by ${dayName(fact.until)}${fact.nextTank === '' ? '; no next tank' : ` for ${fact.nextTank}`}.`;
    case 'boxed':
      return `Let ${fact.name || `the ${words.one(fact.species)}`} out of its box (in it since ${dayName(fact.since)}).`;
    case 'care':
      return `${fact.what} (last ${dayName(fact.lastOn)}, every ${countOf(fact.everyDays, 'day')}).`;
    case 'claim':
      return `${fact.from} has not answered: ${fact.about}.`;
    case 'risk':
      return `${listed(fact.newcomers.map(({ species, count }) => words.counted(species, count)))} had no quarantine: watch for spots and flashing until ${dayName(fact.until)}.`;
  }
}

/** When it is due: "2 days overdue", "Today", "In 3 days". */
export const sayLateness = (overdueDays: number): string =>
  overdueDays > 0
    ? `${countOf(overdueDays, 'day')} overdue`
    : overdueDays === 0
      ? 'Today'
      : `In ${countOf(-overdueDays, 'day')}`;

/** No tank for a fish that has to come out tonight. */
export const saySpare = (fact: SpareFact): string =>
  fact.says === 'none'
    ? 'No spare tank is free for a fish that must come out tonight.'
    : `${listed(fact.tanks)} ${verb(fact.tanks.length, 'is', 'are')} free, but ${verb(fact.tanks.length, 'its', 'their')} filter is unproven.`;
