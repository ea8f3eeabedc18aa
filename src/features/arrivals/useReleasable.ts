import { dayName } from '@/words/en';
import { useMemo } from 'react';
import { batchOf } from '@/core/arrivals';
import type { ResidentId } from '@/core/kernel';
import type { SpeciesProfile } from '@/core/model';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useListed, useTanks, type TankView } from '@/session/react/useTanks';
import { whenNow } from '@/session/today';

/** Somebody who can be released into a tank today: from quarantine, or straight from the seller. */
export interface Releasable {
  readonly key: string;
  readonly profile: SpeciesProfile;
  readonly count: number;
  /** Null for what is listed and has not come. */
  readonly resident: ResidentId | null;
  readonly where: string;
  readonly caution: string;
}

/** Who could be released into a tank: first those that wait in quarantine, hospital or grow-out, then what is listed for it. */
export function useReleasable(tank: TankView): readonly Releasable[] {
  const catalogue = useCatalogue();
  const room = useRoomState((state) => state.room);
  const tanks = useTanks();
  const listed = useListed(tank.id);
  return useMemo(() => {
    const when = whenNow();
    const lanes = new Map(
      tanks
        .filter(({ id, body }) => id !== tank.id && body.purpose !== 'display')
        .map((one) => [one.id as string, one]),
    );
    const waiting = Object.values(room.residents).flatMap((resident): Releasable[] => {
      const lane = lanes.get(resident.tank);
      const profile = catalogue.byId.get(resident.species);
      if (!lane || !profile || resident.count === 0) return [];
      const batch = lane.body.purpose === 'quarantine' ? batchOf(room, resident, when) : null;
      const early =
        batch !== null && !batch.passed && batch.freeOn > when.today && resident.quarantine !== 'done';
      return [
        {
          key: `r-${resident.id}`,
          profile,
          count: resident.count,
          resident: resident.id,
          where: `in ${lane.body.name}`,
          caution: early ? `In quarantine until ${dayName(batch.freeOn)}: sooner risks disease.` : '',
        },
      ];
    });
    const toCome = listed.flatMap((entry): Releasable[] => {
      const profile = catalogue.byId.get(entry.group.species);
      return profile
        ? [
            {
              key: entry.key,
              profile,
              count: entry.group.count,
              resident: null,
              where: 'listed, straight from the seller',
              caution: 'No quarantine: any disease they carry reaches the others.',
            },
          ]
        : [];
    });
    return [...waiting, ...toCome];
  }, [catalogue, room, tanks, listed, tank.id]);
}
