'use client';

import { favouritesOf, makesRoughTank } from '@/core/model';
import { changeWaves } from '@/core/commands';
import { useMemo } from 'react';
import { assess, newcomers, roomPlan } from '@/core/assess';
import type { DocumentBodies } from '@/core/records';
import { NEW_TANK_LIFE, QUARANTINE_DAYS, residentsOf } from '@/core/events';
import {
  DRYING_DAYS,
  freeOnOf,
  judgeWaves,
  type Lane,
  pairOf,
  planWaves,
  type ToCome,
  type Wave,
  type WaveRules,
} from '@/core/arrivals';
import { addDays, daysBetween, type DocumentId } from '@/core/kernel';
import { ripeness } from '@/core/water';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useListed, useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { dayOf, todayIso, whenNow } from '@/session/today';

type WavesBody = DocumentBodies['waves'];

/** The plan with one wave moved by so many days, quarantine and all. */
const shifted = (waves: readonly Wave[], index: number, days: number) =>
  waves.map((wave, at) => ({
    ...wave,
    keys: [...wave.keys],
    ...(at === index ? { arrives: addDays(wave.arrives, days), releases: addDays(wave.releases, days) } : {}),
  }));

/** The plan of waves of a tank: what is to come, where it waits, when; computed until the keeper moves something. */
export function useWaves(tank: TankView) {
  const catalogue = useCatalogue();
  const { run } = useCommands();
  const listed = useListed(tank.id);
  const residents = useResidents(tank.id);
  const tanks = useTanks();
  const room = useRoomState((state) => state.room);
  const wishes = useRoomState((state) => state.documents[`wishes-${tank.id}`]);
  const id = `waves-${tank.id}` as DocumentId;
  const document = useRoomState((state) => state.documents[id]);
  const kept = document?.kind === 'waves' ? document.body : null;

  const base = useMemo(() => {
    const today = todayIso();
    const present = assess(roomPlan(tank.body, residents, [], catalogue, today), catalogue, today).context
      .load.nitrateMgLWeek;
    const { nitrateMgLWeek, apart } = newcomers(
      assess(roomPlan(tank.body, [], listed, catalogue, today), catalogue, today),
    );
    const countOf = (species: string): number =>
      listed.reduce((sum, { group }) => sum + (group.species === species ? group.count : 0), 0);
    const liked = new Set(
      wishes?.kind === 'wishes' && wishes.body
        ? favouritesOf(wishes.body.wishes).map((wish) => wish.species)
        : [],
    );
    const toCome = listed.flatMap((entry): ToCome[] => {
      const profile = catalogue.byId.get(entry.group.species);
      return profile
        ? [
            {
              key: entry.key,
              profile,
              count: entry.group.count,
              loadMgLWeek: ((nitrateMgLWeek.get(profile.id) ?? 0) * entry.group.count) / countOf(profile.id),
              favourite: liked.has(profile.id),
            },
          ]
        : [];
    });
    const lanes = tanks
      .filter(({ body }) => body.purpose === 'quarantine')
      .map(({ id: laneId, body }): Lane => {
        const inside = residentsOf(room, laneId);
        const since = inside.reduce((last, one) => (one.inTankSince > last ? one.inTankSince : last), '');
        const life = room.tanks[laneId]?.filter ?? NEW_TANK_LIFE.filter;
        const ready = ripeness(life, since || null, today).expected ?? today;
        const freeOn = freeOnOf(room, laneId, whenNow());
        const free = freeOn === null ? today : addDays(freeOn, DRYING_DAYS);
        return {
          id: laneId,
          name: body.name,
          litres: Math.round(
            assess(roomPlan(body, [], [], catalogue, today), catalogue, today).context.tank.figures.netL,
          ),
          freeFrom: free > ready ? free : ready,
        };
      });
    const firstHere = residents.reduce<string | null>(
      (first, one) => (first === null || one.inTankSince < first ? one.inTankSince : first),
      null,
    );
    const ripe = ripeness(room.tanks[tank.id]?.filter ?? NEW_TANK_LIFE.filter, firstHere, today);
    const keysOf = (species: string): readonly string[] =>
      listed.flatMap(({ key, group }) => (group.species === species ? [key] : []));
    const keysApart = new Set(
      apart.flatMap(([one, other]) => keysOf(one).flatMap((a) => keysOf(other).map((b) => pairOf(a, b)))),
    );
    const rough = residents.some((one) => {
      const profile = catalogue.byId.get(one.species);
      return profile !== undefined && makesRoughTank(profile, one.count);
    });
    const lastIn = residents.reduce((last, one) => (one.inTankSince > last ? one.inTankSince : last), '');
    const settledDays = rough && lastIn ? daysBetween(dayOf(lastIn), today) : 0;
    return {
      settledDays,
      toCome,
      lanes,
      apart: keysApart,
      ripe,
      readyOn: ripe.expected ?? today,
      present,
      today,
    };
  }, [tank, residents, listed, catalogue, tanks, room, wishes]);

  const rules: WaveRules = {
    today: base.today,
    approach: kept?.school ?? 'gentlest first',
    quarantineDays: kept?.quarantineDays ?? QUARANTINE_DAYS,
    readyOn: base.readyOn,
    presentMgLWeek: base.present,
    apart: base.apart,
    settledDays: base.settledDays,
  };
  const known = new Set(base.toCome.map((one) => one.key));
  const planned: readonly Wave[] =
    kept && kept.waves.length > 0
      ? kept.waves
          .map((wave) => ({ ...wave, keys: wave.keys.filter((key) => known.has(key)) }))
          .filter((wave) => wave.keys.length > 0)
      : planWaves(base.toCome, base.lanes, rules);
  const inPlan = new Set(planned.flatMap((wave) => wave.keys));

  const put = (label: string, how: Partial<WavesBody>) =>
    void run(
      label,
      [
        changeWaves(
          tank.id,
          {
            school: rules.approach,
            quarantineDays: rules.quarantineDays,
            waves: planned.map((wave) => ({ ...wave, keys: [...wave.keys] })),
          },
          how,
        ),
      ],
      true,
    );
  return {
    ...base,
    rules,
    waves: planned,
    /** Listed after the plan was moved by hand. */
    unplanned: base.toCome.filter((one) => !inPlan.has(one.key)),
    unwise: judgeWaves(planned, base.toCome, base.lanes, rules),
    byHand: (kept?.waves.length ?? 0) > 0,
    /** Moves a wave by so many days, quarantine and all. */
    shift: (index: number, days: number) => put('Wave moved', { waves: shifted(planned, index, days) }),
    /** What would speak against a wave that is moved by so many days. */
    ifShifted: (index: number, days: number) =>
      judgeWaves(shifted(planned, index, days), base.toCome, base.lanes, rules).filter(
        ({ wave }) => wave === index,
      ),
    into: (index: number, lane: string | null) =>
      put('Other quarantine tank', {
        waves: planned.map((wave, at) => ({
          ...wave,
          keys: [...wave.keys],
          ...(at === index ? { lane } : {}),
        })),
      }),
    choose: (how: Partial<Pick<WavesBody, 'school' | 'quarantineDays'>>) =>
      put('Order of waves', { ...how, waves: [] }),
    anew: () => put('Waves planned again', { waves: [] }),
  };
}

export type Waves = ReturnType<typeof useWaves>;
