import { adultLengthCm, LABYRINTH_FAMILIES, PUSHY } from '../model';
import type { Place, PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { begins, maturesInMonths } from './maturity';
import type { Rule } from './rule';
import { advise, keepCount } from './fixes';
import { concernedSpecies } from './pairs';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'floor/guarded': { readonly count: number };
    'floor/may pair': { readonly claim: 'half' | 'corner' };
    'floor/breeds freely': object;
  }
}

/** A guarding pair keeps others out of so many times its held ground; common practice speaks of half the tank. */
const HALF = 2;

/** A dwarf holds a corner of the floor, and leaves the water above it to others (common practice; the length from memory). */
const DWARF_CM = 10;
/** Fish that spend so much of the day at the bottom meet a pair there. */
const ON_THE_FLOOR = 0.3;

interface Pair {
  readonly guarding: boolean;
  /** The floor has no other half for the others. */
  readonly tight: boolean;
  readonly rough: boolean;
  /** Of those that can pair, a male and a female are known to be there. */
  readonly couple: boolean;
}

const SEVERITY = sureTable<Pair>(
  'A pair that guards, or may form',
  [
    {
      when: 'guarding, aggressive, on a floor that has no other half',
      holds: ({ guarding, tight, rough }) => guarding && tight && rough,
      severity: 'stop',
    },
    { when: 'guarding', holds: ({ guarding }) => guarding, severity: 'caution' },
    {
      when: 'a known male and female, aggressive, on a floor that has no other half',
      holds: ({ tight, rough, couple }) => tight && rough && couple,
      severity: 'caution',
    },
    otherwise('note'),
  ],
  'Common practice: a guarding pair takes half the tank.',
);
const FREELY = severityTable(
  'A species that breeds freely',
  [otherwise('note')],
  'Common practice: numbers follow the food.',
);

const canPair = (species: PlannedSpecies): boolean =>
  species.count >= 2 && !(species.males === 0 || species.females === 0);

const keepsCompany = (other: PlannedSpecies): boolean => other.profile.life === 'fish';
const isDwarf = ({ profile }: PlannedSpecies): boolean => adultLengthCm(profile) <= DWARF_CM;
/** Whom a pair keeps out: all fish, or those of the floor where it is a dwarf that holds no more than a corner. */
function companyOf(species: PlannedSpecies, context: RuleContext): readonly PlannedSpecies[] {
  const dwarf = isDwarf(species);
  return context.planned.filter(
    (other) =>
      other !== species && keepsCompany(other) && (!dwarf || other.profile.layers.bottom >= ON_THE_FLOOR),
  );
}

/** Males of labyrinth fish guard a nest at the surface for some days, and hold no ground (common practice). */
const nestsAtTheSurface = ({ profile }: PlannedSpecies): boolean =>
  LABYRINTH_FAMILIES.includes(profile.family);

const guards = ({ profile }: PlannedSpecies): boolean => profile.company.pairs === 'guards';

function guardingPair(species: PlannedSpecies, context: RuleContext): readonly Finding[] {
  const { company } = species.profile;
  const guarding = species.groups.some((group) => group.breeding);
  const months = guarding ? 0 : maturesInMonths(species);
  const others = companyOf(species, context);
  if (others.length === 0 || months === null) return [];
  if (!guarding && (!canPair(species) || company.temper.mature < PUSHY || nestsAtTheSurface(species)))
    return [];
  const ground = company.groundCm2 ?? 0;
  const footprint = context.tank.figures.footprintCm2;
  const tight = ground * HALF > footprint;
  if (!guarding && company.mode === 'colony') return [];
  return [
    finding('breeding', {
      severity: SEVERITY.of({
        guarding,
        tight,
        rough: company.temper.mature > PUSHY,
        couple: species.males !== null,
      }),
      species: [species.profile.id, ...others.map((other) => other.profile.id)],
      fact: guarding
        ? { says: 'floor/guarded', count: species.count }
        : {
            says: 'floor/may pair',
            claim: !isDwarf(species) && ground * HALF * HALF >= footprint ? 'half' : 'corner',
          },
      because: { guarding, groundCm2: ground, footprintCm2: Math.round(footprint) },
      from: begins(context, months),
      fixes: [keepCount(species, 1), advise('divider')],
    }),
  ];
}

function multiplies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { company } = species.profile;
  if (company.breeds !== 'prolific' || !canPair(species)) return [];
  const months = maturesInMonths(species);
  if (months === null) return [];
  return [
    finding('breeding', {
      severity: 'note',
      species: [species.profile.id],
      fact: { says: 'floor/breeds freely' },
      because: { breeds: company.breeds },
      from: begins(place, months),
      fixes:
        company.pairs === 'livebears' ? [advise({ does: 'one sex only', species: species.profile.id })] : [],
    }),
  ];
}

/** Pairs that guard, and species that multiply. */
export const breeding: Rule = {
  name: 'breeding',
  about: 'the first',
  severities: [SEVERITY, FREELY],
  ofOne: multiplies,
  judge: (context) =>
    concernedSpecies(context, guards, keepsCompany).flatMap((species) => guardingPair(species, context)),
};
