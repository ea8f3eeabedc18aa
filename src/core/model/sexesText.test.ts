import { readSexes, writeSexes } from './sexesText';

describe('sexes as they are typed', () => {
  it.each([
    ['1 m, 3 f', 1, 3],
    ['1m3f', 1, 3],
    ['2 males and 4 females', 2, 4],
    ['1:3', 1, 3],
    ['3 f', undefined, 3],
    ['2 m', 2, undefined],
    ['1/3', 1, 3],
    ['1 + 3', 1, 3],
    ['  ', undefined, undefined],
    ['', undefined, undefined],
  ])('%s', (text, males, females) => expect(readSexes(text)).toEqual({ males, females }));

  it.each(['some', '3', '1 m, x', '1:2:3', '-1 m', '99999 m'])('refuses "%s"', (text) =>
    expect(readSexes(text)).toBeNull(),
  );

  it('writes what is known, and nothing where nobody knows', () => {
    expect(writeSexes({ males: 2 })).toBe('2 m, 0 f');
    expect(writeSexes({ females: 2 })).toBe('0 m, 2 f');
    expect(writeSexes({})).toBe('');
  });

  it('reads what it writes', () => {
    for (const sexes of [
      { males: 1, females: 4 },
      { males: 0, females: 2 },
      { males: undefined, females: undefined },
    ])
      expect(readSexes(writeSexes(sexes))).toEqual(sexes);
  });
});
