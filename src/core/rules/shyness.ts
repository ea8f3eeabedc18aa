import { adultLengthCm, FAST, ROUGH, SHY, VERY_SHY } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedKinds } from './pairs';
import { advise, leaveOut } from './fixes';
import { otherwise, severityTable } from './severityTable';

/** Restless company counts as bold from so many times the length (from memory). */
const LARGER = 1.5;

const SEVERITY = severityTable<PlannedSpecies>(
  'Shy fish without cover, or beside bold ones',
  [
    { when: 'very shy', holds: ({ profile }) => profile.habits.shyness >= VERY_SHY, severity: 'caution' },
    otherwise('note'),
  ],
  'Common practice.',
);

const isBold = (kind: PlannedSpecies, shy: PlannedSpecies): boolean => {
  const { habits, company } = kind.profile;
  if (kind.profile.life !== 'fish' || habits.shyness > 1) return false;
  const large = adultLengthCm(kind.profile) >= adultLengthCm(shy.profile) * LARGER;
  return company.temper.mature >= ROUGH || (habits.activity === FAST && habits.mealSpeed === FAST && large);
};

const isShy = ({ profile }: PlannedSpecies): boolean => profile.habits.shyness >= SHY;

function judgeKind(kind: PlannedSpecies, context: RuleContext): readonly Finding[] {
  if (!isShy(kind)) return [];
  const { shyness: shy } = kind.profile.habits;
  const { plants, hides, assumed } = context.tank;
  const bare = plants === 'none' && !assumed.has('plants') && (hides === null || hides.total === 0);
  const bold = context.kinds.filter((other) => other !== kind && isBold(other, kind));
  const severity = SEVERITY.of(kind) ?? 'note';
  const because = { shyness: shy, plants, hides: hides?.total ?? 'not given', boldSpecies: bold.length };
  const found: Finding[] = [];
  if (bare)
    found.push(
      finding('shyness', {
        severity,
        species: [kind.profile.id],
        fact: { says: 'home/no cover' },
        because,
        fixes: [advise('plant densely')],
      }),
    );
  if (bold.length > 0)
    found.push(
      finding('shyness', {
        severity,
        species: [kind.profile.id, ...bold.map((other) => other.profile.id)],
        fact: { says: 'home/shy company', count: kind.count },
        because,
        fixes: [advise('plant densely'), ...bold.map(leaveOut)],
      }),
    );
  return found;
}

/** Shy species without cover, or in bold company. */
export const shyness: Rule = {
  name: 'shyness',
  about: 'the first',
  severities: [SEVERITY],
  judge: (context) =>
    concernedKinds(context, (bold, kind) => isShy(kind) && isBold(bold, kind)).flatMap((kind) =>
      judgeKind(kind, context),
    ),
};
