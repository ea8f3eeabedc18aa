'use client';

import { lightFormat, parseISO } from 'date-fns';
import { useMemo } from 'react';
import {
  FORTNIGHT_DAYS,
  fortnightOf,
  type Grouping,
  GROUPINGS,
  type Life,
  livesBy,
  livesInTanks,
  livesOf,
  livesSinceRelease,
  type LossWarning,
  lossWarnings,
  withoutIncidents,
} from '@/core/departures';
import { commonName } from '@/core/model';
import { kaplanMeier, logRank } from '@/core/stats';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTabState } from '@/session/react/useTabState';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { SelectField } from '@/ui/Field';
import { Caution, Empty, Section } from '@/ui/Screen';
import { useWords } from '@/session/react/useWords';
import { capital, fixed, percent, sayLosses } from '@/words/en';
import { Cell, Row, Table } from '@/ui/Table';
import { CurveChart } from './CurveChart';
import { LossesByMonth } from './LossesByMonth';
import { profileHref } from '@/ui/hrefs';
import { FishName } from '@/ui/plates/FishName';

const GROUPING_WORDS: Readonly<Record<Grouping, string>> = {
  species: 'species',
  source: 'source',
  tank: 'tank',
  quarantine: 'quarantine',
  protocol: 'introduction',
  way: 'how acquired',
  condition: 'condition on arrival',
  rested: 'time in the shop',
};
const GROUP_WORDS: Readonly<Partial<Record<Grouping, Readonly<Record<string, string>>>>> = {
  quarantine: { done: 'quarantined', here: 'in quarantine', none: 'no quarantine' },
  rested: { rested: 'a week or more in the shop', fresh: 'less than a week in the shop' },
};
/** More curves than this cannot be told apart by eye: the largest groups are drawn. */
const MOST_CURVES = 6;
const FEW = 10;

/** How a group is called on the screen. */
function useGroupName(): (by: Grouping, name: string) => string {
  const catalogue = useCatalogue();
  const names = useNames();
  return (by, name) => {
    if (by === 'species') {
      const profile = catalogue.byId.get(name);
      return profile ? commonName(profile) : name;
    }
    if (by === 'tank' && name !== 'not known') return names.tank(name);
    return GROUP_WORDS[by]?.[name] ?? name;
  };
}

function Warnings({
  warnings,
  nameOf,
}: {
  readonly warnings: readonly LossWarning[];
  readonly nameOf: (by: Grouping, name: string) => string;
}) {
  const words = useWords();
  return (
    <>
      {warnings.length > 1 && <p className="text-slate">Warnings can share one cause.</p>}
      {warnings.map((one) => (
        <Caution key={`${one.by}${one.name}`}>
          {capital(sayLosses(one, nameOf(one.by, one.name), words))}
        </Caution>
      ))}
    </>
  );
}

function GroupTable({
  groups,
  nameOf,
  by,
}: {
  readonly groups: ReadonlyMap<string, readonly Life[]>;
  readonly by: Grouping;
  readonly nameOf: (by: Grouping, name: string) => string;
}) {
  const catalogue = useCatalogue();
  return (
    <Table
      caption={`Losses by ${GROUPING_WORDS[by]}`}
      heads={[
        GROUPING_WORDS[by],
        { name: by === 'tank' ? 'Fish' : 'Arrived', figures: true },
        { name: 'Died', figures: true },
        { name: `In ${FORTNIGHT_DAYS} days`, figures: true },
        { name: 'Fish-days', figures: true, wide: true },
        { name: 'Alive after a year', figures: true, wide: true },
        { name: 'Median, days', figures: true, wide: true },
      ]}
    >
      {[...groups].map(([name, lives]) => {
        const curve = kaplanMeier(lives);
        const { came, lostEarly } = fortnightOf(lives);
        const at = curve.time.filter((time) => time <= 365).length - 1;
        return (
          <Row key={name}>
            <Cell>
              <FishName
                profile={by === 'species' ? catalogue.byId.get(name) : undefined}
                href={by === 'species' ? profileHref(name) : undefined}
              >
                {nameOf(by, name)}
              </FishName>
            </Cell>
            <Cell figures>{came}</Cell>
            <Cell figures>{lives.filter((life) => life.died).length}</Cell>
            <Cell figures>{lostEarly}</Cell>
            <Cell figures wide>
              {Math.round(lives.reduce((sum, { start, end }) => sum + end - start, 0))}
            </Cell>
            <Cell figures wide>
              {at >= 0 && curve.lower[at] != null && (curve.time.at(-1) ?? 0) >= 365
                ? `${percent(curve.survival[at]!)} (${percent(curve.lower[at])} to ${percent(curve.upper[at]!)})`
                : 'not known yet'}
            </Cell>
            <Cell figures wide>
              {curve.median === null ? 'over half alive' : Math.round(curve.median)}
            </Cell>
          </Row>
        );
      })}
    </Table>
  );
}

/** Losses over time, curves with limits, comparisons, warnings: over the whole room, or of one tank. */
export function LossesPart({ tank }: { readonly tank: TankView }) {
  const happenings = useHappenings();
  const nameOf = useGroupName();
  const [by, setBy] = useTabState<Grouping>('losses.by', 'source');
  const [scope, setScope] = useTabState<'room' | 'tank'>('losses.scope', 'room');
  const [from, setFrom] = useTabState<'arrival' | 'release'>('losses.from', 'arrival');
  const [without, setWithout] = useTabState('losses.without', false);
  const lives = useMemo(() => {
    if (!happenings) return null;
    const all = livesOf(happenings, todayIso());
    const asked = from === 'release' ? livesSinceRelease(all) : all;
    return scope === 'room' ? asked : livesInTanks(asked).filter((life) => life.tank === tank.id);
  }, [happenings, scope, from, tank.id]);
  const warnings = useMemo(() => (lives ? lossWarnings(lives) : []), [lives]);
  if (!lives) return <p className="text-slate">Loading…</p>;
  if (lives.length === 0) return <Empty>No arrivals yet.</Empty>;
  const counted = without ? withoutIncidents(lives) : lives;
  const groups = livesBy(counted, by);
  const largest = [...groups].sort((a, b) => b[1].length - a[1].length).slice(0, MOST_CURVES);
  const test = logRank(groups);
  const all = fortnightOf(counted);
  const incidents = [
    ...new Set(lives.flatMap((life) => (life.died && life.incident ? [life.incident] : []))),
  ];
  const deaths = counted.filter((life) => life.died).length;
  return (
    <div className="flex flex-col gap-5">
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Of"
          value={scope}
          onChange={(event) => setScope(event.target.value as 'room' | 'tank')}
        >
          <option value="room">the whole room</option>
          <option value="tank">{tank.body.name} alone</option>
        </SelectField>
        <SelectField label="By" value={by} onChange={(event) => setBy(event.target.value as Grouping)}>
          {GROUPINGS.map((one) => (
            <option key={one} value={one}>
              {GROUPING_WORDS[one]}
            </option>
          ))}
        </SelectField>
        <SelectField
          label="Days from"
          value={from}
          onChange={(event) => setFrom(event.target.value as 'arrival' | 'release')}
        >
          <option value="arrival">arrival</option>
          <option value="release">release</option>
        </SelectField>
        {incidents.length > 0 && (
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-(--deep)"
              checked={without}
              onChange={(event) => setWithout(event.target.checked)}
            />
            without incidents ({incidents.join(', ')})
          </label>
        )}
      </div>
      <Warnings warnings={warnings} nameOf={nameOf} />
      <p>
        <span className="fig">{all.lostEarly}</span> of <span className="fig">{all.came}</span> died within{' '}
        {FORTNIGHT_DAYS} days of {from} ({percent(all.came > 0 ? all.lostEarly / all.came : 0)}); of the{' '}
        <span className="fig">{all.livedOn}</span> others, <span className="fig">{all.lostLater}</span> later.
        {deaths < FEW && ' Few deaths: the curves are only a hint.'}
      </p>
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
        <Section title="Survival" aside="others count to today or departure">
          <CurveChart
            from={from}
            curves={largest.map(([name, group]) => [nameOf(by, name), kaplanMeier(group)] as const)}
          />
          {test && (
            <p className="mt-1">
              {test.p < 0.05
                ? `The groups differ (log-rank chi-square ${fixed(test.chiSquare, 1)}, ${test.df} df, p ${test.p < 0.001 ? `< ${fixed(0.001, 3)}` : fixed(test.p, 3)}).`
                : `No difference between groups (log-rank p ${fixed(test.p, 2)}).`}
              {deaths < FEW && ' Few deaths: a difference would hardly show.'}
            </p>
          )}
        </Section>
        <Section title={`By ${GROUPING_WORDS[by]}`}>
          <GroupTable groups={groups} by={by} nameOf={nameOf} />
        </Section>
      </div>
      <LossesByMonth
        deaths={counted.filter((life) => life.died)}
        lastMonth={lightFormat(parseISO(todayIso()), 'yyyy-MM')}
      />
    </div>
  );
}
