import { effectsIn } from '../aggression';
import type { Standing } from '../events';
import { DAY_MS, monthOf, validate } from '../kernel';
import { EXPERIENCE_FORMAT, type ExperienceFile } from './experienceFile';
import { type Stay, stayFaults, staySchema } from './stay';
import { type Open, type Told, tanksTold } from './told';

/** What is known of a tank: its measures, cm, and how many hides it has; null where nobody says. */
export interface TankSaid {
  readonly id: string;
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
  readonly hides: number | null;
}

/** Fish that were together for less are no experience, unless something happened (from memory). */
const LEAST_DAYS = 30;
/** More hides than this are many (from memory). */
const FEW_HIDES = 4;

/** A name that tells nothing of what it is made of to somebody who lacks the secret: two 32-bit hashes (the FNV construction, public domain). */
function nameOf(...parts: readonly string[]): string {
  const text = parts.join('\u0000');
  return [0x811c9dc5, 0x1b873593]
    .map((seed) => {
      let hash = seed;
      for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193);
      return (hash >>> 0).toString(16).padStart(8, '0');
    })
    .join('');
}

const hidesOf = (hides: number | null): Stay['tank']['hides'] =>
  hides === null ? 'not said' : hides === 0 ? 'none' : hides <= FEW_HIDES ? 'few' : 'many';

/**
 * What lived together in the tanks of a room, as stays: a new one begins where the species of a tank change. Fish that were together for
 * less than a month are left out, unless something was seen of them.
 *
 * @param secret drawn once for the room: without it nobody can tell from the name of a stay or a tank which it is
 * @param now ISO moment
 */
export function staysIn(
  happenings: readonly Standing[],
  tanks: readonly TankSaid[],
  secret: string,
  now: string,
): readonly Stay[] {
  const told = tanksTold(
    happenings,
    tanks.map(({ id }) => id),
  );
  const made = monthOf(now);
  const stays = tanks.flatMap((tank) => {
    const { done, open } = told.get(tank.id) as Told;
    const all = [...done, ...(open ? [{ open, until: null, ended: 'goes on' as const }] : [])];
    const effects = effectsIn(happenings, tank.id, now);
    return all.flatMap(({ open: one, until, ended }): readonly Stay[] => {
      const steps = effects
        .filter(({ bundle }) => bundle.on >= one.from && (until === null || bundle.on <= until))
        .flatMap(({ bundle, verdict }) =>
          bundle.steps.map((step) => ({
            step,
            effect: verdict === 'helped' || verdict === 'worse' ? verdict : ('open' as const),
          })),
        );
      const days = (Date.parse(until ?? now) - Date.parse(one.from)) / DAY_MS;
      const seen = one.minutes + one.contests.size + one.losses.size + one.signs.size + steps.length;
      if (days < LEAST_DAYS && seen === 0) return [];
      return [
        {
          id: nameOf(secret, tank.id, one.from, one.key),
          from: monthOf(one.from),
          until: until === null ? null : monthOf(until),
          tank: {
            id: nameOf(secret, tank.id),
            lengthCm: tank.lengthCm,
            widthCm: tank.widthCm,
            heightCm: tank.heightCm,
            hides: hidesOf(tank.hides),
          },
          ...(one.water.size > 0 ? { water: Object.fromEntries(one.water) } : {}),
          minutesWatched: Math.round(one.minutes),
          fish: [...one.fish].map(([species, { count, males, females, sexed, lengthCm }]) => ({
            species,
            count: Math.max(count, lostOf(one, species)),
            ...(sexed ? { males, females } : {}),
            lengthCm,
          })),
          contests: [...one.contests.values()],
          signs: [...one.signs.values()],
          losses: [...one.losses.values()],
          steps,
          ended,
        },
      ];
    });
  });
  // What a slip of the pen makes senseless, such as a year of 1926, is no experience.
  return stays.filter((stay) => validate(staySchema, stay).ok && stayFaults(stay, '', made).length === 0);
}

/** The name that a room bears in its files. */
export const roomNameOf = (secret: string): string => nameOf(secret, 'room');

/**
 * The experience file of a room.
 *
 * @param secret drawn once for the room; the name of the room in the file follows from it, but not it from the name
 * @param now ISO moment
 */
export const experienceIn = (
  happenings: readonly Standing[],
  tanks: readonly TankSaid[],
  secret: string,
  now: string,
): ExperienceFile => ({
  format: EXPERIENCE_FORMAT,
  version: 1,
  room: roomNameOf(secret),
  made: monthOf(now),
  stays: [...staysIn(happenings, tanks, secret, now)],
});

/** Young that came and went are lost in larger numbers than there ever were at a time. */
const lostOf = ({ losses }: Open, species: string): number =>
  [...losses.values()].reduce((all, one) => all + (one.species === species ? one.count : 0), 0);
