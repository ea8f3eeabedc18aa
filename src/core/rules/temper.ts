import { adultLengthCm, DEADLY, FAST, PUSHY, ROUGH, SHY, SLOW } from '../model';
import { addMonths } from '../kernel';
import { HORIZON_MONTHS, monthsUntilLength } from '../growth';
import type { PlannedKind } from './context';
import { finding, type Finding, type Severity } from './finding';
import { leaveOut } from './fixes';
import { hasWayOut, monthsTogether, sharedWaterShare } from './pairs';
import { isRockDweller } from './riftNumbers';
import type { Rule, ThisMonth } from './rule';
import { The, the } from '../wording';

/** Half the day in the same water: nowhere to be out of the way (from memory). */
const SAME_WATER = 0.5;
/** A third of the day is enough to be in the way (from memory). */
const SOME_WATER = 1 / 3;
/** A fish this many times as long as its attacker shrugs it off; not a gentle one among killers (from memory). */
const TOO_BIG = 2;

const SOFTER: Readonly<Record<Severity, Severity | null>> = {
  stop: 'caution',
  caution: 'note',
  note: null,
  good: null,
};

/** Armour and spines stand some pushing. */
const toughness = (kind: PlannedKind, temper: number): number =>
  temper + (kind.profile.handling.spines && kind.profile.layers.bottom >= SAME_WATER ? 1 : 0);

/** A dither is no mouthful: at least this share of the length of whom it unsettles, and more with fins to catch it by (from memory). */
const DITHER = 0.4;
const LONG_FINNED_DITHER = 0.55;

/** A dither spends so much of the day in open water. */
const OPEN_WATER = 0.7;

/** Quick mid-water fish act as dithers: they are seen, chased and never caught. */
const isDither = ({ profile }: PlannedKind, sizeRatio: number): boolean =>
  profile.habits.activity === 3 &&
  profile.habits.mealSpeed === 3 &&
  profile.layers.middle + profile.layers.top >= OPEN_WATER &&
  sizeRatio >= (profile.company.longFins ? LONG_FINNED_DITHER : DITHER);

/** Shy fish of no size stand up to nobody twice as long, whatever they are among their own (from memory). */
const MEEK = 0.55;
const isMeek = ({ profile }: PlannedKind, sizeRatio: number): boolean =>
  profile.habits.shyness >= SHY && profile.company.temper.mature <= PUSHY && sizeRatio <= MEEK;

/**
 * Rock dwellers live by chasing: small fish of other families, and slow ones with trailing fins, are hounded by the mildest of
 * them wherever they swim (common practice).
 */
const SMALL_CM = 8;

function isHounded(rough: PlannedKind, kind: PlannedKind): boolean {
  if (!isRockDweller(rough) || isRockDweller(kind)) return false;
  const other = kind.profile;
  const small = other.family !== rough.profile.family && adultLengthCm(other) <= SMALL_CM;
  return small || (other.company.longFins && other.habits.activity === SLOW);
}

/** How a temper falls on another kind, before company and room soften it; null when it does not. */
export function temperSeverity(rough: PlannedKind, other: PlannedKind, temper: number): Severity | null {
  const sizeRatio = adultLengthCm(other.profile) / adultLengthCm(rough.profile);
  const hounded = isHounded(rough, other);
  const meek = isMeek(other, sizeRatio) || (hounded && other.profile.company.longFins);
  const theirs = toughness(other, meek ? 0 : other.profile.company.temper.mature);
  let severity: Severity | null = null;
  if (temper >= DEADLY) severity = theirs >= DEADLY ? 'caution' : 'stop';
  else if (hounded && temper >= PUSHY && theirs === 0) severity = 'stop';
  else if (temper === ROUGH && theirs === 0)
    severity = sharedWaterShare(rough, other) >= SAME_WATER ? 'stop' : 'caution';
  else if (temper === ROUGH && theirs === 1)
    severity = rough.profile.kin === other.profile.kin ? 'note' : 'caution';
  else if (
    temper === PUSHY &&
    theirs <= PUSHY &&
    rough.profile.habits.activity === FAST &&
    other.profile.habits.activity === SLOW
  )
    severity = sharedWaterShare(rough, other) >= SOME_WATER ? 'caution' : 'note';
  if (severity !== null && temper < DEADLY && !hounded && isDither(other, sizeRatio))
    severity = SOFTER[severity];
  if (severity !== null && sizeRatio >= TOO_BIG && (temper < DEADLY || theirs > 0))
    severity = SOFTER[severity];
  return severity;
}

function roughPair(rough: PlannedKind, other: PlannedKind, now: ThisMonth): Finding | null {
  if (other.profile.life === 'shrimp' || other.profile.life === 'snail') return null;
  const { young, mature } = rough.profile.company.temper;
  const grown = temperSeverity(rough, other, mature);
  if (grown === null) return null;
  const alreadyYoung = temperSeverity(rough, other, young) === grown;
  const months = alreadyYoung
    ? 0
    : (monthsUntilLength(rough.profile, rough.largestCm, rough.profile.size.matureCm) ?? 0);
  if (months > monthsTogether(rough, other, HORIZON_MONTHS)) return null;
  const when = months > 0 ? ', once mature,' : '';
  return finding('temper', {
    severity: grown,
    species: [rough.profile.id, other.profile.id],
    text:
      grown === 'stop'
        ? `${The(rough.profile)} is${when} too rough for ${the(other.profile)}, which ${other.profile.company.temper.mature === 0 ? 'does not fight back' : 'loses'}.`
        : `${The(rough.profile)}${when} pushes ${the(other.profile)} about; it needs room, cover and a way out.`,
    because: {
      temper: mature,
      otherTemper: other.profile.company.temper.mature,
      sameWater: Number(sharedWaterShare(rough, other).toFixed(2)),
      lengthRatio: Number((adultLengthCm(other.profile) / adultLengthCm(rough.profile)).toFixed(2)),
    },
    from: months > 0 ? addMonths(now.month, months) : null,
    fixes: [leaveOut(rough), leaveOut(other)],
  });
}

/** Bad company that keepers agree on: named by species, or by kin. */
function knownBad(kind: PlannedKind, other: PlannedKind): Finding | null {
  const known = kind.profile.badWith.find(
    (entry) => entry.who === other.profile.id || entry.who === other.profile.kin,
  );
  if (!known) return null;
  return finding('temper', {
    severity: 'stop',
    species: [kind.profile.id, other.profile.id],
    text: `Keep ${the(kind.profile)} away from ${the(other.profile)}. ${known.why}`,
    because: { known: true },
    fixes: [leaveOut(other), leaveOut(kind)],
  });
}

/** Pairs about which serious keepers disagree: tried with a way out, or avoided. */
function contestedPair(kind: PlannedKind, other: PlannedKind): Finding | null {
  const entry =
    kind.profile.contested.find((pair) => pair.species === other.profile.id) ??
    other.profile.contested.find((pair) => pair.species === kind.profile.id);
  if (!entry) return null;
  const arranged = hasWayOut(kind, other);
  return finding('temper', {
    severity: arranged ? 'note' : 'caution',
    species: [kind.profile.id, other.profile.id],
    text: `Keepers disagree on ${the(kind.profile)} with ${the(other.profile)}. ${entry.why} One school avoids it, the other tries it with a way out${arranged ? ', and you have one' : ': arrange one first'}.`,
    because: { wayOutArranged: arranged },
    contested: true,
    school: arranged ? 'try with a way out' : 'avoid',
  });
}

/** Who is too rough for whom, from when; pairs known to be bad; pairs that are contested. */
export const temper: Rule = {
  name: 'temper',
  leaveFor: 'fighting',
  toAnother: (a, b, now) => knownBad(a, b) ?? roughPair(a, b, now),
  together: contestedPair,
};
