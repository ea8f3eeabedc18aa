import { adultLengthCm, type SpeciesProfile } from '@/core/model';
import { capital, everyOf } from './names';
import { tenth } from './quantities';
import type { Words } from './words';

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
export function sexes(profile: Profile, words: Words): string {
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
export function breeding(profile: Profile, words: Words): string {
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

export function temperament(profile: Profile, words: Words): readonly string[] {
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

export function group({ company }: Profile): readonly string[] {
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

export function feeding(profile: Profile, words: Words): readonly string[] {
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
