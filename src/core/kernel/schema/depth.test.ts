import { bracketDepth, DEEPEST, isTooDeep } from './depth';

const nested = (levels: number): unknown => {
  let value: unknown = 1;
  for (let i = 0; i < levels; i += 1) value = i % 2 === 0 ? { a: value } : [0, value];
  return value;
};

describe('the depth of a value', () => {
  it.each([
    [nested(DEEPEST), undefined, false],
    [nested(DEEPEST + 1), undefined, true],
    [{ flat: 1, other: { deep: { er: 1 } } }, 2, true],
    [{ flat: 1, other: { deep: 1 } }, 2, false],
    [{}, 0, true],
    ['text', 0, false],
    [null, 0, false],
    [Object.create({ inherited: { deep: {} } }) as unknown, 1, false],
  ])('%j within %j levels', (value, levels, tooDeep) =>
    expect(levels === undefined ? isTooDeep(value) : isTooDeep(value, levels)).toBe(tooDeep),
  );
});

describe('the depth of brackets in a text', () => {
  it.each([
    ['', 0],
    ['"[[[["', 0],
    ['[1, {"a": [2]}]', 3],
    ['[] [] [[]]', 2],
    ['{"a\\"[[": [1]}', 2],
    ['["\\\\", [3]]', 2],
    ['{"a": 1}}}} [[', 1],
  ])('%s', (text, depth) => expect(bracketDepth(text)).toBe(depth));
});
