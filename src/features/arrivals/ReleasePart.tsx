'use client';

import { beginRelease, dropRelease, finishRelease, ofTank, tickRelease } from '@/core/commands';
import { useEffect, useMemo, useState } from 'react';
import { protocolFor, releaseSheet, type SheetStep } from '@/core/arrivals';
import { commonName } from '@/core/model';
import { countedOf, countOf, sayRelease } from '@/words/en';
import { useWords } from '@/session/react/useWords';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import type { Changes } from '@/session/types';
import { useCommands } from '@/session/react/useCommands';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { predictedWith } from '@/session/predictedWith';
import { momentOn, todayIso } from '@/session/today';
import { LightTimer } from './LightTimer';
import { RuseTanks } from './RuseTanks';
import { useReleasable } from './useReleasable';
import { Button } from '@/ui/Button';
import { classes } from '@/ui/classes';
import { Caution, Empty, Section } from '@/ui/Screen';
import { FishName } from '@/ui/plates/FishName';

const MIX_MINUTES = 10;
const TICK_MS = 1000;

/** The clock, for timers; the moments themselves are kept, so that a reload loses nothing. */
function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return undefined;
    const timer = setInterval(() => setNow(Date.now()), TICK_MS);
    return () => clearInterval(timer);
  }, [running]);
  return now;
}

const clock = (ms: number): string => {
  const seconds = Math.max(0, Math.ceil(ms / 1000));
  return `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;
};

function Step({
  step,
  doneOn,
  now,
  onTick,
}: {
  readonly step: SheetStep;
  readonly doneOn: string | null;
  readonly now: number;
  readonly onTick: (done: boolean) => void;
}) {
  const words = useWords();
  const left = doneOn === null ? 0 : Date.parse(doneOn) + step.waitMinutes * 60_000 - now;
  return (
    <li className="border-b border-line">
      <label className="flex min-h-14 cursor-pointer items-center gap-3 py-2">
        <input
          type="checkbox"
          className="size-6 shrink-0 accent-(--deep)"
          checked={doneOn !== null}
          onChange={(event) => onTick(event.target.checked)}
        />
        <span className={classes('flex-1 text-[0.9375rem]', doneOn !== null && 'text-slate')}>
          {sayRelease(step, words)}
          {step.vital && doneOn === null && <span className="ml-2 text-[0.75rem] text-lamp">required</span>}
        </span>
        {step.waitMinutes > 0 && (
          <span className={classes('fig text-[1.125rem]', left > 0 && 'text-deep')} aria-live="off">
            {doneOn === null ? `${step.waitMinutes} min` : left > 0 ? clock(left) : 'waited'}
          </span>
        )}
      </label>
    </li>
  );
}

/** A release as a run sheet with big targets; what was ticked when is kept, so that timers survive a reload. */
export function ReleasePart({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const { session, run } = useCommands();
  const releasable = useReleasable(tank);
  const residents = useResidents(tank.id);
  const id = ofTank('release', tank.id);
  const document = useRoomState((state) => state.documents[id]);
  const running = document?.kind === 'release' ? document.body : null;
  const [chosen, setChosen] = useState<readonly string[]>([]);
  const now = useNow(running !== null);
  const words = useWords();

  const chosenNow = releasable.filter((one) => chosen.includes(one.key));
  const keys = useMemo(() => (running ? running.who.split(',') : chosen), [running, chosen]);
  const going = useMemo(() => releasable.filter((one) => keys.includes(one.key)), [releasable, keys]);
  const here = useMemo(
    () =>
      [...new Set(residents.map((one) => one.species))].flatMap(
        (species) => catalogue.byId.get(species) ?? [],
      ),
    [residents, catalogue],
  );
  const quietly = (label: string, changes: Changes) => run(label, changes, true);

  const alone = !running && chosenNow.length > 0 && protocolFor(chosenNow, here) === 'single newcomer';
  if (!running)
    return (
      <div className="grid grid-cols-1 gap-6 lg:grid-cols-2">
        <div className="flex flex-col gap-3">
          {releasable.length === 0 ? (
            <Empty>No fish in quarantine or planned for {tank.body.name}.</Empty>
          ) : (
            <>
              <fieldset>
                <legend className="mb-1 font-semibold">Which fish are you releasing?</legend>
                {releasable.map((one) => (
                  <label key={one.key} className="flex min-h-11 items-center gap-3 border-b border-line">
                    <input
                      type="checkbox"
                      className="size-5 accent-(--deep)"
                      checked={chosen.includes(one.key)}
                      onChange={(event) =>
                        setChosen(
                          event.target.checked
                            ? [...chosen, one.key]
                            : chosen.filter((key) => key !== one.key),
                        )
                      }
                    />
                    <FishName profile={one.profile}>
                      {countedOf(one.count, one.profile)} <span className="text-slate">{one.where}</span>
                      {one.caution && <span className="block text-[0.8125rem] text-lamp">{one.caution}</span>}
                    </FishName>
                  </label>
                ))}
              </fieldset>
              {alone && chosenNow[0] && <RuseTanks tank={tank} newcomer={chosenNow[0]} />}
              <Button
                tone="main"
                large
                disabled={chosen.length === 0}
                onClick={() => quietly('Release started', [beginRelease(tank.id, chosen, session.stamp)])}
              >
                Start release
              </Button>
            </>
          )}
        </div>
        {chosenNow.length > 0 && (
          <Section title="What is done then" aside="the sheet of this release">
            <ol className="list-decimal pl-5">
              {releaseSheet(
                chosenNow.map((one) => ({ ...one, ownWater: one.resident !== null })),
                here,
                MIX_MINUTES,
              ).steps.map((step) => (
                <li key={step.id} className="py-1">
                  {sayRelease(step, words)}
                  {step.waitMinutes > 0 && <span className="fig text-slate"> {step.waitMinutes} min</span>}
                </li>
              ))}
            </ol>
          </Section>
        )}
      </div>
    );

  const { protocol, steps } = releaseSheet(
    going.map((one) => ({ ...one, ownWater: one.resident !== null })),
    here,
    MIX_MINUTES,
  );
  const doneOn = (step: string): string | null => running.done.find((one) => one.step === step)?.on ?? null;
  const open = steps.filter((step) => doneOn(step.id) === null);
  const vital = open.filter((step) => step.vital);
  const names = going.map(({ profile, count }) => countedOf(count, profile)).join(', ');
  const finish = () =>
    run('Release done', (state) =>
      predictedWith(
        state,
        finishRelease(
          {
            tank: tank.id,
            moving: going.flatMap((one) => (one.resident === null ? [] : [one.resident])),
            protocol,
            text: `Released ${names}; ${steps.length - open.length} of ${steps.length} steps ticked${open.length > 0 ? `, not: ${open.map((step) => sayRelease(step, words).split(/[.:]/)[0]).join('; ')}` : ''}.`,
            noteOn: momentOn(todayIso()),
          },
          session.stamp,
        ),
        session,
      ),
    );
  return (
    <div className="flex max-w-[46rem] flex-col gap-3">
      <p className="text-[1rem]">
        <strong>{names || 'The fish'}</strong> into {tank.body.name}
        {protocol !== 'plain' && (
          <span className="text-lamp">
            {' '}
            · {protocol === 'skittish' ? 'a skittish shoal' : 'a single newcomer'}
          </span>
        )}
      </p>
      {protocol === 'single newcomer' && going[0] && <RuseTanks tank={tank} newcomer={going[0]} />}
      <ol>
        {steps.map((step) => (
          <Step
            key={step.id}
            step={step}
            doneOn={doneOn(step.id)}
            now={now}
            onTick={(done) =>
              void quietly(done ? 'Ticked' : 'Unticked', ({ documents }) =>
                tickRelease(documents, tank.id, step.id, done, session.stamp),
              )
            }
          />
        ))}
      </ol>
      <LightTimer tank={tank} protocol={protocol} now={now} />
      <Caution>
        Cover cuts and wash your hands. Drip loops on every cable; unplug before your hands go in.
      </Caution>
      <div className="flex flex-wrap items-center gap-3">
        <Button tone="main" large disabled={vital.length > 0} onClick={finish}>
          Confirm arrival
        </Button>
        <Button tone="quiet" onClick={() => quietly('Release cancelled', [dropRelease(tank.id)])}>
          Cancel release
        </Button>
        {vital.length > 0 && (
          <span className="text-slate">{countOf(vital.length, 'required step')} left</span>
        )}
      </div>
      <p className="text-slate">
        {going.some((one) => one.resident === null)
          ? 'Fish that come straight from the shop are recorded under Planned and here. '
          : ''}
        Follow-up checks come due after 2, 24 and 48 hours and after a week.{' '}
        {going.map(
          ({ profile }) =>
            profile.trade.mixedUpWith && `${commonName(profile)}: ${profile.trade.mixedUpWith} `,
        )}
      </p>
    </div>
  );
}
