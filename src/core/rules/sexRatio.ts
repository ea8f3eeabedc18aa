import { DEADLY, ROUGH } from '../model';
import type { Place, PlannedSpecies } from './context';
import { finding, type Finding } from './finding';
import { advise, keepSexes } from './fixes';
import { displays } from './ground';
import { isRockDweller } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    'sexes/two males': { readonly males: number; readonly shape: MaleShape };
    'sexes/few females': {
      readonly males: number;
      readonly females: number;
      readonly perMale: number;
      readonly livebearers: boolean;
    };
    'sexes/unknown': { readonly count: number; readonly perMale: number };
    'sexes/good': { readonly males: number; readonly females: number };
  }
}

/** How males of a species live with each other. */
export type MaleShape =
  /** One male a tank, whatever its size. */
  | 'killers'
  /** Rock dwellers that spread their chasing over many: one male, or three and more. */
  | 'diluting'
  /** Males display side by side, each on its own ground: a lek. */
  | 'lek'
  /** One male with females of his own. */
  | 'harem'
  | 'other';

function maleShape(species: PlannedSpecies): MaleShape {
  const { ownKind, spreadFrom, mode } = species.profile.company;
  if (ownKind.male >= DEADLY && spreadFrom === null) return 'killers';
  if (isRockDweller(species)) return 'diluting';
  if (displays(species)) return 'lek';
  return mode === 'harem' ? 'harem' : 'other';
}

/** Two males watch only each other; one, or three and more, is the practice for species of harems. */
const RIVALS = 2;

interface Sexed {
  readonly one: PlannedSpecies;
  readonly males: number;
  readonly females: number;
}

const hasRoughMales = ({ profile }: PlannedSpecies): boolean => profile.company.ownKind.male >= ROUGH;
const isRoughMale = ({ one }: Sexed): boolean => hasRoughMales(one);
/** With a full harem for each, two males of all but the deadliest species are a risk that some keepers take. */
const haveHarems = ({ one, females }: Sexed): boolean =>
  one.profile.company.ownKind.male < DEADLY &&
  females >= RIVALS * (one.profile.company.femalesPerMale ?? Infinity);

/** One male and one female of a species that guards its brood: a pair is as good as a harem. */
const isCouple = ({ one, males, females }: Sexed): boolean =>
  males === 1 && females === 1 && one.profile.company.pairs === 'guards';

const TWO_MALES = sureTable<Sexed>(
  'Two males of a species of harems, or of aggressive males; more than one of those that kill each other',
  [
    {
      when: 'they kill each other',
      holds: ({ one }) => maleShape(one) === 'killers',
      severity: 'stop',
    },
    {
      when: 'they display side by side, such as peacocks and featherfins',
      holds: ({ one }) => maleShape(one) === 'lek',
      severity: 'caution',
    },
    {
      when: 'aggressive towards each other, without a full harem for each',
      holds: (sexed) => isRoughMale(sexed) && !haveHarems(sexed),
      severity: 'stop',
    },
    otherwise('caution'),
  ],
  'Common practice: two males watch only each other; of males that display the weaker stays pale.',
);
const FEW_FEMALES = sureTable<Sexed>(
  'Fewer females than the species needs for each male',
  [
    { when: 'a couple of a species that guards its brood together', holds: isCouple, severity: 'note' },
    { when: 'males aggressive towards their own kind', holds: isRoughMale, severity: 'caution' },
    otherwise('note'),
  ],
  'Each species has its own number of females for a male (common practice).',
);
const ENOUGH = sureTable<Sexed>('Enough females for each male', [otherwise('good')], 'The same numbers.');
const UNSEXED = severityTable<PlannedSpecies>(
  'Sexes not all known, of a species whose males are aggressive',
  [{ when: 'males are aggressive', holds: hasRoughMales, severity: 'note' }],
  'The same numbers.',
);

function ratio(sexed: Sexed, perMale: number): readonly Finding[] {
  const { one, males, females } = sexed;
  const { id: species, company } = one.profile;
  const shape = maleShape(one);
  // Livebearers live in shoals: two males with females enough for both are no rivals of a harem.
  const enough = company.pairs === 'livebears' && females >= males * perMale;
  const rivals = shape === 'killers' ? males >= RIVALS : males === RIVALS;
  if (rivals && !enough && (company.mode === 'harem' || isRoughMale(sexed)))
    return [
      finding('sex-ratio', {
        severity: TWO_MALES.of(sexed),
        species: [species],
        fact: { says: 'sexes/two males', males, shape },
        because: { males, females },
        fixes: [
          keepSexes(one, 1, females + males - 1),
          ...(shape === 'diluting' ? [advise('three males')] : []),
        ],
      }),
    ];
  if (females < males * perMale)
    return [
      finding('sex-ratio', {
        severity: FEW_FEMALES.of(sexed),
        species: [species],
        fact: {
          says: 'sexes/few females',
          males,
          females,
          perMale,
          livebearers: company.pairs === 'livebears',
        },
        because: { males, females, femalesPerMale: perMale },
        fixes: [keepSexes(one, males, Math.ceil(males * perMale))],
      }),
    ];
  return [
    finding('sex-ratio', {
      severity: ENOUGH.of(sexed),
      species: [species],
      fact: { says: 'sexes/good', males, females },
      because: { males, females, femalesPerMale: perMale },
    }),
  ];
}

function judgeSpecies(species: PlannedSpecies, place: Place): readonly Finding[] {
  const { profile, count, males, females } = species;
  const { femalesPerMale, mode, pairs } = profile.company;
  if (femalesPerMale === null || count < 2 || mode === 'solitary') return [];
  const maleGroup = pairs === 'livebears' && males !== null && males > RIVALS;
  if (males !== null && females !== null && males + females >= count)
    return males === 0 || (females === 0 && (maleGroup || place.males !== 'harem'))
      ? []
      : ratio({ one: species, males, females }, femalesPerMale);
  const severity = UNSEXED.of(species);
  // Nobody is told to count the sexes of fish of which nobody can.
  return severity === null || profile.company.sexesTold === 'no'
    ? []
    : [
        finding('sex-ratio', {
          severity,
          species: [profile.id],
          fact: { says: 'sexes/unknown', count, perMale: femalesPerMale },
          because: { count, femalesPerMale },
        }),
      ];
}

/** Males and females against the ratio of the species; two rival males; sexes unknown. */
export const sexRatio: Rule = {
  name: 'sex-ratio',
  severities: [TWO_MALES, FEW_FEMALES, ENOUGH, UNSEXED],
  ofKind: judgeSpecies,
};
