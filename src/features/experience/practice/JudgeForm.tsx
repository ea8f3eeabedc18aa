'use client';

import { useState } from 'react';
import { type Judged, SIM_TRIGGERS, type SimTank, type SimTrigger } from '@/core/simulate';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { Section } from '@/ui/Screen';
import { letterOf } from './usePractice';

const TRIGGER_WORDS: Readonly<Record<SimTrigger, string>> = {
  feeding: 'food',
  none: 'nothing in particular',
};

/** What the newcomer makes of the tank: who leads, who is last, who holds ground, what sets them off. */
export function JudgeForm({
  tank,
  onJudge,
  onBack,
}: {
  readonly tank: SimTank;
  readonly onJudge: (judged: Judged) => void;
  readonly onBack: () => void;
}) {
  const [strongest, setStrongest] = useState('');
  const [weakest, setWeakest] = useState('');
  const [holders, setHolders] = useState<ReadonlySet<number>>(new Set());
  const [trigger, setTrigger] = useState<SimTrigger | ''>('');
  const fish = tank.fish.map(({ id }) => (
    <option key={id} value={id}>
      {letterOf(id)}
    </option>
  ));
  const isDone = strongest !== '' && weakest !== '' && trigger !== '';
  return (
    <Section title="What do you make of it?">
      <div className="grid grid-cols-2 gap-2">
        <SelectField
          label="Who is at the top?"
          value={strongest}
          onChange={(event) => setStrongest(event.target.value)}
        >
          <option value="">choose</option>
          {fish}
        </SelectField>
        <SelectField
          label="Who is at the bottom?"
          value={weakest}
          onChange={(event) => setWeakest(event.target.value)}
        >
          <option value="">choose</option>
          {fish}
        </SelectField>
        <SelectField
          label="What sets them off?"
          wrap="col-span-2"
          value={trigger}
          onChange={({ target: { value } }) => setTrigger(SIM_TRIGGERS.find((one) => one === value) ?? '')}
        >
          <option value="">choose</option>
          {SIM_TRIGGERS.map((one) => (
            <option key={one} value={one}>
              {TRIGGER_WORDS[one]}
            </option>
          ))}
        </SelectField>
      </div>
      <fieldset className="mt-2">
        <legend className="text-[0.75rem] font-medium text-slate">Who holds ground?</legend>
        <div className="flex flex-wrap gap-x-4">
          {tank.fish.map(({ id }) => (
            <label key={id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-(--deep)"
                checked={holders.has(id)}
                onChange={() =>
                  setHolders((before) => {
                    const after = new Set(before);
                    if (!after.delete(id)) after.add(id);
                    return after;
                  })
                }
              />
              {letterOf(id)}
            </label>
          ))}
        </div>
      </fieldset>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          tone="main"
          disabled={!isDone}
          onClick={() =>
            trigger !== '' &&
            onJudge({
              strongest: Number(strongest),
              weakest: Number(weakest),
              holders: [...holders],
              trigger,
            })
          }
        >
          Show the truth
        </Button>
        <Button tone="quiet" onClick={onBack}>
          Watch on
        </Button>
      </div>
    </Section>
  );
}
