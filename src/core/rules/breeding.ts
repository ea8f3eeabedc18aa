import { PUSHY } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { begins, maturesInMonths } from './maturity';
import type { Rule } from './rule';
import { advise, keepCount } from './fixes';
import { concernedKinds } from './pairs';
import { otherwise, severityTable } from './severityTable';

/** A guarding pair keeps others out of so many times its held ground; common practice speaks of half the tank. */
const HALF = 2;

interface Pair {
  readonly guarding: boolean;
  /** The floor has no other half for the others. */
  readonly tight: boolean;
  readonly rough: boolean;
}

const SEVERITY = severityTable<Pair>(
  'A pair that guards, or may form',
  [
    {
      when: 'guarding, aggressive, on a floor that has no other half',
      holds: ({ guarding, tight, rough }) => guarding && tight && rough,
      severity: 'stop',
    },
    { when: 'guarding', holds: ({ guarding }) => guarding, severity: 'caution' },
    { when: 'may form, on a floor that has no other half', holds: ({ tight }) => tight, severity: 'caution' },
    otherwise('note'),
  ],
  'Common practice: a guarding pair takes half the tank.',
);
const FREELY = severityTable(
  'A species that breeds freely',
  [otherwise('note')],
  'Common practice: numbers follow the food.',
);

const canPair = (kind: PlannedSpecies): boolean =>
  kind.count >= 2 && !(kind.males === 0 || kind.females === 0);

const keepsCompany = (other: PlannedSpecies): boolean => other.profile.life === 'fish';
const companyOf = (kind: PlannedSpecies, context: RuleContext): readonly PlannedSpecies[] =>
  context.kinds.filter((other) => other !== kind && keepsCompany(other));

function guardingPair(kind: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { company } = kind.profile;
  const guarding = kind.groups.some((group) => group.breeding);
  const others = companyOf(kind, context);
  const months = guarding ? 0 : maturesInMonths(kind);
  if (company.pairs !== 'guards' || others.length === 0 || months === null) return [];
  if (!guarding && (!canPair(kind) || company.temper.mature < PUSHY)) return [];
  const ground = company.groundCm2 ?? 0;
  const footprint = context.tank.figures.footprintCm2;
  const tight = ground * HALF > footprint;
  if (!guarding && company.mode === 'colony') return [];
  return [
    finding('breeding', {
      severity: SEVERITY.of({ guarding, tight, rough: company.temper.mature > PUSHY }) ?? 'note',
      species: [kind.profile.id, ...others.map((other) => other.profile.id)],
      fact: guarding
        ? { says: 'floor/guarded', count: kind.count }
        : { says: 'floor/may pair', claim: ground * HALF * HALF >= footprint ? 'half' : 'corner' },
      because: { guarding, groundCm2: ground, footprintCm2: Math.round(footprint) },
      from: begins(context, months),
      fixes: [keepCount(kind, 1), advise('divider')],
    }),
  ];
}

function multiplies(kind: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { company } = kind.profile;
  const months = maturesInMonths(kind);
  if (company.breeds !== 'prolific' || !canPair(kind) || months === null) return [];
  return [
    finding('breeding', {
      severity: 'note',
      species: [kind.profile.id],
      fact: { says: 'floor/breeds freely' },
      because: { breeds: company.breeds },
      from: begins(context, months),
      fixes:
        company.pairs === 'livebears' ? [advise({ does: 'one sex only', species: kind.profile.id })] : [],
    }),
  ];
}

/** Pairs that guard, and species that multiply. */
export const breeding: Rule = {
  name: 'breeding',
  about: 'the first',
  severities: [SEVERITY, FREELY],
  judge: (context) =>
    concernedKinds(context, keepsCompany).flatMap((kind) => [
      ...guardingPair(kind, context),
      ...multiplies(kind, context),
    ]),
};
