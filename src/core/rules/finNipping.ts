import { adultLengthCm, SHY, SLOW } from '../model';
import type { PlannedKind } from './context';
import { finding, type Finding, type Severity } from './finding';
import { leaveOut } from './fixes';
import type { Rule } from './rule';
import { The, the } from '../wording';

/** What a nipper does to long fins below the group that calms it, and above (common practice). */
const SEVERITY: Readonly<Record<number, { readonly small: Severity; readonly calm: Severity | null }>> = {
  3: { small: 'stop', calm: 'caution' },
  2: { small: 'stop', calm: 'caution' },
  1: { small: 'caution', calm: 'note' },
};
/** A nipper of this level goes for slow fish of any fin. */
const RELENTLESS = 3;

/** So many times as long as the nipper, a fish is out of its reach; not a flat or deep one, which is all flank (from memory). */
const OUT_OF_REACH = 2;
const FLANKS: readonly string[] = ['flat', 'deep'];

/** Shy fish that stand still and wear no armour, such as discus: they neither flee nor hit back (common practice). */
const standsStill = ({ profile }: PlannedKind, nipper: PlannedKind): boolean =>
  profile.habits.shyness >= SHY &&
  profile.size.shape !== 'armoured' &&
  !profile.handling.spines &&
  (FLANKS.includes(profile.size.shape) ||
    adultLengthCm(profile) < adultLengthCm(nipper.profile) * OUT_OF_REACH);

function judgePair(nipper: PlannedKind, victim: PlannedKind): Finding | null {
  const { finNipping, nipCalmGroup } = nipper.profile.company;
  const rule = SEVERITY[finNipping];
  if (!rule || victim.profile.life !== 'fish') return null;
  const slow = victim.profile.habits.activity === SLOW && finNipping >= RELENTLESS;
  if (!victim.profile.company.longFins && !slow) return null;
  const calm = nipCalmGroup !== null && nipper.count >= nipCalmGroup;
  const severity = victim.profile.company.longFins
    ? calm
      ? rule.calm
      : rule.small
    : !standsStill(victim, nipper)
      ? calm
        ? null
        : 'caution'
      : calm
        ? 'caution'
        : 'stop';
  if (severity === null) return null;
  const more = nipCalmGroup !== null && !calm;
  return finding('fin-nipping', {
    severity,
    species: [nipper.profile.id, victim.profile.id],
    text: `${The(nipper.profile)} nips, and ${the(victim.profile)} ${victim.profile.company.longFins ? 'trails long fins' : 'is too slow to get away'}${more ? `; in a shoal of ${nipCalmGroup} or more most of it stays inside the shoal` : calm ? '; the large shoal keeps most of it inside' : ''}.`,
    because: {
      nips: finNipping,
      count: nipper.count,
      ...(nipCalmGroup === null ? {} : { calmFrom: nipCalmGroup }),
    },
    fixes: [
      leaveOut(nipper),
      leaveOut(victim),
      ...(more
        ? [
            {
              text: `Keep ${nipCalmGroup} of ${the(nipper.profile)}.`,
              edit: { kind: 'set-count' as const, species: nipper.profile.id, count: nipCalmGroup },
            },
          ]
        : []),
    ],
  });
}

/** Nippers with fish that have fins to lose. */
export const finNipping: Rule = {
  name: 'fin-nipping',
  leaveFor: 'fighting',
  toAnother: judgePair,
};
