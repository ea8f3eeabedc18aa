import fc from 'fast-check';
import type { UnitChoice } from '@/core/kernel';
import { catalogue, found, judge, plan, TANKS } from '@/testing/plans';
import { capital, listed, pluralOf } from './names';
import { METRIC, quantitiesIn, US } from './quantities';
import { sayingsFor } from './sayings';

describe('a list in short', () => {
  const say = sayingsFor(catalogue, METRIC);
  it('says the verdict, the worst problem and how many more there are', () => {
    const oscar = { species: 'astronotus-ocellatus', count: 1, lengthCm: 20 };
    const short = say.inShort(
      judge(plan(TANKS.us75, [oscar, { species: 'paracheirodon-innesi', count: 10 }])),
    );
    expect(short).toMatch(/^Stop\. The oscar eats neon tetras.*\. \d+ more problems?\.$/);
  });
  it('says so where there is nothing wrong', () =>
    expect(say.inShort(judge(plan(TANKS.us29, [{ species: 'paracheirodon-innesi', count: 12 }])))).toBe(
      'Fits. No problems.',
    ));
});

describe('names', () => {
  // Words of the trade (common practice).
  it.each([
    ['oscar', 'oscars'],
    ['sterbai cory', 'sterbai corys'],
    ['black molly', 'black mollies'],
    ['rummy-nose tetra', 'rummy-nose tetras'],
    ['southern platy', 'southern platies'],
    ['common oto', 'common otos'],
    ['angelfish', 'angelfish'],
    ['cherry shrimp', 'cherry shrimp'],
    ['discus', 'discus'],
    ['demasoni', 'demasoni'],
    ['red empress', 'red empress'],
    ['Chinese hillstream finch', 'Chinese hillstream finches'],
  ])('%s: %s', (one, many) => expect(pluralOf(one)).toBe(many));
  it('are listed with "and", and counted from five on', () => {
    expect(listed(['A'])).toBe('A');
    expect(listed(['A', 'B'])).toBe('A and B');
    expect(listed(['A', 'B', 'C'])).toBe('A, B and C');
    expect(listed(['A', 'B', 'C', 'D', 'E'])).toBe('A, B and 3 others');
    expect(capital('neon tetras')).toBe('Neon tetras');
  });
});

describe('quantities', () => {
  it.each([
    [METRIC, 'temperature', 25.4, '25 °C'],
    [US, 'temperature', 25, '77 °F'],
    [METRIC, 'length', 7.26, '7.5 cm'],
    [US, 'length', 7.26, '2 3/4 in'],
    [US, 'length', 0.6, '1/4 in'],
    [US, 'length', 2.54, '1 in'],
    [METRIC, 'volume', 443.8, '444 L'],
    [US, 'volume', 102.2, '27 US gal'],
    [METRIC, 'hardness', 14.2, '14 °dH'],
    [US, 'hardness', 14, '250 ppm'],
    [US, 'mass', 100, '220 lb'],
    [US, 'flow', 280, '75 US gal/h'],
  ] as const)('%o %s %d: %s', (choice: UnitChoice, kind, core, words) =>
    expect(quantitiesIn(choice).quantity(kind, core)).toBe(words),
  );
  it('say a range once where both ends read the same', () => {
    expect(quantitiesIn(METRIC).range('temperature', [24, 28])).toBe('24 to 28 °C');
    expect(quantitiesIn(METRIC).range('temperature', [25, 25.2])).toBe('25 °C');
  });
  it('never mix units', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.5, max: 900, noNaN: true }), (value) => {
        for (const kind of ['length', 'volume', 'temperature', 'hardness', 'mass', 'flow'] as const) {
          expect(quantitiesIn(US).quantity(kind, value)).not.toMatch(/\d (cm|L|°C|°dH|kg|L\/h)$/);
          expect(quantitiesIn(METRIC).quantity(kind, value)).not.toMatch(
            /\d (in|US gal|°F|ppm|lb|US gal\/h)$/,
          );
        }
      }),
    );
  });
});

describe('the water', () => {
  const metric = sayingsFor(catalogue, METRIC);
  const us = sayingsFor(catalogue, US);
  const one = (species: string, count: number) => ({ species, count });
  const first = (rule: string, groups: ReturnType<typeof one>[], water: object) =>
    found(plan(TANKS.us75, groups, { water }), rule)[0]!;

  it.each([
    [
      'water-temperature',
      [one('symphysodon-aequifasciatus', 6)],
      { temperatureC: 22 },
      /^Discus need \d\d to \d\d °C; this tank is at 22 °C\.$/,
      /^Discus need \d\d to \d\d °F; this tank is at 72 °F\.$/,
    ],
    [
      'water-temperature',
      [one('betta-splendens', 1)],
      { temperatureC: 18 },
      /^The betta needs .* °C; this tank is at 18 °C\.$/,
      /^The betta needs .* °F; this tank is at 64 °F\.$/,
    ],
    [
      'water-ph',
      [one('paracheirodon-axelrodi', 10)],
      { ph: 8.6 },
      /^Cardinal tetras \(tank-bred, as usually sold\) need pH [\d.]+ to [\d.]+; this tank is at 8\.6\.$/,
      /^Cardinal tetras \(tank-bred, as usually sold\) need pH [\d.]+ to [\d.]+; this tank is at 8\.6\.$/,
    ],
    [
      'water-hardness',
      [one('paracheirodon-axelrodi', 10)],
      { ghDh: 28 },
      /^Cardinal tetras \(tank-bred, as usually sold\) need GH \d+ to \d+ °dH; this tank has 28 °dH\.$/,
      /^Cardinal tetras \(tank-bred, as usually sold\) need GH \d+ to \d+ ppm; this tank has 500 ppm\.$/,
    ],
    [
      'water-salinity',
      [one('corydoras-aeneus', 6)],
      { salinityPpt: 8 },
      /^Bronze corys are freshwater fish; this tank has 8 ppt of salt\.$/,
      /^Bronze corys are freshwater fish/,
    ],
  ] as const)('%s %o in %o', (rule, groups, water, inMetric, inUs) => {
    const finding = first(rule, [...groups], water);
    expect(metric.finding(finding)).toMatch(inMetric);
    expect(us.finding(finding)).toMatch(inUs);
  });

  it('says what suits all only where the keeper measured it', () => {
    const groups = [one('paracheirodon-innesi', 10), one('corydoras-aeneus', 6)];
    const good = (water: object) =>
      found(plan(TANKS.us75, groups, { water }), 'water-temperature').filter(
        (one) => one.severity === 'good',
      );
    expect(good({ temperatureC: 24 }).map(us.finding)).toEqual(['75 °F suits all.']);
    expect(good({})).toEqual([]);
  });

  it('names both of a pair that no water suits', () => {
    const pair = first(
      'water-temperature',
      [one('carassius-auratus', 2), one('symphysodon-aequifasciatus', 6)],
      {
        temperatureC: 24,
      },
    );
    const between = found(
      plan(TANKS.us75, [one('carassius-auratus', 2), one('symphysodon-aequifasciatus', 6)]),
      'water-temperature',
    ).find((finding) => finding.fact.says === 'water/none for both');
    expect(pair.rule).toBe('water-temperature');
    expect(metric.finding(between!)).toMatch(/^No temperature suits both .* \(.* °C\) and .* \(.* °C\)\.$/);
  });

  it('puts the heater in the keeper’s degrees', () => {
    const fix = { edit: { kind: 'set-temperature', temperatureC: 28 } } as const;
    expect(metric.fix(fix)).toBe('Set the heater to 28 °C.');
    expect(us.fix(fix)).toBe('Set the heater to 82 °F.');
  });
});

describe('the tank, growth, feeding and nitrate', () => {
  const metric = sayingsFor(catalogue, METRIC);
  const us = sayingsFor(catalogue, US);
  const both = (
    rule: string,
    groups: Parameters<typeof plan>[1],
    tank: Parameters<typeof plan>[0] = TANKS.us75,
  ) => found(plan(tank, groups), rule).map((finding) => [metric.finding(finding), us.finding(finding)]);
  const one = (species: string, count = 1) => ({ species, count });
  /** A tank that falls short in its length only. */
  const SHORT_AND_DEEP = { lengthCm: 121.92, widthCm: 76, heightCm: 76 };

  it.each([
    [
      'tank-length',
      [one('chromobotia-macracanthus', 5)],
      /^Clown loaches need a tank at least \d+ cm long; yours is 122 cm\.$/,
      /^Clown loaches need a tank at least [\d ./]+ (ft|in) long; yours is 4 ft\.$/,
    ],
    [
      'tank-volume',
      [one('chromobotia-macracanthus', 5)],
      /^Clown loaches need a tank of at least \d+ L; yours is \d+ L\.$/,
      /US gal; yours is [\d.]+ US gal\.$/,
    ],
    [
      'predation',
      [one('astronotus-ocellatus'), one('paracheirodon-innesi', 10)],
      /^The oscar eats neon tetras of this size\.$/,
      /^The oscar eats neon tetras of this size\.$/,
    ],
    [
      'nitrate',
      [one('astronotus-ocellatus', 4)],
      /^When grown, these fish make \d+ mg\/L of nitrate a week; the budget is 20\.$/,
      /\d+ ppm of nitrate/,
    ],
    [
      'panic',
      [one('metynnis-argenteus', 6)],
      /^Silver dollars bolt when frightened: \d+ cm of open water is too short\.$/,
      /: [\d ./]+ (in|ft) of open water is too short\.$/,
    ],
    [
      'outgrows',
      [one('phractocephalus-hemioliopterus')],
      /^The red-tailed catfish (is|will be) too big for this tank: at [\d.]+ cm it cannot turn\.$|too big for this tank/,
      /at [\d ./]+ in it cannot/,
    ],
  ] as const)('%s', (rule, groups, inMetric, inUs) => {
    const tank = rule === 'panic' ? TANKS.us20long : rule === 'tank-length' ? SHORT_AND_DEEP : TANKS.us75;
    const [first] = both(rule, [...groups], tank);
    expect(first?.[0]).toMatch(inMetric);
    expect(first?.[1]).toMatch(inUs);
  });

  it('tells the unit of every figure of the water and of the tank', () => {
    const cold = found(
      plan(TANKS.us75, [one('symphysodon-aequifasciatus', 6)], { water: { temperatureC: 22 } }),
      'water-temperature',
    )[0]!;
    expect(us.why(cold)).toContainEqual(['value', '72 °F']);
    expect(us.why(cold).map(([name]) => name)).not.toContain('outside by');
    const short = found(plan(SHORT_AND_DEEP, [one('chromobotia-macracanthus', 5)]), 'tank-length')[0]!;
    expect(us.why(short)).toContainEqual(['have', '48 in']);
  });

  it('names the figures a finding rests on, each in the keeper’s units', () => {
    const because = { eaterCm: 21, groundCm2: 700, nitrateMgLWeek: 35, judgedAtCm: 2.5, count: 3 };
    expect(metric.why({ because, fact: { says: 'food/meals' } })).toEqual([
      ['eater', '21 cm'],
      ['ground', '700 cm²'],
      ['nitrate', '35 mg/L a week'],
      ['judged at', '2.5 cm'],
      ['count', '3'],
    ]);
    expect(us.why({ because, fact: { says: 'food/meals' } }).map(([, figure]) => figure)).toEqual([
      '8 1/4 in',
      '109 sq in',
      '35 ppm a week',
      '1 in',
      '3',
    ]);
  });

  it('leaves no figure of the other system in any finding that is said by facts, over known plans', () => {
    const other = / (cm|L|°C|°dH|kg|cm²)[ .,;)]/;
    let said = 0;
    for (const tank of [TANKS.us20long, TANKS.us75, TANKS.us125])
      for (const groups of [
        [one('astronotus-ocellatus', 2), one('paracheirodon-innesi', 12), one('corydoras-aeneus', 6)],
        [one('chromobotia-macracanthus', 5), one('betta-splendens'), one('puntigrus-tetrazona', 5)],
        [one('symphysodon-aequifasciatus', 6), one('carassius-auratus', 2), one('metynnis-argenteus', 6)],
      ])
        for (const finding of judge(plan(tank, groups, { water: { temperatureC: 20, ph: 8.4, ghDh: 25 } }))
          .findings) {
          said += 1;
          expect(us.finding(finding)).not.toMatch(other);
          for (const [, figure] of us.why(finding)) expect(`${figure} `).not.toMatch(other);
        }
    expect(said).toBeGreaterThan(60);
  });
});

describe('a measure of a tank in feet', () => {
  it.each([
    [182.88, '6 ft'],
    // Figures in whole decimetres are meant as the trade says them.
    [180, '6 ft'],
    [120, '4 ft'],
    [90, '3 ft'],
    // What somebody measured stays as it was measured.
    [181, '71 1/2 in'],
    [119, '47 in'],
    [75, '29 1/2 in'],
    [60, '23 1/2 in'],
  ])('%d cm are %s', (cm, said) => expect(quantitiesIn(US).tank('length', cm)).toBe(said));
});

describe('nitrate', () => {
  it('is never called within budget when it is over it', () => {
    for (const count of [2, 4, 6, 8, 12]) {
      const { findings, context } = judge(
        plan(TANKS.us75, [{ species: 'symphysodon-aequifasciatus', count }]),
      );
      const said = findings
        .filter(({ rule }) => rule === 'nitrate')
        .map((finding) => sayingsFor(catalogue, METRIC).finding(finding));
      for (const sentence of said)
        expect(/within budget/.test(sentence)).toBe(context.load.nitrateMgLWeek <= 20);
    }
  });
});
