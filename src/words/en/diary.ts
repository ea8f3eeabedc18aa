import { exactPlace } from '@/core/floor';
import {
  CHANGE_CHECKS,
  type ContestKind,
  type Dated,
  type Member,
  readSomebody,
  type Sign,
} from '@/core/events';
import type { QuantityKind } from '@/core/kernel';
import { capital, countOf } from './names';
import { sayAbout } from './predictions';
import { termOf } from './vocabulary';
import { dayName, plain } from './locale';
import { type Words } from './words';

/** Names that a sentence about a room needs: of tanks and of residents, as they are known now. */
export interface RoomNames {
  readonly tank: (id: string) => string;
  readonly resident: (id: string) => string;
}

const BADNESS: Readonly<Record<number, string>> = { 1: 'mild', 2: 'hard', 3: 'injury' };

const SIGNS: Readonly<Record<Sign, string>> = {
  torn: 'had torn fins',
  dark: 'had stress colour',
  fry: 'had fry',
  paired: 'had a partner',
  'spots or film': 'had spots or film',
  hiding: 'hid',
  'holds ground': 'held a territory',
  guarding: 'guarded',
  digging: 'dug',
  flashing: 'flashed',
  gasping: 'gasped',
  panic: 'panicked',
  eating: 'ate',
  'not eating': 'did not eat',
  thin: 'was thin',
  bloated: 'was bloated',
};

const CONTESTS = {
  flare: 'flared at',
  lock: 'jaw-locked and beat',
  ram: 'rammed',
  pin: 'pinned',
  guard: 'drove off',
  chase: 'chased',
  nip: 'nipped',
  bite: 'bit',
  display: 'displayed at',
  fight: 'beat',
  evict: 'evicted',
  standoff: 'faced down',
} as const;
/** What two did of which neither had the better; others by what the first did. */
const TOGETHER: Partial<Record<ContestKind, string>> = {
  flare: 'flared at each other',
  display: 'displayed at each other',
  standoff: 'faced off',
  lock: 'locked jaws',
  fight: 'fought',
};

const READINGS: readonly (readonly [
  'temperatureC' | 'ph' | 'ghDh' | 'khDh' | 'ammoniaMgL' | 'nitriteMgL' | 'nitrateMgL' | 'tdsPpm',
  string,
  QuantityKind | 'ppm' | null,
])[] = [
  ['temperatureC', '', 'temperature'],
  ['ph', 'pH ', null],
  ['ammoniaMgL', 'ammonia ', 'concentration'],
  ['nitriteMgL', 'nitrite ', 'concentration'],
  ['nitrateMgL', 'nitrate ', 'concentration'],
  ['ghDh', 'GH ', 'hardness'],
  ['khDh', 'KH ', 'hardness'],
  ['tdsPpm', 'TDS ', 'ppm'],
];

/** What a test read, in the keeper's units: values that somebody read keep a place more than estimates. */
function readings(event: Extract<Dated, { type: 'tested' }>, words: Words): string {
  const said = READINGS.flatMap(([name, before, kind]) => {
    const value = event[name];
    return value === undefined
      ? []
      : [
          `${before}${kind === null ? plain(value) : kind === 'ppm' ? `${value} ppm` : words.reading(kind, value)}`,
        ];
  });
  return said.join(', ') || 'nothing read';
}

/** "[; a; b]" */
const tail = (...parts: readonly (string | undefined | false)[]): string =>
  parts.flatMap((part) => (part ? [`; ${part}`] : [])).join('');

/** What the keeper wrote beside an entry, as a sentence of its own. */
const noteOf = (event: Dated): string => {
  const note = 'note' in event && typeof event.note === 'string' ? event.note.trim() : '';
  return note === '' ? '' : ` ${note.replace(/\.?$/, '.')}`;
};

function namesOf(members: readonly Member[]): string {
  const named = members.filter((member) => member.name !== '').map((member) => member.name);
  return named.length > 0 ? ` (${named.join(', ')})` : '';
}

function sayArrival(event: Extract<Dated, { type: 'came' }>, names: RoomNames, words: Words): string {
  const count = event.members.reduce((sum, member) => sum + member.count, 0);
  const from = event.from ? ` from ${event.from}` : '';
  const length = words.reading('length', event.lengthCm);
  return `${words.counted(event.species, count)}${namesOf(event.members)} arrived in ${names.tank(event.tank)}${from}, ${length}${tail(
    event.ordered !== undefined && event.ordered !== count && `${event.ordered} ordered`,
    event.deadOnArrival ? `${event.deadOnArrival} dead on arrival` : '',
    event.quarantine === 'none' && 'no quarantine',
  )}`;
}

/** A place of the floor in the keeper's units; other places as they were written. */
function sayPlace(place: string, words: Words): string {
  const exact = exactPlace(place);
  return exact
    ? `${words.quantity('length', exact[0])} from the left, ${words.quantity('length', exact[1])} from the front`
    : place;
}

function sayContest(event: Extract<Dated, { type: 'chased' }>, names: RoomNames, words: Words): string {
  const bad = event.bad === undefined ? '' : `, ${BADNESS[event.bad]}`;
  const said = [sayPlace(event.place, words), event.trigger === 'none seen' ? '' : event.trigger].filter(
    Boolean,
  );
  const where = said.length > 0 ? ` (${said.join('; ')})` : '';
  const isAmongThem = event.winner === event.loser;
  const name = names.resident(event.winner);
  const one = isAmongThem && readSomebody(event.winner) === null ? `One of ${name}` : name;
  const other = isAmongThem ? 'another' : names.resident(event.loser);
  if (!event.undecided) return `${one} ${CONTESTS[event.what]} ${other}${bad}${where}`;
  const together = TOGETHER[event.what];
  return together
    ? `${one} and ${other} ${together}, undecided${bad}${where}`
    : `${one} ${CONTESTS[event.what]} ${other}, undecided${bad}${where}`;
}

function sayReturn(event: Extract<Dated, { type: 'back-again' }>, who: string, where: string): string {
  const those = some(event.count, who);
  switch (event.what) {
    case 'found alive':
      return `${those} found alive in ${where}`;
    case 'returned':
      return `${those} came back to ${where}`;
    case 'out of the box':
      return `${who} out of the box`;
    case 'pair parted':
      return `${who} parted from its partner`;
  }
}

const some = (count: number, who: string): string => (count > 1 ? `${count} of ${who}` : who);

/** What happened, without the full stop and the keeper's note. */
function say(event: Dated, names: RoomNames, words: Words): string {
  const who = 'resident' in event && event.resident ? names.resident(event.resident) : '';
  const where = 'tank' in event && event.tank ? names.tank(event.tank) : '';
  switch (event.type) {
    case 'came':
      return sayArrival(event, names, words);
    case 'born':
      return `${words.counted(event.species, event.member.count)} born and kept in ${where}`;
    case 'moved':
      return `${who} moved to ${where}`;
    case 'split':
      return `${who} split into ${event.into.map((part) => `${part.name || 'unnamed'} (${part.count})`).join(' and ')}`;
    case 'named':
      return `Named ${event.name}`;
    case 'sexed': {
      const sexes =
        event.males === null && event.females === null
          ? event.sex
          : `${event.males ?? 0} male and ${event.females ?? 0} female`;
      return `${who} sexed: ${sexes}, ${event.sure}`;
    }
    case 'identified':
      return `${who} identified as ${words.one(event.species)}`;
    case 'back-again':
      return sayReturn(event, who, where);
    case 'paired':
      return `${names.resident(event.first)} and ${names.resident(event.second)} paired`;
    case 'spawned':
      return `${event.parents.length > 0 ? event.parents.map(names.resident).join(' and ') : words.many(event.species)} spawned in ${where}`;
    case 'fry':
      return `${event.seen} ${words.one(event.species)} fry seen in ${where}`;
    case 'brood-lost':
      return `Brood of ${event.parents.length > 0 ? event.parents.map(names.resident).join(' and ') : words.many(event.species)} lost in ${where}${event.how === 'not known' ? '' : `: ${event.how}`}`;
    case 'equipment-fault':
      return `Fault in ${where}: ${termOf(event.what)}`;
    case 'measured':
      return `${who} measured ${words.reading('length', event.lengthCm)}`;
    case 'watched':
      return `Watched ${where} for ${countOf(Math.max(1, Math.round(event.minutes)), 'minute')}`;
    case 'chased':
      return sayContest(event, names, words);
    case 'saw':
      return `${who || `A fish in ${where}`} ${SIGNS[event.what]}${event.place ? ` (${sayPlace(event.place, words)})` : ''}`;
    case 'looked':
      return `Checked the newcomers in ${where} after ${countOf(event.hours, 'hour')}${event.seen === null ? '' : `: ${event.seen} seen`}${event.signs.length > 0 ? `, ${event.signs.map(termOf).join(', ')}` : ''}`;
    case 'treated':
      return `Treated ${where}: ${event.what}`;
    case 'quarantine':
      return `${where} quarantine ${termOf(event.what)}${event.days === undefined ? '' : `, ${countOf(event.days, 'day')}`}`;
    case 'claimed':
      return `Claim with ${event.from}: ${event.about}${tail(event.outcome ? `settled: ${event.outcome}` : '')}`;
    case 'recounted':
      return `Corrected ${who} to ${event.count}: ${event.why}`;
    case 'stepped-in': {
      const until = event.until ? ` until ${dayName(event.until)}` : '';
      return `Intervention in ${where}: ${termOf(event.step)}${event.who ? ` (${names.resident(event.who)}${until})` : ''}`;
    }
    case 'counted':
      return `Counted ${words.counted(event.species, event.seen)} in ${where}`;
    case 'to-go':
      return event.count === 0
        ? `Decided to keep ${who}`
        : `Decided to rehome ${some(event.count, who)}${event.taker ? ` to ${event.taker}` : ''}: ${termOf(event.reason)}`;
    case 'rehomed':
      return `Rehomed ${some(event.count, who)} to ${event.taker}: ${termOf(event.reason)}${event.credit ? `, for ${event.credit}` : ''}`;
    case 'died':
      return `${some(event.count, who)} ${termOf(event.how)}${event.cause ? `: ${event.cause}` : ''}`;
    case 'tested':
      return `Tested ${where}: ${readings(event, words)}`;
    case 'water-changed': {
      const open = CHANGE_CHECKS.filter((one) => !event.checked.includes(one));
      return `Changed ${Math.round(event.fraction * 100)}% of the water in ${where}${tail(open.length > 0 && `not ticked: ${open.map(termOf).join(', ')}`)}`;
    }
    case 'filter':
      return `${where} filter ${termOf(event.what)}${event.doseMgL === undefined ? '' : ` (${words.reading('concentration', event.doseMgL)} ammonia)`}`;
    case 'predicted':
      return `Keeping score of ${countOf(event.warnings.length, 'warning')} on ${where}`;
    case 'settled':
      return `Warning on ${where} (${sayAbout(event.about, words)}): ${termOf(event.outcome)}`;
    case 'noted':
      return event.text;
  }
}

/** One event as a line of the diary. */
export function sayEvent(event: Dated, names: RoomNames, words: Words): string {
  const said = say(event, names, words);
  return event.type === 'noted' ? said : `${capital(said)}.${noteOf(event)}`;
}
