import { found, judge, plan, severities, TANKS, TODAY } from '@/testing/plans';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

const big = TANKS.pond;
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
  it('call a hair less than the most lenient figure a doubt, and much less a stop', () => {
    const width = (widthCm: number) =>
      ofSize(
        plan({ lengthCm: 185, widthCm, heightCm: 70 }, [
          {
            species: 'metynnis-argenteus',
            count: 6,
            lengthCm: 5,
            until: '2027-09',
            nextTank: 'the long one',
          },
        ]),
      ).map(({ rule, severity }) => `${rule} ${severity}`);
    expect(width(32)).toEqual(['tank-width caution']);
    expect(width(25)).toEqual(['tank-width stop']);
  });
  it('are stricter for a cautious keeper and milder for a lenient one', () => {
    const worst = (tankSize: 'cautious' | 'middle' | 'tried') =>
      judge(plan(TANKS.us75, [{ species: 'astronotus-ocellatus', count: 1 }], { practice: { tankSize } }))
        .verdict;
    expect(worst('cautious')).toBe('stop');
    expect(worst('middle')).toBe('caution');
    expect(['caution', 'fits']).toContain(worst('tried'));
  });
  it('begin in the month in which the young outgrow the tank', () => {
    const [finding] = ofSize(
      plan(TANKS.us55, [{ species: 'chromobotia-macracanthus', count: 6, lengthCm: 5 }]),
    );
    expect(finding?.severity).toBe('stop');
    expect(finding!.from! > TODAY.slice(0, 7)).toBe(true);
    expect(ofSize(plan(TANKS.us55, [{ species: 'chromobotia-macracanthus', count: 6 }]))[0]?.from).toBeNull();
  });
  it('judge a temporary stay by the length at its end', () => {
    const until = (month: string) =>
      ofSize(
        plan(TANKS.us55, [{ species: 'chromobotia-macracanthus', count: 6, lengthCm: 5, until: month }]),
      ).map(({ severity }) => severity);
    expect(until('2027-02')).not.toContain('stop');
    expect(until('2034-01')).toContain('stop');
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

describe('lid and substrate', () => {
  it('keep silent under a lid and on sand', () => {
    const safe = plan({ ...big, lid: true, substrate: 'sand' }, [
      { species: 'carnegiella-strigata', count: 8 },
      { species: 'corydoras-aeneus', count: 8 },
    ]);
    expect([...severities(safe, 'lid'), ...severities(safe, 'substrate')]).toEqual([]);
  });
  it('tell jumpers from those who jump when frightened', () => {
    expect(
      severities(plan({ ...big, lid: false }, [{ species: 'carnegiella-strigata', count: 8 }, neons]), 'lid'),
    ).toEqual(['stop', 'caution']);
  });
  it('let rays lie on a bare floor', () => {
    const floor = (substrate: 'bare' | 'gravel') =>
      severities(plan({ ...big, substrate }, [{ species: 'potamotrygon-motoro', count: 1 }]), 'substrate');
    expect(floor('bare')).toEqual([]);
    expect(floor('gravel')).toEqual(['stop']);
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
  it('turn from good to caution as the tank fills, and never to a stop', () => {
    const said = [6, 12, 60].map((count) => severities(corys(count), 'nitrate')[0]);
    expect(said[0]).not.toBe('caution');
    expect(said[2]).toBe('caution');
    expect(severities(corys(40), 'load')).not.toEqual(['good']);
  });
  it('begin when the young have grown', () =>
    expect(
      found(plan(TANKS.us20long, [{ species: 'corydoras-aeneus', count: 40, lengthCm: 2.5 }]), 'nitrate')[0]
        ?.from,
    ).not.toBeNull());
});

describe('handling-hazard and restricted', () => {
  it('warn of a sting, and of what the law may say', () => {
    const ray = plan(big, [{ species: 'potamotrygon-motoro', count: 1 }]);
    expect(found(ray, 'handling-hazard')[0]).toMatchObject({
      severity: 'caution',
      fact: { says: 'care/sting' },
    });
    expect(found(ray, 'restricted')[0]?.fact).toEqual({ says: 'care/restricted' });
    expect([
      ...found(plan(big, [neons]), 'handling-hazard'),
      ...found(plan(big, [neons]), 'restricted'),
    ]).toEqual([]);
  });
});
