import type { PlannedKind } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { judgedKinds } from './pairs';
import { countOf, plural, The } from '../wording';
import { commonName } from '../model';

/** One or two of a pairing cichlid keep the peace in a community (fact of the trade, common practice). */
const PAIR = 2;

function tooFew(kind: PlannedKind): Finding {
  const { profile, count } = kind;
  const { smallestGroup, comfortableGroup, pairs, mode } = profile.company;
  const pairing = pairs === 'guards' && count <= PAIR && mode !== 'shoal';
  const shown = mode === 'harem' && (count === 1 || (kind.females === 0 && kind.males === count));
  // A loose group puts up with too few; a shoal of a few is in constant fear.
  const severe = count * 2 <= smallestGroup && mode !== 'group';
  const severity = pairing || shown ? 'note' : severe ? 'stop' : 'caution';
  const many = plural(commonName(profile));
  return finding('group-size', {
    severity,
    species: [profile.id],
    text: shown
      ? `${countOf(count, profile)} without females: shown, not bred. A group needs ${smallestGroup} or more, one male to several females.`
      : pairing
        ? `${countOf(count, profile)}: a single one or a settled pair can keep the peace; a group needs ${smallestGroup} or more.`
        : `${countOf(count, profile)}: ${many} need company of their own kind, ${smallestGroup} at the least and ${comfortableGroup} to be at ease.`,
    because: { count, smallestGroup, comfortableGroup },
    fixes: [
      {
        text: `Keep ${comfortableGroup} ${many}.`,
        edit: { kind: 'set-count', species: profile.id, count: comfortableGroup },
      },
      { text: `Leave out the ${many}.`, edit: { kind: 'leave-out', species: profile.id } },
    ],
  });
}

function judgeKind(kind: PlannedKind): readonly Finding[] {
  const { profile, count } = kind;
  const { smallestGroup, comfortableGroup, mode } = profile.company;
  if (mode === 'solitary') return [];
  if (count < smallestGroup) return [tooFew(kind)];
  const because = { count, smallestGroup, comfortableGroup };
  if (count < comfortableGroup && comfortableGroup > PAIR) {
    return [
      finding('group-size', {
        severity: 'note',
        species: [profile.id],
        text: `${countOf(count, profile)} will do; ${comfortableGroup} are at ease.`,
        because,
        fixes: [
          {
            text: `Keep ${comfortableGroup}.`,
            edit: { kind: 'set-count', species: profile.id, count: comfortableGroup },
          },
        ],
      }),
    ];
  }
  return smallestGroup > 1 && count >= comfortableGroup
    ? [
        finding('group-size', {
          severity: 'good',
          species: [profile.id],
          text: `${The(profile)} has the company it needs: ${count}, where ${comfortableGroup} are at ease.`,
          because,
        }),
      ]
    : [];
}

/** Too few of a kind that needs its own company, enough, or at ease. Heads count today. */
export const groupSize: Rule = {
  name: 'group-size',
  judge: (context) => judgedKinds(context).flatMap(judgeKind),
};
