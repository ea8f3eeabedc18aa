'use client';

import { lightFormat, isFuture, parseISO } from 'date-fns';
import { useMemo } from 'react';
import type { Schema } from 'yup';
import { textField } from '@/core/kernel';
import {
  correctableParts,
  type Dated,
  eventFields,
  residentsOfEvent,
  type Standing,
  tankOfEvent,
} from '@/core/events';
import { useRoomState } from '@/session/react/RoomProvider';
import { useNames } from '@/session/react/useNames';
import type { Kept } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { describeField } from '@/ui/form/typed';
import { entryLabel } from '@/words/en';

/** What stands in the fields at first: blank where nothing was said. */
function startOf(event: Standing): Readonly<Record<string, string | number>> {
  const parts = event as unknown as Readonly<Record<string, unknown>>;
  return Object.fromEntries(
    correctableParts(event.type).map((name) => {
      const value = parts[name];
      if (value === true) return [name, 'yes'] as const;
      return [name, typeof value === 'string' || typeof value === 'number' ? value : ''] as const;
    }),
  );
}

/** A field for a moment shows minutes. */
const MINUTE = "yyyy-MM-dd'T'HH:mm";

/**
 * A moment with the seconds of another: what happened within one minute stays in its order. A minute that was not touched
 * keeps its very moment, also in the hour that comes twice when the clock goes back.
 */
function withSeconds(minute: Date, seconds: Date): Date {
  return new Date(minute.getTime() + seconds.getSeconds() * 1000 + seconds.getMilliseconds());
}

/** Who may be meant by an entry: those of its tank, and those that it names. */
function useThoseMeant(event: Standing): readonly { readonly id: string; readonly name: string }[] {
  const residents = useRoomState((state) => state.room.residents);
  const names = useNames();
  const tank = tankOfEvent(event);
  return useMemo(() => {
    const said = residentsOfEvent(event);
    const here = Object.values(residents).filter(
      (one) => one.cameOn <= event.on && (one.tank === tank || one.leftOn !== null),
    );
    return [...new Set([...said, ...here.map((one) => one.id)])].map((id) => ({
      id,
      name: names.resident(id),
    }));
  }, [residents, names, event, tank]);
}

interface Props {
  readonly event: Standing;
  readonly onClose: () => void;
  /** Writes it; what is wrong is handed back, and what was typed stays. */
  readonly onCorrect: (replacement: Dated) => Promise<Kept>;
}

/** Says what is true instead. The first entry stays in the journal, struck through. */
export function CorrectDialog({ event, onClose, onCorrect }: Props) {
  const parts = correctableParts(event.type);
  const shown = lightFormat(parseISO(event.on), MINUTE);
  const fields = eventFields(event.type) as unknown as Readonly<Record<string, Schema>>;
  const momentOf = (when: string): Date =>
    when === shown ? parseISO(event.on) : withSeconds(new Date(when), parseISO(event.on));
  const people = useThoseMeant(event);
  const form = useRoomForm<Record<string, Schema>>({
    unfinished: `correct.${event.id}`,
    fields: { ...Object.fromEntries(parts.map((name) => [name, fields[name]!])), on: textField() },
    start: { ...startOf(event), on: shown },
    check: ({ on }) => {
      const moment = momentOf(String(on));
      return Number.isNaN(moment.getTime()) || isFuture(moment) ? { on: 'Choose now or earlier.' } : {};
    },
    save: async ({ on, ...changed }) => {
      const { id: _id, seq: _seq, corrected: _corrected, recorded: _recorded, ...dated } = event;
      // What was cleared is no longer said.
      const rest = Object.fromEntries(
        Object.entries(dated).filter(([name]) => !parts.includes(name)),
      ) as Dated;
      const kept = await onCorrect({ ...rest, ...changed, on: momentOf(String(on)).toISOString() });
      if (kept === true) onClose();
      return kept;
    },
  });

  return (
    <Dialog
      open
      onOpenChange={() => {
        // Closed by hand is given up; a reload is not.
        form.drop();
        onClose();
      }}
      title="Correct entry"
      about="The old entry stays in the journal, struck out."
    >
      <Form form={form} className="grid grid-cols-1 gap-3 sm:grid-cols-2">
        <TextField label="When it happened" {...form.part('on')} type="datetime-local" />
        {parts.map((name) => {
          const { meta, optional, type } = describeField(fields[name]!);
          const label = entryLabel(event.type, name) ?? name;
          if (meta?.refersTo === 'resident')
            return (
              <SelectField key={name} label={label} {...form.part(name)}>
                {people.map((one) => (
                  <option key={one.id} value={one.id}>
                    {one.name}
                  </option>
                ))}
              </SelectField>
            );
          if (type === 'boolean')
            return (
              <SelectField key={name} label={label} {...form.part(name)}>
                <option value="">no</option>
                <option value="yes">yes</option>
              </SelectField>
            );
          return meta?.choices ? (
            <SelectField key={name} label={label} {...form.part(name)}>
              {optional && <option value="">not recorded</option>}
              {options(meta.choices)}
            </SelectField>
          ) : (
            <TextField key={name} label={label} {...form.part(name)} />
          );
        })}
        <Button tone="main" type="submit" waiting={form.waiting}>
          Save correction
        </Button>
      </Form>
    </Dialog>
  );
}
