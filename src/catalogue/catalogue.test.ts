import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { compileCatalogue } from './compile/compile';
import { shippedSources } from './compile/shippedSources';
import { originsText, shippedText } from './compile/written';
import { SHIPPED_SPECIES } from './index';
import { STANDARD_TANKS } from './standardTanks';
import { bodyMass } from '../core/fish/bodyMass';
import { speciesRate } from '../core/growth/speciesGrowth';
import { validate } from '../core/kernel/schema/faults';
import { faultLine } from '@/words/en';
import { buildCatalogue, namesOf, resolveSpecies } from '../core/model/catalogue';
import {
  adultLengthCm,
  isNamed,
  speciesSchema,
  type Approach,
  type SpeciesProfile,
} from '../core/model/species';

const every = SHIPPED_SPECIES.map((profile) => [profile.id, profile] as const);
const catalogue = buildCatalogue(SHIPPED_SPECIES);
const APPROACHES: readonly Approach[] = ['tried', 'middle', 'cautious'];
const MEASURES = ['lengthCm', 'widthCm', 'heightCm', 'litres'] as const;

/** A species, one of its forms, or one of a group of kin. */
const isMeant = (name: string, profile: SpeciesProfile): boolean =>
  isNamed(name, profile) || name === profile.kin;

describe('the shipped catalogue', () => {
  it('holds every species of the list, each once', () => {
    expect(SHIPPED_SPECIES.length).toBeGreaterThanOrEqual(600);
    expect(catalogue.byId.size).toBe(SHIPPED_SPECIES.length);
  });

  it('resolves every name and former name to one entry', () => {
    const owners = new Map<string, string[]>();
    for (const profile of SHIPPED_SPECIES) {
      for (const name of namesOf(profile)) owners.set(name, [...(owners.get(name) ?? []), profile.id]);
    }
    expect([...owners].filter(([, ids]) => ids.length > 1)).toEqual([]);
  });

  it('has every contested pair at both ends', () => {
    const oneSided = SHIPPED_SPECIES.flatMap((profile) =>
      profile.contested
        .filter(
          (pair) =>
            !SHIPPED_SPECIES.some(
              (other) =>
                isMeant(pair.species, other) &&
                other.contested.some((back) => isMeant(back.species, profile)),
            ),
        )
        .map((pair) => `${profile.id} -> ${pair.species}`),
    );
    expect(oneSided).toEqual([]);
  });

  it('names known bad company that exists, as a species or a kin group', () => {
    const known = new Set(SHIPPED_SPECIES.flatMap((profile) => [profile.id, profile.kin]));
    expect(
      SHIPPED_SPECIES.flatMap((profile) => profile.badWith.map((entry) => entry.who)).filter(
        (who) => !known.has(who),
      ),
    ).toEqual([]);
  });

  it.each(every)("%s passes the schema that a keeper's own species pass", (_id, profile) => {
    const checked = validate(speciesSchema, profile);
    expect(checked.ok ? [] : checked.faults.map(faultLine)).toEqual([]);
  });

  it.each(every)('%s leaves no field out: a default is written as a default', (_id, profile) => {
    const top = Object.keys(speciesSchema.fields);
    expect(Object.keys(profile).sort()).toEqual(top.sort());
    for (const approach of APPROACHES)
      expect(Object.keys(profile.tank[approach]).sort()).toEqual([...MEASURES].sort());
  });

  it.each(every)(
    '%s: water ranges lie inside biology, and the tank-bred range contains the wild one',
    (_id, profile) => {
      const { wild, tankBred } = profile.water;
      for (const name of ['temperatureC', 'ph', 'ghDh', 'salinityPpt'] as const) {
        expect(tankBred[name][0]).toBeLessThanOrEqual(wild[name][0]);
        expect(tankBred[name][1]).toBeGreaterThanOrEqual(wild[name][1]);
      }
      expect(tankBred.temperatureC[1] - tankBred.temperatureC[0]).toBeGreaterThanOrEqual(3);
    },
  );

  it.each(every)('%s: cautious >= middle >= tried in every measure', (_id, profile) => {
    for (const measure of MEASURES) {
      const figures = APPROACHES.map((approach) => profile.tank[approach][measure]);
      expect(new Set(figures.map((figure) => figure === null)).size).toBe(1);
      const known = figures.filter((figure): figure is number => figure !== null);
      expect(known).toEqual([...known].sort((a, b) => a - b));
    }
  });

  it.each(every)('%s: the cautious tank lets it turn round', (_id, profile) => {
    expect(adultLengthCm(profile)).toBeLessThanOrEqual((profile.tank.cautious.widthCm ?? 0) * 2);
    expect(profile.tank.tried.lengthCm ?? 0).toBeGreaterThanOrEqual(adultLengthCm(profile) * 2);
  });

  it.each(every)('%s: groups, layers and life hang together', (_id, profile) => {
    const { company, layers, size } = profile;
    expect(company.comfortableGroup).toBeGreaterThanOrEqual(company.smallestGroup);
    expect(layers.top + layers.middle + layers.bottom).toBeCloseTo(1, 6);
    if (company.mode === 'shoal') expect(company.smallestGroup).toBeGreaterThanOrEqual(5);
    if (company.mode === 'solitary') expect(company.smallestGroup).toBe(1);
    expect(company.badNumbers).not.toContain(company.comfortableGroup);
    if (company.nipCalmGroup !== null) expect(company.finNipping).toBeGreaterThan(0);
    expect(company.temper.mature).toBeGreaterThanOrEqual(company.temper.young);
    expect(size.soldCm).toBeLessThan(adultLengthCm(profile));
    expect(size.matureCm).toBeLessThan(adultLengthCm(profile));
    expect(size.matureCm).toBeGreaterThanOrEqual(adultLengthCm(profile) * 0.3);
    expect(size.lifeYears[1] * 12).toBeGreaterThan(size.monthsToGrown);
  });

  it.each(every)('%s: mouth and diet agree', (_id, profile) => {
    const { mouth } = profile;
    if (mouth.eatsFish === 'any') expect(mouth.gapeRatio).toBeGreaterThanOrEqual(0.1);
    if (['herbivore', 'algae', 'wood'].includes(mouth.diet)) expect(['no', 'fry']).toContain(mouth.eatsFish);
    if (mouth.diet === 'piscivore') expect(mouth.eatsFish).not.toBe('no');
    if (mouth.diet === 'molluscs') expect(mouth.eatsSnails).toBe('yes');
  });

  it.each(every)('%s: mass and growth are plausible', (_id, profile) => {
    const adult = adultLengthCm(profile);
    const mass = bodyMass(profile.size.shape, adult);
    // A fish is between a thin eel and a ball of its own length; grams and cm.
    expect(mass).toBeGreaterThan(0.0005 * adult ** 3);
    expect(mass).toBeLessThan(0.53 * adult ** 3);
    expect(speciesRate(profile)).toBeGreaterThan(0.2);
    expect(speciesRate(profile)).toBeLessThan(9);
    expect(profile.size.heightCm).toBeGreaterThanOrEqual(adult * profile.size.depthRatio * 0.75);
  });

  it('has at least two members to every look-alike tag that a rule acts on', () => {
    const tags = new Map<string, number>();
    for (const profile of SHIPPED_SPECIES)
      for (const tag of profile.lookalike) tags.set(tag, (tags.get(tag) ?? 0) + 1);
    expect([...tags].filter(([, members]) => members < 2).map(([tag]) => tag)).toEqual([]);
  });

  it.each([
    ['Neon Tetra', 'paracheirodon-innesi'],
    ['NÉON tetras', 'paracheirodon-innesi'],
    ['Papiliochromis ramirezi', 'mikrogeophagus-ramirezi'],
    ['boeseman’s rainbowfish', 'melanotaenia-boesemani'],
    ['hoplisoma-sterbai', 'corydoras-sterbai'],
  ])('finds %s', (typed, id) => {
    expect(resolveSpecies(catalogue, typed)).toMatchObject({ ok: true, profile: { id } });
  });

  it('names the nearest for a name it does not know', () => {
    expect(resolveSpecies(catalogue, 'neon tetr')).toEqual({
      ok: false,
      nearest: 'neon tetra (paracheirodon-innesi)',
    });
  });
});

describe('standard tanks', () => {
  // F01, common practice: sizes are nominal; the geometry comes within a fifth of the name.
  it.each(
    STANDARD_TANKS.filter((tank) => tank.name.includes('US gal')).map((tank) => [tank.name, tank] as const),
  )('%s holds about what its name says', (name, tank) => {
    const nominal = Number.parseFloat(name) * 3.785411784;
    const gross = (tank.lengthCm * tank.widthCm * tank.heightCm) / 1000;
    expect(gross / nominal).toBeGreaterThan(0.9);
    expect(gross / nominal).toBeLessThan(1.2);
  });
});

describe('forms', () => {
  const forms = SHIPPED_SPECIES.filter((profile) => profile.formOf !== null);

  it('belong to a species of the catalogue that is no form itself', () => {
    expect(forms.filter((form) => catalogue.byId.get(form.formOf ?? '')?.formOf !== null)).toEqual([]);
  });

  it('say what sets them apart, and species do not', () => {
    expect(SHIPPED_SPECIES.filter((one) => (one.form === null) !== (one.formOf === null))).toEqual([]);
  });
});

describe('the compiled catalogue', () => {
  const compiled = compileCatalogue(shippedSources());

  it('is what its files say: run `npm run catalogue` after a change', () => {
    expect(compiled.faults).toEqual([]);
    expect(readFileSync(join(process.cwd(), 'src', 'catalogue', 'shipped.ts'), 'utf8')).toBe(
      shippedText(compiled),
    );
    expect(readFileSync(join(process.cwd(), 'src', 'catalogue', 'origins.ts'), 'utf8')).toBe(
      originsText(compiled),
    );
  });

  it('names the entry and the line for what is wrong', () => {
    const wrong = compileCatalogue({
      shared: { every: {}, groups: {}, families: {} },
      company: {
        contested: [{ between: ['nobody'], and: [], at: 'note', why: 'none' }],
        contestedNumbers: [{ of: ['no one'], counts: [2], at: 'note', why: 'none' }],
      },
      files: [
        {
          family: 'Cichlidae',
          group: 'none',
          genera: { Nobody: { species: { 'nobody-here': { 'size.mail': 3 } } } },
        },
      ],
    });
    expect(wrong.faults).toEqual(
      expect.arrayContaining([
        'nobody-here: no field is called "size.mail"',
        'nobody-here: says no scientificName of its own',
        'company.yaml: nobody is called "nobody"',
        'company.yaml: nobody is called "no one"',
      ]),
    );
  });
});
