import { file, wish } from '@/testing/lineups/asked';
import { catalogue, TANKS, TODAY, PLAINLY } from '@/testing/plans';
import { assess } from '../assess/assess';
import { planWith } from './buildProblem';
import { whoMoves, type Mover } from './whoMoves';
import type { WishesFile } from './wishes';

const mover = (species: string, count: number, more: Partial<Mover> = {}): Mover => ({
  species,
  count,
  weight: 3,
  mustKeep: false,
  since: '2024-01-01',
  ...more,
});
const decide = (asked: WishesFile, ...movers: readonly Mover[]) => whoMoves(asked, movers, catalogue, TODAY);
/** Of each species how many move and leave, and for what. */
const told = (asked: WishesFile, ...movers: readonly Mover[]) =>
  decide(asked, ...movers).decisions.map(({ moves, leaves, reason }) => [moves, leaves, reason]);

/** What so many of a species make in the tank, nitrate mg/L a week. */
const load = (species: string, count: number): number =>
  assess(planWith(file([]), [{ species, count }]), catalogue, TODAY).context.load.nitrateMgLWeek;

describe('who moves', () => {
  it('are all that can live there, to the last one', () =>
    expect(told(file([]), mover('trigonostigma-heteromorpha', 14), mover('pangio-kuhlii', 8))).toEqual([
      [14, 0, null],
      [8, 0, null],
    ]));

  it.each([
    [
      'blocks a planned fish',
      file([wish('paracheirodon-innesi', { mustHave: true })]),
      mover('pterophyllum-scalare', 2),
    ],
    ['too big', file([]), mover('phractocephalus-hemioliopterus', 1)],
    ['not of this region', file([], { water: { temperatureC: 20 } }), mover('corydoras-sterbai', 6)],
    ['too messy', file([], { nitrateBudget: 0.5 }), mover('danio-rerio', 8)],
    [
      'too big',
      // Thirty-four black phantom tetras leave no room in the middle of a US 29.
      file([wish('hyphessobrycon-megalopterus', { counts: [34], mustHave: true })], {
        tank: TANKS.us29,
        nitrateBudget: 900,
      }),
      mover('paracheirodon-innesi', 20),
    ],
    ['other', file([], { tank: { ...TANKS.us75, lid: false } }), mover('sahyadria-denisonii', 6)],
  ] as const)('are not those of which it is said: %s', (reason, asked, leaves) => {
    const [decision] = decide(asked, leaves).decisions;
    expect(decision).toMatchObject({ moves: 0, leaves: leaves.count, reason });
    expect(PLAINLY.finding(decision!.why!).length).toBeGreaterThan(3);
  });

  it('are not both of two that harm each other: who is harmed is bullied, who harms is too rough', () => {
    const large = file([], { tank: TANKS.us125 });
    const [oscar, neons] = [mover('astronotus-ocellatus', 1), mover('paracheirodon-innesi', 10)];
    expect(told(large, { ...oscar, mustKeep: true }, neons)).toEqual([
      [1, 0, null],
      [0, 10, 'bullied'],
    ]);
    expect(told(large, oscar, { ...neons, mustKeep: true })).toEqual([
      [0, 1, 'too rough'],
      [10, 0, null],
    ]);
  });

  it('have each its own reason, and those that stay none', () => {
    const asked = file([wish('paracheirodon-innesi', { mustHave: true })]);
    const { decisions } = decide(
      asked,
      mover('pterophyllum-scalare', 2),
      mover('phractocephalus-hemioliopterus', 1),
      mover('corydoras-aeneus', 6),
    );
    expect(decisions.map(({ reason }) => reason)).toEqual(['blocks a planned fish', 'too big', null]);
    expect(decisions[2]!.why).toBeNull();
    expect(decide(file([]), mover('phractocephalus-hemioliopterus', 1)).lineUp).toBeNull();
  });

  it('keep what must be kept at all of its number, or have no answer', () => {
    const kept = decide(
      file([]),
      mover('astronotus-ocellatus', 1, { mustKeep: true }),
      mover('danio-rerio', 8),
    );
    expect(kept).toMatchObject({ lineUp: null, proven: true });
    expect(kept.decisions.map(({ moves }) => moves)).toEqual([0, 0]);
    const tight = file([], { nitrateBudget: 2 });
    const part = decide(tight, mover('danio-rerio', 60, { mustKeep: true }));
    expect([part.lineUp, part.decisions[0]!.moves]).toEqual([null, 0]);
  });

  it('are some of a shoal where all are too many: as many as are at ease, or as few as can be', () => {
    const { comfortableGroup, smallestGroup } = catalogue.byId.get('danio-rerio')!.company;
    expect(comfortableGroup).toBeGreaterThan(smallestGroup);
    const moves = (nitrateBudget: number, count = 60) =>
      told(file([], { nitrateBudget }), mover('danio-rerio', count))[0];
    expect(moves(100)).toEqual([60, 0, null]);
    const carries = (fish: number) => load('danio-rerio', fish) * 1.01;
    expect(moves(carries(comfortableGroup))).toEqual([comfortableGroup, 60 - comfortableGroup, 'surplus']);
    expect(moves(carries(smallestGroup))).toEqual([smallestGroup, 60 - smallestGroup, 'surplus']);
    expect(moves(100, smallestGroup)).toEqual([smallestGroup, 0, null]);
    const part = decide(file([], { nitrateBudget: carries(30) }), mover('danio-rerio', 60)).decisions[0]!;
    expect(PLAINLY.finding(part.why!)).toBe('line-up/part stays');
  });

  it('weigh by heads: of two shoals that cannot both move whole, the dearer does', () => {
    const carries = Math.max(load('danio-rerio', 20), load('paracheirodon-innesi', 20)) * 1.01;
    const moves = (danios: number, neons: number) =>
      told(
        file([], { nitrateBudget: carries }),
        mover('danio-rerio', 20, { weight: danios }),
        mover('paracheirodon-innesi', 20, { weight: neons }),
      ).map(([all]) => all);
    expect(moves(5, 1)[0]).toBe(20);
    expect(moves(5, 1)[1]).toBeLessThan(20);
    expect(moves(1, 5)[0]).toBeLessThan(20);
    expect(moves(1, 5)[1]).toBe(20);
  });

  it('are with what is planned there; a planned wish for a species that lives somewhere is not another group', () => {
    const asked = file([wish('danio-rerio', { counts: [30] }), wish('corydoras-aeneus', { counts: [6] })]);
    const { lineUp } = decide(asked, mover('danio-rerio', 9));
    expect(lineUp?.groups.map(({ species, count }) => [species, count])).toEqual([
      ['danio-rerio', 9],
      ['corydoras-aeneus', 6],
    ]);
  });

  it('are old from four fifths of the shortest usual life on, where their age is known', () => {
    const { lifeYears } = catalogue.byId.get('corydoras-aeneus')!.size;
    const old = (since: string | null) =>
      decide(file([]), mover('corydoras-aeneus', 6, { since })).decisions[0]!.old;
    const months = Math.ceil(lifeYears[0] * 0.8 * 12);
    const before = (more: number): string => {
      const day = new Date(`${TODAY}T12:00:00Z`);
      day.setUTCMonth(day.getUTCMonth() - months + more);
      return day.toISOString().slice(0, 10);
    };
    expect([old(before(0)), old(before(2)), old(null)]).toEqual([true, false, false]);
  });
});
