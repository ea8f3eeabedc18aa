'use client';

import { eventFields, STEPS } from '@/core/events';
import { termOf } from '@/words/en';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField, TextField, options } from '@/ui/Field';
import { pastDay } from '@/ui/form/dayFields';
import { Form } from '@/ui/form/Form';
import { momentOn, todayIso } from '@/session/today';

const { step, note } = eventFields('stepped-in');

/** A step taken against trouble, so that the record can show later whether it worked. */
export function StepIn({ tank }: { readonly tank: TankView }) {
  const { session, keep } = useCommands();
  const form = useRoomForm({
    unfinished: `step.${tank.id}`,
    fields: { step, note, on: pastDay(todayIso) },
    start: { step: 'rearranged', note: '', on: todayIso() },
    stays: ['step', 'on'],
    save: ({ on, ...values }) =>
      keep(`Intervention: ${termOf(values.step)}`, [
        appendChange(session, {
          type: 'stepped-in',
          on: momentOn(on),
          tank: tank.id,
          ...values,
        }),
      ]),
  });
  return (
    <Form form={form} className="grid grid-cols-2 items-end gap-2">
      <SelectField label="What you did" {...form.part('step')}>
        {options(STEPS)}
      </SelectField>
      <TextField label="Day" max={todayIso()} {...form.part('on')} />
      <TextField label="Note" wrap="col-span-2" {...form.part('note')} />
      <Button large type="submit" waiting={form.waiting} className="col-span-2">
        Save intervention
      </Button>
    </Form>
  );
}
