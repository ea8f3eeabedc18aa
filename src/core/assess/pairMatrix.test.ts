import { judge, plan, TANKS } from '@/testing/plans';
import { pairMatrix } from './pairMatrix';

describe('pairMatrix', () => {
  const matrix = pairMatrix(
    judge(
      plan(TANKS.us75, [
        { species: 'pterophyllum-scalare', count: 6 },
        { species: 'paracheirodon-innesi', count: 12 },
        { species: 'metynnis-argenteus', count: 6 },
      ]),
    ),
  );
  const cell = (a: string, b: string) => matrix.flat().find((one) => one.a === a && one.b === b)!;
  it('is square and the same from both sides', () => {
    expect(matrix.map((row) => row.length)).toEqual([3, 3, 3]);
    for (const one of matrix.flat()) expect(cell(one.b, one.a).severity).toBe(one.severity);
  });
  it('says why, worst first, and marks what is contested', () => {
    expect(cell('pterophyllum-scalare', 'paracheirodon-innesi')).toMatchObject({ severity: 'stop' });
    expect(cell('pterophyllum-scalare', 'paracheirodon-innesi').findings[0]?.rule).toBe('predation');
    expect(cell('pterophyllum-scalare', 'metynnis-argenteus').contested).toBe(true);
  });
  it('has what is said of one species alone on the diagonal only', () => {
    expect(cell('paracheirodon-innesi', 'paracheirodon-innesi').findings.map((each) => each.rule)).toContain(
      'group-size',
    );
    expect(cell('paracheirodon-innesi', 'metynnis-argenteus').findings).toEqual([]);
  });
});
