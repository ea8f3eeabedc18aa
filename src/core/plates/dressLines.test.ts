import { partsOfLine } from './dress';
import { dressFromLines } from './dressLines';
import { DressFault } from './reading';

const known = { neon: { plan: 'tetra', tone: 'olive silver pearl', marks: ['zone red 50 100'] } };
const read = (...lines: string[]) => dressFromLines(lines, (id) => known[id as keyof typeof known]);

describe('a dress from its lines', () => {
  it('says each part once, and a marking a line', () => {
    expect(read('plan: barb', 'tone: tan gold bone', 'marks: bars ink 11', 'marks: spots red')).toEqual({
      plan: 'barb',
      tone: 'tan gold bone',
      marks: ['bars ink 11', 'spots red'],
    });
  });

  it('gives a sex or the young their own words', () => {
    expect(read('female.tone: steel silver pearl', 'female.eye: gold', 'young.marks: bars ink 20')).toEqual({
      female: { tone: 'steel silver pearl', eye: 'gold' },
      young: { marks: ['bars ink 20'] },
    });
  });

  it('takes over the dress of another, wherever that line stands, and replaces its markings', () => {
    const expected = { plan: 'tetra', tone: 'rust bone bone', marks: ['spots ink'] };
    expect(read('like: neon', 'tone: rust bone bone', 'marks: spots ink')).toEqual(expected);
    expect(read('tone: rust bone bone', 'marks: spots ink', 'like: neon')).toEqual(expected);
    expect(read('like: neon').marks).toEqual(['zone red 50 100']);
  });

  it.each([
    ['tone olive', '"tone olive" needs'],
    ['tone:', '"tone:" needs'],
    [': olive', '": olive" needs'],
    ['.tone: olive', '".tone" is no part'],
    ['hat: red', '"hat" is no part'],
    ['old.tone: red', '"old.tone" is no part'],
    ['like: nobody', '"nobody"'],
  ])('names the line that it cannot read: %s', (line, told) => {
    expect(() => read(line)).toThrow(DressFault);
    expect(() => read(line)).toThrow(told);
  });

  it('parts a line at its first colon', () => {
    expect(partsOfLine(' tone : a b ')).toEqual(['tone', 'a b']);
    expect(partsOfLine('tone')).toBeNull();
    expect(partsOfLine(':a')).toEqual(['', 'a']);
  });
});
