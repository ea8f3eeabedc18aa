import { writeBackup } from '@/core/formats';
import { canonicalJson, type EntryId, type TankId } from '@/core/kernel';
import type { Entry } from '@/core/events';
import { cameAs, catalogue, tankPut } from '@/testing/tabs';
import { runCommand } from './runCommand';

const change = tankPut('T', 'Fen');
const tank = change.kind === 'put' ? [change.document] : [];
const at = (day: number): string => `2027-03-0${day}T12:00:00.000Z`;
const came = { ...cameAs('shoal', at(1), 6), id: 'came' as EntryId, seq: 1, recorded: at(1) } as Entry;
const tested = (id: string, day: number): Entry => ({
  type: 'tested',
  on: at(day),
  tank: 'T' as TankId,
  note: '',
  id: id as EntryId,
  seq: day,
  recorded: at(day),
});
const file = (...entries: readonly Entry[]): string => writeBackup(tank, [came, ...entries], at(9));
const run = (args: readonly string[], files: Readonly<Record<string, string>>) =>
  runCommand(['merge', ...args], {
    catalogue,
    today: '2027-03-10',
    readInput: (path) => {
      const text = files[path];
      if (text === undefined) throw new Error('no such file');
      return text;
    },
  });
const entriesOf = (output: string): readonly string[] =>
  (JSON.parse(output) as { entries: readonly { id: string }[] }).entries.map(({ id }) => id);

describe('merge', () => {
  const files = { phone: file(tested('p', 2)), desk: file(tested('d', 3)), pad: file(tested('a', 4)) };
  it('brings the files of one room together, whatever their order', () => {
    const one = run(['phone', 'desk', 'pad'], files);
    expect(one.errors).toEqual([]);
    expect(entriesOf(one.output)).toEqual(['came', 'p', 'd', 'a']);
    expect(one.notes).toEqual(['phone: 2 entries; desk: 2 entries; pad: 2 entries; together 4']);
    const other = run(['pad', 'phone', 'desk'], files);
    expect(canonicalJson(JSON.parse(other.output))).toBe(canonicalJson(JSON.parse(one.output)));
    expect(run(['all', 'desk'], { ...files, all: one.output }).output).toBe(one.output);
  });
  it('keeps what contradicts under "aside", and says so', () => {
    const gone = (id: string, day: number): Entry =>
      ({
        type: 'died',
        on: at(day),
        resident: 'shoal',
        count: 6,
        how: 'found',
        cause: '',
        note: '',
        id,
        seq: day,
        recorded: at(day),
      }) as unknown as Entry;
    const both = run(['phone', 'desk'], { phone: file(gone('p', 2)), desk: file(gone('d', 3)) });
    expect(entriesOf(both.output)).toEqual(['came', 'p']);
    expect(
      (JSON.parse(both.output) as { aside: readonly { id: string }[] }).aside.map(({ id }) => id),
    ).toEqual(['d']);
    expect(both.notes?.[1]).toMatch(/^set aside: .*3 Mar/);
  });
  it.each([
    [['phone'], /needs two files/],
    [['phone', 'none'], /^none: could not be read/],
    [['phone', 'plan'], /^plan: format: needs "lomvik"/],
    [['phone', 'bad'], /^bad: entries\[0\]/],
  ] as const)('refuses %j', (args, why) => {
    const answer = run(args, {
      ...files,
      plan: '{"format":"lomvik-plan","version":1}',
      bad: file().replace('"species": "pterophyllum-scalare"', '"species": 7'),
    });
    expect(answer.output).toBe('');
    expect(answer.errors[0]).toMatch(why);
  });
});
