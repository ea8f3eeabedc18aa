'use client';

import { useState } from 'react';
import { changeFloor, ofTank, stepIn } from '@/core/commands';
import { ASIDE_STEPS, type Step, STEPS } from '@/core/events';
import type { ResidentId, TankId } from '@/core/kernel';
import { PastDay } from '@/session/react/PastDay';
import { useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useTanks, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { termOf } from '@/words/en';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Caution } from '@/ui/Screen';
import { SignButtons } from '@/ui/SignButtons';

const MOVES_DECOR: readonly Step[] = ['rearranged', 'sight breaks', 'more refuges', 'fewer hides'];

/** Takes a step, or several in the same hour as one bundle; a fish that is put aside moves with its day of return. */
export function ApplySteps({
  tank,
  chosen,
  onChosen,
}: {
  readonly tank: TankView;
  readonly chosen: readonly Step[];
  readonly onChosen: (steps: readonly Step[]) => void;
}) {
  const { session, run } = useCommands();
  const residents = useResidents(tank.id);
  const nameOf = useResidentName();
  const others = useTanks().filter((one) => one.id !== tank.id);
  const [note, setNote] = useState('');
  const [who, setWho] = useState('');
  const [into, setInto] = useState('');
  const [until, setUntil] = useState('');
  const [day, setDay] = useState(todayIso());
  const aside = chosen.some((step) => ASIDE_STEPS.includes(step));
  const lacks =
    aside && who === ''
      ? 'Choose the fish.'
      : until !== '' && until <= todayIso()
        ? 'Choose a day to come.'
        : '';

  const save = async (): Promise<void> => {
    if (chosen.length === 0 || lacks || day > todayIso()) return;
    const floorId = ofTank('floor', tank.id);
    const done = await run(`Intervention: ${chosen.map(termOf).join(' and ')}`, ({ documents }) => {
      const floor = documents[floorId];
      return [
        // What moves the decor keeps the map as it was, to be held against the next.
        ...(MOVES_DECOR.some((step) => chosen.includes(step)) && floor?.kind === 'floor' && floor.body
          ? changeFloor(documents, tank.id, { before: floor.body.pieces })
          : []),
        ...stepIn(
          {
            tank: tank.id,
            tankName: tank.body.name,
            steps: chosen,
            on: momentOn(day),
            note: note.trim(),
            who: who as ResidentId | '',
            into: into as TankId | '',
            until,
          },
          session.stamp,
        ),
      ];
    });
    if (done) {
      onChosen([]);
      setNote('');
      setWho('');
      setInto('');
      setUntil('');
    }
  };
  return (
    <div className="flex flex-col gap-3">
      <SignButtons offered={STEPS} chosen={chosen} onChange={onChosen} />
      {chosen.length > 1 && <p className="text-lamp">{chosen.length} changes within an hour count as one.</p>}
      {aside && (
        <div className="grid grid-cols-3 gap-2">
          <SelectField label="Who" value={who} onChange={(event) => setWho(event.target.value)}>
            <option value="">choose</option>
            {residents.map((one) => (
              <option key={one.id} value={one.id}>
                {nameOf(one)}
              </option>
            ))}
          </SelectField>
          <SelectField label="Where" value={into} onChange={(event) => setInto(event.target.value)}>
            <option value="">here, behind a divider or in a box</option>
            {others.map((one) => (
              <option key={one.id} value={one.id}>
                {one.body.name}
              </option>
            ))}
          </SelectField>
          <TextField
            label="Until"
            type="date"
            value={until}
            onChange={(event) => setUntil(event.target.value)}
          />
        </div>
      )}
      <div className="grid grid-cols-[9rem_1fr] gap-2">
        <PastDay value={day} onChange={setDay} />
        <TextField
          label="Details"
          placeholder="what you moved, how many, where"
          value={note}
          onChange={(event) => setNote(event.target.value)}
        />
      </div>
      {lacks && chosen.length > 0 && (
        <p role="alert" className="text-buoy">
          {lacks}
        </p>
      )}
      <div>
        <Button
          tone="main"
          large
          disabled={chosen.length === 0 || lacks !== '' || day > todayIso()}
          onClick={() => save()}
        >
          Save intervention
        </Button>
      </div>
      <Caution>
        Unplug heaters and pumps before your hands go in; they go on again after. Cover cuts. Fish look calmer
        for two days after any change: those days do not count.
      </Caution>
    </div>
  );
}
