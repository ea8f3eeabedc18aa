'use client';

import { useNames } from '@/session/react/useNames';
import type { TankView } from '@/session/react/useTanks';
import { SpanBar } from '@/ui/SpanBar';
import { BackOut } from './BackOut';
import type { StepEffect } from '@/core/aggression';
import { capital, countOf, dayWords, everyOf, fixed, plain, sayEffect, termOf } from '@/words/en';

/** Ratios from a tenth to tenfold, on a scale of logarithms, 0 to 1. */
const SPAN = Math.log(10);
const along = (ratio: number): number => 0.5 + Math.log(Math.max(ratio, 1e-6)) / SPAN / 2;
const TICKS = [0.1, 0.3, 1, 3, 10] as const;
const JUDGED = {
  helped: ['helped', 'text-kelp'],
  worse: ['worse', 'text-buoy'],
  open: ['too early', 'text-slate'],
  'nothing to go by': ['not watched', 'text-slate'],
  lasts: ['lasts', 'text-slate'],
} as const;

/** With fewer contests than this on both sides together the exact limits are much too wide (from memory). */
const FEW_CONTESTS = 60;

/** The narrower limits beside the exact ones, where the counts are small enough for the two to differ. */
function nearerLimits({ ratio, before, after, uneven }: StepEffect): string {
  const [low, high] = ratio.midInterval;
  if (ratio.ratio === null || uneven || low === null || before.events + after.events >= FEW_CONTESTS)
    return '';
  return ` Narrower limits for few contests (mid-P): ${fixed(low, 2)} to ${high === null ? 'any number of' : fixed(high, 2)} times.`;
}

/** One step or bundle, and whether it worked, in one sentence with its limits. */
export function EffectItem({ tank, effect }: { readonly tank: TankView; readonly effect: StepEffect }) {
  const names = useNames();
  const { bundle, verdict, before, after } = effect;
  const [word, colour] = JUDGED[verdict];
  const { ratio, interval } = effect.ratio;
  const drawn = interval[0] !== null || interval[1] !== null;
  return (
    <li className="border-b border-line py-2">
      <div className="flex items-baseline justify-between gap-3">
        <span>
          <time dateTime={bundle.on} className="fig mr-2 text-slate">
            {dayWords(bundle.on)}
          </time>
          <strong>{capital(bundle.steps.map(termOf).join(' and '))}</strong>
        </span>
        <strong className={colour}>{word}</strong>
      </div>
      {bundle.gone.length > 0 && (
        <p className="text-slate">Out: {everyOf(bundle.gone.map(names.resident))}.</p>
      )}
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
          <div
            className="fig flex max-w-[26rem] justify-between text-[0.6875rem] text-slate"
            aria-hidden="true"
          >
            {TICKS.map((tick) => (
              <span key={tick}>{tick === 1 ? 'as before' : `${plain(tick)} ×`}</span>
            ))}
          </div>
        </>
      )}
      <p className="mt-1">{sayEffect(effect)}</p>
      {verdict === 'lasts' && bundle.aside && <BackOut tank={tank} resident={bundle.aside.resident} />}
      <p className="text-[0.75rem] text-slate">
        {countOf(before.watches, 'watch', 'watches')} before ({Math.round(before.minutes)} minutes,{' '}
        {countOf(before.events, 'contest')}), {after.watches} after ({Math.round(after.minutes)} minutes,{' '}
        {countOf(after.events, 'contest')}), without the two days after the intervention.
        {nearerLimits(effect)}
      </p>
    </li>
  );
}
