import { catalogue } from '@/testing/plans';
import { atOnce } from '../kernel';
import { numberedName } from './numberedName';
import { pastedInSteps } from './pasted';

describe('a number before a name', () => {
  it.each<[string, string, number | null]>([
    ['8 rams', 'rams', 8],
    ['8x rams', 'rams', 8],
    ['8 x rams', 'rams', 8],
    ['12 × neon tetras', 'neon tetras', 12],
    ['6 * rams', 'rams', 6],
    ['  8 r', 'r', 8],
    ['999 neons', 'neons', 999],
    // A name that begins with a letter that may stand for "times".
    ['3 xiphophorus', 'xiphophorus', 3],
    ['8x', '8x', null],
    ['8', '8', null],
    ['8 ', '8 ', null],
    ['rams 8', 'rams 8', null],
    ['L 46', 'L 46', null],
    ['neon tetra', 'neon tetra', null],
    // A name that begins with a number is a name; more than that number of it, too.
    ['6 bar frontosa', '6 bar frontosa', null],
    ['4 6 bar frontosa', '6 bar frontosa', 4],
  ])('"%s"', (typed, name, count) =>
    expect(numberedName(catalogue, typed)).toEqual({ name, count, isWrong: false }),
  );
  it.each(['0 rams', '1000 rams'])('of no fish on a list is told as that: "%s"', (typed) =>
    expect(numberedName(catalogue, typed)).toEqual({ name: 'rams', count: null, isWrong: true }),
  );
  it('of a pasted list is none where it belongs to the name', () => {
    const [item] = atOnce(pastedInSteps('6 bar frontosa', catalogue)).items;
    expect(item).toMatchObject({ name: '6 bar frontosa', count: null, meaning: { is: 'sure' } });
  });
});
