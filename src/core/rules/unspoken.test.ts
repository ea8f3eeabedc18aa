import fc from 'fast-check';
import { anyPlan } from '@/testing/anyPlan';
import { catalogue, found, plan, TANKS, TODAY } from '@/testing/plans';
import { buildContext } from '../assess/buildContext';
import { readPlan } from '../assess/readPlan';
import type { Finding, Severity } from './finding';
import { judgeAll, judgeTold } from './judgeAll';
import { RULES } from './everyRule';
import { spoken } from './unspoken';

describe('findings that only repeat another', () => {
  const convict = { species: 'amatitlania-nigrofasciata', count: 1 };
  it('are left out: who is eaten is not also told to be bullied', () => {
    const answer = plan(TANKS.us125, [convict, { species: 'hyphessobrycon-amandae', count: 10 }]);
    expect(found(answer, 'predation')).toHaveLength(1);
    expect(found(answer, 'temper')).toEqual([]);
    expect(
      found(plan(TANKS.us125, [convict, { species: 'trichogaster-chuna', count: 10 }]), 'temper'),
    ).toHaveLength(1);
  });
  it('stay where the other is milder, comes later, or is about others', () => {
    const of = (rule: string, severity: Severity, from: string | null, species = ['a', 'b']) =>
      ({ rule, severity, from, species }) as unknown as Finding;
    const bullied = of('temper', 'stop', null);
    for (const eaten of [
      of('predation', 'caution', null),
      of('predation', 'stop', '2027-07'),
      of('predation', 'stop', null, ['a', 'c']),
    ])
      expect(spoken([bullied, eaten])).toEqual([bullied, eaten]);
    const eaten = of('predation', 'stop', null, ['b', 'a']);
    expect(spoken([bullied, eaten])).toEqual([eaten]);
    const few = of('group-size', 'caution', null, ['a']);
    const number = of('group-number', 'stop', null, ['a']);
    expect(spoken([few, number])).toEqual([few, number]);
    const easy = of('group-size', 'note', null, ['a']);
    expect(spoken([easy, number])).toEqual([number]);
  });
  it('of a pair come from rules that see the pair alone: else one newcomer would be told another thing than the list', () => {
    const ofPairs = RULES.filter(({ silentBeside = [] }) => silentBeside.some(({ of }) => of === 'the pair'));
    expect(ofPairs.map(({ name }) => name)).toContain('temper');
    expect(ofPairs.filter(({ judge }) => judge !== undefined).map(({ name }) => name)).toEqual([]);
  });
  it('never change what is worst, or when it begins, for any species of any list', () => {
    fc.assert(
      fc.property(anyPlan, (file) => {
        const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
        if (!read.ok) return;
        const { context } = buildContext(read.value, catalogue, TODAY);
        const all = judgeAll(context);
        const told = spoken(all);
        expect(judgeTold(context)).toEqual(told);
        for (const one of all)
          if (one.severity === 'stop' || one.severity === 'caution')
            expect(
              told.some(
                (other) =>
                  (other.severity === one.severity || other.severity === 'stop') &&
                  (other.from ?? '') <= (one.from ?? '') &&
                  one.species.every((id) => other.species.includes(id)),
              ),
            ).toBe(true);
      }),
      { numRuns: 60 },
    );
  });
});
