'use client';

import { Slider } from 'radix-ui';
import { memo, useEffect, useMemo, useState } from 'react';
import { lengthAfterMonths } from '@/core/growth';
import { addMonths } from '@/core/kernel';
import type { SceneTank } from '@/core/scene';
import { useWords } from '@/session/react/useWords';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { GlassScene } from '@/ui/scene/GlassScene';
import type { StockLine } from './useStock';
import { wholeMonth } from '@/words/en';

/** A slider that did not move for so long rests, ms. */
const REST_MS = 120;

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
    <div className="flex min-w-72 flex-1 items-center gap-3">
      <span className="text-[0.75rem] text-slate">today</span>
      <Slider.Root
        className="relative flex h-7 flex-1 touch-none items-center"
        value={[months]}
        max={last}
        step={1}
        onValueChange={([value = 0]) => onChange(value)}
      >
        <Slider.Track className="relative h-[3px] grow bg-line forced-colors:bg-[CanvasText]">
          <Slider.Range className="absolute h-full bg-deep" />
        </Slider.Track>
        <Slider.Thumb
          aria-label="Month shown"
          aria-valuetext={wholeMonth(month)}
          className="block size-5 border-2 border-deep bg-panel"
        />
      </Slider.Root>
      <span className="text-[0.75rem] text-slate">grown</span>
      <span className="fig w-28 text-right text-[0.75rem]">{months === 0 ? 'today' : wholeMonth(month)}</span>
    </div>
  );
}

interface Props {
  readonly tank: TankView;
  readonly scene: SceneTank;
  readonly lines: readonly StockLine[];
  /** The furthest month of the slider. */
  readonly last: number;
  readonly lit: string | null;
  readonly onLight: (key: string | null) => void;
  /** Told when the slider rests. Keeps its identity. */
  readonly onMonths: (months: number) => void;
}

/** The glass with the fish of a date: the slider moves their transforms, and nothing else waits for it. */
export const GlassByDate = memo(function GlassByDate({
  tank,
  scene,
  lines,
  last,
  lit,
  onLight,
  onMonths,
}: Props) {
  const words = useWords();
  const [months, setMonths] = useState(0);
  const [isInColours, setIsInColours] = useState(false);
  const { lengthCm } = scene;
  useEffect(() => {
    const rest = setTimeout(() => onMonths(months), REST_MS);
    return () => clearTimeout(rest);
  }, [months, onMonths]);
  const spans = useMemo(
    () =>
      lines.map((line) => ({
        key: line.key,
        profile: line.profile,
        count: line.count,
        fromCm: line.lengthCm,
        toCm: lengthAfterMonths(line.profile, line.lengthCm, last),
        colour: line.colour,
        planned: line.listed !== null,
      })),
    [lines, last],
  );
  const groups = useMemo(
    () => spans.map((span) => ({ ...span, lengthCm: lengthAfterMonths(span.profile, span.fromCm, months) })),
    [spans, months],
  );
  return (
    <>
      <GlassScene
        tank={scene}
        groups={groups}
        mode={isInColours ? 'list' : 'dress'}
        lit={lit}
        onLight={onLight}
        tickCm={words.tick(lengthCm).cm}
        className="max-h-60 w-full"
        label={`${tank.body.name} from the front at true scale with ${lines.map((line) => `${line.count} ${line.profile.commonNames[0]}`).join(', ') || 'no fish'}`}
      />
      <div className="no-print flex flex-wrap items-center justify-end gap-x-4">
        <DateSlider months={months} last={last} onChange={setMonths} />
        <button
          type="button"
          aria-pressed={isInColours}
          className="min-h-11 text-[0.75rem] text-deep underline sm:min-h-6"
          onClick={() => setIsInColours(!isInColours)}
        >
          {isInColours ? 'As they look' : 'List colours'}
        </button>
      </div>
    </>
  );
});
