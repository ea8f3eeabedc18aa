import { type QuantityKind, unitById } from './units';

/**
 * A value in the core's unit from a value in the named unit.
 *
 * Units: core units are cm, cm², L, °C, °dH, mg/L, kg, L/h and ppt. Domain: any finite number.
 * Source: NIST SP 811 (exact factors).
 * @example toCore('length', 10, 'in') // 25.4
 */
export function toCore(kind: QuantityKind, value: number, unitId: string): number {
  const unit = unitById(kind, unitId);
  return value * unit.factor + unit.offset;
}

/**
 * A value in the named unit from a value in the core's unit; the inverse of `toCore`.
 * @example fromCore('temperature', 25, 'F') // 77
 */
export function fromCore(kind: QuantityKind, core: number, unitId: string): number {
  const unit = unitById(kind, unitId);
  return (core - unit.offset) / unit.factor;
}
