'use client';

import { useMemo } from 'react';

import { densities, type DensityChoice, roomPlan } from '@/core/assess';
import { useCatalogue } from '@/session/react/RoomProvider';
import type { TankView } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { countOf, percent, tenth } from '@/words/en';
import type { useStock } from './useStock';

const NAMES = { roomy: 'Roomy', dense: 'Dense' } as const;
const WARNINGS = {
  roomy: 'Few share the chasing: watch the weakest, and add no single fish later.',
  dense: 'Chasing is shared out. Never skip a water change; keep a spare tank for those that lose.',
} as const;

const numberOf = (kind: DensityChoice['openWater']): string => (kind === null ? '–' : `up to ${kind.upTo}`);

const listBy = ({ verdict, stops, cautions }: DensityChoice): string =>
  stops + cautions === 0
    ? verdict === 'fits'
      ? 'Fits'
      : ''
    : [stops > 0 ? countOf(stops, 'stop') : '', cautions > 0 ? countOf(cautions, 'caution') : '']
        .filter((text) => text !== '')
        .join(', ');

/** Lake Malawi numbers by two approaches, side by side: how many, at what price, and with what warning. Nothing for other lists. */
export function RoomyOrDense({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const catalogue = useCatalogue();
  const words = useWords();
  const { residents, listed, doFix } = stock;
  const choices = useMemo(() => {
    const today = todayIso();
    return densities(roomPlan(tank.body, residents, listed, catalogue, today), catalogue, today);
  }, [tank.body, residents, listed, catalogue]);
  const [first] = choices;
  if (!first) return null;
  const mgL = (value: number): string => words.quantity('concentration', Math.round(value));
  const routine = ({ routine }: DensityChoice): string =>
    routine === null ? 'none of the usual' : `${percent(routine.fraction)} every ${routine.everyDays} days`;
  const rows: readonly (readonly [string, (choice: DensityChoice) => string])[] = [
    ...(first.openWater
      ? [
          [
            `Peacocks and haps (now ${first.openWater.now})`,
            (one: DensityChoice) => numberOf(one.openWater),
          ] as const,
        ]
      : []),
    ...(first.rockDwellers
      ? [
          [
            `Mbuna (now ${first.rockDwellers.now})`,
            (one: DensityChoice) => numberOf(one.rockDwellers),
          ] as const,
        ]
      : []),
    ['Nitrate a week', (one) => mgL(one.nitrateMgLWeek)],
    ['Water change that holds it', routine],
    ['After one missed change', (one) => `${mgL(one.missedMgL)} instead of ${mgL(one.peakMgL)}`],
    ['Filter, real turnover', (one) => `${tenth(one.turnoverPerHour)} tank volumes an hour`],
    ['Warning', ({ density }) => WARNINGS[density]],
    ['Your list by it', listBy],
  ];
  return (
    <Section title="Roomy or dense" aside="keepers disagree about numbers for Lake Malawi cichlids">
      <Table
        caption="Roomy and dense stocking"
        heads={[{ name: 'What', hidden: true }, NAMES.roomy, NAMES.dense]}
      >
        {rows.map(([name, of]) => (
          <Row key={name}>
            <Cell>
              <span className="text-slate">{name}</span>
            </Cell>
            {choices.map((choice) => (
              <Cell key={choice.density}>{of(choice)}</Cell>
            ))}
          </Row>
        ))}
        <tr>
          <Cell />
          {choices.map(({ density, current }) => (
            <Cell key={density}>
              {current ? (
                <span className="font-semibold">
                  {tank.body.practice.riftDensity === density ? 'You stock like this' : 'Usual for this list'}
                </span>
              ) : (
                <Button onClick={() => doFix({ edit: { kind: 'set-density', density } })}>
                  Stock {density === 'roomy' ? 'roomy' : 'densely'}
                </Button>
              )}
            </Cell>
          ))}
        </tr>
      </Table>
      <p className="mt-2 text-[0.8125rem] text-slate">
        Nitrate with the full number, grown: an estimate until you measure.
        {choices.every(({ current }) => !current) &&
          ' Now: peacocks and haps roomy, mbuna dense, the usual way.'}
      </p>
    </Section>
  );
}
