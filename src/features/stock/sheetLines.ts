import type { SheetLine } from '@/core/formats';
import type { StockLine } from './useStock';

const sum = (values: readonly (number | null | undefined)[]): number | null =>
  values.every((value) => value === null || value === undefined)
    ? null
    : values.reduce<number>((total, value) => total + (value ?? 0), 0);

/** The lines of a stock list as they are shared and bought. */
export const sheetLines = (lines: readonly StockLine[]): readonly SheetLine[] =>
  lines.map((line) => ({
    profile: line.profile,
    count: line.count,
    males: line.listed ? (line.listed.group.males ?? null) : sum(line.residents.map((one) => one.males)),
    females: line.listed
      ? (line.listed.group.females ?? null)
      : sum(line.residents.map((one) => one.females)),
    lengthCm: line.lengthCm,
    here: line.listed === null,
    price: line.listed?.price ?? null,
    buy: line.listed?.buy ?? line.count,
    wayOut: line.listed?.group.wayOut ?? '',
    origin: line.listed?.group.origin ?? line.residents[0]?.origin ?? '',
    until: line.listed?.group.until ?? line.residents[0]?.until ?? '',
    shop: line.listed?.shop ?? '',
    nextTank: line.listed?.group.nextTank ?? line.residents[0]?.nextTank ?? '',
  }));
