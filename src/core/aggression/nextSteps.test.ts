import { happened } from '@/testing/happened';
import type { DocumentBodies } from '../records/documents';
import { nextSteps, type StepSituation } from './nextSteps';
import { type PatternName } from './patterns';
import { effectsIn } from './stepEffect';
import { at, four, watch } from '@/testing/watches';

describe('the next step', () => {
  const seen = (...names: PatternName[]) => names.map((name) => ({ name, who: ['a', 'b'] }));
  const situation = (more: Partial<StepSituation> = {}): StepSituation => ({
    patterns: seen('one boss'),
    species: null,
    tank: { routine: { mealsPerDay: 1 }, tank: { lightHours: 11 } } as DocumentBodies['tank'],
    temperatureC: 26,
    lowest: [
      { species: 'labidochromis-caeruleus', temperatureC: 23 },
      { species: 'julidochromis-dickfeldi', temperatureC: 24 },
    ],
    guarding: false,
    tried: [],
    full: false,
    spareFree: true,
    ...more,
  });
  const steps = (more?: Partial<StepSituation>) => nextSteps(situation(more));
  it('goes from the gentlest to the last resort (F80, F81, common practice)', () => {
    const list = steps().map((one) => one.step);
    expect(list.slice(0, 4)).toEqual(['fed more often', 'shorter light', 'slightly cooler', 'sight breaks']);
    expect(list.at(-1)).toBe('rehomed');
    expect(list.indexOf('boss set aside')).toBeGreaterThan(list.indexOf('rearranged'));
  });
  it('never rearranges while a pair guards, and says why', () => {
    const one = steps({ guarding: true, patterns: seen('one boss', 'pair on guard') }).find(
      (each) => each.step === 'rearranged',
    )!;
    expect(one.against).toBe('pair guards');
  });
  it('F103, common practice: takes rock out where too many hold ground, and gives no more hides then', () => {
    const list = steps({ patterns: seen('too many holders', 'one victim') });
    expect(list.find((one) => one.step === 'fewer hides')?.against).toBeNull();
    expect(list.find((one) => one.step === 'more refuges')?.against).toBe('too many territories');
  });
  it('cools the water no further than the species that wants it warmest takes (common practice)', () => {
    const cooler = (more: Partial<StepSituation>) =>
      steps(more).find((one) => one.step === 'slightly cooler')!;
    expect(cooler({})).toMatchObject({ against: null, coolerC: 24 });
    expect(cooler({ temperatureC: 28 })).toMatchObject({ against: null, coolerC: 26 });
    expect(cooler({ temperatureC: 24.5 })).toMatchObject({
      against: 'needs warmth',
      warmest: { species: 'julidochromis-dickfeldi', temperatureC: 24 },
    });
    expect(cooler({ temperatureC: null }).against).toBe('temperature unknown');
  });
  it('does not ask for what is there: short light, many meals, room', () => {
    const fed = { routine: { mealsPerDay: 3 }, tank: { lightHours: 8 } } as DocumentBodies['tank'];
    const off = steps({ tank: fed, full: true })
      .filter((one) => one.against !== null)
      .map((one) => one.step);
    expect(off).toEqual(
      expect.arrayContaining(['fed more often', 'shorter light', 'dither fish', 'more of the kind']),
    );
  });
  it('F30, common practice: of two males one goes', () => {
    expect(steps({ patterns: seen('duel') }).map((one) => one.step)).toContain('sex ratio');
  });
  it('names whom it is done to', () => {
    const list = steps({ patterns: seen('one boss') });
    expect(list.find((one) => one.step === 'boss set aside')?.who).toBe('a');
    expect(list.find((one) => one.step === 'sight breaks')?.who).toBeNull();
  });
  it('tells what a step did the last time', () => {
    const happenings = [
      four,
      ...watch(2, 9),
      happened({ type: 'stepped-in', on: at(4, 20), step: 'sight breaks' }),
      ...watch(8, 0),
      ...watch(9, 0),
    ];
    const tried = effectsIn(happenings, 'T', at(28));
    expect(steps({ tried }).find((one) => one.step === 'sight breaks')?.before).toBe('helped');
  });
});
