import type { Sorted } from '@/core/commands';
import type { Resident } from '@/core/events';
import { fromCore, parseQuantity, type TankId } from '@/core/kernel';

/** What was said of one row, as typed. */
export interface Row {
  readonly sex?: Resident['sex'];
  readonly name?: string;
  readonly length?: string;
  readonly count?: string;
  /** `stays`, `leaves`, `died`, or the tank it goes to. */
  readonly goes?: string;
}

export const SEXES = ['unknown', 'male', 'female'] as const;
const PLAIN: ReadonlySet<string> = new Set(['stays', 'leaves', 'died']);

/** A row as it is understood, or what is wrong with it. */
export function readRow(
  resident: Resident,
  row: Row,
  unit: string,
): { readonly sorted: Sorted; readonly fault: string | null } {
  const typed = row.length?.trim() ?? '';
  const length = typed === '' ? null : parseQuantity('length', typed, unit);
  const count = row.count?.trim() ?? '';
  const goes = row.goes ?? 'stays';
  const faults = [
    length && !length.ok ? 'length not understood' : null,
    count !== '' &&
    !(Number(count) >= 1 && Number(count) <= resident.count && Number.isInteger(Number(count)))
      ? `1 to ${resident.count}`
      : null,
  ];
  return {
    sorted: {
      resident,
      sex: row.sex,
      name: row.name?.trim(),
      lengthCm: length?.ok ? fromCore('length', length.quantity.core, 'cm') : undefined,
      count: count === '' ? undefined : Number(count),
      goes: PLAIN.has(goes) ? (goes as Sorted['goes']) : 'moves',
      into: PLAIN.has(goes) ? undefined : (goes as TankId),
    },
    fault: faults.find((one) => one !== null) ?? null,
  };
}
