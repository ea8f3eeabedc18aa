import { linesIn, saidBy, saying, textOf } from './dressText';

const LINES = ['like: neon', 'tone: olive silver pearl', 'marks: bars ink 11', 'marks: spots red'];

describe('the text of a dress', () => {
  it('is read by lines or by semicolons, and written in one cell', () => {
    expect(
      linesIn(' like: neon ;\n\n tone: olive silver pearl\nmarks: bars ink 11;marks: spots red'),
    ).toEqual(LINES);
    expect(linesIn(textOf(LINES))).toEqual(LINES);
  });

  it('says a thing once, in its place', () => {
    expect(saying(LINES, 'tone', 'rust bone bone')[1]).toBe('tone: rust bone bone');
    expect(saying(LINES, 'eye', 'gold').at(-1)).toBe('eye: gold');
    expect(saidBy(saying(LINES, 'eye', 'gold'), 'eye')).toBe('gold');
  });

  it('takes a line away that has nothing to say', () => {
    expect(saying(LINES, 'like', '')).toEqual(LINES.slice(1));
    expect(saidBy(LINES.slice(1), 'like')).toBe('');
  });
});
