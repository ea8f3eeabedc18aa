import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';

/** Each decision about salt, tried with fish that are made up. */
const leaveOut = (species: string) => ({ edit: { kind: 'leave-out', species, count: 5 } });

describe('salt', () => {
  const ranged = (low: number, high: number) => {
    const { water } = madeUp('brachygobius-doriae', 'any');
    const to = (span: (typeof water)['wild']) => ({ ...span, salinityPpt: [low, high] as [number, number] });
    return { wild: to(water.wild), tankBred: to(water.tankBred) };
  };
  const fish = (id: string, low: number, high: number, more: Made['water'] = {}) =>
    madeUp('brachygobius-doriae', id, {
      water: { ...ranged(low, high), youngPpt: null, ...more },
      size: { matureCm: 2 },
    });
  const found = (
    salinityPpt: number | undefined,
    species: ReturnType<typeof fish>[],
    group: { lengthCm?: number; until?: string } = {},
  ) =>
    findingsAmong(
      'water-salinity',
      species,
      species.map(({ id }) => ({ species: id, count: 5, ...group })),
      { lengthCm: 90, widthCm: 45, heightCm: 45 },
      {
        water: { salinityPpt },
      },
    );
  it('against one is told whole', () =>
    expect(found(1, [fish('one', 4, 10)])).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['one'],
        fact: {
          says: 'water/needs',
          measure: 'salinityPpt',
          range: [4, 10],
          asSold: null,
          tank: 1,
          count: 5,
        },
        because: { value: 1, lowest: 4, highest: 10 },
        from: null,
        fixes: [leaveOut('one')],
      }),
    ]));
  it.each<[number | undefined, readonly string[]]>([
    [undefined, []],
    [4, []],
    [10, []],
    [3, ['caution']],
    [2.9, ['stop']],
    [11, ['caution']],
    [11.1, ['stop']],
  ])('at %s', (ppt, severities) =>
    expect(found(ppt, [fish('one', 4, 10)]).map(({ severity }) => severity)).toEqual(severities),
  );
  it('for fish on their way to the sea: the young first, the grown later, and not those that leave before', () => {
    const young = { youngPpt: [0, 2] as [number, number] };
    const of = (ppt: number, group: Parameters<typeof found>[2]) =>
      found(ppt, [fish('one', 8, 12, young)], group).map(({ from, fact }) => [
        from === null ? 'now' : 'later',
        'range' in fact && fact.range,
      ]);
    expect(of(5, { lengthCm: 1 })).toEqual([['now', [0, 2]]]);
    expect(of(1, { lengthCm: 1 })).toEqual([['later', [8, 12]]]);
    expect(of(1, { lengthCm: 2 })).toEqual([['now', [8, 12]]]);
    expect(of(10, { lengthCm: 2 })).toEqual([]);
    expect(of(1, { lengthCm: 1, until: '2026-12' })).toEqual([]);
  });
  it.each<[string, [number, number], [number, number], string | undefined]>([
    ['far apart', [0, 1], [2.1, 9], 'stop'],
    ['a gram apart', [0, 1], [2, 9], 'caution'],
    ['meeting at one point', [0, 1], [1, 9], undefined],
  ])('between two: %s', (_, a, b, severity) => {
    const [told] = found(undefined, [fish('one', ...a), fish('two', ...b)]);
    expect(told?.severity).toBe(severity);
    if (severity !== undefined)
      expect(told).toMatchObject({
        species: ['one', 'two'],
        fact: { says: 'water/none for both', measure: 'salinityPpt', ranges: [a, b] },
        because: { gap: expect.closeTo(b[0] - a[1], 6) },
        fixes: [leaveOut('one'), leaveOut('two')],
      });
  });
});
