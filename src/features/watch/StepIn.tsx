'use client';

import { useState } from 'react';
import { STEPS } from '@/core/events/events';
import { appendChange, useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField, TextField, options } from '@/ui/Field';

/** A step taken against trouble, so that the record can show later whether it worked. */
export function StepIn({ tank }: { readonly tank: TankView }) {
  const { session, run } = useCommands();
  const [step, setStep] = useState<(typeof STEPS)[number]>('rearranged');
  const [note, setNote] = useState('');
  const save = async (): Promise<void> => {
    if (
      await run(`Step taken: ${step}`, [
        appendChange(session, {
          type: 'stepped-in',
          on: session.stamp.now(),
          tank: tank.id,
          step,
          note: note.trim(),
        }),
      ])
    )
      setNote('');
  };
  return (
    <form
      className="grid grid-cols-2 items-end gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void save();
      }}
    >
      <SelectField
        label="What you did"
        value={step}
        onChange={(event) => setStep(event.target.value as typeof step)}
      >
        {options(STEPS)}
      </SelectField>
      <TextField label="Note" value={note} onChange={(event) => setNote(event.target.value)} />
      <Button large type="submit" className="col-span-2">
        Record the step
      </Button>
    </form>
  );
}
