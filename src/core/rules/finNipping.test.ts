import { listed, type Made, madeUp } from '@/testing/madeUp';
import { finNipping } from './finNipping';

const NOW = { month: '2026-11', pond: false };
const NIPPER = 'paracheirodon-innesi';

/** A calm nipper of five centimetres, and a fish of five that has nothing to lose: each with what a case is about. */
function nips(nipper: Made, victim: Made, count = 5) {
  const one = madeUp(NIPPER, 'nipper', {
    ...nipper,
    size: { maleCm: 5, femaleCm: 5 },
    company: { nipCalmGroup: null, longFins: false, ...nipper.company },
  });
  const other = madeUp(NIPPER, 'victim', {
    ...victim,
    size: { maleCm: 5, femaleCm: 5, shape: 'fusiform', ...victim.size },
    company: { finNipping: 0, nipCalmGroup: null, longFins: false, ...victim.company },
    habits: { activity: 2, shyness: 0, ...victim.habits },
  });
  const said = finNipping.toAnother!(listed(one, { count }), listed(other, { count: 3 }), NOW);
  return said === null ? [] : [said];
}
const severity = (...asked: Parameters<typeof nips>) => nips(...asked).map((finding) => finding.severity);
const at = (finNipping: 0 | 1 | 2 | 3, nipCalmGroup: number | null = null): Made => ({
  company: { finNipping, nipCalmGroup },
});
/** Rough, and no nipper by habit: fins are torn in chases. */
const rough = (more: Made = {}): Made => ({
  ...more,
  company: { finNipping: 1, nipCalmGroup: null, temper: { young: 2, mature: 2 } },
});
const FINS: Made = { company: { longFins: true } };
const SLOW: Made = { habits: { activity: 1 } };
const STILL: Made = { habits: { activity: 1, shyness: 2 } };

describe('a rough fish beside long fins', () => {
  const top: Made = { layers: { top: 1, middle: 0, bottom: 0 } };
  const bottom: Made = { layers: { top: 0, middle: 0, bottom: 1 } };
  it.each<[string, Made, Made, readonly string[]]>([
    ['that it chases: its temper says so', rough(), FINS, []],
    ['in other water', rough(top), { ...FINS, ...bottom }, []],
    ['as rough as itself', rough(), { company: { longFins: true, temper: { young: 2, mature: 2 } } }, []],
    ['too large to be chased', rough(), { ...FINS, size: { maleCm: 30, femaleCm: 30 } }, ['caution']],
    ['that nips by habit as well', { company: { ...rough().company, finNipping: 2 } }, FINS, ['stop']],
    ['that calms down in numbers', { company: { ...rough().company, nipCalmGroup: 9 } }, FINS, ['caution']],
  ])('%s', (_what, nipper, victim, expected) => expect(severity(nipper, victim)).toEqual(expected));
});

describe('a nipper beside long fins', () => {
  it.each<[string, Made, number, readonly string[]]>([
    ['none', at(0), 5, []],
    ['an occasional one', at(1), 5, ['caution']],
    ['an occasional one, fewer than it takes', at(1, 6), 5, ['caution']],
    ['an occasional one, as many as it takes', at(1, 5), 5, ['note']],
    ['a nipper', at(2), 5, ['stop']],
    ['a nipper, fewer than it takes', at(2, 6), 5, ['stop']],
    ['a nipper, as many as it takes', at(2, 5), 5, ['caution']],
    ['a relentless one', at(3), 5, ['stop']],
  ])('%s', (_what, nipper, count, expected) => expect(severity(nipper, FINS, count)).toEqual(expected));
  it('is said whole: who of whom, how many, and what settles it', () => {
    expect(nips(at(2, 9), FINS)).toEqual([
      expect.objectContaining({
        species: ['nipper', 'victim'],
        fact: { says: 'pair/nips', counts: [5, 3], goesFor: 'long fins', calm: false },
        because: { nips: 2, count: 5, calmFrom: 9 },
        fixes: [
          { edit: { kind: 'leave-out', species: 'nipper', count: 5 } },
          { edit: { kind: 'leave-out', species: 'victim', count: 3 } },
          { edit: { kind: 'set-count', species: 'nipper', count: 9 } },
        ],
      }),
    ]);
    const [calm] = nips(at(2, 5), FINS);
    expect(calm?.fact).toMatchObject({ calm: true });
    expect(calm?.fixes).toHaveLength(2);
    const [never] = nips(at(2), FINS);
    expect(never?.because).toEqual({ nips: 2, count: 5 });
    expect(never?.fixes).toHaveLength(2);
  });
  it('has nothing to nip at a snail', () => expect(severity(at(3), { ...FINS, life: 'snail' })).toEqual([]));
});

describe('relentless nippers beside slow fish', () => {
  it.each<[string, Made, Made, readonly string[]]>([
    ['a nipper that is not relentless', at(2), STILL, []],
    ['a quick fish', at(3), { habits: { activity: 2, shyness: 2 } }, []],
    ['a slow one that is not shy', at(3), SLOW, ['caution']],
    ['a slow one that is not shy, in a large group', at(3, 5), SLOW, []],
    ['a slow shy one', at(3), STILL, ['stop']],
    ['a slow shy one, in a large group', at(3, 5), STILL, ['caution']],
    ['a slow shy one in armour', at(3), { ...STILL, size: { shape: 'armoured' } }, ['caution']],
    ['a slow shy one with spines', at(3), { ...STILL, handling: { spines: true } }, ['caution']],
    ['a slow shy one twice as long', at(3), { ...STILL, size: { maleCm: 10, femaleCm: 10 } }, ['caution']],
    [
      'a slow shy one nearly twice as long',
      at(3),
      { ...STILL, size: { maleCm: 9.9, femaleCm: 9.9 } },
      ['stop'],
    ],
    [
      'a flat one twice as long',
      at(3),
      { ...STILL, size: { maleCm: 10, femaleCm: 10, shape: 'flat' } },
      ['stop'],
    ],
    [
      'a deep one twice as long',
      at(3),
      { ...STILL, size: { maleCm: 10, femaleCm: 10, shape: 'deep' } },
      ['stop'],
    ],
  ])('%s', (_what, nipper, victim, expected) => expect(severity(nipper, victim)).toEqual(expected));
  it('says that it is for being slow', () =>
    expect(nips(at(3), STILL)[0]?.fact).toMatchObject({ goesFor: 'slow fish' }));
});

describe('fins torn in chases by a rough fish', () => {
  const rough = (company: Made['company'] = {}): Made => ({
    company: { finNipping: 1, temper: { young: 2, mature: 2 }, ...company },
  });
  const calm = (mature: 0 | 1 | 2): Made => ({
    company: { longFins: true, temper: { young: mature, mature } },
  });
  it('are none of a fish as rough, or in other water', () => {
    expect(severity(rough(), calm(2))).toEqual([]);
    expect(severity(rough({ temper: { young: 1, mature: 1 } }), calm(1))).toEqual(['caution']);
  });
  it('are a habit where it nips more, or where a number calms it', () => {
    expect(severity(rough({ finNipping: 2 }), calm(2))).toEqual(['stop']);
    expect(severity(rough({ nipCalmGroup: 9 }), calm(2))).toEqual(['caution']);
  });
});
