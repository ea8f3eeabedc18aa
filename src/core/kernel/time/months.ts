/** Calendar months as `YYYY-MM`, counted without a clock. */

/** The month of an ISO date or month: `2026-11-23` gives `2026-11`. */
export const monthOf = (isoDate: string): string => isoDate.slice(0, 7);

const count = (month: string): number => Number(month.slice(0, 4)) * 12 + Number(month.slice(5, 7)) - 1;

/** @example addMonths('2026-11', 3) // '2027-02' */
export function addMonths(month: string, months: number): string {
  const total = count(monthOf(month)) + months;
  return `${String(Math.floor(total / 12)).padStart(4, '0')}-${String((total % 12) + 1).padStart(2, '0')}`;
}

/** Months from one to another; negative when `to` lies before. @example monthsBetween('2026-11', '2027-02') // 3 */
export const monthsBetween = (from: string, to: string): number => count(monthOf(to)) - count(monthOf(from));
