import { fromCore, type QuantityKind, unitById } from '@/core/kernel';
import { upTo } from './locale';

/** Decimals that a reading of this unit deserves on a screen. */
const DECIMALS: Readonly<Record<string, number>> = {
  cm: 1,
  mm: 0,
  in: 1,
  ft: 2,
  m: 2,
  L: 0,
  gal: 0,
  impgal: 0,
  C: 1,
  F: 0,
  dH: 1,
  ppmCaCO3: 0,
  kg: 0,
  lb: 0,
  g: 1,
  'L/h': 0,
  gph: 0,
};

/**
 * A core value in the keeper's unit, rounded for reading, with the unit's label.
 * @example formatQuantity('temperature', 25, 'F') // '77 °F'
 */
export function formatQuantity(kind: QuantityKind, core: number, unitId: string): string {
  const unit = unitById(kind, unitId);
  const digits = DECIMALS[unitId] ?? 1;
  return `${upTo(fromCore(kind, core, unitId), digits)} ${unit.label}`;
}
