'use client';

import { useWords } from '@/session/react/useWords';
import { useMemo } from 'react';
import { stockingReport, type StockingReport, type RoutineOutlook } from '@/core/assess';
import { commonName } from '@/core/model';
import { fixed, plain, tenth } from '@/words/en';
import { useCatalogue } from '@/session/react/RoomProvider';
import { Empty, Section } from '@/ui/Screen';
import { SpanBar } from '@/ui/SpanBar';
import { Cell, Row, Table } from '@/ui/Table';
import type { useStock } from './useStock';
import { FishName } from '@/ui/plates/FishName';

const percent = (share: number): string => `${Math.round(share * 100)}%`;
/** A bar shows twice of what is full; the mark in its middle is full. */
const FULL_SHARE = 2;

function Approaches({ report }: { readonly report: StockingReport }) {
  const words = useWords();
  const { length, surface, nitrate, floor } = report.approaches;
  const rows = [
    [
      'Nitrate budget',
      nitrate.mgLWeek / nitrate.budget,
      `${tenth(nitrate.mgLWeek)} of ${words.quantity('concentration', nitrate.budget)} a week`,
      'the only one you can measure',
    ],
    [
      'Length rule',
      length.cm / Math.max(1, length.allowsCm),
      `${words.figure('length', length.cm)} of ${words.quantity('length', length.allowsCm)} of fish`,
      'an inch of fish to a US gallon of net water',
    ],
    [
      'Surface rule',
      surface.cm / Math.max(1, surface.allowsCm),
      `${words.figure('length', surface.cm)} of ${words.quantity('length', surface.allowsCm)} of fish`,
      'an inch of fish to twelve square inches',
    ],
    [
      'Floor rule',
      floor.heldCm2 / Math.max(1, floor.footprintCm2),
      `${words.area(floor.heldCm2)} of ${words.area(floor.footprintCm2)}`,
      'territories against floor',
    ],
  ] as const;
  return (
    <Table
      caption="Stocking level by rule"
      heads={[
        'Rule',
        { name: 'Level', figures: true },
        'Mark = 100%',
        'From',
        { name: 'What it is', wide: true },
      ]}
    >
      {rows.map(([name, share, from, what]) => (
        <Row key={name}>
          <Cell>{name}</Cell>
          <Cell figures>{percent(share)}</Cell>
          <Cell>
            <SpanBar from={0} to={share / FULL_SHARE} against={1 / FULL_SHARE} warn={share > 1} />
          </Cell>
          <Cell>
            <span className="fig">{from}</span>
          </Cell>
          <Cell wide>
            <span className="text-slate">{what}</span>
          </Cell>
        </Row>
      ))}
    </Table>
  );
}

const weeks = ({ weeksToLimit }: RoutineOutlook): string =>
  weeksToLimit === null ? 'never' : weeksToLimit === 0 ? 'over it already' : `${tenth(weeksToLimit)} weeks`;

function Routines({ report }: { readonly report: StockingReport }) {
  const words = useWords();
  return (
    <Table
      caption="Water change routines compared"
      heads={[
        'Routine',
        { name: 'After a change', figures: true },
        { name: 'Peak', figures: true },
        { name: `Until ${words.quantity('concentration', report.limitMgL)} if changes stop`, figures: true },
      ]}
    >
      {report.outlooks.map((outlook, index) => (
        <Row key={`${outlook.routine.fraction}/${outlook.routine.everyDays}`}>
          <Cell>
            {percent(outlook.routine.fraction)} every {tenth(outlook.routine.everyDays)} days
            {index === 0 ? ', yours' : ''}
          </Cell>
          <Cell figures>{words.quantity('concentration', outlook.after)}</Cell>
          <Cell figures>{words.quantity('concentration', outlook.before)}</Cell>
          <Cell figures>{weeks(outlook)}</Cell>
        </Row>
      ))}
    </Table>
  );
}

/** How full the tank is by every approach, what each species adds, and what routines make of it. */
export function StockingPart({ stock }: { readonly stock: ReturnType<typeof useStock> }) {
  const words = useWords();
  const catalogue = useCatalogue();
  const report = useMemo(() => stockingReport(stock.assessment), [stock.assessment]);
  if (report.lines.length === 0) return <Empty>No fish yet.</Empty>;
  return (
    <div className="flex max-w-[72rem] flex-col gap-5">
      <Approaches report={report} />
      <Section
        title="Two other routines"
        aside={`tap ${words.quantity('concentration', report.tapMgL)}; plants use about ${percent(report.plantShare)}`}
      >
        <Routines report={report} />
        <p className="mt-1 text-[0.75rem] text-slate">
          After = tap + g (1 − f) / f, before = tap + g / f, with g made between two changes and f the share
          changed.
        </p>
      </Section>
      <Section title="Where it comes from" aside="at full size; an estimate until you measure">
        <Table
          caption="What each species adds"
          heads={[
            'Species',
            { name: 'Number', figures: true },
            { name: 'Mass', figures: true },
            { name: 'Food a day', figures: true },
            { name: 'Nitrate a week', figures: true },
            { name: 'Territory', figures: true, wide: true },
          ]}
        >
          {[...report.lines]
            .sort((a, b) => b.nitrateMgLWeek - a.nitrateMgLWeek)
            .map((line) => {
              const profile = catalogue.byId.get(line.species);
              return (
                <Row key={line.species}>
                  <Cell>
                    <FishName profile={profile}>{profile ? commonName(profile) : line.species}</FishName>
                  </Cell>
                  <Cell figures>{line.count}</Cell>
                  <Cell figures>{line.massG < 10 ? fixed(line.massG, 1) : Math.round(line.massG)} g</Cell>
                  <Cell figures>{fixed(line.feedGDay, 2)} g</Cell>
                  <Cell figures>{words.reading('concentration', line.nitrateMgLWeek)}</Cell>
                  <Cell figures wide>
                    {line.heldCm2 > 0 ? words.area(line.heldCm2) : '–'}
                  </Cell>
                </Row>
              );
            })}
        </Table>
        <p className="mt-1 text-[0.75rem] text-slate">
          Mass = a L^b by body shape (Le Cren 1951); food by activity and warmth, from memory; nitrogen = food
          × protein × {plain(0.092)} (Timmons and Ebeling); nitrate = {plain(4.427)} × nitrogen.
        </p>
      </Section>
    </div>
  );
}
