import type { HeadCount, LossWarning, Possibility } from '@/core/departures';
import { countOf, everyOf, verb } from './names';
import { termOf } from './vocabulary';
import { dayName, fixed, plain } from './locale';
import { type Words } from './words';

/** What could have been behind a death, with what it rests on; no diagnosis. */
export function sayPossibility(one: Possibility, words: Words): string {
  switch (one.says) {
    case 'chlorine':
      return `chlorine (dechlorinator not ticked ${dayName(one.on)})`;
    case 'cold tank':
      return `a cold tank (heater not ticked ${dayName(one.on)})`;
    case 'jumped':
      return `a jump (lid not ticked ${dayName(one.on)})`;
    case 'missed changes':
      return `no water change (${countOf(one.days, 'day')}; the routine is ${one.everyDays})`;
    case 'ammonia':
      return `free ammonia (${fixed(one.mgL, 3)} ${words.unit('concentration')}, ${dayName(one.on)})`;
    case 'nitrite':
    case 'nitrate':
      return `${one.says} (${words.reading('concentration', one.mgL)}, ${dayName(one.on)})`;
    case 'temperature':
      return `temperature (${words.fine('temperature', one.temperatureC)} on ${dayName(one.on)}, usually ${words.fine('temperature', one.usualC)})`;
    case 'pH jump':
      return `a jump of pH (${plain(one.from)} to ${plain(one.to)}, ${dayName(one.on)})`;
    case 'bullied':
      return `bullied (target in ${one.taken} of ${countOf(one.of, 'contest')})`;
    case 'illness':
      return `illness (${everyOf(one.signs.map(termOf))})`;
    case 'wounds':
      return 'wounds (torn fins)';
    case 'arrival':
      return `transport or acclimation (arrived ${countOf(one.days, 'day')} before)`;
    case 'brought in':
      return `disease brought in (${words.many(one.species)}, ${dayName(one.on)}${one.quarantined ? '' : ', no quarantine'})`;
    case 'equipment':
      return `${termOf(one.what)} (${dayName(one.on)})`;
    case 'joined':
      return `a newcomer (${words.one(one.species)} moved in ${dayName(one.on)})`;
    case 'moved':
      return `the move (${countOf(one.days, 'day')} before)`;
    case 'treated':
      return `the treatment (${one.what}, ${dayName(one.on)})`;
    case 'old age':
      return `old age (${countOf(Math.round(one.years), 'year')} here; they live ${one.usualYears} and more)`;
  }
}

/** From this chance on nobody is missed of a species that hides (from memory). */
const LIKELY = 0.1;

/** What a head count says against the record of its moment, and what is open since. `nameOf` says who was not seen. */
export function sayHeadCount(
  { onRecord, counts, unaccounted, unseen, hidden, allThere, dwindling, lastSeenDays }: HeadCount,
  nameOf: (id: string) => string = (id) => id,
): string {
  const last = counts.at(-1);
  if (!last) return `${onRecord} on record, never counted.`;
  const then = dayName(last.on);
  const open = unaccounted ?? 0;
  if (open < 0)
    return `${last.seen} seen ${then}, ${last.onRecord} on record then: young, a visitor, or a count to correct.`;
  if (open === 0)
    return last.seen < last.onRecord
      ? `${last.seen} of ${last.onRecord} seen ${then}; the others are accounted for since.`
      : `All ${last.onRecord} seen ${then}.`;
  const falling = dwindling
    ? ` Counts are falling: ${counts
        .slice(-3)
        .map((one) => one.seen)
        .join(', ')}.`
    : '';
  const who = unseen.length > 0 ? ` Not seen: ${everyOf(unseen.map(nameOf))}.` : '';
  const seen = `${last.seen} of ${last.onRecord} seen ${then}${open < last.onRecord - last.seen ? `, ${open} still missing` : ''}`;
  if (hidden && (allThere ?? 0) > LIKELY)
    return `${seen}; this species often hides.${lastSeenDays === null ? '' : ` Last seen ${lastSeenDays === 0 ? 'today' : `${countOf(lastSeenDays, 'day')} ago`}.`}${who}${falling}`;
  return `${seen}; ${Math.round((allThere ?? 0) * 100)}% likely that all ${verb(last.onRecord, 'was', 'were')} alive then. Check behind the background.${who}${falling}`;
}

/** Below this a p is not told more exactly. */
const LEAST_P = 0.001;

/** A group of which more died than of the others: "8 of 12 ember tetras died, where 1 was expected (p < 0.001)." `who` names a group that is no species. */
export function sayLosses(one: LossWarning, who: string, words: Words): string {
  const { by, name, died, lives, few } = one;
  const group = by === 'species' ? words.counted(name, lives) : String(lives);
  const expected = Math.round(one.expected);
  const usual = expected < 1 ? 'less than 1' : String(expected);
  const p = one.p < LEAST_P ? `< ${fixed(LEAST_P, 3)}` : fixed(one.p, 3);
  return `${by === 'species' ? '' : `${who}: `}${died} of ${group} died, where ${usual} ${expected > 1 ? 'were' : 'was'} expected (p ${p}). This does not show why${few ? `; ${countOf(died, 'death')} ${verb(died, 'is', 'are')} only a hint` : ''}.`;
}
