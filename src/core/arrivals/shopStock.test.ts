import { catalogue } from '@/testing/plans';
import { readShopCsv } from './shopStock';

const HEAD = 'shop,species,price,stock,length,soldAs,days\n';
const read = (row: string, head = HEAD) => readShopCsv(`${head}${row}\n`, catalogue);
const wrong = (row: string) =>
  read(row).faults.map(({ path, line, expected }) => `line ${line}, ${path}: ${expected.is}`);
const neon = catalogue.byId.get('paracheirodon-innesi')!;

describe('the stock of a shop as a table', () => {
  it('is read with all that it says, in any unit of length', () => {
    expect(read('Pier,neon tetra,"2,50",40,1 in,pair,9')).toEqual({
      items: [
        { shop: 'Pier', species: neon.id, price: 2.5, stock: 40, lengthCm: 2.54, soldAs: 'pair', days: 9 },
      ],
      faults: [],
    });
  });

  it('needs no more than shop, species, price and stock: the rest is as the trade sells it', () => {
    const all = {
      shop: 'Pier',
      species: neon.id,
      price: 2,
      stock: 0,
      lengthCm: neon.size.soldCm,
      soldAs: 'single',
      days: 0,
    };
    expect(read('Pier,paracheirodon-innesi,2,0', 'shop,species,price,stock\n').items).toEqual([all]);
    expect(read('Pier,paracheirodon-innesi,2,0,,,').items).toEqual([all]);
  });

  it('takes the ends of what it takes', () => {
    for (const row of ['P,neon tetra,0,0,0.1 cm,single,0', 'P,neon tetra,1000000,100000,400 cm,pair,3650'])
      expect(read(row).items).toHaveLength(1);
  });

  it.each([
    ['no shop', ',neon tetra,2,40,,,', ['line 2, shop: filled']],
    ['a fish that nobody knows', 'P,dragon of the deep,2,40,,,', ['line 2, species: known']],
    ['no price', 'P,neon tetra,,40,,,', ['line 2, price: number']],
    ['a price below nothing', 'P,neon tetra,-1,40,,,', ['line 2, price: number']],
    ['a price beyond a million', 'P,neon tetra,1000001,40,,,', ['line 2, price: number']],
    ['half a fish', 'P,neon tetra,2,0.5,,,', ['line 2, stock: whole']],
    ['too many fish', 'P,neon tetra,2,100001,,,', ['line 2, stock: whole']],
    ['a length of nothing', 'P,neon tetra,2,40,0.05 cm,,', ['line 2, length: quantity']],
    ['a length beyond all fish', 'P,neon tetra,2,40,401 cm,,', ['line 2, length: quantity']],
    ['a length in words', 'P,neon tetra,2,40,long,,', ['line 2, length: quantity']],
    ['another way of selling', 'P,neon tetra,2,40,,dozen,', ['line 2, soldAs: choice']],
    ['days that are none', 'P,neon tetra,2,40,,,soon', ['line 2, days: whole']],
    ['more days than ten years', 'P,neon tetra,2,40,,,3651', ['line 2, days: whole']],
    ['two faults in one row', ',neon tetra,2,many,,,', ['line 2, shop: filled', 'line 2, stock: whole']],
  ])('names %s by line and column, and takes nothing of the row', (_, row, faults) => {
    expect(wrong(row)).toEqual(faults);
    expect(read(row).items).toEqual([]);
  });

  it('offers the good rows beside the others', () => {
    const { items, faults } = read('P,neon tetra,2,40,,,\nP,neon tetra,2,x,,,\nP,neon tetra,3,1,,,');
    expect(items.map(({ price }) => price)).toEqual([2, 3]);
    expect(faults.map(({ path, line }) => [line, path])).toEqual([[3, 'stock']]);
  });

  it('says which column is missing', () =>
    expect(readShopCsv('shop,species,price\nP,neon tetra,2\n', catalogue)).toMatchObject({
      items: [],
      faults: [{}],
    }));
});
