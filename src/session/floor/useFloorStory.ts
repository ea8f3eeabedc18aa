import { useMemo } from 'react';
import { watchesOf } from '@/core/aggression';
import {
  densityOf,
  groundOf,
  HOLDS_WEIGHT,
  type Place,
  placeOf,
  ringsOf,
  type Sighting,
  territoryOf,
  WON_WEIGHT,
} from '@/core/floor';
import type { Point } from '@/core/sightlines';
import { useHappenings, useResidentName } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, type TankView } from '@/session/react/useTanks';
import type { Ground, Level } from '@/ui/floor/FloorMap';

/** What happened over the floor of a tank in a span of time. */
export interface FloorStory {
  readonly levels: readonly Level[];
  /** The rates at which the levels stand, an hour on 30 by 30 cm. */
  readonly rates: readonly number[];
  /** Places that are known to a finger's width. */
  readonly contests: readonly Point[];
  readonly grounds: readonly (Ground & { readonly sightings: number })[];
  /** Contests with a place, and all of them; minutes watched. */
  readonly placed: number;
  readonly all: number;
  readonly minutes: number;
}

const SHARES = [0.2, 0.5, 0.8] as const;
/** A place that is known better than this is drawn as a cross, cm. */
const EXACT_CM = 6;

/**
 * Where contests happen in a tank, and who holds which ground, from a moment on and before another.
 *
 * @param from ISO moment; null from the first watch on
 * @param until ISO moment; null to now
 */
export function useFloorStory(tank: TankView, from: string | null, until: string | null): FloorStory | null {
  const happenings = useHappenings();
  const residents = useResidents(tank.id);
  const nameOf = useResidentName();
  const colours = useResidentColours(residents);
  const { lengthCm, widthCm } = tank.body.tank;
  return useMemo(() => {
    if (!happenings) return null;
    const isIn = (on: string): boolean => (from === null || on >= from) && (until === null || on < until);
    const watches = watchesOf(happenings, tank.id).filter(({ on }) => isIn(on));
    const contests = watches.flatMap((watch) => watch.contests);
    const minutes = watches.reduce((sum, watch) => sum + watch.minutes, 0);
    const known = (text: string): Place | null => placeOf(text, lengthCm, widthCm);
    const places = contests.flatMap(({ place }) => known(place) ?? []);
    const density = densityOf(places, minutes / 60, lengthCm, widthCm);
    const most = Math.max(0, ...density.values);
    const rates = places.length === 0 || minutes === 0 ? [] : SHARES.map((share) => share * most);
    const sightings = new Map<string, Sighting[]>();
    const sight = (who: string, text: string, weight: number): void => {
      const place = known(text);
      if (place) sightings.set(who, [...(sightings.get(who) ?? []), { place, weight }]);
    };
    // Who was ever seen to hold ground holds some; where, is read from this span alone.
    const holders = new Set<string>();
    for (const event of happenings)
      if (event.type === 'saw' && event.tank === tank.id && event.what === 'holds ground' && event.resident) {
        holders.add(event.resident);
        if (isIn(event.on)) sight(event.resident, event.place, HOLDS_WEIGHT);
      }
    for (const { winner, place } of contests) if (holders.has(winner)) sight(winner, place, WON_WEIGHT);
    return {
      levels: rates.map((rate) => ({ rings: ringsOf(density, rate) })),
      rates,
      contests: places.filter(({ spread }) => spread[0] < EXACT_CM).map(({ at }) => at),
      grounds: residents.flatMap((one) => {
        const territory = territoryOf(sightings.get(one.id) ?? [], lengthCm, widthCm);
        return territory
          ? [
              {
                id: one.id,
                name: nameOf(one),
                colour: colours.get(one.id) ?? 'var(--slate)',
                shape: groundOf(territory, lengthCm, widthCm),
                centre: territory.centre,
                sureness: territory.sureness,
                sightings: territory.sightings,
              },
            ]
          : [];
      }),
      placed: places.length,
      all: contests.length,
      minutes,
    };
  }, [happenings, residents, nameOf, colours, tank.id, lengthCm, widthCm, from, until]);
}
