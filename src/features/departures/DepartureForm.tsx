'use client';

import { useEffect } from 'react';
import { recordDeath, rehome } from '@/core/commands';
import { DEATHS, eventFields, REHOME_REASONS, type Resident, type Sign } from '@/core/events';
import { choiceField, noteField } from '@/core/kernel';
import { TraderField } from '@/session/react/TraderField';
import { useCommands } from '@/session/react/useCommands';
import { useHappenings, useResidentName } from '@/session/react/useNames';
import { useRoomForm } from '@/session/react/useRoomForm';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { pastDay } from '@/ui/form/dayFields';
import { Caution } from '@/ui/Screen';
import { SignButtons } from '@/ui/SignButtons';

const rehomed = eventFields('rehomed');
const died = eventFields('died');

const SIGNS_BEFORE: readonly Sign[] = [
  'torn',
  'not eating',
  'thin',
  'bloated',
  'spots or film',
  'flashing',
  'gasping',
  'hiding',
];

/** Incidents named so far, the last first. */
function useIncidents(): readonly string[] {
  const happenings = useHappenings();
  return [
    ...new Set(
      (happenings ?? [])
        .flatMap((event) => (event.type === 'died' && event.incident ? [event.incident] : []))
        .reverse(),
    ),
  ];
}

interface Props {
  readonly residents: readonly Resident[];
  readonly first: Resident;
}

/** Somebody leaves: rehomed to whom and why, or died and how. */
export function DepartureForm({ residents, first }: Props) {
  const { session, keep } = useCommands();
  const nameOf = useResidentName();
  const incidents = useIncidents();
  const residentOf = (id: string): Resident => residents.find((resident) => resident.id === id) ?? first;
  const form = useRoomForm({
    unfinished: `departure.${first.tank}`,
    fields: {
      what: choiceField(['rehomed', 'died']),
      resident: rehomed.resident,
      count: rehomed.count,
      on: pastDay(todayIso),
      reason: rehomed.reason,
      taker: noteField(),
      credit: rehomed.credit,
      how: died.how,
      cause: died.cause,
      signs: died.signs,
      incident: noteField(),
      note: died.note,
    },
    start: {
      what: 'rehomed',
      resident: first.id,
      count: 1,
      on: todayIso(),
      reason: 'too rough',
      taker: '',
      credit: '',
      how: 'found',
      cause: '',
      signs: [],
      incident: '',
      note: '',
    },
    stays: ['what', 'resident', 'on', 'reason', 'how', 'incident'],
    check: ({ what, resident, count, taker }) => {
      const there = residentOf(resident).count;
      if (count > there) return { count: there === 1 ? 'Only 1 is here.' : `Only ${there} are here.` };
      return what === 'rehomed' && taker === ''
        ? { taker: `Type who takes ${nameOf(residentOf(resident))}.` }
        : {};
    },
    save: ({ what, on, resident, count, note, reason, taker, credit, how, cause, signs = [], incident }) => {
      const base = { on: momentOn(on), resident, count, note };
      const gone = what === 'rehomed';
      const who = `${count > 1 ? `${count} of ` : ''}${nameOf(residentOf(resident))}`;
      return keep(`${who} ${gone ? 'rehomed' : 'recorded as dead'}`, [
        gone
          ? rehome({ ...base, reason, taker, credit }, session.stamp)
          : recordDeath({ ...base, how, cause, signs, incident }, session.stamp),
      ]);
    },
  });
  const gone = form.text('what') === 'rehomed';
  const who = residentOf(form.text('resident'));
  const isGone = who.id !== form.text('resident');
  const { put } = form;
  useEffect(() => {
    // One that has left is no choice any more: the form means the one that it shows.
    if (isGone) put('resident', first.id);
  }, [isGone, first.id, put]);

  return (
    <Form form={form} className="grid gap-3">
      <fieldset className="flex gap-4">
        <legend className="sr-only">What happened</legend>
        {(['rehomed', 'died'] as const).map((one) => (
          <label key={one} className="flex min-h-8 items-center gap-1.5">
            <input type="radio" value={one} {...form.tick('what')} className="size-4 accent-(--deep)" />
            {one === 'rehomed' ? 'Rehomed' : 'Died'}
          </label>
        ))}
      </fieldset>
      <div className="grid grid-cols-2 gap-2">
        <SelectField label="Who" {...form.part('resident')}>
          {residents.map((resident) => (
            <option key={resident.id} value={resident.id}>
              {nameOf(resident)}
              {resident.individual ? '' : ` (${resident.count})`}
            </option>
          ))}
        </SelectField>
        <TextField label="How many" {...form.part('count')} disabled={who.individual} />
        <TextField label="Day" max={todayIso()} {...form.part('on')} />
        {gone ? (
          <>
            <SelectField label="Why" {...form.part('reason')}>
              {options(REHOME_REASONS)}
            </SelectField>
            <TraderField label="New keeper" {...form.part('taker')} />
            <TextField label="In return" placeholder="credit, swap" {...form.part('credit')} />
          </>
        ) : (
          <>
            <SelectField label="How" {...form.part('how')}>
              {options(DEATHS)}
            </SelectField>
            <TextField label="Cause, if known" {...form.part('cause')} />
            <TextField
              label="Incident with several deaths"
              placeholder="no dechlorinator"
              list="incidents"
              {...form.part('incident')}
              hint="Deaths of one cause share its name"
            />
            <datalist id="incidents">
              {incidents.map((one) => (
                <option key={one} value={one} />
              ))}
            </datalist>
          </>
        )}
      </div>
      {!gone && (
        <fieldset>
          <legend className="text-[0.75rem] font-medium text-slate">Signs before or on the fish</legend>
          <SignButtons
            offered={SIGNS_BEFORE}
            chosen={(form.typed('signs') as readonly Sign[] | undefined) ?? []}
            onChange={(signs) => form.put('signs', signs)}
          />
        </fieldset>
      )}
      <TextField label={gone ? 'Told the new keeper' : 'What happened before'} {...form.part('note')} />
      {gone ? (
        <Caution>
          Never release fish into the wild or a drain. Some species are restricted: ask your local authority
          before rehoming them. Tell the new keeper size, temperament and illness.
        </Caution>
      ) : (
        <Caution>{deathCaution(form.text('how'))}</Caution>
      )}
      <Button tone="main" type="submit" waiting={form.waiting}>
        {gone ? 'Record rehoming' : 'Record death'}
      </Button>
    </Form>
  );
}

function deathCaution(how: string): string {
  return how === 'put down'
    ? 'Ask a vet first, and use only methods accepted where you live. Lomvik records; it does not instruct.'
    : 'Dispose sealed, by local rules; keep nets and hoses for a tank with illness. Wash your hands.';
}
