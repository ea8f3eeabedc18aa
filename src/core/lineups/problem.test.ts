import { randomProblem } from '@/testing/lineups/randomProblem';
import { readProblem } from './problem';

const good = { ...randomProblem(3, 4), conflicts: [[0, 1]], oneOf: [[0, 1]], required: [[1]] };
const last = good.items.length - 1;

describe('readProblem', () => {
  it('takes what the search takes', () => {
    const all = { ...good, conflicts: [[0, last]], oneOf: [[last]], required: [[last]] };
    expect(readProblem(JSON.parse(JSON.stringify(all)))).toEqual({ ok: true, value: all });
  });
  it.each([
    ['conflicts', [[0, 99]], 'conflicts[0][1]', { is: 'below', below: last + 1, than: 'items' }],
    ['oneOf', [[0], [1, last + 1]], 'oneOf[1][1]', { is: 'below', below: last + 1, than: 'items' }],
    ['required', [[99]], 'required[0][0]', { is: 'below', below: last + 1, than: 'items' }],
    [
      'conflicts',
      [
        [0, 1],
        [1, 1],
      ],
      'conflicts[1]',
      { is: 'another', than: 'item' },
    ],
    ['conflicts', [[0, 1, 2]], 'conflicts[0]', { is: 'another', than: 'item' }],
    ['conflicts', [[0]], 'conflicts[0]', { is: 'another', than: 'item' }],
  ])('names what is wrong in %s (%#)', (name, value, path, expected) => {
    const read = readProblem({ ...good, [name]: value });
    expect(read.ok ? [] : read.faults).toEqual([expect.objectContaining({ path, expected })]);
  });
  it.each([
    ['oneOf', [[0, 'one']], 'oneOf[0][1]'],
    ['limits', { ...good.limits, nitrateMgLWeek: -1 }, 'limits.nitrateMgLWeek'],
  ])('wants figures in %s', (name, value, path) => {
    const read = readProblem({ ...good, [name]: value });
    expect(read.ok ? [] : read.faults.map((fault) => fault.path)).toEqual([path]);
  });
});
