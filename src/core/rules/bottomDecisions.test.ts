import { listed, type Made, madeUp } from '@/testing/madeUp';
import type { SpeciesProfile } from '../model';
import type { Place, PlannedGroup } from './context';
import { panic } from './panic';
import { plantsEaten } from './plantsEaten';
import { substrate } from './substrate';

/** Each decision about sand, plants and decor, tried with fish that are made up. */
const leaveOut = (species: string, count: number) => ({ edit: { kind: 'leave-out', species, count } });
describe('the floor and what grows on it', () => {
  const place = (tank: Record<string, unknown>) =>
    ({ tank: { assumed: new Set(), ...tank } }) as unknown as Place;
  const kept = (more: Made, group: Partial<PlannedGroup> = {}) =>
    listed(
      madeUp('amatitlania-nigrofasciata', 'one', {
        ...more,
        size: { maleCm: 10, femaleCm: 10, ...more.size },
      }),
      { count: 3, ...group },
    );

  it('without sand is told whole', () => {
    const digger = kept({ tank: sand('needs'), effect: { digs: 1 }, size: { shape: 'armoured' } });
    expect(substrate.ofOne!(digger, place({ substrate: 'gravel' }))).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'home/sand', floor: 'hard' },
        because: { substrate: 'gravel', digs: 1 },
        fixes: [{ edit: { kind: 'set-substrate', substrate: 'sand' } }],
      }),
    ]);
    expect(substrate.ofOne!(digger, place({ substrate: 'bare' }))[0]?.fact).toEqual({
      says: 'home/sand',
      floor: 'bare',
    });
  });
  function sand(wish: SpeciesProfile['tank']['sand']): SpeciesProfile['tank'] {
    return { ...madeUp('paracheirodon-innesi', 'any').tank, sand: wish };
  }
  it.each<[string, Made, string, readonly string[]]>([
    ['sand', {}, 'sand', []],
    ['gravel for those that like sand', { tank: sand('likes') }, 'gravel', []],
    ['gravel under those that sift', { effect: { digs: 2 } }, 'gravel', ['stop']],
    ['rock under those that sift', { effect: { digs: 2 } }, 'rock', ['stop']],
    ['fine gravel under those that sift', { effect: { digs: 2 } }, 'fine-gravel', ['caution']],
    ['no sand under those that sift', { effect: { digs: 2 } }, 'bare', ['caution']],
    ['gravel under flat fish', { size: { shape: 'flat' } }, 'gravel', ['stop']],
    ['fine gravel under flat fish', { size: { shape: 'flat' } }, 'fine-gravel', ['caution']],
    ['no sand under flat fish', { size: { shape: 'flat' } }, 'bare', []],
  ])('is %s', (_, more, floor, expected) =>
    expect(
      substrate.ofOne!(
        kept({ tank: sand('needs'), effect: { digs: 1 }, ...more }),
        place({ substrate: floor }),
      ).map(({ severity }) => severity),
    ).toEqual(expected),
  );

  it('with plants that are eaten is told whole', () =>
    expect(
      plantsEaten.ofOne!(kept({ effect: { eatsPlants: 'yes', digs: 1 } }), place({ plants: 'some' })),
    ).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'home/plants', how: 'eats' },
        because: { eatsPlants: 'yes', plants: 'some', digs: 1 },
        fixes: [leaveOut('one', 3), { advice: { does: 'wood and rock' } }],
      }),
    ]));
  it.each<[string, Made['effect'], Record<string, unknown>, readonly string[]]>([
    ['none', { eatsPlants: 'yes', digs: 3 }, { plants: 'none' }, []],
    [
      'eaten, nobody spoke of any',
      { eatsPlants: 'yes', digs: 0 },
      { plants: 'some', assumed: new Set(['plants']) },
      ['note eats 0'],
    ],
    ['nibbled at', { eatsPlants: 'some', digs: 0 }, { plants: 'dense' }, ['note nibbles 0']],
    [
      'nibbled at, nobody spoke of any',
      { eatsPlants: 'some', digs: 0 },
      { plants: 'some', assumed: new Set(['plants']) },
      [],
    ],
    ['dug up', { eatsPlants: 'no', digs: 3 }, { plants: 'some' }, ['note digs 0']],
    [
      'dug up, nobody spoke of any',
      { eatsPlants: 'no', digs: 3 },
      { plants: 'some', assumed: new Set(['plants']) },
      ['note digs 0'],
    ],
    ['hardly dug at', { eatsPlants: 'no', digs: 2 }, { plants: 'some' }, []],
  ])('has plants: %s', (_, effect, tank, expected) =>
    expect(
      plantsEaten.ofOne!(kept({ effect }), place(tank)).map(
        ({ severity, fact, fixes }) => `${severity} ${'how' in fact ? fact.how : ''} ${fixes.length}`,
      ),
    ).toEqual(expected),
  );

  const dash = (tank: Record<string, unknown>, panics = true, judgedCm = 10) =>
    panic.ofOne!(
      kept({ habits: { panics } }, { judgedCm }),
      place({ hardscapeFraction: 0.05, substrate: 'sand', figures: { freeSwimCm: 100.4 }, ...tank }),
    );
  it('in the way of those that bolt is told whole', () =>
    expect(dash({ figures: { freeSwimCm: 59.6 } })).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['one'],
        fact: { says: 'home/bolts', freeSwimCm: 59.6, why: 'short' },
        because: { freeSwimCm: 60, lengthCm: 10, hardscapeFraction: 0.05, substrate: 'sand' },
        fixes: [{ advice: { does: 'swimming lane' } }],
      }),
    ]));
  it.each<[string, Record<string, unknown>, string]>([
    ['room enough', { figures: { freeSwimCm: 60 } }, 'note null'],
    ['gravel', { substrate: 'gravel' }, 'caution hard'],
    ['rock', { substrate: 'rock' }, 'caution hard'],
    ['fine gravel', { substrate: 'fine-gravel' }, 'note null'],
    ['some rocks', { hardscapeFraction: 0.12 }, 'note null'],
    ['many rocks', { hardscapeFraction: 0.121 }, 'caution hard'],
    [
      'many rocks in a short tank',
      { hardscapeFraction: 0.121, figures: { freeSwimCm: 59 } },
      'caution short',
    ],
  ])('for those that bolt: %s', (_, tank, expected) =>
    expect(dash(tank).map(({ severity, fact }) => `${severity} ${'why' in fact ? fact.why : ''}`)).toEqual([
      expected,
    ]),
  );
  it('is nothing to those that do not bolt', () =>
    expect(dash({ figures: { freeSwimCm: 9 } }, false)).toEqual([]));
});
