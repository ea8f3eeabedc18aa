import { judge, plan, PLAINLY, TANKS } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import { growthBand } from '../growth';
import { fishIn, fixKey, groupByCause } from './causes';
import { toAnswer } from './toAnswer';
import type { TriedFix } from './triedFixes';
import { isBad } from './whatItAdds';

/** A list with stops, cautions, notes and what is good, now and later. */
const file = plan(
  { ...TANKS.us29, lid: false },
  [
    ...groupsOf('6 corydoras-panda, 8 carnegiella-strigata, 1 pterophyllum-scalare'),
    { species: 'pterygoplichthys-pardalis', count: 1, lengthCm: 6 },
  ],
  { water: { temperatureC: 25, ph: 6.8, ghDh: 6 } },
);
const asked = () => {
  const assessment = judge(file);
  return { assessment, answer: toAnswer(assessment, PLAINLY) };
};
const lid: TriedFix = {
  edit: { kind: 'set-lid', lid: true },
  rehomes: 0,
  solves: true,
  leaves: { verdict: 'stop', stop: 1, caution: 2 },
};

describe('an assessment as files hold it', () => {
  it('has a finding for each that was found, with its fact, its words and its source', () => {
    const { assessment, answer } = asked();
    expect(answer.verdict).toBe(assessment.verdict);
    expect(answer.facts).toEqual(assessment.findings.map(({ fact }) => fact));
    expect(
      answer.findings.map(({ rule, severity, species, text, because, contested, source }) => ({
        rule,
        severity,
        species,
        text,
        because,
        contested,
        source,
      })),
    ).toEqual(
      assessment.findings.map(({ rule, severity, species, fact, because, contested, source }) => ({
        rule,
        severity,
        species,
        text: fact.says,
        because,
        contested,
        source,
      })),
    );
    expect(answer.assumed).toEqual(assessment.assumed.map(({ path }) => path));
    expect(answer.assumed.length).toBeGreaterThan(0);
  });
  it('says from when, with the band of growth, only of what is still to come', () => {
    const { assessment, answer } = asked();
    const later = assessment.findings.filter(({ from }) => from !== null);
    expect(later.length).toBeGreaterThan(0);
    for (const [i, { from }] of assessment.findings.entries()) {
      const told = answer.findings[i]!;
      if (from === null)
        expect([told.from, told.fromBand, 'from' in told]).toEqual([undefined, undefined, false]);
      else expect([told.from, told.fromBand]).toEqual([from, growthBand(assessment.context.month, from)]);
    }
  });
  it('names an approach only where a finding depends on one', () => {
    const { assessment, answer } = asked();
    for (const [i, { approach }] of assessment.findings.entries())
      expect('school' in answer.findings[i]!).toBe(approach !== null);
    expect(new Set(assessment.findings.map(({ approach }) => approach === null)).size).toBe(2);
  });
  it('has problems by cause, then notes, then what is good; each finding stands in one', () => {
    const { assessment, answer } = asked();
    const fishOf = fishIn(assessment.context.planned);
    const byKind = [
      assessment.findings.filter(isBad),
      assessment.findings.filter(({ severity }) => severity === 'note'),
      assessment.findings.filter(({ severity }) => severity === 'good'),
    ];
    expect(byKind.every((findings) => findings.length > 0)).toBe(true);
    expect(answer.groups.map(({ severity, from, findings }) => ({ severity, from, findings }))).toEqual(
      byKind.flatMap((findings) =>
        groupByCause(findings, fishOf).map((group) => ({
          severity: group.severity,
          from: group.from,
          findings: group.findings.map((one) => assessment.findings.indexOf(one)),
        })),
      ),
    );
    expect(answer.groups.flatMap(({ findings }) => findings).sort((a, b) => a - b)).toEqual(
      assessment.findings.map((_, i) => i),
    );
    expect(answer.groups.map(({ cause }) => cause)).toContain('lid');
  });
  it('offers what was tried, what only the keeper can do, and other fish last', () => {
    const { assessment } = asked();
    const groups = groupByCause(assessment.findings.filter(isBad), fishIn(assessment.context.planned));
    const group = groups.find(({ cause }) => cause.kind === 'lid')!;
    const out: TriedFix = {
      ...lid,
      edit: { kind: 'leave-out', species: 'carnegiella-strigata' },
      rehomes: 3,
    };
    const said: unknown[] = [];
    const answer = toAnswer(
      assessment,
      {
        ...PLAINLY,
        fix: (fix) => {
          said.push(fix);
          return PLAINLY.fix(fix);
        },
      },
      new Map([[fixKey(group), [out, lid]]]),
    );
    const fixes = group.findings.map((one) => answer.findings[assessment.findings.indexOf(one)]!.fixes);
    const edits = fixes[0]!.map(({ edit }) => edit?.kind ?? 'advice');
    expect(edits[0]).toBe('set-lid');
    expect(edits.at(-1)).toBe('leave-out');
    expect(new Set(edits.slice(1, -1))).toEqual(edits.length > 2 ? new Set(['advice']) : new Set());
    expect(fixes[0]![0]).toEqual({ text: 'set-lid', edit: lid.edit, leaves: lid.leaves });
    // What is milder than its group has no fixes of its own.
    for (const [i, one] of group.findings.entries())
      expect(fixes[i]!.length > 0).toBe(one.severity === group.severity);
    expect(answer.groups.find(({ cause }) => cause === 'lid')?.fix).toEqual(fixes[0]![0]);
    expect(said).toContainEqual({ edit: out.edit, rehomes: 3 });
    expect(
      answer.findings.filter(({ severity }) => severity === 'good').every((one) => one.fixes.length === 0),
    ).toBe(true);
  });
  it('rounds figures to what they are worth', () => {
    const { assessment, answer } = asked();
    const { load } = assessment.context;
    expect(answer.load).toEqual({
      massG: Number(load.massG.toFixed(1)),
      nitrateMgLWeek: Number(load.nitrateMgLWeek.toFixed(2)),
      nitratePeakMgL: Number(load.nitratePeakMgL.toFixed(2)),
      lengthRule: Number(load.lengthRule.toFixed(3)),
      surfaceRule: Number(load.surfaceRule.toFixed(3)),
    });
    const { top, middle, bottom } = assessment.layers;
    expect(answer.layers).toEqual({
      top: Number(top.toFixed(3)),
      middle: Number(middle.toFixed(3)),
      bottom: Number(bottom.toFixed(3)),
    });
  });
});
