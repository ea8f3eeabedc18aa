import { SHIPPED_SPECIES } from '@/catalogue';
import { assess } from '@/core/assess/assess';
import { readPlan } from '@/core/assess/readPlan';
import { buildCatalogue } from '@/core/model/catalogue';
import type { PlanFile, PlanGroup, SpeciesProfile } from '@/core/model';
import type { PlannedGroup, PlannedSpecies } from '@/core/rules/context';
import type { Finding } from '@/core/rules/finding';
import { plan, TODAY } from './plans';

export const shipped = (id: string): SpeciesProfile => SHIPPED_SPECIES.find((profile) => profile.id === id)!;

const PARTS = [
  'company',
  'effect',
  'habits',
  'handling',
  'layers',
  'look',
  'mouth',
  'size',
  'water',
] as const;

/** What another may be of a species that is made up. */
export type Made = Parts & Partial<Omit<SpeciesProfile, keyof Parts>>;

type Parts = {
  readonly [K in (typeof PARTS)[number]]?: Partial<SpeciesProfile[K]>;
};

/** A species that is made up from a shipped one: what is said of it is another's, but for what a test is about. */
export function madeUp(base: string, id: string, other: Made = {}): SpeciesProfile {
  const { contestedNumbers: _none, ...rest } = shipped(base);
  const parts = Object.fromEntries(PARTS.map((part) => [part, { ...rest[part], ...other[part] }]));
  return { ...rest, ...other, id, ...parts } as SpeciesProfile;
}

/** A species as a list has it, of one group of grown fish, for rules that are asked by themselves. */
export function listed(profile: SpeciesProfile, group: Partial<PlannedGroup> = {}): PlannedSpecies {
  const { maleCm } = profile.size;
  const only = {
    profile,
    count: 1,
    males: null,
    females: null,
    lengthCm: maleCm,
    judgedCm: maleCm,
    leavesInMonths: null,
    monthsHere: null,
    wayOut: '',
    nextTank: '',
    ...group,
  };
  const { count, males, females, lengthCm, judgedCm, leavesInMonths } = only;
  const sums = { profile, count, males, females, judgedCm, leavesInMonths };
  return {
    ...sums,
    groups: [only],
    largestCm: lengthCm,
    smallestCm: lengthCm,
  } as unknown as PlannedSpecies;
}

/** Findings of one rule in a tank of these species and no others; groups without a length are grown. */
export function findingsAmong(
  rule: string,
  species: readonly SpeciesProfile[],
  groups: readonly (Partial<PlanGroup> & { readonly species: string })[],
  tank: PlanFile['tank'],
  more: Partial<PlanFile> = {},
): readonly Finding[] {
  const catalogue = buildCatalogue(species);
  const file = plan(
    tank,
    groups.map((group) => ({
      count: 1,
      lengthCm: species.find(({ id }) => id === group.species)!.size.maleCm,
      ...group,
    })),
    more,
  );
  const read = readPlan(JSON.parse(JSON.stringify(file)), catalogue);
  if (!read.ok) throw new Error(JSON.stringify(read.faults));
  const { findings } = assess(read.value, catalogue, TODAY);
  if (findings.some((finding) => typeof finding !== 'object')) throw new Error('Found what is no finding.');
  return findings.filter((finding) => finding.rule === rule);
}
