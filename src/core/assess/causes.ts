import { type Finding, type Fix, SEVERITIES, type Severity, type WaterName } from '../rules';

/** What a group of findings comes from. */
export type Cause =
  | { readonly kind: 'water'; readonly measure: WaterName }
  | {
      readonly kind:
        | 'tank size'
        | 'lid'
        | 'bottom'
        | 'hides'
        | 'light'
        | 'filter'
        | 'floor'
        | 'bioload'
        | 'feeding'
        | 'crossing'
        | 'handling'
        | 'law'
        | 'exit plan';
    }
  | { readonly kind: 'species'; readonly species: string }
  | { readonly kind: 'pair'; readonly species: readonly [string, string] };

/** A finding without its fixes: what is told of a newcomer. */
export type Told = Omit<Finding, 'fixes'>;

/** Findings of one cause: one headline, the rest folded under it. */
export interface CauseGroup<F extends Told = Finding> {
  readonly key: string;
  readonly cause: Cause;
  /** The worst severity among them. */
  readonly severity: Severity;
  /** The month in which the worst begins; null when it is true today. */
  readonly from: string | null;
  /** Worst first, then what is already true. Never empty. */
  readonly findings: readonly F[];
  /** The species that the worst findings name, in their order. */
  readonly species: readonly string[];
}

const OF_THE_TANK: Readonly<
  Partial<Record<Finding['fact']['says'], Exclude<Cause['kind'], 'water' | 'species' | 'pair'>>>
> = {
  'size/needs': 'tank size',
  'growth/too big': 'tank size',
  'home/no lid': 'lid',
  'home/sand': 'bottom',
  'home/no hides': 'hides',
  'home/few hides': 'hides',
  'home/refuges': 'hides',
  'home/long light': 'light',
  'home/weak current': 'filter',
  'home/strong current': 'filter',
  'home/turnover': 'filter',
  'floor/claimed': 'floor',
  'group/light': 'floor',
  'group/dense': 'floor',
  'home/layer': 'bioload',
  'home/one layer': 'bioload',
  'bioload/rules': 'bioload',
  'nitrate/makes': 'bioload',
  'food/meals': 'feeding',
  'pair/cross': 'crossing',
  'care/sting': 'handling',
  'care/spines': 'handling',
  'care/restricted': 'law',
  'care/exit plan': 'exit plan',
};
/** What one species does to another, or several others: a pair where there is only one. */
const OF_COMPANY: readonly string[] = ['pair', 'eating'];
const WITH_ONE: readonly string[] = [
  'home/shy company',
  'food/out-eaten',
  'food/rich',
  'males/rival species',
];

/** What a finding comes from. */
export function causeOf({ fact, species }: Pick<Finding, 'fact' | 'species'>): Cause {
  const tank = OF_THE_TANK[fact.says];
  if (tank !== undefined) return { kind: tank };
  if ('measure' in fact && fact.says !== 'size/needs') return { kind: 'water', measure: fact.measure };
  const [a = '', b] = species;
  const [kind = ''] = fact.says.split('/');
  const company = OF_COMPANY.includes(kind) || (WITH_ONE.includes(fact.says) && species.length === 2);
  return company && b !== undefined
    ? { kind: 'pair', species: a < b ? [a, b] : [b, a] }
    : { kind: 'species', species: a };
}

/** Keys of the causes of findings, which never change. */
const KEYS = new WeakMap<Told, string>();

/** Tells one cause from all others; what is good stays by itself. */
function causeKey(finding: Told): string {
  const before = KEYS.get(finding);
  if (before !== undefined) return before;
  const made = `${finding.severity === 'good' ? 'good' : ''}${JSON.stringify(causeOf(finding))}`;
  KEYS.set(finding, made);
  return made;
}

const rank = (severity: Severity): number => SEVERITIES.indexOf(severity);
/** What is true today comes before what is still to come. */
const sooner = (a: string | null, b: string | null): number => (a ?? '').localeCompare(b ?? '');
const worse = (
  a: { readonly severity: Severity; readonly from: string | null },
  b: { readonly severity: Severity; readonly from: string | null },
): number => rank(a.severity) - rank(b.severity) || sooner(a.from, b.from);

/**
 * Findings by cause, in order of harm, then of how soon, then of how many fish. `fishOf` says how many there are of a species.
 * What is good stays by itself: it never stands in a group with what is not.
 */
export function groupByCause<F extends Told>(
  findings: readonly F[],
  fishOf: (species: string) => number,
): readonly CauseGroup<F>[] {
  const groups = new Map<string, F[]>();
  for (const finding of findings) {
    const key = causeKey(finding);
    const group = groups.get(key);
    if (group) group.push(finding);
    else groups.set(key, [finding]);
  }
  const made = [...groups].map(([key, all]): CauseGroup<F> => {
    const inOrder = [...all].sort(worse);
    const [first] = inOrder as [F];
    const worst = inOrder.filter(({ severity }) => severity === first.severity);
    return {
      key,
      cause: causeOf(first),
      severity: first.severity,
      from: first.from,
      findings: inOrder,
      species: [...new Set(worst.flatMap((finding) => finding.species))],
    };
  });
  const fish = (group: CauseGroup<F>): number => group.species.reduce((sum, id) => sum + fishOf(id), 0);
  return made.sort((a, b) => worse(a, b) || fish(b) - fish(a) || (a.key < b.key ? -1 : 1));
}

/** How many there are of each species that an assessment looked at. */
export const fishIn = (
  kinds: readonly { readonly profile: { readonly id: string }; readonly count: number }[],
) => {
  const counts = new Map(kinds.map(({ profile, count }) => [profile.id, count]));
  return (species: string): number => counts.get(species) ?? 0;
};

/** Problems and notes of one cause are two groups. */
export const fixKey = ({ key, severity }: Pick<CauseGroup, 'key' | 'severity'>): string =>
  severity === 'note' ? `note ${key}` : key;

/** What only the keeper can do for a group, in the order of its findings: no press makes it, and it is not tried. */
export const adviceFor = (group: CauseGroup): readonly Fix[] => [
  ...new Map(
    group.findings
      .filter(({ severity }) => severity === group.severity)
      .flatMap(({ fixes }) => fixes.filter((fix) => 'advice' in fix))
      .map((fix) => [JSON.stringify(fix), fix]),
  ).values(),
];
