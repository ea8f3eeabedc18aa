import { useState } from 'react';
import { comeBack } from '@/core/commands';
import { useRoomState } from '@/session/react/RoomProvider';
import { PastDay } from '@/session/react/PastDay';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';

/** Ends the time of a fish that was put aside: out of its box, or back from another tank, today or on an earlier day. */
export function BackOut({ tank, resident }: { readonly tank: TankView; readonly resident: string }) {
  const { session, run } = useCommands();
  const nameOf = useResidentName();
  const one = useRoomState((state) => state.room.residents[resident]);
  const [day, setDay] = useState(todayIso());
  if (!one || one.count === 0) return null;
  const isHere = one.tank === tank.id;
  const back = () => {
    const moved = { on: momentOn(day), resident: one.id, tank: tank.id };
    return run(`${nameOf(one)} is back`, [
      isHere
        ? comeBack({ ...moved, what: 'out of the box', count: 1 }, session.stamp)
        : appendChange(session, { ...moved, type: 'moved', note: 'Back from its time aside.' }),
    ]);
  };
  return (
    <div className="mt-1 flex flex-wrap items-end gap-2">
      <Button disabled={day > todayIso()} onClick={back}>
        {isHere ? `${nameOf(one)} out of the box` : `${nameOf(one)} back into ${tank.body.name}`}
      </Button>
      <PastDay value={day} onChange={setDay} wrap="w-40" />
    </div>
  );
}
