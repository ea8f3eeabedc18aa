import { LABYRINTH_FAMILIES, nameWords, type SpeciesProfile } from '../model';

/** What keepers write for short, as the name it stands for. Common practice of the trade and of clubs, from memory. */
export const SHORT: Readonly<Record<string, string>> = {
  adf: 'African dwarf frog',
  bgk: 'black ghost knifefish',
  bn: 'bristlenose pleco',
  bnp: 'bristlenose pleco',
  cae: 'Chinese algae eater',
  cpd: 'celestial pearl danio',
  cpo: 'dwarf orange crayfish',
  crs: 'crystal red shrimp',
  cyp: 'cyprichromis',
  eba: 'electric blue acara',
  ebjd: 'electric blue Jack Dempsey',
  ebr: 'electric blue ram',
  fh: 'flowerhorn',
  gbr: 'German blue ram',
  gsp: 'green spotted puffer',
  gt: 'green terror',
  jd: 'Jack Dempsey',
  neo: 'neocaridina shrimp',
  rbp: 'red-bellied piranha',
  rcs: 'red cherry shrimp',
  rtbs: 'red-tailed shark',
  rtc: 'red-tailed catfish',
  sae: 'Siamese algae eater',
  tsn: 'tiger shovelnose catfish',
  wcmm: 'white cloud mountain minnow',
};

/** Words that tell a colour, a fin, a strain, a sex or where it was bred, and name no fish by themselves. */
export const DESCRIBING: ReadonlySet<string> = new Set(
  nameWords(
    'adult albino amelanistic baby balloon big black blonde blood blue breeding brown bred calico chocolate cobalt coral diamond double dragon electric fancy fin finned female ' +
      'german giant gold golden green half halfmoon high jumbo juvenile koi lavender leopard leucistic large little long longfin lyretail magenta medium male marble marbled ' +
      'metallic neon orange pair panda pearl pigeon pineapple pink platinum purple rainbow red royal ruby sailfin saddle short show silver small smoke snow spotted ' +
      'standard striped sunset super tank tiger tiny trio tuxedo ultra veil veiltail wag white wild yellow young zebra',
  ),
);

/** Families and genera of a group that keepers call by one word, beside the species that have the word in their name. */
const GROUPS: readonly (readonly [string, (profile: SpeciesProfile) => boolean])[] = [
  ['cichlid', ({ family }) => family === 'Cichlidae'],
  ['cory', ({ family, kin }) => family === 'Callichthyidae' && kin === 'corydoras'],
  ['killi', ({ family }) => ['Nothobranchiidae', 'Aplocheilidae', 'Rivulidae'].includes(family)],
  ['apisto', ({ kin }) => kin === 'apistogramma'],
  ['mbuna', ({ kin }) => kin === 'mbuna'],
  ['hap', ({ kin }) => kin === 'hap'],
  ['peacock', ({ kin }) => kin === 'aulonocara'],
  ['shelly shelldweller', ({ company, family }) => company.holds === 'shell' && family === 'Cichlidae'],
  ['stingray ray', ({ family }) => family === 'Potamotrygonidae'],
  [
    'rainbow',
    ({ family }) => ['Melanotaeniidae', 'Pseudomugilidae', 'Bedotiidae', 'Telmatherinidae'].includes(family),
  ],
  // Dwarf suckers, twig and whiptail catfish are of the family, and nobody calls them plecos.
  [
    'pleco',
    ({ family, commonNames }) =>
      family === 'Loricariidae' && commonNames.some((name) => /plec|bristlenose/i.test(name)),
  ],
  ['livebearer', ({ family }) => ['Poeciliidae', 'Goodeidae', 'Zenarchopteridae'].includes(family)],
  [
    'cat',
    ({ family }) => /^(Callichthyidae|Doradidae|Loricariidae|Mochokidae|Pimelodidae|Siluridae)$/.test(family),
  ],
  [
    'characin',
    ({ family }) => /^(Acestrorhamphidae|Alestidae|Characidae|Lebiasinidae|Serrasalmidae)$/.test(family),
  ],
  ['labyrinth', ({ family }) => LABYRINTH_FAMILIES.includes(family)],
  ['gudgeon', ({ family }) => family === 'Eleotridae'],
];

/** The words of the groups that a species belongs to. */
export const groupsOf = (profile: SpeciesProfile): readonly string[] =>
  GROUPS.filter(([, belongs]) => belongs(profile)).flatMap(([word]) => nameWords(word));
