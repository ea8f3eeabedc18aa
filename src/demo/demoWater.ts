import { CHANGE_CHECKS, type ChangeCheck, type Dated } from '@/core/events';
import type { TankId } from '@/core/kernel';
import { DEMO_TANKS } from './demoTanks';

type On = (daysAgo: number, minutes?: number) => string;

/** Nitrate read in the fen: how many days ago, mg/L, as a drop test shows it. One of them was misread. */
const FEN_NITRATE = [
  [60, 12],
  [53, 14],
  [46, 15],
  [39, 30],
  [32, 16],
  [25, 15],
  [18, 17],
  [11, 16],
  [4, 18],
] as const;

const changed = (
  on: string,
  tank: TankId,
  fraction: number,
  forgotten: readonly ChangeCheck[] = [],
): Dated => ({
  type: 'water-changed',
  on,
  tank,
  fraction,
  checked: CHANGE_CHECKS.filter((check) => !forgotten.includes(check)),
  note: '',
});

/** Tests, changes and filters of the demo room. */
export function demoWater(on: On): readonly Dated[] {
  const { fen, nursery, quay, skerry } = DEMO_TANKS;
  return [
    ...FEN_NITRATE.flatMap(([daysAgo, nitrateMgL]): Dated[] => [
      {
        type: 'tested',
        on: on(daysAgo),
        tank: fen,
        nitrateMgL,
        ammoniaMgL: 0,
        nitriteMgL: 0,
        ph: 6.8,
        temperatureC: 25,
        by: 'kit',
        note: daysAgo === 39 ? 'Light was poor; perhaps misread.' : '',
      },
      changed(on(daysAgo, 30), fen, 0.4),
    ]),
    ...[14, 10, 6, 2].map((daysAgo) => changed(on(daysAgo, 10), nursery, 0.5)),
    { type: 'filter', on: on(52), tank: quay, what: 'seeded', note: 'A sponge from the fen.' },
    { type: 'filter', on: on(30), tank: quay, what: 'dosed', doseMgL: 2, note: '' },
    { type: 'tested', on: on(29), tank: quay, ammoniaMgL: 0, nitriteMgL: 0, by: 'kit', note: '' },
    { type: 'tested', on: on(9), tank: skerry, nitrateMgL: 14, ph: 8.3, by: 'kit', note: '' },
    changed(on(9, 40), skerry, 0.4),
  ];
}
