'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { type Logged, simTank, type SimTank, type Swim, swimIn } from '@/core/simulate';

/** Times real time. */
export const SPEEDS = [1, 4, 20] as const;
/** A tab that was in the background does not catch up more than this, s. */
const LONGEST_FRAME_S = 0.1;
/** The clock on the screen moves so often, ms. */
const CLOCK_MS = 250;

export interface Practice {
  readonly tank: SimTank;
  readonly swim: Swim;
  readonly seed: number;
}

const begin = (seed: number, count: number): Practice => {
  const tank = simTank(seed, count);
  return { tank, seed, swim: swimIn(tank, seed) };
};

/** A simulated tank that goes on while it is watched; `draw` is called each frame. */
export function usePractice(draw: (swim: Swim) => void) {
  const [practice, setPractice] = useState<Practice | null>(null);
  const [isRunning, setRunning] = useState(false);
  const [speed, setSpeed] = useState<number>(SPEEDS[0]);
  const [clock, setClock] = useState(0);
  const [logged, setLogged] = useState<readonly Logged[]>([]);
  const drawn = useRef(draw);
  useEffect(() => {
    drawn.current = draw;
  }, [draw]);

  useEffect(() => {
    if (!practice) return undefined;
    drawn.current(practice.swim);
    if (!isRunning) return undefined;
    let last = performance.now();
    let told = 0;
    let frame = requestAnimationFrame(function next(now) {
      practice.swim.go(Math.min(LONGEST_FRAME_S, (now - last) / 1000) * speed);
      last = now;
      drawn.current(practice.swim);
      if (now - told > CLOCK_MS) {
        told = now;
        setClock(practice.swim.at);
      }
      frame = requestAnimationFrame(next);
    });
    return () => cancelAnimationFrame(frame);
  }, [practice, isRunning, speed]);

  return {
    practice,
    isRunning,
    speed,
    clock,
    logged,
    start: useCallback((seed: number, count: number) => {
      setPractice(begin(seed, count));
      setLogged([]);
      setClock(0);
      setRunning(true);
    }, []),
    pause: () => setRunning((before) => !before),
    stop: () => setRunning(false),
    leave: () => {
      setRunning(false);
      setPractice(null);
    },
    setSpeed,
    log: (winner: number, loser: number) =>
      practice && setLogged((before) => [...before, { at: practice.swim.at, winner, loser }]),
    unlog: () => setLogged((before) => before.slice(0, -1)),
  };
}

/** How a simulated fish is called. */
export const letterOf = (id: number): string => String.fromCharCode(65 + id);
