'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useMemo } from 'react';
import { FEW_A_FISH, ladderOf, type Ladder } from '@/core/order/ladderOf';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';

const EloChart = dynamic(() => import('./EloChart'), {
  ssr: false,
  loading: () => <p className="text-slate">Drawing…</p>,
});

export function OrderScreen() {
  const tank = useTank();
  return tank ? <Order tank={tank} /> : <NoTank title="Order" />;
}

/** The ladder as a ladder: the higher the rating, the higher the rung. */
function Rungs({
  ladder,
  nameOf,
  colours,
}: {
  readonly ladder: Ladder;
  readonly nameOf: (id: string) => string;
  readonly colours: ReadonlyMap<string, string>;
}) {
  const others = Math.max(0, ladder.rungs.length + ladder.unmet.length - 1);
  return (
    <table className="w-full text-left">
      <thead className="text-[12px] text-slate">
        <tr className="border-b border-line">
          <th className="py-1 font-medium">Place</th>
          <th className="font-medium">Who</th>
          <th className="text-right font-medium">Rating</th>
          <th className="text-right font-medium">Won</th>
          <th className="text-right font-medium">Lost</th>
          <th className="text-right font-medium">Met</th>
        </tr>
      </thead>
      <tbody>
        {ladder.rungs.map((rung, index) => (
          <tr key={rung.id} className="border-b border-line">
            <td className="fig py-1.5">{index + 1}</td>
            <td className="font-medium">
              <span
                className="mr-2 inline-block h-3 w-1.5"
                style={{ background: colours.get(rung.id) }}
                aria-hidden="true"
              />
              {nameOf(rung.id)}
            </td>
            <td className="fig text-right">{Math.round(rung.rating)}</td>
            <td className="fig text-right">{rung.wins}</td>
            <td className="fig text-right">{rung.losses}</td>
            <td className="fig text-right text-slate">
              {rung.met} of {others}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** Who chases whom, in the order of the ladder. A blank is a pair that never met, not a draw. */
function WhoWhom({ ladder, nameOf }: { readonly ladder: Ladder; readonly nameOf: (id: string) => string }) {
  const ids = ladder.rungs.map((rung) => rung.id);
  const count = (row: string, column: string): number => ladder.wins.get(row)?.get(column) ?? 0;
  const most = Math.max(1, ...ids.flatMap((row) => ids.map((column) => count(row, column))));
  return (
    <div className="overflow-x-auto">
      <table className="text-left">
        <caption className="sr-only">Wins of the fish in the row over the fish in the column</caption>
        <thead className="text-[12px] text-slate">
          <tr>
            <th className="py-1 pr-3 font-medium">chases ↓ whom →</th>
            {ids.map((id) => (
              <th key={id} className="min-w-12 px-1 text-center font-medium">
                {nameOf(id)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ids.map((row) => (
            <tr key={row} className="border-t border-line">
              <th scope="row" className="py-1 pr-3 font-medium">
                {nameOf(row)}
              </th>
              {ids.map((column) => {
                const wins = count(row, column);
                const unknown = row !== column && wins === 0 && count(column, row) === 0;
                return (
                  <td
                    key={column}
                    className="fig text-center"
                    title={
                      row === column
                        ? undefined
                        : unknown
                          ? `${nameOf(row)} and ${nameOf(column)} never met`
                          : `${nameOf(row)} over ${nameOf(column)}: ${wins}`
                    }
                    style={
                      wins > 0
                        ? {
                            background: `color-mix(in srgb, var(--deep) ${Math.round((wins / most) * 35)}%, transparent)`,
                          }
                        : undefined
                    }
                  >
                    {row === column ? '·' : unknown ? <span className="text-slate">?</span> : wins}
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** The order among the fish of a tank, as the watches show it. */
function Order({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const happenings = useHappenings();
  const colours = useResidentColours(residents);
  const names = useNames();
  const ladder = useMemo(
    () => (happenings ? ladderOf(happenings, tank.id, residents) : null),
    [happenings, tank.id, residents],
  );
  const title = `Order in ${tank.body.name}`;
  if (!ladder)
    return (
      <Screen title={title}>
        <p className="text-slate">Reading the journal…</p>
      </Screen>
    );
  if (ladder.rungs.length === 0) {
    return (
      <Screen title={title}>
        <Empty>
          No contest has been logged here.{' '}
          <Link href={`/watch?tank=${tank.id}`} className="text-deep underline">
            Watch for ten minutes
          </Link>{' '}
          and press who goes for whom; the ladder grows from that.
        </Empty>
      </Screen>
    );
  }
  const { few, contests, rungs, unknownPairs, pairs, unmet } = ladder;
  return (
    <Screen
      title={title}
      about={`${contests.length} contests among ${rungs.length} fish. ${few ? `That is few: with fewer than ${FEW_A_FISH} a fish, neighbours on the ladder may well stand the other way round.` : ''} ${unknownPairs} of ${pairs} pairs never met in a watch.`}
    >
      <div className="grid gap-6 lg:grid-cols-2">
        <Section title="Ladder" aside="Elo rating: all start at 1000, 100 points at stake">
          <Rungs ladder={ladder} nameOf={names.resident} colours={colours} />
          {unmet.length > 0 && (
            <p className="mt-2 text-[13px] text-slate">
              In no contest, so in no place: {unmet.map(names.resident).join(', ')}.
            </p>
          )}
        </Section>
        <Section title="How it moved">
          <EloChart ladder={ladder} nameOf={names.resident} colours={colours} />
        </Section>
      </div>
      <Section title="Who goes for whom">
        <WhoWhom ladder={ladder} nameOf={names.resident} />
      </Section>
    </Screen>
  );
}
