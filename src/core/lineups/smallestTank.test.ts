import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { file, wish } from '@/testing/lineups/asked';
import { catalogue, TANKS, TODAY } from '@/testing/plans';
import type { Wish } from '../model';
import { lineUps } from './lineUps';
import { volumeOf, type NamedSize } from './sizes';
import { smallestTank } from './smallestTank';
import type { WishesFile } from './wishes';

const find = (
  wishes: readonly Wish[],
  share: number,
  sizes: readonly NamedSize[] = STANDARD_TANKS,
  more: Partial<WishesFile> = {},
) => smallestTank(file(wishes, more), catalogue, TODAY, sizes, share);
const size = (name: string, lengthCm: number, widthCm: number, heightCm: number): NamedSize => ({
  name,
  lengthCm,
  widthCm,
  heightCm,
});
const SIZES = [
  size('two metres', 200, 60, 60),
  size('one metre', 100, 40, 40),
  size('low metre', 110, 40, 30),
  size('nano', 40, 25, 25),
];

describe('the smallest tank', () => {
  const wishes = [
    wish('danio-rerio', { weight: 2 }),
    wish('corydoras-aeneus', { weight: 2 }),
    wish('betta-splendens'),
  ];
  it('carries so much, and no smaller one does', () => {
    const answer = find(wishes, 0.8);
    expect(answer.size).not.toBeNull();
    expect(answer.share).toBeGreaterThanOrEqual(0.8 - 1e-9);
    for (const { lengthCm, widthCm, heightCm } of STANDARD_TANKS.filter(
      (one) => volumeOf(one) < volumeOf(answer.size!),
    )) {
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

  it('is looked for from the smallest up, in whatever order sizes come, and says which it tries', () => {
    const tried: string[] = [];
    const answer = smallestTank(file(wishes), catalogue, TODAY, SIZES, 0.8, ({ name }) => tried.push(name));
    expect(tried).toEqual(['nano', 'low metre']);
    expect(answer).toMatchObject({ size: SIZES[2], share: 1, leftOut: [], proven: true });
    expect(answer.lineUp?.groups.map(({ species }) => species)).toEqual(wishes.map(({ species }) => species));
  });

  it('weighs the wishes, those that say nothing once', () => {
    const kept = (barbs: number, share: number) =>
      find([wish('puntigrus-tetrazona', { weight: barbs }), wish('betta-splendens')], share, SIZES).size
        ?.name;
    // Tiger barbs nip a betta: the nano keeps the betta, a metre the barbs, no tank both.
    expect([kept(1, 0.5), kept(3, 0.25), kept(3, 0.26), kept(3, 0.75), kept(3, 0.76)]).toEqual([
      'nano',
      'nano',
      'low metre',
      'low metre',
      undefined,
    ]);
  });

  it('is furnished as the tank of the wishes, measured anew, and has a lid', () => {
    const sifters = [wish('biotodoma-cupido', { counts: [5] })];
    const of = (tank: Partial<WishesFile['tank']>, wished: readonly Wish[] = sifters) =>
      find(wished, 1, SIZES, { tank: { ...TANKS.us10, ...tank } }).size?.name;
    expect(of({ substrate: 'sand' })).toBe('two metres');
    expect(of({ substrate: 'gravel' })).toBeUndefined();
    expect(of({ lid: false }, [wish('danio-rerio')])).toBe('low metre');
    expect(of({ waterLineCm: 20, inside: true, glassMm: 50 }, [wish('danio-rerio')])).toBe('low metre');
  });

  it('does not mind what problems cost: only stops count', () => {
    const cost = find(
      [wish('pethia-padamya', { counts: [8] }), wish('trichogaster-chuna', { counts: [2] })],
      1,
      [SIZES[0]!],
      { trouble: 10 },
    );
    expect(cost).toMatchObject({ size: SIZES[0], share: 1, leftOut: [] });
  });

  it('is none when no size is enough: then the most that the largest keeps is told', () => {
    const eaten = [wish('paracheirodon-innesi'), wish('astronotus-ocellatus')];
    const answer = find(eaten, 1);
    expect(answer).toMatchObject({ size: null, share: 0.5, proven: true });
    expect(answer.leftOut[0]!.why.species).toContain('astronotus-ocellatus');
    const [nano, metre] = [SIZES[3]!, SIZES[1]!];
    expect(find(eaten, 1, [metre, nano])).toMatchObject({ size: null, share: 0.5 });
    const sand = { tank: { ...TANKS.us10, substrate: 'sand' as const } };
    const half = [wish('biotodoma-cupido', { counts: [5] }), wish('potamotrygon-leopoldi')];
    expect(find(half, 1, SIZES, sand)).toMatchObject({ size: null, share: 0.5 });
    expect(find([wish('astronotus-ocellatus')], 1, [metre, nano])).toMatchObject({
      size: null,
      lineUp: null,
      share: 0,
      leftOut: [{ species: 'astronotus-ocellatus' }],
    });
  });

  it('is none where there are no sizes', () =>
    expect(find([wish('danio-rerio')], 1, [])).toEqual({
      size: null,
      lineUp: null,
      share: 0,
      leftOut: [],
      proven: true,
    }));
});
