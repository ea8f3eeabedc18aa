import { SHIPPED_SPECIES } from '../src/catalogue';
import { assess } from '../src/core/assess/assess';
import { candidatesFor } from '../src/core/assess/candidatesFor';
import { buildCatalogue } from '../src/core/model/catalogue';
import type { PlanFile } from '../src/core/model/plan';

const catalogue = buildCatalogue(SHIPPED_SPECIES);
const FEW_KINDS = 80;

/** A plan of so many groups, spread over the catalogue, young enough for growth to matter. */
function planOf(groups: number): PlanFile {
  const step = Math.floor(catalogue.all.length / groups);
  return {
    format: 'lomvik-plan',
    version: 1,
    tank: { lengthCm: 150, widthCm: 60, heightCm: 60 },
    water: { temperatureC: 25, ph: 7 },
    groups: Array.from({ length: groups }, (_, i) => {
      const profile = catalogue.all[i * step]!;
      return { species: profile.id, count: profile.company.smallestGroup, lengthCm: profile.size.soldCm };
    }),
  };
}

/** Median milliseconds of one assessment. */
function median(groups: number, runs = 60): number {
  const plan = planOf(groups);
  const times = Array.from({ length: runs }, () => {
    const start = performance.now();
    assess(plan, catalogue, '2026-11-23');
    return performance.now() - start;
  }).sort((a, b) => a - b);
  return times[Math.floor(runs / 2)]!;
}

/**
 * Milliseconds of the joining effect of so many species beside a plan of so many groups: the first asking, when nothing is
 * known of any two of them, and the median after one group of the list was changed, which is what a press of a key asks.
 */
function joining(groups: number, kinds: number) {
  const fresh = buildCatalogue(structuredClone(SHIPPED_SPECIES));
  const candidates = fresh.all.slice(0, kinds);
  const plan = planOf(groups);
  const times = Array.from({ length: 10 }, (_, round) => {
    const edited = plan.groups.map((group, i) =>
      i === 0 ? { ...group, count: group.count + round } : group,
    );
    const start = performance.now();
    candidatesFor({ ...plan, groups: edited }, fresh, '2026-11-23', candidates);
    return performance.now() - start;
  });
  const [first, ...later] = times;
  return { first: first as number, edited: later.sort((a, b) => a - b)[4] as number };
}

/** What every species would bring: the whole catalogue against 80 species, beside 30 groups and beside 5. */
export function joins() {
  joining(30, catalogue.all.length);
  const whole = joining(30, catalogue.all.length);
  const few = joining(30, FEW_KINDS);
  const beside5 = joining(5, catalogue.all.length);
  return {
    kinds: catalogue.all.length,
    medianMs: {
      'whole, 30 groups': whole.edited,
      '80 kinds, 30 groups': few.edited,
      'whole, 5 groups': beside5.edited,
      'whole, 30 groups, first asking': whole.first,
    },
    ratioWholeTo80: Number((whole.edited / few.edited).toFixed(2)),
    ratio30to5: Number((whole.edited / beside5.edited).toFixed(2)),
    aim: 'whole catalogue under 150 ms',
  };
}

/** Assessments of plans of 5, 20 and 30 groups. */
export function assessment() {
  median(20, 30);
  const ms = { 5: median(5), 20: median(20), 30: median(30) };
  return { medianMs: ms, ratio30to5: Number((ms[30] / ms[5]).toFixed(2)), aim: '20 groups under 5 ms' };
}
