'use client';

import { ofTank, setLight } from '@/core/commands';
import { lightLevel, rampFor } from '@/core/arrivals';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { momentWords } from '@/words/en';

/** The light over the tank: a simulated timer that is told to stay dark and then to raise the light slowly. */
export function LightTimer({
  tank,
  protocol,
  now,
}: {
  readonly tank: TankView;
  readonly protocol: 'plain' | 'single newcomer' | 'skittish';
  readonly now: number;
}) {
  const { session, run } = useCommands();
  const id = ofTank('light', tank.id);
  const document = useRoomState((state) => state.documents[id]);
  const told = document?.kind === 'light' ? document.body : null;
  const level = told ? lightLevel(told, now) : 1;
  return (
    <div className="flex flex-wrap items-center gap-3 border-y border-line py-2">
      <span
        aria-hidden="true"
        className="h-6 w-10 border border-line"
        style={{ background: `color-mix(in srgb, var(--water) ${Math.round(level * 100)}%, #0e1a1f)` }}
      />
      <span>
        Light <span className="fig">{Math.round(level * 100)}%</span>{' '}
        <span className="text-slate">
          {told && level < 1
            ? `dark since ${momentWords(told.offOn)}, raised from ${momentWords(told.rampFrom)} over ${told.rampMinutes} min`
            : 'simulated timer, as usual'}
        </span>
      </span>
      {told && level < 1 ? (
        <Button onClick={() => run('Light as usual', [setLight(tank.id, null)], true)}>Light as usual</Button>
      ) : (
        <Button
          onClick={() => run('Light off', [setLight(tank.id, rampFor(protocol, session.stamp.now()))], true)}
        >
          {protocol === 'skittish'
            ? 'Dark for two and a half days, then slowly brighter'
            : 'Off until tomorrow, then slowly brighter'}
        </Button>
      )}
    </div>
  );
}
