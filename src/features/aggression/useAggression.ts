'use client';

import { useMemo } from 'react';
import {
  effectsIn,
  type NextStep,
  nextSteps,
  type Pattern,
  patternsOf,
  type StepEffect,
  type StepRecord,
  tally,
  type Tally,
  watchesOf,
  whatWorked,
} from '@/core/aggression';
import { spareWarning } from '@/core/due';
import { NITRATE_BUDGET } from '@/core/rules';
import { addDays } from '@/core/kernel';
import { useAssessment } from '@/session/react/useAssessment';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useHappenings } from '@/session/react/useNames';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { todayIso, whenNow } from '@/session/today';

const NOBODY: readonly never[] = [];
/** Patterns are read from so many days, or from what was watched since the last intervention when that is enough. */
const SPAN_DAYS = 60;
const ENOUGH_CONTESTS = 8;
/** A brood or a spawning keeps a pair on guard for so many days (from memory). */
const GUARD_DAYS = 35;

export interface Aggression {
  readonly patterns: readonly Pattern[];
  /** What the patterns were read from. */
  readonly from: Tally & { readonly sinceStep: boolean };
  readonly effects: readonly StepEffect[];
  readonly steps: readonly NextStep[];
  readonly worked: readonly StepRecord[];
  readonly guarding: boolean;
}

/** What the record of a tank shows, what was tried, and what to try next; null while the journal is being read. */
export function useAggression(tank: TankView): Aggression | null {
  const happenings = useHappenings();
  const residents = useResidents(tank.id);
  const tanks = useTanks();
  const catalogue = useCatalogue();
  const room = useRoomState((state) => state.room);
  const assessment = useAssessment(tank, residents, NOBODY);
  return useMemo(() => {
    if (!happenings) return null;
    const today = todayIso();
    const { now } = whenNow();
    const watches = watchesOf(happenings, tank.id);
    const effects = effectsIn(happenings, tank.id, now);
    const recent = watches.filter((watch) => watch.on >= addDays(today, -SPAN_DAYS));
    const countsFrom = effects[0]?.countsFrom;
    const since = countsFrom ? recent.filter((watch) => watch.on >= countsFrom) : recent;
    const enough = tally(since).events >= ENOUGH_CONTESTS;
    const read = enough ? since : recent;
    const own = happenings.filter(
      (event) => 'tank' in event && event.tank === tank.id && event.on >= addDays(today, -SPAN_DAYS),
    );
    const patterns = patternsOf({
      lengthCm: tank.body.tank.lengthCm,
      watches: read,
      happenings: own,
      residents,
      daysSince: whenNow().daysSince,
      femalesPerMale: (species) => catalogue.byId.get(species)?.company.femalesPerMale ?? null,
    });
    const lostOn = own.findLast(({ type }) => type === 'brood-lost')?.on ?? '';
    const guarding = own.some(
      (event) =>
        event.on >= addDays(today, -GUARD_DAYS) &&
        event.on > lostOn &&
        (event.type === 'spawned' ||
          event.type === 'fry' ||
          (event.type === 'saw' && (event.what === 'guarding' || event.what === 'fry'))),
    );
    const { water, planned } = assessment.context;
    const centre = residents.find((one) => one.id === patterns[0]?.who[0])?.species;
    return {
      patterns,
      from: { ...tally(read), sinceStep: enough && countsFrom !== undefined },
      effects,
      guarding,
      steps: nextSteps({
        patterns,
        species: centre ?? null,
        tank: tank.body,
        temperatureC: water.assumed.has('temperatureC') ? null : water.temperatureC,
        lowest: planned.map(({ profile, range }) => ({
          species: profile.id,
          temperatureC: range.temperatureC[0],
        })),
        guarding,
        tried: effects,
        full: assessment.context.load.nitrateMgLWeek > NITRATE_BUDGET,
        spareFree: spareWarning(tanks, room, today) === null,
      }),
      worked: whatWorked(tanks.flatMap(({ id }) => effectsIn(happenings, id, now))),
    };
  }, [happenings, tank, residents, tanks, room, assessment, catalogue]);
}
