'use client';

import { useState } from 'react';
import {
  NO_FIELDS,
  RECORDS,
  recordResident,
  type RecordFields,
  type RecordKind,
} from '@/core/commands/recordResident';
import { SURENESS } from '@/core/events/events';
import type { Resident } from '@/core/events/room';
import { commonName } from '@/core/model/catalogue';
import { useCatalogue } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useTanks } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { SpeciesSearch } from '@/ui/SpeciesSearch';

const WANTS_NUMBER: Partial<Record<RecordKind, string>> = {
  measured: 'Length, cm',
  'split off': 'How many',
  'fry seen': 'How many',
  'young kept': 'How many',
};
const TEXT_LABEL: Partial<Record<RecordKind, string>> = {
  named: 'Name or mark',
  'split off': 'Name or mark',
  'young kept': 'Name of the group',
};

/** Records one thing about a fish or a group: moved, measured, sexed, named, split, paired and so on. */
export function ResidentDialog({
  resident,
  onClose,
}: {
  readonly resident: Resident;
  readonly onClose: () => void;
}) {
  const { session, run } = useCommands();
  const catalogue = useCatalogue();
  const tanks = useTanks();
  const mates = useResidents(resident.tank).filter((one) => one.id !== resident.id);
  const nameOf = useResidentName();
  const [kind, setKind] = useState<RecordKind>('moved');
  const [fields, setFields] = useState<RecordFields>(NO_FIELDS);
  const [error, setError] = useState<string | undefined>();
  /** What was learned late holds from the day it came: the past is told with it. */
  const [fromStart, setFromStart] = useState(false);
  const put = (part: Partial<RecordFields>): void => setFields({ ...fields, ...part });
  const kinds = RECORDS.filter((one) => (resident.individual ? one !== 'split off' : one !== 'paired'));

  const save = async (): Promise<void> => {
    const body = recordResident(kind, resident, fields, session.stamp);
    if (typeof body === 'string') return setError(body);
    if (
      await run(`${nameOf(resident)}: ${kind}`, [
        appendChange(session, { ...body, on: fromStart ? resident.cameOn : session.stamp.now() }),
      ])
    )
      onClose();
  };

  return (
    <Dialog open onOpenChange={onClose} title={nameOf(resident)} about="What is there to record?">
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <SelectField
          label="What"
          value={kind}
          onChange={(event) => {
            setKind(event.target.value as RecordKind);
            setError(undefined);
            setFields(NO_FIELDS);
            setFromStart(false);
          }}
        >
          {options(kinds)}
        </SelectField>
        {kind === 'moved' && (
          <SelectField
            label="To"
            value={fields.choice}
            onChange={(event) => put({ choice: event.target.value })}
          >
            <option value="">Choose a tank</option>
            {tanks
              .filter((tank) => tank.id !== resident.tank)
              .map((tank) => (
                <option key={tank.id} value={tank.id}>
                  {tank.body.name}
                </option>
              ))}
          </SelectField>
        )}
        {kind === 'sexed' && (
          <div className="grid grid-cols-2 gap-2">
            <SelectField
              label="Sex"
              value={fields.choice}
              onChange={(event) => put({ choice: event.target.value })}
            >
              <option value="">Choose</option>
              {options(['male', 'female'])}
            </SelectField>
            <SelectField
              label="How sure"
              value={fields.sure}
              onChange={(event) => put({ sure: event.target.value })}
            >
              {options(SURENESS)}
            </SelectField>
          </div>
        )}
        {kind === 'paired' && (
          <SelectField
            label="With"
            value={fields.choice}
            onChange={(event) => put({ choice: event.target.value })}
          >
            <option value="">Choose its partner</option>
            {mates.map((mate) => (
              <option key={mate.id} value={mate.id}>
                {nameOf(mate)}
              </option>
            ))}
          </SelectField>
        )}
        {kind === 'identified anew' && (
          <>
            <SpeciesSearch
              catalogue={catalogue}
              label="It turned out to be"
              onPick={(profile) => put({ species: profile.id })}
            />
            {fields.species && <p>{commonName(catalogue.byId.get(fields.species)!)}</p>}
          </>
        )}
        {kind === 'moved' && (
          <TextField
            label="Only until"
            type="date"
            min={todayIso()}
            value={fields.until}
            onChange={(event) => put({ until: event.target.value })}
            hint="A home for a time comes due on its day"
          />
        )}
        {(kind === 'identified anew' || kind === 'sexed') && (
          <label className="flex min-h-8 items-center gap-2">
            <input
              type="checkbox"
              className="size-4 accent-(--deep)"
              checked={fromStart}
              onChange={(event) => setFromStart(event.target.checked)}
            />
            It was so from the day it came: put the past right too
          </label>
        )}
        {WANTS_NUMBER[kind] && (
          <TextField
            label={WANTS_NUMBER[kind]}
            inputMode="decimal"
            value={fields.number}
            onChange={(event) => put({ number: event.target.value })}
          />
        )}
        {kind !== 'measured' && (
          <TextField
            label={TEXT_LABEL[kind] ?? 'Note'}
            value={fields.text}
            onChange={(event) => put({ text: event.target.value })}
          />
        )}
        {error && (
          <p role="alert" className="text-buoy">
            {error}
          </p>
        )}
        <Button tone="main" type="submit">
          Record it
        </Button>
      </form>
    </Dialog>
  );
}
