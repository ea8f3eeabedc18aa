import { receivedOf } from './expected';

describe('what stood in a place', () => {
  it.each([
    [undefined, { is: 'nothing' }],
    [[1, 2, 3], { is: 'list', length: 3 }],
    [{ a: 1 }, { is: 'object' }],
    [null, { is: 'value', text: 'null' }],
    [-2.5, { is: 'value', text: '-2.5' }],
    [Infinity, { is: 'value', text: 'Infinity' }],
    ['two words', { is: 'value', text: '"two words"' }],
    [true, { is: 'value', text: 'true' }],
    [Symbol('x'), { is: 'value', text: 'Symbol(x)' }],
    ['x'.repeat(58), { is: 'value', text: `"${'x'.repeat(58)}"` }],
    ['x'.repeat(59), { is: 'value', text: `"${'x'.repeat(59)}…` }],
  ])('%p', (value, received) => expect(receivedOf(value)).toEqual(received));
});
