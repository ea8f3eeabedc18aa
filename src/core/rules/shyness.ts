import { adultLengthCm, commonName, FAST, ROUGH, SHY, VERY_SHY } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import type { Rule } from './rule';
import { concernedKinds } from './pairs';
import { leaveOut } from './fixes';
import { capital, listSome, plural, The } from '../wording';

/** Restless company counts as bold from so many times the length (from memory). */
const LARGER = 1.5;

const isBold = (kind: PlannedKind, shy: PlannedKind): boolean => {
  const { habits, company } = kind.profile;
  if (kind.profile.life !== 'fish' || habits.shyness > 1) return false;
  const large = adultLengthCm(kind.profile) >= adultLengthCm(shy.profile) * LARGER;
  return company.temper.mature >= ROUGH || (habits.activity === FAST && habits.mealSpeed === FAST && large);
};

const isShy = ({ profile }: PlannedKind): boolean => profile.habits.shyness >= SHY;

function judgeKind(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  if (!isShy(kind)) return [];
  const { shyness: shy } = kind.profile.habits;
  const { plants, hides, assumed } = context.tank;
  const bare = plants === 'none' && !assumed.has('plants') && (hides === null || hides.total === 0);
  const bold = context.kinds.filter((other) => other !== kind && isBold(other, kind));
  const many = plural(commonName(kind.profile));
  const because = { shyness: shy, plants, hides: hides?.total ?? 'not given', boldKinds: bold.length };
  const found: Finding[] = [];
  if (bare)
    found.push(
      finding('shyness', {
        severity: shy >= VERY_SHY ? 'caution' : 'note',
        species: [kind.profile.id],
        text: `${The(kind.profile)} is shy, and this tank has neither plants nor hides: it will not come out to eat.`,
        because,
        fixes: [{ text: 'Plant densely, add wood and floating cover.' }],
      }),
    );
  if (bold.length > 0)
    found.push(
      finding('shyness', {
        severity: shy >= VERY_SHY ? 'caution' : 'note',
        species: [kind.profile.id, ...bold.map((other) => other.profile.id)],
        text: `${capital(many)} are shy and come out among shy company; ${listSome(bold, (other) => plural(commonName(other.profile)))} keep them in hiding.`,
        because,
        fixes: [...bold.map(leaveOut), { text: 'Plant densely.' }],
      }),
    );
  return found;
}

/** Shy kinds without cover, or in bold company. */
export const shyness: Rule = {
  name: 'shyness',
  about: 'the first',
  judge: (context) =>
    concernedKinds(context, (bold, kind) => isShy(kind) && isBold(bold, kind)).flatMap((kind) =>
      judgeKind(kind, context),
    ),
};
