import type { PlanGroup } from '@/core/model/plan';

/** Groups written as "count species", with the sexes as "males+females" and a length as "@cm", apart by commas. */
export const groupsOf = (text: string, more: Partial<PlanGroup> = {}): readonly PlanGroup[] =>
  text.split(',').map((one) => ({ ...groupOf(one.trim()), ...more }));

function groupOf(text: string): PlanGroup {
  const [, number, species, cm] = /^([\d+]+) ([^@]+?)(?: @([\d.]+))?$/.exec(text) ?? [];
  if (number === undefined || species === undefined) throw new Error(`not a group: ${text}`);
  const [males, females] = number.split('+').map(Number);
  return {
    species,
    ...(females === undefined ? { count: males! } : { count: males! + females, males, females }),
    ...(cm === undefined ? {} : { lengthCm: Number(cm) }),
  };
}
