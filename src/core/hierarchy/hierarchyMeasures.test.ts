import { davidsScore, seededChance, steepness, winTable } from '../stats';
import { eloRanking } from './eloRanking';
import { hierarchyMeasures } from './hierarchyMeasures';

const won = (winner: string, loser: string, more: { weight?: number; undecided?: boolean } = {}) => ({
  winner,
  loser,
  ...more,
});
const measured = (contests: Parameters<typeof hierarchyMeasures>[0], among?: readonly string[]) =>
  hierarchyMeasures(contests, seededChance(3), among);

/** c is over b, b over a; once a has the better of c, and once a and b part without a winner. The names go against the order. */
const CONTESTS = [
  won('c', 'b'),
  won('c', 'b'),
  won('c', 'a'),
  won('c', 'a'),
  won('c', 'a'),
  won('b', 'a'),
  won('b', 'a'),
  won('a', 'c'),
  won('a', 'b', { undecided: true }),
];

describe('an order by every measure', () => {
  it('counts what each won, lost and left open, the highest score first', () => {
    const { fish } = measured(CONTESTS);
    expect(fish.map(({ id, wins, losses, undecided }) => [id, wins, losses, undecided])).toEqual([
      ['c', 5, 1, 0],
      ['b', 2, 2, 1],
      ['a', 1, 5, 1],
    ]);
  });
  it('counts contests, pairs and upsets: those that the lower of two won', () => {
    expect(measured(CONTESTS)).toMatchObject({
      contests: 9,
      decided: 8,
      undecided: 1,
      upsets: 1,
      pairs: 3,
      unknownPairs: 0,
    });
    expect(measured(CONTESTS, ['a', 'b', 'c', 'd'])).toMatchObject({ pairs: 6, unknownPairs: 3 });
  });
  it('counts heavy contests for what they weigh, but each as one contest', () => {
    const heavy = measured([...CONTESTS, won('a', 'c', { weight: 3 })]);
    expect(heavy).toMatchObject({ contests: 10, decided: 11, upsets: 4 });
  });
  it('leaves out what a group does to itself', () => {
    expect(measured([...CONTESTS, won('a', 'a'), won('b', 'b', { undecided: true })])).toEqual(
      measured(CONTESTS),
    );
  });
  it('has the scores of their own sums', () => {
    const table = winTable(CONTESTS);
    const { score, normalised } = davidsScore(table);
    const { fish, steepness: slope } = measured(CONTESTS);
    for (const one of fish) {
      const i = table.ids.indexOf(one.id);
      expect([one.davidsScore, one.normalisedDavidsScore]).toEqual([score[i], normalised[i]]);
    }
    expect(slope).toBe(steepness(normalised));
    const elo = new Map(
      eloRanking(CONTESTS.map((one) => ({ ...one, on: '' }))).map((one) => [one.id, one.rating]),
    );
    for (const one of fish) expect(one.elo).toBe(elo.get(one.id));
  });
  it('keeps those who met nobody at the mean, and those of one score by name', () => {
    const { fish } = measured([won('d', 'a')], ['c', 'a', 'b', 'd']);
    expect(fish.map(({ id }) => id)).toEqual(['d', 'b', 'c', 'a']);
    expect(fish.map(({ elo }) => elo)).toEqual([1050, 1000, 1000, 950]);
    expect(fish[1]).toMatchObject({ wins: 0, losses: 0, undecided: 0 });
  });
  it('calls no contest between equals an upset', () => {
    expect(measured([won('a', 'b'), won('b', 'a')])).toMatchObject({ upsets: 0, decided: 2 });
  });
});
