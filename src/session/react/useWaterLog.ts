'use client';

import { TAP_NITRATE_MGL } from '@/core/tank';
import { useMemo } from 'react';
import type { Standing } from '@/core/events';
import {
  affordable,
  nitrateRate,
  outlook,
  risesOf,
  tankFactor,
  type WaterMark,
  waveEffect,
} from '@/core/water';
import { inOrder, type ToCome } from '@/core/arrivals';
import { assess, roomPlan } from '@/core/assess';
import { commonName } from '@/core/model';
import { useCatalogue } from './RoomProvider';
import { daysBetween } from '@/core/kernel';
import { dayOf, todayIso } from '../today';
import { useAssessment } from './useAssessment';
import { useHappenings } from './useNames';
import { useListed, useResidents, type TankView } from './useTanks';

const NOBODY: readonly never[] = [];
/** A wave older than this is no longer asked about: what it did is in the rate. */
const FRESH_WAVE_DAYS = 60;

/** Everything measured and done with the water of a tank, and what it says of the nitrate. */
export function useWaterLog(tank: TankView) {
  const happenings = useHappenings();
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const catalogue = useCatalogue();
  const now = useAssessment(tank, residents, NOBODY);
  const later = useAssessment(tank, residents, listed);
  const { routine, water } = tank.body;
  return useMemo(() => {
    const here = (happenings ?? []).filter((event) => 'tank' in event && event.tank === tank.id);
    const tests = here.flatMap((event) => (event.type === 'tested' ? [event] : []));
    const changes = here.flatMap((event) => (event.type === 'water-changed' ? [event] : []));
    const waves = [
      ...new Set(here.flatMap((event: Standing) => (event.type === 'came' ? [dayOf(event.on)] : []))),
    ].sort();
    const tap = water?.nitrateTapMgL ?? TAP_NITRATE_MGL;
    const marks: WaterMark[] = [
      ...tests.flatMap(({ on, nitrateMgL }): WaterMark[] =>
        nitrateMgL === undefined ? [] : [{ kind: 'test', on, nitrateMgL }],
      ),
      ...changes.map(({ on, fraction }): WaterMark => ({ kind: 'change', on, fraction })),
    ];
    const rises = risesOf(marks, tap);
    const rate = nitrateRate(rises);
    const predicted = now.context.loadAfter(0).nitrateMgLWeek / 7;
    const factor = tankFactor(rate, predicted);
    const kept = {
      fraction: routine?.changeFraction ?? now.context.routine.changeFraction,
      everyDays: routine?.everyDays ?? now.context.routine.everyDays,
    };
    const lastTest = [...tests]
      .filter((test) => test.nitrateMgL !== undefined)
      .sort((a, b) => (a.on < b.on ? -1 : 1))
      .at(-1);
    const perDay = rate && rate.rises > 1 ? rate.perDay : predicted;
    const lastWave = waves.at(-1);
    return {
      tests,
      changes,
      waves,
      rate,
      predicted,
      factor,
      routine: kept,
      tap,
      perDay,
      nowMgL: lastTest?.nitrateMgL ?? null,
      lastTestOn: lastTest?.on ?? null,
      outlook: outlook(lastTest?.nitrateMgL ?? tap, perDay, kept, tap),
      /** What each wave did to the rate, where there are tests enough on either side of it, the last first. */
      effects: [...waves].reverse().flatMap((on) => {
        const effect = waveEffect(rises, on);
        return effect ? [{ on, effect }] : [];
      }),
      waveUnmeasured:
        lastWave !== undefined &&
        daysBetween(lastWave, todayIso()) <= FRESH_WAVE_DAYS &&
        waveEffect(rises, lastWave) === null
          ? lastWave
          : null,
      /** What the list would add when it has come and grown, mg/L a week, as this tank makes it. */
      listAdds:
        Math.max(0, later.context.load.nitrateMgLWeek - now.context.load.nitrateMgLWeek) * (factor ?? 1),
      listed: listed.length,
      /** Each listed species on top of those before it, gentlest first: whether the routine carries it. */
      coming: affordable(
        inOrder(
          listed.flatMap((entry): ToCome[] => {
            const profile = catalogue.byId.get(entry.group.species);
            if (!profile) return [];
            const alone = assess(
              roomPlan(tank.body, residents, [entry], catalogue, todayIso()),
              catalogue,
              todayIso(),
            );
            const adds = Math.max(0, alone.context.load.nitrateMgLWeek - now.context.load.nitrateMgLWeek);
            return [
              {
                key: entry.key,
                profile,
                count: entry.group.count,
                loadMgLWeek: adds * (factor ?? 1),
                favourite: false,
              },
            ];
          }),
          'gentlest first',
        ).map((one) => ({ key: `${one.count} ${commonName(one.profile)}`, addsWeek: one.loadMgLWeek })),
        perDay,
        kept,
        tap,
      ),
    };
  }, [happenings, tank, residents, catalogue, water, routine, now, later, listed]);
}

export type WaterLog = ReturnType<typeof useWaterLog>;
