import { found, plan, severities, TANKS } from '@/testing/plans';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

const big = TANKS.pond;
const neons = { species: 'paracheirodon-innesi', count: 10 } as const;

describe('water-temperature', () => {
  const at = (temperatureC: number | undefined, ...groups: { species: string; count: number }[]) =>
    plan(big, groups.length > 0 ? groups : [neons], { water: { temperatureC } });
  it.each([
    [26, ['note']],
    [27, ['caution']],
    [27.1, ['stop']],
    [19, ['caution']],
    [18, ['stop']],
  ] as const)('neons at %d °C: %j', (temperature, expected) =>
    expect(severities(at(temperature), 'water-temperature')).toEqual(expected),
  );
  it('says nothing of a tank that nobody measured', () =>
    expect(severities(at(undefined), 'water-temperature')).toEqual([]));
  it('finds a pair that no temperature suits, whatever the tank', () => {
    const pair = found(
      at(
        undefined,
        { species: 'mikrogeophagus-ramirezi', count: 2 },
        { species: 'tanichthys-albonubes', count: 10 },
      ),
      'water-temperature',
    );
    expect(pair).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['mikrogeophagus-ramirezi', 'tanichthys-albonubes'],
      }),
    ]);
  });
  it('proposes the middle of what all share, as a press', () => {
    const fix = found(
      at(28, { species: 'danio-rerio', count: 10 }, neons),
      'water-temperature',
      'paracheirodon-innesi',
    )[0]?.fixes[0];
    expect(fix).toEqual({ edit: { kind: 'set-temperature', temperatureC: 23 } });
  });
});

describe('water-ph and water-hardness', () => {
  const at = (ph: number, ghDh: number) =>
    plan(big, [{ species: 'maylandia-estherae', count: 8 }], { water: { ph, ghDh } });
  it('stops mbuna in soft acid water and lets them be in hard alkaline water', () => {
    expect(severities(at(6.5, 1), 'water-ph')).toEqual(['stop']);
    expect(severities(at(6.5, 1), 'water-hardness')).toEqual(['stop']);
    expect(severities(at(8.2, 12), 'water-ph')).toEqual([]);
    expect(severities(at(8.2, 12), 'water-hardness')).toEqual([]);
  });
  it('cautions within half a pH and four degrees', () => {
    expect(severities(at(7, 3), 'water-ph')).toEqual(['caution']);
    expect(severities(at(7, 3), 'water-hardness')).toEqual(['caution']);
  });
  it('takes the wild range for wild fish and says so', () => {
    const wild = found(
      plan(big, [{ species: 'pterophyllum-scalare', count: 6, origin: 'wild' }], { water: { ph: 7.8 } }),
      'water-ph',
    );
    expect(wild[0]).toMatchObject({ severity: 'stop', because: { range: 'wild' } });
    expect(
      found(
        plan(big, [{ species: 'pterophyllum-scalare', count: 6, origin: 'tank-bred' }], {
          water: { ph: 7.8 },
        }),
        'water-ph',
      ),
    ).toEqual([]);
  });
});

describe('water-salinity', () => {
  it('stops freshwater fish in salt and lets the brackish stand', () => {
    expect(severities(plan(big, [neons], { water: { salinityPpt: 5 } }), 'water-salinity')).toEqual(['stop']);
    expect(
      severities(
        plan(big, [{ species: 'brachygobius-doriae', count: 6 }], { water: { salinityPpt: 5 } }),
        'water-salinity',
      ),
    ).toEqual([]);
  });
});
