'use client';

import { useCallback, useState } from 'react';
import {
  type AtTheGlass,
  finishWatch,
  logContest,
  logSign,
  minutesOf,
  pauseOrResume,
  startWatch,
  tellMore,
} from '@/core/commands';
import type { Sign, Standing, Trigger } from '@/core/events';
import { MINUTE_MS, type ResidentId } from '@/core/kernel';
import { useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useRunningWatch, useWatchedSeconds } from '@/session/react/useRunningWatch';
import { type TankView, useResidents } from '@/session/react/useTanks';
import { dayOf, momentOn, todayIso } from '@/session/today';
import { isOneOfMany } from './padOf';
import { fixed } from '@/words/en';

export type Contest = Extract<Standing, { type: 'chased' }>;
export type Seen = Extract<Standing, { type: 'saw' }>;

/** What was seen in passing stands under "logged" for so long. */
const PASSING_MS = 30 * MINUTE_MS;
/** A press is felt, ms. */
const BUZZ_MS = 12;

const isLogged = (event: Standing): event is Contest | Seen =>
  event.type === 'chased' || event.type === 'saw';

/** A watch in front of the glass: a clock that survives a reload, and contests logged with two presses. */
export function useWatch(tank: TankView) {
  const { session, run, undo } = useCommands();
  const names = useNames();
  const residents = useResidents(tank.id);
  const happenings = useHappenings();
  const any = useRunningWatch();
  const watching = any?.tank === tank.id ? any : null;
  const elsewhere = watching === null ? any : null;
  const running = watching?.runningSince != null;
  const seconds = useWatchedSeconds(watching);
  const [who, setWho] = useState<ResidentId | null>(null);
  const [place, setPlace] = useState('');
  const [trigger, setTrigger] = useState<Trigger | null>(null);
  const [isPassing, setIsPassing] = useState(false);
  const [passedOn, setPassedOn] = useState(todayIso());
  const [openedOn] = useState(() => Date.now());
  // Nothing is seen on a day to come: the field says so.
  const isToCome = isPassing && watching === null && passedOn > todayIso();
  /** Where the keeper stands at this press. */
  const glass = useCallback(
    (): AtTheGlass => watching ?? (isPassing || elsewhere ? { seenOn: momentOn(passedOn) } : null),
    [watching, isPassing, elsewhere, passedOn],
  );

  const toggle = useCallback(() => {
    if (elsewhere) return;
    if (watching)
      void run(running ? 'Watch paused' : 'Watch continued', [pauseOrResume(watching, session.stamp)], true);
    else void run('Watch started', [startWatch(tank.id, session.stamp).change], true);
  }, [elsewhere, watching, running, run, session, tank.id]);

  /** Ends it, now or at a moment at which somebody was last there. */
  const finish = useCallback(
    async (note: string, on?: string): Promise<boolean> => {
      if (!watching) return false;
      const minutes = minutesOf(watching, on === undefined ? Date.now() : Date.parse(on));
      const done = await run(
        `Watched ${tank.body.name} for ${fixed(minutes, 1)} minutes`,
        finishWatch(watching, note, session.stamp, on),
      );
      setWho(null);
      return done;
    },
    [watching, run, session, tank],
  );

  const logged = (happenings ?? [])
    .filter(isLogged)
    .filter(
      (event) =>
        event.tank === tank.id &&
        (watching
          ? event.watch === watching.watch
          : event.watch === '' &&
            (passedOn === todayIso()
              ? Date.parse(event.on) > openedOn - PASSING_MS
              : dayOf(event.on) === passedOn)),
    )
    .reverse();
  const last = logged[0] ?? null;

  /** Place and trigger belong to one incident. */
  const after = useCallback(() => {
    setWho(null);
    setPlace('');
    setTrigger(null);
    navigator.vibrate?.(BUZZ_MS);
  }, []);

  /**
   * First press: who. Second press: whom; that logs a chase. The same fish twice takes the choice back; one of several twice is
   * one of them on another.
   */
  const press = useCallback(
    (id: ResidentId) => {
      if (isToCome) return;
      if (who === null || (who === id && !isOneOfMany(id, residents))) return setWho(who === id ? null : id);
      after();
      void run(
        `${names.resident(who)} chased ${names.resident(id)}`,
        logContest(glass(), { tank: tank.id, winner: who, loser: id, place, trigger }, session.stamp),
        true,
      );
    },
    [isToCome, who, residents, glass, session, tank.id, place, trigger, run, names, after],
  );

  /** Something seen of the chosen fish, or of nobody in particular, without a contest. */
  const sign = useCallback(
    (what: Sign) => {
      if (isToCome) return;
      after();
      const said = { tank: tank.id, who, what, place, nameOf: names.resident };
      void run(`Seen: ${what}`, logSign(glass(), said, session.stamp), true);
    },
    [isToCome, glass, session, tank.id, who, place, run, names, after],
  );

  /** A third press says more of the last entry. */
  const more = useCallback(
    (
      how: Partial<Pick<Contest, 'what' | 'bad' | 'place' | 'trigger' | 'undecided' | 'winner' | 'loser'>>,
    ) => {
      if (!last) return;
      void run('Details added', ({ entries }) => tellMore(entries ?? [], last.id, how, session.stamp), true);
    },
    [last, run, session],
  );

  return {
    watching,
    elsewhere,
    running,
    seconds,
    who,
    setWho,
    place,
    setPlace,
    trigger,
    setTrigger,
    isPassing,
    setIsPassing,
    passedOn,
    setPassedOn,
    sign,
    last,
    /** When something was last logged; undefined until the journal has been read. */
    lastEntryOn: happenings === null ? undefined : (last?.on ?? null),
    press,
    toggle,
    finish,
    tellMore: more,
    undo,
    logged,
  };
}
