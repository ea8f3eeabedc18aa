import { adultLengthCm, isRough, killsItsOwn } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding } from './finding';
import { hasWayOut } from './pairs';
import type { Rule } from './rule';
import { the } from '../wording';

const LARGE_CM = 30;

/** A kind that may have to leave in a hurry: rough when mature, fierce to its own in a group, large, or contested here. */
function risky(kind: PlannedKind, context: RuleContext): boolean {
  const fierce = kind.count > 1 && killsItsOwn(kind.profile);
  const contested = kind.profile.contested.some((pair) =>
    context.kinds.some((other) => other.profile.id === pair.species),
  );
  const company = context.kinds.length > 1;
  return (
    (company && (isRough(kind.profile) || contested)) || fierce || adultLengthCm(kind.profile) >= LARGE_CM
  );
}

/** Risky kinds and the way out that is arranged for them before they are bought. */
export const wayOut: Rule = {
  name: 'way-out',
  judge: (context) =>
    context.kinds
      .filter((kind) => risky(kind, context))
      .map((kind) => {
        const arranged = hasWayOut(kind);
        const words = kind.groups.map((group) => group.wayOut.trim()).find((text) => text !== '') ?? '';
        return finding('way-out', {
          severity: arranged ? 'good' : 'note',
          species: [kind.profile.id],
          text: arranged
            ? `The way out for ${the(kind.profile)} is arranged: ${words}.`
            : `No way out is arranged for ${the(kind.profile)}: who takes it back, which spare tank or divider takes it tonight?`,
          because: { arranged },
          fixes: arranged ? [] : [{ text: 'Arrange it before buying: a taker, a spare tank, a divider.' }],
        });
      }),
};
