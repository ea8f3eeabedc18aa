import type { Place, PlannedSpecies, RuleContext } from './context';
import type { Finding } from './finding';
import { RULES } from './everyRule';
import { judgedKinds, judgedSpecies } from './pairs';
import type { Rule, HereAndNow } from './rule';

type Present<T> = Exclude<T, undefined>;
const present = <T>(value: T): value is Present<T> => value !== undefined;

const OF_LISTS = RULES.map((rule) => rule.judge).filter(present);
const OF_ONE = RULES.map((rule) => rule.ofOne).filter(present);
const OF_KIND = RULES.map((rule) => rule.ofKind).filter(present);
const TO_ANOTHER = RULES.map((rule) => rule.toAnother).filter(present);
const TOGETHER = RULES.map((rule) => rule.together).filter(present);

interface Said extends HereAndNow {
  readonly findings: readonly Finding[];
}

/** What was said of two species before: species do not change, and what is said of two rests on them, the month, and whether they live in a pond. */
const SAID = new WeakMap<PlannedSpecies, WeakMap<PlannedSpecies, Said>>();
const NOTHING: readonly Finding[] = [];

function judgePair(a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow): readonly Finding[] {
  const found: Finding[] = [];
  const keep = (finding: Finding | null): void => {
    if (finding !== null) found.push(finding);
  };
  for (const rule of TO_ANOTHER) {
    keep(rule(a, b, now));
    keep(rule(b, a, now));
  }
  for (const rule of TOGETHER) keep(rule(a, b, now));
  return found.length === 0 ? NOTHING : found;
}

/** Everything that the rules say of two species, `a` before `b` in the list. The same objects for the same species. */
export function pairFindings(a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow): readonly Finding[] {
  let beside = SAID.get(a);
  if (beside === undefined) SAID.set(a, (beside = new WeakMap()));
  const before = beside.get(b);
  if (before !== undefined && before.month === now.month && before.pond === now.pond) return before.findings;
  const findings = judgePair(a, b, now);
  beside.set(b, { month: now.month, pond: now.pond, findings });
  return findings;
}

interface Beside extends HereAndNow {
  readonly planned: readonly PlannedSpecies[];
  readonly said: readonly (readonly Finding[])[];
}
/** What was said of a newcomer beside each of the list that it was held against last: an edit touches few of them. */
const BESIDE = new WeakMap<PlannedSpecies, Beside>();

/** What is said of a newcomer and each species of a list that it stands in, in the order of the list. */
function besideEach(newcomer: PlannedSpecies, { planned, month, pond }: RuleContext): Beside['said'] {
  const now: HereAndNow = { month, pond };
  const before = BESIDE.get(newcomer);
  const known = before?.month === month && before.pond === pond ? before : null;
  const at = planned.indexOf(newcomer);
  const said = planned.map((species, i) => {
    if (i === at) return NOTHING;
    if (known?.planned[i] === species) return known.said[i] ?? NOTHING;
    return i < at ? pairFindings(species, newcomer, now) : pairFindings(newcomer, species, now);
  });
  BESIDE.set(newcomer, { month, pond, planned, said });
  return said;
}

type InPlace = WeakMap<PlannedSpecies, WeakMap<Place, readonly Finding[]>>;
/** What was said of a species where it lives: it rests on these two alone. */
const OF_ONE_SAID: InPlace = new WeakMap();
const OF_KIND_SAID: InPlace = new WeakMap();

function placeFindings(
  species: PlannedSpecies,
  place: Place,
  rules: readonly Exclude<Rule['ofOne'], undefined>[],
  said: InPlace,
): readonly Finding[] {
  let where = said.get(species);
  if (where === undefined) said.set(species, (where = new WeakMap()));
  const before = where.get(place);
  if (before !== undefined) return before;
  const found: Finding[] = [];
  for (const rule of rules) for (const finding of rule(species, place)) found.push(finding);
  const findings = found.length === 0 ? NOTHING : found;
  where.set(place, findings);
  return findings;
}

/**
 * Everything that the rules find in a list; with a `focus`, what that species brings to it. Findings on pairs come first, then
 * those on species, the tank and the whole.
 */
export function judgeAll(context: RuleContext): readonly Finding[] {
  const { planned, focus } = context;
  const found: Finding[] = [];
  if (focus === null)
    planned.forEach((species, i) => {
      for (let j = i + 1; j < planned.length; j += 1)
        for (const finding of pairFindings(species, planned[j] as PlannedSpecies, context))
          found.push(finding);
    });
  else for (const said of besideEach(focus, context)) for (const finding of said) found.push(finding);
  for (const species of judgedSpecies(context))
    for (const finding of placeFindings(species, context.place, OF_ONE, OF_ONE_SAID)) found.push(finding);
  for (const kind of judgedKinds(context))
    for (const finding of placeFindings(kind, context.place, OF_KIND, OF_KIND_SAID)) found.push(finding);
  for (const judge of OF_LISTS) for (const finding of judge(context)) found.push(finding);
  return found;
}
