import type { Place, PlannedSpecies, RuleContext } from './context';
import type { Finding } from './finding';
import { RULES } from './everyRule';
import { judgedKinds, judgedSpecies } from './pairs';
import type { Rule, HereAndNow } from './rule';
import { spokenOfFirst, spokenOfPair } from './unspoken';

type Present<T> = Exclude<T, undefined>;
const present = <T>(value: T): value is Present<T> => value !== undefined;

const OF_LISTS = RULES.map((rule) => rule.judge).filter(present);
const OF_ONE = RULES.map((rule) => rule.ofOne).filter(present);
const OF_KIND = RULES.map((rule) => rule.ofKind).filter(present);
const TO_ANOTHER = RULES.map((rule) => rule.toAnother).filter(present);
const TOGETHER = RULES.map((rule) => rule.together).filter(present);

/** What is said of two species. */
interface OfTwo {
  /** All of it. */
  readonly found: readonly Finding[];
  /** Without what only repeats another. */
  readonly told: readonly Finding[];
}
interface Said extends HereAndNow {
  readonly ofTwo: OfTwo;
}

/** What was said of two species before: species do not change, and what is said of two rests on them, the month, and whether they live in a pond. */
const SAID = new WeakMap<PlannedSpecies, WeakMap<PlannedSpecies, Said>>();
const NOTHING: readonly Finding[] = [];
const SILENCE: OfTwo = { found: NOTHING, told: NOTHING };

function judgePair(a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow): OfTwo {
  const found: Finding[] = [];
  const keep = (finding: Finding | null): void => {
    if (finding !== null) found.push(finding);
  };
  for (const rule of TO_ANOTHER) {
    keep(rule(a, b, now));
    keep(rule(b, a, now));
  }
  for (const rule of TOGETHER) keep(rule(a, b, now));
  return found.length === 0 ? SILENCE : { found, told: spokenOfPair(found) };
}

function sayOfTwo(a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow): OfTwo {
  let beside = SAID.get(a);
  if (beside === undefined) SAID.set(a, (beside = new WeakMap()));
  const before = beside.get(b);
  if (before !== undefined && before.month === now.month && before.pond === now.pond) return before.ofTwo;
  const ofTwo = judgePair(a, b, now);
  beside.set(b, { month: now.month, pond: now.pond, ofTwo });
  return ofTwo;
}

/** Everything that the rules say of two species, `a` before `b` in the list. The same objects for the same species. */
export const pairFindings = (a: PlannedSpecies, b: PlannedSpecies, now: HereAndNow): readonly Finding[] =>
  sayOfTwo(a, b, now).found;

interface Beside extends HereAndNow {
  readonly planned: readonly PlannedSpecies[];
  readonly said: readonly OfTwo[];
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
    if (i === at) return SILENCE;
    if (known?.planned[i] === species) return known.said[i] ?? SILENCE;
    return i < at ? sayOfTwo(species, newcomer, now) : sayOfTwo(newcomer, species, now);
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

function judge(context: RuleContext, ofTwo: keyof OfTwo): readonly Finding[] {
  const { planned, focus } = context;
  const found: Finding[] = [];
  if (focus === null)
    planned.forEach((species, i) => {
      for (let j = i + 1; j < planned.length; j += 1)
        for (const finding of sayOfTwo(species, planned[j] as PlannedSpecies, context)[ofTwo])
          found.push(finding);
    });
  else for (const said of besideEach(focus, context)) for (const finding of said[ofTwo]) found.push(finding);
  for (const species of judgedSpecies(context))
    for (const finding of placeFindings(species, context.place, OF_ONE, OF_ONE_SAID)) found.push(finding);
  for (const kind of judgedKinds(context))
    for (const finding of placeFindings(kind, context.place, OF_KIND, OF_KIND_SAID)) found.push(finding);
  for (const ofList of OF_LISTS) for (const finding of ofList(context)) found.push(finding);
  return found;
}

/**
 * Everything that the rules find in a list; with a `focus`, what that species brings to it. Findings on pairs come first, then
 * those on species, the tank and the whole.
 */
export const judgeAll = (context: RuleContext): readonly Finding[] => judge(context, 'found');

/** The same without what only repeats another: `spoken(judgeAll(context))`, but what is told of two is kept from list to list. */
export const judgeTold = (context: RuleContext): readonly Finding[] => spokenOfFirst(judge(context, 'told'));
