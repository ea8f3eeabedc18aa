'use client';

import { termOf } from '@/words/en';
import { DAY_MS, type ResidentId } from '@/core/kernel';
import { Pause, Play, Square, Undo2 } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { OFFERED_SIGNS, somebodyId, TRIGGERS } from '@/core/events';
import { commonName } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useHappenings, useNames, useResidentName } from '@/session/react/useNames';
import { useResidentColours } from '@/session/react/useResidentColours';
import { useResidents, useTank, type TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { isBehindDialog, isTyping } from '@/ui/keys';
import { classes } from '@/ui/classes';
import { NoTank } from '@/ui/NoTank';
import { Empty, Screen, Section } from '@/ui/Screen';
import { CountHeads } from './CountHeads';
import { FishButton } from './FishButton';
import { StepIn } from './StepIn';
import { WherePressed } from './WherePressed';
import { Press, PressRow } from './Press';
import { SayNearer, ThisWatch } from './ThisWatch';
import { useWatch } from './useWatch';
import { clockFace } from './clockFace';

/** A sign older than this many days no longer says who holds ground. */
const HOLDS_DAYS = 45;

export function WatchScreen() {
  const tank = useTank();
  return tank ? <Watch key={tank.id} tank={tank} /> : <NoTank title="Watch" />;
}

/** Species of which somebody may be seen whom nobody can tell from its like. */
function useUnknowns(tank: TankView): readonly { readonly id: ResidentId; readonly name: string }[] {
  const residents = useResidents(tank.id);
  const names = useNames();
  return useMemo(() => {
    const speciesHere = [...new Set(residents.map((one) => one.species))].filter(
      (species) => residents.filter((one) => one.species === species && one.individual).length > 1,
    );
    return speciesHere.flatMap((species) =>
      (['male', 'female'] as const).map((sex) => {
        const id = somebodyId({ species, sex });
        return { id, name: names.resident(id) };
      }),
    );
  }, [residents, names]);
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

/** In front of the glass: two presses log one event, quiet minutes count. */
function Watch({ tank }: { readonly tank: TankView }) {
  const residents = useResidents(tank.id);
  const colours = useResidentColours(residents);
  const catalogue = useCatalogue();
  const names = useNames();
  const nameOf = useResidentName();
  const watch = useWatch(tank);
  const unknowns = useUnknowns(tank);
  const holders = useHolders(tank);
  const [note, setNote] = useState('');
  const [untold, setUntold] = useState(false);
  const { press, toggle, undo } = watch;

  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (isTyping(event.target) || isBehindDialog()) return;
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
          No fish here yet. Bring fish home under Arrivals, as individuals if you want to see who chases whom.
        </Empty>
      </Screen>
    );
  }
  if (watch.elsewhere) {
    return (
      <Screen title={`Watch ${tank.body.name}`}>
        <Empty>A watch of another tank is running. Finish it first.</Empty>
      </Screen>
    );
  }
  const chosen = watch.who;
  return (
    <Screen title={`Watch ${tank.body.name}`}>
      <div className="grid gap-5 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
        <div className="flex min-w-0 flex-col gap-3">
          <div className="sticky top-0 z-10 flex items-center gap-3 border-y border-line bg-paper py-2">
            <span
              role="timer"
              aria-label="Time watched"
              className={classes('fig text-[30px] leading-none', watch.running ? 'text-ink' : 'text-slate')}
            >
              {clockFace(watch.seconds)}
            </span>
            <Button
              large
              className="px-3"
              tone={watch.watching ? 'plain' : 'main'}
              onClick={toggle}
              aria-label={watch.running ? 'Pause' : watch.watching ? 'Continue' : 'Start watch'}
            >
              {watch.running ? <Pause size={16} aria-hidden="true" /> : <Play size={16} aria-hidden="true" />}
              <span className={watch.watching ? 'max-sm:hidden' : ''}>
                {watch.running ? 'Pause' : watch.watching ? 'Continue' : 'Start watch'}
              </span>
            </Button>
            {watch.watching && (
              <Button
                large
                className="px-3"
                onClick={() => {
                  void watch.finish(note.trim()).then((done) => {
                    if (done) setNote('');
                  });
                }}
              >
                <Square size={14} aria-hidden="true" />
                Finish
              </Button>
            )}
            <Button large className="ml-auto px-3" onClick={() => undo()} aria-label="Undo the last entry">
              <Undo2 size={16} aria-hidden="true" />
            </Button>
          </div>
          <p aria-live="assertive" className="min-h-5">
            {chosen ? (
              <>
                <strong>{names.resident(chosen)}</strong> chased… tap the fish chased, or tap a sign
              </>
            ) : watch.logged.length > 0 ? (
              <>Tap the next chaser.</>
            ) : (
              <span className="text-slate">Tap the chaser, then the fish chased. Quiet minutes count.</span>
            )}
          </p>
          <div className="grid grid-cols-2 gap-2 sm:grid-cols-3" role="group" aria-label="Fish">
            {residents.map((resident, index) => {
              const profile = catalogue.byId.get(resident.species);
              return (
                <FishButton
                  key={resident.id}
                  name={nameOf(resident)}
                  about={`${profile ? commonName(profile) : ''}${resident.individual ? '' : `, ${resident.count}`}`}
                  colour={colours.get(resident.id) ?? ''}
                  profile={profile ?? null}
                  wearer={resident.individual && resident.sex !== 'unknown' ? resident.sex : null}
                  hotkey={index < 9 ? String(index + 1) : null}
                  chosen={resident.id === chosen}
                  waiting={chosen !== null}
                  onPress={() => press(resident.id)}
                />
              );
            })}
            {untold &&
              unknowns.map((one) => (
                <FishButton
                  key={one.id}
                  name={one.name}
                  about=""
                  colour={null}
                  profile={null}
                  wearer={null}
                  hotkey={null}
                  chosen={one.id === chosen}
                  waiting={chosen !== null}
                  onPress={() => press(one.id)}
                />
              ))}
            {unknowns.length > 0 && (
              <button
                type="button"
                aria-expanded={untold}
                onClick={() => setUntold(!untold)}
                className="min-h-11 border border-dashed border-line px-3 text-left text-slate"
              >
                {untold ? 'named fish' : 'Unidentified fish'}
              </button>
            )}
          </div>
          <SayNearer watch={watch} />
          <PressRow label="Signs">
            {OFFERED_SIGNS.map((sign) => (
              <Press key={sign} strong={chosen !== null} onPress={() => watch.sign(sign)}>
                {termOf(sign)}
              </Press>
            ))}
          </PressRow>
          <WherePressed tank={tank} place={watch.place} onPlace={watch.setPlace} holders={holders} />
          <PressRow label="Trigger">
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
        <div className="flex min-w-0 flex-col gap-4">
          <ThisWatch watch={watch} note={note} onNote={setNote} />
          <Section title="Head count" aside="what you see, not what should be there">
            <CountHeads tank={tank} />
          </Section>
          <Section title="Intervention" aside="results: Aggression">
            <StepIn tank={tank} />
          </Section>
        </div>
      </div>
    </Screen>
  );
}
