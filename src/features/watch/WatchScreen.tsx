'use client';

import { Pause, Play, Square, Undo2 } from 'lucide-react';
import { useEffect, useState } from 'react';
import { CONTEST_KINDS } from '@/core/journal/events';
import { describeEvent } from '@/core/journal/describeEvent';
import type { Resident } from '@/core/journal/room';
import { commonName } from '@/core/model/catalogue';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useNames, useResidentName } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { CountHeads } from './CountHeads';
import { StepIn } from './StepIn';
import { useWatch } from './useWatch';
import { clockFace } from './watching';

const PLACES = ['left', 'middle', 'right'] as const;

export function WatchScreen() {
  const tank = useTank();
  return tank ? <Watch key={tank.id} tank={tank} /> : <NoTank title="Watch" />;
}

/** One fish or group to press: colour, name, the key that presses it. */
function FishButton({
  resident,
  colour,
  index,
  chosen,
  waiting,
  onPress,
}: {
  readonly resident: Resident;
  readonly colour: string;
  readonly index: number;
  readonly chosen: boolean;
  readonly waiting: boolean;
  readonly onPress: () => void;
}) {
  const nameOf = useResidentName();
  const profile = useCatalogue().byId.get(resident.species);
  return (
    <button
      type="button"
      aria-pressed={chosen}
      onClick={onPress}
      className={classes(
        'flex min-h-14 items-center justify-between gap-2 border px-3 text-left',
        chosen
          ? 'border-deep bg-deep text-on-deep'
          : waiting
            ? 'border-slate bg-panel'
            : 'border-line bg-panel hover:border-slate',
      )}
    >
      <span className="min-w-0">
        <span className="flex items-center gap-2 font-semibold">
          <span className="size-3 shrink-0" style={{ background: colour }} aria-hidden="true" />
          <span className="truncate">{nameOf(resident)}</span>
        </span>
        <span className={classes('block truncate text-[12px]', chosen ? '' : 'text-slate')}>
          {profile ? commonName(profile) : ''}
          {resident.individual ? '' : `, ${resident.count}`}
        </span>
      </span>
      {index < 9 && (
        <kbd className="fig text-[12px] opacity-70 max-md:hidden" aria-hidden="true">
          {index + 1}
        </kbd>
      )}
    </button>
  );
}

/** In front of the glass: two presses log one event, quiet minutes count. */
function Watch({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const colours = useResidentColours(residents);
  const names = useNames();
  const watch = useWatch(tank);
  const [note, setNote] = useState('');
  const { press, toggle, undo } = watch;

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.target instanceof HTMLElement && /^(INPUT|TEXTAREA|SELECT)$/.test(event.target.tagName))
        return;
      if (event.ctrlKey || event.metaKey || event.altKey) return;
      const resident = /^[1-9]$/.test(event.key) ? residents[Number(event.key) - 1] : undefined;
      if (resident) press(resident.id);
      else if (event.key === ' ' && !(event.target instanceof HTMLButtonElement)) toggle();
      else if (event.key === 'Backspace') void undo();
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [residents, press, toggle, undo]);

  if (residents.length === 0) {
    return (
      <Screen title={`Watch ${tank.body.name}`}>
        <Empty>
          Nobody lives here yet. Bring fish in under Arrivals; as individuals if you want to know who chases
          whom.
        </Empty>
      </Screen>
    );
  }
  if (watch.elsewhere) {
    return (
      <Screen title={`Watch ${tank.body.name}`}>
        <Empty>A watch of another tank is running. Finish that one first, on its own Watch screen.</Empty>
      </Screen>
    );
  }
  const chosen = residents.find((resident) => resident.id === watch.who);
  return (
    <Screen title={`Watch ${tank.body.name}`}>
      <div className="grid gap-5 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <div className="flex flex-col gap-3">
          <div className="flex items-center gap-3 border-y border-line py-2">
            <span
              role="timer"
              aria-label="Time watched"
              className={classes('fig text-[34px] leading-none', watch.running ? 'text-ink' : 'text-slate')}
            >
              {clockFace(watch.seconds)}
            </span>
            <Button large tone={watch.watching ? 'plain' : 'main'} onClick={toggle}>
              {watch.running ? <Pause size={16} aria-hidden="true" /> : <Play size={16} aria-hidden="true" />}
              {watch.running ? 'Pause' : watch.watching ? 'Go on' : 'Start the clock'}
            </Button>
            {watch.watching && (
              <Button
                large
                onClick={() => {
                  void watch.finish(note.trim());
                  setNote('');
                }}
              >
                <Square size={14} aria-hidden="true" />
                Finish
              </Button>
            )}
            <Button large className="ml-auto" onClick={() => void undo()} aria-label="Undo the last entry">
              <Undo2 size={16} aria-hidden="true" />
            </Button>
          </div>
          <p aria-live="assertive" className="min-h-5">
            {chosen ? (
              <>
                <strong>{names.resident(chosen.id)}</strong> went for… press whom
              </>
            ) : watch.logged.length > 0 ? (
              <>Press who starts the next one.</>
            ) : (
              <span className="text-slate">
                Press who chases, then whom. Nothing happening is worth recording too: let the clock run.
              </span>
            )}
          </p>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3" role="group" aria-label="Fish">
            {residents.map((resident, index) => (
              <FishButton
                key={resident.id}
                resident={resident}
                colour={colours.get(resident.id) ?? ''}
                index={index}
                chosen={resident.id === watch.who}
                waiting={watch.who !== null}
                onPress={() => press(resident.id)}
              />
            ))}
          </div>
          <div className="flex flex-wrap items-center gap-1.5" role="group" aria-label="Where">
            <span className="text-[12px] text-slate">Where, if you like</span>
            {PLACES.map((place) => (
              <Button
                key={place}
                large
                aria-pressed={watch.place === place}
                className={watch.place === place ? 'border-deep text-deep' : ''}
                onClick={() => watch.setPlace(watch.place === place ? '' : place)}
              >
                {place}
              </Button>
            ))}
          </div>
        </div>
        <div className="flex flex-col gap-4">
          <Section title="This watch" aside={`${watch.logged.length} logged`}>
            {watch.logged.length > 0 && (
              <div className="mb-2 flex flex-wrap gap-1.5" role="group" aria-label="The last one was a">
                {CONTEST_KINDS.map((what) => (
                  <Button
                    key={what}
                    large
                    aria-pressed={watch.logged[0]?.type === 'chased' && watch.logged[0].what === what}
                    className={
                      watch.logged[0]?.type === 'chased' && watch.logged[0].what === what
                        ? 'border-deep text-deep'
                        : ''
                    }
                    onClick={() => watch.call(what)}
                  >
                    {what}
                  </Button>
                ))}
              </div>
            )}
            <ol data-testid="logged">
              {watch.logged.slice(0, 8).map((event) => (
                <li key={event.id} className="border-b border-line py-0.5">
                  {describeEvent(event, names)}
                </li>
              ))}
            </ol>
            {watch.watching && (
              <label className="mt-2 block text-[12px] text-slate">
                Note for this watch
                <input
                  value={note}
                  onChange={(event) => setNote(event.target.value)}
                  className="min-h-9 w-full border border-line bg-panel px-2 text-[14px] text-ink"
                />
              </label>
            )}
          </Section>
          <Section title="Count heads" aside="what you see, not what should be there">
            <CountHeads tank={tank} />
          </Section>
          <Section title="Stepped in">
            <StepIn tank={tank} />
          </Section>
        </div>
      </div>
    </Screen>
  );
}
