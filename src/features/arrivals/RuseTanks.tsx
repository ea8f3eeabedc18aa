'use client';

import { useSayings } from '@/session/react/useSayings';
import { useMemo } from 'react';
import { joinersFor, RUSE_DAYS, ruseTanks } from '@/core/arrivals';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { VerdictMark } from '@/ui/SeverityMark';
import type { Releasable } from './useReleasable';

/** Where a single newcomer could live for a week with residents that join it, so that nobody is new afterwards. */
export function RuseTanks({ tank, newcomer }: { readonly tank: TankView; readonly newcomer: Releasable }) {
  const say = useSayings();
  const catalogue = useCatalogue();
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const tanks = useTanks();
  const nameOf = useResidentName();
  const joiners = useMemo(
    () => joinersFor(newcomer.profile.id, residents, catalogue),
    [newcomer, residents, catalogue],
  );
  const told = useMemo(() => {
    const length = newcomer.resident ? room.residents[newcomer.resident]?.lengthCm : undefined;
    return ruseTanks(
      { species: newcomer.profile.id, count: 1, lengthCm: length ?? newcomer.profile.size.soldCm },
      joiners,
      tanks.filter(({ id, body }) => id !== tank.id && body.purpose !== 'display'),
      catalogue,
      todayIso(),
    );
  }, [newcomer, joiners, tanks, tank.id, catalogue, room]);
  return (
    <div className="border-l-2 border-deep pl-3">
      <p>
        For the week: {joiners.map(nameOf).join(', ') || 'three or four residents'} join the newcomer for{' '}
        {RUSE_DAYS} days in a tank that carries them all, once its quarantine is over; then all go in
        together.
      </p>
      {told.length === 0 && <p className="text-lamp">No spare tank is free.</p>}
      <ul>
        {told.map((one) => (
          <li key={one.tank} className="flex flex-wrap items-baseline gap-2">
            <strong>{tanks.find(({ id }) => id === one.tank)?.body.name}</strong>
            <VerdictMark verdict={one.verdict} small />
            <span className="text-slate">{one.why ? say.finding(one.why) : 'carries them for the week'}</span>
          </li>
        ))}
      </ul>
    </div>
  );
}
