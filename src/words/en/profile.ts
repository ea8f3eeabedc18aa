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
import { tenth } from './quantities';
import { speciesField } from './speciesFields';
import { termOf } from './vocabulary';
import type { Words } from './words';
import { plain } from './locale';

/** A part of a profile, in sentences. */
export interface ProfilePart {
  readonly title: string;
  readonly lines: readonly string[];
}

type Profile = SpeciesProfile;

const TEMPER = ['peaceful', 'semi-aggressive', 'aggressive', 'very aggressive'] as const;
const OWN = [
  'peaceful with its own kind',
  'spars with its own kind',
  'fights its own kind',
  'kills its own kind',
] as const;
const level = (names: readonly string[], at: number): string => names[at] ?? '';

/** One sex is called larger from this ratio on. */
const LARGER = 1.15;

/** How to tell the sexes, and from what size, from what differs between them. */
function sexes(profile: Profile, words: Words): string {
  const { size, company, look } = profile;
  if (company.sexesTold === 'no') return 'The sexes cannot be told by looking.';
  const signs = [
    company.pairs === 'livebears' && size.measure === 'TL' ? 'the anal fin of males is a rod' : '',
    size.maleCm >= size.femaleCm * LARGER
      ? `males are larger (${words.quantity('length', size.maleCm)}, females ${words.quantity('length', size.femaleCm)})`
      : '',
    size.femaleCm >= size.maleCm * LARGER
      ? `females are larger (${words.quantity('length', size.femaleCm)}, males ${words.quantity('length', size.maleCm)})`
      : '',
    look.bothSexesColoured ? '' : 'males carry the colour',
  ].filter(Boolean);
  const from = company.sexedFromCm ?? size.matureCm;
  const when =
    company.sexesTold === 'hardly'
      ? 'The sexes are hard to tell'
      : `The sexes can be told from about ${words.quantity('length', from)} on`;
  return `${when}${signs.length > 0 ? `: ${everyOf(signs)}` : ''}.`;
}

const CARE: Readonly<Record<Profile['company']['pairs'], string>> = {
  no: 'It hardly ever breeds in tanks.',
  scatters: 'It scatters its eggs and eats them.',
  guards: 'It guards its brood',
  mouthbroods: 'It carries its brood in the mouth, and feeds little for weeks.',
  livebears: 'It bears live young, which others eat.',
};

/** What breeding does to the tank. */
function breeding(profile: Profile, words: Words): string {
  const { pairs, breeds, groundCm2, mode } = profile.company;
  if (pairs === 'guards') {
    const ground =
      groundCm2 === null ? '' : ` and drives others from about ${words.area(groundCm2)} of floor around it`;
    return `${mode === 'pair' ? 'A pair guards' : 'It guards'} its brood${ground}${breeds === 'prolific' ? ', every few weeks' : ''}.`;
  }
  if (pairs === 'no' && (breeds === 'prolific' || breeds === 'often'))
    return 'It multiplies by itself: its number follows the food.';
  return breeds === 'prolific' && pairs === 'livebears'
    ? 'It bears live young every month, more than anybody can place.'
    : CARE[pairs];
}

function temperament(profile: Profile, words: Words): readonly string[] {
  const { company, size } = profile;
  const worst = Math.max(company.ownKind.male, company.ownKind.female);
  const turns = company.temper.young !== company.temper.mature;
  return [
    `${capital(level(TEMPER, company.temper.mature))} toward others${turns ? ` once mature, from about ${words.quantity('length', size.matureCm)}; ${level(TEMPER, company.temper.young)} before` : ''}, ${level(OWN, worst)}.`,
    company.finNipping === 0
      ? ''
      : `${['', 'Nips or tears long fins', 'Bites fins', 'Bites fins and flanks'][company.finNipping]}${company.nipCalmGroup ? `, less so from ${company.nipCalmGroup} on` : ''}.`,
    company.slimeGrazing === 'no' ? '' : 'Grazes on the slime of slow, flat fish.',
    company.longFins ? 'Its own fins trail: keep nippers away.' : '',
  ].filter(Boolean);
}

const KEPT: Readonly<Record<Profile['company']['mode'], string>> = {
  solitary: 'Kept alone',
  pair: 'Kept as a pair, or one in a community tank',
  harem: 'Kept as one male with several females',
  shoal: 'Kept in a shoal',
  colony: 'Kept in a colony',
  group: 'Kept in a group',
};

function group({ company }: Profile): readonly string[] {
  const { mode, smallestGroup, comfortableGroup, badNumbers, femalesPerMale, spreadFrom } = company;
  const numbers =
    mode === 'solitary' || comfortableGroup === 1
      ? ''
      : smallestGroup === comfortableGroup
        ? `: ${comfortableGroup}`
        : `: ${smallestGroup === 1 ? 'one will do' : `at least ${smallestGroup}`}, comfortable from ${comfortableGroup} on`;
  return [
    `${KEPT[mode]}${numbers}.`,
    badNumbers.length === 0
      ? ''
      : `Never ${everyOf(badNumbers.map(String), 'or')}: ${badNumbers.includes(3) && company.pairs === 'guards' ? 'two pair up and turn on the third' : 'the weakest has nobody to share the chasing with'}.`,
    femalesPerMale === null || femalesPerMale === 0 ? '' : `${tenth(femalesPerMale)} females to each male.`,
    spreadFrom === null ? '' : `From ${spreadFrom} on the chasing spreads over all.`,
  ].filter(Boolean);
}

const EATS_FISH = { no: '', fry: 'fry', small: 'small fish', any: 'any fish that fits its mouth' } as const;
const SPEED = [
  '',
  'slow at meals: others eat first',
  'steady at meals',
  'quick at meals: feed slow company apart',
];

function feeding(profile: Profile, words: Words): readonly string[] {
  const { mouth, effect, habits } = profile;
  const eats = [
    EATS_FISH[mouth.eatsFish],
    mouth.eatsShrimp === 'yes' ? 'shrimps' : mouth.eatsShrimp === 'young' ? 'young shrimps' : '',
    mouth.eatsSnails === 'no' ? '' : 'snails',
    mouth.eatsEggs ? 'eggs' : '',
    effect.eatsPlants === 'yes' ? 'plants' : effect.eatsPlants === 'some' ? 'soft plants' : '',
  ].filter(Boolean);
  return [
    `${capital(mouth.diet.replace('-', ' '))}, ${SPEED[habits.mealSpeed]}${habits.nightActive ? '; feed it after lights out' : ''}.`,
    `Eats ${eats.length > 0 ? everyOf(eats) : 'neither tank mates nor plants'}. The mouth opens about ${words.fine('length', mouth.gapeRatio * adultLengthCm(profile))} when grown.`,
  ];
}

/** Ranges of one water, in one line. */
const waterLine = (water: Profile['water']['wild'], words: Words): string =>
  [
    words.range('temperature', water.temperatureC),
    `pH ${plain(water.ph[0])} to ${plain(water.ph[1])}`,
    `GH ${words.range('hardness', water.ghDh)}`,
    ...(water.salinityPpt[1] > 1 ? [`salt ${words.range('salinity', water.salinityPpt)}`] : []),
  ].join(', ');

const SOLD = { farmed: 'tank-bred', wild: 'wild-caught', both: 'tank-bred and wild-caught' } as const;

const numbersBy = ({ fewest, most, open }: NonNullable<SmallestTank['numbers']>): string =>
  open
    ? `${fewest} and more by themselves`
    : most === 1
      ? 'one by itself'
      : `${fewest === most ? fewest : `${fewest} to ${most}`} by themselves`;

/** A tank by one approach, with how many live in the smallest that is sold. */
function tankLine(profile: Profile, { approach, size, numbers }: SmallestTank, words: Words): string {
  const { lengthCm, widthCm, litres } = profile.tank[approach];
  const figures = [
    lengthCm === null || widthCm === null
      ? ''
      : `${words.tank('length', lengthCm)} by ${words.tank('length', widthCm)}`,
    litres === null ? '' : words.tank('volume', litres),
  ].filter(Boolean);
  const sold =
    size === null || numbers === null ? 'no size that shops have' : `${size.name}, ${numbersBy(numbers)}`;
  return `${capital(termOf(approach))}: ${figures.join(', ')}; ${sold}.`;
}

const NEEDS = ['sand', 'caves', 'overhangs', 'upright', 'shells', 'wood', 'plants', 'floating'] as const;
const NEED_WORDS: Readonly<Record<(typeof NEEDS)[number], string>> = {
  sand: 'sand',
  caves: 'caves',
  overhangs: 'overhangs',
  upright: 'upright roots or plants',
  shells: 'empty shells',
  wood: 'wood',
  plants: 'plants',
  floating: 'floating cover',
};

function furnishing({ tank, habits, effect }: Profile): string {
  const asked = (how: 'needs' | 'likes'): readonly string[] =>
    NEEDS.filter((need) => tank[need] === how).map((need) => NEED_WORDS[need]);
  const [needs, likes] = [asked('needs'), asked('likes')];
  return [
    needs.length > 0 ? `Needs ${everyOf(needs)}.` : '',
    likes.length > 0 ? `Likes ${everyOf(likes)}.` : '',
    habits.jumps === 'no'
      ? ''
      : habits.jumps === 'often'
        ? 'Jumps: a tight lid.'
        : 'Jumps when frightened: a lid.',
    effect.digs >= 2 ? 'Digs.' : '',
    habits.panics ? 'Bolts when frightened.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}

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
