import { PUSHY } from '../model';
import type { PlannedKind, RuleContext } from './context';
import { finding, type Finding } from './finding';
import { holdersOf } from './ground';
import { leaveOut } from './fixes';
import { begins, maturesInMonths } from './maturity';
import { densityOf, heads, isRockDweller, riftStock, roomyNumber } from './riftNumbers';
import type { Rule } from './rule';
import { countOf, figure, listSome } from '../wording';

/** So much of the floor held leaves nobody else a place (from memory). */
const FULL = 1;
const NEARLY = 0.75;
/** With a sight break for each holder they stand so much more of it (from memory). */
const OUT_OF_SIGHT = 1.25;

interface Held {
  readonly kind: PlannedKind;
  readonly holders: number;
  readonly cm2: number;
  readonly months: number;
}

/** Held ground by kind. Rock dwellers kept dense are left out: there nobody holds ground for long. */
function held(context: RuleContext): readonly Held[] {
  const dense = densityOf(context).rockDwellers === 'dense';
  return context.kinds.flatMap((kind) => {
    const { company } = kind.profile;
    if (company.temper.mature < PUSHY || (dense && isRockDweller(kind))) return [];
    const room = holdersOf(kind, context);
    if (room === null || room.holders === 0) return [];
    const months = maturesInMonths(kind);
    if (months === null) return [];
    return [{ kind, holders: room.holders, cm2: room.holders * (company.groundCm2 ?? 0), months }];
  });
}

function crowdedFloor(context: RuleContext): readonly Finding[] {
  const claims = held(context);
  const footprint = context.tank.figures.footprintCm2;
  const share = claims.reduce((sum, claim) => sum + claim.cm2, 0) / footprint;
  const holders = claims.reduce((sum, claim) => sum + claim.holders, 0);
  const room = (context.tank.sightBreaks ?? 0) >= holders ? OUT_OF_SIGHT : 1;
  // A note on the whole floor is not what one newcomer is asked about.
  if (claims.length < 2 || share <= (context.focus === null ? NEARLY : FULL) * room) return [];
  const months = Math.max(...claims.map((claim) => claim.months));
  const largest = [...claims].sort((a, b) => b.cm2 - a.cm2);
  return [
    finding('territory', {
      severity: share > FULL * room ? 'caution' : 'note',
      species: largest.map((claim) => claim.kind.profile.id),
      text: `${holders} holders would claim ${figure(share * 100)} % of this floor (${listSome(largest, ({ kind, holders: many }) => countOf(many, kind.profile))}): one or two corners held is fine, more leaves nobody a place.`,
      because: {
        holders,
        heldCm2: Math.round(share * footprint),
        footprintCm2: Math.round(footprint),
        sightBreaks: context.tank.sightBreaks ?? 'not given',
      },
      from: begins(context, months),
      fixes: [
        ...largest.slice(0, 2).map((claim) => leaveOut(claim.kind)),
        { text: 'Give a larger floor, or fewer and smaller holders.' },
      ],
      source: 'common practice; held ground from memory',
    }),
  ];
}

/** More peacocks and haps than the roomy school keeps in such a tank: its price is filtration and changes. */
function roomyCount(context: RuleContext): readonly Finding[] {
  const { openWater } = riftStock(context);
  const count = heads(openWater);
  const roomy = roomyNumber(context.tank.figures.grossL);
  if (
    openWater.length === 0 ||
    count <= Math.max(roomy, ...openWater.map((kind) => kind.profile.company.smallestGroup))
  )
    return [];
  const dense = densityOf(context).openWater === 'dense';
  return [
    finding('territory', {
      severity: dense ? 'note' : 'caution',
      species: openWater.map((kind) => kind.profile.id),
      text: dense
        ? `${count} peacocks and haps, where the roomy school keeps ${roomy}: dense stocking shares the chasing out, and asks for more filtration and changes that are never late.`
        : `${count} peacocks and haps: the roomy school keeps ${roomy} in this tank. The dense school keeps more, with more filtration and changes that are never late.`,
      because: { count, roomy, grossL: Math.round(context.tank.figures.grossL) },
      school: dense ? 'dense' : 'roomy',
    }),
  ];
}

/** Held ground of all kinds together against the floor; numbers of open-water rift cichlids by school. */
export const territory: Rule = {
  name: 'territory',
  about: 'the whole tank',
  judge: (context) => [...crowdedFloor(context), ...roomyCount(context)],
};
