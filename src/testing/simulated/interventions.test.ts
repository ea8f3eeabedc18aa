import { simulatedRecord, type SimulatedStep } from './record';
import { simTank } from '@/core/simulate';
import { effectsIn } from '@/core/aggression';

const SEEDS = Array.from({ length: 20 }, (_, i) => i + 1);
const NOW = '2026-06-01T12:00:00.000Z';
/** Three watches before a step and three after it, of ten minutes each: within the half hour that moved rocks calm. */
const WATCHES = [10, 10, 10, 10, 10, 10];

const verdicts = (step: Omit<SimulatedStep, 'afterWatch'>, trigger?: 'none') =>
  SEEDS.map((seed) => {
    const tank = simTank(seed, 8);
    const record = simulatedRecord({ ...tank, trigger: trigger ?? tank.trigger }, seed, WATCHES, {
      afterWatch: 3,
      ...step,
    });
    return effectsIn(record, 'T', NOW)[0]!;
  });
const shareOf = (effects: readonly { readonly verdict: string }[], verdict: string): number =>
  effects.filter((one) => one.verdict === verdict).length / effects.length;

describe('interventions in simulated tanks, judged by their records', () => {
  const moved = verdicts({ recorded: 'rearranged', done: 'rearranged' });
  const nothing = verdicts({ recorded: 'rearranged', done: null }, 'none');
  it('that calm the tank are found to help, mostly, and never to make it worse', () => {
    expect(shareOf(moved, 'helped')).toBeGreaterThan(0.5);
    expect(shareOf(moved, 'worse')).toBe(0);
  });
  it('that do nothing are said to help or harm in about one of twenty', () => {
    const wrong = shareOf(nothing, 'helped') + shareOf(nothing, 'worse');
    expect(wrong).toBeLessThanOrEqual(0.1);
    expect(shareOf(nothing, 'open')).toBeGreaterThanOrEqual(0.9);
  });
  it('have limits that hold the truth: that nothing changed', () => {
    const held = nothing.filter(({ ratio: { interval } }) => {
      const [low, high] = interval;
      return (low ?? 0) <= 1 && (high ?? Infinity) >= 1;
    });
    expect(held.length / nothing.length).toBeGreaterThanOrEqual(0.9);
  });
  it('are told as what was seen: the same minutes and contests', () => {
    const [first] = moved;
    expect(first!.before.minutes).toBe(30);
    expect(first!.after.minutes).toBe(30);
  });
});
