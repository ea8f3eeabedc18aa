import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanFile, PlanGroup, SpeciesProfile } from '../model';
import type { Finding } from './finding';

/** Each decision about the size of a tank for one species, tried with one that is made up: 100, 80 and 60 cm of length and no other wish. */
type Figure = SpeciesProfile['tank']['middle'];
const NONE: Figure = { lengthCm: null, widthCm: null, heightCm: null, litres: null };
const { tank: WISHES } = madeUp('paracheirodon-innesi', 'any');
const figures = (strict: Partial<Figure>, usual: Partial<Figure>, lenient: Partial<Figure>) => ({
  ...WISHES,
  cautious: { ...NONE, ...strict },
  middle: { ...NONE, ...usual },
  tried: { ...NONE, ...lenient },
});
const LONG = figures({ lengthCm: 100 }, { lengthCm: 80 }, { lengthCm: 60 });
const ROUGH: Made['company'] = { ownKind: { male: 2, female: 2 } };

const sized = ({ tank = LONG, company, ...more }: Made & { readonly tank?: SpeciesProfile['tank'] } = {}) =>
  madeUp('paracheirodon-innesi', 'sized', {
    ...more,
    tank,
    habits: { activity: 1, ...more.habits },
    size: { maleCm: 4, femaleCm: 4, ...more.size },
    company: {
      temper: { young: 0, mature: 0 },
      ownKind: { male: 0, female: 0 },
      smallestGroup: 4,
      comfortableGroup: 6,
      ...company,
    },
  });
type Tank = Partial<PlanFile['tank']>;
const said = (
  species: SpeciesProfile,
  tank: Tank,
  group: Partial<PlanGroup> = {},
  tankSize: 'cautious' | 'middle' | 'tried' = 'middle',
): readonly Finding[] =>
  ['length', 'width', 'height', 'volume'].flatMap((measure) =>
    findingsAmong(
      `tank-${measure}`,
      [species],
      [{ species: 'sized', count: 6, ...group }],
      { lengthCm: 200, widthCm: 100, heightCm: 100, ...tank },
      {
        practice: { tankSize },
      },
    ),
  );
const severities = (...asked: Parameters<typeof said>) =>
  said(...asked).map(({ rule, severity }) => `${rule} ${severity}`);

describe('a tank that is too short', () => {
  it('is told whole', () =>
    expect(said(sized({ company: ROUGH }), { lengthCm: 70 })).toEqual([
      expect.objectContaining({
        rule: 'tank-length',
        severity: 'caution',
        species: ['sized'],
        fact: {
          says: 'size/needs',
          measure: 'lengthCm',
          need: { cautious: 100, middle: 80, tried: 60 },
          have: 70,
          approach: 'middle',
          count: 6,
        },
        because: { have: 70, cautious: 100, middle: 80, tried: 60, judgedAtCm: 4 },
        approach: 'middle',
        from: null,
        fixes: [
          { advice: { does: 'larger tank' } },
          { edit: { kind: 'leave-out', species: 'sized', count: 6 } },
        ],
      }),
    ]));
  it.each<[string, number, Made['company'], 'cautious' | 'middle' | 'tried', readonly string[]]>([
    ['as strict keepers have it', 100, ROUGH, 'middle', []],
    ['a hair shorter', 98, ROUGH, 'middle', []],
    ['short of the strict figure', 97.9, ROUGH, 'middle', ['tank-length note']],
    ['as usual keepers have it', 80, ROUGH, 'middle', ['tank-length note']],
    ['a hair short of the usual', 78.4, ROUGH, 'middle', ['tank-length note']],
    ['short of the usual', 78.3, ROUGH, 'middle', ['tank-length caution']],
    ['nearly what the lenient have', 55.2, ROUGH, 'middle', ['tank-length caution']],
    ['short of all', 55.1, ROUGH, 'middle', ['tank-length stop']],
    ['short of the usual, few and calm', 70, {}, 'middle', ['tank-length note']],
    ['short of all, few and calm', 55.1, {}, 'middle', ['tank-length stop']],
    ['short of the strict, by a strict keeper', 97.9, ROUGH, 'cautious', ['tank-length caution']],
    ['short of the usual, by a strict keeper', 73.5, ROUGH, 'cautious', ['tank-length stop']],
    ['nearly the usual, by a strict keeper', 73.7, ROUGH, 'cautious', ['tank-length caution']],
    ['as lenient keepers have it, by one of them', 60, ROUGH, 'tried', ['tank-length note']],
    ['a little short of that', 56, ROUGH, 'tried', ['tank-length caution']],
    ['well short of that', 55.1, ROUGH, 'tried', ['tank-length stop']],
  ])('%s', (_, lengthCm, company, tankSize, told) =>
    expect(severities(sized({ company }), { lengthCm }, {}, tankSize)).toEqual(told),
  );
  it('is told by the approach that it falls short of, and asks for a change where it matters', () => {
    const [note] = said(sized(), { lengthCm: 90 });
    expect(note).toMatchObject({ severity: 'note', approach: 'cautious', fixes: [], from: null });
    expect(said(sized(), { lengthCm: 70 })[0]).toMatchObject({
      severity: 'note',
      approach: 'middle',
      fixes: [],
    });
  });
  it.each<[string, Made, Partial<PlanGroup>, 'note' | 'caution']>([
    ['more than at ease', {}, { count: 7 }, 'caution'],
    [
      'at ease in less than the smallest group',
      { company: { comfortableGroup: 2, smallestGroup: 6 } },
      {},
      'note',
    ],
    ['pushy', { company: { temper: { young: 0, mature: 1 } } }, {}, 'caution'],
    ['males that quarrel', { company: { ownKind: { male: 1, female: 0 } } }, {}, 'caution'],
    ['females that quarrel', { company: { ownKind: { male: 0, female: 1 } } }, {}, 'caution'],
    ['one that would quarrel', { company: { ownKind: { male: 1, female: 1 } } }, { count: 1 }, 'note'],
    ['fast', { habits: { activity: 3 } }, {}, 'caution'],
    ['not so fast', { habits: { activity: 2 } }, {}, 'note'],
  ])('for few and calm fish: %s', (_, more, group, severity) =>
    expect(said(sized(more), { lengthCm: 70 }, group)[0]?.severity).toBe(severity),
  );
});

describe('other measures', () => {
  const box = { lengthCm: 60, widthCm: 30, heightCm: 40 };
  it('are judged each by its own rule', () => {
    const of = (name: keyof Figure, strict: number) =>
      severities(sized({ tank: figures({ [name]: strict }, { [name]: strict }, { [name]: strict }) }), box);
    expect(of('widthCm', 60)).toEqual(['tank-width note']);
    expect(of('heightCm', 60)).toEqual(['tank-height stop']);
    expect(of('litres', 200)).toEqual(['tank-volume stop']);
    expect(of('litres', 60)).toEqual([]);
  });
  it('the worst speaks, and names what else falls short', () => {
    const both = sized({
      tank: figures(
        { lengthCm: 70, heightCm: 80 },
        { lengthCm: 62, heightCm: 80 },
        { lengthCm: 60, heightCm: 80 },
      ),
      company: ROUGH,
    });
    expect(said(both, box)).toEqual([
      expect.objectContaining({
        rule: 'tank-height',
        because: { have: 40, cautious: 80, middle: 80, tried: 80, judgedAtCm: 4, needsLengthCm: 62 },
      }),
    ]);
  });
  it('of equals the one that falls shortest speaks', () => {
    const of = (lengthCm: number, heightCm: number) =>
      severities(
        sized({ tank: figures({ lengthCm, heightCm }, { lengthCm, heightCm }, { lengthCm, heightCm }) }),
        box,
      );
    expect(of(120, 100)).toEqual(['tank-height stop']);
    expect(of(180, 100)).toEqual(['tank-length stop']);
  });
  it('that only strict keepers name are told by them', () => {
    const [told] = said(sized({ tank: figures({ lengthCm: 100, heightCm: 90 }, {}, {}) }), box);
    expect(told).toMatchObject({
      rule: 'tank-height',
      severity: 'note',
      approach: 'cautious',
      because: { middle: 0, tried: 0, needsLengthCm: 100 },
      fact: { need: { cautious: 90, middle: null, tried: null } },
    });
  });
  it('of width no more is asked than two and a half lengths, but by strict keepers', () => {
    const wide = sized({
      size: { maleCm: 10, femaleCm: 8 },
      tank: figures({ widthCm: 60 }, { widthCm: 50 }, { widthCm: 20 }),
    });
    expect(said(wide, { widthCm: 24 })[0]?.fact).toMatchObject({
      measure: 'widthCm',
      need: { cautious: 60, middle: 25, tried: 20 },
    });
  });
  it('and of water as much less as that is less width, to seven tenths', () => {
    const need = (widthCm: number) =>
      said(
        sized({
          size: { maleCm: 10, femaleCm: 8 },
          tank: figures({ litres: 5000, widthCm }, { litres: 4000, widthCm }, { litres: 3000 }),
        }),
        {
          lengthCm: 60,
          widthCm: 200,
          heightCm: 20,
        },
      )[0]?.fact;
    expect(need(31.25)).toMatchObject({ need: { cautious: 5000, middle: 3200, tried: 3000 } });
    expect(need(100)).toMatchObject({ need: { cautious: 5000, middle: 2800, tried: 3000 } });
  });
});

describe('young fish', () => {
  const growing = (name: keyof Figure, value: number) =>
    sized({
      size: { maleCm: 20, femaleCm: 20 },
      company: ROUGH,
      tank: figures({ [name]: value }, { [name]: value }, { [name]: value }),
    });
  it('that stay are told from the month in which they have grown', () => {
    const [now] = said(growing('lengthCm', 120), { lengthCm: 100 }, { lengthCm: 20 });
    const [later] = said(growing('lengthCm', 120), { lengthCm: 100 }, { lengthCm: 4 });
    expect(now).toMatchObject({ severity: 'stop', from: null });
    expect(later).toMatchObject({ severity: 'stop', from: expect.stringMatching(/^\d{4}-\d\d$/) });
    const [sooner] = said(growing('lengthCm', 120), { lengthCm: 100 }, { lengthCm: 8 });
    expect(sooner!.from! < later!.from!).toBe(true);
  });
  it('that leave are judged by what they have grown to: length in proportion, water by its square, a quarter at the least', () => {
    const need = (name: keyof Figure, value: number, lengthCm: number) => {
      const [told] = said(
        growing(name, value),
        { lengthCm: 20, widthCm: 20, heightCm: 20 },
        { lengthCm, until: '2026-12' },
      );
      const judged = told!.because.judgedAtCm as number;
      return { share: (told!.because.middle as number) / value, judged };
    };
    const half = need('lengthCm', 800, 10);
    expect(half.share).toBeCloseTo(half.judged / 20, 2);
    const litres = need('litres', 8000, 14);
    expect(litres.share).toBeCloseTo((litres.judged / 20) ** 2, 2);
    expect(need('litres', 8000, 1).share).toBe(0.25);
  });
});
