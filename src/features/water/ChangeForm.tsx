'use client';

import { useState } from 'react';
import { CHANGE_CHECKS, type ChangeCheck } from '@/core/events/events';
import { appendChange, useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Caution, Section } from '@/ui/Screen';
import { TickList } from '@/ui/TickList';

const WORDS: Readonly<Record<ChangeCheck, string>> = {
  dechlorinated: 'New water dechlorinated',
  'temperature matched': 'Temperature matched',
  'heater on again': 'Heater and filter plugged in again',
  'lid closed': 'Lid closed',
};
const USUAL = 0.5;

/** A water change with the steps that kill fish when they are forgotten. */
export function ChangeForm({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const usual = Math.round((tank.body.routine?.changeFraction ?? USUAL) * 100);
  const [share, setShare] = useState(String(usual));
  const [ticked, setTicked] = useState<readonly ChangeCheck[]>([]);
  const percent = Number(share.replace(',', '.').replace('%', ''));
  const wrong = !(percent >= 1 && percent <= 100);
  const open = CHANGE_CHECKS.filter((check) => !ticked.includes(check));
  const save = async (): Promise<void> => {
    const done = await run('Water change kept', [
      appendChange(session, {
        type: 'water-changed',
        on: momentOn(todayIso()),
        tank: tank.id,
        fraction: percent / 100,
        checked: [...ticked],
        note: '',
      }),
    ]);
    if (done) setTicked([]);
  };
  return (
    <Section title="A water change">
      <Caution>
        Unplug heater and pumps before your hands go in or the level falls. Never start a siphon by mouth.
      </Caution>
      <div className="mt-2 grid gap-x-6 gap-y-1 sm:grid-cols-[8rem_1fr]">
        <TextField
          label="Share changed, %"
          inputMode="numeric"
          value={share}
          error={wrong ? 'From 1 to 100' : undefined}
          onChange={(event) => setShare(event.target.value)}
        />
        <fieldset>
          <legend className="text-[12px] font-medium text-slate">Tick each when it is done</legend>
          <TickList
            items={CHANGE_CHECKS}
            ticked={ticked}
            words={(check) => WORDS[check]}
            onChange={setTicked}
          />
        </fieldset>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-3">
        <Button tone="main" large disabled={wrong || open.length > 0} onClick={() => void save()}>
          The change is done
        </Button>
        {open.length > 0 && <span className="text-slate">{open.length} still to tick</span>}
      </div>
    </Section>
  );
}
