import { type Catalogue, commonName } from '../model';
import { countOf } from './words';
import { CHANGE_CHECKS, type Dated, type Member, type Sign } from '../events';

/** Names that a sentence needs: of tanks and of residents, as they are known now. */
export interface Names {
  readonly catalogue: Catalogue;
  readonly tank: (id: string) => string;
  readonly resident: (id: string) => string;
}

const BADNESS: Readonly<Record<number, string>> = { 1: 'in passing', 2: 'hard', 3: 'to hurt' };

const SIGN_WORDS: Readonly<Partial<Record<Sign, string>>> = {
  torn: 'is torn',
  dark: 'has gone dark',
  fry: 'has fry',
  paired: 'keeps to a partner',
  thin: 'is thin',
  bloated: 'is bloated',
  'not eating': 'does not eat',
  'spots or film': 'has spots or a film',
  panic: 'panics',
  eating: 'eats',
  hiding: 'hides',
  'holds ground': 'holds ground',
  digging: 'digs',
  guarding: 'guards',
  flashing: 'flashes',
  gasping: 'gasps',
};

const tail = (...parts: readonly string[]): string => {
  const said = parts.filter((part) => part.trim() !== '');
  return said.length > 0 ? ` ${said.map((part) => part.trim().replace(/\.?$/, '.')).join(' ')}` : '';
};

const CONTESTS = {
  flare: 'flared at',
  lock: 'locked jaws with and beat',
  ram: 'rammed',
  pin: 'pinned down',
  guard: 'kept off',
  chase: 'chased',
  nip: 'nipped',
  bite: 'bit',
  display: 'displayed at',
  fight: 'beat',
  evict: 'drove out',
} as const;

function membersOf(members: readonly Member[]): string {
  const named = members.filter((member) => member.name !== '').map((member) => member.name);
  return named.length > 0 ? ` (${named.join(', ')})` : '';
}

const READINGS = [
  ['temperatureC', '°C'],
  ['ph', 'pH'],
  ['ammoniaMgL', 'mg/L ammonia'],
  ['nitriteMgL', 'mg/L nitrite'],
  ['nitrateMgL', 'mg/L nitrate'],
  ['ghDh', '°dH hardness'],
  ['khDh', '°dH carbonate'],
  ['tdsPpm', 'ppm dissolved'],
] as const;

/** What a test read, as a list of words. */
function readings(event: Extract<Dated, { type: 'tested' }>): string {
  const said = READINGS.flatMap(([name, words]) => {
    const value = event[name];
    return value === undefined ? [] : [name === 'ph' ? `pH ${value}` : `${value} ${words}`];
  });
  return said.join(', ') || 'nothing read';
}

function contestTail({ place, trigger }: Extract<Dated, { type: 'chased' }>): string {
  const said = [place, trigger === undefined || trigger === 'none seen' ? '' : trigger].filter(Boolean);
  return said.length > 0 ? ` (${said.join(', ')})` : '';
}

/** One event as a plain sentence. */
export function describeEvent(event: Dated, names: Names): string {
  const species = (id: string): string => {
    const profile = names.catalogue.byId.get(id);
    return profile ? commonName(profile) : id;
  };
  const counted = (count: number, id: string): string => {
    const profile = names.catalogue.byId.get(id);
    return profile ? countOf(count, profile) : `${count} ${id}`;
  };
  switch (event.type) {
    case 'came': {
      const count = event.members.reduce((sum, member) => sum + member.count, 0);
      return `${counted(count, event.species)}${membersOf(event.members)} came to ${names.tank(event.tank)}, ${event.lengthCm} cm${event.from ? `, from ${event.from}` : ''}.${tail(
        event.ordered !== undefined && event.ordered !== count ? `${event.ordered} were ordered` : '',
        event.deadOnArrival ? `${event.deadOnArrival} dead on arrival` : '',
        event.quarantine === 'none' ? 'Not quarantined' : '',
        event.note,
      )}`;
    }
    case 'born':
      return `${counted(event.member.count, event.species)} born and kept in ${names.tank(event.tank)}.${tail(event.note)}`;
    case 'moved':
      return `${names.resident(event.resident)} moved to ${names.tank(event.tank)}.${tail(event.note)}`;
    case 'split':
      return `${names.resident(event.resident)} split: ${event.into.map((part) => `${part.name || 'unnamed'} (${part.count})`).join(', ')}.`;
    case 'named':
      return `${names.resident(event.resident)} is now called ${event.name}.`;
    case 'sexed':
      return `${names.resident(event.resident)} sexed: ${event.males !== null || event.females !== null ? `${event.males ?? 0} male, ${event.females ?? 0} female` : event.sex}, ${event.sure}.${tail(event.note)}`;
    case 'identified':
      return `${names.resident(event.resident)} is ${species(event.species)}, as now known.${tail(event.note)}`;
    case 'paired':
      return `${names.resident(event.first)} and ${names.resident(event.second)} have paired.${tail(event.note)}`;
    case 'spawned':
      return `${species(event.species)} spawned in ${names.tank(event.tank)}${event.parents.length > 0 ? `: ${event.parents.map(names.resident).join(' and ')}` : ''}.${tail(event.note)}`;
    case 'fry':
      return `${event.seen} fry of ${species(event.species)} seen in ${names.tank(event.tank)}.${tail(event.note)}`;
    case 'measured':
      return `${names.resident(event.resident)} measured ${event.lengthCm} cm.`;
    case 'watched':
      return `Watched ${names.tank(event.tank)} for ${Number(event.minutes.toFixed(1))} minutes.${tail(event.note)}`;
    case 'chased':
      return `${names.resident(event.winner)} ${CONTESTS[event.what]} ${names.resident(event.loser)}${event.bad === undefined ? '' : ` ${BADNESS[event.bad]}`}${contestTail(event)}.`;
    case 'saw':
      return `${event.resident ? names.resident(event.resident) : `Somebody in ${names.tank(event.tank)}`} ${SIGN_WORDS[event.what] ?? event.what}${event.place ? ` (${event.place})` : ''}.${tail(event.note)}`;
    case 'looked':
      return `Looked at the newcomers in ${names.tank(event.tank)} after ${event.hours} h${event.seen === null ? '' : `, ${event.seen} seen`}${event.signs.length > 0 ? `: ${event.signs.join(', ')}` : ''}.${tail(event.note)}`;
    case 'treated':
      return `Given to ${names.tank(event.tank)}: ${event.what}.${tail(event.note)}`;
    case 'quarantine':
      return `Quarantine in ${names.tank(event.tank)} ${event.what}${event.days === undefined ? '' : `, ${event.days} days`}.${tail(event.note)}`;
    case 'claimed':
      return `Claim with ${event.from}: ${event.about}${event.outcome ? `; settled: ${event.outcome}` : ''}.`;
    case 'recounted':
      return `${names.resident(event.resident)} put right to ${event.count}: ${event.why}.${tail(event.note)}`;
    case 'stepped-in':
      return `Step taken in ${names.tank(event.tank)}: ${event.step}${event.who ? ` (${names.resident(event.who)}${event.until ? ` until ${event.until}` : ''})` : ''}.${tail(event.note)}`;
    case 'counted':
      return `Counted ${counted(event.seen, event.species)} in ${names.tank(event.tank)}.${tail(event.note)}`;
    case 'to-go':
      return event.count === 0
        ? `${names.resident(event.resident)} stays after all.${tail(event.note)}`
        : `${event.count > 1 ? `${event.count} of ` : ''}${names.resident(event.resident)} to rehome${event.taker ? `, to ${event.taker}` : ''}: ${event.reason}.${tail(event.note)}`;
    case 'rehomed':
      return `${event.count > 1 ? `${event.count} of ` : ''}${names.resident(event.resident)} rehomed to ${event.taker}: ${event.reason}.${tail(event.credit ? `For ${event.credit}` : '', event.note)}`;
    case 'died':
      return `${event.count > 1 ? `${event.count} of ` : ''}${names.resident(event.resident)} ${event.how === 'missing' ? 'missing, taken for dead' : event.how === 'put down' ? 'put down' : 'found dead'}${event.cause ? `: ${event.cause}` : ''}.${tail(event.note)}`;
    case 'tested':
      return `Tested ${names.tank(event.tank)}: ${readings(event)}.${tail(event.note)}`;
    case 'water-changed':
      return `${Math.round(event.fraction * 100)} % of the water of ${names.tank(event.tank)} changed${event.checked.length < CHANGE_CHECKS.length ? `, not ticked: ${CHANGE_CHECKS.filter((one) => !event.checked.includes(one)).join(', ')}` : ''}.${tail(event.note)}`;
    case 'filter':
      return `Filter of ${names.tank(event.tank)} ${event.what}${event.doseMgL === undefined ? '' : `: ${event.doseMgL} mg/L of ammonia`}.${tail(event.note)}`;
    case 'noted':
      return event.text;
  }
}
