import { toCore } from './convert';
import { type QuantityKind, type UnitDefinition, UNITS, unitById } from './units';

/** A measured value with the words it was typed in, so that nobody reads 9.99 who wrote 10. */
export interface Quantity {
  /** In the core unit of its kind. */
  readonly core: number;
  /** The unit the keeper used. */
  readonly unit: string;
  /** Exactly what was typed, trimmed. */
  readonly text: string;
}

export type ParsedQuantity = { readonly ok: true; readonly quantity: Quantity } | { readonly ok: false };

const NUMBER = /^([+-]?(?:\d+(?:[.,]\d+)?|[.,]\d+))(?:\s+(\d+)\/(\d+))?/;

interface Piece {
  readonly value: number;
  readonly unit: UnitDefinition;
}

function readNumber(source: string): { value: number; rest: string } | null {
  const fraction = /^([+-]?)(\d+)\/(\d+)/.exec(source);
  if (fraction) {
    const value = Number(fraction[2]) / Number(fraction[3]);
    return { value: fraction[1] === '-' ? -value : value, rest: source.slice(fraction[0].length) };
  }
  const match = NUMBER.exec(source);
  if (!match?.[1]) return null;
  const whole = Number(match[1].replace(',', '.'));
  const part = match[2] ? Number(match[2]) / Number(match[3]) : 0;
  return {
    value: match[1].startsWith('-') ? whole - part : whole + part,
    rest: source.slice(match[0].length),
  };
}

function readPieces(kind: QuantityKind, text: string, bareUnit: string): readonly Piece[] | null {
  const pieces: Piece[] = [];
  let rest = text;
  while (rest !== '') {
    const number = readNumber(rest);
    if (!number || !Number.isFinite(number.value)) return null;
    const word = /^[\s.]*([^\d+\s-][^\d]*)?/.exec(number.rest);
    const spelling = (word?.[1] ?? '').toLowerCase().replace(/[\s.]/g, '');
    rest = number.rest.slice(word?.[0].length ?? 0).trim();
    const unit = spelling
      ? UNITS.find((candidate) => candidate.kind === kind && candidate.spellings.includes(spelling))
      : pieces.length === 0 && rest === ''
        ? unitById(kind, bareUnit)
        : undefined;
    if (!unit) return null;
    pieces.push({ value: number.value, unit });
  }
  return pieces;
}

/** Only feet followed by inches make one measure of two parts. */
function combine(kind: QuantityKind, pieces: readonly Piece[]): { core: number; unit: string } | null {
  const [first, second, ...more] = pieces;
  if (!first || more.length > 0) return null;
  const core = toCore(kind, first.value, first.unit.id);
  if (!second) return { core, unit: first.unit.id };
  if (first.unit.id !== 'ft' || second.unit.id !== 'in' || second.value < 0) return null;
  return { core: core + toCore(kind, second.value, 'in'), unit: 'ft' };
}

/**
 * Reads what a keeper types: a number with its unit, a bare number in `bareUnit`, fractions ("30 1/2 in"), feet with
 * inches ("4 ft 6 in"), a decimal comma ("7,5 cm"), areas ("90 sq in", "580 cm2").
 *
 * The answer keeps the text as typed. Domain: any finite number; whether the size makes sense is the caller's to judge.
 * Errors: `ok: false`.
 * @example parseQuantity('length', '4 ft', 'cm') // { ok: true, quantity: { core: 121.92, unit: 'ft', text: '4 ft' } }
 */
export function parseQuantity(kind: QuantityKind, typed: string, bareUnit: string): ParsedQuantity {
  const text = typed.trim();
  const read = kind === 'area' ? text.replace(/([a-z])2$/i, '$1²') : text;
  const pieces = read === '' ? null : readPieces(kind, read, bareUnit);
  const combined = pieces && combine(kind, pieces);
  if (!combined || !Number.isFinite(combined.core)) {
    return { ok: false };
  }
  return { ok: true, quantity: { ...combined, text } };
}
