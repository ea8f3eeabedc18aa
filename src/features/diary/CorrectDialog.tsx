'use client';

import { format, isFuture, parseISO } from 'date-fns';
import { useState } from 'react';
import { faultLine, validate } from '@/core/kernel/schema/faults';
import { correctableParts, schemaOf, type Dated } from '@/core/events/events';
import type { Standing } from '@/core/events/roomAt';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { TextField } from '@/ui/Field';

const LABELS: Readonly<Record<string, string>> = {
  lengthCm: 'Length, cm',
  minutes: 'Minutes',
  seen: 'Seen',
  count: 'How many',
  from: 'From',
  note: 'Note',
  text: 'Note',
  name: 'Name',
  what: 'What',
  place: 'Where',
  cause: 'Cause',
  taker: 'Who takes it',
  credit: 'For what',
  reason: 'Why',
  how: 'How',
  sex: 'Sex',
  sure: 'How sure',
  step: 'Step',
  origin: 'Origin',
  way: 'Come by',
  quarantine: 'Quarantine',
  protocol: 'Introduced',
  ordered: 'Ordered',
  deadOnArrival: 'Dead on arrival',
  daysInShop: 'Days in the shop',
  bornAbout: 'Born about',
  bad: 'How bad, 1 to 3',
  trigger: 'Set off by',
  hours: 'Hours after',
  days: 'Days',
  about: 'About',
  outcome: 'Outcome',
  why: 'Why',
  until: 'Until',
  fraction: 'Share changed',
};

const plainParts = (event: Standing): readonly (readonly [string, string | number])[] =>
  correctableParts(event.type).flatMap((name) => {
    const value = (event as unknown as Record<string, unknown>)[name];
    return typeof value === 'string' || typeof value === 'number' ? [[name, value] as const] : [];
  });

/** A field for a moment shows minutes. */
const MINUTE = "yyyy-MM-dd'T'HH:mm";

/**
 * A moment with the seconds of another: what happened within one minute stays in its order. A minute that was not touched
 * keeps its very moment, also in the hour that comes twice when the clock goes back.
 */
function withSeconds(minute: Date, seconds: Date): Date {
  return new Date(minute.getTime() + seconds.getSeconds() * 1000 + seconds.getMilliseconds());
}

interface Props {
  readonly event: Standing;
  readonly onClose: () => void;
  /** Writes it; false when it was refused: then what was typed stays. */
  readonly onCorrect: (replacement: Dated) => Promise<boolean>;
}

/** Says what is true instead. The first entry stays in the journal, struck through. */
export function CorrectDialog({ event, onClose, onCorrect }: Props) {
  const parts = plainParts(event);
  const shown = format(parseISO(event.on), MINUTE);
  const [day, setDay] = useState(shown);
  const [values, setValues] = useState<Record<string, string>>(
    Object.fromEntries(parts.map(([name, value]) => [name, String(value)])),
  );
  const [faults, setFaults] = useState<readonly string[]>([]);

  const save = async (): Promise<void> => {
    const moment = day === shown ? parseISO(event.on) : withSeconds(new Date(day), parseISO(event.on));
    if (Number.isNaN(moment.getTime()) || isFuture(moment)) {
      setFaults(['When it happened: expected a moment that is not in the future.']);
      return;
    }
    const { id: _id, seq: _seq, corrected: _corrected, ...rest } = event;
    const { recorded: _recorded, ...dated } = rest;
    const changed = Object.fromEntries(
      parts.map(([name, value]) => [
        name,
        typeof value === 'number' ? Number((values[name] ?? '').replace(',', '.')) : (values[name] ?? ''),
      ]),
    );
    const replacement = { ...dated, ...changed, on: moment.toISOString() };
    const checked = validate(schemaOf(event.type), replacement);
    if (!checked.ok) {
      setFaults(
        checked.faults.map((fault) => faultLine({ ...fault, path: LABELS[fault.path] ?? fault.path })),
      );
      return;
    }
    if (await onCorrect(replacement)) onClose();
  };

  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="Correct this entry"
      about="The old words stay in the journal, struck through."
    >
      <form
        className="grid gap-3"
        onSubmit={(submitted) => {
          submitted.preventDefault();
          void save();
        }}
      >
        <TextField
          label="When it happened"
          type="datetime-local"
          value={day}
          onChange={(change) => setDay(change.target.value)}
        />
        {parts.map(([name]) => (
          <TextField
            key={name}
            label={LABELS[name] ?? name}
            value={values[name] ?? ''}
            onChange={(change) => setValues({ ...values, [name]: change.target.value })}
          />
        ))}
        {faults.length > 0 && (
          <ul role="alert" className="text-buoy">
            {faults.map((fault) => (
              <li key={fault}>{fault}</li>
            ))}
          </ul>
        )}
        <Button tone="main" type="submit">
          Correct it
        </Button>
      </form>
    </Dialog>
  );
}
