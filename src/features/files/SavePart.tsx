'use client';

import dynamic from 'next/dynamic';
import { roomPlan } from '@/core/assess';
import { listedIn } from '@/core/commands';
import { residentsOf } from '@/core/events';
import { canonicalJson } from '@/core/kernel';
import { RoomAddress } from '@/session/react/RoomAddress';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { rememberSave } from '@/session/lastSave';
import { savePage } from '@/session/savePage';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { saveBlob, saveText } from '@/session/saveFile';
import { Section } from '@/ui/Screen';
import { KeptHere } from './KeptHere';
import { useRoomFiles } from './useRoomFiles';
import { WorkLine } from './WorkLine';

const CopiesPart = dynamic(() => import('./CopiesPart').then((file) => file.CopiesPart), { ssr: false });

/** The whole room in a file, and each tank with its list as a plan. */
export function SavePart() {
  const { session, name: room } = useRooms();
  const files = useRoomFiles();
  const tanks = useTanks();
  const trouble = useRoomState((state) => state.trouble);
  const name = `lomvik-${room}-${todayIso()}`;

  const saveRoom = async (): Promise<void> => {
    // When the storage is gone or silent, the page saves what it holds itself.
    if (trouble !== null) return savePage(session, name);
    const answer = await files.save(() => savePage(session, name));
    if (!answer.ok) return;
    saveBlob(`${name}${answer.value.ending}`, answer.value.blob);
    rememberSave(room, { on: todayIso(), entries: answer.value.entries });
  };
  const savePlan = ({ id, body }: TankView): void => {
    const { room: now, documents } = session.state.getState();
    const plan = roomPlan(body, residentsOf(now, id), listedIn(documents, id), session.catalogue, todayIso());
    saveText(`${body.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.lomvik-plan.json`, canonicalJson(plan));
  };
  return (
    <Section title="Save">
      <p className="mb-2 text-slate">
        The whole room: tanks, lists, settings and every entry. With pictures it is one zip file.
      </p>
      <div className="flex flex-col gap-2">
        <div>
          <Button tone="main" disabled={files.work.kind === 'busy'} onClick={() => saveRoom()}>
            Save room
          </Button>
        </div>
        <WorkLine files={files} />
        <RoomAddress />
        {room === 'own' && <KeptHere />}
        {room === 'own' && <CopiesPart />}
      </div>
      {tanks.length > 0 && (
        <>
          <p className="mt-4 mb-1 text-slate">One tank with its stock list, as a plan:</p>
          <div className="flex flex-wrap gap-2">
            {tanks.map((tank) => (
              <Button key={tank.id} onClick={() => savePlan(tank)}>
                {tank.body.name}
              </Button>
            ))}
          </div>
        </>
      )}
    </Section>
  );
}
