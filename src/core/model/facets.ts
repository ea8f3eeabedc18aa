import { BOLD, DEADLY, FAST, FRAGILE, isRough, ROUGH, SENSITIVE, SHY } from './levels';
import { adultLengthCm, LAYERS, MARKINGS, type SpeciesProfile } from './species';

/** What keepers sort species by. Each facet of a profile is one or several of its choices. */
export const FACETS = {
  layer: ['top', 'middle', 'bottom'],
  /** By adult length; the limits are `SIZE_LIMITS_CM`. */
  size: ['tiny', 'small', 'medium', 'large', 'very large'],
  temper: ['gentle', 'pushy', 'rough', 'deadly'],
  water: ['soft', 'middling', 'hard', 'brackish'],
  region: [
    'South America',
    'Central America',
    'Africa',
    'Lake Malawi',
    'Lake Tanganyika',
    'Lake Victoria',
    'Asia',
    'Australia and New Guinea',
    'elsewhere',
  ],
  theme: ['shy', 'bold', 'cool', 'warm'],
  colour: ['silver', 'black', 'white', 'grey', 'brown', 'red', 'orange', 'yellow', 'green', 'blue', 'violet'],
  marking: MARKINGS,
  work: ['algae', 'leftovers', 'snails', 'duckweed'],
  ease: ['easy', 'some care', 'experienced'],
} as const;
export type FacetName = keyof typeof FACETS;
export type Facets = Readonly<Record<FacetName, readonly string[]>>;

const AT_HOME = 0.3;
export const SIZE_LIMITS_CM = [4, 8, 15, 30] as const;
const COOL_C = 24;
const WARM_C = 28;

const REGIONS: readonly (readonly [RegExp, string])[] = [
  [/Lake Malawi/, 'Lake Malawi'],
  [/Lake Tanganyika/, 'Lake Tanganyika'],
  [/Lake Victoria/, 'Lake Victoria'],
  [/Australia|New Guinea|Papua|Sentani|Kutubu/, 'Australia and New Guinea'],
  [/South America|Brazil|Venezuela|Colombia|Guyana|Peru|Ecuador/, 'South America'],
  [/Central America|Mexico|Texas|Cuba|Costa Rica|Nicaragua/, 'Central America'],
  [/Africa|Congo|Madagascar|Mozambique/, 'Africa'],
  [/Asia|China|Japan|Thailand|Borneo|Myanmar|India|Sri Lanka|Sulawesi|Vietnam/, 'Asia'],
];

/** Colours of the profiles by the words of the filter. */
const COLOUR_WORDS: Readonly<Record<string, string>> = {
  gold: 'yellow',
  cream: 'white',
  beige: 'brown',
  bronze: 'brown',
  olive: 'green',
  pearl: 'white',
  turquoise: 'blue',
  pink: 'red',
  clear: 'white',
};

function ease(profile: SpeciesProfile): string {
  const { water, company, mouth } = profile;
  const hard =
    water.sensitivity >= FRAGILE ||
    company.temper.mature >= DEADLY ||
    profile.handling.sting ||
    adultLengthCm(profile) > 30 ||
    water.tankBred.salinityPpt[0] > 1 ||
    mouth.diet === 'molluscs';
  if (hard) return 'experienced';
  return water.sensitivity === SENSITIVE ||
    isRough(profile) ||
    Math.max(company.ownKind.male, company.ownKind.female) >= ROUGH
    ? 'some care'
    : 'easy';
}

function hardness(profile: SpeciesProfile): readonly string[] {
  const { ghDh, ph, salinityPpt } = profile.water.tankBred;
  const said: string[] = [];
  if (salinityPpt[1] >= 5) said.push('brackish');
  if (ghDh[0] <= 4 && ph[0] <= 6.8) said.push('soft');
  if (ghDh[0] <= 10 && ghDh[1] >= 10 && ph[0] <= 7.4 && ph[1] >= 7.2) said.push('middling');
  if (ghDh[1] >= 18 && ph[1] >= 7.8) said.push('hard');
  return said;
}

function themes(profile: SpeciesProfile): readonly string[] {
  const { habits, water } = profile;
  const said: string[] = [];
  if (habits.shyness >= SHY) said.push('shy');
  if (habits.shyness === BOLD || isRough(profile) || (habits.activity === FAST && habits.mealSpeed === FAST))
    said.push('bold');
  if (water.tankBred.temperatureC[0] < COOL_C - 4 && water.tankBred.temperatureC[1] <= WARM_C)
    said.push('cool');
  if (water.tankBred.temperatureC[1] > WARM_C) said.push('warm');
  return said;
}

/** The facets of a profile, derived from its values; a keeper's own species get theirs in the same way. */
export function facetsOf(profile: SpeciesProfile): Facets {
  const adult = adultLengthCm(profile);
  const size = SIZE_LIMITS_CM.findIndex((limit) => adult <= limit);
  const home = LAYERS.filter((layer) => profile.layers[layer] >= AT_HOME);
  return {
    layer: home,
    size: [FACETS.size[size < 0 ? SIZE_LIMITS_CM.length : size] as string],
    temper: [FACETS.temper[profile.company.temper.mature] as string],
    water: hardness(profile),
    region: [REGIONS.find(([pattern]) => pattern.test(profile.region))?.[1] ?? 'elsewhere'],
    theme: themes(profile),
    colour: [...new Set(profile.look.colours.map((colour) => COLOUR_WORDS[colour] ?? colour))],
    marking: profile.look.markings ?? [],
    work: profile.effect.work,
    ease: [ease(profile)],
  };
}

export type Chosen = Readonly<Partial<Record<FacetName, string>>>;

/** Whether a profile has every chosen facet. */
export const hasFacets = (facets: Facets, chosen: Chosen): boolean =>
  (Object.keys(chosen) as FacetName[]).every((name) => {
    const wanted = chosen[name];
    return wanted === undefined || wanted === '' || facets[name].includes(wanted);
  });

/** Words that keepers use for what a facet calls otherwise. */
const LIKE: Readonly<Record<string, readonly string[]>> = {
  striped: ['striped', 'barred'],
  stripes: ['striped', 'barred'],
  bars: ['barred'],
  spots: ['spotted'],
  dotted: ['spotted'],
  big: ['large', 'very large'],
  little: ['tiny', 'small'],
  small: ['tiny', 'small'],
  gold: ['yellow'],
  purple: ['violet'],
  peaceful: ['gentle'],
};

/** The facets by which a fish is told at sight. */
const AT_SIGHT: readonly FacetName[] = ['size', 'colour', 'marking'];

/**
 * What a description at sight asks for: for each word the facet and the choices that meet it, or null where a word is none of
 * them. A fish meets it that meets every word.
 *
 * @example describedBy('small blue striped')?.length // 3
 */
export function describedBy(
  text: string,
): readonly { readonly facet: FacetName; readonly among: readonly string[] }[] | null {
  const words = text
    .toLowerCase()
    .split(/[\s,]+/)
    .filter(Boolean);
  const asked = words.map((word) => {
    const among = LIKE[word] ?? [word];
    const facet = AT_SIGHT.find((name) =>
      among.some((one) => (FACETS[name] as readonly string[]).includes(one)),
    );
    return facet ? { facet, among } : null;
  });
  return asked.length > 0 && asked.every((one) => one !== null) ? asked : null;
}

/** Whether a fish looks as described. */
export const looksAs = (facets: Facets, description: NonNullable<ReturnType<typeof describedBy>>): boolean =>
  description.every(({ facet, among }) => facets[facet].some((one) => among.includes(one)));
