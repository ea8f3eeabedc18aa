import { addMonths, type Cm } from '../kernel';
import { adultLengthCm, FAST, SLOW, type SpeciesProfile } from '../model';
import { FIT_LIMITS, mouthFit, type MouthFit, mouthRatio } from '../fish';
import { HORIZON_MONTHS, lengthsByMonth } from '../growth';
import type { PlannedSpecies } from './context';
import type { EatingFact } from './facts';
import { finding, type Finding, type Severity } from './finding';
import { leaveOut } from './fixes';
import { disagreementOn } from './knownCompany';
import { monthsTogether } from './pairs';
import type { Rule, HereAndNow } from './rule';
import { severityTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'eating/eats': {
      readonly how: 'whole' | 'bit by bit' | 'while small' | 'snails';
      readonly later: boolean;
      readonly counts: Counts;
    };
  }
}

/** Fish shorter than this count as fry: mouths that take fry only take them (from memory). */
const FRY_CM = 1.2;

const RANK: Readonly<Record<Severity, number>> = { stop: 3, caution: 2, note: 1, good: 0 };

type Appetite = 'hunts' | 'takes' | 'picks' | 'fry-only' | 'none';

function appetite(eater: PlannedSpecies, prey: PlannedSpecies): Appetite {
  const { mouth } = eater.profile;
  switch (prey.profile.life) {
    case 'snail':
      return mouth.eatsSnails === 'yes' ? 'hunts' : mouth.eatsSnails === 'some' ? 'picks' : 'none';
    case 'shrimp':
      return mouth.eatsShrimp === 'yes'
        ? mouth.picksApart
          ? 'picks'
          : 'takes'
        : mouth.eatsShrimp === 'young'
          ? 'fry-only'
          : 'none';
    case 'crayfish':
    case 'crab':
      return mouth.eatsFish === 'any' ? 'hunts' : 'none';
    case 'fish':
    case 'frog':
      if (hasClaws(eater, prey)) return 'picks';
      return mouth.eatsFish === 'any'
        ? 'hunts'
        : mouth.eatsFish === 'small'
          ? 'takes'
          : mouth.eatsFish === 'fry'
            ? 'fry-only'
            : 'none';
  }
}

/** Claws catch fish that the mouth could not take whole, as long as they are no longer than their owner. */
const hasClaws = ({ profile }: PlannedSpecies, prey: PlannedSpecies): boolean =>
  profile.life === 'crayfish' &&
  profile.mouth.picksApart &&
  (profile.mouth.eatsFish === 'small' || profile.mouth.eatsFish === 'any') &&
  (prey.profile.life === 'fish' || prey.profile.life === 'frog') &&
  adultLengthCm(prey.profile) <= adultLengthCm(profile);

/** What cracks snails also cuts up shrimp that are not much longer than itself: puffers above all (common practice). */
const hasBeak = ({ profile: { mouth } }: PlannedSpecies, prey: PlannedSpecies): boolean =>
  prey.profile.life === 'shrimp' &&
  mouth.picksApart &&
  mouth.eatsSnails === 'yes' &&
  mouth.eatsShrimp === 'yes';
const BEAK_REACH = 1.5;

const ON_THE_BOTTOM = 0.4;

/** Those that rest on the bottom, or are slow, or trail their fins are caught in their sleep (common practice). */
function isCaught(eater: PlannedSpecies, prey: PlannedSpecies): boolean {
  const { layers, habits, company } = prey.profile;
  const slow = layers.bottom >= ON_THE_BOTTOM || habits.activity === SLOW || company.longFins;
  return slow && hasClaws(eater, prey);
}

interface Bite {
  readonly want: Appetite;
  readonly fit: MouthFit;
  readonly preyCm: Cm;
}

const SEVERITY = severityTable<Bite>(
  'What a fit in the mouth means, by how the eater feeds',
  [
    {
      when: `eats fry only, prey of ${FRY_CM} cm or less that may fit`,
      holds: ({ want, fit, preyCm }) => want === 'fry-only' && preyCm <= FRY_CM && fit !== 'no',
      severity: 'caution',
    },
    {
      when: 'hunts, prey that is certain or likely to fit',
      holds: ({ want, fit }) => want === 'hunts' && (fit === 'certain' || fit === 'likely'),
      severity: 'stop',
    },
    {
      when: 'hunts, prey that may fit',
      holds: ({ want, fit }) => want === 'hunts' && fit === 'possible',
      severity: 'caution',
    },
    {
      when: 'takes what fits, prey that is certain to',
      holds: ({ want, fit }) => want === 'takes' && fit === 'certain',
      severity: 'stop',
    },
    {
      when: 'takes what fits, prey that is likely to',
      holds: ({ want, fit }) => want === 'takes' && fit === 'likely',
      severity: 'caution',
    },
    {
      when: 'takes what fits, prey that may',
      holds: ({ want, fit }) => want === 'takes' && fit === 'possible',
      severity: 'note',
    },
    {
      when: 'picks prey apart, and is sure to catch it',
      holds: ({ want, fit }) => want === 'picks' && fit === 'certain',
      severity: 'stop',
    },
    { when: 'picks prey apart', holds: ({ want }) => want === 'picks', severity: 'caution' },
  ],
  'Common practice: diet counts before the size of the mouth; classes of mouths are from memory.',
);

interface Moment {
  readonly months: number;
  readonly severity: Severity;
  readonly ratio: number;
  readonly eaterCm: Cm;
  readonly preyCm: Cm;
}

/** The worst moment of two kinds of fish, and the lengths and months it was worked out for: numbers change nothing of it. */
interface Known {
  readonly eaterCm: Cm;
  readonly preyCm: Cm;
  readonly last: number;
  readonly worst: Moment | null;
}
const KNOWN = new WeakMap<SpeciesProfile, WeakMap<SpeciesProfile, Known>>();

/** Each month from today until they part or are grown: the worst there will be, and the first month it is so bad. */
function worstMoment(eater: PlannedSpecies, prey: PlannedSpecies, want: Appetite): Moment | null {
  // Prey only grows: what is no fry today never will be.
  if (want === 'none' || (want === 'fry-only' && prey.smallestCm > FRY_CM)) return null;
  const [eaterCm, preyCm] = [eater.largestCm, prey.smallestCm];
  const last = monthsTogether(eater, prey, HORIZON_MONTHS);
  let beside = KNOWN.get(eater.profile);
  if (beside === undefined) KNOWN.set(eater.profile, (beside = new WeakMap()));
  const known = beside.get(prey.profile);
  if (known?.eaterCm === eaterCm && known.preyCm === preyCm && known.last === last) return known.worst;
  const worst = worstUntil(last, eater, prey, want);
  beside.set(prey.profile, { eaterCm, preyCm, last, worst });
  return worst;
}

function worstUntil(
  last: number,
  eater: PlannedSpecies,
  prey: PlannedSpecies,
  want: Appetite,
): Moment | null {
  const largest = lengthsByMonth(eater.profile, eater.largestCm);
  if (want !== 'picks' && neverFits(eater, largest[last] as number, prey)) return null;
  const smallest = lengthsByMonth(prey.profile, prey.smallestCm);
  let worst: Moment | null = null;
  for (let months = 0; months <= last && worst?.severity !== 'stop'; months += 1) {
    const eaterCm = largest[months] as number;
    const preyCm = smallest[months] as number;
    const ratio = mouthRatio(eater.profile, eaterCm, prey.profile, preyCm);
    const severity = SEVERITY.of({ want, fit: fitOf(eater, prey, ratio, preyCm / eaterCm), preyCm });
    if (severity !== null && (worst === null || RANK[severity] > RANK[worst.severity]))
      worst = { months, severity, ratio, eaterCm, preyCm };
  }
  return worst;
}

/** Nobody shrinks: when the longest eater there will be cannot take the smallest prey there is, no month has to be asked. */
const neverFits = (eater: PlannedSpecies, longestCm: Cm, prey: PlannedSpecies): boolean =>
  !cracksShells(eater, prey) &&
  (neverMeet(eater, prey) ||
    mouthRatio(eater.profile, longestCm, prey.profile, prey.smallestCm) > FIT_LIMITS.possible);

/** A snail is eaten out of its shell or crushed: the width of the mouth is no protection from a specialist. */
function fitOf(eater: PlannedSpecies, prey: PlannedSpecies, ratio: number, lengthShare: number): MouthFit {
  if (cracksShells(eater, prey)) return 'likely';
  if (neverMeet(eater, prey)) return 'no';
  const taken = isCaught(eater, prey) || (hasBeak(eater, prey) && lengthShare <= BEAK_REACH);
  if (taken) return 'certain';
  const fit = mouthFit(ratio, lengthShare);
  if (isHunter(eater) || fit === 'no') return fit;
  if (isPlated(prey) && lengthShare >= PLATED_SHARE) return 'no';
  const outswims =
    fit === 'likely' && lengthShare >= FAR_SMALLER && (isQuick(prey) || isLeisurely(eater, prey));
  return lengthShare >= HALF_AS_LONG || outswims ? 'possible' : fit;
}

/** Shoaling fish that are quick, or quicker than a slow eater, are caught by hunters only, unless they are far smaller (from memory). */
const FAR_SMALLER = 0.25;
const isLeisurely = (eater: PlannedSpecies, { profile }: PlannedSpecies): boolean =>
  (eater.profile.habits.mealSpeed === SLOW || eater.profile.habits.activity === SLOW) &&
  profile.company.mode === 'shoal' &&
  profile.habits.activity > SLOW;
const isQuick = ({ profile: { habits, company, layers } }: PlannedSpecies): boolean =>
  habits.activity === FAST && company.mode === 'shoal' && !company.longFins && layers.bottom < ON_THE_BOTTOM;

/** A hunter of the surface does not go down to a fish of the floor (common practice); the shares of the day are from memory. */
const AT_THE_SURFACE = 0.6;
const ON_THE_FLOOR = 0.75;
const neverMeet = (eater: PlannedSpecies, prey: PlannedSpecies): boolean =>
  eater.profile.layers.top >= AT_THE_SURFACE && prey.profile.layers.bottom >= ON_THE_FLOOR;

/** Only true predators take what is over half as long as themselves (common practice). */
const HALF_AS_LONG = 0.5;
/** Bony plates and locked spines keep a fish of so much of the eater's length out of any moderate mouth (from memory). */
const PLATED_SHARE = 0.25;
const isHunter = ({ profile: { mouth } }: PlannedSpecies): boolean => mouth.eatsFish === 'any';
const isPlated = ({ profile: { size, handling, life } }: PlannedSpecies): boolean =>
  life === 'fish' && size.shape === 'armoured' && handling.spines;

const cracksShells = (eater: PlannedSpecies, prey: PlannedSpecies): boolean =>
  prey.profile.life === 'snail' && eater.profile.mouth.eatsSnails === 'yes';

/** In what way it is eaten. */
function how(want: Appetite, prey: PlannedSpecies): EatingFact['how'] {
  if (want === 'picks') return 'bit by bit';
  if (want === 'fry-only') return 'while small';
  return prey.profile.life === 'snail' ? 'snails' : 'whole';
}

function judgePair(eater: PlannedSpecies, prey: PlannedSpecies, now: HereAndNow): Finding | null {
  const want = appetite(eater, prey);
  const moment = worstMoment(eater, prey, want);
  if (!moment) return null;
  // What keepers disagree about is told with both sides, once; what a hunter is sure to do is told all the same.
  if ((moment.severity !== 'stop' || want !== 'hunts') && disagreementOn(eater, prey) !== undefined)
    return null;
  return finding('predation', {
    severity: moment.severity,
    species: [eater.profile.id, prey.profile.id],
    fact: {
      says: 'eating/eats',
      how: how(want, prey),
      later: moment.months > 0,
      counts: [eater.count, prey.count],
    },
    because: {
      depthOverGape: Number(moment.ratio.toFixed(2)),
      eaterCm: Number(moment.eaterCm.toFixed(1)),
      preyCm: Number(moment.preyCm.toFixed(1)),
      ratioToday: Number(
        mouthRatio(eater.profile, eater.largestCm, prey.profile, prey.smallestCm).toFixed(2),
      ),
    },
    from: moment.months > 0 ? addMonths(now.month, moment.months) : null,
    fixes: [leaveOut(prey), leaveOut(eater)],
    source: 'common practice; mouth classes from memory',
  });
}

/** Who eats whom: today, from which month on, or grown. Diet counts before the size of the mouth. */
export const predation: Rule = {
  name: 'predation',
  leaveFor: 'harm',
  severities: [SEVERITY],
  toAnother: judgePair,
};
