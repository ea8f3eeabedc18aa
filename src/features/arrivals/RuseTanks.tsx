'use client';

import { useSayings } from '@/session/react/useSayings';
import { useMemo } from 'react';
import { joinersFor, RUSE_DAYS, ruseTanks } from '@/core/arrivals';
import { joinNewcomer } from '@/core/commands';
import { addDays } from '@/core/kernel';
import { everyOf, manyOf } from '@/words/en';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { VerdictMark } from '@/ui/SeverityMark';
import type { Releasable } from './useReleasable';

/** Where a single newcomer could live for a week with residents that join it, so that nobody is new afterwards; one press moves them. */
export function RuseTanks({ tank, newcomer }: { readonly tank: TankView; readonly newcomer: Releasable }) {
  const say = useSayings();
  const catalogue = useCatalogue();
  const { session, run } = useCommands();
  const residents = useResidents(tank.id);
  const room = useRoomState((state) => state.room);
  const tanks = useTanks();
  const nameOf = useResidentName();
  const fish = newcomer.resident ? room.residents[newcomer.resident] : undefined;
  const joiners = useMemo(
    () => joinersFor(newcomer.profile.id, residents, catalogue),
    [newcomer, residents, catalogue],
  );
  const told = useMemo(
    () =>
      ruseTanks(
        {
          species: newcomer.profile.id,
          count: 1,
          lengthCm: fish?.lengthCm ?? newcomer.profile.size.soldCm,
        },
        joiners,
        tanks.filter(({ id, body }) => id !== tank.id && body.purpose !== 'display'),
        catalogue,
        todayIso(),
      ),
    [newcomer, joiners, tanks, tank.id, catalogue, fish],
  );
  const names = everyOf(joiners.map(nameOf));
  return (
    <div className="border-l-2 border-deep pl-3">
      <p>
        One fish alone is picked on. For {RUSE_DAYS} days {names || 'three or four residents'}{' '}
        {joiners.length === 1 ? 'joins' : 'join'} it in a tank that carries them all, once its quarantine is
        over; then release all together.
      </p>
      {told.length === 0 && <p className="text-lamp">No spare tank is free.</p>}
      {newcomer.caution !== '' && <p className="text-lamp">{newcomer.caution}</p>}
      <ul>
        {told.map((one) => {
          const spare = tanks.find(({ id }) => id === one.tank);
          return (
            <li key={one.tank} className="flex flex-wrap items-baseline gap-2 py-0.5">
              <strong>{spare?.body.name}</strong>
              <VerdictMark verdict={one.verdict} small />
              <span className="text-slate">
                {one.why ? say.finding(one.why) : 'carries them for the week'}
              </span>
              {spare && fish && joiners.length > 0 && one.verdict !== 'stop' && newcomer.caution === '' && (
                <Button
                  onClick={() =>
                    run(
                      `${names} with the ${manyOf(newcomer.profile)} in ${spare.body.name}`,
                      joinNewcomer(
                        fish,
                        joiners,
                        spare.id,
                        addDays(todayIso(), RUSE_DAYS),
                        tank.body.name,
                        session.stamp,
                      ),
                    )
                  }
                >
                  Move {names} in for the week
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </div>
  );
}
