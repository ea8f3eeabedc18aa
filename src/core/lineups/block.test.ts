import { Block } from './block';

test('arrays are 0 at first, of their length, and none shares a place with another', () => {
  const block = new Block();
  const sizes = [1, 3, 0, 700, 5_000, 2, 90_000, 7];
  const made = sizes.flatMap((size) => [block.reals(size), block.wholes(size), block.bytes(size)]);
  expect(made.map((one) => one.length)).toEqual(sizes.flatMap((size) => [size, size, size]));
  expect(made.every((one) => one.every((number) => number === 0))).toBe(true);
  made.forEach((one, i) => one.fill(i + 1));
  made.forEach((one, i) => expect(one.every((number) => number === i + 1)).toBe(true));
});

test('small arrays share their memory: that is what makes them cheap', () => {
  const block = new Block();
  expect(block.wholes(30).buffer).toBe(block.reals(4).buffer);
});
