import type { Span } from '../stats';
import { cellFault, type Fault, faultOf, type Outcome, readCsvTable } from '../kernel';

/** Days are counted from any start. */
const DAY_NUMBER = { is: 'number', from: -1e6, to: 1e6 } as const;
const isDayNumber = (day: number): boolean => day >= DAY_NUMBER.from && day <= DAY_NUMBER.to;

/**
 * Lives from CSV: `group,start,end,event`, days, event 1 for a death and 0 for one that was alive when last known. The last day
 * may be called `stop`.
 * Errors: by line and column; nothing is taken when anything is wrong.
 */
export function readSurvivalCsv(
  text: string,
  last: 'end' | 'stop' = 'end',
): Outcome<ReadonlyMap<string, readonly Span[]>> {
  const { rows, faults: broken } = readCsvTable(text, ['group', 'start', last, 'event']);
  const faults: Fault[] = [...broken];
  const groups = new Map<string, Span[]>();
  for (const { line, cells } of rows) {
    const { group = '', start = '', [last]: end = '', event = '' } = cells;
    if (group === '') faults.push(cellFault(line, 'group', { is: 'filled' }, group));
    const [from, until] = [start, end].map((one) => (one === '' ? NaN : Number(one))) as [number, number];
    if (!isDayNumber(from)) faults.push(cellFault(line, 'start', DAY_NUMBER, start));
    if (!isDayNumber(until)) faults.push(cellFault(line, last, DAY_NUMBER, end));
    else if (until <= from)
      faults.push(cellFault(line, last, { is: 'above', above: from, than: 'start' }, end));
    if (event !== '0' && event !== '1')
      faults.push(cellFault(line, 'event', { is: 'choice', of: ['1', '0'] }, event));
    const spans = groups.get(group) ?? [];
    spans.push({ start: from, end: until, died: event === '1' });
    groups.set(group, spans);
  }
  if (faults.length === 0 && groups.size === 0) faults.push(faultOf('', { is: 'rows' }));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, value: groups };
}
