'use client';

import { useCallback, useEffect, useState } from 'react';
import type { ContestKind, Dated, Sign, Trigger } from '@/core/events/events';
import { readSomebody } from '@/core/events/somebody';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { newId } from '@/session/browserStamp';
import { useRoomState } from '@/session/react/RoomProvider';
import { appendChange, correctChange, putChange, useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import type { TankView } from '@/session/react/useTanks';
import { paused, resumed, watchedSeconds, WATCHING } from './watching';

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
        watch: watching.watch,
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
        ...(trigger === null ? {} : { trigger }),
      });
      setWho(null);
      void run(
        `${names.resident(who)} chased ${names.resident(id)}`,
        begun ? [begun.change, chased] : [chased],
        true,
      );
    },
    [elsewhere, who, watching, startChange, session, tank.id, place, trigger, run, names],
  );

  /** Something seen of the chosen fish, or of nobody in particular, without a contest. */
  const sign = useCallback(
    (what: Sign) => {
      if (elsewhere) return;
      const begun = watching ? null : startChange();
      const saw = appendChange(session, {
        type: 'saw',
        on: session.stamp.now(),
        tank: tank.id,
        resident: who !== null && readSomebody(who) === null ? who : null,
        what,
        place,
        watch: watching?.watch ?? begun?.watch ?? '',
        note: who !== null && readSomebody(who) !== null ? names.resident(who) : '',
      });
      setWho(null);
      void run(`Seen: ${what}`, begun ? [begun.change, saw] : [saw], true);
    },
    [elsewhere, watching, startChange, session, tank.id, who, place, run, names],
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
      void run('Said nearer', [correctChange(session, id, last.on, said)], true);
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
