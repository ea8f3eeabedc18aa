import type { Resident, Standing } from '../events';
import type { DraftGroup } from '../records';
import { writeCsvTable } from '../kernel';

type NameOf = (id: string) => string;

export const CONTEST_COLUMNS = [
  'time',
  'winner',
  'loser',
  'what',
  'bad',
  'place',
  'trigger',
  'watch',
  'result',
] as const;
export const WATCH_COLUMNS = ['time', 'minutes', 'note', 'watch'] as const;
export const WATER_COLUMNS = [
  'time',
  'temperatureC',
  'ph',
  'ammoniaMgL',
  'nitriteMgL',
  'nitrateMgL',
  'ghDh',
  'khDh',
  'tdsPpm',
  'note',
] as const;
export const DEPARTURE_COLUMNS = [
  'time',
  'who',
  'what',
  'count',
  'how',
  'reason',
  'taker',
  'credit',
  'cause',
  'incident',
  'note',
] as const;
export const STOCK_COLUMNS = [
  'species',
  'name',
  'count',
  'males',
  'females',
  'lengthCm',
  'origin',
  'came',
  'from',
  'state',
  'until',
  'nextTank',
  'wayOut',
  'price',
  'buy',
  'shop',
] as const;

const ofTank = (happenings: readonly Standing[], tank: string): readonly Standing[] =>
  happenings.filter((event) => 'tank' in event && event.tank === tank);

/** Contests of a tank as CSV: `order` on the command line reads it. */
export const contestsCsv = (happenings: readonly Standing[], tank: string, nameOf: NameOf): string =>
  writeCsvTable(
    CONTEST_COLUMNS,
    ofTank(happenings, tank).flatMap((event) =>
      event.type === 'chased'
        ? [
            [
              event.on,
              nameOf(event.winner),
              nameOf(event.loser),
              event.what,
              event.bad ?? null,
              event.place,
              event.trigger ?? null,
              event.watch,
              event.undecided ? 'undecided' : 'won',
            ],
          ]
        : [],
    ),
  );

/** Watches of a tank as CSV; quiet ones too. */
export const watchesCsv = (happenings: readonly Standing[], tank: string): string =>
  writeCsvTable(
    WATCH_COLUMNS,
    ofTank(happenings, tank).flatMap((event) =>
      event.type === 'watched' ? [[event.on, event.minutes, event.note, event.watch ?? null]] : [],
    ),
  );

/** Water tests of a tank as CSV: °C, mg/L, °dH, ppm. */
export const waterCsv = (happenings: readonly Standing[], tank: string): string =>
  writeCsvTable(
    WATER_COLUMNS,
    ofTank(happenings, tank).flatMap((event) =>
      event.type === 'tested'
        ? [
            [
              event.on,
              event.temperatureC ?? null,
              event.ph ?? null,
              event.ammoniaMgL ?? null,
              event.nitriteMgL ?? null,
              event.nitrateMgL ?? null,
              event.ghDh ?? null,
              event.khDh ?? null,
              event.tdsPpm ?? null,
              event.note,
            ],
          ]
        : [],
    ),
  );

/** Those that left a tank, as CSV. */
export const departuresCsv = (
  happenings: readonly Standing[],
  isOfTank: (resident: string) => boolean,
  nameOf: NameOf,
): string =>
  writeCsvTable(
    DEPARTURE_COLUMNS,
    happenings.flatMap((event) => {
      if ((event.type !== 'died' && event.type !== 'rehomed') || !isOfTank(event.resident)) return [];
      const who = nameOf(event.resident);
      return event.type === 'died'
        ? [
            [
              event.on,
              who,
              'died',
              event.count,
              event.how,
              null,
              null,
              null,
              event.cause,
              event.incident ?? null,
              event.note,
            ],
          ]
        : [
            [
              event.on,
              who,
              'rehomed',
              event.count,
              null,
              event.reason,
              event.taker,
              event.credit,
              null,
              null,
              event.note,
            ],
          ];
    }),
  );

/** Who lives in a tank, and what is listed for it, as CSV. Lengths in cm. */
export const stockTableCsv = (residents: readonly Resident[], listed: readonly DraftGroup[]): string =>
  writeCsvTable(STOCK_COLUMNS, [
    ...residents.map((one) => [
      one.species,
      one.name,
      one.count,
      one.individual ? (one.sex === 'male' ? 1 : null) : one.males,
      one.individual ? (one.sex === 'female' ? 1 : null) : one.females,
      one.lengthCm,
      one.origin,
      one.cameOn.slice(0, 10),
      one.source,
      'here',
      one.until ?? '',
      one.nextTank,
      '',
      null,
      null,
      '',
    ]),
    ...listed.map(({ group, price, buy, shop }) => [
      group.species,
      '',
      group.count,
      group.males ?? null,
      group.females ?? null,
      group.lengthCm ?? null,
      group.origin ?? 'unknown',
      '',
      '',
      'listed',
      group.until ?? '',
      group.nextTank ?? '',
      group.wayOut ?? '',
      price ?? null,
      buy ?? null,
      shop ?? '',
    ]),
  ]);
