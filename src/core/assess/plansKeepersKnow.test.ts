import { judge, plan, TANKS } from '@/testing/plans';
import type { PlanFile, PlanGroup, PlanTank } from '../model/plan';

/**
 * Plans that experienced keepers call sound, and plans that they call a disaster. Common practice, from memory. They were
 * written before they were run; afterwards some rules were mended by what they showed, and a few plans were reworked or
 * dropped, so that this is a guard and no proof. A sound plan may be cautioned, and is never a stop; a disaster
 * is always a stop. Groups are written as "count species", with the sexes as "males+females" and a length as "@cm".
 */
const TANK: Readonly<Record<string, PlanTank>> = {
  ...TANKS,
  us3: { lengthCm: 30.5, widthCm: 20.3, heightCm: 20.3 },
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
  ['us3', '5 neocaridina-davidi'],
  ['us5', '1 trichopsis-pumila, 5 neocaridina-davidi'],
  ['us12long', '3 trichopsis-pumila, 8 boraras-urophthalmoides'],
  ['us10', '1+2 dario-dario, 6 boraras-maculatus'],
  ['us10', '8 tucanoichthys-tucano'],
  ['us10', '6 pseudomugil-luminatus, 8 corydoras-pygmaeus'],
  ['us10', '8 heterandria-formosa, 1 planorbella-duryi'],
  ['us10', '6 oryzias-woworae, 8 neocaridina-davidi'],
  ['us20long', '1+2 apistogramma-borellii, 8 aphyocharax-anisitsi'],
  ['us20long', '10 microdevario-kubotai, 8 corydoras-hastatus, 6 otocinclus-vittatus'],
  [
    'us20long',
    '8 paracheirodon-simulans, 6 nannostomus-marginatus, 6 corydoras-duplicareus',
    { water: { ph: 6.5, ghDh: 4, temperatureC: 27 } },
  ],
  ['us20long', '2 tateurndina-ocellicauda, 8 pseudomugil-gertrudae'],
  ['us20long', '8 nannostomus-beckfordi, 8 hyphessobrycon-amandae, 6 corydoras-pygmaeus'],
  ['us20high', '6 poecilia-wingei, 6 corydoras-habrosus'],
  ['us29', '8 pethia-padamya, 6 corydoras-paleatus'],
  ['us29', '10 danio-choprae, 6 ambastaia-sidthimunki'],
  ['us40breeder', '1 trichogaster-labiosa, 8 rasbora-trilineata', { practice: { tankSize: 'tried' } }],
  ['us29', '1+1 laetacara-curviceps, 10 hemigrammus-erythrozonus, 6 corydoras-trilineatus'],
  ['us29', '1+1 nannacara-anomala, 8 nannostomus-beckfordi'],
  [
    'us29',
    '8 carnegiella-strigata, 10 paracheirodon-axelrodi, 6 corydoras-sterbai',
    { water: { ph: 6.5, ghDh: 4, temperatureC: 27 } },
  ],
  ['us29', '6 iriatherina-werneri, 8 corydoras-pygmaeus, 6 caridina-multidentata'],
  [
    'us29',
    '1+1 julidochromis-transcriptus, 8 neolamprologus-similis',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us29', '10 melanotaenia-praecox, 6 corydoras-aeneus', { practice: { tankSize: 'tried' } }],
  [
    'us40breeder',
    '8 melanotaenia-praecox, 6 rhadinocentrus-ornatus, 6 corydoras-paleatus',
    { water: { temperatureC: 24 } },
  ],
  ['us40breeder', '1+1 cleithracara-maronii, 10 hyphessobrycon-pulchripinnis, 6 corydoras-aeneus'],
  ['us40breeder', '5 botia-striata, 10 pethia-conchonius'],
  ['us40breeder', '1 pelvicachromis-pulcher, 8 hyphessobrycon-sweglesi, 3 synodontis-nigriventris'],
  ['us40breeder', '1 cryptoheros-sajica, 8 xiphophorus-hellerii'],
  ['us40breeder', '1+1 neolamprologus-brichardi', { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } }],
  ['us55', '10 phenacogrammus-interruptus, 6 synodontis-nigriventris'],
  ['us55', '8 melanotaenia-boesemani-aitinjo, 8 melanotaenia-parva'],
  [
    'us55',
    '1+4 iodotropheus-sprengerae, 1+4 labidochromis-caeruleus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  [
    'us55',
    '2 altolamprologus-calvus, 2 neolamprologus-leleupi',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us75', '1 hypsophrys-nicaraguensis, 10 xiphophorus-hellerii', { practice: { tankSize: 'tried' } }],
  ['us75', '6 mesonauta-festivus, 10 hyphessobrycon-rosaceus, 8 corydoras-sterbai'],
  ['us75', '8 glossolepis-incisus', { practice: { tankSize: 'tried' } }],
  [
    'us75',
    '1+6 labeotropheus-trewavasae, 1+5 maylandia-callainos, 1+5 iodotropheus-sprengerae',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us75', '10 trichopodus-leerii, 20 trigonostigma-heteromorpha'],
  [
    'us75',
    '12 cyprichromis-leptosoma, 2 julidochromis-marlieri',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us75', '1+3 geophagus-steindachneri, 12 hyphessobrycon-anisitsi'],
  ['us90', '1 heros-efasciatus, 8 gymnocorymbus-ternetzi, 1 ancistrus-cirrhosus'],
  [
    'us90',
    '6 symphysodon-aequifasciatus, 15 paracheirodon-axelrodi',
    { water: { temperatureC: 29, ph: 6.4, ghDh: 4 }, practice: { tankSize: 'middle' } },
  ],
  ['us125', '15 tropheus-moorii, 3 synodontis-petricola', { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } }],
  [
    'us125',
    '1+0 aulonocara-baenschi, 1+0 copadichromis-azureus, 1+0 protomelas-taeniolatus, 1+0 otopharynx-lithobates',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  [
    'us125',
    '8 xenotilapia-flavipinnis, 12 cyprichromis-leptosoma',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  [
    'us125',
    '1+3 ophthalmotilapia-ventralis, 8 paracyprichromis-nigripinnis',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 }, practice: { tankSize: 'tried' } },
  ],
  [
    'us125',
    '2 andinoacara-pulcher, 1 heros-efasciatus, 8 metynnis-hypsauchen',
    { practice: { tankSize: 'middle' } },
  ],
  ['us125', '6 chromobotia-macracanthus @6', { practice: { tankSize: 'tried' } }],
  ['us125', '1 synodontis-eupterus, 1 heros-efasciatus, 10 devario-aequipinnatus'],
  [
    'us180',
    '6 cyphotilapia-frontosa, 3 altolamprologus-compressiceps',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us180', '1 astronotus-ocellatus, 8 metynnis-argenteus', { practice: { tankSize: 'middle' } }],
  [
    'us180',
    '1+4 nimbochromis-livingstonii, 1+4 dimidiochromis-compressiceps, 1+4 protomelas-taeniolatus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us180', '8 melanotaenia-trifasciata, 8 melanotaenia-boesemani, 8 chilatherina-bleheri'],
  [
    'us180',
    '6 satanoperca-jurupari, 10 moenkhausia-pittieri',
    { water: { ph: 6.5, ghDh: 4, temperatureC: 27 } },
  ],
  [
    'big',
    '5 myloplus-rubripinnis, 4 uaru-amphiacanthoides',
    { water: { ph: 6.3, ghDh: 3, temperatureC: 27 } },
  ],
  ['m54', '8 tanichthys-albonubes, 6 neocaridina-davidi', { water: { temperatureC: 21 } }],
  [
    'm200',
    '1+1 mikrogeophagus-ramirezi, 12 paracheirodon-axelrodi, 6 corydoras-sterbai',
    { water: { temperatureC: 28, ph: 6.4, ghDh: 4 } },
  ],
  ['m200', '10 rhodeus-ocellatus', { water: { temperatureC: 19 } }],
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
  ['us5', '6 paracheirodon-innesi, 2 carassius-auratus'],
  ['us5', '3 poecilia-velifera'],
  ['us10', '2 betta-splendens-short-finned'],
  ['us10', '1 polypterus-senegalus @8'],
  ['us10', '5 danio-rerio, 1 channa-bleheri @8'],
  ['us10', '2 cyprinus-rubrofuscus @8'],
  ['us20long', '1 belonesox-belizanus, 8 poecilia-reticulata'],
  ['us20long', '1 pantodon-buchholzi, 8 hyphessobrycon-amandae'],
  [
    'us20long',
    '2 neolamprologus-tretocephalus, 8 neolamprologus-multifasciatus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us20long', '4 pterophyllum-scalare, 6 puntigrus-tetrazona'],
  ['us20long', '6 sewellia-lineolata, 1 betta-splendens', { water: { temperatureC: 28 } }],
  ['us20long', '1 gyrinocheilus-aymonieri @4'],
  ['us29', '6 tropheus-duboisi', { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } }],
  ['us29', '3 oryzias-latipes, 1 dichotomyctere-nigroviridis'],
  ['us29', '1 mastacembelus-erythrotaenia @12'],
  ['us29', '6 caridina-cantonensis, 5 botia-almorhae'],
  ['us29', '10 neocaridina-davidi, 2 thorichthys-meeki'],
  ['us29', '1 pao-suvattii, 8 puntius-titteya'],
  ['us29', '1 gnathonemus-petersii, 1 apteronotus-albifrons'],
  ['us29', '1 amphilophus-labiatus @5, 4 poecilia-sphenops'],
  ['us40breeder', '2 herichthys-carpintis, 6 poecilia-sphenops'],
  [
    'us40breeder',
    '5 aulonocara-baenschi, 3 cyphotilapia-frontosa',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us40breeder', '1 osphronemus-goramy @6'],
  ['us40breeder', '1 datnioides-microlepis @7, 8 trigonostigma-espei'],
  ['us40breeder', '6 potamotrygon-motoro-hybrid'],
  ['us55', '5 metynnis-argenteus, 1 piaractus-brachypomus @5'],
  ['us55', '12 chindongo-demasoni, 10 paracheirodon-innesi'],
  ['us55', '1 crenicichla-lepidota, 10 danio-rerio'],
  ['us55', '6 symphysodon-aequifasciatus, 10 tanichthys-albonubes'],
  ['us55', '3 leporinus-fasciatus @7, 6 pterophyllum-scalare'],
  ['us55', '8 mikrogeophagus-ramirezi, 3 carassius-auratus'],
  ['us75', '2 nandopsis-tetracanthus, 6 xiphophorus-maculatus'],
  ['us75', '1 flowerhorn, 1 amphilophus-citrinellus'],
  [
    'us75',
    '2+4 maylandia-lombardoi, 2+4 melanochromis-auratus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  [
    'us75',
    '1 petrochromis-trewavasae, 8 neolamprologus-multifasciatus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us75', '6 toxotes-jaculatrix, 6 pterophyllum-scalare'],
  ['us75', '4 scatophagus-argus, 6 trichopodus-leerii'],
  ['us75', '5 pygocentrus-nattereri @6'],
  ['us90', '8 exodon-paradoxus, 10 corydoras-aeneus'],
  ['us90', '3 astronotus-ocellatus'],
  ['us90', '1 pseudoplatystoma-fasciatum @10'],
  [
    'us90',
    '1 champsochromis-caeruleus, 10 labidochromis-caeruleus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us125', '1 osteoglossum-bicirrhosum @15'],
  ['us125', '1 parachromis-managuensis, 8 metynnis-argenteus'],
  ['us125', '1 flowerhorn, 8 chindongo-demasoni'],
  ['us125', '1 phractocephalus-hemioliopterus @10, 1 astronotus-ocellatus'],
  [
    'us125',
    '6 nimbochromis-venustus, 12 neolamprologus-multifasciatus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us125', '2 potamotrygon-leopoldi @20'],
  ['us125', '4 cichla-monoculus @12'],
  ['us125', '3 atractosteus-spatula @20'],
  [
    'us125',
    '1+4 maylandia-lombardoi, 6 lethrinops-albus',
    { water: { ph: 8.2, ghDh: 14, temperatureC: 25 } },
  ],
  ['us180', '1 cichla-monoculus, 20 hemigrammus-bleheri'],
  ['us180', '1 crenicichla-lugubris, 12 corydoras-sterbai'],
  ['us180', '1 parachromis-dovii'],
  ['us180', '2 mastacembelus-erythrotaenia'],
  ['us180', '10 tropheus-moorii, 6 symphysodon-aequifasciatus'],
  ['m54', '1 astronotus-ocellatus @4'],
  ['m200', '6 balantiocheilos-melanopterus @6'],
  ['m300', '1 atractosteus-spatula @15'],
  ['m540', '1 myxocyprinus-asiaticus @8'],
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
