import { judge, plan, TANKS } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import { signature, verdictOf } from './assess';

const WORSE = ['good', 'note', 'caution', 'stop'];
const PLANS = [
  plan(TANKS.us75, []),
  plan(TANKS.us75, groupsOf('6 pterophyllum-scalare, 12 paracheirodon-axelrodi, 6 corydoras-sterbai')),
  plan(TANKS.us10, groupsOf('1 astronotus-ocellatus, 2 carassius-auratus')),
  plan(TANKS.us125, [{ species: 'astronotus-ocellatus', count: 1, lengthCm: 5 }]),
  plan(TANKS.us75, [
    { species: 'pterophyllum-scalare', count: 6, lengthCm: 3 },
    { species: 'paracheirodon-innesi', count: 12, lengthCm: 2.5 },
  ]),
  plan(TANKS.us75, [{ species: 'astronotus-ocellatus', count: 1, lengthCm: 4 }]),
  plan(TANKS.us40breeder, [
    { species: 'chromobotia-macracanthus', count: 5, lengthCm: 5 },
    { species: 'paracheirodon-innesi', count: 12, lengthCm: 2.5 },
  ]),
];

describe('an answer', () => {
  it.each(PLANS.map((file, at) => [at, file] as const))(
    'tells the worst first, then what is true sooner, then by name: plan %d',
    (_at, file) => {
      const { findings } = judge(file);
      findings.slice(1).forEach((later, i) => {
        const before = findings[i]!;
        const [a, b] = [before, later].map(
          (one) => [WORSE.length - WORSE.indexOf(one.severity), one.from ?? '', signature(one)] as const,
        );
        const at = a!.findIndex((value, part) => value !== b![part]);
        expect(at).not.toBe(-1);
        expect(a![at]! < b![at]!).toBe(true);
      });
    },
  );
  it.each(PLANS.map((file, at) => [at, file] as const))(
    'says what is true today, and the first month in which it is worse: plan %d',
    (_at, file) => {
      const { findings, today, later, verdict } = judge(file);
      const until = (month: string) => verdictOf(findings.filter(({ from }) => (from ?? '') <= month));
      expect(today).toBe(until(''));
      expect(verdict).toBe(until('9999-12'));
      const months = [...new Set(findings.flatMap(({ from }) => (from === null ? [] : [from])))].sort();
      const first = months.find(
        (month) => WORSE.indexOf(until(month)) > WORSE.indexOf(today) && until(month) !== today,
      );
      expect(later).toEqual(first === undefined ? null : { from: first, verdict: until(first) });
    },
  );
  it('holds plans that get worse with time, and such that do not', () => {
    const later = PLANS.filter((file) => judge(file).later !== null);
    expect(later.length).toBeGreaterThanOrEqual(2);
    expect(PLANS.length - later.length).toBeGreaterThanOrEqual(2);
  });
  it('is the worst severity; notes and good news fit', () => {
    const of = (...severities: readonly string[]) =>
      verdictOf(severities.map((severity) => ({ severity })) as unknown as Parameters<typeof verdictOf>[0]);
    expect([of(), of('note', 'good'), of('note', 'caution'), of('caution', 'stop')]).toEqual([
      'fits',
      'fits',
      'caution',
      'stop',
    ]);
  });
  it('has findings that are told apart by rule, species, what they say and why', () => {
    const one = { rule: 'temper', species: ['a', 'b'], fact: { says: 'pair/nips' }, because: { x: 1 } };
    const others = [
      { ...one, rule: 'lid' },
      { ...one, species: ['a'] },
      { ...one, species: ['ab'] },
      { ...one, fact: { says: 'pair/x' } },
      { ...one, because: { x: 2 } },
    ];
    const signed = [one, ...others].map((each) =>
      signature(each as unknown as Parameters<typeof signature>[0]),
    );
    expect(new Set(signed).size).toBe(6);
    expect(signature({ ...one } as unknown as Parameters<typeof signature>[0])).toBe(signed[0]);
  });
});
