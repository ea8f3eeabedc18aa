import { judge, plan, TANKS } from '@/testing/plans';
import type { PlanFile, PlanGroup, PlanTank } from '../model/plan';

/**
 * Plans that experienced keepers call sound, and plans that they call a disaster. Common practice, written down from
 * memory by keepers' rules of thumb, before they were run. A sound plan may be cautioned, and is never a stop; a disaster
 * is always a stop. Groups are written as "count species", with the sexes as "males+females" and a length as "@cm".
 */
const TANK: Readonly<Record<string, PlanTank>> = {
  ...TANKS,
  m54: { lengthCm: 60, widthCm: 30, heightCm: 30 },
  m200: { lengthCm: 100, widthCm: 40, heightCm: 50 },
  m300: { lengthCm: 120, widthCm: 50, heightCm: 50 },
  m540: { lengthCm: 150, widthCm: 60, heightCm: 60 },
  big: { lengthCm: 240, widthCm: 75, heightCm: 60 },
};

function group(text: string): PlanGroup {
  const [, number, name, cm] = /^([\d+]+) ([a-z0-9-]+)(?: @([\d.]+))?$/.exec(text.trim()) ?? [];
  if (number === undefined || name === undefined) throw new Error(`not a group: ${text}`);
  const [males, females] = number.split('+').map(Number);
  return {
    species: name,
    origin: 'tank-bred',
    ...(females === undefined ? { count: males! } : { count: males! + females, males, females }),
    ...(cm === undefined ? {} : { lengthCm: Number(cm) }),
  };
}

const read = (tank: string, groups: string, more: Partial<PlanFile> = {}): PlanFile =>
  plan(TANK[tank]!, groups.split(',').map(group), more);

const SOUND: readonly Row[] = [
  ['us5', '10 neocaridina-davidi, 2 vittina-natalensis'],
  ['us5', '1 betta-splendens, 1 vittina-natalensis'],
  ['us10', '8 boraras-brigittae, 6 neocaridina-davidi'],
  ['us10', '6 poecilia-reticulata, 1 vittina-natalensis'],
  ['us10', '6 danio-margaritatus, 6 neocaridina-davidi'],
  ['us20long', '10 paracheirodon-innesi, 6 corydoras-panda'],
  ['us20long', '15 melanotaenia-pygmaea'],
  ['us20long', '1 betta-splendens, 8 trigonostigma-heteromorpha, 6 corydoras-aeneus'],
  ['us20long', '8 hemigrammus-erythrozonus, 6 corydoras-aeneus, 1 trichogaster-chuna'],
  ['us20long', '12 boraras-merah, 8 corydoras-habrosus, 10 neocaridina-davidi'],
  ['us20high', '6 xiphophorus-maculatus, 6 corydoras-paleatus'],
  ['us29', '1+1 mikrogeophagus-altispinosus, 10 hyphessobrycon-herbertaxelrodi, 6 corydoras-aeneus'],
  ['us29', '10 paracheirodon-axelrodi, 6 corydoras-sterbai, 1 ancistrus-cirrhosus'],
  ['us29', '8 danio-rerio, 6 puntius-titteya, 6 corydoras-paleatus'],
  ['us29', '1 trichogaster-lalius, 10 trigonostigma-espei, 6 pangio-kuhlii'],
  ['us29', '1+2 apistogramma-cacatuoides, 10 paracheirodon-axelrodi'],
  ['us40breeder', '1+1 pelvicachromis-pulcher, 10 hyphessobrycon-megalopterus, 6 corydoras-trilineatus'],
  ['us40breeder', '8 puntigrus-tetrazona, 6 corydoras-aeneus, 1 ancistrus-cirrhosus'],
  ['us40breeder', '7 melanotaenia-kamaka, 6 corydoras-aeneus'],
  ['us40breeder', '8 neolamprologus-multifasciatus'],
  ['us55', '8 melanotaenia-boesemani, 6 corydoras-sterbai'],
  ['us55', '12 xiphophorus-variatus, 8 corydoras-paleatus, 1 ancistrus-cirrhosus'],
  [
    'us55',
    '1+4 labidochromis-caeruleus, 1+4 iodotropheus-sprengerae, 1+4 maylandia-callainos',
    { water: { ph: 8, ghDh: 12 } },
  ],
  ['us75', '6 pterophyllum-scalare @4, 8 gymnocorymbus-ternetzi, 6 corydoras-sterbai'],
  [
    'us75',
    '1+4 labidochromis-caeruleus, 1+4 chindongo-saulosi, 3+7 cynotilapia-zebroides',
    { water: { ph: 8, ghDh: 12 } },
  ],
  ['us75', '2 andinoacara-pulcher, 10 hyphessobrycon-columbianus, 1 ancistrus-cirrhosus'],
  ['us75', '1 thorichthys-meeki, 8 xiphophorus-hellerii, 1 ancistrus-cirrhosus'],
  ['us75', '10 glossolepis-wanamensis, 8 corydoras-sterbai'],
  ['us75', '20 chindongo-demasoni', { water: { ph: 8, ghDh: 12 } }],
  ['us75', '8 tropheus-duboisi, 7 tropheus-duboisi', { water: { ph: 8.5, ghDh: 14 } }],
  [
    'us90',
    '5 symphysodon-aequifasciatus, 12 hemigrammus-bleheri, 8 corydoras-sterbai',
    { water: { temperatureC: 29, ph: 6.5, ghDh: 5 } },
  ],
  ['us90', '1 flowerhorn'],
  ['us125', '6 metynnis-argenteus, 2 heros-efasciatus'],
  [
    'us125',
    '1+4 aulonocara-stuartgranti, 1+4 copadichromis-borleyi, 1+4 sciaenochromis-fryeri, 1 synodontis-multipunctatus @9',
    { water: { ph: 8, ghDh: 12 } },
  ],
  ['us125', '6 cyphotilapia-frontosa @6', { water: { ph: 8.4, ghDh: 14 } }],
  [
    'us125',
    '12 cyprichromis-leptosoma, 2 altolamprologus-calvus, 2 julidochromis-transcriptus',
    { water: { ph: 8.4, ghDh: 14 } },
  ],
  ['us125', '1 astronotus-ocellatus, 1 pterygoplichthys-pardalis', { practice: { tankSize: 'tried' } }],
  ['us125', '8 sahyadria-denisonii, 10 devario-aequipinnatus, 8 botia-striata'],
  ['us125', '1 epalzeorhynchos-bicolor, 12 puntigrus-tetrazona, 6 botia-almorhae'],
  [
    'us180',
    '7 geophagus-altifrons, 8 metynnis-hypsauchen',
    { water: { temperatureC: 28, ph: 6.8, ghDh: 5 } },
  ],
  [
    'us180',
    '8 geophagus-pyrocephalus, 10 moenkhausia-pittieri, 1 hypancistrus-zebra',
    { water: { temperatureC: 28, ph: 6.8, ghDh: 5 } },
  ],
  [
    'us180',
    '5 uaru-amphiacanthoides, 8 metynnis-argenteus',
    { water: { temperatureC: 28, ph: 6.2, ghDh: 3 } },
  ],
  ['m54', '1+1 lamprologus-ocellatus', { water: { ph: 8.2, ghDh: 14 } }],
  ['m200', '6 trichopodus-leerii, 10 hyphessobrycon-pulchripinnis, 8 corydoras-aeneus'],
  ['m300', '6 pterophyllum-scalare @4, 10 nematobrycon-palmeri @3'],
  ['m540', '8 phenacogrammus-interruptus, 8 synodontis-nigriventris, 1+1 pelvicachromis-taeniatus'],
  ['big', '8 chromobotia-macracanthus @6, 20 puntigrus-tetrazona'],
  ['us20long', '10 tanichthys-albonubes, 5 sewellia-lineolata', { water: { temperatureC: 22 } }],
  ['us29', '6 carinotetraodon-travancoricus'],
  ['us40breeder', '1+1 neolamprologus-leleupi, 1+1 julidochromis-ornatus', { water: { ph: 8.2, ghDh: 14 } }],
];

const DISASTERS: readonly Row[] = [
  ['us10', '1 carassius-auratus, 1 betta-splendens'],
  ['us10', '3 pterophyllum-scalare'],
  ['us20long', '2 betta-splendens'],
  ['us20long', '1 betta-splendens, 6 puntigrus-tetrazona'],
  ['us20long', '1 astronotus-ocellatus, 10 paracheirodon-innesi'],
  ['us29', '1 amphilophus-citrinellus'],
  ['us29', '1 pterygoplichthys-pardalis, 2 balantiocheilos-melanopterus'],
  ['us29', '1 dichotomyctere-nigroviridis, 6 poecilia-sphenops'],
  ['us29', '4 barbonymus-schwanenfeldii'],
  ['us40breeder', '1 parachromis-managuensis'],
  ['us55', '6 chindongo-demasoni'],
  ['us55', '2+6 melanochromis-auratus'],
  ['us55', '8 maylandia-lombardoi, 6 pterophyllum-scalare'],
  ['us55', '6 paracheirodon-axelrodi, 6 labidochromis-caeruleus'],
  ['us55', '1 osteoglossum-bicirrhosum'],
  ['us55', '1 phractocephalus-hemioliopterus @8'],
  ['us75', '5 symphysodon-aequifasciatus, 6 carassius-auratus'],
  ['us75', '6 symphysodon-aequifasciatus, 8 labidochromis-caeruleus'],
  ['us75', '1 flowerhorn, 6 metynnis-argenteus'],
  ['us75', '2 epalzeorhynchos-bicolor, 2 epalzeorhynchos-frenatum'],
  ['us75', '5 chromobotia-macracanthus'],
  ['us75', '1 nimbochromis-livingstonii, 10 xiphophorus-maculatus'],
  ['us90', '1 polypterus-senegalus, 10 paracheirodon-innesi'],
  ['us90', '6 dimidiochromis-compressiceps, 20 poecilia-reticulata'],
  ['us125', '1 cichla-ocellaris @10'],
  ['us125', '3 potamotrygon-leopoldi'],
  ['us125', '1 parachromis-dovii, 1 amphilophus-labiatus'],
  ['us125', '1 piaractus-brachypomus @6'],
  ['us125', '8 exodon-paradoxus, 6 pterophyllum-scalare'],
  ['us125', '5 pygocentrus-nattereri, 10 hyphessobrycon-pulchripinnis'],
  ['us125', '6 monodactylus-argenteus, 6 pterophyllum-scalare'],
  ['us125', '12 tropheus-moorii, 6 geophagus-altifrons'],
  ['us125', '1 ctenopoma-acutirostre, 10 hemigrammus-bleheri'],
  ['us180', '1 astronotus-ocellatus, 12 hemigrammus-erythrozonus'],
  ['us180', '1 atractosteus-spatula'],
  ['us180', '1 crenicichla-lugubris, 10 paracheirodon-axelrodi'],
  ['us180', '1 pseudoplatystoma-fasciatum @10, 6 pterophyllum-scalare'],
  ['us20long', '6 caridina-dennerli, 6 caridina-cantonensis'],
  ['us20long', '1 procambarus-clarkii, 6 corydoras-pygmaeus'],
  ['us20long', '10 neocaridina-davidi, 3 thorichthys-meeki'],
  ['us20long', '5 carnegiella-strigata, 8 danio-rerio', { tank: { ...TANKS.us20long, lid: false } }],
  ['us20long', '1 macropodus-opercularis, 1 betta-splendens'],
  ['us29', '8 aulonocara-stuartgranti'],
  ['m54', '6 metynnis-argenteus @5'],
  ['m200', '1 mastacembelus-erythrotaenia @15'],
  ['us55', '10 nothobranchius-rachovii, 1 belonesox-belizanus'],
  ['us75', '5+0 melanochromis-auratus, 5+0 maylandia-estherae', { practice: { males: 'all-male' } }],
  ['us40breeder', '4 datnioides-microlepis @6, 10 danio-rerio'],
  ['us125', '6 tropheus-duboisi'],
  ['us75', '2 eretmodus-cyanostictus, 1 petrochromis-trewavasae'],
];

type Row = readonly [string, string, Partial<PlanFile>?];
const rows = (plans: readonly Row[]) =>
  plans.map(([tank, groups, more]) => [`${tank} with ${groups}`, read(tank, groups, more)] as const);

const said = (file: PlanFile): readonly string[] =>
  judge(file)
    .findings.filter((finding) => finding.severity === 'stop')
    .map((finding) => `${finding.rule}: ${finding.text}`);

describe('plans that keepers call sound', () => {
  it.each(rows(SOUND))('%s is no stop', (_name, file) => {
    expect(said(file)).toEqual([]);
  });
});

describe('plans that keepers call a disaster', () => {
  it.each(rows(DISASTERS))('%s is a stop', (_name, file) => {
    expect(judge(file).verdict).toBe('stop');
  });
});
