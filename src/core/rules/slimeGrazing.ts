import { SLOW } from '../model';
import type { PlannedKind } from './context';
import { finding, type Finding } from './finding';
import { hasWayOut } from './pairs';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import type { Rule, ThisMonth } from './rule';
import { The, the } from '../wording';

const FLANK_CM = 10;

const offersAFlank = (kind: PlannedKind): boolean =>
  kind.profile.life === 'fish' &&
  kind.profile.habits.activity === SLOW &&
  (kind.profile.size.shape === 'flat' || kind.profile.size.shape === 'deep') &&
  kind.judgedCm >= FLANK_CM;

function judgePair(grazer: PlannedKind, other: PlannedKind, now: ThisMonth): Finding | null {
  const grazes = grazer.profile.company.slimeGrazing;
  const said = grazer.profile.contested.some((pair) => pair.species === other.profile.id);
  if (grazes === 'no' || !offersAFlank(other) || said) return null;
  const months = maturesInMonths(grazer);
  if (months === null) return null;
  const arranged = hasWayOut(grazer, other);
  return finding('slime-grazing', {
    // No keeper disputes the sure raspers: it ends with wounds that do not heal.
    severity: grazes === 'yes' ? 'stop' : arranged ? 'note' : 'caution',
    species: [grazer.profile.id, other.profile.id],
    text:
      grazes === 'yes'
        ? `${The(grazer.profile)}, once grown, rasps the slime off slow, flat-sided fish: ${the(other.profile)} offers it a flank.`
        : `Keepers disagree on ${the(grazer.profile)} with ${the(other.profile)}: some see it graze on the other's slime at night, others never. One school avoids it, the other tries it with a way out.`,
    because: { grazes, lengthCm: Number(other.judgedCm.toFixed(1)), wayOutArranged: arranged },
    contested: grazes === 'some',
    school: grazes === 'some' ? (arranged ? 'try with a way out' : 'avoid') : null,
    from: begins(now, months),
    fixes: [leaveOut(grazer), leaveOut(other)],
  });
}

/** Suckers that graze the slime of slow, flat fish. */
export const slimeGrazing: Rule = {
  name: 'slime-grazing',
  leaveFor: 'fighting',
  toAnother: judgePair,
};
