import { attributes, joined, short } from './svgText';

describe('attributes', () => {
  it.each([
    [{ fill: '#123456', 'fill-opacity': 0.5 }, ' fill="#12345680"'],
    [{ fill: '#123456', 'fill-opacity': 1 }, ' fill="#123456"'],
    [{ fill: 'url(#a)', 'fill-opacity': 0.5 }, ' fill="url(#a)" fill-opacity=".5"'],
    [{ fill: 'a#bcd', 'fill-opacity': 0.5 }, ' fill="a#bcd" fill-opacity=".5"'],
    [{ fill: '#bcd e', 'fill-opacity': 0.5 }, ' fill="#bcd e" fill-opacity=".5"'],
    [{ r: 0.126, x: undefined, y: -0.5 }, ' r=".13" y="-.5"'],
  ])('%j', (given, text) => expect(attributes(given)).toBe(text));
});

it('numbers are as short as they can be', () => {
  expect([short(-0.25), short(12.34), short(3), short(0.126, 2)]).toEqual(['-.2', '12.3', '3', '.13']);
  expect(joined([1, -2, 3, 0])).toBe('1-2 3 0');
});
