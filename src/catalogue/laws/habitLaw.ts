import { adultLengthCm } from '@/core/model';
import { lawOf } from './law';

/** Families without scales, or with scales that medicine goes through (common practice). */
const BARE =
  /Botiidae|Cobitidae|Nemacheilidae|Mastacembelidae|Pimelodidae|Siluridae|Pangasiidae|Bagridae|Tetraodontidae|Aspredinidae|Pseudopimelodidae|Potamotrygonidae|Apteronotidae|Doradidae|Mochokidae/;
/** Families with fin spines that lock, or a thorn under the eye. */
const SPINY = /Callichthyidae|Doradidae|Mochokidae|Pimelodidae|Pangasiidae|Bagridae|Botiidae|Mastacembelidae/;
const RAYS = 'Potamotrygonidae';
/** Outlines of those who live on the floor. */
const ON_THE_FLOOR = ['bottom', 'sucker', 'catfish', 'ray'];

/** What follows from what: who eats fish has the mouth, who guards holds a territory, who lives in shoals is kept in them. */
export const habitLaw = lawOf('habits', ({ profile }) => {
  const { company, mouth, layers, family, handling, look, life, habits } = profile;
  const { mode, pairs, ownKind, temper } = company;
  const cichlid = family === 'Cichlidae';
  const adult = adultLengthCm(profile);
  return [
    [
      mouth.eatsFish !== 'any' || mouth.gapeRatio >= 0.1,
      'mouth.gapeRatio',
      'the mouth of one that eats any fish',
    ],
    [
      mouth.diet !== 'piscivore' || mouth.eatsFish === 'any' || mouth.eatsFish === 'small',
      'mouth.eatsFish',
      'fish, for a fish eater',
    ],
    [
      !['herbivore', 'algae', 'wood', 'detritus'].includes(mouth.diet) ||
        ['no', 'fry'].includes(mouth.eatsFish),
      'mouth.eatsFish',
      'no fish, for one that eats plants',
    ],
    [
      mouth.eatsFish === 'no' || mouth.eatsFish === 'fry' || mouth.eatsShrimp === 'yes',
      'mouth.eatsShrimp',
      'shrimps, for one that eats fish',
    ],
    [
      mouth.eatsFish !== 'no' || !cichlid || mouth.diet === 'algae' || pairs === 'mouthbroods',
      'mouth.eatsFish',
      'at least fry, for a cichlid',
    ],
    [
      life !== 'fish' ||
        adult < 9 ||
        mouth.eatsShrimp !== 'no' ||
        ['algae', 'wood', 'herbivore'].includes(mouth.diet) ||
        family === 'Loricariidae',
      'mouth.eatsShrimp',
      'shrimps, for a fish of this size that eats animals',
    ],
    [
      !cichlid || pairs !== 'guards' || company.groundCm2 !== null,
      'company.groundCm2',
      'a territory, for a cichlid that guards',
    ],
    [temper.mature >= temper.young, 'company.temper.mature', 'no milder than when young'],
    [
      temper.mature < 3 || Math.max(ownKind.male, ownKind.female) >= 1,
      'company.ownKind.male',
      'no peace with its own, for one that kills others',
    ],
    [
      mode !== 'shoal' || (company.smallestGroup >= 5 && temper.mature < 3),
      'company.smallestGroup',
      'five and more, for a shoal',
    ],
    [
      mode !== 'solitary' || (company.smallestGroup === 1 && company.comfortableGroup <= 2),
      'company.smallestGroup',
      'one, for a loner',
    ],
    [
      mode !== 'solitary' || Math.max(ownKind.male, ownKind.female) >= 1 || adult >= 40,
      'company.ownKind.male',
      'some quarrel with its own, for a loner',
    ],
    [mode !== 'shoal' || ownKind.male < 3, 'company.ownKind.male', 'no killing of its own, for a shoal'],
    [mode !== 'pair' || company.smallestGroup <= 2, 'company.smallestGroup', 'one or two, for a pair'],
    [!BARE.test(family) || handling.scaleless, 'handling.scaleless', 'yes, for this family'],
    [
      BARE.test(family) || !handling.scaleless || life !== 'fish',
      'handling.scaleless',
      'no, for a family with scales',
    ],
    [!SPINY.test(family) || handling.spines, 'handling.spines', 'yes, for this family'],
    [family !== RAYS || handling.sting, 'handling.sting', 'yes, for a ray'],
    [
      !ON_THE_FLOOR.includes(look.silhouette) || layers.bottom >= 0.4,
      'layers',
      'most of the time on the floor, by its outline',
    ],
    [look.silhouette !== 'hatchet' || layers.top >= 0.5, 'layers', 'the surface, for a hatchetfish'],
    [look.silhouette !== 'torpedo' || layers.bottom <= 0.5, 'layers', 'open water, by its outline'],
    [
      layers.top < 0.5 || habits.jumps !== 'no' || life !== 'fish',
      'habits.jumps',
      'at least seldom, for one of the surface',
    ],
    [
      company.sexesTold !== 'no' || company.sexedFromCm === null,
      'company.sexedFromCm',
      'nothing, where the sexes cannot be told',
    ],
    [
      pairs !== 'livebears' ||
        /Poeciliidae|Goodeidae|Zenarchopteridae|Potamotrygonidae|Viviparidae/.test(family),
      'company.pairs',
      'no livebearing in this family',
    ],
    [
      !/Poeciliidae|Goodeidae/.test(family) || pairs === 'livebears',
      'company.pairs',
      'livebearing in this family',
    ],
  ];
});
