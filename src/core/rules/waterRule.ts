import type { PlannedSpecies, RuleContext } from './context';
import type { WaterName } from './facts';
import { finding, type Finding, type Fix } from './finding';
import { leaveOut } from './fixes';
import { middleOf } from './middleOf';
import { judgedSpecies } from './pairs';
import type { Rule } from './rule';
import { lastly, otherwise, sureTable, type SureTable } from './severityTable';

declare module './facts' {
  interface Facts {
    /** A species cannot live well in the water of the tank. */
    'water/needs': {
      readonly measure: WaterName;
      readonly range: Span; /** Where nobody said where it comes from: judged as usually sold, by this range. */
      readonly asSold: 'wild' | 'tank-bred' | null;
      readonly tank: number;
      readonly count: number;
    };
    /** No water suits both. */
    'water/none for both': { readonly measure: WaterName; readonly ranges: readonly [Span, Span] };
    /** They come from opposite waters, and share only the edge of both. */
    'water/opposite': { readonly measure: WaterName; readonly shared: Span };
    /** At the very top of what it bears. */
    'water/warm edge': { readonly measure: WaterName; readonly highest: number; readonly count: number };
    /** What all share is narrow. */
    'water/narrow': { readonly measure: WaterName; readonly range: Span };
    'water/suits all': { readonly measure: WaterName; readonly tank: number };
  }
}

type Measured = Exclude<WaterName, 'salinityPpt'>;

/** What tells one measure of water from another, for the rules that judge one each. */
export interface WaterMeasure {
  readonly rule: string;
  readonly name: Measured;
  /** Its unit, for the printed table: " °C", empty for pH. */
  readonly unit: string;
  /** Outside its range by at most this much is a caution; more is a stop (from memory). */
  readonly lenient: number;
  /** The same above the range of tank-bred fish, which are grown in what a tap gives; as for all where it is not given (from memory). */
  readonly aboveFarmed?: number;
  /** Two ranges that miss each other by at most this much are a caution; more is a stop (from memory). */
  readonly gapLenient: number;
  /** A common window narrower than this leaves no room for error (from memory). */
  readonly narrow: number;
  /** Species whose wild ranges miss each other by so much are natives of opposite waters: a narrow common window is no home for both. */
  readonly opposite?: {
    readonly wildGap: number;
    readonly window: number;
    /** Asked only where the wild range of one ends here or below. */
    readonly upTo?: number;
  };
  /** Within so much of the top of its range, and well above the middle, a species lives shorter; not asked where it is not given. */
  readonly topEdge?: { readonly within: number; readonly aboveMiddle: number };
  /** Where the limits come from. */
  readonly reason: string;
  /** A way to change it. */
  readonly change: (wanted: number, now: number) => Fix;
}

const outsideBy = (range: readonly [number, number], value: number): number =>
  value < range[0] ? range[0] - value : value > range[1] ? value - range[1] : 0;

/** Away from the nearest edge, with a hair for rounding. */
const beyond = (away: number, limit: number): boolean => away > limit + 1e-9;

/** By how much the tank is outside the range of a species, and whether that is above the range of tank-bred ones. */
interface Outside {
  readonly away: number;
  readonly aboveFarmed: boolean;
}

interface WaterTables {
  readonly outside: SureTable<Outside>;
  /** By how much two ranges miss each other. */
  readonly apart: SureTable<number>;
  readonly opposite: SureTable<number>;
  /** At the top of a range. */
  readonly edge: SureTable<null>;
  /** How wide the range is that all share. */
  readonly shared: SureTable<number>;
}

function tablesOf({
  lenient,
  aboveFarmed: tap = lenient,
  gapLenient,
  narrow,
  opposite,
  unit,
  reason,
}: WaterMeasure): WaterTables {
  const by = (limit: number): string => (limit === 0 ? 'at all' : `by more than ${limit}${unit}`);
  return {
    outside: sureTable<Outside>(
      'The tank outside the range of a species',
      [
        {
          when: `${by(lenient)}${tap > lenient ? `; above that of tank-bred fish ${by(tap)}` : ''}`,
          holds: ({ away, aboveFarmed }) => beyond(away, aboveFarmed ? tap : lenient),
          severity: 'stop',
        },
        otherwise('caution'),
      ],
      reason,
    ),
    apart: sureTable<number>(
      'Two ranges that miss each other',
      gapLenient === 0
        ? [lastly(by(gapLenient), 'stop')]
        : [
            {
              when: by(gapLenient),
              holds: (gap: number) => beyond(gap, gapLenient),
              severity: 'stop',
            },
            otherwise('caution'),
          ],
      reason,
    ),
    opposite: sureTable<number>(
      opposite === undefined
        ? 'Natives of opposite waters'
        : `Wild ranges ${opposite.wildGap}${unit} apart, and ${opposite.window}${unit} or less in common`,
      [otherwise('stop')],
      reason,
    ),
    edge: sureTable<null>('At the very top of the range of a species', [otherwise('note')], reason),
    shared: sureTable<number>(
      'The range that all share',
      [
        { when: 'a single point', holds: (width) => !beyond(width, 0), severity: 'caution' },
        { when: `narrower than ${narrow}${unit}`, holds: (width) => width < narrow, severity: 'note' },
        lastly('wider, and the tank is inside', 'good'),
      ],
      reason,
    ),
  };
}

/** Which range a species is judged by, the strictest of its groups, and whether because nobody said where they come from. */
function sourceOf({ groups }: PlannedSpecies): {
  readonly source: 'wild' | 'tank-bred';
  readonly asSold: boolean;
} {
  const source = groups.some(({ rangeSource }) => rangeSource === 'wild') ? 'wild' : 'tank-bred';
  return { source, asSold: groups.some((group) => group.rangeSource === source && group.asSold) };
}

function againstTank(
  context: RuleContext,
  measure: WaterMeasure,
  { outside, edge }: WaterTables,
): readonly Finding[] {
  if (context.water.assumed.has(measure.name)) return [];
  const value = context.water[measure.name];
  return judgedSpecies(context).flatMap((species) => {
    const range = species.range[measure.name];
    const away = outsideBy(range, value);
    if (away === 0) return atTheTop(species, measure, value, edge);
    const shared = context.shared[measure.name];
    const { source, asSold } = sourceOf(species);
    const fixes: Fix[] = shared ? [measure.change(middleOf(shared), value)] : [];
    return [
      finding(measure.rule, {
        severity: outside.of({ away, aboveFarmed: source === 'tank-bred' && value > range[1] }),
        species: [species.profile.id],
        fact: {
          says: 'water/needs',
          measure: measure.name,
          range,
          asSold: measure.aboveFarmed !== undefined && asSold ? source : null,
          tank: value,
          count: species.count,
        },
        because: {
          value,
          lowest: range[0],
          highest: range[1],
          outsideBy: Number(away.toFixed(2)),
          range: source,
        },
        fixes: [...fixes, leaveOut(species)],
      }),
    ];
  });
}

/** A species kept at the very top of what it bears. */
function atTheTop(
  species: PlannedSpecies,
  measure: WaterMeasure,
  value: number,
  edge: WaterTables['edge'],
): readonly Finding[] {
  const [low, high] = species.range[measure.name];
  const { topEdge } = measure;
  if (!topEdge || value < high - topEdge.within || value < (low + high) / 2 + topEdge.aboveMiddle) return [];
  return [
    finding(measure.rule, {
      severity: edge.of(null),
      species: [species.profile.id],
      fact: { says: 'water/warm edge', measure: measure.name, highest: high, count: species.count },
      because: { value, highest: high },
    }),
  ];
}

function pairFinding(
  a: PlannedSpecies,
  b: PlannedSpecies,
  measure: WaterMeasure,
  { apart }: WaterTables,
): Finding | null {
  const [first, second] = [a.range[measure.name], b.range[measure.name]];
  const gap = Math.max(first[0], second[0]) - Math.min(first[1], second[1]);
  if (gap <= 0) return opposites(a, b, measure);
  return finding(measure.rule, {
    severity: apart.of(gap),
    species: [a.profile.id, b.profile.id],
    fact: { says: 'water/none for both', measure: measure.name, ranges: [first, second] },
    because: { gap: Number(gap.toFixed(2)) },
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

/** Natives of opposite waters that only a sliver of what captive lines take has in common. */
function opposites(a: PlannedSpecies, b: PlannedSpecies, measure: WaterMeasure): Finding | null {
  const [mine, theirs] = [a.range[measure.name], b.range[measure.name]];
  const shared = [Math.max(mine[0], theirs[0]), Math.min(mine[1], theirs[1])] as const;
  const width = shared[1] - shared[0];
  if (measure.opposite === undefined || beyond(width, measure.opposite.window)) return null;
  const [first, second] = [a.profile.water.wild[measure.name], b.profile.water.wild[measure.name]];
  const wildGap = Math.max(first[0], second[0]) - Math.min(first[1], second[1]);
  const { upTo = Infinity } = measure.opposite;
  if (beyond(measure.opposite.wildGap, wildGap) || Math.min(first[1], second[1]) > upTo) return null;
  return finding(measure.rule, {
    severity: 'stop',
    species: [a.profile.id, b.profile.id],
    fact: { says: 'water/opposite', measure: measure.name, shared },
    because: { wildGap: Number(wildGap.toFixed(2)), sharedWidth: Number(width.toFixed(2)) },
    fixes: [leaveOut(a), leaveOut(b)],
  });
}

function window(context: RuleContext, measure: WaterMeasure, tables: WaterTables): readonly Finding[] {
  const shared = context.shared[measure.name];
  if (!shared || context.planned.length < 2) return [];
  const width = shared[1] - shared[0];
  // A single point that all stand is no water that a tank keeps.
  const point = !beyond(width, 0);
  // Notes on the whole list are not what one newcomer is asked about.
  if (context.focus !== null && !point) return [];
  const because = { lowest: shared[0], highest: shared[1] };
  if (width < measure.narrow) {
    const pinching = context.planned.filter((species) => pinches(species.range[measure.name], shared));
    return [
      finding(measure.rule, {
        severity: tables.shared.of(width),
        species: pinching.map((species) => species.profile.id),
        fact: { says: 'water/narrow', measure: measure.name, range: shared },
        because,
      }),
    ];
  }
  const value = context.water[measure.name];
  const held = value >= shared[0] && value <= shared[1] && !context.water.assumed.has(measure.name);
  if (!held) return [];
  return [
    finding(measure.rule, {
      severity: 'good',
      species: context.planned.map((species) => species.profile.id),
      fact: { says: 'water/suits all', measure: measure.name, tank: value },
      because: { ...because, value },
    }),
  ];
}

const pinches = (range: readonly [number, number], shared: readonly [number, number]): boolean =>
  range[0] === shared[0] || range[1] === shared[1];

/** The rule on one measure of the water: each species against the tank, species against each other, and the range that all share. */
export function waterRule(measure: WaterMeasure): Rule {
  const tables = tablesOf(measure);
  const { outside, apart, opposite, edge, shared } = tables;
  return {
    name: measure.rule,
    leaveFor: 'water',
    severities: [
      outside,
      apart,
      ...(measure.opposite === undefined ? [] : [opposite]),
      ...(measure.topEdge === undefined ? [] : [edge]),
      shared,
    ],
    judge: (context) => [...againstTank(context, measure, tables), ...window(context, measure, tables)],
    together: (a, b) => pairFinding(a, b, measure, tables),
  };
}
