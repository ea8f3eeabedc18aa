import type { Cm } from '@/core/kernel/units/quantities';
import type { WishesFile } from '@/core/lineups/wishes';

const TETRAS = `paracheirodon-innesi paracheirodon-axelrodi hemigrammus-bleheri hemigrammus-erythrozonus
  hyphessobrycon-amandae hyphessobrycon-columbianus hyphessobrycon-eques hyphessobrycon-erythrostigma
  hyphessobrycon-herbertaxelrodi hyphessobrycon-megalopterus hyphessobrycon-pulchripinnis hyphessobrycon-rosaceus
  hyphessobrycon-sweglesi pristella-maxillaris thayeria-boehlkei nematobrycon-palmeri nannostomus-beckfordi
  nannostomus-marginatus carnegiella-strigata gasteropelecus-sternicla gymnocorymbus-ternetzi moenkhausia-pittieri`;
const BARBS = `boraras-brigittae boraras-maculatus danio-rerio danio-margaritatus danio-erythromicron desmopuntius-pentazona
  pethia-conchonius pethia-padamya puntigrus-tetrazona puntius-titteya rasbora-trilineata sahyadria-denisonii
  sundadanio-axelrodi tanichthys-albonubes trigonostigma-espei trigonostigma-heteromorpha devario-aequipinnatus`;
const FLOOR = `corydoras-aeneus corydoras-panda corydoras-sterbai corydoras-pygmaeus corydoras-habrosus otocinclus-vittatus
  ancistrus-cirrhosus pangio-kuhlii botia-striata ambastaia-sidthimunki rineloricaria-lanceolata kryptopterus-vitreolus`;
const CENTRES = `pterophyllum-scalare trichopodus-leerii trichogaster-lalius trichogaster-chuna mikrogeophagus-ramirezi
  apistogramma-cacatuoides apistogramma-borellii cleithracara-maronii laetacara-curviceps melanotaenia-praecox
  melanotaenia-boesemani iriatherina-werneri pseudomugil-furcatus xiphophorus-maculatus poecilia-reticulata`;
const MBUNA = `labidochromis-caeruleus chindongo-saulosi chindongo-demasoni chindongo-socolofi maylandia-estherae
  maylandia-callainos maylandia-greshakei maylandia-lombardoi cynotilapia-zebroides iodotropheus-sprengerae
  labeotropheus-trewavasae melanochromis-auratus pseudotropheus-cyaneorhabdos pseudotropheus-johannii
  synodontis-petricola synodontis-multipunctatus`;
const HAPS = `aulonocara-baenschi aulonocara-jacobfreibergi aulonocara-stuartgranti copadichromis-azureus copadichromis-borleyi
  cyrtocara-moorii placidochromis-phenochilus protomelas-taeniolatus sciaenochromis-fryeri otopharynx-lithobates
  nimbochromis-livingstonii nimbochromis-venustus dimidiochromis-compressiceps lethrinops-albus`;
const TANGANYIKA = `altolamprologus-calvus altolamprologus-compressiceps julidochromis-transcriptus julidochromis-marlieri
  neolamprologus-brichardi neolamprologus-leleupi neolamprologus-multifasciatus neolamprologus-similis
  lamprologus-ocellatus cyprichromis-leptosoma paracyprichromis-nigripinnis xenotilapia-flavipinnis
  ophthalmotilapia-ventralis tropheus-duboisi eretmodus-cyanostictus synodontis-lucipinnis cyphotilapia-frontosa`;
const SOUTH = `astronotus-ocellatus geophagus-altifrons geophagus-steindachneri heros-efasciatus mesonauta-festivus
  satanoperca-jurupari uaru-amphiacanthoides metynnis-hypsauchen semaprochilodus-taeniurus pimelodus-pictus
  platydoras-armatulus panaqolus-maccus hypselecara-temporalis andinoacara-pulcher myloplus-rubripinnis
  leporinus-fasciatus symphysodon-aequifasciatus pterophyllum-scalare`;

const names = (...lists: readonly string[]): readonly string[] => [
  ...new Set(lists.flatMap((list) => list.trim().split(/\s+/))),
];

const box = (lengthCm: Cm, widthCm: Cm, heightCm: Cm) => ({ lengthCm, widthCm, heightCm });

/** Weights that repeat in a fixed order: nobody likes all alike. */
const file = (
  tank: WishesFile['tank'],
  species: readonly string[],
  more: Partial<WishesFile> = {},
): WishesFile => ({
  tank,
  ...more,
  wishes: species.map((name, i) => ({ species: name, weight: [3, 1, 5, 2, 4, 2, 1][i % 7] as number })),
});

/** Ten wish lists as keepers write them, from a small planted tank to a wall of rock: drawn up for tests and benches. */
export const WISH_LISTS: Readonly<Record<string, WishesFile>> = {
  'nano, 12 wishes': file(box(60, 30, 36), names(BARBS).slice(0, 12)),
  'planted 75, 22 tetras': file(box(122, 46, 53), names(TETRAS)),
  'South-East Asia, 29 wishes': file(box(120, 45, 50), names(BARBS, FLOOR)),
  'community 40, 40 wishes': file(box(122, 46, 53), names(TETRAS, BARBS, FLOOR, CENTRES).slice(0, 40)),
  'community 60, 60 wishes': file(box(180, 60, 60), names(TETRAS, BARBS, FLOOR, CENTRES).slice(0, 60)),
  'warm soft, 27 wishes': file(box(150, 50, 50), [...names(TETRAS).slice(0, 12), ...names(CENTRES)], {
    water: { temperatureC: 27, ph: 6.5, ghDh: 5 },
  }),
  'mbuna rock, 16 wishes': file(box(150, 50, 50), names(MBUNA), { water: { temperatureC: 25.5, ph: 8.2 } }),
  'Malawi mixed, 30 wishes': file(box(180, 60, 60), names(MBUNA, HAPS)),
  'Tanganyika, 17 wishes': file(box(150, 50, 50), names(TANGANYIKA), {
    water: { temperatureC: 25.5, ph: 8.8 },
  }),
  'big South Americans, 18 wishes': file(box(240, 80, 70), names(SOUTH)),
};
