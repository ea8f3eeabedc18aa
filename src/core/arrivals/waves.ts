import { addDays, daysBetween, type Litres } from '../kernel';
import { isRough, type SpeciesProfile } from '../model';

/** A species that is listed and has to come, whole. */
export interface ToCome {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  /** Nitrate that it will make, mg/L a week: what the filter has to follow. */
  readonly loadMgLWeek: number;
  /** Wanted most: goes first within its rank of temper. */
  readonly favourite: boolean;
}

/** A tank that newcomers wait in, and when it is wet, ripe and free. */
export interface Lane {
  readonly id: string;
  readonly name: string;
  readonly litres: Litres;
  readonly freeFrom: string;
}

export type ArrivalOrder = 'gentlest first' | 'favourite first';

export interface WaveRules {
  readonly today: string;
  readonly approach: ArrivalOrder;
  /** Days in quarantine; 0 for none. */
  readonly quarantineDays: number;
  /** When the display is ready; nobody is released before. */
  readonly readyOn: string;
  /** What lives there already makes so much, mg/L a week. */
  readonly presentMgLWeek: number;
  /** Rough fish have lived there in peace for so many days; 0 when there are none. */
  readonly settledDays?: number;
  /** Species that cannot wait in one tank, as `pairOf` two keys: one eats, nips or harries the other. */
  readonly apart?: ReadonlySet<string>;
}

/** The name of a pair of species, whichever comes first. */
export const pairOf = (a: string, b: string): string => [a, b].sort().join('|');

/** Species that come together, wait together and are released together. */
export interface Wave {
  readonly keys: readonly string[];
  readonly lane: string | null;
  readonly arrives: string;
  readonly releases: string;
}

/** Waves stand two weeks apart at least (common practice). */
export const WAVE_GAP_DAYS = 14;
/** A quarantine tank is torn down and dries for a week after a batch (common practice: several days to a week). */
export const DRYING_DAYS = 7;
/** A wave makes at most as much as a third of all that is planned, or as what is there already: bacteria follow (from memory). */
const SHARE_A_WAVE = 1 / 3;
/** A quarantine tank takes at least so much water for each cm of fish as sold, L (from memory: it is tested and changed daily). */
const LITRES_A_CM = 0.6;
/** A rough tank counts as settled after two months without a newcomer (from memory; the caution is common practice). */
const SETTLED_DAYS = 60;

const rankOf = ({ profile }: ToCome): number => profile.company.temper.mature * 10 - profile.habits.shyness;

/** Gentle and shy before bold, the roughest last; by the other approach what is wanted most comes first. */
export function inOrder(toCome: readonly ToCome[], approach: ArrivalOrder): readonly ToCome[] {
  const rank = (one: ToCome): number => one.profile.company.temper.mature;
  return [...toCome].sort((a, b) => {
    const liked = Number(b.favourite) - Number(a.favourite);
    if (approach === 'favourite first' && liked !== 0) return liked;
    return rank(a) - rank(b) || liked || rankOf(a) - rankOf(b) || (a.key < b.key ? -1 : 1);
  });
}

const litresFor = (group: readonly ToCome[]): number =>
  group.reduce((sum, { profile, count }) => sum + profile.size.soldCm * count * LITRES_A_CM, 0);

/** Species into batches: whole species, gentle ones together while the filter can follow, each rough species by itself. */
function batches(
  ordered: readonly ToCome[],
  lanes: readonly Lane[],
  rules: WaveRules,
): readonly (readonly ToCome[])[] {
  const all = ordered.reduce((sum, one) => sum + one.loadMgLWeek, 0);
  const largest = Math.max(0, ...lanes.map((lane) => lane.litres));
  const found: ToCome[][] = [];
  let there = rules.presentMgLWeek;
  let open: ToCome[] | null = null;
  for (const one of ordered) {
    const load = (open ?? []).reduce((sum, each) => sum + each.loadMgLWeek, 0) + one.loadMgLWeek;
    const together =
      open !== null &&
      !isRough(one.profile) &&
      open.every((each) => !isRough(each.profile)) &&
      open.every((each) => !rules.apart?.has(pairOf(each.key, one.key))) &&
      load <= Math.max(there, (rules.presentMgLWeek + all) * SHARE_A_WAVE) &&
      (rules.quarantineDays === 0 || litresFor([...open, one]) <= largest);
    if (open && together) open.push(one);
    else {
      if (open) there += open.reduce((sum, each) => sum + each.loadMgLWeek, 0);
      open = [one];
      found.push(open);
    }
  }
  return found;
}

const latest = (...dates: readonly string[]): string =>
  dates.reduce((late, date) => (date > late ? date : late), '');

/**
 * When each wave comes and is released: whole species in the order of the approach, two weeks apart or more, each batch alone in
 * the quarantine tank that lets it out soonest, never before the display and the lane are ready. Dates are ISO. Without a
 * lane, quarantine is left out and the waves say so (`lane` null). Deterministic.
 */
export function planWaves(
  toCome: readonly ToCome[],
  lanes: readonly Lane[],
  rules: WaveRules,
): readonly Wave[] {
  const free = new Map(lanes.map((lane) => [lane.id, latest(lane.freeFrom, rules.today)]));
  let earliest = latest(rules.readyOn, rules.today);
  return batches(inOrder(toCome, rules.approach), lanes, rules).map((batch): Wave => {
    const keys = batch.map((one) => one.key);
    if (lanes.length === 0 || rules.quarantineDays === 0) {
      const day = earliest;
      earliest = addDays(day, WAVE_GAP_DAYS);
      return { keys, lane: null, arrives: day, releases: day };
    }
    const need = litresFor(batch);
    const fitting = lanes.filter((lane) => lane.litres >= need);
    const choice = (fitting.length > 0 ? fitting : lanes)
      .map((lane) => {
        const from = free.get(lane.id) as string;
        const arrives = latest(from, addDays(earliest, -rules.quarantineDays), rules.today);
        return { lane, arrives, releases: addDays(arrives, rules.quarantineDays) };
      })
      .sort((a, b) =>
        a.releases < b.releases ? -1 : a.releases > b.releases ? 1 : a.lane.id < b.lane.id ? -1 : 1,
      )[0];
    const { lane, arrives, releases } = choice as NonNullable<typeof choice>;
    free.set(lane.id, addDays(releases, DRYING_DAYS));
    earliest = addDays(releases, WAVE_GAP_DAYS);
    return { keys, lane: lane.id, arrives, releases };
  });
}

/** What speaks against a wave, as plain data. Days as `2026-11-24`. */
export type WaveFact =
  | { readonly says: 'settled tank'; readonly days: number }
  | { readonly says: 'not ready'; readonly readyOn: string }
  | { readonly says: 'in the past' }
  | { readonly says: 'too soon'; readonly days: number; readonly gap: number }
  | { readonly says: 'peaceful first' }
  | { readonly says: 'too many' }
  | { readonly says: 'alone' }
  | { readonly says: 'apart'; readonly keys: readonly [string, string] }
  | { readonly says: 'no quarantine' }
  | { readonly says: 'short quarantine'; readonly days: number; readonly of: number }
  | { readonly says: 'in use'; readonly lane: string; readonly until: string }
  | { readonly says: 'lane too small'; readonly lane: string }
  | { readonly says: 'two batches'; readonly lane: string };

/** Why a plan of waves is unwise, by wave; nothing for one that `planWaves` made. */
export interface Unwise {
  /** Index of the wave. */
  readonly wave: number;
  readonly fact: WaveFact;
}

/** What speaks against waves as they stand, moved by hand or not. */
export function judgeWaves(
  waves: readonly Wave[],
  toCome: readonly ToCome[],
  lanes: readonly Lane[],
  rules: WaveRules,
): readonly Unwise[] {
  const speciesOf = (wave: Wave): readonly ToCome[] =>
    wave.keys.flatMap((key) => toCome.find((one) => one.key === key) ?? []);
  const temper = (wave: Wave): number =>
    Math.max(0, ...speciesOf(wave).map((one) => one.profile.company.temper.mature));
  const said: Unwise[] = [];
  const say = (wave: number, fact: WaveFact): void => void said.push({ wave, fact });
  const all = toCome.reduce((sum, one) => sum + one.loadMgLWeek, 0);
  const order = waves
    .map((_, index) => index)
    .sort((a, b) => (waves[a]!.releases < waves[b]!.releases ? -1 : 1));
  let there = rules.presentMgLWeek;
  order.forEach((index, place) => {
    const wave = waves[index] as Wave;
    if (place === 0 && (rules.settledDays ?? 0) >= SETTLED_DAYS)
      say(index, { says: 'settled tank', days: rules.settledDays ?? 0 });
    const before = place > 0 ? (waves[order[place - 1] as number] as Wave) : null;
    if (wave.releases < rules.readyOn) say(index, { says: 'not ready', readyOn: rules.readyOn });
    if (wave.arrives < rules.today) say(index, { says: 'in the past' });
    if (before) {
      const gap = daysBetween(before.releases, wave.releases);
      if (gap < WAVE_GAP_DAYS) say(index, { says: 'too soon', days: gap, gap: WAVE_GAP_DAYS });
      if (rules.approach === 'gentlest first' && temper(before) > temper(wave))
        say(index, { says: 'peaceful first' });
    }
    const load = speciesOf(wave).reduce((sum, one) => sum + one.loadMgLWeek, 0);
    if (
      speciesOf(wave).length > 1 &&
      load > Math.max(there, (rules.presentMgLWeek + all) * SHARE_A_WAVE) + 1e-9
    )
      say(index, { says: 'too many' });
    there += load;
    if (speciesOf(wave).some((one) => one.count === 1 && isRough(one.profile)) && there > load)
      say(index, { says: 'alone' });
    const clash = wave.keys
      .flatMap((a, i) => wave.keys.slice(i + 1).map((b) => [a, b] as const))
      .find(([a, b]) => rules.apart?.has(pairOf(a, b)));
    if (clash) say(index, { says: 'apart', keys: clash });
    if (rules.quarantineDays > 0) {
      if (wave.lane === null) say(index, { says: 'no quarantine' });
      else if (daysBetween(wave.arrives, wave.releases) < rules.quarantineDays)
        say(index, {
          says: 'short quarantine',
          days: daysBetween(wave.arrives, wave.releases),
          of: rules.quarantineDays,
        });
      const lane = lanes.find((one) => one.id === wave.lane);
      if (lane && wave.arrives < lane.freeFrom)
        say(index, { says: 'in use', lane: lane.name, until: lane.freeFrom });
      if (lane && litresFor(speciesOf(wave)) > lane.litres)
        say(index, { says: 'lane too small', lane: lane.name });
      waves.forEach((other, at) => {
        if (at >= index || other.lane !== wave.lane || wave.lane === null) return;
        const apart =
          wave.arrives >= addDays(other.releases, DRYING_DAYS) ||
          other.arrives >= addDays(wave.releases, DRYING_DAYS);
        if (!apart) say(index, { says: 'two batches', lane: lane?.name ?? '' });
      });
    }
  });
  return said;
}
