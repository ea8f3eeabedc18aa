import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import { buildContext } from '../assess/buildContext';
import { readPlan } from '../assess/readPlan';
import type { PlanGroup } from '../model';
import type { RuleContext } from './context';
import { RULES } from './everyRule';
import type { Finding } from './finding';
import { judgeAll, judgeTold, pairFindings } from './judgeAll';
import { spoken } from './unspoken';

/** What is kept of one judgement for the next changes nothing that is said. */
const ANGEL = { species: 'pterophyllum-scalare', count: 4, lengthCm: 4 };
const NEONS = { species: 'paracheirodon-innesi', count: 10 };
const BARBS = { species: 'puntigrus-tetrazona', count: 6 };
const BETTA = { species: 'betta-splendens', count: 1 };
const GOURAMIS = { species: 'trichopodus-trichopterus', count: 2 };
const GUPPIES = { species: 'poecilia-reticulata', count: 6 };
const listOf = (...groups: readonly PlanGroup[]): RuleContext => {
  const read = readPlan(JSON.parse(JSON.stringify(plan(TANKS.us125, groups))), catalogue);
  if (!read.ok) throw new Error('not read');
  return buildContext(read.value, catalogue, TODAY).context;
};
const OF_PAIRS = RULES.filter((rule) => rule.toAnother ?? rule.together).map(({ name }) => name);
/** What is said of two species. */
const ofPairs = (findings: readonly Finding[]) =>
  findings.filter(({ rule, species }) => OF_PAIRS.includes(rule) && species.length === 2);
const inTime = (context: RuleContext, month: string): RuleContext => ({
  ...context,
  month,
  place: { ...context.place, month },
});

describe('what is said of two', () => {
  const context = listOf(ANGEL, NEONS);
  const [a, b] = context.planned;
  it('is the same object in the same month, and is said anew in another, or in a pond', () => {
    const now = { month: '2026-11', pond: false };
    const said = pairFindings(a!, b!, now);
    expect(said.map(({ rule }) => rule)).toContain('predation');
    expect(pairFindings(a!, b!, { ...now })).toBe(said);
    const later = pairFindings(a!, b!, { month: '2027-11', pond: false });
    const from = (findings: readonly Finding[]) => findings.find(({ rule }) => rule === 'predation')?.from;
    expect(Number(from(later)!.slice(0, 4))).toBe(Number(from(said)!.slice(0, 4)) + 1);
    expect(pairFindings(a!, b!, { month: '2027-11', pond: true })).not.toBe(later);
    expect(pairFindings(a!, b!, now)).toEqual(said);
  });
  it('of whom nothing is said is nothing', () => {
    const [c, d] = listOf(NEONS, { species: 'corydoras-aeneus', count: 8 }).planned;
    expect(ofPairs(pairFindings(c!, d!, { month: '2026-11', pond: false }))).toEqual([]);
  });
});

describe('one that is asked about', () => {
  const context = listOf(ANGEL, NEONS, BARBS, GUPPIES);
  // Of each of these and the betta something is said that names the first of the list first.
  const rivals = listOf(GUPPIES, BETTA, GOURAMIS, BARBS);
  // The long-finned danio nips long fins: not its own.
  const fins = listOf({ species: 'danio-rerio-long-fin', count: 6 }, BARBS);
  it.each(
    [context, rivals, fins].flatMap((list) =>
      list.planned.map((one) => [one.profile.id, list, one] as const),
    ),
  )('brings what the list says of it beside each other: %s', (id, list, focus) => {
    const brought = ofPairs(judgeAll({ ...list, focus }));
    expect(brought).toEqual(ofPairs(judgeAll(list)).filter(({ species }) => species.includes(id)));
    expect(brought.length).toBeGreaterThan(0);
  });
  it('is held against a list of which one was changed as if it came for the first time', () => {
    const [, , third, fourth] = context.planned;
    const focus = fourth!;
    const inPlace = listOf(GUPPIES, NEONS, { species: 'astronotus-ocellatus', count: 1 }).planned.find(
      ({ profile }) => profile.id === 'astronotus-ocellatus',
    )!;
    const changed = {
      ...context,
      planned: context.planned.map((one) => (one === third ? inPlace : one)),
      focus,
    };
    judgeAll({ ...context, focus });
    const told = ofPairs(judgeAll(changed));
    const anew = ofPairs(
      judgeAll({ ...changed, planned: changed.planned.map((one) => (one === focus ? one : { ...one })) }),
    );
    expect(told).toEqual(anew);
    expect(told.some(({ species }) => species.includes('astronotus-ocellatus'))).toBe(true);
  });
  it.each(context.planned.map((one) => [one.profile.id, one] as const))(
    'is held against the list in another month, and in a pond, as if it came for the first time: %s',
    (_, focus) => {
      const fresh = { ...focus };
      const planned = context.planned.map((one) => (one === focus ? fresh : one));
      judgeAll({ ...context, focus });
      const later = inTime({ ...context, focus }, '2028-03');
      expect(judgeAll(later)).toEqual(judgeAll({ ...later, focus: fresh, planned }));
      const pond = { ...later, pond: true, place: { ...later.place, pond: true } };
      expect(judgeAll(pond)).toEqual(judgeAll({ ...pond, focus: fresh, planned }));
    },
  );
});

describe('a species where it lives', () => {
  it('is judged anew in another place, and by the same words in the same', () => {
    const context = listOf(ANGEL, NEONS);
    const narrow = listOf(ANGEL, NEONS);
    const bare = { ...context, place: { ...context.place, tank: { ...context.place.tank, lid: false } } };
    expect(judgeAll(context)).toEqual(judgeAll(narrow));
    const lids = (of: RuleContext) => judgeAll(of).filter(({ rule }) => rule === 'lid').length;
    expect([lids(context), lids(bare), lids(context)]).toEqual([0, expect.any(Number), 0]);
    expect(lids(bare)).toBeGreaterThan(0);
  });
  it('is told without what only repeats another', () => {
    // Who is eaten is not also told to be bullied.
    const context = listOf(
      { species: 'amatitlania-nigrofasciata', count: 1 },
      { species: 'hyphessobrycon-amandae', count: 10 },
    );
    expect(judgeTold(context)).toEqual(spoken(judgeAll(context)));
    expect(judgeTold(context).length).toBeLessThan(judgeAll(context).length);
  });
});
