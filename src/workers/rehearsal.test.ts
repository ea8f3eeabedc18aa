import { rehearsal } from './rehearsal';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

describe('a rehearsal', () => {
  /** Parts that were gone through. */
  const goes = (times: number, parts: number) => {
    const said: string[] = [];
    const { after } = rehearsal(times);
    return {
      said,
      asked: (name: string) =>
        after((at) => {
          said.push(`${name}${at}`);
          return at + 1 < parts;
        }),
    };
  };
  it('begins after a rest, and goes part by part', () => {
    const { said, asked } = goes(1, 3);
    asked('a');
    jest.advanceTimersByTime(100);
    expect(said).toEqual([]);
    jest.runAllTimers();
    expect(said).toEqual(['a0', 'a1', 'a2']);
  });
  it('ends where something new is asked, and begins again after that', () => {
    const { said, asked } = goes(1, 3);
    asked('a');
    jest.advanceTimersByTime(150);
    expect(said).toEqual(['a0']);
    asked('b');
    jest.runAllTimers();
    expect(said).toEqual(['a0', 'b0', 'b1', 'b2']);
  });
  it('happens so many times, and then no more', () => {
    const { said, asked } = goes(2, 1);
    for (const name of ['a', 'b', 'c']) {
      asked(name);
      jest.runAllTimers();
    }
    expect(said).toEqual(['a0', 'b0']);
  });
});
