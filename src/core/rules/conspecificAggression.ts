import { commonName, DEADLY, PUSHY, ROUGH } from '../model';
import { addMonths } from '../kernel';
import { monthsUntilLength } from '../growth';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding, type Severity } from './finding';
import { holdersOf, type Holders } from './ground';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { capital, plural } from '../wording';

/** So many times more holders than ground: crowded for those who spar, and past sharing out for those who do not live in colonies (from memory). */
const CROWDED = 2;
/** A pair and nobody else needs no company to spread its temper over. */
const PAIR = 2;

/** Cichlids that grow up together get on better (fact of the trade, common practice); killers of their kind do not. */
const grownTogether = (kind: PlannedKind): boolean =>
  kind.groups.every((group) => group.grownTogether === true);

/** One so many times as long as the smallest of its kind is a grown one among juveniles (from memory). */
const GROWN_AMONG_YOUNG = 1.6;

/** A grown one put among juveniles upsets the order. */
function mixedAges(kind: PlannedKind, worst: number): readonly Finding[] {
  if (worst < ROUGH || kind.count < 2 || kind.largestCm < kind.smallestCm * GROWN_AMONG_YOUNG) return [];
  return [
    finding('conspecific-aggression', {
      severity: 'caution',
      species: [kind.profile.id],
      fact: { says: 'habit/mixed ages' },
      because: { largestCm: kind.largestCm, smallestCm: kind.smallestCm, aggression: worst },
      fixes: [{ text: 'Put those of one size together, and the others later or elsewhere.' }],
    }),
  ];
}

function severityOf(kind: PlannedKind, worst: number, { holders, fit }: Holders): Severity {
  // Of a harem kind that nobody has sexed, surplus males can still be taken out as they show.
  const unsexed = kind.males === null && kind.profile.company.mode === 'harem';
  if (worst >= DEADLY && !unsexed) return 'stop';
  if (worst >= DEADLY) return 'caution';
  const { mode, temper } = kind.profile.company;
  // A second couple of a rough kind where one has ground: the first takes all of it.
  if (mode === 'pair' && temper.mature >= ROUGH && holders >= fit * CROWDED) return 'stop';
  const caution = worst >= ROUGH || holders >= fit * CROWDED;
  return caution && !(grownTogether(kind) && holders < fit * CROWDED) ? 'caution' : 'note';
}

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { profile, count } = kind;
  const { ownKind, mode, spreadFrom } = profile.company;
  const worst = Math.max(ownKind.male, ownKind.female);
  const room = holdersOf(kind, context);
  if (worst < PUSHY || count < 2 || mode === 'solitary' || room === null) return [];
  const names = plural(commonName(profile));
  const months = monthsUntilLength(profile, kind.largestCm, profile.size.matureCm) ?? 0;
  const leavesFirst = kind.leavesInMonths !== null && kind.leavesInMonths < months;
  if (leavesFirst) return [];
  const from = months > 0 ? addMonths(context.month, months) : null;
  const because = {
    count,
    holders: room.holders,
    territoriesThatFit: room.fit,
    groundCm2: profile.company.groundCm2 ?? 0,
    aggression: worst,
  };
  const sharable = mode === 'colony' || mode === 'harem' || room.holders <= room.fit * CROWDED;
  if (spreadFrom !== null && count >= spreadFrom && room.holders > room.fit && sharable) {
    return [
      finding('conspecific-aggression', {
        severity: 'note',
        species: [profile.id],
        text: `${count} ${names} share the chasing out; below ${spreadFrom} it falls on the weakest. Take out surplus males as they show.`,
        because: { ...because, spreadFrom },
        from,
      }),
    ];
  }
  if (room.holders > room.fit) {
    const allowed = mode === 'pair' && room.fit === 1 ? PAIR : Math.max(room.fit, 1);
    return [
      finding('conspecific-aggression', {
        severity: severityOf(kind, worst, room),
        species: [profile.id],
        text: `This floor holds ${room.fit === 1 ? 'one territory' : `${room.fit} territories`} of ${names}; ${room.holders} would be held${from ? ' once they mature' : ''}, and the rest are driven.`,
        because,
        from,
        fixes: [
          {
            text:
              mode === 'pair'
                ? `Keep ${allowed === PAIR ? 'one pair' : `at most ${allowed} pairs`}.`
                : `Keep at most ${allowed} ${allowed === 1 ? 'male' : 'males'}.`,
            ...(mode === 'pair'
              ? {
                  edit: {
                    kind: 'set-count' as const,
                    species: profile.id,
                    count: Math.max(1, Math.min(count - 1, allowed === PAIR ? PAIR : allowed * PAIR)),
                  },
                }
              : {}),
          },
          { text: 'Give a larger floor with more sight breaks.' },
        ],
      }),
    ];
  }
  return worst >= DEADLY && room.holders > 1
    ? [
        finding('conspecific-aggression', {
          severity: 'note',
          species: [profile.id],
          text: `${capital(names)} fight their own kind hard; watch them as they mature and keep the way out ready.`,
          because,
          from,
        }),
      ]
    : [];
}

/** More of a kind would hold ground than the floor has ground for. Begins when they mature. */
export const conspecificAggression: Rule = {
  name: 'conspecific-aggression',
  leaveFor: 'fighting',
  judge: (context) =>
    judgedKinds(context).flatMap((kind) => {
      const { male, female } = kind.profile.company.ownKind;
      return [...judgeKind(kind, context), ...mixedAges(kind, Math.max(male, female))];
    }),
};
