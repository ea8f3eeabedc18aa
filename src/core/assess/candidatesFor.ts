import {
  type Catalogue,
  facetsOf,
  type Layer,
  type PlanFile,
  type PlanGroup,
  type SpeciesProfile,
} from '../model';
import { type Finding, judgeAll, layerRoom, ruleOf } from '../rules';
import { verdictOf, type Verdict } from './assess';
import { contextOn, planGroups, stageOf } from './buildContext';
import { kindOf, kindsOf, withKind } from './kindsOf';
import { findingKey, isBad } from './whatItAdds';

/** A finding without its fixes: what is told of a newcomer. */
export type Told = Omit<Finding, 'fixes'>;

export interface Candidate {
  readonly species: string;
  readonly count: number;
  /** What it alone would bring, stops first. */
  readonly verdict: Verdict;
  readonly stops: number;
  readonly cautions: number;
  readonly brings: readonly Told[];
  /** The layer it lives in most, and whether the list has little there yet. */
  readonly fillsEmptyLayer: boolean;
  /** Whether a kind of the list comes from the same waters. */
  readonly sameWaters: boolean;
}

/** What a keeper would bring home: the group that is at ease, at the size in the shop. */
export const offeredGroup = (profile: SpeciesProfile): PlanGroup => ({
  species: profile.id,
  count: profile.company.comfortableGroup,
  lengthCm: profile.size.soldCm,
});

const LAYERS: readonly Layer[] = ['top', 'middle', 'bottom'];
/** A layer is empty while the list uses less of it than this share of its offer (from memory). */
const EMPTY = 0.2;

const mainLayer = (profile: SpeciesProfile): Layer =>
  LAYERS.reduce((best, layer) => (profile.layers[layer] > profile.layers[best] ? layer : best));

/** Where a kind comes from, worked out once. */
const WATERS = new WeakMap<SpeciesProfile, string>();
function watersOf(profile: SpeciesProfile): string {
  const waters = WATERS.get(profile) ?? facetsOf(profile).region[0] ?? '';
  WATERS.set(profile, waters);
  return waters;
}

const bySeverity = (a: Finding, b: Finding): number =>
  Number(b.severity === 'stop') - Number(a.severity === 'stop');

/** The best company first: fewest stops, fewest cautions, then kinds of the same waters, then those who live where nobody does. */
export function byHowWellItJoins(a: Candidate, b: Candidate): number {
  return (
    a.stops - b.stops ||
    a.cautions - b.cautions ||
    Number(b.sameWaters) - Number(a.sameWaters) ||
    Number(b.fillsEmptyLayer) - Number(a.fillsEmptyLayer) ||
    (a.species < b.species ? -1 : 1)
  );
}

/** Whether a finding can only have come with a kind that was not there: its key names it. */
const isAbout = ({ rule, species }: Finding, id: string): boolean =>
  ruleOf(rule).about !== 'the whole tank' &&
  (species[0] === id || (species[1] === id && ruleOf(rule).about !== 'the first'));

/**
 * What each kind of the catalogue would bring to a list: stops and cautions that are not there without it.
 *
 * The same findings as two whole assessments would differ by, asked for in one go: only pairs with the newcomer and the
 * sums over all are judged again. At most `told` findings a kind are told, the worst; all are counted. `today` is an ISO date. Domain: a plan that `readPlan` accepted with this catalogue.
 */
export function candidatesFor(
  plan: PlanFile,
  catalogue: Catalogue,
  today: string,
  candidates: readonly SpeciesProfile[] = catalogue.all,
  told = Infinity,
): readonly Candidate[] {
  const stage = stageOf(plan, today);
  const there = planGroups(plan, catalogue, today);
  const kinds = kindsOf(there);
  const alone = contextOn(stage, kinds);
  const had = new Set(judgeAll(alone).filter(isBad).map(findingKey));
  const room = layerRoom(alone);
  const waters = new Set(there.map((group) => watersOf(group.profile)));
  return candidates
    .map((profile): Candidate => {
      const group = offeredGroup(profile);
      const added = planGroups({ groups: [group] }, catalogue, today);
      const newcomer = kindOf([...there.filter((one) => one.profile === profile), ...added]);
      const context = contextOn(stage, withKind(kinds, newcomer), newcomer);
      const isListed = newcomer.groups.length > 1;
      const brings = judgeAll(context).filter(
        (finding) =>
          isBad(finding) && ((!isListed && isAbout(finding, profile.id)) || !had.has(findingKey(finding))),
      );
      brings.sort(bySeverity);
      const stops = brings.filter((finding) => finding.severity === 'stop').length;
      return {
        species: profile.id,
        count: group.count,
        verdict: verdictOf(brings),
        stops,
        cautions: brings.length - stops,
        brings: brings.slice(0, told).map(({ fixes: _fixes, ...rest }) => rest),
        fillsEmptyLayer: room[mainLayer(profile)] < EMPTY,
        sameWaters: waters.has(watersOf(profile)),
      };
    })
    .sort(byHowWellItJoins);
}
