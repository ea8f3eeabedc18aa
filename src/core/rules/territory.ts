import { PUSHY } from '../model';
import type { PlannedSpecies, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { groundHolders } from './ground';
import { advise, leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { mayChange } from './pairs';
import { ALL_DENSE, densityOf, heads, isOpenWater, isRockDweller, partFilled, USUAL } from './riftNumbers';
import type { Rule } from './rule';
import { otherwise, severityTable, sureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** Lake Malawi cichlids together, more than the tank's approach has. */
    'group/dense': {
      readonly count: number;
      readonly kind: 'open water' | 'rock dwellers' | 'both';
      readonly light: number; /** More than dense tanks have. */
      readonly over: boolean; /** What dense tanks have. */
      readonly dense: number;
    };
    'floor/claimed': {
      readonly holders: number; /** How many of them find no ground. */
      readonly without: number; /** Share of the floor that they claim together; 1 is all of it. */
      readonly share: number;
    };
  }
}

/** So much of the floor held leaves nobody else a place (from memory). */
const FULL = 1;
const NEARLY = 0.75;
/** With a sight break for each holder they stand so much more of it (from memory). */
const OUT_OF_SIGHT = 1.25;

/** Share of the floor that is claimed; 1 is all of it. */
const SEVERITY = severityTable<number>(
  `Floor claimed by territory holders; with a sight break for each, ${OUT_OF_SIGHT} times as much counts as all`,
  [
    { when: 'more than all of it', holds: (share) => share > FULL, severity: 'caution' },
    { when: `more than ${NEARLY * 100}%`, holds: (share) => share > NEARLY, severity: 'note' },
  ],
  'From memory; sight breaks let more live on a floor (common practice).',
);
const DENSE = sureTable<{ readonly chosen: boolean; readonly over: boolean }>(
  'More Lake Malawi cichlids than tanks of the size have by the approach: peacocks and haps by the water, rock dwellers by the floor, the parts of both added up',
  [
    {
      when: 'dense stocking is chosen, and they are no more than dense tanks have',
      holds: ({ chosen, over }) => chosen && !over,
      severity: 'note',
    },
    otherwise('caution'),
  ],
  'Common practice: 10 peacocks and haps in 75, 25 in 125, 35 in 240 US gal is roomy. That dense tanks have 1.7 times as many, and the numbers of rock dwellers, are from memory.',
);

interface Held {
  readonly species: PlannedSpecies;
  readonly holders: number;
  readonly cm2: number;
  readonly months: number;
}

/** What a species would hold wherever it lives, kept with it: null for one that holds nothing. */
const HELD = new WeakMap<PlannedSpecies, Held | null>();

function heldBy(species: PlannedSpecies): Held | null {
  const before = HELD.get(species);
  if (before !== undefined) return before;
  const { company, family } = species.profile;
  // Suckers hold a cave against their own; others pass over it (common practice).
  const holders = company.temper.mature < PUSHY || family === 'Loricariidae' ? null : groundHolders(species);
  const months = maturesInMonths(species);
  const claim =
    !holders || months === null
      ? null
      : { species, holders, cm2: holders * (company.groundCm2 ?? 0), months };
  HELD.set(species, claim);
  return claim;
}

/** Held ground by species. Rock dwellers kept dense are left out: there nobody holds ground for long. */
function held(context: RuleContext): readonly Held[] {
  const dense = densityOf(context).rockDwellers === 'dense';
  const claims: Held[] = [];
  for (const species of context.planned) {
    const claim = heldBy(species);
    if (claim !== null && !(dense && isRockDweller(species))) claims.push(claim);
  }
  return claims;
}

/** With a sight break for each holder they share the floor more closely. */
const sharing = (context: RuleContext, claims: readonly Held[]): number =>
  (context.tank.sightBreaks ?? 0) >= claims.reduce((sum, { holders }) => sum + holders, 0) ? OUT_OF_SIGHT : 1;

/** The ground that the holders of a plan claim, by species, and how many times more of the floor sight breaks let them share. */
export function groundClaims(context: RuleContext): {
  readonly claims: readonly {
    readonly species: string;
    readonly holders: number;
    /** Each of them, cm². */
    readonly cm2: number;
    readonly home: PlannedSpecies['profile']['company']['holds'];
  }[];
  readonly breaks: number;
} {
  const claims = held(context);
  return {
    claims: claims.map(({ species, holders, cm2 }) => ({
      species: species.profile.id,
      holders,
      cm2: cm2 / holders,
      home: species.profile.company.holds,
    })),
    breaks: sharing(context, claims),
  };
}

/** How many find no ground when those with the largest territories settle first. */
function without(largestFirst: readonly Held[], floorCm2: number): number {
  let left = floorCm2;
  let none = 0;
  for (const { holders, cm2 } of largestFirst) {
    const each = cm2 / holders;
    const fit = Math.min(holders, Math.floor(left / each));
    left -= fit * each;
    none += holders - fit;
  }
  return none;
}

function crowdedFloor(context: RuleContext): readonly Finding[] {
  if (!mayChange(context, (species) => heldBy(species) !== null)) return [];
  const claims = held(context);
  const footprint = context.tank.figures.footprintCm2;
  const share = claims.reduce((sum, claim) => sum + claim.cm2, 0) / footprint;
  const holders = claims.reduce((sum, claim) => sum + claim.holders, 0);
  const room = sharing(context, claims);
  const severity = claims.length < 2 ? null : SEVERITY.of(share / room);
  // A note on the whole floor is not what one newcomer is asked about.
  if (severity === null || (severity === 'note' && context.focus !== null)) return [];
  const months = Math.max(...claims.map((claim) => claim.months));
  const largest = [...claims].sort((a, b) => b.cm2 - a.cm2);
  return [
    finding('territory', {
      severity,
      species: largest.map((claim) => claim.species.profile.id),
      fact: {
        says: 'floor/claimed',
        holders,
        without: without(largest, footprint * room),
        share: share / room,
      },
      because: {
        holders,
        heldCm2: Math.round(share * footprint),
        footprintCm2: Math.round(footprint),
        sightBreaks: context.tank.sightBreaks ?? 'not given',
      },
      from: begins(context, months),
      fixes: [...largest.slice(0, 2).map((claim) => leaveOut(claim.species)), advise('larger floor')],
      source: 'common practice; held ground from memory',
    }),
  ];
}

const isRiftCichlid = (species: PlannedSpecies): boolean => isOpenWater(species) || isRockDweller(species);

/** More Lake Malawi cichlids than the approach keeps in such a tank: its price is filtration and changes. */
function tooDense(context: RuleContext): readonly Finding[] {
  if (!mayChange(context, isRiftCichlid)) return [];
  const rift = context.planned.filter(isRiftCichlid);
  const count = heads(rift);
  // Dense stocking chosen is still told what light stocking would be.
  const lightly = context.riftDensity === 'dense' ? USUAL : densityOf(context);
  const [byLight, byDense] = [partFilled(context, lightly), partFilled(context, ALL_DENSE)];
  if (byLight <= 1 || count <= Math.max(...rift.map((species) => species.profile.company.smallestGroup)))
    return [];
  const kind = !rift.some(isRockDweller) ? 'open water' : rift.some(isOpenWater) ? 'both' : 'rock dwellers';
  const chosen = context.riftDensity === 'dense';
  const over = byDense > 1;
  const [light, dense] = [Math.floor(count / byLight), Math.floor(count / byDense)];
  return [
    finding('territory', {
      severity: DENSE.of({ chosen, over }),
      species: rift.map((species) => species.profile.id),
      fact: { says: 'group/dense', count, kind, light, over, dense },
      because: {
        count,
        light,
        dense,
        grossL: Math.round(context.tank.figures.grossL),
        footprintCm2: Math.round(context.tank.figures.footprintCm2),
      },
      contested: !over,
      approach: chosen ? 'dense' : 'roomy',
      fixes: chosen || over ? [] : [{ edit: { kind: 'set-density', density: 'dense' } }],
    }),
  ];
}

/** Held ground of all species together against the floor; numbers of Lake Malawi cichlids by approach. */
export const territory: Rule = {
  name: 'territory',
  about: 'the whole tank',
  severities: [SEVERITY, DENSE],
  judge: (context) => [...crowdedFloor(context), ...tooDense(context)],
};
