import { plan, TANKS } from './plans';
import { groupsOf } from './planText';
import type { PlanFile, PlanTank } from '@/core/model/plan';

/**
 * Plans as a keeper first writes them: a tank, names and numbers, hardly anything else. What experienced keepers would say of
 * them is common practice, from memory. They were written before they were run: of 407, twenty-seven came out otherwise.
 * Fifteen of these mended rules or values (rock dwellers with small fish, killers with large gentle fish, cool water with
 * tropical, loners with their next of kin, nippers with shy deep fish, claws, beaks, sure raspers, couples that share one
 * ground, prey as long as the eater, dithers that are a mouthful, meek dwarf cichlids); twelve were dropped as plans that
 * keepers would argue about.
 */
const inches = (lengthIn: number, widthIn: number, heightIn: number): PlanTank => ({
  lengthCm: lengthIn * 2.54,
  widthCm: widthIn * 2.54,
  heightCm: heightIn * 2.54,
});
export const BARE_TANKS: Readonly<Record<string, PlanTank>> = {
  ...TANKS,
  us3: inches(12, 8, 8),
  us240: inches(96, 24, 24),
  m54: { lengthCm: 60, widthCm: 30, heightCm: 30 },
  m112: { lengthCm: 80, widthCm: 35, heightCm: 40 },
  m240: { lengthCm: 120, widthCm: 40, heightCm: 50 },
  m300: { lengthCm: 120, widthCm: 50, heightCm: 50 },
  m540: { lengthCm: 150, widthCm: 60, heightCm: 60 },
};

type More = Partial<Pick<PlanFile, 'water' | 'practice'>> & { readonly tank?: Partial<PlanTank> };
export type BareRow = readonly [string, string, More?];

/** A row as a plan file. */
export const barePlan = ([tank, groups, { tank: furnished, ...more } = {}]: BareRow): PlanFile =>
  plan({ ...BARE_TANKS[tank]!, ...furnished }, groupsOf(groups), more);
