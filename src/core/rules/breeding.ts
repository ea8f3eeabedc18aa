import { commonName, PUSHY } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { begins, maturesInMonths } from './maturity';
import type { Rule } from './rule';
import { concernedKinds } from './pairs';
import { plural, The, the } from '../wording';

/** A guarding pair keeps others out of so many times its held ground; common practice speaks of half the tank. */
const HALF = 2;

const canPair = (kind: PlannedKind): boolean => kind.count >= 2 && !(kind.males === 0 || kind.females === 0);

const keepsCompany = (other: PlannedKind): boolean => other.profile.life === 'fish';
const companyOf = (kind: PlannedKind, context: RuleContext): readonly PlannedKind[] =>
  context.kinds.filter((other) => other !== kind && keepsCompany(other));

function guardingPair(kind: PlannedKind, context: RuleContext): readonly Finding[] {
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
      severity: guarding
        ? tight && company.temper.mature > PUSHY
          ? 'stop'
          : 'caution'
        : tight
          ? 'caution'
          : 'note',
      species: [kind.profile.id, ...others.map((other) => other.profile.id)],
      text: guarding
        ? `A pair of ${plural(commonName(kind.profile))} guards: it takes half the tank overnight and drives the others to one side, fry make it worse.`
        : `A pair of ${plural(commonName(kind.profile))} may form once mature and take half the tank${tight ? '; this floor leaves the others no other half' : ''}.`,
      because: { guarding, groundCm2: ground, footprintCm2: Math.round(footprint) },
      from: begins(context, months),
      fixes: [
        {
          text: `Keep a single ${commonName(kind.profile)}: alone it keeps the peace.`,
          edit: { kind: 'set-count', species: kind.profile.id, count: 1 },
        },
        { text: 'Have a divider or a spare tank ready for the pair.' },
      ],
    }),
  ];
}

function multiplies(kind: PlannedKind, context: RuleContext): readonly Finding[] {
  const { company } = kind.profile;
  const months = maturesInMonths(kind);
  if (company.breeds !== 'prolific' || !canPair(kind) || months === null) return [];
  return [
    finding('breeding', {
      severity: 'note',
      species: [kind.profile.id],
      text: `${The(kind.profile)} multiplies without being asked: say where the young go before there are any.`,
      because: { breeds: company.breeds },
      from: begins(context, months),
      fixes:
        company.pairs === 'livebears'
          ? [
              {
                text: `Keep one sex only of ${the(kind.profile)}; females may still carry young from before.`,
              },
            ]
          : [{ text: 'Feed less: numbers follow the food.' }],
    }),
  ];
}

/** Pairs that guard, and kinds that multiply. */
export const breeding: Rule = {
  name: 'breeding',
  about: 'the first',
  judge: (context) =>
    concernedKinds(context, keepsCompany).flatMap((kind) => [
      ...guardingPair(kind, context),
      ...multiplies(kind, context),
    ]),
};
