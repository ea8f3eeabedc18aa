'use client';

import { termOf } from '@/words/en';
import { DAY_MS } from '@/core/kernel';
import { Check, Pause, Play, Square, X } from 'lucide-react';
import dynamic from 'next/dynamic';
import { Link } from '@/ui/Link';
import { useCallback, useMemo, useState } from 'react';
import { OFFERED_SIGNS, TRIGGERS } from '@/core/events';
import { useHappenings, useNames, useResidentName } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, useTank, useTanks, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { useKeys } from '@/ui/useKeys';
import { classes } from '@/ui/classes';
import { WATCH_KEYS } from '@/ui/keyTable';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { PastDay } from '@/session/react/PastDay';
import { useSingleKeys } from '@/session/react/useSingleKeys';
import { CountHeads } from './CountHeads';
import { FishPad } from './FishPad';
import { LastEntry } from './LastEntry';
import { StepIn } from './StepIn';
import { StillWatching } from './StillWatching';
import { WherePressed } from './WherePressed';
import { Press, PressRow } from './Press';
import { ThisWatch } from './ThisWatch';
import { useStillWatching } from './useStillWatching';
import { useWakeLock } from './useWakeLock';
import { useWatch } from './useWatch';
import { clockFace } from '@/ui/clockFace';

/** A sign older than this many days no longer says who holds ground. */
const HOLDS_DAYS = 45;

export function WatchScreen() {
  const tank = useTank();
  return tank ? <Watch key={tank.id} tank={tank} /> : <NoTank title="Watch" />;
}

/** Who holds which ground, by the last that was said of each. */
function useHolders(tank: TankView) {
  const residents = useResidents(tank.id);
  const happenings = useHappenings();
  const nameOf = useResidentName();
  const colours = useResidentColours(residents);
  const [now] = useState(() => Date.now());
  return useMemo(() => {
    const held = new Map<string, string>();
    for (const event of happenings ?? [])
      if (
        event.type === 'saw' &&
        event.tank === tank.id &&
        event.what === 'holds ground' &&
        event.resident &&
        now - Date.parse(event.on) < HOLDS_DAYS * DAY_MS
      )
        held.set(event.resident, event.place);
    return residents.flatMap((one) => {
      const place = held.get(one.id);
      return place ? [{ name: nameOf(one), colour: colours.get(one.id) ?? '', place }] : [];
    });
  }, [happenings, tank.id, residents, nameOf, colours, now]);
}

/** Space runs the clock, Backspace takes the last entry back, Escape the choice. The keys of the fish are those of their buttons. */
function useWatchKeys({ toggle, undo, setWho }: ReturnType<typeof useWatch>, isOn: boolean): void {
  useKeys(
    useCallback(
      (key, target) => {
        if (key === WATCH_KEYS.toggle.key && !(target instanceof HTMLButtonElement)) toggle();
        else if (key === WATCH_KEYS.undo.key) void undo();
        else if (key === WATCH_KEYS.leave.key) setWho(null);
        else return false;
        return true;
      },
      [toggle, undo, setWho],
    ),
    isOn,
  );
}

/** With fewer fish than this there is no ranking to ask about. */
const LEAST_RANKED = 3;

const WatchNext = dynamic(() => import('./WatchNext').then((file) => file.WatchNext), { ssr: false });

/** The clock, and what runs and ends it. */
function WatchBar({
  tank,
  watch,
  onFinish,
}: {
  readonly tank: TankView;
  readonly watch: ReturnType<typeof useWatch>;
  readonly onFinish: () => void;
}) {
  return (
    <div className="sticky top-(--head) z-10 flex items-center gap-2 border-y border-line bg-paper py-2 max-lg:order-1">
      <span
        role="timer"
        aria-label="Time watched"
        className={classes('fig text-[1.75rem] leading-none', watch.running ? 'text-ink' : 'text-slate')}
      >
        {clockFace(watch.seconds)}
      </span>
      {!watch.elsewhere && (
        <Button
          large
          className="px-3"
          tone={watch.watching ? 'plain' : 'main'}
          onClick={watch.toggle}
          aria-label={watch.running ? 'Pause' : watch.watching ? 'Continue' : 'Start watch'}
        >
          {watch.running ? <Pause size={16} aria-hidden="true" /> : <Play size={16} aria-hidden="true" />}
          <span className={watch.watching ? 'max-sm:hidden' : ''}>
            {watch.running ? 'Pause' : watch.watching ? 'Continue' : 'Start watch'}
          </span>
        </Button>
      )}
      {watch.watching ? (
        <Button large className="px-3" onClick={onFinish}>
          <Square size={14} aria-hidden="true" />
          Finish
        </Button>
      ) : (
        <Button
          large
          className="px-3"
          aria-pressed={watch.isPassing || watch.elsewhere !== null}
          disabled={watch.elsewhere !== null}
          title={`Log what you see of ${tank.body.name} without a clock`}
          onClick={() => watch.setIsPassing(!watch.isPassing)}
        >
          {watch.isPassing && <Check size={14} aria-hidden="true" />}
          In passing
        </Button>
      )}
      {watch.isPassing && watch.watching === null && (
        <PastDay value={watch.passedOn} onChange={watch.setPassedOn} />
      )}
    </div>
  );
}

/** In front of the glass: two presses log one event, quiet minutes count. */
function Watch({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const names = useNames();
  const watch = useWatch(tank);
  const holders = useHolders(tank);
  const [note, setNote] = useState('');
  const [areKeysOn, turnKeys] = useSingleKeys();
  const { doubt, confirm } = useStillWatching(watch.watching, watch.lastEntryOn);
  useWakeLock(watch.running);
  useWatchKeys(watch, areKeysOn);
  const elsewhere = useTanks().find((one) => one.id === watch.elsewhere?.tank);

  if (residents.length === 0) {
    return (
      <Screen title={`Watch ${tank.body.name}`}>
        <Empty>
          No fish here yet. Bring fish home under Arrivals, as individuals if you want to see who chases whom.
        </Empty>
      </Screen>
    );
  }
  const individuals = residents.filter((one) => one.individual).length;
  const chosen = watch.who;
  const signs = (
    <PressRow label="Signs" folds>
      {OFFERED_SIGNS.map((sign) => (
        <Press key={sign} strong={chosen !== null} onPress={() => watch.sign(sign)}>
          {termOf(sign)}
        </Press>
      ))}
    </PressRow>
  );
  const finish = (on?: string): void =>
    void watch.finish(note.trim(), on).then((done) => {
      if (done) setNote('');
    });
  return (
    <Screen title={`Watch ${tank.body.name}`}>
      {doubt && watch.watching && (
        <StillWatching
          watching={watch.watching}
          doubt={doubt}
          onStill={confirm}
          onEnded={() => finish(doubt.endOn)}
        />
      )}
      <div className="flex flex-col gap-2 sm:gap-3 lg:grid lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)] lg:gap-5">
        <div className="min-w-0 max-lg:contents lg:flex lg:flex-col lg:gap-3">
          <WatchBar tank={tank} watch={watch} onFinish={() => finish()} />
          {elsewhere && (
            <p className="max-lg:order-1">
              A watch of {elsewhere.body.name} is running.{' '}
              <Link href={`/watch?tank=${elsewhere.id}`} className="text-deep underline">
                Go to it
              </Link>
              . What you log here is seen in passing: it counts no minutes.
            </p>
          )}
          <p
            aria-live="assertive"
            className="flex min-h-6 max-desk:min-h-8 items-center gap-2 max-lg:order-3"
          >
            {chosen ? (
              <>
                <span>
                  <strong>{names.resident(chosen)}</strong> chased… tap the fish chased, or tap a sign
                </span>
                <button
                  type="button"
                  aria-label="Take the choice back"
                  className="-my-2 grid size-11 shrink-0 place-items-center text-slate hover:text-ink"
                  onClick={() => watch.setWho(null)}
                >
                  <X size={16} aria-hidden="true" />
                </button>
              </>
            ) : watch.logged.length > 0 ? (
              <>Tap the next chaser.</>
            ) : (
              <span className="text-slate">Tap the chaser, then the fish chased. Quiet minutes count.</span>
            )}
          </p>
          <div className="max-lg:order-4">
            <FishPad tank={tank} chosen={chosen} hasKeys={areKeysOn} onPress={watch.press} />
          </div>
          <div className="max-lg:order-5">{signs}</div>
          {!watch.last && (
            <div className="flex flex-col gap-3 max-lg:order-6">
              <WherePressed tank={tank} place={watch.place} onPlace={watch.setPlace} holders={holders} />
              <PressRow label="Trigger" folds>
                {TRIGGERS.map((trigger) => (
                  <Press
                    key={trigger}
                    on={watch.trigger === trigger}
                    onPress={() => watch.setTrigger(watch.trigger === trigger ? null : trigger)}
                  >
                    {termOf(trigger)}
                  </Press>
                ))}
              </PressRow>
            </div>
          )}
        </div>
        <div className="min-w-0 max-lg:contents lg:flex lg:flex-col lg:gap-4">
          <div className="max-lg:order-2">
            <LastEntry tank={tank} watch={watch} holders={holders} />
          </div>
          <div className="max-lg:order-7">
            <ThisWatch watch={watch} note={note} onNote={setNote} />
            {/* Worked out once, before the watch: a ranking anew with each press would be work for nothing. */}
            {!watch.watching && individuals >= LEAST_RANKED && <WatchNext tank={tank} />}
          </div>
          <div className="max-lg:order-8">
            <Section title="Head count" aside="what you see, not what should be there">
              <CountHeads tank={tank} />
            </Section>
          </div>
          <div className="max-lg:order-9">
            <Section title="Intervention" aside="results: Aggression">
              <StepIn tank={tank} />
            </Section>
          </div>
          <label className="flex items-center gap-2 text-[0.75rem] text-slate max-md:hidden">
            <input type="checkbox" checked={areKeysOn} onChange={({ target }) => turnKeys(target.checked)} />
            keys: numbers press fish, Space runs the clock, Backspace undoes
          </label>
        </div>
      </div>
    </Screen>
  );
}
