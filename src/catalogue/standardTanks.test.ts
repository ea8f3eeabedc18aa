import { STANDARD_TANKS, tanksSold, tanksToChoose } from './standardTanks';

const METRIC = { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' };
const US = { length: 'in', volume: 'gal', temperature: 'F', hardness: 'ppmCaCO3' };
const UK = { ...METRIC, length: 'in' };
const names = (tanks: readonly { readonly name: string }[]) => tanks.map(({ name }) => name);

describe('tanks that are sold where a keeper is', () => {
  it('are of his measures: gallons of the US, feet and centimetres of Britain, centimetres elsewhere', () => {
    expect(names(tanksSold(US)).every((name) => name.includes('US gal'))).toBe(true);
    expect(names(tanksSold(METRIC)).every((name) => name.includes('cm'))).toBe(true);
    expect(names(tanksSold(UK))).toEqual(expect.arrayContaining(['UK 4 ft', '120 x 40 x 50 cm']));
    expect(names(tanksSold(UK)).some((name) => name.includes('US gal'))).toBe(false);
  });
  it.each([US, UK, METRIC])('range from a small tank to one of a thousand litres: %j', (units) => {
    const litres = tanksSold(units).map((tank) => (tank.lengthCm * tank.widthCm * tank.heightCm) / 1000);
    expect(Math.min(...litres)).toBeLessThan(30);
    expect(Math.max(...litres)).toBeGreaterThan(1000);
  });
  it('stand before all others that may be chosen', () => {
    const all = tanksToChoose(US);
    expect(all.slice(0, tanksSold(US).length)).toEqual(tanksSold(US));
    expect([...names(all)].sort()).toEqual([...names(STANDARD_TANKS)].sort());
  });
});
