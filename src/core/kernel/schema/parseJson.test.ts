import { parseJson } from './parseJson';

const faults = (text: string) => {
  const read = parseJson(text);
  return read.ok ? 'read' : read.faults;
};
const broken = (cut: boolean, line: number, column: number) => [
  { path: '', expected: { is: 'JSON', cut }, received: { is: 'break', line, column } },
];

describe('JSON text as a value', () => {
  it.each<[string, string, unknown]>([
    ['an object', '{"a": [1, "x", null, true]}', { a: [1, 'x', null, true] }],
    ['with space about it', ' \n {"a": 1} \n', { a: 1 }],
    ['with a byte order mark', '\uFEFF{"a": 1}', { a: 1 }],
    ['a number', '7', 7],
  ])('reads %s', (_name, text, value) => expect(parseJson(text)).toEqual({ ok: true, value }));

  it.each(['', ' \n\t', '\uFEFF'])('calls %j empty', (text) =>
    expect(faults(text)).toEqual([
      { path: '', expected: { is: 'JSON', cut: false }, received: { is: 'empty file' } },
    ]),
  );

  it.each<[string, string, boolean, number, number]>([
    ['cut off in a list', '{"a": [1, 2', true, 1, 12],
    ['cut off in a word, with a line after it', '{\n "a": "x\n', true, 2, 7],
    ['with a comma too many', '{"a": 1,}', false, 1, 9],
    ['with a comment', '{\n  // note\n "a": 1}', false, 2, 3],
    ['wrong in the middle', '{"a": 1,\n "b": wrong,\n "c": 3}', false, 2, 7],
    ['that is no JSON at all', 'name;count\nneon;6', false, 1, 1],
    ['with text behind its end', '{"a": 1} x', false, 1, 10],
  ])('says where a text %s stops', (_name, text, cut, line, column) =>
    expect(faults(text)).toEqual(broken(cut, line, column)),
  );

  it('takes 64 brackets in one another and no more, whole or broken', () => {
    const nested = (levels: number): string => '['.repeat(levels) + ']'.repeat(levels);
    const tooDeep = [{ path: '', expected: { is: 'nested', most: 64 }, received: { is: 'damage' } }];
    expect(faults(nested(64))).toBe('read');
    expect(faults(nested(65))).toEqual(tooDeep);
    expect(faults('['.repeat(65))).toEqual(tooDeep);
    expect(faults('['.repeat(64))).toEqual(broken(true, 1, 65));
  });
});
