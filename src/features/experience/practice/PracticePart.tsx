'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type Judged, scoreReading, type ReadingScore, type Swim } from '@/core/simulate';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Caution, Section } from '@/ui/Screen';
import { clockFace } from '@/ui/clockFace';
import { classes } from '@/ui/classes';
import { countOf } from '@/words/en';
import { JudgeForm } from './JudgeForm';
import { ReadingPart } from './ReadingPart';
import { type FloorHandle, SimFloor } from './SimFloor';
import { letterOf, SPEEDS, usePractice } from './usePractice';

const COUNTS = [4, 6, 8, 12] as const;
const USUAL = 6;
const TANKS = 12;
const SHOWN = 4;

/** A tank to learn reading on: watched and logged, judged, then held against the truth, which only a simulation knows. */
export function PracticePart() {
  const floor = useRef<FloorHandle>(null);
  const draw = useCallback((swim: Swim) => floor.current?.draw(swim), []);
  const own = usePractice(draw);
  const { practice, logged, isRunning, speed, clock } = own;
  const [number, setNumber] = useState(1);
  const [count, setCount] = useState<number>(USUAL);
  const [winner, setWinner] = useState<number | null>(null);
  const [judging, setJudging] = useState(false);
  const [score, setScore] = useState<ReadingScore | null>(null);

  const press = (id: number): void => {
    if (winner === null) return setWinner(id);
    if (winner !== id) own.log(winner, id);
    setWinner(null);
  };
  const pressed = useRef(press);
  useEffect(() => {
    pressed.current = press;
  });
  useEffect(() => {
    if (!practice || judging || score) return undefined;
    const onKey = (event: KeyboardEvent): void => {
      const target = event.target as HTMLElement | null;
      if (event.ctrlKey || event.metaKey || event.altKey || target?.closest('input, select, textarea'))
        return;
      const id = event.key.length === 1 ? event.key.toUpperCase().charCodeAt(0) - 65 : -1;
      if (id < 0 || id >= practice.tank.fish.length) return;
      event.preventDefault();
      event.stopPropagation();
      pressed.current(id);
    };
    // Before the keys of the frame hear it: a letter is a fish here.
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, [practice, judging, score]);

  const start = (): void => {
    setScore(null);
    setJudging(false);
    setWinner(null);
    own.start(number, count);
  };
  const judge = (judged: Judged): void => {
    if (!practice) return;
    setScore(scoreReading(practice.swim, logged, judged));
    setJudging(false);
  };

  if (!practice)
    return (
      <div className="flex max-w-[46rem] flex-col gap-3">
        <p>
          Watching is learnt by watching. Here is a tank of simulated fish with an order, with held ground,
          and with something that may set them off. Watch it, log who chases whom, say what you think; then
          see the truth beside your reading.
        </p>
        <div className="flex flex-wrap items-end gap-3">
          <SelectField
            label="Tank"
            value={number}
            onChange={(event) => setNumber(Number(event.target.value))}
          >
            {Array.from({ length: TANKS }, (_, i) => (
              <option key={i} value={i + 1}>
                number {i + 1}
              </option>
            ))}
          </SelectField>
          <SelectField label="Fish" value={count} onChange={(event) => setCount(Number(event.target.value))}>
            {COUNTS.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </SelectField>
          <Button tone="main" onClick={start}>
            Watch this tank
          </Button>
        </div>
        <Caution>
          A simple model made for practice: fish swim about, meet on held ground, and the stronger one mostly
          wins. It teaches watching; it predicts no real fish.
        </Caution>
      </div>
    );
  if (score)
    return (
      <ReadingPart
        practice={practice}
        score={score}
        onAgain={start}
        onOther={() => {
          setScore(null);
          own.leave();
        }}
      />
    );
  const last = logged.slice(-SHOWN);
  return (
    <div className="grid grid-cols-1 gap-4 lg:grid-cols-[minmax(0,7fr)_minmax(0,4fr)]">
      <div className="flex min-w-0 flex-col gap-2">
        <SimFloor tank={practice.tank} handle={floor} chosen={winner} />
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
          <span className="fig text-[1.125rem]" role="timer" aria-label="Watched">
            {clockFace(clock)}
          </span>
          <span
            className={classes(
              'text-[0.8125rem]',
              practice.swim.isFeeding ? 'font-semibold text-lamp' : 'text-slate',
            )}
          >
            {practice.swim.isFeeding ? 'feeding' : 'no food'}
          </span>
          <div role="group" aria-label="Speed" className="flex gap-1">
            {SPEEDS.map((one) => (
              <Button
                key={one}
                tone={speed === one ? 'plain' : 'quiet'}
                aria-pressed={speed === one}
                onClick={() => own.setSpeed(one)}
              >
                {one === 1 ? 'real time' : `${one} times`}
              </Button>
            ))}
          </div>
          <Button onClick={own.pause}>{isRunning ? 'Pause' : 'Go on'}</Button>
        </div>
      </div>
      {judging ? (
        <JudgeForm tank={practice.tank} onJudge={judge} onBack={() => setJudging(false)} />
      ) : (
        <Section title="Log" aside={countOf(logged.length, 'contest')}>
          <p className="mb-2 text-slate">
            {winner === null
              ? 'A chase: press the one that chases, then the one that flees. Letters on the keyboard do too.'
              : `${letterOf(winner)} chases …`}
          </p>
          <div role="group" aria-label="Fish" className="grid grid-cols-4 gap-2">
            {practice.tank.fish.map(({ id }) => (
              <button
                key={id}
                type="button"
                aria-pressed={winner === id}
                className={classes(
                  'min-h-11 rounded-xs border text-[1rem] font-semibold',
                  winner === id ? 'border-deep bg-deep text-paper' : 'border-edge bg-panel',
                )}
                onClick={() => press(id)}
              >
                {letterOf(id)}
              </button>
            ))}
          </div>
          <ul aria-label="Last logged" className="mt-2 min-h-24 text-[0.8125rem]">
            {last.map((one, i) => (
              <li key={`${one.at} ${i}`}>
                <span className="fig text-slate">{clockFace(one.at)}</span> {letterOf(one.winner)} chased{' '}
                {letterOf(one.loser)}
              </li>
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              tone="main"
              onClick={() => {
                own.stop();
                setJudging(true);
              }}
            >
              I have seen enough
            </Button>
            <Button tone="quiet" disabled={logged.length === 0} onClick={own.unlog}>
              Take the last back
            </Button>
            <Button tone="quiet" onClick={own.leave}>
              Another tank
            </Button>
          </div>
        </Section>
      )}
    </div>
  );
}
