import { judge, plan, severities, TANKS, TODAY } from '@/testing/plans';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

/** What is said of the size of the tank: one measure a species, the one that binds. */
const ofSize = (file: Parameters<typeof judge>[0]) =>
  judge(file).findings.filter(({ fact }) => fact.says === 'size/needs');

const neons = { species: 'paracheirodon-innesi', count: 10 } as const;

describe('tank rules', () => {
  it('say that a tank lies between two approaches', () => {
    const all = ofSize(plan(TANKS.us75, [{ species: 'cyphotilapia-frontosa', count: 8 }]));
    expect(all).toHaveLength(1);
    expect(all[0]).toMatchObject({ severity: 'caution', approach: 'middle' });
    expect(Object.keys(all[0]!.because)).toContain('needsLengthCm');
  });
  it('begin in the month in which the young outgrow the tank', () => {
    const [finding] = ofSize(
      plan(TANKS.us55, [{ species: 'chromobotia-macracanthus', count: 6, lengthCm: 5 }]),
    );
    expect(finding?.severity).toBe('stop');
    expect(finding!.from! > TODAY.slice(0, 7)).toBe(true);
    expect(ofSize(plan(TANKS.us55, [{ species: 'chromobotia-macracanthus', count: 6 }]))[0]?.from).toBeNull();
  });
  it('forgive what makers round away', () =>
    expect(
      severities(plan({ lengthCm: 59.2, widthCm: 30, heightCm: 40 }, [neons]), 'tank-length'),
    ).not.toContain('stop'));
  it('measure from the outside, also when the keeper measured inside', () => {
    expect(
      severities(
        plan({ lengthCm: 119, widthCm: 49, heightCm: 50, inside: true, glassMm: 10 }, [
          { species: 'melanotaenia-boesemani', count: 8 },
        ]),
        'tank-length',
      ),
    ).not.toContain('caution');
  });
});

describe('load and nitrate', () => {
  const corys = (count: number, more = {}) =>
    plan(TANKS.us20long, [{ species: 'corydoras-aeneus', count }], more);
  it('grow with the list', () => {
    const week = (count: number) => judge(corys(count)).context.load.nitrateMgLWeek;
    expect(week(12)).toBeCloseTo(2 * week(6), 6);
  });
  it('peak lower when more is changed more often', () => {
    const peak = (changeFraction: number, everyDays: number) =>
      judge(corys(10, { routine: { changeFraction, everyDays } })).context.load.nitratePeakMgL;
    expect(peak(0.5, 7)).toBeLessThan(peak(0.25, 7));
    expect(peak(0.5, 3)).toBeLessThan(peak(0.5, 7));
  });
});
