'use client';

import { useCallback, useEffect, useState } from 'react';
import type { CONTEST_KINDS } from '@/core/journal/events';
import type { EntryId, ResidentId } from '@/core/model/ids';
import { newId } from '@/session/browserStamp';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, correctChange, putChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useResidentName } from '@/session/react/useNames';
import type { TankView } from '@/session/react/useTanks';
import { paused, resumed, watchedSeconds, WATCHING } from './watching';

export type ContestKind = (typeof CONTEST_KINDS)[number];

/** A watch in front of the glass: a clock that survives a reload, and contests logged with two presses. */
export function useWatch(tank: TankView) {
  const { session, run, undo } = useCommands();
  const nameOf = useResidentName();
  const room = useRoomState((state) => state.room);
  const document = useRoomState((state) => state.documents[WATCHING]);
  const happenings = useHappenings();
  const any = document?.kind === 'watching' ? document.body : null;
  const watching = any?.tank === tank.id ? any : null;
  const elsewhere = any !== null && watching === null;
  const running = watching?.runningSince != null;
  const [now, setNow] = useState(() => Date.now());
  const [who, setWho] = useState<ResidentId | null>(null);
  const [place, setPlace] = useState('');

  useEffect(() => {
    if (!running) return;
    const tick = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(tick);
  }, [running]);

  const startChange = useCallback(() => {
    const iso = session.stamp.now();
    const body = {
      tank: tank.id,
      watch: newId<string>(),
      startedOn: iso,
      countedSeconds: 0,
      runningSince: iso,
    };
    return { change: putChange('watching', WATCHING, body), watch: body.watch };
  }, [session, tank.id]);

  const toggle = useCallback(() => {
    if (elsewhere) return;
    if (!watching) void run('Watch started', [startChange().change], true);
    else {
      const next = running ? paused(watching, Date.now()) : resumed(watching, session.stamp.now());
      void run(running ? 'Watch paused' : 'Watch going on', [putChange('watching', WATCHING, next)], true);
    }
    setNow(Date.now());
  }, [elsewhere, watching, running, run, session, startChange]);

  const finish = useCallback(
    async (note: string) => {
      if (!watching) return;
      const minutes = Math.min(1440, Math.round((watchedSeconds(watching, Date.now()) / 60) * 100) / 100);
      const watched = appendChange(session, {
        type: 'watched',
        on: session.stamp.now(),
        tank: tank.id,
        minutes,
        note,
      });
      await run(`Watched ${tank.body.name} for ${minutes.toFixed(1)} minutes`, [
        watched,
        putChange('watching', WATCHING, null),
      ]);
      setWho(null);
    },
    [watching, run, session, tank],
  );

  /** First press: who. Second press: whom; that logs a chase. The same twice takes the choice back. */
  const press = useCallback(
    (id: ResidentId) => {
      if (elsewhere) return;
      if (who === null || who === id) return setWho(who === id ? null : id);
      const begun = watching ? null : startChange();
      const chased = appendChange(session, {
        type: 'chased',
        on: session.stamp.now(),
        tank: tank.id,
        watch: watching?.watch ?? begun?.watch ?? '',
        winner: who,
        loser: id,
        what: 'chase',
        place,
      });
      setWho(null);
      void run(
        `${nameOf(room.residents[who])} chased ${nameOf(room.residents[id])}`,
        begun ? [begun.change, chased] : [chased],
        true,
      );
    },
    [elsewhere, who, watching, startChange, session, tank.id, place, run, nameOf, room],
  );

  const logged = (happenings ?? [])
    .filter((event) => event.type === 'chased' && watching !== null && event.watch === watching.watch)
    .reverse();
  const last = logged[0];

  /** A third press says what the last one was. */
  const call = useCallback(
    (what: ContestKind) => {
      if (last?.type !== 'chased') return;
      const { id, seq: _seq, corrected: _corrected, ...rest } = last;
      const { recorded: _recorded, ...dated } = rest as typeof rest & { recorded?: string };
      void run(
        `It was a ${what}`,
        [correctChange(session, id as EntryId, last.on, { ...dated, what })],
        true,
      );
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
    press,
    toggle,
    finish,
    call,
    undo,
    logged,
  };
}
