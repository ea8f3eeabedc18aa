'use client';

import { useCallback, useEffect, useState } from 'react';
import {
  finishWatch,
  logContest,
  logSign,
  minutesOf,
  pauseOrResume,
  startWatch,
  watchedSeconds,
  WATCHING,
} from '@/core/commands';
import type { ContestKind, Dated, Sign, Trigger } from '@/core/events';
import type { ResidentId } from '@/core/kernel';
import { useRoomState } from '@/session/react/RoomProvider';
import { correctChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import type { TankView } from '@/session/react/useTanks';

/** A watch in front of the glass: a clock that survives a reload, and contests logged with two presses. */
export function useWatch(tank: TankView) {
  const { session, run, undo } = useCommands();
  const names = useNames();
  const document = useRoomState((state) => state.documents[WATCHING]);
  const happenings = useHappenings();
  const any = document?.kind === 'watching' ? document.body : null;
  const watching = any?.tank === tank.id ? any : null;
  const elsewhere = any !== null && watching === null;
  const running = watching?.runningSince != null;
  const [now, setNow] = useState(() => Date.now());
  const [who, setWho] = useState<ResidentId | null>(null);
  const [place, setPlace] = useState('');
  const [trigger, setTrigger] = useState<Trigger | null>(null);

  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, [running]);

  const toggle = useCallback(() => {
    if (elsewhere) return;
    if (!watching) void run('Watch started', [startWatch(tank.id, session.stamp).change], true);
    else
      void run(running ? 'Watch paused' : 'Watch continued', [pauseOrResume(watching, session.stamp)], true);
    setNow(Date.now());
  }, [elsewhere, watching, running, run, session, tank.id]);

  const finish = useCallback(
    async (note: string): Promise<boolean> => {
      if (!watching) return false;
      const minutes = minutesOf(watching, Date.now());
      const done = await run(
        `Watched ${tank.body.name} for ${minutes.toFixed(1)} minutes`,
        finishWatch(watching, note, session.stamp),
      );
      setWho(null);
      return done;
    },
    [watching, run, session, tank],
  );

  /** First press: who. Second press: whom; that logs a chase. The same twice takes the choice back. */
  const press = useCallback(
    (id: ResidentId) => {
      if (elsewhere) return;
      if (who === null || who === id) return setWho(who === id ? null : id);
      setWho(null);
      void run(
        `${names.resident(who)} chased ${names.resident(id)}`,
        logContest(watching, { tank: tank.id, winner: who, loser: id, place, trigger }, session.stamp),
        true,
      );
    },
    [elsewhere, who, watching, session, tank.id, place, trigger, run, names],
  );

  /** Something seen of the chosen fish, or of nobody in particular, without a contest. */
  const sign = useCallback(
    (what: Sign) => {
      if (elsewhere) return;
      setWho(null);
      const said = { tank: tank.id, who, what, place, nameOf: names.resident };
      void run(`Seen: ${what}`, logSign(watching, said, session.stamp), true);
    },
    [elsewhere, watching, session, tank.id, who, place, run, names],
  );

  const logged = (happenings ?? [])
    .filter(
      (event) =>
        (event.type === 'chased' || event.type === 'saw') &&
        watching !== null &&
        event.watch === watching.watch,
    )
    .reverse();
  const last = logged.find((event) => event.type === 'chased');

  /** A third press says what the last contest was, or how bad. */
  const call = useCallback(
    (more: { readonly what?: ContestKind; readonly bad?: number }) => {
      if (last?.type !== 'chased') return;
      const { id, seq: _seq, corrected: _corrected, recorded: _recorded, ...dated } = last;
      const said: Dated = { ...dated, ...more };
      void run('Details added', [correctChange(session, id, last.on, said)], true);
    },
    [last, run, session],
  );

  return {
    watching,
    elsewhere,
    running,
    seconds: watching ? watchedSeconds(watching, Math.max(now, 0)) : 0,
    who,
    place,
    setPlace,
    trigger,
    setTrigger,
    sign,
    last,
    press,
    toggle,
    finish,
    call,
    undo,
    logged,
  };
}
