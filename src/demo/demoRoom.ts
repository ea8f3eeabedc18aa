import type { RoomDocument } from '@/core/journal/documents';
import type { Dated, Entry, Member, Sign } from '@/core/journal/events';
import type { EntryId, ResidentId, TankId } from '@/core/model/ids';
import { DEMO_TANKS, demoDocuments } from './demoTanks';
import { demoWater } from './demoWater';

const DAY_MS = 86_400_000;

/** A small repeatable source of chance (Lehmer), so that the demo is the same every day. */
function chance(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 48_271) % 2_147_483_647) / 2_147_483_647;
}

const one = (id: string, name: string, sex: Member['sex'] = 'unknown'): Member => ({
  id: id as ResidentId,
  name,
  count: 1,
  individual: true,
  sex,
  males: null,
  females: null,
});
const many = (id: string, name: string, count: number): Member => ({
  id: id as ResidentId,
  name,
  count,
  individual: false,
  sex: 'unknown',
  males: null,
  females: null,
});

/** Who lives in Skerry, with how often each wins: the keeper's record has to find that out. */
const FIGHTERS = [
  { id: 'demo-amber', nerve: 0.92 },
  { id: 'demo-saffron', nerve: 0.7 },
  { id: 'demo-tawny', nerve: 0.45 },
  { id: 'demo-ladder', nerve: 0.6 },
  { id: 'demo-rung', nerve: 0.35 },
  { id: 'demo-slate', nerve: 0.25 },
  { id: 'demo-inky', nerve: 0.15 },
] as const;

const PLACES = ['left, floor', 'middle, floor', 'right, floor', 'right, floor', 'middle, top'] as const;
const KINDS = ['chase', 'chase', 'chase', 'nip', 'flare', 'lock', 'ram'] as const;

/** Watches of the last five weeks: how many days ago, how long, how many contests. */
const WATCHES = [
  [33, 20, 9],
  [30, 15, 7],
  [27, 20, 8],
  [23, 15, 6],
  [20, 20, 9],
  [17, 10, 0],
  [13, 20, 6],
  [10, 15, 4],
  [6, 20, 5],
  [2, 15, 3],
] as const;

function came(
  on: string,
  tank: TankId,
  species: string,
  members: Member[],
  lengthCm: number,
  from: string,
  note = '',
): Dated {
  return {
    type: 'came',
    on,
    tank,
    species,
    members,
    lengthCm,
    origin: 'tank-bred',
    from,
    note,
    way: from.includes('club') ? 'club' : 'shop',
    quarantine: tank === DEMO_TANKS.quay ? 'here' : from.includes('Tarn') ? 'none' : 'done',
  };
}

const saw = (on: string, tank: TankId, resident: string, what: Sign, place = '', note = ''): Dated => ({
  type: 'saw',
  on,
  tank,
  resident: resident as ResidentId,
  what,
  place,
  note,
});

const counted = (on: string, tank: TankId, species: string, seen: number): Dated => ({
  type: 'counted',
  on,
  tank,
  species,
  seen,
  note: '',
});

const lost = (
  on: string,
  resident: string,
  count: number,
  more: Partial<Extract<Dated, { type: 'died' }>>,
): Dated => ({
  type: 'died',
  on,
  resident: resident as ResidentId,
  count,
  how: 'found',
  cause: '',
  note: '',
  ...more,
});

function contests(on: (daysAgo: number, minutes?: number) => string): readonly Dated[] {
  const next = chance(20_261);
  return WATCHES.flatMap(([daysAgo, minutes, count], index) => {
    const watch = `demo-watch-${index + 1}`;
    const chases = Array.from({ length: count }, (_, i): Dated => {
      // The boldest is in nearly every second quarrel.
      const a = FIGHTERS[next() < 0.45 ? 0 : Math.floor(next() * FIGHTERS.length)]!;
      const others = FIGHTERS.filter((fighter) => fighter !== a);
      const b = others[Math.floor(next() * others.length)]!;
      const aWins = next() < a.nerve / (a.nerve + b.nerve) + (a.nerve > b.nerve ? 0.22 : -0.22);
      const [winner, loser] = aWins ? [a.id, b.id] : [b.id, a.id];
      return {
        type: 'chased',
        on: on(daysAgo, 1 + Math.floor(((i + 0.5) * (minutes - 1)) / count)),
        tank: DEMO_TANKS.skerry,
        watch,
        winner: winner as ResidentId,
        loser: loser as ResidentId,
        what: KINDS[Math.floor(next() * KINDS.length)]!,
        place: PLACES[Math.floor(next() * PLACES.length)]!,
        trigger: next() < 0.3 ? 'feeding' : 'none seen',
      };
    });
    return [
      ...chases,
      {
        type: 'watched',
        on: on(daysAgo, minutes),
        tank: DEMO_TANKS.skerry,
        watch,
        minutes,
        note: index === 5 ? 'Lights just on, everyone quiet.' : '',
      } satisfies Dated,
    ];
  });
}

function story(on: (daysAgo: number, minutes?: number) => string): readonly Dated[] {
  const { skerry, fen, nursery, quay } = DEMO_TANKS;
  return [
    came(
      on(210),
      skerry,
      'neolamprologus-multifasciatus',
      [many('demo-shells', 'Shell colony', 7)],
      3.5,
      'Harbour Aquatics',
    ),
    came(
      on(190),
      skerry,
      'julidochromis-transcriptus',
      [one('demo-ladder', 'Ladder'), one('demo-rung', 'Rung')],
      5.5,
      'Ylva, club table',
    ),
    came(
      on(160),
      skerry,
      'altolamprologus-calvus',
      [one('demo-slate', 'Slate', 'male'), one('demo-inky', 'Inky', 'female'), one('demo-soot', 'Soot')],
      6,
      'Harbour Aquatics',
    ),
    came(
      on(75),
      skerry,
      'neolamprologus-leleupi',
      [
        one('demo-amber', 'Amber'),
        one('demo-saffron', 'Saffron'),
        one('demo-tawny', 'Tawny'),
        one('demo-ochre', 'Ochre'),
      ],
      7,
      'Ylva, club table',
      'Last to go in, rocks moved the same hour.',
    ),
    { type: 'stepped-in', on: on(75, 20), tank: skerry, step: 'rearranged', note: '' },
    {
      type: 'paired',
      on: on(120),
      first: 'demo-ladder' as ResidentId,
      second: 'demo-rung' as ResidentId,
      note: 'Share the left cave.',
    },
    {
      type: 'sexed',
      on: on(40),
      resident: 'demo-amber' as ResidentId,
      sex: 'male',
      sure: 'likely',
      males: null,
      females: null,
      note: 'Largest, holds two caves.',
    },
    {
      type: 'fry',
      on: on(52),
      tank: skerry,
      species: 'neolamprologus-multifasciatus',
      seen: 6,
      note: 'At the mouth of the third shell.',
    },
    { type: 'measured', on: on(28), resident: 'demo-amber' as ResidentId, lengthCm: 8.5 },
    {
      type: 'rehomed',
      on: on(25),
      resident: 'demo-ochre' as ResidentId,
      count: 1,
      reason: 'bullied',
      taker: 'Maren, club',
      credit: 'a bag of crypts',
      note: 'Torn tail, driven to the surface for a week.',
    },
    {
      type: 'stepped-in',
      on: on(21),
      tank: skerry,
      step: 'sight breaks',
      note: 'Two upright slates between the caves.',
    },
    {
      type: 'died',
      on: on(58),
      resident: 'demo-soot' as ResidentId,
      count: 1,
      how: 'missing',
      cause: '',
      note: 'Not seen for three weeks, nothing behind the rocks.',
    },
    {
      type: 'counted',
      on: on(9),
      tank: skerry,
      species: 'neolamprologus-multifasciatus',
      seen: 11,
      note: '',
    },
    came(
      on(260),
      fen,
      'trigonostigma-heteromorpha',
      [many('demo-harlequins', 'Harlequins', 16)],
      2.5,
      'Harbour Aquatics',
    ),
    came(on(230), fen, 'pangio-kuhlii', [many('demo-kuhlis', 'Kuhlis', 8)], 6, 'Tarn & Tide'),
    {
      type: 'died',
      on: on(96),
      resident: 'demo-harlequins' as ResidentId,
      count: 1,
      how: 'found',
      cause: 'old or ill, thin',
      note: '',
    },
    {
      type: 'died',
      on: on(61),
      resident: 'demo-harlequins' as ResidentId,
      count: 1,
      how: 'found',
      cause: '',
      note: 'On the floor behind the tank: no lid.',
    },
    {
      type: 'counted',
      on: on(19),
      tank: fen,
      species: 'pangio-kuhlii',
      seen: 5,
      note: 'By torch, after lights out.',
    },
    { type: 'counted', on: on(19, 5), tank: fen, species: 'trigonostigma-heteromorpha', seen: 14, note: '' },
    came(
      on(64),
      nursery,
      'chromobotia-macracanthus',
      [many('demo-clowns', 'Young clowns', 5)],
      5,
      'Tarn & Tide',
      'Until the large tank stands.',
    ),
    came(
      on(16),
      quay,
      'ambastaia-sidthimunki',
      [many('demo-chains', 'Chain loaches', 8)],
      3.5,
      'Tarn & Tide',
    ),
    came(
      on(150),
      fen,
      'hyphessobrycon-amandae',
      [many('demo-embers', 'Embers', 12)],
      1.6,
      'Tarn & Tide',
      'No quarantine tank was free.',
    ),
    lost(on(146), 'demo-embers', 2, { note: 'One with a white mouth.', signs: ['spots or film'] }),
    lost(on(143), 'demo-embers', 3, { signs: ['flashing', 'spots or film'] }),
    lost(on(139), 'demo-embers', 2, { cause: 'the same again' }),
    lost(on(133), 'demo-embers', 1, { how: 'missing' }),
    {
      type: 'rehomed',
      on: on(100),
      resident: 'demo-embers' as ResidentId,
      count: 4,
      reason: 'other',
      taker: 'Ylva, club table',
      credit: '',
      note: 'Too few to be a shoal.',
    },
    {
      type: 'water-changed',
      on: on(112),
      tank: nursery,
      fraction: 0.5,
      checked: ['temperature matched', 'heater on again', 'lid closed'],
      note: 'Interrupted at the door.',
    },
    came(
      on(130),
      nursery,
      'melanotaenia-praecox',
      [many('demo-praecox', 'Young praecox', 9)],
      2.5,
      'Harbour Aquatics',
    ),
    lost(on(111), 'demo-praecox', 6, {
      incident: 'no dechlorinator',
      cause: 'chlorine, most likely',
      signs: ['gasping'],
    }),
    {
      type: 'rehomed',
      on: on(80),
      resident: 'demo-praecox' as ResidentId,
      count: 3,
      reason: 'surplus',
      taker: 'Maren, club',
      credit: '',
      note: '',
    },
    ...[
      [120, 16],
      [90, 15],
      [60, 14],
      [40, 13],
    ].map(([daysAgo, seen]) => counted(on(daysAgo!), fen, 'trigonostigma-heteromorpha', seen!)),
    ...[
      [100, 6],
      [60, 4],
    ].map(([daysAgo, seen]) => counted(on(daysAgo!), fen, 'pangio-kuhlii', seen!)),
    saw(on(33, 5), skerry, 'demo-amber', 'holds ground', 'right, floor'),
    saw(on(30, 6), skerry, 'demo-ladder', 'holds ground', 'left, floor'),
    saw(on(13, 7), skerry, 'demo-slate', 'holds ground', 'middle, floor'),
    saw(on(13, 9), skerry, 'demo-tawny', 'torn', '', 'Left side of the tail.'),
    saw(on(6, 9), skerry, 'demo-tawny', 'hiding', 'middle, top'),
    {
      type: 'quarantine',
      on: on(16, 20),
      tank: quay,
      what: 'begun',
      days: 28,
      checked: ['seeded filter runs', 'dechlorinated', 'own nets and hoses'],
      note: '',
    },
    {
      type: 'saw',
      on: on(14, 4),
      tank: quay,
      resident: null,
      what: 'flashing',
      place: '',
      note: 'Two, against the sponge.',
    },
    { type: 'looked', on: on(15), tank: quay, hours: 24, seen: 8, signs: ['eating'], note: '' },
    {
      type: 'noted',
      on: on(14),
      tank: quay,
      text: 'Two flash against the sponge; watch, nothing to see on the skin.',
    },
  ];
}

/**
 * A room of made-up tanks, keepers and shops, dated back from the day it is opened.
 *
 * `today` is an ISO date; the same day gives the same room.
 */
export function demoRoom(today: string): {
  readonly documents: readonly RoomDocument[];
  readonly entries: readonly Entry[];
} {
  const evening = Date.parse(`${today}T18:30:00.000Z`);
  const on = (daysAgo: number, minutes = 0): string =>
    new Date(evening - daysAgo * DAY_MS + minutes * 60_000).toISOString();
  const happened = [...story(on), ...contests(on), ...demoWater(on)].sort((a, b) =>
    a.on < b.on ? -1 : a.on > b.on ? 1 : 0,
  );
  const entries = happened.map(
    (event, index) =>
      ({
        ...event,
        id: `demo-${String(index + 1).padStart(3, '0')}` as EntryId,
        seq: index + 1,
        recorded: event.on,
      }) as Entry,
  );
  return { documents: demoDocuments(), entries };
}
