import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import fc from 'fast-check';
import { anyPlan } from '@/testing/anyPlan';
import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import { RULES } from './everyRule';

/** Both ways: it fires where it must, and keeps silent where it must. Facts of the trade are tested beside the assessment. */

describe('the registry', () => {
  it('has every file that exports a rule (`npm run docs` writes it)', () => {
    const files = readdirSync(__dirname).filter(
      (file) =>
        !file.endsWith('.test.ts') &&
        /^export const \w+: Rule\b/m.test(readFileSync(join(__dirname, file), 'utf8')),
    );
    const listed = readFileSync(join(__dirname, 'everyRule.ts'), 'utf8').match(/(?<=from '\.\/)\w+/g) ?? [];
    expect(listed.filter((file) => file !== 'rule').map((file) => `${file}.ts`)).toEqual(files.sort());
    expect(RULES).toHaveLength(files.length);
  });
  it('names every rule once', () => {
    const names = RULES.map((rule) => rule.name);
    expect(new Set(names).size).toBe(names.length);
  });
  it('has every rule speak under its own name only', () => {
    const answer = judge(
      plan(
        { ...TANKS.us20long, lid: false, substrate: 'gravel' },
        catalogue.all.slice(0, 30).map((profile) => ({ species: profile.id, count: 2 })),
        { water: { temperatureC: 20, ph: 9, ghDh: 30, salinityPpt: 5 } },
      ),
    );
    const names = new Set(RULES.map((rule) => rule.name));
    expect(answer.findings.filter((finding) => !names.has(finding.rule))).toEqual([]);
    expect(new Set(answer.findings.map((finding) => finding.rule)).size).toBeGreaterThan(10);
  });
  it('has every rule judge by its printed tables only', () => {
    const printed = new Map(
      RULES.map((rule) => [
        rule.name,
        rule.severities.flatMap(({ rows }) => rows.map((row) => row.severity)),
      ]),
    );
    fc.assert(
      fc.property(anyPlan, (file) => {
        for (const { rule, severity } of judge(file).findings) expect(printed.get(rule)).toContain(severity);
      }),
      { numRuns: 60 },
    );
  });
  it('gives every table rows, and a reason', () => {
    for (const { severities } of RULES)
      for (const table of severities) {
        expect(table.rows.length).toBeGreaterThan(0);
        expect(table.reason).not.toBe('');
      }
  });
});
