'use client';

import { EQUIPMENT_FAULTS, eventFields } from '@/core/events';
import { termOf } from '@/words/en';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import type { TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { options, SelectField, TextField } from '@/ui/Field';
import { pastDay } from '@/ui/form/dayFields';
import { Form } from '@/ui/form/Form';
import { Caution, Section } from '@/ui/Screen';

const { what, note } = eventFields('equipment-fault');

/** A heater, filter or pump that failed: the days before a death know of it. */
export function FaultCard({ tank }: { readonly tank: TankView }) {
  const { session, keep } = useCommands();
  const form = useRoomForm({
    unfinished: `fault.${tank.id}`,
    fields: { what, note, on: pastDay(todayIso) },
    start: { what: '', note: '', on: todayIso() },
    save: ({ on, ...said }) =>
      keep(`Fault: ${termOf(said.what)}`, [
        appendChange(session, { type: 'equipment-fault', on: momentOn(on), tank: tank.id, ...said }),
      ]),
  });
  return (
    <Section title="Equipment fault" aside="heater, filter, power">
      <Form form={form} className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[1fr_9rem_1fr_auto]">
        <SelectField label="What failed" {...form.part('what')}>
          <option value="">choose</option>
          {options(EQUIPMENT_FAULTS)}
        </SelectField>
        <TextField label="Day" max={todayIso()} {...form.part('on')} />
        <TextField label="Note" {...form.part('note')} />
        <Button type="submit" waiting={form.waiting}>
          Save fault
        </Button>
      </Form>
      <Caution>
        Unplug a heater or pump before your hands go in. A heater that stuck is replaced, not mended.
      </Caution>
    </Section>
  );
}
