'use client';

import { DAY_MS } from '@/core/kernel';
import { Link } from '@/ui/Link';
import { useRouter, useSearchParams } from 'next/navigation';
import { type ReactNode, useEffect, useMemo, useState } from 'react';
import { bundlesOf } from '@/core/aggression';
import type { Standing } from '@/core/events';
import { FEW_A_FISH, hierarchyMarks } from '@/core/hierarchy';
import { countOf, type RoomNames, sayHierarchy, sayPairsToWatch } from '@/words/en';
import { useRoomState } from '@/session/react/RoomProvider';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useCourse } from '@/session/react/useCourse';
import { useOrder } from '@/session/react/useOrder';
import type { HierarchyAnswer } from '@/workers/hierarchyWork';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useTabState } from '@/session/react/useTabState';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { failureWords } from '@/workers/workerLine';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { SelectField, TextField } from '@/ui/Field';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { EloChart } from './EloChart';
import { RankTable } from './RankTable';
import { Standouts } from './Standouts';
import { WhoGraph } from './WhoGraph';
import { WhoWhom } from './WhoWhom';

export function HierarchyScreen() {
  const tank = useTank();
  return tank ? <Hierarchy tank={tank} /> : <NoTank title="Hierarchy" />;
}

function Tick({
  on,
  onChange,
  children,
}: {
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
  readonly children: ReactNode;
}) {
  return (
    <label className="flex min-h-8 items-center gap-2">
      <input
        type="checkbox"
        className="size-4 accent-(--deep)"
        checked={on}
        onChange={(event) => onChange(event.target.checked)}
      />
      {children}
    </label>
  );
}

const SPANS = [
  ['all', 'everything watched'],
  ['step', 'since the last intervention'],
  ['90', 'the last 90 days'],
  ['30', 'the last 30 days'],
  ['dates', 'from one day to another'],
] as const;
/** A table of more fish than this is shown when it is asked for. */
const MANY = 24;

/** From when on contests count. */
function spanStart(span: string, happenings: readonly Standing[], tank: string, now: number): string {
  if (span === 'step') return bundlesOf(happenings, tank).at(-1)?.on ?? '';
  return span === '30' || span === '90' ? new Date(now - Number(span) * DAY_MS).toISOString() : '';
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

/** Names, with a word behind those that live here no more. */
function useThoseNamed(tank: TankView): RoomNames {
  const names = useNames();
  const residents = useRoomState((state) => state.room.residents);
  return useMemo(
    () => ({
      ...names,
      resident: (id) => {
        const one = residents[id];
        const isGone = one !== undefined && (one.tank !== tank.id || one.count === 0);
        return `${names.resident(id)}${isGone ? ' (left)' : ''}`;
      },
    }),
    [names, residents, tank.id],
  );
}

/** The first and the last moment of the keeper's own day; nothing where none is said. */
const startOf = (day: string): string => (day === '' ? '' : new Date(`${day}T00:00:00`).toISOString());
const endOf = (day: string): string => new Date(`${day}T23:59:59.999`).toISOString();

/** The order among the fish of a tank, as the watches show it. */
function Hierarchy({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const happenings = useHappenings();
  const params = useSearchParams();
  const span = params.get('span') ?? 'all';
  const [firstDay, lastDay] = [params.get('from') ?? '', params.get('to') ?? ''];
  const [hasLeft, setHasLeft] = useTabState('ranking.left', false);
  const [hasBefore, setHasBefore] = useTabState('ranking.before', true);
  const [weighted, setWeighted] = useTabState('ranking.weighted', false);
  const [whole, setWhole] = useTabState('ranking.whole', false);
  const [now] = useState(() => Date.now());
  const router = useRouter();
  // What is no contest is little, however long the watches were.
  const other = useMemo(() => happenings?.filter((event) => event.type !== 'chased') ?? [], [happenings]);
  const from = span === 'dates' ? startOf(firstDay) : spanStart(span, other, tank.id, now);
  const to = span === 'dates' && lastDay !== '' ? endOf(lastDay) : undefined;
  const asked = useMemo(
    () => ({
      tank: tank.id,
      from,
      weighted,
      ...(to !== undefined && { to }),
      ...(hasBefore && { together: new Set<string>(residents.map((one) => one.id)) }),
    }),
    [tank.id, from, to, weighted, hasBefore, residents],
  );
  const course = useCourse(happenings, asked);
  const among = useMemo(
    () =>
      hasLeft && course ? [...new Set([...residents.map((one) => one.id), ...course.packed.ids])] : undefined,
    [hasLeft, course, residents],
  );
  const { answer, failure, again } = useOrder(course, residents, among);
  const everyone = useMemo(
    () => (among ?? []).flatMap((id) => room.residents[id] ?? []),
    [among, room.residents],
  );
  const colours = useResidentColours(hasLeft ? everyone : residents);
  const names = useThoseNamed(tank);
  const drawn = useAfterRanking(answer);
  const marks = useMemo(() => hierarchyMarks(other, tank.id), [other, tank.id]);
  const title = `Hierarchy in ${tank.body.name}`;
  const go = (how: Readonly<Record<string, string | null>>): void => {
    const next = new URLSearchParams(params);
    for (const [name, value] of Object.entries(how)) {
      if (value === null) next.delete(name);
      else next.set(name, value);
    }
    router.replace(`/hierarchy?${next}`, { scroll: false });
  };
  const choose = (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Span"
        value={span}
        onChange={(event) => go({ span: event.target.value === 'all' ? null : event.target.value })}
      >
        {SPANS.map(([id, words]) => (
          <option key={id} value={id}>
            {words}
          </option>
        ))}
      </SelectField>
      {span === 'dates' && (
        <>
          <TextField
            label="From"
            type="date"
            value={firstDay}
            onChange={(event) => go({ from: event.target.value || null })}
          />
          <TextField
            label="To"
            type="date"
            value={lastDay}
            onChange={(event) => go({ to: event.target.value || null })}
          />
        </>
      )}
      <Tick on={weighted} onChange={setWeighted}>
        weight by severity
      </Tick>
      <Tick on={hasLeft} onChange={setHasLeft}>
        with those who left
      </Tick>
      <Tick on={hasBefore} onChange={setHasBefore}>
        with contests from earlier tanks
      </Tick>
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
      <Screen title={title} actions={choose}>
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
      about={`${countOf(answer.contests, 'contest')} among ${ranked.length} fish${few ? ` is few (under ${FEW_A_FISH} a fish): ranks may change` : ''}.${course && course.before > 0 ? ` ${course.before} of them from before, in earlier tanks.` : ''}`}
      actions={choose}
    >
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
        <Section title="Ranking" aside="by David’s score; brackets: too close to separate">
          <RankTable tank={tank.id} answer={answer} nameOf={names.resident} colours={colours} />
          {unmet.length > 0 && (
            <p className="mt-2 text-[0.8125rem] text-slate">
              Not ranked: {unmet.map(names.resident).join(', ')}.
            </p>
          )}
          <div className="mt-2 flex flex-col gap-1">
            <Standouts answer={answer} nameOf={names.resident} />
            {sayHierarchy(answer.measures).map((sentence) => (
              <p key={sentence}>{sentence}</p>
            ))}
            {answer.toWatch.length > 0 && <p>{sayPairsToWatch(answer.toWatch, names.resident)}</p>}
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
      <div className="in-sight grid grid-cols-1 gap-6 lg:grid-cols-2">
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
