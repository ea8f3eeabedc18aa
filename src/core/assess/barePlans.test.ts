import { BARE_DISASTERS } from '@/testing/bareDisasters';
import { barePlan, type BareRow } from '@/testing/barePlans';
import { BARE_SOUND } from '@/testing/bareSound';
import { judge } from '@/testing/plans';

const rows = (plans: readonly BareRow[]) =>
  plans.map((row) => [`${row[1]} in ${row[0]}`, barePlan(row)] as const);

describe('bare plans that keepers call sound', () => {
  it.each(rows(BARE_SOUND))('%s: no stop', (_name, file) => {
    const stops = judge(file).findings.filter((finding) => finding.severity === 'stop');
    expect(stops.map((finding) => `${finding.rule}: ${finding.fact.says}`)).toEqual([]);
  });
});

describe('bare plans that keepers call a disaster', () => {
  it.each(rows(BARE_DISASTERS))('%s: a stop', (_name, file) => {
    expect(judge(file).verdict).toBe('stop');
  });
});
