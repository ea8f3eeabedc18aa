import fc from 'fast-check';
import { fromCore, toCore } from './convert';
import { parseQuantity } from './parseQuantity';
import { MG_CACO3_PER_DH, UNITS } from './units';

const core = (kind: Parameters<typeof parseQuantity>[0], text: string, bare: string): number => {
  const parsed = parseQuantity(kind, text, bare);
  if (!parsed.ok) throw new Error(text);
  return parsed.quantity.core;
};

describe('conversion factors', () => {
  // Source: NIST SP 811, appendix B (exact definitions).
  it.each([
    ['length', 1, 'in', 2.54],
    ['length', 1, 'ft', 30.48],
    ['volume', 1, 'gal', 3.785411784],
    ['volume', 1, 'impgal', 4.54609],
    ['area', 1, 'sq in', 6.4516],
    ['area', 1, 'sq ft', 929.0304],
    ['mass', 1, 'lb', 0.45359237],
    ['temperature', 32, 'F', 0],
    ['temperature', 212, 'F', 100],
  ] as const)('%s: %d %s is %d in the core unit', (kind, value, unit, expected) => {
    expect(toCore(kind, value, unit)).toBeCloseTo(expected, 12);
  });

  it('makes one German degree 17.848 mg/L as CaCO3 (standard molar masses)', () => {
    expect(MG_CACO3_PER_DH).toBeCloseTo(17.847992239297827, 12);
  });

  it('F44, common practice: 5 °dH is about 90 ppm as CaCO3', () => {
    expect(Math.round(fromCore('hardness', 5, 'ppmCaCO3') / 10) * 10).toBe(90);
  });

  it('goes there and back in every unit', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...UNITS),
        fc.double({ min: -1e6, max: 1e6, noNaN: true }),
        (unit, value) => {
          const back = fromCore(unit.kind, toCore(unit.kind, value, unit.id), unit.id);
          expect(Math.abs(back - value)).toBeLessThanOrEqual(1e-9 * Math.max(1, Math.abs(value)));
        },
      ),
    );
  });
});

describe('parseQuantity', () => {
  it.each([
    ['length', '4 ft', 121.92],
    ['length', '4\'6"', 137.16],
    ['length', '4 ft 6 in', 137.16],
    ['length', '30 1/2 in', 77.47],
    ['length', '1/2 in', 1.27],
    ['length', '7,5 cm', 7.5],
    ['length', '60', 60],
    ['length', '1.2m', 120],
    ['volume', '75 gal', 283.9058838],
    ['volume', '20 imp. gal', 90.9218],
    ['temperature', '78 F', 25.5555555556],
    ['temperature', '-4 °C', -4],
    ['hardness', '5 dH', 5],
    ['hardness', '90 ppm', 90 / MG_CACO3_PER_DH],
    ['flow', '260 gph', 984.20706384],
    ['area', '90 sq in', 580.644],
    ['area', '90 in2', 580.644],
    ['area', '580 cm2', 580],
    ['area', '580', 580],
  ] as const)('reads %s "%s"', (kind, text, expected) => {
    const bare = { length: 'cm', area: 'cm²', volume: 'L', temperature: 'C', hardness: 'dH', flow: 'L/h' }[
      kind
    ];
    expect(core(kind, text, bare)).toBeCloseTo(expected, 8);
  });

  it.each(['', '   ', 'four', '4 gal', '1 cm 2 cm', '3 in 4 ft', '--4', '4 5', '1e999 cm', '1/0 in'])(
    'refuses the length "%s"',
    (text) => {
      expect(parseQuantity('length', text, 'cm')).toEqual({ ok: false });
    },
  );

  it.each([
    ['length', '-1/2 in', -1.27],
    ['length', '+10/16 in', 1.5875],
    ['length', '-3 1/2 in', -8.89],
    ['length', '.5 m', 50],
    ['length', '4 FT. 6 IN.', 137.16],
    ['length', '4 ft 0 in', 121.92],
    ['length', '4 ft 1/2 in', 123.19],
    ['volume', '10 us gal.', 37.85411784],
  ] as const)('reads %s "%s" as %d', (kind, text, expected) =>
    expect(core(kind, text, kind === 'volume' ? 'L' : 'cm')).toBeCloseTo(expected, 8),
  );
  it('says the unit that was used, feet for feet and inches, and the text without what is about it', () => {
    expect(parseQuantity('length', '  4 ft 6 in ', 'cm')).toMatchObject({
      quantity: { unit: 'ft', text: '4 ft 6 in' },
    });
    expect(parseQuantity('length', '7', 'in')).toMatchObject({
      quantity: { core: 17.78, unit: 'in', text: '7' },
    });
  });
  it.each([
    '4 ft 6 in 2 in',
    '6 in 4 ft',
    '4 ft 6 cm',
    '4 m 6 in',
    '4 ft -6 in',
    '4 ft 6',
    'ft',
    '4 ft x',
    '4 cm2',
    'x4 cm',
  ])('refuses "%s" for a length', (text) =>
    expect(parseQuantity('length', text, 'cm')).toEqual({ ok: false }),
  );

  it('gives back exactly what was typed', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), fc.constantFrom('in', 'cm', 'ft', 'mm'), (n, unit) => {
        const text = `${n} ${unit}`;
        const parsed = parseQuantity('length', text, 'cm');
        expect(parsed.ok && parsed.quantity.text).toBe(text);
      }),
    );
  });
});
