import { SLOW, ROUGH } from '../model';
import type { PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { hasWayOut } from './pairs';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import type { Rule, HereAndNow } from './rule';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'pair/rasps': { readonly counts: Counts };
    'pair/may rasp': object;
  }
}

const FLANK_CM = 10;

const offersAFlank = (species: PlannedSpecies): boolean =>
  species.profile.life === 'fish' &&
  species.profile.habits.activity === SLOW &&
  (species.profile.size.shape === 'flat' || species.profile.size.shape === 'deep') &&
  // A rough fish does not stand for it.
  species.profile.company.temper.mature < ROUGH &&
  species.judgedCm >= FLANK_CM;

interface Grazed {
  readonly sure: boolean;
  readonly exitPlan: boolean;
}

// No keeper disputes the sure raspers: it ends with wounds that do not heal.
const SEVERITY = sureTable<Grazed>(
  'A sucker that grazes slime beside slow, flat-sided fish',
  [
    { when: 'a sure rasper', holds: ({ sure }) => sure, severity: 'stop' },
    {
      when: 'keepers disagree, and an exit plan is given',
      holds: ({ exitPlan }) => exitPlan,
      severity: 'note',
    },
    otherwise('caution'),
  ],
  'Nobody disputes the sure raspers; about the others keepers disagree (common practice).',
);

function judgePair(grazer: PlannedSpecies, other: PlannedSpecies, now: HereAndNow): Finding | null {
  const grazes = grazer.profile.company.slimeGrazing;
  const said = grazer.profile.contested.some((pair) => pair.species === other.profile.id);
  if (grazes === 'no' || !offersAFlank(other) || said) return null;
  const months = maturesInMonths(grazer);
  if (months === null) return null;
  const arranged = hasWayOut(grazer, other);
  return finding('slime-grazing', {
    severity: SEVERITY.of({ sure: grazes === 'yes', exitPlan: arranged }),
    species: [grazer.profile.id, other.profile.id],
    fact:
      grazes === 'yes'
        ? { says: 'pair/rasps', counts: [grazer.count, other.count] }
        : { says: 'pair/may rasp' },
    because: { grazes, lengthCm: Number(other.judgedCm.toFixed(1)), exitPlanGiven: arranged },
    contested: grazes === 'some',
    approach: grazes === 'some' ? (arranged ? 'try with a way out' : 'avoid') : null,
    from: begins(now, months),
    fixes: [leaveOut(grazer), leaveOut(other)],
  });
}

/** Suckers that graze the slime of slow, flat fish. */
export const slimeGrazing: Rule = {
  name: 'slime-grazing',
  leaveFor: 'harm',
  severities: [SEVERITY],
  toAnother: judgePair,
};
