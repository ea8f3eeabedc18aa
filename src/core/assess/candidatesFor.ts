import { monthOf, saysSame } from '../kernel';
import {
  type Catalogue,
  distinctSpecies,
  facetsOf,
  mainLayer,
  type PlanFile,
  type PlanGroup,
  type SpeciesProfile,
} from '../model';
import { type Fact, type Finding, judgeTold, layerRoom, type PlannedSpecies, ruleOf } from '../rules';
import type { Told } from './causes';
import { verdictOf, type Verdict } from './assess';
import { contextOn, planGroups, stageOf } from './buildContext';
import { oneSpecies, plannedSpecies, withSpecies } from './plannedSpecies';
import { findingKey, isBad } from './whatItAdds';

/** A problem of the whole tank that gets worse: what was found without the newcomer, and what is found with it. */
export interface Growth {
  readonly finding: Told;
  readonly was: Fact;
}

export interface Candidate {
  readonly species: string;
  readonly count: number;
  /** What it alone would bring, stops first. */
  readonly verdict: Verdict;
  readonly stops: number;
  readonly cautions: number;
  readonly brings: readonly Told[];
  /** Problems that are there already and get worse: bioload, nitrate, territories, a layer. */
  readonly grows: readonly Growth[];
  /** How many get worse, told or not. */
  readonly worse: number;
  /** Who may eat, nip or bully whom, where it is less than a caution. */
  readonly risks: readonly Told[];
  /** How many risks there are, told or not. */
  readonly risky: number;
  /** How many of it live in the tank or are planned already. */
  readonly already: number;
  /** Nitrate of the grown list, mg/L a week, with it. */
  readonly nitrateMgLWeek: number;
  /** How well it belongs to the list, 0 to 7: water, region, temperament, pace, an empty layer. */
  readonly belongs: number;
  /** The layer it lives in most, and whether the list has little there yet. */
  readonly fillsEmptyLayer: boolean;
  /** Whether a species of the list comes from the same waters. */
  readonly sameWaters: boolean;
}

const tell = ({ fixes: _fixes, ...rest }: Finding): Told => rest;

/** What a keeper would bring home, at the size in the shop: so many, or else the group that is at ease. */
export const offeredGroup = (profile: SpeciesProfile, count: number | null = null): PlanGroup => ({
  species: profile.id,
  count: count ?? profile.company.comfortableGroup,
  lengthCm: profile.size.soldCm,
});

interface Offered {
  readonly month: string;
  readonly males: string | undefined;
  readonly species: PlannedSpecies;
}
/** The offered group of a species as the rules see it: it rests on the month and on whether the keeper shows males. */
const OFFERED = new WeakMap<SpeciesProfile, Offered>();

function offeredSpecies(
  profile: SpeciesProfile,
  { practice }: PlanFile,
  catalogue: Catalogue,
  today: string,
): PlannedSpecies {
  const [month, males] = [monthOf(today), practice?.males];
  const before = OFFERED.get(profile);
  if (before?.month === month && before.males === males) return before.species;
  const species = oneSpecies(planGroups({ groups: [offeredGroup(profile)], practice }, catalogue, today));
  OFFERED.set(profile, { month, males, species });
  return species;
}

/** What is told of a candidate: all, the worst alone, or only how many there are. */
type HowMuch = 'all' | 'the worst' | 'numbers';

/** The worst is what it brings; failing that, what gets worse; failing that, a risk. */
function toldOf(
  brings: readonly Finding[],
  grows: readonly Growth[],
  risks: readonly Finding[],
  told: HowMuch,
): Pick<Candidate, 'brings' | 'grows' | 'risks'> {
  if (told === 'all') return { brings: brings.map(tell), grows, risks: risks.map(tell) };
  const one = told === 'the worst' ? 1 : 0;
  const worse = brings.length > 0 ? 0 : one;
  return {
    brings: brings.slice(0, one).map(tell),
    grows: grows.slice(0, worse),
    risks: risks.slice(0, grows.length > 0 ? 0 : worse).map(tell),
  };
}

/** A layer is empty while the list uses less of it than this share of its offer (from memory). */
const EMPTY = 0.2;

/** Where a species comes from, worked out once. */
const WATERS = new WeakMap<SpeciesProfile, string>();
function watersOf(profile: SpeciesProfile): string {
  const waters = WATERS.get(profile) ?? facetsOf(profile).region[0] ?? '';
  WATERS.set(profile, waters);
  return waters;
}

/** How bad a newcomer is: stops, then cautions and what gets worse, then neither. */
const harm = ({ stops, cautions, worse }: Candidate): number =>
  stops > 0 ? 2 : cautions + worse > 0 ? 1 : 0;

/** Least harm first, and within it those that belong to the list most. */
export function byHowWellItFits(a: Candidate, b: Candidate): number {
  return (
    harm(a) - harm(b) ||
    a.stops - b.stops ||
    b.belongs - a.belongs ||
    a.risky - b.risky ||
    a.cautions + a.worse - (b.cautions + b.worse) ||
    (a.species < b.species ? -1 : 1)
  );
}

/** Problems of the whole tank that a newcomer can make worse. */
const CAN_GROW: ReadonlySet<Fact['says']> = new Set([
  'floor/claimed',
  'bioload/rules',
  'nitrate/makes',
  'home/layer',
]);
/** What one species may do to another. */
const COMPANY = /^(eating|pair)\//;

const WATER = ['temperatureC', 'ph', 'ghDh'] as const;
const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;
const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / Math.max(1, values.length);
/** 1 for the same level, a half for the next, none beyond. */
const near = (a: number, b: number): number => Math.max(0, 1 - Math.abs(a - b) / 2);

/** What the species of a list have in common, worked out once. */
interface Company {
  readonly size: number;
  /** Middles of their wild ranges, averaged. */
  readonly water: Readonly<Record<(typeof WATER)[number], number>>;
  readonly temper: number;
  readonly pace: number;
  readonly waters: ReadonlySet<string>;
}

const companyOf = (there: readonly SpeciesProfile[]): Company => {
  const water = (name: (typeof WATER)[number]): number =>
    mean(there.map((one) => middle(one.water.wild[name])));
  return {
    size: there.length,
    water: { temperatureC: water('temperatureC'), ph: water('ph'), ghDh: water('ghDh') },
    temper: mean(there.map((one) => one.company.temper.mature)),
    pace: mean(there.map((one) => one.habits.activity)),
    waters: new Set(there.map(watersOf)),
  };
};

/** How well a species belongs to a list: two points each for wild water and region, one for temperament, pace and an empty layer (from memory). */
function belonging(profile: SpeciesProfile, list: Company, fillsEmptyLayer: boolean): number {
  const layer = Number(fillsEmptyLayer);
  if (list.size === 0) return layer;
  const water = WATER.filter((name) => {
    const [low, high] = profile.water.wild[name];
    return list.water[name] >= low && list.water[name] <= high;
  }).length;
  return (
    (water / WATER.length) * 2 +
    Number(list.waters.has(watersOf(profile))) * 2 +
    near(profile.company.temper.mature, list.temper) +
    near(profile.habits.activity, list.pace) +
    layer
  );
}

/** Whether a finding can only have come with a species that was not there: its key names it. */
const isAbout = ({ rule, species }: Finding, id: string): boolean =>
  ruleOf(rule).about !== 'the whole tank' &&
  (species[0] === id || (species[1] === id && ruleOf(rule).about !== 'the first'));

/**
 * What each species of the catalogue would change in a list: stops and cautions that are not there without it, problems that get
 * worse, and risks of company below a caution.
 *
 * The same findings as two whole assessments would differ by, asked for in one go: only pairs with the newcomer and the
 * sums over all are judged again. All findings are counted, whatever is told of them. `today` is an ISO date. Domain: a plan that `readPlan` accepted with this catalogue.
 */
export function candidatesFor(
  plan: PlanFile,
  catalogue: Catalogue,
  today: string,
  candidates: readonly SpeciesProfile[] = distinctSpecies(catalogue),
  told: HowMuch = 'all',
): readonly Candidate[] {
  const stage = stageOf(plan, today);
  const there = planGroups(plan, catalogue, today);
  const planned = plannedSpecies(there);
  const alone = contextOn(stage, planned);
  const bad = judgeTold(alone).filter(isBad);
  const had = new Set(bad.map(findingKey));
  const tankWide = new Map(
    bad
      .filter(({ fact }) => CAN_GROW.has(fact.says))
      .map((finding) => [finding.rule + (finding.part ?? ''), finding.fact]),
  );
  const listed = new Set(there.map(({ profile }) => profile));
  const company = companyOf([...listed]);
  const room = layerRoom(alone);
  return candidates
    .map((profile): Candidate => {
      const offered = offeredSpecies(profile, plan, catalogue, today);
      const isListed = listed.has(profile);
      const newcomer = isListed
        ? oneSpecies([...there.filter((one) => one.profile === profile), ...offered.groups])
        : offered;
      const context = contextOn(stage, withSpecies(planned, newcomer), newcomer);
      const stops: Finding[] = [];
      const cautions: Finding[] = [];
      const grows: Growth[] = [];
      const risks: Finding[] = [];
      for (const finding of judgeTold(context)) {
        if (isBad(finding)) {
          if ((!isListed && isAbout(finding, profile.id)) || !had.has(findingKey(finding)))
            (finding.severity === 'stop' ? stops : cautions).push(finding);
          else if (CAN_GROW.has(finding.fact.says)) {
            const was = tankWide.get(finding.rule + (finding.part ?? ''));
            if (was !== undefined && !saysSame(was, finding.fact))
              grows.push({ finding: tell(finding), was });
          }
        } else if (
          finding.severity === 'note' &&
          finding.species.includes(profile.id) &&
          COMPANY.test(finding.fact.says)
        )
          risks.push(finding);
      }
      const fillsEmptyLayer = room[mainLayer(profile)] < EMPTY;
      const brings = [...stops, ...cautions];
      return {
        species: profile.id,
        count: offered.count,
        verdict: verdictOf(brings),
        stops: stops.length,
        cautions: cautions.length,
        ...toldOf(brings, grows, risks, told),
        worse: grows.length,
        risky: risks.length,
        already: newcomer.count - offered.count,
        nitrateMgLWeek: context.load.nitrateMgLWeek,
        belongs: belonging(profile, company, fillsEmptyLayer),
        fillsEmptyLayer,
        sameWaters: company.waters.has(watersOf(profile)),
      };
    })
    .sort(byHowWellItFits);
}
