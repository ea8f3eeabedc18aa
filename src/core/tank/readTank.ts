import { type Cm, type Litres, parseQuantity, type UnitChoice } from '../kernel';

/** Outside measures of a tank, cm. */
interface Box {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/** A size that makers sell, by its nominal name. */
interface Named extends Box {
  readonly name: string;
}

/** How well a size answers what was typed: by its measures, by its name, or as one of several of that volume or length. */
export interface TankGuess extends Box {
  /** The maker's nominal name; empty for a box that was measured. */
  readonly name: string;
}

export type TankReading =
  | { readonly ok: true; /** Best first; never empty. */ readonly sizes: readonly TankGuess[] }
  | { readonly ok: false; readonly why: 'empty' | 'not understood' | 'two measures' | 'no such size' };

/** Names say a volume within so much of what a tank holds to the rim (common practice: they are nominal). */
const NOMINAL = 0.12;
/** A length names the tanks of that wall within so much: makers' frames differ. */
const SAME_LENGTH = 0.03;
const SHORTEST_CM = 10;
const LONGEST_CM = 1000;

/**
 * What a box holds to its rim, by its outside measures: cm to litres.
 * @example litresOf({ lengthCm: 100, widthCm: 40, heightCm: 50 }) // 200
 */
export const litresOf = ({ lengthCm, widthCm, heightCm }: Box): Litres =>
  (lengthCm * widthCm * heightCm) / 1000;
const fold = (text: string): string =>
  text
    .toLowerCase()
    .replace(/(\d)g\b/g, '$1 ')
    .replace(/\b(us|imp|imperial|gallons?|gal|tank)\b/g, ' ')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** Three measures with or without units; one unit at the end holds for all that have none. */
function measured(text: string, unit: string): TankReading | null {
  const parts = text.split(/\s*(?:x|×|\*|\bby\b)\s*/i).filter((part) => part !== '');
  if (parts.length < 2) return null;
  if (parts.length === 2) return { ok: false, why: 'two measures' };
  if (parts.length > 3) return { ok: false, why: 'not understood' };
  const said = /[a-z"'″′”’]+\s*$/i.exec(parts[2] ?? '')?.[0].trim() ?? '';
  const lengths = parts.map((part) => {
    const bare = /^[\d.,/\s]+$/.test(part);
    const parsed = parseQuantity('length', bare && said !== '' ? `${part} ${said}` : part, unit);
    return parsed.ok ? parsed.quantity.core : NaN;
  });
  if (!lengths.every((cm) => cm >= SHORTEST_CM && cm <= LONGEST_CM))
    return { ok: false, why: 'not understood' };
  const [first = 0, second = 0, heightCm = 0] = lengths;
  // The longer of the two is the wall: nobody measures a tank by its end.
  const box = { lengthCm: Math.max(first, second), widthCm: Math.min(first, second), heightCm };
  return { ok: true, sizes: [{ name: '', ...box }] };
}

/** Sizes of a volume, the nearest first; those of one volume in the order in which makers list them. */
function ofVolume(litres: Litres, sizes: readonly Named[]): readonly Named[] {
  const off = (one: Named): number => Math.abs(litresOf(one) / litres - 1);
  return sizes.filter((one) => off(one) <= NOMINAL).sort((a, b) => off(a) - off(b));
}

/**
 * What tank a keeper means: "75 gal", "40 breeder", "120x40x50", "4 ft x 18 in x 21 in", "4 ft", "200 L"; a bare number is
 * a volume. `sizes` are those that makers sell, `units` the keeper's own. A UK keeper's "gal" is an imperial gallon.
 *
 * Errors: `ok: false` with what is missing.
 * @example readTank('120 x 40 x 50 cm', [], { length: 'cm', volume: 'L', temperature: 'C', hardness: 'dH' }) // { ok: true, sizes: [{ name: '', lengthCm: 120, widthCm: 40, heightCm: 50 }] }
 */
export function readTank(typed: string, sizes: readonly Named[], units: UnitChoice): TankReading {
  const text = typed.trim();
  if (text === '') return { ok: false, why: 'empty' };
  if (text.startsWith('-')) return { ok: false, why: 'not understood' };
  const box = measured(text, units.length);
  if (box) return box;
  const words = fold(text);
  const byName = sizes.filter(({ name }) => fold(name) === words);
  const gallons = units.volume === 'impgal' ? text.replace(/\bgal(lons?)?\b/i, 'impgal') : text;
  const volume = parseQuantity('volume', gallons, units.volume);
  const length = parseQuantity('length', text, units.length);
  const isBare = /^[\d.,]+$/.test(text);
  // A size by its trade name comes before all others of its volume: a "75" is one tank.
  if (
    byName.length > 0 &&
    (isBare ? units.volume === 'gal' : !/\bimp|\buk/i.test(gallons) || /^uk/i.test(text))
  )
    return {
      ok: true,
      sizes: [...byName, ...(volume.ok ? without(ofVolume(volume.quantity.core, sizes), byName) : [])],
    };
  if (length.ok && !isBare && !volume.ok) {
    const wall = length.quantity.core;
    const same = sizes.filter((one) => Math.abs(one.lengthCm / wall - 1) <= SAME_LENGTH);
    return same.length > 0 ? { ok: true, sizes: same } : { ok: false, why: 'no such size' };
  }
  if (!volume.ok) {
    const partly = sizes.filter(({ name }) => words !== '' && fold(name).includes(words));
    return partly.length > 0 ? { ok: true, sizes: partly } : { ok: false, why: 'not understood' };
  }
  const near = volume.quantity.core > 0 ? ofVolume(volume.quantity.core, sizes) : [];
  return near.length > 0 ? { ok: true, sizes: near } : { ok: false, why: 'no such size' };
}

const without = (all: readonly Named[], some: readonly Named[]): readonly Named[] =>
  all.filter((one) => !some.includes(one));
