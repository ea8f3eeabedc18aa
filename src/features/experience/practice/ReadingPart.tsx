'use client';

import { useCallback } from 'react';
import {
  minutesNeededInSteps,
  type ReadingScore,
  SIM_STEPS,
  type SimStep,
  stepTriedInSteps,
} from '@/core/simulate';
import { useInSteps } from '@/session/react/useInSteps';
import { Button } from '@/ui/Button';
import { Caution, Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { countOf, fixed, percent } from '@/words/en';
import { SimFloor } from './SimFloor';
import { letterOf, type Practice } from './usePractice';

const STEP_WORDS: Readonly<Record<SimStep, string>> = {
  rearranged: 'Moving the rocks',
  'strongest aside': 'Taking the strongest out',
};
const letters = (order: readonly number[]): string => order.map(letterOf).join(' ');
const rightOrNot = (is: boolean): string => (is ? 'right' : 'wrong');

/** The reading beside the truth. */
export function ReadingPart({
  practice,
  score,
  onAgain,
  onOther,
}: {
  readonly practice: Practice;
  readonly score: ReadingScore;
  readonly onAgain: () => void;
  readonly onOther: () => void;
}) {
  const { tank, seed } = practice;
  const needed = useInSteps(useCallback(() => minutesNeededInSteps(tank, seed), [tank, seed]));
  const missed = score.happened - score.right - score.swapped;
  const minutes = Math.max(1, Math.round(score.minutes));
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-2">
      <div className="flex min-w-0 flex-col gap-3">
        <p className="text-[1.0625rem]">
          {countOf(minutes, 'minute')}: {score.right} of {countOf(score.happened, 'contest')} logged right
          {score.swapped > 0 ? `, ${score.swapped} the wrong way round` : ''}
          {score.imagined > 0 ? `, ${score.imagined} that were none` : ''}, {missed} missed.
        </p>
        <Table
          caption="Contests that happened and were missed"
          heads={['Contest', { name: 'Happened', figures: true }, { name: 'Missed', figures: true }]}
        >
          {score.byKind.map(({ what, happened, missed: lost }) => (
            <Row key={what}>
              <Cell>{what}</Cell>
              <Cell figures>{happened}</Cell>
              <Cell figures>{lost}</Cell>
            </Row>
          ))}
        </Table>
        <Section title="The order">
          <dl className="grid grid-cols-[auto_1fr] gap-x-4">
            <dt className="text-slate">True, from the top</dt>
            <dd className="fig">{letters(score.order)}</dd>
            <dt className="text-slate">By your log</dt>
            <dd className="fig">
              {letters(score.loggedOrder)}, {percent(score.loggedRight)} of pairs right
            </dd>
            <dt className="text-slate">By all that happened</dt>
            <dd>{percent(score.possibleRight)} of pairs right</dd>
          </dl>
          <p className="mt-1">
            {needed.last === null && !needed.current
              ? 'Counting the minutes it takes…'
              : needed.last === null
                ? 'Even an hour of perfect watching does not put nine of ten pairs right in this tank.'
                : `Nine of ten pairs are right after ${countOf(needed.last, 'minute')} of perfect watching.`}{' '}
            <span className="text-slate">Guessing puts half of them right.</span>
          </p>
        </Section>
        <Section title="What you made of it">
          <ul>
            <li>
              Top: {rightOrNot(score.strongest)}. Bottom: {rightOrNot(score.weakest)}. What sets them off:{' '}
              {rightOrNot(score.trigger)}.
            </li>
            <li>
              Holders of ground: {score.holdersFound} of {score.holders} found
              {score.holdersWrong > 0 ? `, ${score.holdersWrong} named that hold none` : ''}.
            </li>
          </ul>
        </Section>
      </div>
      <div className="flex min-w-0 flex-col gap-3">
        <Section title="Who holds what">
          <SimFloor tank={tank} truth />
        </Section>
        <Section title="What an intervention does here">
          <ul>
            {SIM_STEPS.map((step) => (
              <StepLine key={step} practice={practice} step={step} />
            ))}
          </ul>
          <p className="text-[0.75rem] text-slate">
            Contests an hour over the next half hour, twelve courses without it and twelve with it.
          </p>
        </Section>
        <div className="flex flex-wrap gap-2">
          <Button tone="main" onClick={onOther}>
            Another tank
          </Button>
          <Button onClick={onAgain}>Watch this one again</Button>
        </div>
        <Caution>
          A simple model for practice. Real fish tire, breed, hide, hold grudges, and change with the water.
        </Caution>
      </div>
    </div>
  );
}

/** What one intervention does: rates without and with it, their ratio and its limits. */
function StepLine({
  practice: { tank, seed },
  step,
}: {
  readonly practice: Practice;
  readonly step: SimStep;
}) {
  const { last, current } = useInSteps(
    useCallback(() => stepTriedInSteps(tank, step, seed), [tank, step, seed]),
  );
  const limits = last?.midInterval;
  return (
    <li className="border-b border-line py-1">
      {STEP_WORDS[step]}:{' '}
      {!current || last === null
        ? 'trying it…'
        : `${fixed(last.beforePerHour, 0)} an hour without, ${fixed(last.afterPerHour, 0)} with${
            last.ratio === null || !limits || limits[0] === null || limits[1] === null
              ? ''
              : ` (${fixed(last.ratio, 2)} times, 95% limits ${fixed(limits[0], 2)} to ${fixed(limits[1], 2)})`
          }.`}
    </li>
  );
}
