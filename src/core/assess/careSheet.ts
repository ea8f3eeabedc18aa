import { adultLengthCm, killsItsOwn, type Layer, mainLayer, SHY, type SpeciesProfile } from '../model';
import type { RuleContext } from '../rules';
import type { Celsius, Cm } from '../kernel';

/** A fish shorter than this share of its grown length is fed as a young one (common practice). */
const YOUNG_SHARE = 0.5;

/** One kind of fish as the person who feeds it needs to know it. */
export interface FedFish {
  readonly profile: SpeciesProfile;
  readonly count: number;
  /** Not in the tank yet. */
  readonly planned: boolean;
  readonly food: SpeciesProfile['mouth']['diet'];
  /** Where it takes food: the layer in which it spends most of its time. */
  readonly takesFood: Layer;
  readonly afterDark: boolean;
  /** Others eat first. */
  readonly slow: boolean;
  /** Still growing: it needs food each day. */
  readonly young: boolean;
}

/** What somebody else must know to look after a tank for some weeks. */
export interface CareSheet {
  readonly fed: readonly FedFish[];
  /** Meals a day; null where the keeper never said. */
  readonly mealsPerDay: number | null;
  /** What the keeper holds the water at; null where nobody said. */
  readonly temperatureC: Celsius | null;
  /** What all of them bear; null where they share nothing. */
  readonly bearableC: readonly [Celsius, Celsius] | null;
  readonly lightHours: number | null;
  readonly change: { readonly fraction: number; readonly everyDays: number } | null;
  /** Not seen by day: no reason to worry. */
  readonly hide: readonly SpeciesProfile[];
  readonly jump: readonly SpeciesProfile[];
  /** Several of a species that may kill its own. */
  readonly drive: readonly SpeciesProfile[];
  readonly sting: readonly SpeciesProfile[];
  readonly spines: readonly SpeciesProfile[];
}

export interface CaredFor {
  readonly profile: SpeciesProfile;
  readonly count: number;
  /** Length today. */
  readonly lengthCm: Cm;
  readonly planned: boolean;
}

/** Lines of one species, in the tank and planned apart, taken together. */
function together(lines: readonly CaredFor[]): readonly FedFish[] {
  const found = new Map<string, FedFish>();
  for (const { profile, count, lengthCm, planned } of lines) {
    const key = `${profile.id}${planned}`;
    const before = found.get(key);
    found.set(key, {
      profile,
      planned,
      count: (before?.count ?? 0) + count,
      food: profile.mouth.diet,
      takesFood: mainLayer(profile),
      afterDark: profile.habits.nightActive,
      slow: profile.habits.mealSpeed === 1,
      young:
        before?.young === true ||
        (profile.life === 'fish' && lengthCm < YOUNG_SHARE * adultLengthCm(profile)),
    });
  }
  return [...found.values()];
}

/** What the person who feeds these animals must know, from their profiles and from what is said of the tank. */
export function careSheet(
  lines: readonly CaredFor[],
  { water, routine, tank, shared }: Pick<RuleContext, 'water' | 'routine' | 'tank' | 'shared'>,
): CareSheet {
  const profiles = [...new Set(lines.map(({ profile }) => profile))];
  const headsOf = (one: SpeciesProfile): number =>
    lines.reduce((sum, { profile, count }) => sum + (profile === one ? count : 0), 0);
  return {
    fed: together(lines),
    mealsPerDay: routine.mealsAssumed ? null : routine.mealsPerDay,
    temperatureC: water.assumed.has('temperatureC') ? null : water.temperatureC,
    bearableC: shared.temperatureC,
    lightHours: tank.lightHours,
    change: routine.changesAssumed
      ? null
      : { fraction: routine.changeFraction, everyDays: routine.everyDays },
    hide: profiles.filter(({ habits }) => habits.nightActive || habits.shyness >= SHY),
    jump: profiles.filter(({ habits }) => habits.jumps !== 'no'),
    drive: profiles.filter((profile) => killsItsOwn(profile) && headsOf(profile) > 1),
    sting: profiles.filter(({ handling }) => handling.sting),
    spines: profiles.filter(({ handling }) => handling.spines && !handling.sting),
  };
}
