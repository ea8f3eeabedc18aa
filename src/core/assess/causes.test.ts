import fc from 'fast-check';
import { anyPlan } from '@/testing/anyPlan';
import { judge, plan, TANKS } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import { causeOf, fishIn, groupByCause } from './causes';
import { isBad } from './whatItAdds';

const groupsIn = (file: Parameters<typeof judge>[0]) => {
  const { findings, context } = judge(file);
  return groupByCause(findings, fishIn(context.planned));
};
const RANK = { stop: 0, caution: 1, note: 2, good: 3 } as const;

describe('findings by cause', () => {
  it('loses none, and tells each once', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const { findings, context } = judge(file);
        const grouped = groupByCause(findings, fishIn(context.planned)).flatMap((group) => group.findings);
        expect(new Set(grouped)).toEqual(new Set(findings));
        expect(grouped).toHaveLength(findings.length);
      }),
      { numRuns: 80 },
    );
  });
  it('stands in order of harm, and within it of how soon; each group is as bad as its worst', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const groups = groupsIn(file);
        const order = groups.map(({ severity, from }) => `${RANK[severity]}${from ?? ''}`);
        expect(order).toEqual([...order].sort());
        for (const { severity, findings } of groups)
          for (const finding of findings)
            expect(RANK[finding.severity]).toBeGreaterThanOrEqual(RANK[severity]);
      }),
      { numRuns: 80 },
    );
  });
  it('makes one group of a tank pH that is wrong for many species', () => {
    const groups = groupsIn(
      plan(
        TANKS.us75,
        groupsOf('10 paracheirodon-axelrodi, 10 hemigrammus-bleheri, 6 mikrogeophagus-ramirezi'),
        { water: { ph: 8.8 } },
      ),
    );
    const water = groups.filter(({ cause }) => cause.kind === 'water' && cause.measure === 'ph');
    expect(water.filter(({ severity }) => severity === 'stop')).toHaveLength(1);
    expect(water[0]!.species).toHaveLength(3);
  });
  it('makes one group of a pair, whoever acts', () => {
    const groups = groupsIn(
      plan(TANKS.us20long, groupsOf('1 betta-splendens, 5 puntigrus-tetrazona')),
    ).filter(({ cause, severity }) => cause.kind === 'pair' && severity !== 'good');
    expect(groups).toHaveLength(1);
    expect(groups[0]!.findings.length).toBeGreaterThan(1);
  });
  it('puts more fish before fewer where harm and time are alike, never the alphabet', () => {
    const groups = groupsIn(
      plan({ ...TANKS.pond, lid: true }, groupsOf('2 paracheirodon-innesi, 3 corydoras-sterbai')),
    ).filter(({ findings: [first] }) => first?.fact.says === 'group/too few');
    expect(groups.map(({ species }) => species[0])).toEqual(['corydoras-sterbai', 'paracheirodon-innesi']);
  });
  it('keeps what is good apart from what is not', () => {
    for (const { severity, findings } of groupsIn(plan(TANKS.us75, groupsOf('12 paracheirodon-innesi'))))
      expect(findings.some((finding) => finding.severity === 'good')).toBe(severity === 'good');
  });
  it('knows the cause of every bad finding of a crowded list', () => {
    const { findings } = judge(
      plan(
        { ...TANKS.us20long, lid: false, substrate: 'gravel' },
        groupsOf('2 oscar, 5 clown loach, 1 betta'),
      ),
    );
    for (const finding of findings.filter(isBad)) expect(causeOf(finding).kind).toMatch(/./);
  });
});
