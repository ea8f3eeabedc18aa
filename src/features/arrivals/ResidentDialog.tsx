'use client';

import { useState } from 'react';
import { SURENESS, type Dated } from '@/core/journal/events';
import type { Resident } from '@/core/journal/room';
import { commonName } from '@/core/model/catalogue';
import type { ResidentId, TankId } from '@/core/model/ids';
import { newId } from '@/session/browserStamp';
import { useCatalogue } from '@/session/react/RoomProvider';
import { appendChange, useCommands } from '@/session/react/useCommands';
import { useResidentName } from '@/session/react/useNames';
import { useResidents, useTanks } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { SpeciesSearch } from '@/ui/SpeciesSearch';

const RECORDS = [
  'moved',
  'measured',
  'sexed',
  'named',
  'split off',
  'identified anew',
  'paired',
  'spawned',
  'fry seen',
  'young kept',
] as const;
type RecordKind = (typeof RECORDS)[number];
type Body = Dated extends infer D ? (D extends Dated ? Omit<D, 'on'> : never) : never;

interface Fields {
  readonly number: string;
  readonly text: string;
  readonly choice: string;
  readonly sure: string;
  readonly species: string;
  readonly until: string;
}

/** The event that the filled-in fields say, or the words for what is missing. */
function bodyFor(kind: RecordKind, resident: Resident, fields: Fields): Body | string {
  const amount = Number(fields.number.replace(',', '.'));
  const wholeUpTo = (most: number): boolean => Number.isInteger(amount) && amount >= 1 && amount <= most;
  const id = resident.id;
  switch (kind) {
    case 'moved':
      return fields.choice
        ? {
            type: 'moved',
            resident: id,
            tank: fields.choice as TankId,
            note: fields.text,
            ...(fields.until ? { until: fields.until } : {}),
          }
        : 'Choose the tank it goes to.';
    case 'measured':
      return amount > 0 && amount <= 400
        ? { type: 'measured', resident: id, lengthCm: amount }
        : 'Expected a length in cm above 0.';
    case 'sexed':
      return fields.choice
        ? {
            type: 'sexed',
            resident: id,
            sex: fields.choice as 'male',
            sure: (fields.sure || 'likely') as 'likely',
            males: null,
            females: null,
            note: fields.text,
          }
        : 'Choose a sex.';
    case 'named':
      return fields.text.trim()
        ? { type: 'named', resident: id, name: fields.text.trim() }
        : 'Give it a name or a mark.';
    case 'split off':
      return wholeUpTo(resident.count) && fields.text.trim()
        ? {
            type: 'split',
            resident: id,
            into: [
              {
                id: newId<ResidentId>(),
                name: fields.text.trim(),
                count: amount,
                individual: amount === 1,
                sex: 'unknown',
                males: null,
                females: null,
              },
            ],
          }
        : `Expected a name, and how many: 1 to ${resident.count}.`;
    case 'identified anew':
      return fields.species
        ? { type: 'identified', resident: id, species: fields.species, note: fields.text }
        : 'Choose the species it turned out to be.';
    case 'paired':
      return fields.choice
        ? { type: 'paired', first: id, second: fields.choice as ResidentId, note: fields.text }
        : 'Choose its partner.';
    case 'spawned':
      return {
        type: 'spawned',
        tank: resident.tank,
        parents: [id],
        species: resident.species,
        note: fields.text,
      };
    case 'fry seen':
      return wholeUpTo(100_000)
        ? { type: 'fry', tank: resident.tank, species: resident.species, seen: amount, note: fields.text }
        : 'Expected how many, a whole number.';
    case 'young kept':
      return wholeUpTo(10_000)
        ? {
            type: 'born',
            tank: resident.tank,
            species: resident.species,
            member: {
              id: newId<ResidentId>(),
              name: fields.text.trim(),
              count: amount,
              individual: false,
              sex: 'unknown',
              males: null,
              females: null,
            },
            lengthCm: 1,
            note: '',
          }
        : 'Expected how many, a whole number.';
  }
}

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
  const [fields, setFields] = useState<Fields>({
    number: '',
    text: '',
    choice: '',
    sure: 'likely',
    species: '',
    until: '',
  });
  const [error, setError] = useState<string | undefined>();
  /** What was learned late holds from the day it came: the past is told with it. */
  const [fromStart, setFromStart] = useState(false);
  const put = (part: Partial<Fields>): void => setFields({ ...fields, ...part });
  const kinds = RECORDS.filter((one) => (resident.individual ? one !== 'split off' : one !== 'paired'));

  const save = async (): Promise<void> => {
    const body = bodyFor(kind, resident, fields);
    if (typeof body === 'string') return setError(body);
    if (
      await run(`${nameOf(resident)}: ${kind}`, [
        appendChange(session, { ...body, on: fromStart ? resident.cameOn : session.stamp.now() } as Dated),
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
            setFields({ number: '', text: '', choice: '', sure: 'likely', species: '', until: '' });
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
