import { adultLengthCm, isRough, SHY, SLOW } from '../model';
import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { keepCount, leaveOut } from './fixes';
import { sharedWaterShare } from './pairs';
import { isCuredByNumber, knownBad } from './knownCompany';
import type { Rule, HereAndNow } from './rule';
import { severityTable } from './severityTable';
import { roughPair } from './temper';

declare module './facts' {
  interface Facts {
    'pair/nips': {
      readonly counts: Counts;
      readonly goesFor:
        'long fins' | 'slow fish'; /** The group is large enough to keep most of it among themselves. */
      readonly calm: boolean;
    };
  }
}

/** Below this level a fish nips now and then. */
const NIPS = 2;
/** A nipper of this level goes for slow fish of any fin. */
const RELENTLESS = 3;

/** So many times as long as the nipper, a fish is out of its reach; not a flat or deep one, which is all flank (from memory). */
const OUT_OF_REACH = 2;
const FLANKS: readonly string[] = ['flat', 'deep'];

/** Shy fish that stand still and wear no armour, such as discus: they neither flee nor hit back (common practice). */
const standsStill = ({ profile }: PlannedSpecies, nipper: PlannedSpecies): boolean =>
  profile.habits.shyness >= SHY &&
  profile.size.shape !== 'armoured' &&
  !profile.handling.spines &&
  (FLANKS.includes(profile.size.shape) ||
    adultLengthCm(profile) < adultLengthCm(nipper.profile) * OUT_OF_REACH);

/** Water that two must share for one to reach the other's fins in a chase (from memory). */
const SOME_WATER = 0.2;

/** Fins torn in chases, not as a habit: by a rough fish. */
const tearsInChases = ({ profile }: PlannedSpecies): boolean =>
  isRough(profile) && profile.company.finNipping < NIPS && profile.company.nipCalmGroup === null;
/** In other water, or as rough itself. */
const isOutOfReach = (nipper: PlannedSpecies, victim: PlannedSpecies): boolean =>
  sharedWaterShare(nipper, victim) < SOME_WATER ||
  victim.profile.company.temper.mature >= nipper.profile.company.temper.mature;
/** Its temper tells of the chase already. */
function isChased(nipper: PlannedSpecies, victim: PlannedSpecies, now: HereAndNow): boolean {
  const push = roughPair(nipper, victim, now);
  return push !== null && push.severity !== 'note';
}

interface Nipped {
  readonly nips: number;
  readonly goesFor: 'long fins' | 'slow fish';
  /** As many nippers as it takes for them to nip one another (common practice). */
  readonly calm: boolean;
  /** The slow fish neither flees nor hits back. */
  readonly still: boolean;
}

const longFins = ({ goesFor }: Nipped): boolean => goesFor === 'long fins';

const SEVERITY = severityTable<Nipped>(
  'A fin nipper beside a fish with long fins, or a slow one',
  [
    {
      when: 'long fins, an occasional nipper in a large group',
      holds: (nipped) => longFins(nipped) && nipped.nips < NIPS && nipped.calm,
      severity: 'note',
    },
    {
      when: 'long fins, an occasional nipper',
      holds: (nipped) => longFins(nipped) && nipped.nips < NIPS,
      severity: 'caution',
    },
    {
      when: 'long fins, a nipper in a large group',
      holds: (nipped) => longFins(nipped) && nipped.calm,
      severity: 'caution',
    },
    { when: 'long fins, a nipper', holds: longFins, severity: 'stop' },
    {
      when: 'a slow shy fish without armour, relentless nippers in a large group',
      holds: ({ still, calm }) => still && calm,
      severity: 'caution',
    },
    {
      when: 'a slow shy fish without armour, relentless nippers',
      holds: ({ still }) => still,
      severity: 'stop',
    },
    {
      when: 'another slow fish, relentless nippers in a small group',
      holds: ({ calm }) => !calm,
      severity: 'caution',
    },
  ],
  'Common practice: a large group nips within itself.',
);

function judgePair(nipper: PlannedSpecies, victim: PlannedSpecies, now: HereAndNow): Finding | null {
  const { finNipping: nips, nipCalmGroup } = nipper.profile.company;
  if (nips === 0 || victim.profile.life !== 'fish') return null;
  if (tearsInChases(nipper) && (isOutOfReach(nipper, victim) || isChased(nipper, victim, now))) return null;
  // What a number cures is disputed, and told with both sides.
  if (isCuredByNumber(nipper, victim) && (knownBad(nipper, victim) ?? knownBad(victim, nipper)) !== null)
    return null;
  const slow = victim.profile.habits.activity === SLOW && nips >= RELENTLESS;
  const long = victim.profile.company.longFins;
  if (!long && !slow) return null;
  const calm = nipCalmGroup !== null && nipper.count >= nipCalmGroup;
  const goesFor = long ? 'long fins' : 'slow fish';
  const severity = SEVERITY.of({ nips, goesFor, calm, still: standsStill(victim, nipper) });
  if (severity === null) return null;
  return finding('fin-nipping', {
    severity,
    species: [nipper.profile.id, victim.profile.id],
    fact: { says: 'pair/nips', counts: [nipper.count, victim.count], goesFor, calm },
    because: {
      nips,
      count: nipper.count,
      ...(nipCalmGroup === null ? {} : { calmFrom: nipCalmGroup }),
    },
    fixes: [
      leaveOut(nipper),
      leaveOut(victim),
      ...(nipCalmGroup === null || calm ? [] : [keepCount(nipper, nipCalmGroup)]),
    ],
  });
}

/** Nippers with fish that have fins to lose. */
export const finNipping: Rule = {
  name: 'fin-nipping',
  leaveFor: 'harm',
  severities: [SEVERITY],
  toAnother: judgePair,
};
