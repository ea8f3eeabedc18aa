import { readContestsCsv } from './contestsCsv';
import { readSurvivalCsv } from './survivalCsv';

/** Place, what was needed, and what stood there, of each fault. */
const faultsOf = (read: { readonly ok: boolean; readonly faults?: readonly object[] }) =>
  read.ok ? [] : (read.faults ?? []);
const value = (text: string) => ({ is: 'value', text: JSON.stringify(text) });

describe('lives from a table', () => {
  const read = (...lines: string[]) => readSurvivalCsv(['group,start,end,event', ...lines].join('\n'));
  const told = (...lines: string[]) => faultsOf(read(...lines));

  it('are spans by group, in their order, each with how it ended', () => {
    const lives = read('tetras,0,40,1', 'corys,5,90.5,0', 'tetras,-3,7,0');
    expect(lives.ok && [...lives.value]).toEqual([
      [
        'tetras',
        [
          { start: 0, end: 40, died: true },
          { start: -3, end: 7, died: false },
        ],
      ],
      ['corys', [{ start: 5, end: 90.5, died: false }]],
    ]);
  });
  it('may call the last day by another name', () => {
    const text = 'group,start,stop,event\na,0,4,1';
    expect(readSurvivalCsv(text, 'stop')).toEqual({
      ok: true,
      value: new Map([['a', [{ start: 0, end: 4, died: true }]]]),
    });
    expect(faultsOf(readSurvivalCsv(text))).toEqual([
      { path: '', line: 1, expected: { is: 'column', name: 'end' }, received: { is: 'nothing' } },
    ]);
    expect(faultsOf(readSurvivalCsv('group,start,stop,event\na,0,x,1', 'stop'))).toEqual([
      { path: 'stop', line: 2, expected: { is: 'number', from: -1e6, to: 1e6 }, received: value('x') },
    ]);
  });
  it.each(['group', 'start', 'end', 'event'])('need a column %s', (name) =>
    expect(
      faultsOf(
        readSurvivalCsv(
          `${['group', 'start', 'end', 'event'].filter((one) => one !== name).join(',')}\n1,2,3\n`,
        ),
      ),
    ).toEqual([{ path: '', line: 1, expected: { is: 'column', name }, received: { is: 'nothing' } }]),
  );
  const number = { is: 'number', from: -1e6, to: 1e6 };
  it.each([
    [',0,4,1', 'group', { is: 'filled' }, { is: 'nothing' }],
    ['a,,4,1', 'start', number, { is: 'nothing' }],
    ['a,x,4,1', 'start', number, value('x')],
    ['a,-1000001,4,1', 'start', number, value('-1000001')],
    ['a,0,,1', 'end', number, { is: 'nothing' }],
    ['a,0,x,1', 'end', number, value('x')],
    ['a,0,1000001,1', 'end', number, value('1000001')],
    ['a,4,4,1', 'end', { is: 'above', above: 4, than: 'start' }, value('4')],
    ['a,4,3,1', 'end', { is: 'above', above: 4, than: 'start' }, value('3')],
    ['a,0,4,2', 'event', { is: 'choice', of: ['1', '0'] }, value('2')],
    ['a,0,4,', 'event', { is: 'choice', of: ['1', '0'] }, { is: 'nothing' }],
  ])('name the place of what is wrong: %s', (row, path, expected, received) =>
    expect(told('b,0,1,0', row)).toEqual([{ path, line: 3, expected, received }]),
  );
  it('reach to the ends of what days are counted by', () => expect(told('a,-1000000,1000000,1')).toEqual([]));
  it('are none where there is no row, and that is said once', () => {
    expect(told()).toEqual([{ path: '', expected: { is: 'rows' }, received: { is: 'nothing' } }]);
    expect(told('a,0,4').map((fault) => (fault as { readonly expected: object }).expected)).toEqual([
      { is: 'cells', count: 4 },
    ]);
  });
});

describe('contests from a table', () => {
  const read = (head: string, ...lines: string[]) => readContestsCsv([head, ...lines].join('\n'));
  const HEAD = 'time,winner,loser,weight,result';
  const told = (...lines: string[]) => faultsOf(read(HEAD, ...lines));

  it('are told in the order of the file; nothing said of weight and result means one that was won', () => {
    expect(read('time,winner,loser', '2026-11-03,Amber,Inky', '2026-11-02,Inky,Rung')).toEqual({
      ok: true,
      value: [
        { time: '2026-11-03', winner: 'Amber', loser: 'Inky', weight: 1 },
        { time: '2026-11-02', winner: 'Inky', loser: 'Rung', weight: 1 },
      ],
    });
    expect(read(HEAD, '1,a,b,2.5,won', '2,a,b,,undecided', '3,b,a,3,')).toEqual({
      ok: true,
      value: [
        { time: '1', winner: 'a', loser: 'b', weight: 2.5 },
        { time: '2', winner: 'a', loser: 'b', weight: 1, undecided: true },
        { time: '3', winner: 'b', loser: 'a', weight: 3 },
      ],
    });
  });
  it.each(['time', 'winner', 'loser'])('need a column %s', (name) =>
    expect(
      faultsOf(read(['time', 'winner', 'loser'].filter((one) => one !== name).join(','), '1,2')),
    ).toEqual([{ path: '', line: 1, expected: { is: 'column', name }, received: { is: 'nothing' } }]),
  );
  const above = { is: 'above', above: 0, than: 'nothing' };
  it.each([
    [',a,b,,', 'time', { is: 'filled' }, { is: 'nothing' }],
    ['1,,b,,', 'winner', { is: 'filled' }, { is: 'nothing' }],
    ['1,a,,,', 'loser', { is: 'filled' }, { is: 'nothing' }],
    ['1,a,a,,', 'loser', { is: 'another', than: 'winner' }, value('a')],
    ['1,a,b,0,', 'weight', above, value('0')],
    ['1,a,b,-1,', 'weight', above, value('-1')],
    ['1,a,b,much,', 'weight', above, value('much')],
    ['1,a,b,Infinity,', 'weight', above, value('Infinity')],
    ['1,a,b,,lost', 'result', { is: 'choice', of: ['', 'won', 'undecided'] }, value('lost')],
  ])('name the place of what is wrong: %s', (row, path, expected, received) =>
    expect(told('0,b,a,,', row)).toEqual([{ path, line: 3, expected, received }]),
  );
  it('say once of two that are missing that they are, not that they are the same', () =>
    expect(told('1,,,,').map((fault) => (fault as { readonly path: string }).path)).toEqual([
      'winner',
      'loser',
    ]));
  it('are none where there is no row, and that is said once', () => {
    expect(told()).toEqual([{ path: '', expected: { is: 'rows' }, received: { is: 'nothing' } }]);
    expect(told('1,a')).toHaveLength(1);
  });
});
