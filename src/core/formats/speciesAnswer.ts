import { rangeUsed } from '../assess';
import { adultLengthCm, type SpeciesProfile } from '../model';

/** A profile under the flat keys that outside tools rely on, followed by the whole profile. */
export function speciesAnswer(profile: SpeciesProfile) {
  const { range } = rangeUsed(profile, 'unknown');
  const tags = profile.lookalike;
  return {
    id: profile.id,
    scientificName: profile.scientificName,
    aliases: profile.formerNames,
    commonNames: profile.commonNames,
    life: profile.life,
    adultLengthCm: adultLengthCm(profile),
    matureAtCm: profile.size.matureCm,
    temperatureC: range.temperatureC,
    ph: range.ph,
    ghDh: range.ghDh,
    salinityPpt: range.salinityPpt,
    company: profile.company.mode,
    smallestGroup: profile.company.smallestGroup,
    comfortableGroup: profile.company.comfortableGroup,
    badNumbers: profile.company.badNumbers,
    tank: profile.tank,
    gapeRatio: profile.mouth.gapeRatio,
    depthRatio: profile.size.depthRatio,
    eatsFish: profile.mouth.eatsFish,
    eatsShrimp: profile.mouth.eatsShrimp,
    finNipping: profile.company.finNipping,
    longFins: profile.company.longFins,
    eatsPlants: profile.effect.eatsPlants,
    jumps: profile.habits.jumps !== 'no',
    layers: profile.layers,
    lifeYears: profile.size.lifeYears,
    kin: profile.kin,
    lookalike: tags,
    confidence: profile.confidence,
    basis: profile.basis,
    notes: profile.notes,
    profile,
  };
}
