import evidence from '@/testing/fixtures/evidence.json';
import { brierScore, posteriorRate, posteriorShare, rateLimits, shareLimits } from './experience';

/** The curves of jstat hold to eight digits and more. */
const close = (got: readonly number[], expected: readonly number[]): void => {
  expect(got).toHaveLength(expected.length);
  got.forEach((value, i) => {
    const wanted = expected[i] as number;
    if (wanted === 0) expect(value).toBe(0);
    else expect(value / wanted).toBeCloseTo(1, 8);
  });
};

describe(`against ${evidence.madeBy}`, () => {
  it.each(evidence.shares)('limits of a share: $k of $n', ({ k, n, clopperPearson, midP }) => {
    const got = shareLimits(k, n);
    close(got.clopperPearson, clopperPearson);
    close(got.midP, midP);
  });
  it.each(evidence.rates)('limits of a rate: $events in $pairHours hours', ({ events, pairHours, garwood }) =>
    close(rateLimits(events, pairHours), garwood),
  );
  it.each(evidence.gammaPoisson)(
    'a rate believed and seen: $events in $hours hours',
    ({ priorShape, priorRate, events, hours, mean, limits }) => {
      const got = posteriorRate({ shape: priorShape, rate: priorRate }, { events, hours });
      close([got.mean, ...got.limits], [mean, ...limits]);
    },
  );
  it.each(evidence.betaBinomial)(
    'a share believed and seen: $k of $n',
    ({ priorA, priorB, k, n, mean, limits }) => {
      const got = posteriorShare({ a: priorA, b: priorB }, { k, n });
      close([got.mean, ...got.limits], [mean, ...limits]);
    },
  );
  it('the score of forecasts', () => {
    const { said, happened, brier } = evidence.brier;
    close(
      [brierScore(said.map((one, i) => ({ said: one, happened: happened[i] === 1 }))) as number],
      [brier],
    );
    expect(brierScore([])).toBeNull();
  });
});
