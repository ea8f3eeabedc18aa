import { cameOf, chasedOf, happened, memberOf, watchedOf } from '@/testing/happened';
import type { Standing } from '../events';
import { shareLimits } from '../stats';
import { brierOf, calibrationBy, calibrationOf, SAID_CHANCE } from './calibration';
import { type Kept, predictionsIn, type Scorable, warningsOf } from './predictions';

const on = (month: number, day = 1, hour = 12): string =>
  new Date(Date.UTC(2026, month - 1, day, hour)).toISOString();
const [CICHLID, CORY, TETRA] = ['labidochromis-caeruleus', 'corydoras-aeneus', 'paracheirodon-innesi'];
const came = (month: number, species: string, id: string, count = 2): Standing =>
  cameOf(on(month), [memberOf(id, count)], { species });
type Warned = Extract<Standing, { type: 'predicted' }>['warnings'][number];
const warning = (more: Partial<Warned> = {}): Warned => ({
  rule: 'fin-nipping',
  severity: 'caution',
  species: [CICHLID, CORY],
  from: null,
  until: '2027-01',
  ...more,
});
const predicted = (month: number, ...warnings: readonly Warned[]): Standing =>
  happened({ type: 'predicted', on: on(month), warnings });
const saw = (month: number, resident: string, what: string): Standing =>
  happened({ type: 'saw', on: on(month), resident, what, place: '' });
const BOTH = [came(1, CICHLID, 'a'), came(1, CORY, 'c', 6)];
/** A warning of January on two kinds that live together, after so many months, with what happened. */
const kept = (months: number, more: readonly Standing[] = [], about: Partial<Warned> = {}): Kept =>
  predictionsIn([...BOTH, predicted(1, warning(about)), ...more], on(1 + months, 2))[0]!;

describe('what is kept score of', () => {
  const finding = (more: Partial<Scorable> = {}): Scorable => ({
    rule: 'temper',
    severity: 'stop',
    species: [CICHLID, CORY],
    from: null,
    ...more,
  });
  const living = new Set([CICHLID, CORY]);
  const of = (...findings: Scorable[]) => warningsOf(findings, living, '2026-03');
  it('is what the record can show, of fish that live there, once', () => {
    expect(of(finding(), finding({ severity: 'caution' }))).toEqual([
      { rule: 'temper', severity: 'stop', species: [CICHLID, CORY], from: null, until: '2027-03' },
    ]);
    expect(of(finding({ species: [CICHLID, TETRA] }))).toEqual([]);
    expect(of(finding({ severity: 'note' }), finding({ severity: 'good' }))).toEqual([]);
    expect(of(finding({ rule: 'water-ph' }))).toEqual([]);
    expect(
      warningsOf([finding({ species: [CICHLID, CORY, TETRA] })], new Set([...living, TETRA]), '2026-03'),
    ).toEqual([]);
  });
  it('counts for a year from now, or from the month it names', () => {
    expect(of(finding({ from: '2027-09' }))[0]).toMatchObject({ from: '2027-09', until: '2028-09' });
    expect(of(finding({ from: '2026-01' }))[0]).toMatchObject({ until: '2027-03' });
  });
  it('is nitrate of the tank, and outgrowing of one kind', () =>
    expect(
      of(
        finding({ rule: 'nitrate', species: [] }),
        finding({ rule: 'outgrows', species: [CICHLID] }),
        finding({ rule: 'outgrows', species: [] }),
      ),
    ).toHaveLength(2));
});

describe('how the record says it came out', () => {
  it('happened, as soon as it is seen', () => {
    expect(kept(2, [saw(2, 'c', 'torn')])).toMatchObject({
      outcome: 'torn',
      proposed: 'happened',
      why: 'seen',
    });
    // The one that nips is torn itself: that is not what was said.
    expect(kept(2, [saw(2, 'a', 'torn')])).toMatchObject({ proposed: null, why: 'runs' });
  });
  it('does not count what was seen before it was said, nor after it counts', () => {
    const before = predictionsIn(
      [...BOTH, saw(2, 'c', 'torn'), predicted(3, warning()), watchedOf(on(4), 60)],
      on(5),
    )[0];
    expect(before).toMatchObject({ proposed: null, minutesWatched: 60, months: 2 });
    const after = kept(16, [watchedOf(on(3), 60), saw(14, 'c', 'torn'), watchedOf(on(14), 90)]);
    expect(after).toMatchObject({ proposed: 'did not happen', months: 12, minutesWatched: 60 });
  });
  it('did not, after its whole span together and watched; before that it runs', () => {
    const watched = [watchedOf(on(3), 40)];
    expect(kept(11, watched)).toMatchObject({ proposed: null, why: 'runs', months: 11 });
    expect(kept(13, watched)).toMatchObject({ proposed: 'did not happen', why: 'whole span' });
  });
  it('cannot be told of fish that nobody watched, were parted soon, or that the keeper stepped in for', () => {
    expect(kept(13)).toMatchObject({ proposed: 'cannot be told', why: 'not watched' });
    const gone = happened({
      type: 'rehomed',
      on: on(4),
      resident: 'c',
      count: 6,
      reason: 'other',
      taker: 'a club',
    });
    expect(kept(5, [watchedOf(on(2), 60), gone])).toMatchObject({
      proposed: 'cannot be told',
      why: 'too short',
      months: 2,
    });
    const step = happened({ type: 'stepped-in', on: on(3), step: 'rearranged' });
    expect(kept(13, [watchedOf(on(2), 60), step])).toMatchObject({
      proposed: 'cannot be told',
      why: 'intervened',
    });
    const late = happened({
      type: 'rehomed',
      on: on(9),
      resident: 'c',
      count: 6,
      reason: 'other',
      taker: 'a club',
    });
    expect(kept(10, [watchedOf(on(2), 60), late])).toMatchObject({ proposed: 'did not happen', months: 7 });
  });
  it('counts contests between them and losses of them', () => {
    const one = kept(3, [
      chasedOf(on(2), 'a', 'c'),
      chasedOf(on(2), 'c', 'a'),
      chasedOf(on(2), 'a', 'a'),
      happened({ type: 'died', on: on(2), resident: 'c', count: 2, how: 'found', cause: 'age' }),
      watchedOf(on(2, 1, 13), 20.4),
    ]);
    expect(one).toMatchObject({ contests: 2, lost: 2, minutesWatched: 20, proposed: null });
  });
  it('of losses and jumps takes nothing from silence either: watched, or counted', () => {
    const about = { rule: 'lid', species: [CORY] };
    const counted = happened({ type: 'counted', on: on(5), species: CORY, seen: 6 });
    expect(kept(13, [], about)).toMatchObject({ proposed: 'cannot be told', why: 'not watched' });
    expect(kept(13, [counted], about)).toMatchObject({ proposed: 'did not happen' });
    expect(kept(13, [watchedOf(on(5), 30)], about)).toMatchObject({ proposed: 'did not happen' });
    // A count shows no torn fin.
    expect(kept(13, [counted])).toMatchObject({ why: 'not watched' });
    expect(kept(13, [counted], { rule: 'outgrows', species: [CICHLID] })).toMatchObject({
      why: 'whole span',
    });
  });
  it('counts what one kind does to itself, and what is done to one by anybody', () => {
    const more = [
      chasedOf(on(2), 'a', 'c'),
      chasedOf(on(2), 'c', 'a'),
      chasedOf(on(2), 'c', 'a'),
      chasedOf(on(2), 'a', `some-unknown-${CICHLID}`),
    ];
    expect(kept(3, more, { rule: 'sex-ratio', species: [CICHLID] })).toMatchObject({ contests: 1 });
    expect(kept(3, more, { rule: 'shyness', species: [CICHLID] })).toMatchObject({ contests: 3 });
    // A loss and a fight count as trouble of two; a loss to age does not.
    const fight = [chasedOf(on(2), 'a', 'c', { what: 'lock' })];
    expect(kept(3, fight, { rule: 'temper' })).toMatchObject({ proposed: 'happened' });
    const died = (cause: string) =>
      happened({ type: 'died', on: on(2), resident: 'c', count: 1, how: 'found', cause });
    expect(kept(3, [died('beaten up')], { rule: 'predation' })).toMatchObject({
      proposed: 'happened',
      lost: 1,
    });
    expect(kept(3, [died('old age')], { rule: 'predation' })).toMatchObject({ proposed: null, lost: 1 });
  });
  it('cannot be told of a step in one part of the time, however calm the other was', () => {
    const step = happened({ type: 'stepped-in', on: on(3), step: 'rearranged' });
    const more = [watchedOf(on(2), 60), step, came(6, TETRA, 't', 9)];
    expect(kept(13, more)).toMatchObject({ why: 'intervened', months: 12 });
    expect(kept(13, [saw(2, 'c', 'torn'), came(6, TETRA, 't', 9)])).toMatchObject({ proposed: 'happened' });
  });
  it('is nitrate above 40 mg/L in a test, and cannot be told without one', () => {
    const about = { rule: 'nitrate', species: [] };
    const tested = (nitrateMgL: number) => happened({ type: 'tested', on: on(3), nitrateMgL });
    expect(kept(3, [tested(41)], about)).toMatchObject({ proposed: 'happened', nitrateMgL: 41 });
    expect(kept(13, [tested(40)], about)).toMatchObject({ proposed: 'did not happen' });
    expect(kept(13, [], about)).toMatchObject({ proposed: 'cannot be told', why: 'not watched' });
  });
  it('is outgrowing where some had to go as too big', () => {
    const about = { rule: 'outgrows', species: [CICHLID] };
    const gone = (reason: string) =>
      happened({ type: 'rehomed', on: on(4), resident: 'a', count: 1, reason, taker: 'x' });
    expect(kept(5, [gone('too big')], about)).toMatchObject({ proposed: 'happened' });
    expect(kept(5, [gone('other')], about)).toMatchObject({ proposed: null });
  });
  it('is one of fish that had to be parted', () => {
    const gone = happened({
      type: 'rehomed',
      on: on(4),
      resident: 'c',
      count: 6,
      reason: 'bullied',
      taker: 'x',
    });
    expect(kept(5, [gone], { rule: 'temper' })).toMatchObject({ proposed: 'happened' });
  });
});

describe('the keeper’s word', () => {
  const said = predicted(1, warning(), warning({ rule: 'temper' }));
  const settled = (month: number, rule: string, outcome: string, of: string = said.id): Standing =>
    happened({ type: 'settled', on: on(month), of, about: { rule, species: [CICHLID, CORY] }, outcome });
  const settledOf = (...more: readonly Standing[]) =>
    predictionsIn([...BOTH, said, ...more], on(5)).map((one) => one.settled?.outcome ?? null);
  it('settles the warning that it names; the later word counts', () => {
    expect(settledOf(settled(2, 'temper', 'happened'))).toEqual([null, 'happened']);
    expect(settledOf(settled(2, 'temper', 'happened'), settled(3, 'temper', 'cannot be told'))).toEqual([
      null,
      'cannot be told',
    ]);
    expect(settledOf(settled(2, 'temper', 'happened', 'another'))).toEqual([null, null]);
  });
  it('a warning of another tank is another', () => {
    const there = happened({ type: 'predicted', tank: 'U', on: on(2), warnings: [warning()] });
    expect(predictionsIn([...BOTH, said, there], on(3)).map(({ tank }) => tank)).toEqual(['T', 'T', 'U']);
  });
  it('a warning that is said again while it counts stays the first one’s; afterwards it is a new one', () => {
    const again = (month: number) =>
      predictionsIn([...BOTH, said, predicted(month, warning())], on(30)).length;
    expect([again(3), again(13), again(14)]).toEqual([2, 2, 3]);
  });
  it('is asked of nothing where nothing was said', () => expect(predictionsIn(BOTH, on(5))).toEqual([]));
  it('leaves warnings alone that a later Lomvik does not know', () =>
    expect(predictionsIn([...BOTH, predicted(1, warning({ rule: 'forgotten' }))], on(3))).toEqual([]));
});

describe('how often Lomvik was right', () => {
  const one = kept(1);
  const with_ = (
    outcome: 'happened' | 'did not happen' | 'cannot be told' | null,
    more: Partial<Kept> = {},
  ): Kept => ({
    ...one,
    settled: outcome === null ? null : { outcome, on: on(2) },
    ...more,
  });
  const list = [
    with_('happened'),
    with_('did not happen', { severity: 'stop', from: '2026-05' }),
    with_('happened', { from: '2026-05' }),
    with_('cannot be told', { from: '2026-05' }),
    with_(null, { severity: 'stop', from: '2026-05' }),
  ];
  it('counts what is settled with a yes or a no, with exact limits', () => {
    expect(calibrationOf(list)).toEqual({
      made: 5,
      settled: 3,
      untold: 1,
      happened: 2,
      limits: shareLimits(2, 3).clopperPearson,
    });
    expect(calibrationOf([with_(null)])).toMatchObject({ made: 1, settled: 0, limits: null });
    expect(
      calibrationBy(list, ({ severity }) => severity).map(({ of, made, settled }) => [of, made, settled]),
    ).toEqual([
      ['caution', 3, 2],
      ['stop', 2, 1],
    ]);
  });
  it('lists the most answered first, then the most made, then by name', () => {
    const of = (rule: string, ...outcomes: readonly ('happened' | null)[]) =>
      outcomes.map((outcome) => with_(outcome, { rule }));
    const order = calibrationBy(
      [
        ...of('d', null),
        ...of('c', null),
        ...of('b', null, null),
        ...of('a', 'happened'),
        ...of('e', 'happened', 'happened'),
      ],
      ({ rule }) => rule,
    );
    expect(order.map((row) => row.of)).toEqual(['e', 'a', 'b', 'c', 'd']);
  });
  it('scores those that named a month by what their severity means', () => {
    expect(brierOf(list)).toBeCloseTo((SAID_CHANCE.stop ** 2 + (1 - SAID_CHANCE.caution) ** 2) / 2, 12);
    expect(brierOf([with_('happened')])).toBeNull();
  });
});
