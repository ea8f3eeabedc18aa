'use client';

import { useMemo } from 'react';
import { keepScore, settleWarning } from '@/core/commands';
import { type PredictionEnd, PREDICTION_ENDS } from '@/core/events';
import { aboutOf, type Kept } from '@/core/evidence';
import { useCommands } from '@/session/react/useCommands';
import { usePredictions } from '@/session/react/usePredictions';
import { useNames } from '@/session/react/useNames';
import { tanksOf } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { warningsOn } from '@/session/predictedWith';
import { Button } from '@/ui/Button';
import { Failed } from '@/ui/Failed';
import { Empty, Section } from '@/ui/Screen';
import { SeverityMark } from '@/ui/SeverityMark';
import { toast } from '@/ui/toast';
import { cameOut, capital, countOf, dayName, monthName, sayAbout, sayKept, sayWhy } from '@/words/en';
import { failureWords } from '@/workers/workerLine';
import { CalibrationPart } from './CalibrationPart';
import { ForecastsPart } from './ForecastsPart';

const ENDS: Readonly<Record<PredictionEnd, string>> = {
  happened: 'Happened',
  'did not happen': 'Did not',
  'cannot be told': 'Cannot tell',
};
/** Warnings that were kept score of: settled with one press each, and how often the rules were right in this room. */
export function PredictionsPart() {
  const { last: kept, failure, again } = usePredictions();
  const { session, run } = useCommands();
  const running = useMemo(() => (kept ?? []).filter((one) => one.settled === null), [kept]);
  const due = running.filter((one) => one.proposed !== null);
  const open = running.filter((one) => one.proposed === null);
  const settled = (kept ?? []).filter((one) => one.settled !== null);
  const scoreAll = (): Promise<boolean> => {
    const known = new Set(running.map((one) => `${one.tank} ${aboutOf(one)}`));
    const state = session.state.getState();
    const on = session.stamp.now();
    const fresh = tanksOf(state.documents).map(({ id }) => ({
      id,
      warnings: warningsOn(id, state, session).filter((one) => !known.has(`${id} ${aboutOf(one)}`)),
    }));
    const count = fresh.reduce((all, { warnings }) => all + warnings.length, 0);
    if (count === 0) {
      toast('Score is kept of every warning on your living fish already.');
      return Promise.resolve(true);
    }
    return run(
      `Keeping score of ${countOf(count, 'warning')}`,
      fresh.flatMap(({ id, warnings }) => keepScore(id, warnings, on, session.stamp)),
    );
  };
  return (
    <div className="flex max-w-5xl flex-col gap-4">
      <p className="max-w-[84ch]">
        When fish come to live in a tank, Lomvik writes down what it warned of. Later the record is held
        against it, and you say how it came out. Nothing is taken from silence: what nobody watched cannot be
        told.
      </p>
      <div>
        <Button onClick={() => scoreAll()}>Keep score of today’s warnings</Button>
      </div>
      {failure && <Failed why={failureWords(failure) ?? ''} onAgain={again} />}
      {kept?.length === 0 && (
        <Empty>
          Nothing is kept score of yet. It begins when you bring fish home or release them, or with the button
          above for the fish you have.
        </Empty>
      )}
      {due.length > 0 && (
        <Section title="How did it come out?" aside={`${due.length} to answer`}>
          <ul aria-label="To answer">
            {due.map((one) => (
              <Warned key={`${one.entry} ${aboutOf(one)}`} kept={one} />
            ))}
          </ul>
        </Section>
      )}
      {open.length > 0 && (
        <Section title="Still running" aside={countOf(open.length, 'warning')}>
          <ul aria-label="Still running">
            {open.map((one) => (
              <Warned key={`${one.entry} ${aboutOf(one)}`} kept={one} />
            ))}
          </ul>
        </Section>
      )}
      {kept && kept.length > 0 && <CalibrationPart kept={kept} />}
      {settled.length > 0 && (
        <Section title="Answered" aside={countOf(settled.length, 'warning')}>
          <ul aria-label="Answered">
            {settled.map((one) => (
              <Warned key={`${one.entry} ${aboutOf(one)}`} kept={one} />
            ))}
          </ul>
        </Section>
      )}
      <ForecastsPart />
    </div>
  );
}

/** One warning: what it said, what the record shows, and how it came out; each end is one press. */
function Warned({ kept }: { readonly kept: Kept }) {
  const words = useWords();
  const names = useNames();
  const { session, run } = useCommands();
  const { proposed, settled, why } = kept;
  const about = capital(sayAbout(kept, words));
  const current = settled?.outcome ?? null;
  const settle = (outcome: PredictionEnd): Promise<boolean> =>
    run(`${about}: ${cameOut(outcome)}`, [settleWarning(kept, outcome, session.stamp)]);
  return (
    <li className="grid grid-cols-[4.6rem_1fr] items-start gap-2 border-b border-line py-2">
      <SeverityMark severity={kept.severity} />
      <div className="flex flex-wrap items-start justify-between gap-x-4 gap-y-1">
        <div className="min-w-0 flex-1 basis-72">
          <p>{about}.</p>
          <p className="text-[0.8125rem] text-slate">
            {names.tank(kept.tank)}, said {dayName(kept.on)}
            {kept.from === null ? '' : ` for ${monthName(kept.from)}`}. Since then {sayKept(kept, words)}.
          </p>
          {settled !== null ? (
            <p className="text-[0.8125rem]">
              You said {cameOut(settled.outcome)}.
              {proposed !== null && proposed !== settled.outcome ? ` ${sayWhy(why)}` : ''}
            </p>
          ) : (
            proposed !== null && <p className="text-[0.8125rem]">{sayWhy(why)}</p>
          )}
        </div>
        <div role="group" aria-label={`How it came out: ${about}`} className="flex flex-wrap gap-3">
          {PREDICTION_ENDS.map((end) => (
            <Button
              key={end}
              tone={current === null && proposed === end ? 'main' : current === end ? 'plain' : 'quiet'}
              aria-pressed={current === end}
              onClick={() => settle(end)}
            >
              {ENDS[end]}
            </Button>
          ))}
        </div>
      </div>
    </li>
  );
}
