'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, useWatch } from 'react-hook-form';
import { number, object, string, type InferType } from 'yup';
import { useState } from 'react';
import { recordDeath, rehome } from '@/core/commands/leave';
import { DEATHS, REHOME_REASONS, type Sign } from '@/core/events/events';
import type { Resident } from '@/core/events/room';
import type { ResidentId } from '@/core/kernel/schema/ids';
import { useCommands } from '@/session/react/useCommands';
import { useHappenings, useResidentName } from '@/session/react/useNames';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { SelectField, TextField, options } from '@/ui/Field';
import { Caution } from '@/ui/Screen';
import { SignButtons } from '@/ui/SignButtons';

const WHOLE = 'A whole number from 1';
const schema = object({
  how: string().oneOf(['rehomed', 'died']).required(),
  resident: string().required('Choose who'),
  count: number()
    .typeError(WHOLE)
    .integer(WHOLE)
    .min(1, WHOLE)
    .required(WHOLE)
    .test(
      'most',
      'More than there are',
      (count, { options: { context } }) =>
        count <= ((context as { most?: number } | undefined)?.most ?? Infinity),
    ),
  on: string()
    .matches(/^\d{4}-\d{2}-\d{2}$/, 'A date')
    .test('past', 'Not in the future', (value) => !value || value <= todayIso())
    .required('A date'),
  reason: string()
    .oneOf([...REHOME_REASONS])
    .required(),
  taker: string()
    .default('')
    .test(
      'taker',
      'Who takes it?',
      (taker, { parent }) => (parent as { how: string }).how !== 'rehomed' || (taker ?? '').trim() !== '',
    ),
  credit: string().default(''),
  death: string()
    .oneOf([...DEATHS])
    .required(),
  cause: string().default(''),
  incident: string().default(''),
  note: string().default(''),
});

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
export function LeaveForm({ residents, first }: Props) {
  const { session, run } = useCommands();
  const nameOf = useResidentName();
  const heads = new Map<string, number>(residents.map((resident) => [resident.id, resident.count]));
  const form = useForm<InferType<typeof schema>>({
    resolver: (values, _context, rest) =>
      yupResolver(schema)(values, { most: heads.get(values.resident) ?? 0 }, rest),
    defaultValues: {
      how: 'rehomed',
      resident: first.id,
      count: 1,
      on: todayIso(),
      reason: 'too rough',
      taker: '',
      credit: '',
      death: 'found',
      cause: '',
      incident: '',
      note: '',
    },
  });
  const { errors } = form.formState;
  const [signs, setSigns] = useState<readonly Sign[]>([]);
  const incidents = useIncidents();
  const how = useWatch({ control: form.control, name: 'how' });
  const death = useWatch({ control: form.control, name: 'death' });
  const chosen = useWatch({ control: form.control, name: 'resident' });
  const who = residents.find((resident) => resident.id === chosen) ?? first;

  const save = form.handleSubmit(async (values) => {
    const base = {
      on: momentOn(values.on),
      resident: values.resident as ResidentId,
      count: values.count,
      note: values.note.trim(),
    };
    const change =
      values.how === 'rehomed'
        ? rehome(
            { ...base, reason: values.reason, taker: values.taker.trim(), credit: values.credit.trim() },
            session.stamp,
          )
        : recordDeath(
            {
              ...base,
              how: values.death,
              cause: values.cause.trim(),
              signs,
              incident: values.incident.trim(),
            },
            session.stamp,
          );
    const label = `${values.count > 1 ? `${values.count} of ` : ''}${nameOf(who)} ${values.how === 'rehomed' ? 'rehomed' : 'recorded as dead'}`;
    if (await run(label, [change])) {
      setSigns([]);
      form.reset({ ...values, count: 1, taker: '', credit: '', cause: '', note: '' });
    }
  });

  return (
    <form className="grid gap-3" onSubmit={(event) => void save(event)} noValidate>
      <fieldset className="flex gap-4">
        <legend className="sr-only">What happened</legend>
        {(['rehomed', 'died'] as const).map((one) => (
          <label key={one} className="flex min-h-8 items-center gap-1.5">
            <input type="radio" value={one} {...form.register('how')} className="size-4 accent-(--deep)" />
            {one === 'rehomed' ? 'Rehomed' : 'Died'}
          </label>
        ))}
      </fieldset>
      <div className="grid grid-cols-2 gap-2">
        <SelectField label="Who" {...form.register('resident')} error={errors.resident?.message}>
          {residents.map((resident) => (
            <option key={resident.id} value={resident.id}>
              {nameOf(resident)}
              {resident.individual ? '' : ` (${resident.count})`}
            </option>
          ))}
        </SelectField>
        <TextField
          label="How many"
          inputMode="numeric"
          {...form.register('count')}
          error={errors.count?.message}
          disabled={who.individual}
        />
        <TextField
          label="Day"
          type="date"
          max={todayIso()}
          {...form.register('on')}
          error={errors.on?.message}
        />
        {how === 'rehomed' ? (
          <>
            <SelectField label="Why" {...form.register('reason')}>
              {options(REHOME_REASONS)}
            </SelectField>
            <TextField label="Who takes it" {...form.register('taker')} error={errors.taker?.message} />
            <TextField label="For what" placeholder="credit, swap" {...form.register('credit')} />
          </>
        ) : (
          <>
            <SelectField label="How" {...form.register('death')}>
              {options(DEATHS)}
            </SelectField>
            <TextField label="Cause, as far as known" {...form.register('cause')} />
            <TextField
              label="Incident that took several"
              placeholder="no dechlorinator"
              list="incidents"
              {...form.register('incident')}
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
      {how === 'died' && (
        <fieldset>
          <legend className="text-[12px] font-medium text-slate">Seen before, or on it</legend>
          <SignButtons offered={SIGNS_BEFORE} chosen={signs} onChange={setSigns} />
        </fieldset>
      )}
      <TextField
        label={how === 'rehomed' ? 'What the taker was told' : 'What happened before'}
        {...form.register('note')}
      />
      {how === 'rehomed' ? (
        <Caution>
          Never into the wild, never down a drain. Some kinds are restricted: ask your local authority before
          giving them away. Tell the taker size, temper and illness.
        </Caution>
      ) : (
        <Caution>{deathCaution(death)}</Caution>
      )}
      <Button tone="main" type="submit">
        {how === 'rehomed' ? 'It has gone' : 'Record the death'}
      </Button>
    </form>
  );
}

function deathCaution(how: string): string {
  return how === 'put down'
    ? 'A vet’s advice first, and only methods accepted where you live. Lomvik records, it does not instruct.'
    : 'Sealed disposal by local rules; own nets and hoses for a tank where something died of illness. Wash your hands.';
}
