import fc from 'fast-check';
import { writtenInOrder } from './writtenInOrder';

const at = (n: number): { readonly recorded: string } => ({ recorded: new Date(n).toISOString() });
const moments = (ns: readonly number[]): readonly number[] =>
  writtenInOrder(ns.map(at)).map(({ recorded }) => Date.parse(recorded));

describe('moments of writing', () => {
  it('only go up, and none is earlier than it was (property)', () =>
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 50 })), (ns) => {
        const after = moments(ns);
        after.forEach((moment, i) => {
          expect(moment).toBeGreaterThanOrEqual(ns[i]!);
          if (i > 0) expect(moment).toBeGreaterThan(after[i - 1]!);
        });
        expect(moments(after)).toEqual(after);
      }),
    ));
  it('of a longer journal are those of the shorter: two devices with one past agree on it (property)', () =>
    fc.assert(
      fc.property(fc.array(fc.nat(50)), fc.array(fc.nat(50)), (past, more) => {
        expect(moments([...past, ...more]).slice(0, past.length)).toEqual(moments(past));
      }),
    ));
  it('sort as text: a second without its milliseconds is before what follows in it', () => {
    const [first, second] = writtenInOrder([
      { recorded: '2027-01-01T10:00:00Z' },
      { recorded: '2027-01-01T10:00:00.500Z' },
    ]);
    expect(first!.recorded).toBe('2027-01-01T10:00:00.000Z');
    expect(first!.recorded < second!.recorded).toBe(true);
  });
  it('leave alone what is no entry and what needs no change', () => {
    const odd = [null, 'x', { recorded: 7 }, { recorded: 'never' }, at(5)];
    expect(writtenInOrder(odd)).toEqual(odd);
    expect(writtenInOrder(odd)[4]).toBe(odd[4]);
  });
});
