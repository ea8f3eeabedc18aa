import { draftId } from '@/core/commands';
import { type DocumentBodies, documentOf, type DraftGroup, type RoomDocument } from '@/core/records';
import type { DocumentId, TankId } from '@/core/kernel';

type TankBody = DocumentBodies['tank'];

/** The four tanks of the demo room. All made up. */
export const DEMO_TANKS = {
  skerry: 'demo-skerry' as TankId,
  fen: 'demo-fen' as TankId,
  nursery: 'demo-nursery' as TankId,
  quay: 'demo-quay' as TankId,
} as const;

const skerry: TankBody = {
  name: 'Skerry',
  purpose: 'display',
  order: 1,
  tank: {
    lengthCm: 150,
    widthCm: 50,
    heightCm: 50,
    inside: false,
    glassMm: 10,
    waterLineCm: 47,
    substrate: 'sand',
    substrateCm: 5,
    hardscapeFraction: 0.12,
    lid: true,
    hides: { caves: 9, overhangs: 3, upright: 0, floating: 0, shells: 24 },
    plants: 'none',
    filterLph: 1600,
    lightHours: 8,
    sightBreaks: 5,
  },
  water: { temperatureC: 25, ph: 8.3, ghDh: 14, khDh: 12, nitrateTapMgL: 4, salinityPpt: 0 },
  routine: { changeFraction: 0.4, everyDays: 7, mealsPerDay: 2 },
  practice: { tankSize: 'middle', riftDensity: 'roomy', males: 'harem' },
};

const fen: TankBody = {
  name: 'Fen',
  purpose: 'display',
  order: 2,
  tank: {
    lengthCm: 91.44,
    widthCm: 45.72,
    heightCm: 40.64,
    inside: false,
    glassMm: 8,
    waterLineCm: 38,
    substrate: 'sand',
    substrateCm: 5,
    hardscapeFraction: 0.06,
    lid: false,
    hides: { caves: 2, overhangs: 2, upright: 6, floating: 3, shells: 0 },
    plants: 'dense',
    filterLph: 600,
    lightHours: 9,
    sightBreaks: 4,
  },
  water: { temperatureC: 25.5, ph: 6.8, ghDh: 6, khDh: 3, nitrateTapMgL: 4, salinityPpt: 0 },
  routine: { changeFraction: 0.3, everyDays: 7, mealsPerDay: 2 },
  practice: { tankSize: 'middle', riftDensity: 'roomy', males: 'harem' },
  entered: { lengthCm: '36 in', widthCm: '18 in', heightCm: '16 in' },
};

const nursery: TankBody = {
  name: 'Nursery',
  purpose: 'grow-out',
  order: 3,
  tank: {
    lengthCm: 80,
    widthCm: 35,
    heightCm: 40,
    inside: false,
    glassMm: 6,
    waterLineCm: 36,
    substrate: 'sand',
    substrateCm: 2,
    hardscapeFraction: 0.04,
    lid: true,
    hides: { caves: 3, overhangs: 0, upright: 1, floating: 1, shells: 0 },
    plants: 'some',
    filterLph: 500,
    lightHours: 9,
    sightBreaks: 1,
  },
  water: { temperatureC: 26.5, ph: 7, ghDh: 7, khDh: 4, nitrateTapMgL: 4, salinityPpt: 0 },
  routine: { changeFraction: 0.5, everyDays: 4, mealsPerDay: 4 },
  practice: { tankSize: 'middle', riftDensity: 'roomy', males: 'harem' },
};

const quay: TankBody = {
  name: 'Quay',
  purpose: 'quarantine',
  order: 4,
  tank: {
    lengthCm: 60,
    widthCm: 30,
    heightCm: 36,
    inside: false,
    glassMm: 5,
    waterLineCm: 32,
    substrate: 'bare',
    substrateCm: 0,
    hardscapeFraction: 0.02,
    lid: true,
    hides: { caves: 3, overhangs: 0, upright: 0, floating: 1, shells: 0 },
    plants: 'none',
    filterLph: 250,
    lightHours: 7,
    sightBreaks: 0,
  },
  water: { temperatureC: 25.5, ph: 6.9, ghDh: 6, khDh: 3, nitrateTapMgL: 4, salinityPpt: 0 },
  routine: { changeFraction: 0.3, everyDays: 3, mealsPerDay: 2 },
  practice: { tankSize: 'middle', riftDensity: 'roomy', males: 'harem' },
};

/** What Fen's keeper is tempted by: five nippers, three young giants, one rival at the surface. */
const fenList: readonly DraftGroup[] = [
  { key: 'demo-l1', group: { species: 'puntigrus-tetrazona', count: 5, lengthCm: 3, origin: 'tank-bred' } },
  {
    key: 'demo-l2',
    group: {
      species: 'trichopodus-leerii',
      count: 3,
      males: 1,
      females: 2,
      lengthCm: 7,
      origin: 'tank-bred',
      wayOut: 'Maren takes them back',
    },
  },
  {
    key: 'demo-l3',
    group: { species: 'betta-splendens', count: 1, males: 1, females: 0, lengthCm: 5.5, origin: 'tank-bred' },
  },
  { key: 'demo-l4', group: { species: 'pimelodus-pictus', count: 2, lengthCm: 5, origin: 'unknown' } },
  { key: 'demo-l5', group: { species: 'caridina-multidentata', count: 6, lengthCm: 3.5, origin: 'unknown' } },
];

const skerryList: readonly DraftGroup[] = [
  {
    key: 'demo-l6',
    group: {
      species: 'cyprichromis-leptosoma',
      count: 10,
      males: 3,
      females: 7,
      lengthCm: 5,
      origin: 'tank-bred',
    },
  },
];

/** What the keeper of the fen would like to add, some of it against some other. */
const fenWishes: RoomDocument = {
  id: `wishes-${DEMO_TANKS.fen}` as DocumentId,
  kind: 'wishes',
  rev: 1,
  body: {
    tank: DEMO_TANKS.fen,
    calm: true,
    nitrateBudget: undefined,
    wishes: [
      { species: 'trichopodus-leerii', weight: 5, price: 8 },
      { species: 'puntigrus-tetrazona', weight: 4, price: 3 },
      { species: 'trichogaster-chuna', weight: 3, price: 6 },
      { species: 'boraras-brigittae', weight: 3, price: 2.5 },
      { species: 'danio-margaritatus', weight: 4, price: 5 },
      { species: 'rasbora-trilineata', weight: 2, price: 2 },
      { species: 'kryptopterus-vitreolus', weight: 3, price: 4 },
      { species: 'botia-striata', weight: 2, price: 7 },
      { species: 'sahyadria-denisonii', weight: 4, price: 12 },
      { species: 'betta-splendens', weight: 3, price: 9 },
      { species: 'neocaridina-davidi', weight: 2, price: 3 },
      { species: 'puntius-titteya', weight: 2, price: 3 },
    ],
  },
};

/** The rocks of Skerry from above, with the dominant male in its caves on the right. */
const skerryFloor: RoomDocument = {
  id: `floor-${DEMO_TANKS.skerry}` as DocumentId,
  kind: 'floor',
  rev: 1,
  body: {
    tank: DEMO_TANKS.skerry,
    holder: { x: 118, y: 20 },
    pieces: [
      { kind: 'rock', x: 24, y: 34, lengthCm: 34, widthCm: 20, turned: 10 },
      { kind: 'rock', x: 52, y: 40, lengthCm: 18, widthCm: 14, turned: 0 },
      { kind: 'rock', x: 132, y: 36, lengthCm: 30, widthCm: 20, turned: -12 },
      { kind: 'rock', x: 104, y: 40, lengthCm: 18, widthCm: 12, turned: 0 },
      { kind: 'slate', x: 74, y: 30, lengthCm: 22, widthCm: 1, turned: 75 },
      { kind: 'slate', x: 92, y: 12, lengthCm: 18, widthCm: 1, turned: 110 },
      { kind: 'shells', x: 78, y: 14, lengthCm: 22, widthCm: 12, turned: 0 },
    ],
    before: [
      { kind: 'rock', x: 24, y: 34, lengthCm: 34, widthCm: 20, turned: 10 },
      { kind: 'rock', x: 52, y: 40, lengthCm: 18, widthCm: 14, turned: 0 },
      { kind: 'rock', x: 132, y: 36, lengthCm: 30, widthCm: 20, turned: -12 },
      { kind: 'rock', x: 104, y: 40, lengthCm: 18, widthCm: 12, turned: 0 },
      { kind: 'shells', x: 78, y: 14, lengthCm: 22, widthCm: 12, turned: 0 },
    ],
  },
};

const draft = (tank: TankId, name: string, groups: readonly DraftGroup[]): RoomDocument =>
  documentOf('draft', draftId(tank), { tank, name, groups: [...groups] });
const tank = (id: TankId, body: TankBody): RoomDocument =>
  documentOf('tank', id as unknown as DocumentId, body);

export const demoDocuments = (): readonly RoomDocument[] => [
  tank(DEMO_TANKS.skerry, skerry),
  tank(DEMO_TANKS.fen, fen),
  tank(DEMO_TANKS.nursery, nursery),
  tank(DEMO_TANKS.quay, quay),
  draft(DEMO_TANKS.skerry, 'Spring list', skerryList),
  draft(DEMO_TANKS.fen, 'Wish list', fenList),
  fenWishes,
  skerryFloor,
];
