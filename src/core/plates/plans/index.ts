import { angel } from './angel';
import { apisto } from './apisto';
import { applesnail } from './applesnail';
import { archer } from './archer';
import { arowana } from './arowana';
import { badis } from './badis';
import { banjo } from './banjo';
import { barb } from './barb';
import { bass } from './bass';
import { betta } from './betta';
import { bichir } from './bichir';
import { blueeye } from './blueeye';
import { bushfish } from './bushfish';
import { butterflyfish } from './butterflyfish';
import { carp } from './carp';
import { convict } from './convict';
import { cory } from './cory';
import { crab } from './crab';
import { crayfish } from './crayfish';
import { cyprich } from './cyprich';
import { danio } from './danio';
import { datnoid } from './datnoid';
import { discus } from './discus';
import { distichodus } from './distichodus';
import { dollar } from './dollar';
import { eel } from './eel';
import { elephantnose } from './elephantnose';
import { eyebiter } from './eyebiter';
import { fancy } from './fancy';
import { featherback } from './featherback';
import { festivum } from './festivum';
import { frog } from './frog';
import { frontosa } from './frontosa';
import { gar } from './gar';
import { geo } from './geo';
import { giantgourami } from './giantgourami';
import { glasscat } from './glasscat';
import { glassfish } from './glassfish';
import { glassknife } from './glassknife';
import { goby } from './goby';
import { gobycichlid } from './gobycichlid';
import { gourami } from './gourami';
import { grazer } from './grazer';
import { guapote } from './guapote';
import { gudgeon } from './gudgeon';
import { guppy } from './guppy';
import { halfbeak } from './halfbeak';
import { hap } from './hap';
import { hatchet } from './hatchet';
import { headstander } from './headstander';
import { heavycat } from './heavycat';
import { hillstream } from './hillstream';
import { hunter } from './hunter';
import { iridescent } from './iridescent';
import { julie } from './julie';
import { killi } from './killi';
import { kisser } from './kisser';
import { knife } from './knife';
import { krib } from './krib';
import { labeo } from './labeo';
import { lamp } from './lamp';
import { leaf } from './leaf';
import { loach } from './loach';
import { mbuna } from './mbuna';
import { minnow } from './minnow';
import { molly } from './molly';
import { mono } from './mono';
import { oscar } from './oscar';
import { oto } from './oto';
import { paradise } from './paradise';
import { parrot } from './parrot';
import { peacock } from './peacock';
import { pencil } from './pencil';
import { pike } from './pike';
import { piranha } from './piranha';
import { platy } from './platy';
import { pleco } from './pleco';
import { plunderer } from './plunderer';
import { pondsnail } from './pondsnail';
import { puffer } from './puffer';
import { rainbow } from './rainbow';
import { ram } from './ram';
import { ramshorn } from './ramshorn';
import { raphael } from './raphael';
import { rasbora } from './rasbora';
import { ray } from './ray';
import { ricefish } from './ricefish';
import { ropefish } from './ropefish';
import { sandsifter } from './sandsifter';
import { scat } from './scat';
import { severum } from './severum';
import { shell } from './shell';
import { shovelnose } from './shovelnose';
import { shrimp } from './shrimp';
import { skirt } from './skirt';
import { snail } from './snail';
import { snakehead } from './snakehead';
import { spinyeel } from './spinyeel';
import { spire } from './spire';
import { squeaker } from './squeaker';
import { stoneloach } from './stoneloach';
import { sword } from './sword';
import { tetra } from './tetra';
import { torpedo } from './torpedo';
import { tropheus } from './tropheus';
import { twig } from './twig';
import { vieja } from './vieja';
import { whiptail } from './whiptail';
import { whiskered } from './whiskered';
import { wildbetta } from './wildbetta';
import type { Build } from '../animal';

/** Body plans, by name. */
export const PLANS: Readonly<Record<string, Build>> = {
  angel,
  apisto,
  applesnail,
  archer,
  arowana,
  badis,
  banjo,
  barb,
  bass,
  betta,
  bichir,
  blueeye,
  bushfish,
  butterflyfish,
  carp,
  convict,
  cory,
  crab,
  crayfish,
  cyprich,
  danio,
  datnoid,
  discus,
  distichodus,
  dollar,
  eel,
  elephantnose,
  eyebiter,
  fancy,
  featherback,
  festivum,
  frog,
  frontosa,
  gar,
  geo,
  giantgourami,
  glasscat,
  glassfish,
  glassknife,
  goby,
  gobycichlid,
  gourami,
  grazer,
  guapote,
  gudgeon,
  guppy,
  halfbeak,
  hap,
  hatchet,
  headstander,
  heavycat,
  hillstream,
  hunter,
  iridescent,
  julie,
  killi,
  kisser,
  knife,
  krib,
  labeo,
  lamp,
  leaf,
  loach,
  mbuna,
  minnow,
  molly,
  mono,
  oscar,
  oto,
  paradise,
  parrot,
  peacock,
  pencil,
  pike,
  piranha,
  platy,
  pleco,
  plunderer,
  pondsnail,
  puffer,
  rainbow,
  ram,
  ramshorn,
  raphael,
  rasbora,
  ray,
  ricefish,
  ropefish,
  sandsifter,
  scat,
  severum,
  shell,
  shovelnose,
  shrimp,
  skirt,
  snail,
  snakehead,
  spinyeel,
  spire,
  squeaker,
  stoneloach,
  sword,
  tetra,
  torpedo,
  tropheus,
  twig,
  vieja,
  whiptail,
  whiskered,
  wildbetta,
};
