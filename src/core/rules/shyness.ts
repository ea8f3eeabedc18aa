import { adultLengthCm, FAST, ROUGH, SHY, VERY_SHY } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedSpecies } from './pairs';
import { advise, leaveOut } from './fixes';
import { otherwise, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'home/no cover': object;
    /** The first hides from the others. */
    'home/shy company': { readonly count: number };
  }
}

/** Restless company counts as bold from so many times the length (from memory). */
const LARGER = 1.5;

const SEVERITY = sureTable<PlannedSpecies>(
  'Shy fish without cover, or beside bold ones',
  [
    { when: 'very shy', holds: ({ profile }) => profile.habits.shyness >= VERY_SHY, severity: 'caution' },
    otherwise('note'),
  ],
  'Common practice.',
);

const isBold = (species: PlannedSpecies, shy: PlannedSpecies): boolean => {
  const { habits, company } = species.profile;
  if (species.profile.life !== 'fish' || habits.shyness > 1) return false;
  const large = adultLengthCm(species.profile) >= adultLengthCm(shy.profile) * LARGER;
  return company.temper.mature >= ROUGH || (habits.activity === FAST && habits.mealSpeed === FAST && large);
};

const isShy = ({ profile }: PlannedSpecies): boolean => profile.habits.shyness >= SHY;

function judgeShy(species: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { shyness: shy } = species.profile.habits;
  const { plants, hides, assumed } = context.tank;
  const bare = plants === 'none' && !assumed.has('plants') && (hides === null || hides.total === 0);
  const bold = context.planned.filter((other) => isBold(other, species));
  const severity = SEVERITY.of(species);
  const because = { shyness: shy, plants, hides: hides?.total ?? 'not given', boldSpecies: bold.length };
  const found: Finding[] = [];
  if (bare)
    found.push(
      finding('shyness', {
        severity,
        species: [species.profile.id],
        fact: { says: 'home/no cover' },
        because,
        fixes: [advise('plant densely')],
      }),
    );
  if (bold.length > 0)
    found.push(
      finding('shyness', {
        severity,
        species: [species.profile.id, ...bold.map((other) => other.profile.id)],
        fact: { says: 'home/shy company', count: species.count },
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
  judge: (context) => concernedSpecies(context, isShy, isBold).flatMap((shy) => judgeShy(shy, context)),
};
