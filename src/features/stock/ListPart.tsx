'use client';

import { useWords } from '@/session/react/useWords';
import { NO_PROMISE } from '@/words/en';
import { format, parse } from 'date-fns';
import { Slider } from 'radix-ui';
import { useDeferredValue, useMemo, useState } from 'react';
import { type CauseGroup, fishIn, fixKey, groupByCause, isBad, type TriedFix } from '@/core/assess';
import { addMonths } from '@/core/kernel';
import { lengthAfterMonths } from '@/core/growth';
import type { PlanEdit, Severity } from '@/core/rules';
import { useTriedFixes } from '@/session/react/useTriedFixes';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { useSceneTank } from '@/session/react/useSceneTank';
import { GlassScene } from '@/ui/scene/GlassScene';
import { Caution, Empty, Section } from '@/ui/Screen';
import { VerdictMark } from '@/ui/SeverityMark';
import { countOf, sayAssumed } from '@/words/en';
import { AddSpecies } from './AddSpecies';
import { CauseItem, editKey } from './CauseItem';
import { MainCauses } from './MainCauses';
import { StockTable } from './StockTable';
import type { useStock } from './useStock';
import { WaterRanges } from './WaterRanges';

/** Nobody plans further ahead on a slider; profiles that grow longer are cut here. */
const FURTHEST_MONTHS = 60;
/** From so many problems on a list is told what most of them come from. */
const MANY = 4;
/** So many groups of findings stand open before notes fold away. */
const AT_FIRST_SIGHT = 3;

/** The same empty list each time: nothing is drawn anew. */
const NO_FIXES: readonly TriedFix[] = [];

const monthWords = (month: string): string => format(parse(month, 'yyyy-MM', new Date()), 'MMMM yyyy');

function DateSlider({
  months,
  last,
  onChange,
}: {
  readonly months: number;
  readonly last: number;
  readonly onChange: (months: number) => void;
}) {
  const month = addMonths(todayIso(), months);
  return (
    <div className="no-print flex items-center gap-3">
      <span className="text-[12px] text-slate">today</span>
      <Slider.Root
        className="relative flex h-7 flex-1 touch-none items-center"
        value={[months]}
        max={last}
        step={1}
        onValueChange={([value = 0]) => onChange(value)}
      >
        <Slider.Track className="relative h-[3px] grow bg-line">
          <Slider.Range className="absolute h-full bg-deep" />
        </Slider.Track>
        <Slider.Thumb
          aria-label="Month shown"
          aria-valuetext={monthWords(month)}
          className="block size-5 border-2 border-deep bg-panel"
        />
      </Slider.Root>
      <span className="text-[12px] text-slate">grown</span>
      <span className="fig w-36 text-right">{months === 0 ? 'today' : monthWords(month)}</span>
    </div>
  );
}

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
  // A line of the list, or the species that a finding is about.
  const [litLine, setLitLine] = useState<string | null>(null);
  const [litSpecies, setLitSpecies] = useState<string | null>(null);
  const lit = litLine ?? lines.find((line) => line.profile.id === litSpecies)?.key ?? null;
  const last = Math.min(
    FURTHEST_MONTHS,
    Math.max(12, ...lines.map((line) => line.profile.size.monthsToGrown)),
  );
  const month = addMonths(todayIso(), months);
  const groups = useMemo(
    () =>
      lines.map((line) => ({
        key: line.key,
        profile: line.profile,
        count: line.count,
        lengthCm: lengthAfterMonths(line.profile, line.lengthCm, months),
        fromCm: line.lengthCm,
        toCm: lengthAfterMonths(line.profile, line.lengthCm, last),
        colour: line.colour,
        planned: line.listed !== null,
      })),
    [lines, months, last],
  );
  // The verdict comes first: the drawings follow it.
  const drawn = useDeferredValue(groups);
  const calm = useDeferredValue(assessment);
  const listed = useDeferredValue(stock.listed);
  const colours = useDeferredValue(stock.colours);
  const scene = useSceneTank(tank);
  const { lengthCm } = scene;
  const [isInColours, setIsInColours] = useState(false);
  const problems = groupByCause(assessment.findings.filter(isBad), fishIn(assessment.context.planned));
  const of = (severity: Severity) =>
    groupByCause(
      calm.findings.filter((finding) => finding.severity === severity),
      fishIn(calm.context.planned),
    );
  const notes = of('note');
  const good = of('good');
  // A sound list reads in one screen: the first notes stand open while there are few problems.
  const shown = notes.slice(0, Math.max(0, AT_FIRST_SIGHT - problems.length));
  const folded = notes.slice(shown.length);
  const tried = useTriedFixes(tank, stock.residents, listed, calm);
  const doable = (fixes: readonly TriedFix[] | null, { species }: CauseGroup): string =>
    [
      ...(fixes ?? []).map(({ edit }) => edit),
      ...species.map((id): PlanEdit => ({ kind: 'set-origin', species: id, origin: 'wild' })),
    ]
      .flatMap((edit) => (stock.canDo(edit) ? [editKey(edit)] : []))
      .join('\n');
  const item = (group: CauseGroup) => {
    const fixes = tried?.get(fixKey(group)) ?? (tried === null ? null : NO_FIXES);
    return (
      <CauseItem
        key={group.key}
        group={group}
        fixes={fixes}
        doable={doable(fixes, group)}
        onFix={stock.doFix}
        onOrigin={stock.originOf}
        onLight={setLitSpecies}
        later={group.from !== null && group.from > month}
      />
    );
  };

  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div className="flex min-w-0 flex-col gap-3">
        <div className="relative">
          <GlassScene
            tank={scene}
            groups={drawn}
            mode={isInColours ? 'list' : 'dress'}
            lit={lit}
            onLight={setLitLine}
            tickCm={words.tick(lengthCm).cm}
            className="max-h-60 w-full"
            label={`${tank.body.name} from the front at true scale with ${lines.map((line) => `${line.count} ${line.profile.commonNames[0]}`).join(', ') || 'no fish'}`}
          />
          <button
            type="button"
            aria-pressed={isInColours}
            className="absolute right-0 bottom-0 min-h-6 text-[12px] text-deep underline"
            onClick={() => setIsInColours(!isInColours)}
          >
            {isInColours ? 'As they look' : 'List colours'}
          </button>
        </div>
        <DateSlider months={months} last={last} onChange={setMonths} />
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
      </div>
      <div className="min-w-0">
        {lines.length > 0 && (
          <>
            <div id="verdict" className="mb-1 flex items-baseline justify-between gap-2" aria-live="polite">
              <VerdictMark verdict={assessment.today} later={assessment.later} />
              <span className="text-[12px] text-slate">
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
            <ul className="mt-2" data-testid="findings">
              {problems.map(item)}
              {shown.map(item)}
            </ul>
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
                <ul className="text-[13px] text-slate">
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
