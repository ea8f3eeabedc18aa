import type { Company, SmallestTank } from '@/core/assess';
import {
  adultLengthCm,
  type Catalogue,
  commonName,
  isRough,
  type ReasonOfValue,
  type SpeciesProfile,
} from '@/core/model';
import { bothSides, capital, countedOf, countOf, everyOf, listed, manyOf } from './names';
import { furnishing, SOLD, tankLine, waterLine } from './profileHome';
import { breeding, feeding, group, sexes, temperament } from './profileWays';
import { speciesField } from './speciesFields';
import type { Words } from './words';
import { plain } from './locale';

/** A part of a profile, in sentences. */
export interface ProfilePart {
  readonly title: string;
  readonly lines: readonly string[];
}

type Profile = SpeciesProfile;

/** The first signs that something is wrong with it, by what it is sensitive to. */
function trouble(profile: Profile): readonly string[] {
  const { company, habits, water, mouth, size } = profile;
  const signs = [
    company.mode === 'shoal' || company.mode === 'group'
      ? 'Pale, hidden or clamped in a corner: too few of its own, or company that is too bold.'
      : '',
    habits.shyness >= 2 ? 'Does not come out to feed: no cover, or company that is too bold.' : '',
    habits.mealSpeed === 1 ? 'Hollow belly: others take its food.' : '',
    mouth.diet === 'algae' || mouth.diet === 'herbivore'
      ? 'Bloated belly and stringy waste: too rich food.'
      : '',
    water.oxygen === 3 ? 'Fast gills or hanging at the surface: too little oxygen, or too warm.' : '',
    company.ownKind.male >= 2
      ? 'One that stays at the surface or behind the filter with torn fins: it is being driven, move it today.'
      : '',
    water.sensitivity === 3 ? 'Losses in the first weeks: settle it in an old, stable tank.' : '',
  ].filter(Boolean);
  return signs.length > 0
    ? signs
    : [
        `Any change of colour, breathing or place in the tank${size.measure === 'shell' ? ', or a snail that stays shut' : ''}: test the water first.`,
      ];
}

/** Fish of this length find a new home hard (common practice). */
const HARD_CM = 25;

/** How hard it is to find it another home. */
function exit(profile: Profile): string {
  const adult = adultLengthCm(profile);
  if (profile.trade.restricted)
    return 'Hard to rehome where it is restricted: ask your authority first, and never release it.';
  if (adult >= HARD_CM) return 'Hard to rehome: few have the tank. Find its next home before you buy it.';
  if (isRough(profile))
    return 'Rehomed with difficulty: shops take rough fish back only sometimes. Ask before you buy.';
  return profile.trade.met === 'shop'
    ? 'Easy to rehome: most shops and keepers have room for it.'
    : 'Rehomed through clubs.';
}

const CONFIDENCE = ['', 'low', 'medium', 'high'];
const BASIS: Readonly<Record<Profile['basis'], string>> = {
  memory: 'general knowledge',
  'common practice': 'common practice',
};

/** Contested and bad company by name, those of one reason together. */
function company(profile: Profile, catalogue: Catalogue, known: Company | null): readonly string[] {
  const nameOf = (id: string): string => {
    const other = catalogue.byId.get(id);
    return other ? manyOf(other) : id.replace(/-/g, ' ');
  };
  const byReason = (
    entries: readonly { readonly who: string; readonly why: string }[],
  ): readonly (readonly [string, readonly string[]])[] => {
    const reasons = new Map<string, string[]>();
    for (const { who, why } of entries) reasons.set(why, [...(reasons.get(why) ?? []), nameOf(who)]);
    return [...reasons];
  };
  return [
    known === null
      ? ''
      : known.best.length > 0
        ? `Fits well with ${everyOf(known.best.map(nameOf))}: ${known.fits} of ${known.asked} species asked go with it in its own tank and water.`
        : `Of ${known.asked} species asked ${known.fits === 0 ? 'none goes' : `only ${known.fits} go`} with it in its own tank and water.`,
    ...byReason(profile.contested.map(({ species, why }) => ({ who: species, why }))).map(
      ([why, names]) => `Keepers disagree about ${listed(names)}: ${why} ${bothSides(false)}`,
    ),
    ...(profile.contestedNumbers ?? []).map(
      ({ counts, inCompany, why }) =>
        `Keepers disagree about ${counts.map((count) => countedOf(count, profile)).join(' or ')}${inCompany ? ' in a community' : ''}: ${why} ${bothSides(false)}`,
    ),
    ...byReason(profile.badWith).map(([why, names]) => `Not with ${listed(names)}: ${why}`),
  ].filter(Boolean);
}

/** "Jumps (genus Betta): it leaps from small tanks." A species that a form takes a value from is called by its name. */
function reasonLine({ path, why, from }: ReasonOfValue, catalogue: Catalogue): string {
  const species = catalogue.byId.get(from);
  const where = species ? commonName(species) : from;
  return `${speciesField(path).replace(', 0 to 3', '')}${where === '' ? '' : ` (${where})`}: ${why}.`;
}

/** What a profile is told with. */
export interface ProfileMatter {
  readonly catalogue: Catalogue;
  readonly tanks: readonly SmallestTank[];
  /** Company by the rules; null while it is not worked out. */
  readonly company: Company | null;
  /** Reasons that stand beside values. */
  readonly reasons: readonly ReasonOfValue[];
  /** The range that a fish of unknown origin is judged by; null while it is not worked out. */
  readonly judgedBy: 'wild' | 'tank-bred' | null;
}

/** A species as a keeper would want to read it, part by part. */
export function profileParts(profile: Profile, words: Words, matter: ProfileMatter): readonly ProfilePart[] {
  const { size, trade, water } = profile;
  const forms = matter.catalogue.all.filter((other) => other.formOf === profile.id);
  const species = profile.formOf === null ? undefined : matter.catalogue.byId.get(profile.formOf);
  const parts: readonly ProfilePart[] = [
    {
      title: 'Size and life stages',
      lines: [
        `Sold at ${words.quantity('length', size.soldCm)}, mature at ${words.quantity('length', size.matureCm)}, grown ${words.quantity('length', adultLengthCm(profile))} in about ${countOf(size.monthsToGrown, 'month')}; lives ${size.lifeYears.map(plain).join(' to ')} years.`,
        sexes(profile, words),
      ],
    },
    { title: 'Temperament', lines: temperament(profile, words) },
    { title: 'Group', lines: group(profile) },
    {
      title: 'Tank',
      lines: [...matter.tanks.map((tank) => tankLine(profile, tank, words)), furnishing(profile)].filter(
        Boolean,
      ),
    },
    {
      title: 'Water',
      lines: [
        `As sold (${SOLD[trade.supply]}): ${waterLine(water.tankBred, words)}.`,
        `In the wild: ${waterLine(water.wild, words)}.`,
        matter.judgedBy === null
          ? ''
          : `A fish of unknown origin is judged by the ${matter.judgedBy === 'wild' ? 'wild range: it is sensitive' : 'range as sold'}.`,
        `${capital(water.flow)} current${water.oxygen === 3 ? ', much oxygen' : ''}${water.sensitivity === 3 ? '; badly hurt by old water' : ''}.`,
      ].filter(Boolean),
    },
    { title: 'Feeding', lines: feeding(profile, words) },
    { title: 'Company', lines: company(profile, matter.catalogue, matter.company) },
    { title: 'Breeding', lines: [breeding(profile, words)] },
    { title: 'Signs of trouble', lines: trouble(profile) },
    {
      title: 'Trade and exit',
      lines: [
        trade.mixedUpWith === '' ? '' : `Easily confused with: ${trade.mixedUpWith}`,
        species ? `A form of the ${commonName(species)}.` : '',
        forms.length > 0 ? `Forms: ${everyOf(forms.map(commonName))}.` : '',
        exit(profile),
      ].filter(Boolean),
    },
    {
      title: 'Sources',
      lines: [
        `${capital(BASIS[profile.basis])}, confidence ${CONFIDENCE[profile.confidence]}.`,
        ...matter.reasons.map((reason) => reasonLine(reason, matter.catalogue)),
      ],
    },
  ];
  return parts.filter(({ lines }) => lines.length > 0);
}

/** The profile as plain text, wrapped by nobody: a title, its sentences, a blank line. */
export function profileText(profile: Profile, words: Words, matter: ProfileMatter): string {
  const { scientificName, formerNames, family, region, biotope, commonNames, notes } = profile;
  const head = [
    capital(commonName(profile)),
    `${scientificName}${formerNames.length > 0 ? `, once ${formerNames.join(', ')}` : ''}${scientificName.endsWith('.') && formerNames.length === 0 ? '' : '.'} ${family}, ${region}, ${biotope}.`,
    commonNames.length > 1 ? `Also called ${everyOf(commonNames.slice(1))}.` : '',
    notes,
  ].filter(Boolean);
  const parts = profileParts(profile, words, matter).map(({ title, lines }) => [title, ...lines].join('\n'));
  return `${[head.join('\n'), ...parts].join('\n\n')}\n`;
}
