'use client';

import { type RecordKind, recordResident, RECORDS } from '@/core/commands';
import { BROOD_ENDS, eventFields, RECOUNTS, type Resident, SURENESS } from '@/core/events';
import { choiceField, noteField, wholeField, yesNoField } from '@/core/kernel';
import { commonName } from '@/core/model';
import { SpeciesField } from './SpeciesField';
import { useCatalogue } from './RoomProvider';
import { appendChange, useCommands } from './useCommands';
import { useResidentName } from './useNames';
import { useRoomForm } from './useRoomForm';
import { useResidents, useTanks } from './useTanks';
import { dayOf, momentOn, todayIso } from '../today';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { comingDay, pastDay } from '@/ui/form/dayFields';

const FIELDS = {
  kind: choiceField(RECORDS),
  tank: eventFields('moved').tank.optional(),
  until: comingDay(todayIso),
  sex: choiceField(['male', 'female']).optional(),
  sure: eventFields('sexed').sure,
  partner: eventFields('paired').second.optional(),
  species: eventFields('identified').species.optional(),
  fromStart: yesNoField(),
  lengthCm: eventFields('measured').lengthCm.optional(),
  count: wholeField(0, 10_000).optional(),
  why: choiceField(RECOUNTS).optional(),
  brood: choiceField(BROOD_ENDS).optional(),
  on: pastDay(todayIso),
  text: noteField(),
};
const BLANK = {
  tank: '',
  until: '',
  sex: '',
  sure: 'likely',
  partner: '',
  species: '',
  fromStart: false,
  lengthCm: '',
  count: '',
  why: '',
  brood: 'not known',
  text: '',
};
const COUNTS: readonly RecordKind[] = ['split off', 'fry seen', 'young kept', 'number corrected'];
/** What is said of a group only, and of one fish only. */
const GROUP_ONLY: ReadonlySet<RecordKind> = new Set(['split off', 'number corrected']);
const TEXT_LABEL: Partial<Record<RecordKind, string>> = {
  named: 'Name or mark',
  'split off': 'Name or mark',
  'young kept': 'Name of the group',
};

/** Records one thing about a fish or a group, on its day: moved, measured, sexed, named, split, paired and so on. */
export function ResidentDialog({
  resident,
  first = 'moved',
  onClose,
}: {
  readonly resident: Resident;
  /** What it asks of first. */
  readonly first?: RecordKind;
  readonly onClose: () => void;
}) {
  const { session, keep } = useCommands();
  const catalogue = useCatalogue();
  const tanks = useTanks();
  const mates = useResidents(resident.tank).filter((one) => one.id !== resident.id);
  const nameOf = useResidentName();
  const kinds = RECORDS.filter((one) => (resident.individual ? !GROUP_ONLY.has(one) : one !== 'paired'));
  const form = useRoomForm({
    fields: FIELDS,
    start: { ...BLANK, on: todayIso(), kind: first },
    save: async ({ kind, fromStart, on: day, ...input }) => {
      const body = recordResident(kind, resident, input, session.stamp);
      if ('expected' in body) return [body];
      // What was learned late holds from the day it arrived: the past is told with it.
      const on = fromStart ? resident.cameOn : momentOn(day);
      const kept = await keep(`${nameOf(resident)}: ${kind}`, [appendChange(session, { ...body, on })]);
      if (kept === true) onClose();
      return kept;
    },
    fieldOf: (path) => (path.endsWith('name') ? 'text' : path === 'seen' ? 'count' : undefined),
  });
  const kind = form.text('kind') as RecordKind;
  const anew = form.text('species');

  return (
    <Dialog open onOpenChange={onClose} title={nameOf(resident)} about="What do you want to record?">
      <Form form={form} className="flex flex-col gap-3">
        <SelectField
          label="What"
          {...form.part('kind')}
          onChange={(event) => {
            form.reset({ ...BLANK, on: form.text('on'), kind: event.target.value });
          }}
        >
          {options(kinds)}
        </SelectField>
        {kind === 'moved' && (
          <SelectField label="To" {...form.part('tank')}>
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
            <SelectField label="Sex" {...form.part('sex')}>
              <option value="">Choose</option>
              {options(['male', 'female'])}
            </SelectField>
            <SelectField label="How sure" {...form.part('sure')}>
              {options(SURENESS)}
            </SelectField>
          </div>
        )}
        {kind === 'paired' && (
          <SelectField label="With" {...form.part('partner')}>
            <option value="">Choose its partner</option>
            {mates.map((mate) => (
              <option key={mate.id} value={mate.id}>
                {nameOf(mate)}
              </option>
            ))}
          </SelectField>
        )}
        {kind === 'identified' && (
          <>
            <SpeciesField
              label="Actual species"
              error={form.errorOf('species')}
              onPick={(profile) => form.put('species', profile.id)}
            />
            {anew && <p>{commonName(catalogue.byId.get(anew)!)}</p>}
          </>
        )}
        {kind === 'moved' && (
          <TextField
            label="Stays until"
            min={todayIso()}
            {...form.part('until')}
            hint="The stay comes due on its day"
          />
        )}
        {(kind === 'identified' || kind === 'sexed') && (
          <label className="flex min-h-8 items-center gap-2">
            <input type="checkbox" className="size-4 accent-(--deep)" {...form.tick('fromStart')} />
            It was so from the day it arrived: put the past right too
          </label>
        )}
        {kind === 'measured' && <TextField label="Length" {...form.part('lengthCm')} />}
        {COUNTS.includes(kind) && (
          <TextField
            label="How many"
            {...form.part('count')}
            {...(kind === 'number corrected' && { hint: `${resident.count} on record` })}
          />
        )}
        {kind === 'number corrected' && (
          <SelectField label="Reason" {...form.part('why')}>
            <option value="">Choose</option>
            {options(RECOUNTS)}
          </SelectField>
        )}
        {kind === 'brood lost' && (
          <SelectField label="How" {...form.part('brood')}>
            {options(BROOD_ENDS)}
          </SelectField>
        )}
        {kind !== 'measured' && <TextField label={TEXT_LABEL[kind] ?? 'Note'} {...form.part('text')} />}
        <TextField label="Day" min={dayOf(resident.cameOn)} max={todayIso()} {...form.part('on')} />
        <Button tone="main" type="submit" waiting={form.waiting}>
          Save
        </Button>
      </Form>
    </Dialog>
  );
}
