import type { Catalogue, PlanFile, SpeciesProfile } from '../model';
import { candidatesFor } from './candidatesFor';

/** Water as wide open as a list can have it: the company decides. */
const AMPLE = { heightCm: 60, lid: true, plants: 'some' } as const;
/** So many are named. */
const NAMED = 6;

/** Species that go with one, judged by the rules in its own tank and water. */
export interface Company {
  /** Those that fit best, of what most shops have. */
  readonly best: readonly string[];
  /** How many of those that were asked fit. */
  readonly fits: number;
  readonly asked: number;
}

/**
 * What goes with a species: each other one is added to the number it is at ease in, in the strict tank and the middle of its
 * water. `today` is an ISO date.
 */
export function companyFor(profile: SpeciesProfile, catalogue: Catalogue, today: string): Company {
  const { temperatureC, ph, ghDh } = profile.water.tankBred;
  const middle = ([low, high]: readonly [number, number]): number => (low + high) / 2;
  const plan = {
    format: 'lomvik-plan',
    version: 1,
    tank: {
      ...AMPLE,
      lengthCm: profile.tank.cautious.lengthCm ?? 60,
      widthCm: profile.tank.cautious.widthCm ?? 30,
    },
    water: { temperatureC: middle(temperatureC), ph: middle(ph), ghDh: middle(ghDh) },
    groups: [{ species: profile.id, count: profile.company.comfortableGroup }],
  } as PlanFile;
  const asked = candidatesFor(plan, catalogue, today, undefined, 'numbers').filter(
    ({ species }) => species !== profile.id,
  );
  const fits = asked.filter(({ verdict, worse }) => verdict === 'fits' && worse === 0);
  const inShops = fits.filter(({ species }) => {
    const other = catalogue.byId.get(species);
    return other?.trade.met === 'shop' && other.formOf === null;
  });
  return {
    best: inShops.slice(0, NAMED).map(({ species }) => species),
    fits: fits.length,
    asked: asked.length,
  };
}
