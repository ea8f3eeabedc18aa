import { adultLengthCm, DEADLY, FAST, PUSHY, ROUGH, SHY, SLOW } from '../model';
import { addMonths, type Cm } from '../kernel';
import { HORIZON_MONTHS, monthsUntilLength } from '../growth';
import type { PlannedSpecies } from './context';
import { finding, type Finding, type Severity } from './finding';
import { advise, leaveOut } from './fixes';
import { CONTESTED, contestedPair, disagreementOn, KNOWN, knownBad } from './knownCompany';
import { areOneKind, monthsTogether, sharedWaterShare } from './pairs';
import { isOpenWater, isRockDweller } from './riftNumbers';
import type { Rule, HereAndNow } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/too aggressive': {
      readonly counts: Counts; /** The other cannot defend itself; both are killers. */
      readonly other: 'helpless' | 'weaker' | 'as bad';
    };
    'pair/pushes around': { readonly counts: Counts };
    /** A grown one of an aggressive species among young of another, by today's lengths. */
    'pair/grown among young': { readonly counts: Counts; readonly roughCm: Cm; readonly otherCm: Cm };
  }
}

/** Half the day in the same water: nowhere to be out of the way (from memory). */
const SAME_WATER = 0.5;
/** A third of the day is enough to be in the way (from memory). */
const SOME_WATER = 1 / 3;
/** A fish this many times as long as its attacker shrugs it off; not a gentle one among killers (from memory). */
const TOO_BIG = 2;
/** So many times as long, it is not worried at all: by those that only push, by others (from memory; that it is not, common practice). */
const UNWORRIED = { pushy: 1.3, rough: 3 };

/** Bony plates of so long a fish shrug off what a small one is bullied by (from memory). */
const LARGE_PLATED_CM = 10;

/** Spines stand some pushing, the plates of a large fish stand more. */
function toughness({ profile }: PlannedSpecies, temper: number): number {
  if (profile.layers.bottom < SAME_WATER) return temper;
  const plated = profile.size.shape === 'armoured' && adultLengthCm(profile) >= LARGE_PLATED_CM;
  return temper + (plated ? 2 : profile.handling.spines ? 1 : 0);
}

/** So many of a shoal of open water are no target of those that hold rock, shells or caves below them (common practice). */
const A_SHOAL = 6;
/** Who spends so much of the day at the bottom keeps near what it holds. */
const NEAR_THE_GROUND = 0.4;
const HELD_BELOW: readonly string[] = ['rock', 'shell', 'cave', 'floor'];

/** Schools of open water over rock and shell dwellers: they meet only at meals. */
const swimsAbove = (rough: PlannedSpecies, { profile, count }: PlannedSpecies): boolean =>
  HELD_BELOW.includes(rough.profile.company.holds) &&
  rough.profile.layers.bottom >= NEAR_THE_GROUND &&
  profile.company.mode === 'shoal' &&
  !profile.company.longFins &&
  count >= A_SHOAL &&
  profile.layers.middle + profile.layers.top >= OPEN_WATER;

/** A dither is no mouthful: at least this share of the length of whom it unsettles, and more with fins to catch it by (from memory). */
const DITHER = 0.4;
const LONG_FINNED_DITHER = 0.55;

/** In its full shoal and so long beside it, a dither is the company that keepers give to large cichlids (common practice). */
const CLASSIC_DITHER = 0.5;

/** A dither spends so much of the day in open water. */
const OPEN_WATER = 0.7;

/** Quick mid-water fish act as dithers: they are seen, chased and never caught. */
const isDither = ({ profile }: PlannedSpecies): boolean =>
  profile.habits.activity === FAST &&
  profile.habits.mealSpeed === FAST &&
  profile.layers.middle + profile.layers.top >= OPEN_WATER;

/** Shy fish of no size stand up to nobody twice as long, whatever they are among their own (from memory). */
const MEEK = 0.55;
const isMeek = ({ profile }: PlannedSpecies, sizeRatio: number): boolean =>
  profile.habits.shyness >= SHY && profile.company.temper.mature <= PUSHY && sizeRatio <= MEEK;

/**
 * Rock dwellers live by chasing: small fish of other families, and slow ones with trailing fins, are hounded by the mildest of
 * them wherever they swim (common practice).
 */
const SMALL_CM = 8;

function isHounded(rough: PlannedSpecies, species: PlannedSpecies): boolean {
  if (!isRockDweller(rough) || isRockDweller(species)) return false;
  const other = species.profile;
  const small = other.family !== rough.profile.family && adultLengthCm(other) <= SMALL_CM;
  return small || (other.company.longFins && other.habits.activity === SLOW);
}

/** One species beside another that it may bully, as far as their tempers, sizes and places go. */
interface Bullied {
  readonly temper: number;
  /** How well the other can defend itself: its own temper, and armour. */
  readonly theirs: number;
  readonly hounded: boolean;
  readonly sameKin: boolean;
  /** Share of the day in the same water. */
  readonly together: number;
  /** Fast beside slow. */
  readonly quickOverSlow: boolean;
  /** Large cichlids of the killer class, in less than a pond. */
  readonly killers: boolean;
}

const HARM = severityTable<Bullied>(
  'Temperament of one species against another, before size',
  [
    {
      when: 'very aggressive cichlids that are no rock dwellers, the other as well, in anything smaller than a pond',
      holds: ({ killers }) => killers,
      severity: 'stop',
    },
    {
      when: 'very aggressive, the other as well',
      holds: ({ temper, theirs }) => temper >= DEADLY && theirs >= DEADLY,
      severity: 'caution',
    },
    { when: 'very aggressive', holds: ({ temper }) => temper >= DEADLY, severity: 'stop' },
    {
      when: 'a rock dweller, with a small fish of another family or a slow one with long fins',
      holds: ({ temper, theirs, hounded }) => hounded && temper >= PUSHY && theirs === 0,
      severity: 'stop',
    },
    {
      when: 'aggressive, the other peaceful, half the day in the same water',
      holds: ({ temper, theirs, together }) => temper === ROUGH && theirs === 0 && together >= SAME_WATER,
      severity: 'stop',
    },
    {
      when: 'aggressive, the other peaceful, less than a third of the day in the same water',
      holds: ({ temper, theirs, together }) => temper === ROUGH && theirs === 0 && together < SOME_WATER,
      severity: 'note',
    },
    {
      when: 'aggressive, the other peaceful',
      holds: ({ temper, theirs }) => temper === ROUGH && theirs === 0,
      severity: 'caution',
    },
    {
      when: 'aggressive, the other semi-aggressive and of the same group of species',
      holds: ({ temper, theirs, sameKin }) => temper === ROUGH && theirs === 1 && sameKin,
      severity: 'note',
    },
    {
      when: 'aggressive, the other semi-aggressive',
      holds: ({ temper, theirs }) => temper === ROUGH && theirs === 1,
      severity: 'caution',
    },
    {
      when: 'semi-aggressive and fast, the other slow, a third of the day in the same water',
      holds: ({ temper, theirs, quickOverSlow, together }) =>
        temper === PUSHY && theirs <= PUSHY && quickOverSlow && together >= SOME_WATER,
      severity: 'caution',
    },
    {
      when: 'semi-aggressive and fast, the other slow',
      holds: ({ temper, theirs, quickOverSlow }) => temper === PUSHY && theirs <= PUSHY && quickOverSlow,
      severity: 'note',
    },
  ],
  'Common practice; the shares of the day are from memory.',
);

interface Eased {
  readonly harm: Severity | null;
  /** How many of these hold: it is a dither, in a full shoal and half as long, at least twice as long, a school above those that hold the ground, or both are males that are shown. */
  readonly steps: number;
}

const EASED = severityTable<Eased>(
  'The same, where the other is a quick dither, one of a full shoal and half as long, twice as long, a school above those that hold the ground, or both are shown males',
  [
    { when: 'stop, neither', holds: ({ harm, steps }) => harm === 'stop' && steps === 0, severity: 'stop' },
    {
      when: 'stop, one of them',
      holds: ({ harm, steps }) => harm === 'stop' && steps === 1,
      severity: 'caution',
    },
    { when: 'stop, more of them', holds: ({ harm }) => harm === 'stop', severity: 'note' },
    {
      when: 'caution, neither',
      holds: ({ harm, steps }) => harm === 'caution' && steps === 0,
      severity: 'caution',
    },
    {
      when: 'caution, one of them',
      holds: ({ harm, steps }) => harm === 'caution' && steps === 1,
      severity: 'note',
    },
    { when: 'note, neither', holds: ({ harm, steps }) => harm === 'note' && steps === 0, severity: 'note' },
  ],
  'Common practice: quick mid-water fish are chased and never caught; the lengths are from memory.',
);
const YOUNG = sureTable<null>(
  'A grown fish of an aggressive species among young of another, today',
  [otherwise('caution')],
  'Common practice: a much larger fish among juveniles bullies them, also of another species; the share is from memory.',
);
/** Two males of peacocks and haps without females, which are no look-alikes: they have nothing to fight over (common practice). */
const isShownMale = (species: PlannedSpecies): boolean =>
  isOpenWater(species) && species.females === 0 && species.males === species.count;
const areShown = (a: PlannedSpecies, b: PlannedSpecies): boolean =>
  isShownMale(a) && isShownMale(b) && !a.profile.lookalike.some((tag) => b.profile.lookalike.includes(tag));

/** Cichlids of the killer class: those that are no rock dwellers, which spread their chasing (common practice). */
const isKiller = (species: PlannedSpecies): boolean =>
  species.profile.family === 'Cichlidae' &&
  species.profile.company.temper.mature >= DEADLY &&
  !isRockDweller(species);

/** How a temper falls on another species, eased by size and pace; null when it does not. */
function temperSeverity(
  rough: PlannedSpecies,
  other: PlannedSpecies,
  temper: number,
  { pond }: Pick<HereAndNow, 'pond'>,
): Severity | null {
  const sizeRatio = adultLengthCm(other.profile) / adultLengthCm(rough.profile);
  const hounded = isHounded(rough, other);
  // Bony plates shrug off those that only push, whatever the length.
  if (temper <= PUSHY && other.profile.size.shape === 'armoured') return null;
  const unworried = temper <= PUSHY ? UNWORRIED.pushy : UNWORRIED.rough;
  if (temper < DEADLY && !hounded && sizeRatio >= unworried) return null;
  const meek = isMeek(other, sizeRatio) || (hounded && other.profile.company.longFins);
  const theirs = toughness(other, meek ? 0 : other.profile.company.temper.mature);
  const harm = HARM.of({
    temper,
    theirs,
    hounded,
    sameKin: rough.profile.kin === other.profile.kin,
    together: sharedWaterShare(rough, other),
    quickOverSlow: rough.profile.habits.activity === FAST && other.profile.habits.activity === SLOW,
    killers: !pond && temper >= DEADLY && [rough, other].every(isKiller),
  });
  const least = other.profile.company.longFins ? LONG_FINNED_DITHER : DITHER;
  const quick = temper < DEADLY && !hounded && sizeRatio >= least && isDither(other);
  const classic =
    quick &&
    sizeRatio >= CLASSIC_DITHER &&
    other.profile.company.mode === 'shoal' &&
    other.count >= other.profile.company.smallestGroup;
  const large = sizeRatio >= TOO_BIG && (temper < DEADLY || theirs > 0);
  const above = temper < DEADLY && !hounded && sizeRatio >= least && swimsAbove(rough, other);
  const shown = temper < DEADLY && areShown(rough, other);
  // In its full number such a school is standard company (common practice).
  const full = above && other.count >= other.profile.company.comfortableGroup;
  const steps =
    Number(quick) + Number(classic) + Number(large) + Number(above) + Number(full) + Number(shown);
  return harm === null ? null : EASED.of({ harm, steps });
}

/** What the temper of one does to another, once it is grown; null where nothing is to be said. */
export function roughPair(rough: PlannedSpecies, other: PlannedSpecies, now: HereAndNow): Finding | null {
  if (other.profile.life === 'shrimp' || other.profile.life === 'snail' || areOneKind(rough, other))
    return null;
  const { young, mature } = rough.profile.company.temper;
  const grown = temperSeverity(rough, other, mature, now);
  if (grown === null) return null;
  const alreadyYoung = temperSeverity(rough, other, young, now) === grown;
  const months = alreadyYoung
    ? 0
    : (monthsUntilLength(rough.profile, rough.largestCm, rough.profile.size.matureCm) ?? 0);
  if (months > monthsTogether(rough, other, HORIZON_MONTHS)) return null;
  const theirs = other.profile.company.temper.mature;
  const counts = [rough.count, other.count] as const;
  return finding('temper', {
    severity: grown,
    species: [rough.profile.id, other.profile.id],
    fact:
      grown === 'stop'
        ? {
            says: 'pair/too aggressive',
            counts,
            other: theirs >= DEADLY ? 'as bad' : theirs === 0 ? 'helpless' : 'weaker',
          }
        : { says: 'pair/pushes around', counts },
    because: {
      temper: mature,
      otherTemper: theirs,
      sameWater: Number(sharedWaterShare(rough, other).toFixed(2)),
      lengthRatio: Number((adultLengthCm(other.profile) / adultLengthCm(rough.profile)).toFixed(2)),
    },
    from: months > 0 ? addMonths(now.month, months) : null,
    fixes: [
      leaveOut(rough),
      leaveOut(other),
      ...(grown !== 'stop' && isStillToCome(rough)
        ? [advise({ does: 'add last', species: rough.profile.id })]
        : []),
    ],
  });
}

/** Who comes last finds others at home, and takes less of the floor (common practice). */
const isStillToCome = ({ groups }: PlannedSpecies): boolean =>
  groups.every(({ monthsHere }) => monthsHere === null);

/** Today so much shorter than a grown rough one, a fish is young among the old (from memory; F54 of the trade: common practice). */
const YOUNG_BESIDE = 0.45;

/** A grown one of an aggressive species beside young of another that share its water: judged by today's lengths. */
function grownAmongYoung(rough: PlannedSpecies, other: PlannedSpecies): Finding | null {
  const { company, size } = rough.profile;
  const grown = rough.largestCm >= size.matureCm;
  const young =
    !areOneKind(rough, other) &&
    other.smallestCm <= rough.largestCm * YOUNG_BESIDE &&
    other.smallestCm < other.profile.size.matureCm;
  const meet = sharedWaterShare(rough, other) >= SOME_WATER && other.profile.life === 'fish';
  if (company.temper.mature < ROUGH || !grown || !young || !meet) return null;
  return finding('temper', {
    severity: YOUNG.of(null),
    species: [rough.profile.id, other.profile.id],
    fact: {
      says: 'pair/grown among young',
      counts: [rough.count, other.count],
      roughCm: rough.largestCm,
      otherCm: other.smallestCm,
    },
    because: { roughCm: rough.largestCm, otherCm: other.smallestCm, temper: company.temper.mature },
    fixes: [leaveOut(rough), leaveOut(other), advise('one size together')],
  });
}

/** What a species does to another once, or today: a stop or a caution of its temper says it all. */
const worseOf = (byTemper: Finding | null, today: Finding | null): Finding | null =>
  byTemper && (byTemper.severity === 'stop' || byTemper.severity === 'caution')
    ? byTemper
    : (today ?? byTemper);

/** A push that keepers disagree about is told with both sides, once. */
const unlessContested = (a: PlannedSpecies, b: PlannedSpecies, push: Finding | null): Finding | null =>
  push !== null && push.severity !== 'stop' && disagreementOn(a, b) !== undefined ? null : push;

/** Who is too rough for whom, from when; pairs known to be bad; pairs that are contested. */
export const temper: Rule = {
  name: 'temper',
  silentBeside: [{ rules: ['predation', 'slime-grazing'], of: 'the pair' }],
  leaveFor: 'harm',
  severities: [KNOWN, CONTESTED, HARM, EASED, YOUNG],
  toAnother: (a, b, now) =>
    knownBad(a, b) ?? worseOf(unlessContested(a, b, roughPair(a, b, now)), grownAmongYoung(a, b)),
  together: contestedPair,
};
