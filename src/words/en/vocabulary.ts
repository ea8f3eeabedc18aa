/**
 * Words of files and of the code as keepers say them. A word that is not here is said as it is kept. The words of files stay:
 * old files read.
 */
const TERMS: Readonly<Record<string, string>> = {
  // Verdicts and approaches
  cautious: 'strict',
  middle: 'usual',
  tried: 'lenient',
  'try with a way out': 'try with an exit plan',
  harem: 'harems',
  'all-male': 'all males',
  'one-each': 'one male per species',
  // What a length is measured over
  TL: 'total length',
  // Signs
  torn: 'torn fins',
  dark: 'stress colour',
  'holds ground': 'holds territory',
  paired: 'has a partner',
  // Triggers
  light: 'light change',
  'none seen': 'no trigger seen',
  // Fish that leave
  'too rough': 'too aggressive',
  'moving house': 'moving tanks',
  'blocks a planned fish': 'in the way of a planned fish',
  found: 'found dead',
  missing: 'presumed dead',
  'put down': 'euthanised',
  // Ways of getting fish
  'own brood': 'own young',
  // What is looked at before a fish is bought
  'fins whole': 'fins intact',
  'belly not sunken': 'belly full',
  'back not thin': 'back rounded',
  'is the kind ordered': 'is the species ordered',
  // Interventions
  rearranged: 'rearranged rocks',
  'fed more often': 'more meals',
  'more refuges': 'more hiding places',
  'fewer hides': 'less rock',
  'more of the kind': 'more of the species',
  'boss set aside': 'dominant fish removed',
  'box or divider': 'target separated',
  'slightly cooler': 'cooler water',
  rehomed: 'rehoming',
  // Patterns
  'one boss': 'one dominant fish',
  'one victim': 'one target',
  duel: 'two rivals',
  'pair on guard': 'guarding pair',
  'newcomer picked on': 'newcomers picked on',
  lights: 'light change at the contests',
  'to one side': 'crowded to one side',
  'too many holders': 'too many territories',
  'torn, nobody seen': 'torn fins, attacker unseen',
  'too few females': 'too few females',
  'few data': 'too few contests',
  // Quarantine and filters
  begun: 'started',
  passed: 'finished',
  'given up': 'cancelled',
  'torn down': 'drained',
  'seeded filter runs': 'seeded filter running',
  'own nets and hoses': 'nets and hoses of its own',
  'heater on again': 'heater back on',
  // Water
  ripe: 'cycled',
  // Origin
  wild: 'wild-caught',
  // Temperament
  gentle: 'peaceful',
  pushy: 'semi-aggressive',
  rough: 'aggressive',
  deadly: 'very aggressive',
};

/** A word of a file in the words of the trade: "too rough" is "too aggressive". */
export const termOf = (word: string): string => TERMS[word] ?? word;

/** Words of files that have another name on the screen. */
export const FILE_WORDS: readonly string[] = Object.keys(TERMS);

/** Where in the tank a fish lives: "many fish live in mid-water". */
export const LAYER_PLACES = {
  top: 'at the surface',
  middle: 'in mid-water',
  bottom: 'at the bottom',
} as const;
