import fc from 'fast-check';
import { canonicalJson } from './canonicalJson';
import { saysSame } from './saysSame';

/** Values that meet often: few names, few values. */
const { value: small } = fc.letrec((tie) => ({
  value: fc.oneof(
    { maxDepth: 3 },
    fc.constantFrom(0, 1, '', '1', null, true),
    fc.array(tie('value'), { maxLength: 2 }),
    fc.dictionary(fc.constantFrom('a', 'b', 'constructor'), fc.option(tie('value'), { nil: undefined }), {
      maxKeys: 2,
    }),
  ),
}));

describe('whether two values say the same', () => {
  it('is whether they are one canonical text', () => {
    let equal = 0;
    fc.assert(
      fc.property(small, small, (a, b) => {
        const expected = canonicalJson(a) === canonicalJson(b);
        equal += expected ? 1 : 0;
        expect(saysSame(a, b)).toBe(expected);
        expect(saysSame(a, structuredClone(a))).toBe(true);
      }),
      { numRuns: 3000 },
    );
    expect(equal).toBeGreaterThan(100);
  });

  it('leaves out what is named, in the two themselves only', () => {
    expect(saysSame({ id: 'a', seq: 1 }, { id: 'a', seq: 2 }, ['seq'])).toBe(true);
    expect(saysSame({ id: 'a' }, { id: 'a', seq: 2 }, ['seq'])).toBe(true);
    expect(saysSame({ id: 'a', seq: 1 }, { id: 'b', seq: 1 }, ['seq'])).toBe(false);
    expect(saysSame({ in: { seq: 1 } }, { in: { seq: 2 } }, ['seq'])).toBe(false);
  });
});
