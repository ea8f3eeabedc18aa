import { findingsAmong, type Made, madeUp } from '@/testing/madeUp';
import type { PlanTank, SpeciesProfile } from '../model';

/** Each decision of lid, light, hides and handling, tried with a fish that is made up. */
const BOX: PlanTank = { lengthCm: 120, widthCm: 50, heightCm: 50 };
const fish = (more: Made = {}, id = 'fish'): SpeciesProfile => madeUp('paracheirodon-innesi', id, more);
const found = (rule: string, one: SpeciesProfile, tank: Partial<PlanTank> = {}, count = 6) =>
  findingsAmong(rule, [one], [{ species: one.id, count }], { ...BOX, ...tank });

describe('a tank without a lid', () => {
  const open = (more: Made) => found('lid', fish(more), { lid: false });
  it('loses what jumps: said whole', () =>
    expect(open({ habits: { jumps: 'often' } })).toEqual([
      expect.objectContaining({
        severity: 'stop',
        species: ['fish'],
        fact: { says: 'home/no lid', how: 'jumps' },
        because: { jumps: 'often', lid: false },
        fixes: [{ edit: { kind: 'set-lid', lid: true } }],
      }),
    ]));
  it('loses what climbs, and now and then what is frightened', () => {
    expect(open({ habits: { jumps: 'often' }, life: 'crab' })).toMatchObject([{ fact: { how: 'climbs' } }]);
    expect(open({ habits: { jumps: 'seldom' } })).toMatchObject([{ severity: 'caution' }]);
  });
  it('keeps what does neither, and a lid keeps all', () => {
    expect(open({ habits: { jumps: 'no' } })).toEqual([]);
    expect(found('lid', fish({ habits: { jumps: 'often' } }), { lid: true })).toEqual([]);
  });
});

describe('hours of light', () => {
  const rough: Made = { company: { temper: { young: 2, mature: 3 }, ownKind: { male: 3, female: 3 } } };
  const calm: Made = { company: { temper: { young: 0, mature: 0 }, ownKind: { male: 0, female: 0 } } };
  const lit = (lightHours: number | undefined, more: Made) =>
    found('light-hours', fish(more), lightHours === undefined ? {} : { lightHours });
  it('beside aggressive fish are said whole', () =>
    expect(lit(10, rough)).toEqual([
      expect.objectContaining({
        severity: 'caution',
        species: ['fish'],
        fact: { says: 'home/long light', hours: 10, rough: true },
        because: { hours: 10, aggressiveSpecies: 1 },
        fixes: [{ edit: { kind: 'set-light', hours: 8 } }],
      }),
    ]));
  it.each<[number, Made, readonly string[]]>([
    [9.9, rough, ['note']],
    [8.1, rough, ['note']],
    [8, rough, []],
    [12, calm, []],
    [12.1, calm, ['note']],
  ])('%d with %j', (hours, more, expected) =>
    expect(lit(hours, more).map(({ severity }) => severity)).toEqual(expected),
  );
  it('that nobody said are not judged; algae name no species', () => {
    expect(lit(undefined, rough)).toEqual([]);
    expect(lit(13, calm)[0]).toMatchObject({ species: [], fact: { rough: false } });
  });
});

describe('a fish that hurts the hand', () => {
  it.each<[Made, readonly [string, string] | null]>([
    [{ handling: { sting: true, spines: true } }, ['caution', 'care/sting']],
    [{ handling: { sting: false, spines: true } }, ['note', 'care/spines']],
    [{ handling: { sting: false, spines: false } }, null],
    [{ handling: { sting: false, spines: true }, life: 'crayfish' }, null],
  ])('with %j', (more, expected) => {
    const [finding, ...none] = found('handling-hazard', fish(more));
    expect(none).toEqual([]);
    expect(finding ? [finding.severity, finding.fact.says] : null).toEqual(expected);
    if (finding)
      expect(finding).toMatchObject({
        species: ['fish'],
        because: { sting: more.handling?.sting, spines: more.handling?.spines },
      });
  });
});
