import { type QuantityKind, unitById } from './units';

/**
 * What was typed, with its unit: a bare number means the unit of its day, also when the keeper reads another later.
 * @example withUnit('21 1/4', 'length', 'in') // '21 1/4 in'
 */
export const withUnit = (typed: string, kind: QuantityKind, unitId: string): string =>
  /[\d.,]$/.test(typed.trim()) ? `${typed.trim()} ${unitById(kind, unitId).label}` : typed.trim();
