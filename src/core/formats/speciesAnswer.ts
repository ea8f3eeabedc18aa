import { rangeUsed } from '../assess';
import { adultLengthCm, type SpeciesProfile, type TankFigure } from '../model';

type Care = 'scatter' | 'pair-guards' | 'male-guards' | 'mouthbrood' | 'harem-cave' | 'livebearer' | 'other';

/** Who looks after the brood. Of fish that guard, cichlids do it as pairs or with a harem of caves, most others by the male. */
function breedingCare({ family, company: { pairs, mode } }: SpeciesProfile): Care {
  switch (pairs) {
    case 'livebears':
      return 'livebearer';
    case 'mouthbroods':
      return 'mouthbrood';
    case 'scatters':
      return 'scatter';
    case 'no':
      return 'other';
    case 'guards':
      if (family !== 'Cichlidae') return 'male-guards';
      return mode === 'harem' ? 'harem-cave' : 'pair-guards';
  }
}

/** Whether it is kept alone: a species that may be kept either way needs no company and bears it. */
function keptAlone({ company: { mode, smallestGroup } }: SpeciesProfile): 'yes' | 'no' | 'either' {
  if (mode === 'solitary') return 'yes';
  return smallestGroup === 1 ? 'either' : 'no';
}

const SEXING = { always: 'young', adult: 'adult', hardly: 'hard', no: 'no' } as const;
const PLANTS = { no: 'no', some: 'soft', yes: 'yes' } as const;
/** The most that a flat key of three steps tells. */
const TWO = 2;

/** The tank by approach, under today's names of the approaches and under the first ones, which stay readable. */
const byApproach = ({ tank: { cautious, middle, tried } }: SpeciesProfile): Record<string, TankFigure> => ({
  strict: cautious,
  usual: middle,
  lenient: tried,
  cautious,
  middle,
  tried,
});

/**
 * A profile under the flat keys that outside tools rely on, followed by the whole profile. Water is that of the fish as
 * usually sold; lengths are in cm, life in years.
 */
export function speciesAnswer(profile: SpeciesProfile) {
  const { range } = rangeUsed(profile, 'unknown');
  const { company, mouth, habits, size, effect, handling } = profile;
  return {
    id: profile.id,
    formOf: profile.formOf,
    form: profile.form,
    scientificName: profile.scientificName,
    aliases: profile.formerNames,
    commonNames: profile.commonNames,
    life: profile.life,
    adultLengthCm: adultLengthCm(profile),
    matureAtCm: size.matureCm,
    temperatureC: range.temperatureC,
    ph: range.ph,
    ghDh: range.ghDh,
    salinityPpt: range.salinityPpt,
    company: company.mode,
    keptAlone: keptAlone(profile),
    smallestGroup: company.smallestGroup,
    comfortableGroup: company.comfortableGroup,
    groupMin: company.smallestGroup,
    groupComfortable: company.comfortableGroup,
    badNumbers: company.badNumbers,
    temperamentAdult: company.temper.mature,
    temperamentOwnKind: Math.max(company.ownKind.male, company.ownKind.female),
    sexing: SEXING[company.sexesTold],
    breedingCare: breedingCare(profile),
    tank: byApproach(profile),
    gapeRatio: mouth.gapeRatio,
    depthRatio: size.depthRatio,
    eatsFish: mouth.eatsFish,
    eatsShrimp: mouth.eatsShrimp,
    finNipping: company.finNipping,
    nips: Math.min(TWO, company.finNipping),
    longFins: company.longFins,
    trailingFins: company.longFins,
    eatsPlants: PLANTS[effect.eatsPlants],
    digs: Math.min(TWO, effect.digs),
    jumps: habits.jumps,
    mealSpeed: habits.mealSpeed,
    shy: Math.min(TWO, habits.shyness),
    armoured: size.shape === 'armoured',
    sensitiveToMedicine: handling.scaleless,
    layers: profile.layers,
    lifeYears: size.lifeYears,
    kin: profile.kin,
    lookalike: profile.lookalike,
    confidence: profile.confidence,
    basis: profile.basis,
    notes: profile.notes,
    profile,
  };
}
