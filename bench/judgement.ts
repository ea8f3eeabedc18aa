import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { assess, isBad, type TriedFix, triedFixesInSteps } from '@/core/assess';
import { atOnce } from '@/core/kernel';
import type { PlanFile } from '@/core/model';
import { searchSpecies } from '@/core/search/findSpecies';
import { BARE_DISASTERS } from '@/testing/bareDisasters';
import { barePlan } from '@/testing/barePlans';
import { BARE_SOUND } from '@/testing/bareSound';
import { catalogue, TODAY } from '@/testing/plans';

const share = (part: number, whole: number): number => Number((part / whole).toFixed(3));
const VERDICTS = ['fits', 'caution', 'stop'];

/** Known plans: how many sound ones are called "fits", what they draw, what is offered, and the worst that an offered fix does. */
export function judgement() {
  const judge = (plan: PlanFile) => assess(plan, catalogue, TODAY);
  const sound = BARE_SOUND.map(barePlan);
  const bad = BARE_DISASTERS.map(barePlan);
  const verdicts = sound.map((plan) => judge(plan).verdict);
  const drawn = sound.flatMap((plan) => judge(plan).findings.filter(isBad)).length;
  let offered: readonly (TriedFix & { readonly worse: boolean })[] = [];
  let groups = 0;
  const began = performance.now();
  for (const plan of [...sound, ...bad]) {
    const before = judge(plan);
    const tried = atOnce(triedFixesInSteps({ plan, before, catalogue, today: TODAY, sizes: STANDARD_TANKS }));
    groups += tried.size;
    offered = [
      ...offered,
      ...[...tried.values()].flat().map((fix) => ({
        ...fix,
        worse: VERDICTS.indexOf(fix.leaves.verdict) > VERDICTS.indexOf(before.verdict),
      })),
    ];
  }
  const ms = (performance.now() - began) / (sound.length + bad.length);
  return {
    soundPlans: sound.length,
    soundCalledFits: share(verdicts.filter((verdict) => verdict === 'fits').length, sound.length),
    stopsAndCautionsOfASoundPlan: share(drawn, sound.length),
    badPlans: bad.length,
    badCalledFits: bad.filter((plan) => judge(plan).verdict === 'fits').length,
    groupsOfFindings: groups,
    fixesOffered: offered.length,
    fixesThatMakeTheVerdictWorse: offered.filter(({ worse }) => worse).length,
    msToTryAllFixesOfAPlan: Number(ms.toFixed(1)),
  };
}

/** Milliseconds of one key in the search, for names that are there, half there, misspelt and unknown. */
export function search() {
  const typed = ['neon', 'cardinal tet', 'cardinel tetra', 'super red severum', 'qwertz uiop'];
  const of = (text: string): number => {
    searchSpecies(catalogue, text);
    const began = performance.now();
    for (let i = 0; i < 50; i += 1) searchSpecies(catalogue, text);
    return Number(((performance.now() - began) / 50).toFixed(2));
  };
  return Object.fromEntries(typed.map((text) => [text, of(text)]));
}
