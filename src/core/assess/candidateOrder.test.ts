import { catalogue, plan, TANKS, TODAY } from '@/testing/plans';
import type { SpeciesProfile } from '../model';
import { byHowWellItFits, type Candidate, candidatesFor } from './candidatesFor';

const one = (species: string, more: Partial<Candidate> = {}): Candidate => ({
  species,
  count: 1,
  verdict: 'fits',
  stops: 0,
  cautions: 0,
  brings: [],
  grows: [],
  worse: 0,
  risks: [],
  risky: 0,
  already: 0,
  nitrateMgLWeek: 1,
  belongs: 3,
  fillsEmptyLayer: false,
  sameWaters: false,
  ...more,
});

describe('the order of candidates', () => {
  /** Each pair as it has to stand, whichever comes first. */
  it.each<[string, Partial<Candidate>, Partial<Candidate>]>([
    ['a caution before a stop', { cautions: 3 }, { stops: 1 }],
    ['no harm before a caution', { belongs: 0 }, { cautions: 1, belongs: 7 }],
    ['no harm before what gets worse', { belongs: 0 }, { worse: 1, belongs: 7 }],
    ['what gets worse before a stop', { worse: 4, belongs: 0 }, { stops: 1, belongs: 7 }],
    ['fewer stops first', { stops: 1, belongs: 0 }, { stops: 2, belongs: 7 }],
    ['what belongs first, with more cautions too', { cautions: 3, belongs: 5 }, { cautions: 1, belongs: 4 }],
    ['fewer risks first', { risky: 1, cautions: 3 }, { risky: 2, cautions: 1 }],
    ['fewer cautions first', { cautions: 1 }, { cautions: 2 }],
    ['fewer that get worse first', { cautions: 1, worse: 1 }, { cautions: 1, worse: 3 }],
    ['cautions and what gets worse together', { cautions: 2 }, { cautions: 1, worse: 2 }],
    ['cautions and what gets worse together, the other way', { worse: 2 }, { cautions: 3 }],
  ])('%s', (_name, better, worse) => {
    expect(byHowWellItFits(one('z', better), one('a', worse))).toBeLessThan(0);
    expect(byHowWellItFits(one('a', worse), one('z', better))).toBeGreaterThan(0);
  });
  it('goes by name where nothing else tells them apart', () => {
    expect(byHowWellItFits(one('a'), one('b'))).toBe(-1);
    expect(byHowWellItFits(one('b'), one('a'))).toBe(1);
  });
});

describe('how well a species belongs to a list', () => {
  const cardinal = catalogue.byId.get('paracheirodon-axelrodi')!;
  const list = plan(TANKS.us75, [{ species: cardinal.id, count: 12, lengthCm: 3 }]);
  const asked = (file: typeof list, profile: SpeciesProfile): Candidate =>
    candidatesFor(file, catalogue, TODAY, [profile])[0]!;
  /** A species from elsewhere, of the same ways, in water that the list is at the middle of; in a layer of its own. */
  const base: SpeciesProfile = {
    ...catalogue.byId.get('danio-rerio')!,
    habits: { ...catalogue.byId.get('danio-rerio')!.habits, activity: cardinal.habits.activity },
    company: { ...catalogue.byId.get('danio-rerio')!.company, temper: cardinal.company.temper },
    water: { ...cardinal.water },
  };
  const belongs = (more: Partial<SpeciesProfile> = {}): number => {
    const { belongs: all, fillsEmptyLayer } = asked(list, { ...base, ...more });
    return all - Number(fillsEmptyLayer);
  };
  const wild = (more: Partial<SpeciesProfile['water']['wild']>): Partial<SpeciesProfile> => ({
    water: { ...base.water, wild: { ...base.water.wild, ...more } },
  });
  const middle = ([low, high]: readonly number[]): number => (low! + high!) / 2;
  it('counts two points for water, one for temper and one for pace', () =>
    expect(belongs()).toBeCloseTo(4, 9));
  it.each(['temperatureC', 'ph', 'ghDh'] as const)('counts two thirds of a point for %s', (name) => {
    const at = middle(cardinal.water.wild[name]);
    expect(belongs(wild({ [name]: [at, at + 0.5] }))).toBeCloseTo(4, 9);
    expect(belongs(wild({ [name]: [at - 0.5, at] }))).toBeCloseTo(4, 9);
    expect(belongs(wild({ [name]: [at + 0.1, at + 0.5] }))).toBeCloseTo(4 - 2 / 3, 9);
    expect(belongs(wild({ [name]: [at - 0.5, at - 0.1] }))).toBeCloseTo(4 - 2 / 3, 9);
  });
  it('counts two points for the same waters', () => {
    const same = asked(list, { ...base, region: cardinal.region });
    expect(same.sameWaters).toBe(true);
    expect(same.belongs - Number(same.fillsEmptyLayer)).toBeCloseTo(6, 9);
    expect(asked(list, base).sameWaters).toBe(false);
  });
  it.each([
    [0, 4],
    [1, 3.5],
    [2, 3],
    [3, 3],
  ])('counts a temper of %d levels more as %d in all', (levels, all) => {
    const mature = cardinal.company.temper.mature + levels;
    const company = { ...base.company, temper: { ...base.company.temper, mature } };
    expect(belongs({ company })).toBeCloseTo(all, 9);
  });
  it('counts the pace alike', () => {
    const activity = cardinal.habits.activity + 1;
    expect(belongs({ habits: { ...base.habits, activity } })).toBeCloseTo(3.5, 9);
  });
  it('goes by the middle of a list of two', () => {
    const [low, high] = [0, 2].map((mature) => ({
      ...catalogue.byId.get(mature === 0 ? 'corydoras-sterbai' : 'thorichthys-meeki')!,
    }));
    const two = plan(
      TANKS.us75,
      [low!, high!].map(({ id }) => ({ species: id, count: 6, lengthCm: 4 })),
    );
    const between = (low!.company.temper.mature + high!.company.temper.mature) / 2;
    const company = { ...base.company, temper: { ...base.company.temper, mature: between } };
    const off = { ...base.company, temper: { ...base.company.temper, mature: between + 1 } };
    const [at, beyond] = [company, off].map((own) => asked(two, { ...base, company: own }).belongs);
    expect(at! - beyond!).toBeCloseTo(0.5, 9);
  });
  it('is nothing but the layer beside an empty list', () => {
    const empty = plan(TANKS.us75, []);
    const { belongs: all, fillsEmptyLayer } = asked(empty, base);
    expect([all, fillsEmptyLayer]).toEqual([1, true]);
    const crowded = plan(TANKS.us75, [{ species: 'danio-rerio', count: 60, lengthCm: 4 }]);
    expect(asked(crowded, base).fillsEmptyLayer).toBe(false);
  });
});

describe('what a candidate is told of', () => {
  const barbs = plan(TANKS.us75, [
    { species: 'puntigrus-tetrazona', count: 5, lengthCm: 4 },
    { species: 'corydoras-sterbai', count: 6, lengthCm: 4 },
  ]);
  const ask = (file: typeof barbs, species: string, told?: Parameters<typeof candidatesFor>[4]): Candidate =>
    candidatesFor(file, catalogue, TODAY, [catalogue.byId.get(species)!], told)[0]!;
  it('counts all it brings and tells the worst, stops first', () => {
    const all = ask(barbs, 'trichopodus-leerii');
    expect(all.stops + all.cautions).toBe(all.brings.length);
    expect(all.brings.map(({ severity }) => severity)).toEqual([
      ...Array.from({ length: all.stops }, () => 'stop'),
      ...Array.from({ length: all.cautions }, () => 'caution'),
    ]);
    expect(all.stops).toBeGreaterThan(0);
  });
  const full = plan(TANKS.us20long, [{ species: 'danio-rerio', count: 40, lengthCm: 3 }]);
  const roomy = plan(TANKS.us125, [{ species: 'danio-rerio', count: 10, lengthCm: 3 }]);
  it('tells the worst alone where that is asked for: what it brings, what gets worse, or a risk', () => {
    const shown = (file: typeof barbs, species: string) => {
      const all = ask(file, species);
      const worst = ask(file, species, 'the worst');
      expect(worst).toEqual({ ...all, brings: worst.brings, grows: worst.grows, risks: worst.risks });
      return { all, worst };
    };
    const bringing = shown(barbs, 'trichopodus-leerii');
    expect(bringing.worst.brings).toEqual(bringing.all.brings.slice(0, 1));
    expect([bringing.worst.grows, bringing.worst.risks]).toEqual([[], []]);
    const alone = candidatesFor(full, catalogue, TODAY).filter(({ brings }) => brings.length === 0);
    const [growing, risking] = [
      alone.find(({ worse, risky }) => worse > 0 && risky > 0)!,
      candidatesFor(roomy, catalogue, TODAY).find(
        ({ brings, worse, risky }) => brings.length === 0 && worse === 0 && risky > 0,
      )!,
    ];
    const grown = shown(full, growing.species);
    expect(grown.worst).toMatchObject({ brings: [], grows: grown.all.grows.slice(0, 1), risks: [] });
    const risked = shown(roomy, risking.species);
    expect(risked.worst).toMatchObject({ brings: [], grows: [], risks: risked.all.risks.slice(0, 1) });
  });
  it('counts all, and puts them in the same order, whatever is told', () => {
    const row = ({ species, stops, cautions, worse, risky }: Candidate) => [
      species,
      stops,
      cautions,
      worse,
      risky,
    ];
    const all = candidatesFor(full, catalogue, TODAY);
    expect(
      all.every(({ grows, worse, risks, risky }) => grows.length === worse && risks.length === risky),
    ).toBe(true);
    for (const told of ['the worst', 'numbers'] as const)
      expect(candidatesFor(full, catalogue, TODAY, undefined, told).map(row)).toEqual(all.map(row));
    expect(candidatesFor(full, catalogue, TODAY, undefined, 'numbers')[0]).toMatchObject({
      brings: [],
      grows: [],
      risks: [],
    });
  });
  it('brings nothing that is wrong without it', () => {
    // Too few tiger barbs nip whoever is there; one more cory changes nothing of that.
    const more = ask(barbs, 'corydoras-sterbai');
    expect(more.brings.filter(({ species }) => !species.includes('corydoras-sterbai'))).toEqual([]);
    expect(more.already).toBe(6);
  });
  it('tells risks below a caution only of itself and only of company', () => {
    const { risks } = ask(barbs, 'epalzeorhynchos-frenatum');
    expect(risks.length).toBeGreaterThan(0);
    for (const { severity, species, fact } of risks) {
      expect(severity).toBe('note');
      expect(species).toContain('epalzeorhynchos-frenatum');
      expect(fact.says).toMatch(/^(eating|pair)\//);
    }
  });
  it('tells what grows with what it was, and only where it is another', () => {
    const full = plan(TANKS.us20long, [{ species: 'paracheirodon-innesi', count: 40, lengthCm: 3 }]);
    const { grows } = ask(full, 'corydoras-sterbai');
    expect(grows.length).toBeGreaterThan(0);
    for (const { finding, was } of grows) {
      expect(was.says).toBe(finding.fact.says);
      expect(was).not.toEqual(finding.fact);
    }
  });
  it('shows males where the keeper does: the month and the males make another offer', () => {
    const own = plan(TANKS.us125, []);
    const species = 'aulonocara-stuartgranti';
    const shown = { ...own, practice: { ...own.practice, males: 'all-male' as const } };
    const [alone, all] = [ask(own, species), ask(shown, species)];
    expect(all).not.toEqual(alone);
    expect(ask(own, species)).toEqual(alone);
    expect(ask(shown, species)).toEqual(all);
  });
});
