'use client';

import { useEffect, useState } from 'react';
import { useWords } from '@/session/react/useWords';
import { sayWarmth, tenth } from '@/words/en';
import { probeReading, type ProbeReading, warmthAlarm } from '@/core/water';
import { appendChange, useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Section } from '@/ui/Screen';

/** The stand-in lives faster than a clock, so that a heater fault can be watched: so many minutes a tick. */
const MINUTES_A_TICK = 10;
const TICK_MS = 500;
const KEPT = 200;
const ROOM_C = 19;
const TARGET_C = 25;

/** A probe in the tank: a simulated stand-in with drift and a heater that can be made to fail. */
export function ProbeCard({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const [on, setOn] = useState(false);
  const [failsAt, setFailsAt] = useState<number | null>(null);
  const [readings, setReadings] = useState<readonly ProbeReading[]>([]);
  const target = tank.body.water?.temperatureC ?? TARGET_C;
  const ph = tank.body.water?.ph ?? 7;
  useEffect(() => {
    if (!on) return undefined;
    const timer = setInterval(() => {
      setReadings((before) => {
        const minute = (before.at(-1)?.minute ?? 0) + MINUTES_A_TICK;
        const next = probeReading(
          { temperatureC: target, ph, tdsPpm: 180, roomC: ROOM_C, heaterFailsAt: failsAt },
          minute,
        );
        return [...before.slice(-KEPT), next];
      });
    }, TICK_MS);
    return () => clearInterval(timer);
  }, [on, failsAt, target, ph]);
  const last = readings.at(-1);
  const words = useWords();
  const alarm = warmthAlarm(readings, target);
  const keep = (reading: ProbeReading): void =>
    void run('Probe reading saved', [
      appendChange(session, {
        type: 'tested',
        on: momentOn(todayIso()),
        tank: tank.id,
        by: 'probe',
        note: 'from the simulated probe',
        temperatureC: reading.temperatureC,
        ph: reading.ph,
        tdsPpm: reading.tdsPpm,
      }),
    ]);
  return (
    <Section title="Probe" aside="simulated: ten minutes pass in half a second">
      <div className="flex flex-wrap items-center gap-3">
        <Button
          aria-pressed={on}
          onClick={() => {
            setOn(!on);
            if (!on) {
              setReadings([]);
              setFailsAt(null);
            }
          }}
        >
          {on ? 'Switch off' : 'Switch on'}
        </Button>
        {on && last && (
          <>
            <span className="fig text-[0.9375rem]">
              {words.fine('temperature', last.temperatureC)} · pH {tenth(last.ph)} · {last.tdsPpm} ppm
            </span>
            <Button tone="quiet" onClick={() => keep(last)}>
              Save reading
            </Button>
            <Button tone="quiet" onClick={() => setFailsAt(failsAt === null ? last.minute : null)}>
              {failsAt === null ? 'Let the heater fail' : 'Repair the heater'}
            </Button>
          </>
        )}
      </div>
      <p role="status" className="min-h-5 text-buoy">
        {on && alarm && sayWarmth(alarm, words)}
      </p>
    </Section>
  );
}
