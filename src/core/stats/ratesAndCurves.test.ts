import rates from '@/testing/fixtures/rates.json';
import survival from '@/testing/fixtures/survival.json';
import { kaplanMeier, type Span } from './kaplanMeier';
import { logRank } from './logRank';
import { betaQuantile, betaShare, chiSquareTail } from './quantiles';
import { rateRatio } from './rateRatio';

const near = (value: number | null, expected: number | string, digits = 7): void => {
  if (typeof expected === 'string') expect(value).toBeNull();
  else if (expected === 0) expect(value).toBe(0);
  else expect(value! / expected).toBeCloseTo(1, digits);
};

describe('the ratio of two rates, against poisson.test of R', () => {
  // R's ratio is the first over the second: the first is what Lomvik calls after.
  it.each(rates.two_sample.map((row) => [`${row.x1}/${row.t1} to ${row.x2}/${row.t2}`, row] as const))(
    '%s',
    (_, row) => {
      const got = rateRatio({ events: row.x2, minutes: row.t2 }, { events: row.x1, minutes: row.t1 });
      near(got.ratio, row.ratio);
      near(got.interval[0], row.ci95.lower);
      near(got.interval[1], row.ci95.upper);
      near(got.p, row.p_two_sided_central);
    },
  );
  it('says nothing of nothing against nothing', () => {
    expect(rateRatio({ events: 0, minutes: 30 }, { events: 0, minutes: 60 })).toEqual({
      beforePerHour: 0,
      afterPerHour: 0,
      ratio: null,
      interval: [null, null],
      midInterval: [null, null],
      p: 1,
    });
  });
  it('has mid-P limits under which what was seen counts half, by sums of their own', () => {
    const choose = (n: number, k: number): number =>
      Array.from({ length: k }, (_, i) => (n - i) / (i + 1)).reduce((product, one) => product * one, 1);
    for (const [was, is] of [
      [12, 3],
      [4, 5],
      [0, 4],
      [7, 0],
      [40, 22],
    ] as const) {
      const { midInterval, interval } = rateRatio({ events: was, minutes: 60 }, { events: is, minutes: 90 });
      const n = was + is;
      const half = (ratio: number): number => {
        const share = (ratio * 90) / (ratio * 90 + 60);
        const at = (k: number): number => choose(n, k) * share ** k * (1 - share) ** (n - k);
        let more = 0;
        for (let k = is + 1; k <= n; k += 1) more += at(k);
        return more + at(is) / 2;
      };
      const [low, high] = midInterval;
      if (is > 0) expect(half(low!)).toBeCloseTo(0.025, 9);
      else expect(low).toBe(0);
      if (was > 0) expect(half(high!)).toBeCloseTo(0.975, 9);
      else expect(high).toBeNull();
      expect(low!).toBeGreaterThanOrEqual(interval[0]!);
      if (high !== null) expect(high).toBeLessThan(interval[1]!);
    }
  });
  it('turns round when before and after change places', () => {
    const one = rateRatio({ events: 12, minutes: 90 }, { events: 3, minutes: 80 });
    const other = rateRatio({ events: 3, minutes: 80 }, { events: 12, minutes: 90 });
    near(one.ratio! * other.ratio!, 1);
    near(one.interval[0]! * other.interval[1]!, 1);
    near(one.p, other.p);
  });
});

describe('quantiles', () => {
  it('go there and back', () => {
    for (const [p, a, b] of [
      [0.025, 3, 9],
      [0.975, 40, 1],
      [0.5, 400, 300],
    ] as const)
      near(betaShare(betaQuantile(p, a, b), a, b), p, 9);
  });
  it('has the 5 % points of chi-square that handbook tables print', () => {
    near(chiSquareTail(3.841459, 1), 0.05, 5);
    near(chiSquareTail(11.070498, 5), 0.05, 5);
  });
});

type Case = { time: number[]; status: number[]; entry?: number[] };
const spansOf = ({ time, status, entry }: Case): Span[] =>
  time.map((end, i) => ({ start: entry?.[i] ?? -1, end, died: status[i] === 1 }));

describe('survival curves, against the package survival of R', () => {
  it.each(Object.entries(survival.km))('%s', (_, one) => {
    const curve = kaplanMeier(spansOf(one));
    const { rows, quantiles } = one;
    expect(curve.time).toEqual(rows.time);
    expect(curve.atRisk).toEqual(rows.n_risk);
    expect(curve.events).toEqual(rows.n_event);
    curve.survival.forEach((value, i) => expect(value).toBeCloseTo(rows.surv[i]!, 10));
    const limits = (own: readonly (number | null)[], r: readonly (number | null)[]) =>
      own.forEach((value, i) =>
        r[i] == null ? expect(value).toBeNull() : expect(value).toBeCloseTo(r[i], 9),
      );
    limits(curve.lower, rows.loglog.lower);
    limits(curve.upper, rows.loglog.upper);
    expect(curve.median).toBe(quantiles.loglog.median);
  });
  it('prints the remission times of 6-mercaptopurine as published (Freireich et al. 1963, values from memory)', () => {
    const curve = kaplanMeier(spansOf(survival.km.freireich_6mp));
    const { time, surv } = survival.published.freireich_6mp_KM;
    time.forEach((week, i) => expect(curve.survival[curve.time.indexOf(week)]).toBeCloseTo(surv[i]!, 3));
    expect(curve.median).toBe(23);
  });
  it('warns when the few of the first days all died before others came', () => {
    expect(
      kaplanMeier([
        { start: 0, end: 1, died: true },
        { start: 3, end: 9, died: false },
      ]).wipedOut,
    ).toBe(true);
    expect(kaplanMeier([{ start: 0, end: 1, died: true }]).wipedOut).toBe(false);
  });
});

type Grouped = {
  time: number[];
  status: number[];
  group: string[];
  entry?: number[];
  chisq: number;
  df: number;
  p: number;
};
describe('the log-rank test, against the package survival of R', () => {
  const cases = Object.entries(survival.logrank).filter(([, one]) => 'time' in one);
  it.each(cases)('%s', (_, one) => {
    const { time, status, group, entry, chisq, df, p } = one as unknown as Grouped;
    const byGroup = new Map<string, Span[]>();
    spansOf({ time, status, ...(entry ? { entry } : {}) }).forEach((span, i) =>
      byGroup.set(String(group[i]), [...(byGroup.get(String(group[i])) ?? []), span]),
    );
    const test = logRank(byGroup)!;
    near(test.chiSquare, chisq, 8);
    expect(test.df).toBe(df);
    near(test.p, p, 5);
  });
  it('says nothing of one group alone, or where nobody died', () => {
    const span = { start: 0, end: 3, died: false };
    expect(logRank(new Map([['a', [span]]]))).toBeNull();
    expect(
      logRank(
        new Map([
          ['a', [span]],
          ['b', [span]],
        ]),
      ),
    ).toBeNull();
  });
  it('tells three groups apart on two degrees of freedom, whatever their order', () => {
    const group = (...ends: number[]): Span[] => ends.map((end) => ({ start: 0, end, died: true }));
    const [a, b, c] = [group(1, 2, 3), group(4, 5, 6), group(7, 8, 9)];
    const one = logRank(
      new Map([
        ['a', a],
        ['b', b],
        ['c', c],
      ]),
    )!;
    const other = logRank(
      new Map([
        ['c', c],
        ['a', a],
        ['b', b],
      ]),
    )!;
    expect(one.df).toBe(2);
    near(one.chiSquare, other.chiSquare, 9);
  });
});
