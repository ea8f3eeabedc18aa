'use client';

import { DAY_MS } from '@/core/kernel';
import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { bundlesOf } from '@/core/aggression';
import type { Standing } from '@/core/events';
import { FEW_A_FISH, hierarchyMarks } from '@/core/hierarchy';
import { countOf, sayHierarchy } from '@/words/en';
import { useRoomState } from '@/session/react/RoomProvider';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useCourse } from '@/session/react/useCourse';
import { useOrder } from '@/session/react/useOrder';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { SelectField } from '@/ui/Field';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { EloChart } from './EloChart';
import { RankTable } from './RankTable';
import { WhoGraph } from './WhoGraph';

export function HierarchyScreen() {
  const tank = useTank();
  return tank ? <Hierarchy tank={tank} /> : <NoTank title="Hierarchy" />;
}

/** Who chases whom, in the order of the ranking. A blank is a pair that never met, not a draw. */
function WhoWhom({
  ranking,
  order: ids,
  nameOf,
}: {
  readonly ranking: HierarchyAnswer['ranking'];
  readonly order: readonly string[];
  readonly nameOf: (id: string) => string;
}) {
  const count = (row: string, column: string): number => ranking.wins.get(row)?.get(column) ?? 0;
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

const SPANS = [
  ['all', 'everything watched'],
  ['step', 'since the last intervention'],
  ['90', 'the last 90 days'],
  ['30', 'the last 30 days'],
] as const;
/** A table of more fish than this is shown when it is asked for. */
const MANY = 24;

/** From when on contests count. */
function spanStart(span: string, happenings: readonly Standing[], tank: string, now: number): string {
  if (span === 'step') return bundlesOf(happenings, tank).at(-1)?.on ?? '';
  return span === '30' || span === '90' ? new Date(now - Number(span) * DAY_MS).toISOString() : '';
}

/** Dominant fish and target with their shares, newcomers and their way. */
function Standouts({
  answer: { ranking, contests, newcomers },
  nameOf,
}: {
  readonly answer: HierarchyAnswer;
  readonly nameOf: (id: string) => string;
}) {
  const share = (side: 'wins' | 'losses'): readonly [string, number] | null => {
    const top = [...ranking.ranked].sort((a, b) => b[side] - a[side])[0];
    return top && contests > 0 ? [top.id, top[side] / contests] : null;
  };
  const dominant = share('wins');
  const target = share('losses');
  const percent = (value: number): string => `${Math.round(value * 100)}%`;
  return (
    <>
      {dominant && target && (
        <p>
          <strong>{nameOf(dominant[0])}</strong> started <span className="fig">{percent(dominant[1])}</span>{' '}
          of the contests; <strong>{nameOf(target[0])}</strong> was the target in{' '}
          <span className="fig">{percent(target[1])}</span>.
        </p>
      )}
      {newcomers.map((one) => (
        <p key={one.id}>
          <strong>{nameOf(one.id)}</strong> arrived {one.days} days ago and has won {one.wins} and lost{' '}
          {one.losses}
          {one.ratings.length > 1
            ? `: from 1000 to ${Math.round(one.ratings.at(-1) ?? 1000)}, at worst ${Math.round(Math.min(...one.ratings))}.`
            : ': no contest yet, not ranked.'}
        </p>
      ))}
    </>
  );
}

/** The ranking is laid out before the chart begins to draw. */
const RANKING_FIRST_MS = 120;

/** The answer once its ranking stands: the two together would hold the screen up. */
function useAfterRanking(answer: HierarchyAnswer | null): HierarchyAnswer | null {
  const [drawn, setDrawn] = useState<HierarchyAnswer | null>(null);
  useEffect(() => {
    const timer = setTimeout(() => setDrawn(answer), RANKING_FIRST_MS);
    return () => clearTimeout(timer);
  }, [answer]);
  return drawn === answer ? drawn : null;
}

/** The order among the fish of a tank, as the watches show it. */
function Hierarchy({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const happenings = useHappenings();
  const colours = useResidentColours(residents);
  const names = useNames();
  const span = useSearchParams().get('span') ?? 'all';
  const [weighted, setWeighted] = useState(false);
  const [whole, setWhole] = useState(false);
  const [now] = useState(() => Date.now());
  const router = useRouter();
  // What is no contest is little, however long the watches were.
  const other = useMemo(() => happenings?.filter((event) => event.type !== 'chased') ?? [], [happenings]);
  const from = spanStart(span, other, tank.id, now);
  const course = useCourse({ happenings, tank: tank.id, from, weighted });
  const { answer, failure, again } = useOrder(course, residents);
  const drawn = useAfterRanking(answer);
  const marks = useMemo(
    () => hierarchyMarks(other, tank.id, room, names.resident),
    [other, tank.id, room, names],
  );
  const title = `Hierarchy in ${tank.body.name}`;
  const choose = (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Span"
        value={span}
        onChange={(event) =>
          router.replace(
            `/hierarchy?tank=${tank.id}${event.target.value === 'all' ? '' : `&span=${event.target.value}`}`,
            {
              scroll: false,
            },
          )
        }
      >
        {SPANS.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </SelectField>
      <label className="flex min-h-8 items-center gap-2">
        <input
          type="checkbox"
          className="size-4 accent-(--deep)"
          checked={weighted}
          onChange={(event) => setWeighted(event.target.checked)}
        />
        weight by severity
      </label>
    </div>
  );
  if (!answer || !happenings)
    return (
      <Screen title={title}>
        {failure !== null ? (
          <Failed why={failureWords(failure) ?? ''} onAgain={again} />
        ) : (
          <p className="text-slate">Ranking…</p>
        )}
      </Screen>
    );
  const { ranking } = answer;
  if (ranking.ranked.length === 0) {
    return (
      <Screen title={title} actions={span === 'all' ? undefined : choose}>
        <Empty>
          No contests here{span === 'all' ? '' : ' in this span'}.{' '}
          <Link href={`/watch?tank=${tank.id}`} className="text-deep underline">
            Watch for ten minutes
          </Link>{' '}
          and tap who chases whom.
        </Empty>
      </Screen>
    );
  }
  const { few, ranked, unmet } = ranking;
  const order = answer.ranks.flat();
  return (
    <Screen
      title={title}
      about={`${countOf(answer.contests, 'contest')} among ${ranked.length} fish${few ? ` is few (under ${FEW_A_FISH} a fish): ranks may change` : ''}.`}
      actions={choose}
    >
      <div className="grid gap-6 lg:grid-cols-2">
        <Section title="Ranking" aside="by David’s score; brackets: too close to separate">
          <RankTable answer={answer} nameOf={names.resident} colours={colours} />
          {unmet.length > 0 && (
            <p className="mt-2 text-[13px] text-slate">Not ranked: {unmet.map(names.resident).join(', ')}.</p>
          )}
          <div className="mt-2 flex flex-col gap-1">
            <Standouts answer={answer} nameOf={names.resident} />
            {sayHierarchy(answer.measures).map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
          </div>
        </Section>
        <Section title="Over time" aside="Elo rating: all start at 1000">
          {drawn ? (
            <EloChart
              answer={drawn}
              on={course?.on ?? []}
              marks={marks}
              nameOf={names.resident}
              colours={colours}
            />
          ) : (
            <p className="h-64 text-slate">Drawing…</p>
          )}
        </Section>
      </div>
      <div className="in-sight grid gap-6 lg:grid-cols-2">
        <Section title="Who chases whom">
          {order.length <= MANY || whole ? (
            <WhoWhom ranking={ranking} order={order} nameOf={names.resident} />
          ) : (
            <Button onClick={() => setWhole(true)}>
              Show full table {order.length} by {order.length}
            </Button>
          )}
        </Section>
        <Section title="Diagram">
          <WhoGraph ranking={ranking} order={order} nameOf={names.resident} colours={colours} />
        </Section>
      </div>
    </Screen>
  );
}
