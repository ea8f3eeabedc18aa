import Papa from 'papaparse';
import { catalogue, judge, plan, TANKS } from '@/testing/plans';
import { stockMarkdown } from './stockMarkdown';
import { byShop, shoppingSum, stockCsv, type SheetLine } from './stockSheet';

const line = (id: string, more: Partial<SheetLine>): SheetLine => ({
  profile: catalogue.byId.get(id)!,
  count: 6,
  males: null,
  females: null,
  lengthCm: 4,
  here: false,
  price: null,
  buy: 6,
  wayOut: '',
  origin: 'tank-bred',
  until: '',
  nextTank: '',
  shop: '',
  ...more,
});
const lines = [
  line('pterophyllum-scalare', { buy: 8, price: 7.5, wayOut: 'a neighbour, "the tall one"' }),
  line('corydoras-sterbai', { here: true, males: 2, females: 4 }),
  line('paracheirodon-innesi', { count: 12, buy: 12 }),
];
const answer = judge(
  plan(
    TANKS.us75,
    lines.map(({ profile, count }) => ({ species: profile.id, count })),
  ),
);

describe('a stock list that is shared', () => {
  it('is Markdown with the verdict and its reasons', () => {
    const text = stockMarkdown('Skerry', 'For the | wall', lines, answer, {
      cause: (group) => group.findings.map(({ fact }) => fact.says).join(),
      verdict: ({ today }) => today,
      measured: (cm) => `${cm} cm`,
      noPromise: 'Fish differ.',
      length: (cm) => `${cm} cm`,
    });
    expect(text).toContain('# Skerry');
    expect(text).toContain('| angelfish | *Pterophyllum scalare* | 6 |');
    expect(text).toContain('**Verdict: stop.**');
    expect(text).toMatch(/- \*\*Stop\*\*.*eating\/eats/);
    expect(text).not.toContain('**Good**');
  });
  it('is CSV that reads back, quotes and commas kept', () => {
    const { data, errors } = Papa.parse<Record<string, string>>(stockCsv(lines), {
      header: true,
      skipEmptyLines: true,
    });
    expect(errors).toEqual([]);
    expect(data.map((row) => [row.species, row.count, row.buy, row.price, row.wayOut])).toEqual([
      ['pterophyllum-scalare', '6', '8', '7.5', 'a neighbour, "the tall one"'],
      ['corydoras-sterbai', '6', '', '', ''],
      ['paracheirodon-innesi', '12', '12', '', ''],
    ]);
  });
  it('sums what there is to buy, and says what has no price', () =>
    expect(shoppingSum(lines)).toEqual({ total: 60, unpriced: 1, surplus: 2 }));
});

describe('byShop', () => {
  const of = (shop: string, name: string) => ({ shop, name });
  it('gathers by shop, in the order of names, what has none last', () =>
    expect(
      byShop([of('', 'a'), of('Weir', 'b'), of('Anchor', 'c'), of('Weir', 'd')]).map(({ shop, lines }) => [
        shop,
        lines.map(({ name }) => name).join(''),
      ]),
    ).toEqual([
      ['Anchor', 'c'],
      ['Weir', 'bd'],
      ['', 'a'],
    ]));
});
