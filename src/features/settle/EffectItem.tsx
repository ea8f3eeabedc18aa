'use client';

import { format, parseISO } from 'date-fns';
import { SpanBar } from '@/ui/SpanBar';
import { effectSentence, type StepEffect } from '@/core/effects';

/** Ratios from a tenth to tenfold, on a scale of logarithms, 0 to 1. */
const SPAN = Math.log(10);
const along = (ratio: number): number => 0.5 + Math.log(Math.max(ratio, 1e-6)) / SPAN / 2;
const TICKS = [0.1, 0.3, 1, 3, 10] as const;
const JUDGED = {
  helped: ['helped', 'text-kelp'],
  worse: ['worse', 'text-buoy'],
  open: ['not shown yet', 'text-slate'],
  'nothing to go by': ['nothing to go by', 'text-slate'],
} as const;

/** With fewer contests than this on both sides together the exact limits are much too wide (from memory). */
const FEW_CONTESTS = 60;

/** The narrower limits beside the exact ones, where the counts are small enough for the two to differ. */
function nearerLimits({ ratio, before, after, uneven }: StepEffect): string {
  const [low, high] = ratio.midInterval;
  if (ratio.ratio === null || uneven || low === null || before.events + after.events >= FEW_CONTESTS)
    return '';
  return ` With so few contests the exact limits hold in more than 95 of 100; those that hold in about 95 (mid-P) are ${low.toFixed(2)} to ${high === null ? 'anything' : high.toFixed(2)}.`;
}

/** One step or bundle, and whether it worked, in one sentence with its limits. */
export function EffectItem({ effect }: { readonly effect: StepEffect }) {
  const { bundle, verdict, before, after } = effect;
  const [word, colour] = JUDGED[verdict];
  const { ratio, interval } = effect.ratio;
  const drawn = interval[0] !== null || interval[1] !== null;
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-baseline justify-between gap-3">
        <span>
          <time dateTime={bundle.on} className="fig mr-2 text-slate">
            {format(parseISO(bundle.on), 'd MMM')}
          </time>
          <strong>{bundle.steps.join(' and ')}</strong>
        </span>
        <strong className={colour}>{word}</strong>
      </div>
      {bundle.notes.length > 0 && <p className="text-slate">{bundle.notes.join(' ')}</p>}
      {drawn && (
        <>
          <div className="max-w-[26rem]">
            <SpanBar
              from={along(interval[0] ?? 0)}
              to={interval[1] === null ? 1 : along(interval[1])}
              at={ratio === null ? undefined : along(ratio)}
              against={along(1)}
            />
          </div>
          <div className="fig flex max-w-[26rem] justify-between text-[11px] text-slate" aria-hidden="true">
            {TICKS.map((tick) => (
              <span key={tick}>{tick === 1 ? 'as before' : `${tick} ×`}</span>
            ))}
          </div>
        </>
      )}
      <p className="mt-1">{effectSentence(effect)}</p>
      <p className="text-[12px] text-slate">
        {before.watches} watches before ({Math.round(before.minutes)} min, {before.events} contests),{' '}
        {after.watches} after ({Math.round(after.minutes)} min, {after.events}); the two days after the step
        are left out.{nearerLimits(effect)}
      </p>
    </li>
  );
}
