import { catalogue } from '@/testing/plans';
import { adultLengthCm, type SpeciesProfile } from '../model';
import { speciesAnswer } from './speciesAnswer';

const angel = catalogue.byId.get('pterophyllum-scalare')!;
const said = <K extends keyof SpeciesProfile>(
  part: K,
  change: Partial<SpeciesProfile[K]>,
  more: Partial<SpeciesProfile> = {},
) => speciesAnswer({ ...angel, ...more, [part]: { ...(angel[part] as object), ...change } });

describe('a species under flat keys', () => {
  it('says what the profile says, and the profile after it', () => {
    const { water, company, mouth, size, habits, tank } = angel;
    expect(speciesAnswer(angel)).toMatchObject({
      id: angel.id,
      aliases: angel.formerNames,
      adultLengthCm: adultLengthCm(angel),
      matureAtCm: size.matureCm,
      temperatureC: water.tankBred.temperatureC,
      ph: water.tankBred.ph,
      ghDh: water.tankBred.ghDh,
      salinityPpt: water.tankBred.salinityPpt,
      company: company.mode,
      smallestGroup: company.smallestGroup,
      groupMin: company.smallestGroup,
      comfortableGroup: company.comfortableGroup,
      groupComfortable: company.comfortableGroup,
      badNumbers: company.badNumbers,
      temperamentAdult: company.temper.mature,
      tank: {
        strict: tank.cautious,
        usual: tank.middle,
        lenient: tank.tried,
        cautious: tank.cautious,
        middle: tank.middle,
        tried: tank.tried,
      },
      gapeRatio: mouth.gapeRatio,
      depthRatio: size.depthRatio,
      eatsFish: mouth.eatsFish,
      eatsShrimp: mouth.eatsShrimp,
      jumps: habits.jumps,
      mealSpeed: habits.mealSpeed,
      layers: angel.layers,
      lifeYears: size.lifeYears,
      profile: angel,
    });
  });
  it('has the water of the wild for a touchy species that is not farmed', () => {
    const touchy = said('water', { sensitivity: 3 }, { trade: { ...angel.trade, supply: 'wild' } });
    expect([touchy.temperatureC, touchy.ph, touchy.ghDh, touchy.salinityPpt]).toEqual(
      (['temperatureC', 'ph', 'ghDh', 'salinityPpt'] as const).map((name) => angel.water.wild[name]),
    );
  });
  // Who looks after a brood: common practice.
  it.each<[SpeciesProfile['company']['pairs'], SpeciesProfile['company']['mode'], string, string]>([
    ['livebears', 'group', 'Poeciliidae', 'livebearer'],
    ['mouthbroods', 'harem', 'Cichlidae', 'mouthbrood'],
    ['scatters', 'shoal', 'Danionidae', 'scatter'],
    ['no', 'group', 'Loricariidae', 'other'],
    ['guards', 'pair', 'Cichlidae', 'pair-guards'],
    ['guards', 'harem', 'Cichlidae', 'harem-cave'],
    ['guards', 'pair', 'Osphronemidae', 'male-guards'],
    ['guards', 'harem', 'Loricariidae', 'male-guards'],
  ])('says who looks after the brood: %s, %s, %s', (pairs, mode, family, care) =>
    expect(said('company', { pairs, mode }, { family }).breedingCare).toBe(care),
  );
  it.each<[SpeciesProfile['company']['mode'], number, string]>([
    ['solitary', 1, 'yes'],
    ['pair', 1, 'either'],
    ['pair', 2, 'no'],
    ['shoal', 6, 'no'],
  ])('says whether it is kept alone: %s, %d at least', (mode, smallestGroup, alone) =>
    expect(said('company', { mode, smallestGroup }).keptAlone).toBe(alone),
  );
  it.each(['young', 'adult', 'hard', 'no'] as const)('says when sexes are told: %s', (sexing) => {
    const sexesTold = { young: 'always', adult: 'adult', hard: 'hardly', no: 'no' } as const;
    expect(said('company', { sexesTold: sexesTold[sexing] }).sexing).toBe(sexing);
  });
  it.each([
    ['no', 'no'],
    ['some', 'soft'],
    ['yes', 'yes'],
  ] as const)('says what it does to plants: %s', (eatsPlants, told) =>
    expect(said('effect', { eatsPlants }).eatsPlants).toBe(told),
  );
  it('is as rough to its own kind as the rougher sex is', () => {
    const { ownKind } = angel.company;
    expect(said('company', { ownKind: { ...ownKind, male: 3, female: 1 } }).temperamentOwnKind).toBe(3);
    expect(said('company', { ownKind: { ...ownKind, male: 0, female: 2 } }).temperamentOwnKind).toBe(2);
  });
  it('tells finer steps as the most of three', () => {
    const tells = (step: 0 | 1 | 2 | 3) => [
      said('company', { finNipping: step }).nips,
      said('effect', { digs: step }).digs,
      said('habits', { shyness: step }).shy,
    ];
    expect([0, 1, 2, 3].map((step) => tells(step as 0))).toEqual([
      [0, 0, 0],
      [1, 1, 1],
      [2, 2, 2],
      [2, 2, 2],
    ]);
    expect(said('company', { finNipping: 3 }).finNipping).toBe(3);
  });
  it('says who is armoured, who has no scales, and who has long fins', () => {
    expect(speciesAnswer(angel).armoured).toBe(false);
    expect(said('size', { shape: 'armoured' }).armoured).toBe(true);
    for (const scaleless of [true, false])
      expect(said('handling', { scaleless }).sensitiveToMedicine).toBe(scaleless);
    for (const longFins of [true, false])
      expect(said('company', { longFins })).toMatchObject({ longFins, trailingFins: longFins });
  });
});
