import { areaOf, isWithin } from '../sightlines/visiblePolygon';
import {
  densityOf,
  groundOf,
  type Place,
  placeOf,
  placeText,
  ringsOf,
  sectionOf,
  templateOf,
  TEMPLATES,
  territoryOf,
} from '.';

const exact = (x: number, y: number): Place => ({ at: [x, y], spread: [3, 3] });

describe('places of records', () => {
  it('are read as they are written', () => {
    expect(placeOf(placeText([41.6, 12.2]), 120, 40)).toEqual({ at: [42, 12], spread: [3, 3] });
  });
  it.each([
    ['left, floor', 20],
    ['middle, top', 60],
    ['right', 100],
  ])('of older records map onto the floor: %s', (text, x) => {
    const place = placeOf(text, 120, 40)!;
    expect(place.at).toEqual([x, 20]);
    expect(place.spread[0]).toBeCloseTo(40 / Math.sqrt(12));
  });
  it.each(['', 'behind the filter', 'left, attic'])('that name none are none: "%s"', (text) => {
    expect(placeOf(text, 120, 40)).toBeNull();
  });
  it('beyond a tank that was corrected stand at its wall', () => {
    expect(placeOf(placeText([150, 60]), 120, 40)?.at).toEqual([120, 40]);
  });
});

it.each([
  ['100 cm from the left, 4 cm from the front', 'right, floor'],
  ['10 cm from the left, 4 cm from the front', 'left, floor'],
  ['middle, top', 'middle, top'],
])('%s lies in the section %s', (text, section) => {
  expect(sectionOf(text, 120)).toBe(section);
});

describe.each(TEMPLATES)('the template %s', (name) => {
  it.each([
    [60, 30],
    [120, 45],
    [240, 60],
  ])('stands within a floor of %s by %s cm', (lengthCm, widthCm) => {
    const pieces = templateOf(name, lengthCm, widthCm);
    expect(pieces.length).toBeGreaterThan(2);
    for (const { x, y } of pieces) {
      expect(x).toBeGreaterThan(0);
      expect(x).toBeLessThan(lengthCm);
      expect(y).toBeGreaterThan(0);
      expect(y).toBeLessThan(widthCm);
    }
  });
});

describe('a density of contests', () => {
  it('adds up to the rate: all of it lies on the floor', () => {
    const places = [exact(20, 20), exact(100, 5), exact(60, 39)];
    const { values, cellCm } = densityOf(places, 2, 120, 40);
    const perCell = values.reduce((sum, v) => sum + v, 0) * (cellCm / 30) ** 2;
    expect(perCell).toBeCloseTo(3 / 2, 6);
  });
  it('is highest where most happens', () => {
    const { values, columns } = densityOf([...Array(5).fill(exact(90, 20)), exact(20, 20)], 1, 120, 40);
    const top = values.indexOf(Math.max(...values));
    expect(((top % columns) + 0.5) * 2.5).toBeGreaterThan(80);
  });
  it('has one closed ring about one place, and two about two far apart', () => {
    const rings = (places: readonly Place[]) => {
      const density = densityOf(places, 1, 120, 40);
      return ringsOf(density, Math.max(...density.values) / 2);
    };
    const [ring, ...more] = rings([exact(60, 20)]);
    expect(more).toEqual([]);
    expect(isWithin([60, 20], ring!)).toBe(true);
    // Half the height of a bell lies at the root of twice the logarithm of two, in spreads of six.
    const radius = 6 * Math.sqrt(2 * Math.log(2));
    expect(areaOf(ring!) / (Math.PI * radius ** 2)).toBeCloseTo(1, 1);
    expect(rings([exact(20, 20), exact(100, 20)])).toHaveLength(2);
    expect(rings([])).toEqual([]);
  });
  it('is closed at the walls', () => {
    const density = densityOf([exact(0, 0)], 1, 60, 40);
    for (const ring of ringsOf(density, Math.max(...density.values) / 3))
      expect(areaOf(ring)).toBeGreaterThan(10);
  });
});

describe('the ground of a holder', () => {
  const seen = (places: readonly Place[], weight = 1) =>
    territoryOf(
      places.map((place) => ({ place, weight })),
      120,
      40,
    );
  it('lies where it was seen, and is surer and narrower the more it was seen', () => {
    const once = seen([exact(30, 20)])!;
    const often = seen(Array.from({ length: 12 }, (_, i) => exact(29 + (i % 3), 19 + (i % 2))))!;
    expect(once.centre).toEqual([30, 20]);
    expect(once.sureness).toBe('a guess');
    expect(often.sureness).toBe('sure');
    expect(often.half[0]).toBeLessThan(once.half[0]);
  });
  it('follows a long territory', () => {
    const along = seen(Array.from({ length: 12 }, (_, i) => exact(30 + 4 * i, 10)))!;
    expect(along.half[0]).toBeGreaterThan(along.half[1] * 1.8);
    expect(Math.abs(along.turned)).toBeLessThan(5);
    const ground = groundOf(along, 120, 40);
    expect(isWithin([50, 10], ground)).toBe(true);
    for (const [x, y] of ground) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(y).toBeGreaterThanOrEqual(0);
    }
  });
  it('is nothing where nothing was seen', () => {
    expect(seen([])).toBeNull();
  });
});
