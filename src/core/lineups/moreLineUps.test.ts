import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { catalogue, TANKS, TODAY, PLAINLY } from '@/testing/plans';
import { file, wish } from '@/testing/lineups/asked';
import { WISH_LISTS } from '@/testing/lineups/wishLists';
import { assess } from '../assess/assess';
import { planWith } from './buildProblem';
import { favouriteLineUps, favouriteWishes } from './favourites';
import { lineUps } from './lineUps';
import { smallestTank } from './smallestTank';
import { whatItTakes, type Change } from './whatItTakes';
import { whoMoves } from './whoMoves';
import type { WishesFile } from './wishes';

const plannedSpecies = (groups: readonly { readonly species: string }[] = []) =>
  groups.map((group) => group.species).sort();

describe('calm line-ups', () => {
  const wishes = [
    wish('pethia-padamya', { weight: 3 }),
    wish('corydoras-sterbai'),
    wish('trichogaster-chuna', { weight: 2 }),
  ];
  const kinds = (calm: boolean) =>
    plannedSpecies(lineUps(file(wishes, { calm }), catalogue, TODAY).lineUps[0]?.groups);
  it('do not put Odessa barbs beside a shy gourami, where others are let think twice', () => {
    expect(kinds(false)).toEqual(['corydoras-sterbai', 'pethia-padamya', 'trichogaster-chuna']);
    expect(kinds(true)).not.toEqual(expect.arrayContaining(['pethia-padamya', 'trichogaster-chuna']));
  });
  it('say nothing against species that must both be there', () => {
    const locked = wishes.map((one) => ({ ...one, mustHave: true }));
    expect(lineUps(file(locked, { calm: true }), catalogue, TODAY).lineUps).not.toHaveLength(0);
  });
});

describe('problems in the value of a line-up', () => {
  const wishes = [
    wish('pethia-padamya', { weight: 3 }),
    wish('corydoras-sterbai'),
    wish('trichogaster-chuna', { weight: 2 }),
  ];
  const best = (trouble: number | undefined) =>
    lineUps(file(wishes, trouble === undefined ? {} : { trouble }), catalogue, TODAY).lineUps[0]!;
  it('weigh as much as the keeper says: little keeps a doubtful pair, much parts it', () => {
    expect(plannedSpecies(best(undefined).groups)).toContain('trichogaster-chuna');
    expect(plannedSpecies(best(0.1).groups)).toContain('trichogaster-chuna');
    expect(plannedSpecies(best(5).groups)).not.toEqual(
      expect.arrayContaining(['pethia-padamya', 'trichogaster-chuna']),
    );
  });
  it('decide between lists of one value when they weigh nothing', () => {
    const cautions = (one: ReturnType<typeof best>) =>
      one.assessment.findings.filter(({ severity }) => severity === 'caution').length;
    const even = wishes.map(({ species }) => wish(species, { counts: [6] }));
    const all = lineUps(file(even, { trouble: 0 }), catalogue, TODAY).lineUps;
    const first = all[0]!;
    for (const other of all.filter(({ value }) => first.value - value < 1e-3))
      expect(cautions(first)).toBeLessThanOrEqual(cautions(other));
    expect(best(0).value).toBeCloseTo(best(undefined).value, 4);
  });
  it('are asked of lists that differ in their species, when those are wanted', () => {
    const sets = lineUps(file(wishes, { trouble: 0.5 }), catalogue, TODAY, { bySpecies: true }).lineUps.map(
      ({ groups }) => plannedSpecies(groups).join(),
    );
    expect(sets.length).toBeGreaterThan(3);
    expect(new Set(sets).size).toBe(sets.length);
  });
});

describe('line-ups around favourites', () => {
  const asked = WISH_LISTS['mbuna rock, 16 wishes']!;
  let around: ReturnType<typeof favouriteLineUps>;
  beforeAll(() => {
    around = favouriteLineUps(asked, catalogue, TODAY);
  });
  it('are each around another set, and the first is the best of all', () => {
    const sets = around.map((one) => [...one.favourites].sort().join());
    expect(new Set(sets).size).toBe(sets.length);
    expect(around[0]!.value).toBeCloseTo(lineUps(asked, catalogue, TODAY).lineUps[0]!.value, 9);
    const values = around.map((one) => one.value);
    expect(values).toEqual([...values].sort((a, b) => b - a));
  });
  it('hold their favourites, no other, and no stop', () => {
    const favourites = favouriteWishes(asked).map((index) => asked.wishes[index]!.species);
    for (const one of around) {
      const inside = plannedSpecies(one.groups).filter((species) => favourites.includes(species));
      expect(inside).toEqual([...one.favourites].sort());
      expect(one.assessment.verdict).not.toBe('stop');
    }
  });
  it('are the best of their set: locking the set and leaving the other favourites out gives no more', () => {
    const favourites = favouriteWishes(asked).map((index) => asked.wishes[index]!.species);
    const one = around[1]!;
    const again = lineUps(
      {
        ...asked,
        wishes: asked.wishes
          .filter((each) => !favourites.includes(each.species) || one.favourites.includes(each.species))
          .map((each) => ({ ...each, mustHave: one.favourites.includes(each.species) })),
      },
      catalogue,
      TODAY,
    );
    expect(again.lineUps[0]!.value).toBeCloseTo(one.value, 9);
  });
});

describe('whatItTakes', () => {
  const takes = (asked: WishesFile, kept: readonly [string, number][], species: string, count: number) =>
    whatItTakes(
      asked,
      catalogue,
      TODAY,
      kept.map(([name, n]) => ({ species: name, count: n })),
      { species, count },
      STANDARD_TANKS,
    );
  const kinds = (changes: readonly Change[]) => changes.map((change) => change.kind);
  it('asks for a lid for a jumper, and for nothing else when that is enough', () => {
    const open = file([], { tank: { ...TANKS.us75, lid: false } });
    expect(kinds(takes(open, [['corydoras-sterbai', 6]], 'sahyadria-denisonii', 6))[0]).toBe('lid');
  });
  it('names the smallest tank that serves, and that tank does', () => {
    const asked = file([], { tank: TANKS.us20long });
    const change = takes(asked, [['corydoras-aeneus', 6]], 'pterophyllum-scalare', 4).find(
      (one) => one.kind === 'tank',
    );
    expect(change).toBeDefined();
    const { lengthCm, widthCm, heightCm } = (change as Extract<Change, { kind: 'tank' }>).size;
    const larger = { ...asked, tank: { ...TANKS.us20long, lengthCm, widthCm, heightCm } };
    const groups = [
      { species: 'corydoras-aeneus', count: 6 },
      { species: 'pterophyllum-scalare', count: 4 },
    ];
    expect(assess(planWith(asked, groups), catalogue, TODAY).verdict).toBe('stop');
    expect(assess(planWith(larger, groups), catalogue, TODAY).verdict).not.toBe('stop');
  });
  it('knows who stands in the way, and when nothing helps', () => {
    const changes = takes(file([]), [['pterophyllum-scalare', 2]], 'paracheirodon-innesi', 10);
    expect(changes).toContainEqual({ kind: 'without', species: 'pterophyllum-scalare' });
    expect(kinds(changes)).not.toContain('tank');
    expect(takes(file([]), [['danio-rerio', 8]], 'potamotrygon-leopoldi', 1)).not.toContainEqual(
      expect.objectContaining({ kind: 'plants' }),
    );
  });
});

describe('smallestTank', () => {
  const wishes = [
    wish('danio-rerio', { weight: 2 }),
    wish('corydoras-aeneus', { weight: 2 }),
    wish('betta-splendens'),
  ];
  const find = (share: number) => smallestTank(file(wishes), catalogue, TODAY, STANDARD_TANKS, share);
  it('gives a size that carries so much, and no smaller one does', () => {
    const answer = find(0.8);
    expect(answer.size).not.toBeNull();
    expect(answer.share).toBeGreaterThanOrEqual(0.8 - 1e-9);
    const volume = (size: { lengthCm: number; widthCm: number; heightCm: number }) =>
      size.lengthCm * size.widthCm * size.heightCm;
    for (const size of STANDARD_TANKS.filter((one) => volume(one) < volume(answer.size!))) {
      const { lengthCm, widthCm, heightCm } = size;
      const most = lineUps(
        file(wishes, { tank: { lengthCm, widthCm, heightCm, lid: true }, best: 50 }),
        catalogue,
        TODAY,
      ).lineUps.map(({ groups }) =>
        groups.reduce(
          (sum, { species }) => sum + (wishes.find((one) => one.species === species)!.weight ?? 1),
          0,
        ),
      );
      expect(Math.max(0, ...most) / 5).toBeLessThan(0.8);
    }
  });
  it('says so when no size is enough, with the most that the largest keeps', () => {
    const eaten = [wish('paracheirodon-innesi'), wish('astronotus-ocellatus')];
    const answer = smallestTank(file(eaten), catalogue, TODAY, STANDARD_TANKS, 1);
    expect(answer).toMatchObject({ size: null, share: 0.5, proven: true });
    expect(answer.leftOut[0]!.why.species).toContain('astronotus-ocellatus');
  });
});

describe('whoMoves', () => {
  const mover = (species: string, count: number, mustKeep = false) => ({
    species,
    count,
    weight: 3,
    mustKeep,
    since: '2024-01-01',
  });
  const decide = (asked: WishesFile, ...movers: ReturnType<typeof mover>[]) =>
    whoMoves(asked, movers, catalogue, TODAY);
  it('lets all stay that can, to the last one', () => {
    const { decisions } = decide(
      file([]),
      mover('trigonostigma-heteromorpha', 14),
      mover('pangio-kuhlii', 8),
    );
    expect(decisions.map((one) => [one.moves, one.leaves, one.reason])).toEqual([
      [14, 0, null],
      [8, 0, null],
    ]);
  });
  it('says why each that leaves does', () => {
    const { decisions } = decide(
      file([wish('paracheirodon-innesi', { mustHave: true })]),
      mover('pterophyllum-scalare', 2),
      mover('phractocephalus-hemioliopterus', 1),
    );
    expect(decisions.map((one) => one.reason)).toEqual(['blocks a planned fish', 'too big']);
    expect(decisions.every((one) => PLAINLY.finding(one.why!).length > 3)).toBe(true);
  });
  it('keeps what must be kept, or has no answer', () => {
    const kept = decide(file([]), mover('astronotus-ocellatus', 1, true), mover('paracheirodon-innesi', 10));
    const large = file([], { tank: TANKS.us125 });
    expect(kept.lineUp).toBeNull();
    const inLarge = decide(large, mover('astronotus-ocellatus', 1, true), mover('paracheirodon-innesi', 10));
    expect(inLarge.decisions[1]).toMatchObject({ moves: 0, leaves: 10, reason: 'bullied' });
  });
  it('says of the old that a move is hard on them', () => {
    const young = { ...mover('danio-rerio', 8), since: '2026-10-01' };
    const old = { ...mover('corydoras-aeneus', 6), since: '2015-01-01' };
    expect(decide(file([]), young, old).decisions.map((one) => one.old)).toEqual([false, true]);
  });
});
