'use client';

import { useWords } from '@/session/react/useWords';
import { NO_PROMISE } from '@/words/en';
import { useMemo, useState } from 'react';
import { type CauseGroup, fishIn, groupByCause, isBad } from '@/core/assess';
import { addMonths } from '@/core/kernel';
import type { Severity } from '@/core/rules';
import { fixesOf, useTriedFixes } from '@/session/react/useTriedFixes';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { useSceneTank } from '@/session/react/useSceneTank';
import { GlassByDate } from './GlassByDate';
import { GrowingOn } from './GrowingOn';
import { Button } from '@/ui/Button';
import { useAfterPaint } from '@/ui/useAfterPaint';
import { classes } from '@/ui/classes';
import { Caution, Empty, Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { countOf, sayAssumed } from '@/words/en';
import { AddSpecies } from './AddSpecies';
import { CauseItem } from './CauseItem';
import { MainCauses } from './MainCauses';
import { StockTable } from './StockTable';
import { useFixPress } from './useFixPress';
import type { useStock } from './useStock';
import { Territories } from './Territories';
import { WaterRanges } from './WaterRanges';

/** Nobody plans further ahead on a slider; profiles that grow longer are cut here. */
const FURTHEST_MONTHS = 60;
/** From so many problems on a list is told what most of them come from. */
const MANY = 4;
/** So many groups of findings stand open before notes fold away. */
const AT_FIRST_SIGHT = 3;

/** The stock list: the glass, the list, the verdict with its reasons and fixes. */
export function ListPart({
  tank,
  stock,
}: {
  readonly tank: TankView;
  readonly stock: ReturnType<typeof useStock>;
}) {
  const words = useWords();
  const { lines, assessment } = stock;
  const [months, setMonths] = useState(0);
  const [isLong, setIsLong] = useState(false);
  // A line of the list, or the species that a finding is about.
  const [litLine, setLitLine] = useState<string | null>(null);
  const [litSpecies, setLitSpecies] = useState<string | null>(null);
  const lit = litLine ?? lines.find((line) => line.profile.id === litSpecies)?.key ?? null;
  const last = Math.min(
    FURTHEST_MONTHS,
    Math.max(12, ...lines.map((line) => line.profile.size.monthsToGrown)),
  );
  const month = addMonths(todayIso(), months);
  // The verdict comes first: the drawings follow it, and so do the notes.
  const {
    lines: drawn,
    assessment: calm,
    listed,
    colours,
  } = useAfterPaint(
    useMemo(
      () => ({ lines, assessment, listed: stock.listed, colours: stock.colours }),
      [lines, assessment, stock.listed, stock.colours],
    ),
  );
  const scene = useSceneTank(tank);
  const problems = groupByCause(assessment.findings.filter(isBad), fishIn(assessment.context.planned));
  const [notes, good] = useMemo(() => {
    const of = (severity: Severity) =>
      groupByCause(
        calm.findings.filter((finding) => finding.severity === severity),
        fishIn(calm.context.planned),
      );
    return [of('note'), of('good')];
  }, [calm]);
  // A sound list reads in one screen: the first notes stand open while there are few problems.
  const shown = notes.slice(0, Math.max(0, AT_FIRST_SIGHT - problems.length));
  const folded = notes.slice(shown.length);
  const tried = useTriedFixes(tank, stock.residents, listed);
  const press = useFixPress(tried, stock.doFix);
  const item = (group: CauseGroup) => {
    const fixes = fixesOf(tried, group);
    return (
      <CauseItem
        key={group.key}
        group={group}
        fixes={fixes}
        canDo={stock.canDo}
        onFix={press}
        onOrigin={stock.originOf}
        onLight={setLitSpecies}
        tank={tank}
        later={group.from !== null && group.from > month}
      />
    );
  };

  return (
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div className="flex min-w-0 flex-col gap-3">
        <GlassByDate
          tank={tank}
          scene={scene}
          lines={drawn}
          last={last}
          lit={lit}
          onLight={setLitLine}
          onMonths={setMonths}
        />
        <AddSpecies tank={tank} stock={stock} />
        {lines.length > 0 ? (
          <StockTable months={months} tank={tank.id} stock={stock} onLight={setLitLine} />
        ) : (
          <Empty>No fish yet. Type a name above to see what a species would change.</Empty>
        )}
        {lines.length > 0 && (
          <Section title="Water ranges" aside="bar: tolerated, band: shared, line: tank">
            <WaterRanges assessment={calm} colours={colours} />
          </Section>
        )}
        <GrowingOn tank={tank} lines={drawn} />
        <Territories tank={tank} assessment={calm} colours={colours} />
      </div>
      {/* On a phone the answer comes before the fields. */}
      <div className="min-w-0 max-lg:order-first">
        {lines.length > 0 && (
          <>
            <h2 className="sr-only">Verdict and reasons</h2>
            <div id="verdict" className="mb-1 flex items-baseline justify-between gap-2" aria-live="polite">
              <VerdictMark verdict={assessment.today} later={assessment.later} />
              <span className="text-[0.75rem] text-slate">
                {countOf(problems.length, 'problem')}, {countOf(notes.length, 'note')}
              </span>
            </div>
            <Caution>{NO_PROMISE}</Caution>
            {calm.verdict !== 'fits' && problems.length >= MANY && (
              <MainCauses
                tank={tank}
                residents={stock.residents}
                listed={listed}
                assessment={calm}
                leaveOut={stock.leaveOut}
                canDo={stock.canDo}
                onFix={stock.doFix}
              />
            )}
            <ul className={classes('mt-2', !isLong && 'first-three')} data-testid="findings">
              {problems.map(item)}
              {shown.map(item)}
            </ul>
            {!isLong && problems.length + shown.length > AT_FIRST_SIGHT && (
              <Button className="mt-1 min-h-11 w-full lg:hidden" onClick={() => setIsLong(true)}>
                {countOf(problems.length + shown.length - AT_FIRST_SIGHT, 'more finding')}
              </Button>
            )}
            {folded.length > 0 && (
              <details className="mt-2">
                <summary className="cursor-pointer text-slate">
                  {shown.length > 0 ? 'More notes' : 'Notes'} ({folded.length})
                </summary>
                <ul data-testid="notes">{folded.map(item)}</ul>
              </details>
            )}
            {good.length > 0 && (
              <details className="mt-2">
                <summary className="cursor-pointer text-slate">What works ({good.length})</summary>
                <ul>{good.map(item)}</ul>
              </details>
            )}
            {calm.assumed.length > 0 && (
              <details className="mt-2">
                <summary className="cursor-pointer text-slate">Assumed ({calm.assumed.length})</summary>
                <ul className="text-[0.8125rem] text-slate">
                  {calm.assumed.map((one) => (
                    <li key={one.path}>{sayAssumed(one, words)}.</li>
                  ))}
                </ul>
              </details>
            )}
          </>
        )}
      </div>
    </div>
  );
}
