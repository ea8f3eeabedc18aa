import { catalogue, judge, plan, TANKS, TODAY } from '@/testing/plans';
import { groupsOf } from '@/testing/planText';
import type { Finding, PlanEdit, Severity } from '../rules';
import type { Assessment } from './assess';
import { type CauseGroup, fixKey } from './causes';
import { beginsEarlier, mends, rehomedBy, toldGroups, type Tried, tryEdit } from './tryEdit';

const finding = (severity: Severity, from: string | null = null, species = ['a'], rule = 'lid'): Finding =>
  ({ rule, severity, from, species }) as unknown as Finding;

describe('what begins earlier than it did', () => {
  it.each<[string, Finding[], Finding[], boolean]>([
    ['a stop that comes a month sooner', [finding('stop', '2027-05')], [finding('stop', '2027-04')], true],
    ['a caution that is true today', [finding('caution', '2027-05')], [finding('caution')], true],
    ['not one that comes when it came', [finding('stop', '2027-05')], [finding('stop', '2027-05')], false],
    ['not one that comes later', [finding('stop', '2027-05')], [finding('stop', '2027-06')], false],
    ['not one that was true today', [finding('stop')], [finding('stop')], false],
    ['not one that is new', [], [finding('stop')], false],
    ['not a note', [finding('note', '2027-05')], [finding('note')], false],
    ['not that of another rule', [finding('stop', '2027-05')], [finding('stop', null, ['a'], 'ph')], false],
    ['not that of other fish', [finding('stop', '2027-05')], [finding('stop', null, ['b'])], false],
    [
      'not that of two whose names make one',
      [finding('stop', '2027-05', ['a', 'b'])],
      [finding('stop', null, ['ab'])],
      false,
    ],
    ['not one of another severity', [finding('stop', '2027-05')], [finding('caution')], false],
    [
      'by the first of several, whatever their order',
      [finding('stop', '2027-03'), finding('stop', '2027-05')],
      [finding('stop', '2027-05'), finding('stop', '2027-04')],
      false,
    ],
    [
      'one of several',
      [finding('stop', '2027-05'), finding('stop', '2027-05', ['b'])],
      [finding('stop', '2027-05'), finding('stop', '2027-04', ['b'])],
      true,
    ],
  ])('is %s', (_name, before, after, expected) => expect(beginsEarlier(before, after)).toBe(expected));
});

const group = (severity: Severity, count = 1): CauseGroup =>
  ({
    key: 'k',
    severity,
    findings: Array.from({ length: count }, () => finding(severity)),
  }) as unknown as CauseGroup;
const tried = (...groups: readonly CauseGroup[]): Tried =>
  ({ groups: new Map(groups.map((one) => [fixKey(one), one])) }) as unknown as Tried;

describe('what mends a group', () => {
  it.each<[string, CauseGroup, Tried, 'gone' | 'milder' | null]>([
    ['an edit after which it is gone', group('stop'), tried(), 'gone'],
    ['one after which it is milder', group('stop', 2), tried(group('caution', 2)), 'milder'],
    ['one that leaves a note', group('caution'), tried(group('note')), 'gone'],
    ['not one that leaves it as bad', group('stop', 2), tried(group('stop', 1)), null],
    ['not one that makes it worse', group('caution'), tried(group('stop')), null],
    ['not one that leaves more of it, though milder', group('stop', 1), tried(group('caution', 2)), null],
    ['an edit after which a note is gone', group('note'), tried(), 'gone'],
    ['not one that makes a note a problem', group('note'), tried(group('caution')), null],
    ['not one that leaves the note', group('note'), tried(group('note')), null],
  ])('is %s', (_name, one, after, expected) => expect(mends(one, after)).toBe(expected));
});

describe('how many leave the tank for an edit', () => {
  const kept = (id: string, ...groups: readonly (readonly [number, number | null])[]) => ({
    profile: { id },
    groups: groups.map(([count, monthsHere]) => ({ count, monthsHere })),
  });
  const here = {
    context: { planned: [kept('a', [4, 0], [3, 12], [5, null]), kept('b', [9, 2])] },
  } as unknown as Assessment;
  it.each<[PlanEdit, number]>([
    [{ kind: 'leave-out', species: 'a' }, 7],
    [{ kind: 'swap', species: 'a', to: 'b', count: 5 }, 7],
    [{ kind: 'set-count', species: 'a', count: 5 }, 2],
    [{ kind: 'set-count', species: 'a', count: 9 }, 0],
    [{ kind: 'leave-out', species: 'c' }, 0],
    [{ kind: 'set-sexes', species: 'a', males: 1, females: 1 }, 0],
    [{ kind: 'set-lid', lid: true }, 0],
  ])('%j: %d', (edit, expected) => expect(rehomedBy(edit, here)).toBe(expected));
});

describe('a list after an edit', () => {
  const file = plan({ ...TANKS.us75, lid: false }, groupsOf('8 carnegiella-strigata, 10 danio-rerio'));
  const trial = { plan: file, before: judge(file), catalogue, today: TODAY };
  it('is judged: its verdict, and how many problems it has by cause', () => {
    const after = tryEdit(trial, { kind: 'set-lid', lid: true });
    const answer = judge({ ...file, tank: { ...file.tank, lid: true } });
    const count = (severity: Severity) =>
      toldGroups(answer).filter((one) => one.severity === severity).length;
    expect(after?.leaves).toEqual({
      verdict: answer.verdict,
      stop: count('stop'),
      caution: count('caution'),
    });
    expect(after?.harms).toBe(false);
    expect([...(after?.groups.keys() ?? [])]).toEqual(toldGroups(answer).map(fixKey));
  });
  it('is harmed by what brings a stop', () => {
    expect(tryEdit(trial, { kind: 'set-count', species: 'danio-rerio', count: 150 })?.harms).toBe(true);
  });
  it('is none where the edit does not apply', () => {
    expect(tryEdit(trial, { kind: 'leave-out', species: 'betta-splendens' })).toBeNull();
  });
  it('is told as problems, then notes; what is good is not mended', () => {
    const of = (says: string, severity: Severity) => ({
      ...finding(severity),
      fact: { says } as Finding['fact'],
    });
    const answer = {
      findings: [
        of('care/spines', 'note'),
        of('good', 'good'),
        of('home/no lid', 'caution'),
        of('size/needs', 'stop'),
      ],
      context: { planned: [] },
    } as unknown as Assessment;
    expect(toldGroups(answer).map(({ severity }) => severity)).toEqual(['stop', 'caution', 'note']);
  });
});
