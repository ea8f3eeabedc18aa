'use client';

import type { DraftGroup } from '@/core/records';
import { bringHome } from '@/core/commands';
import { commonName, ORIGINS, type SpeciesProfile } from '@/core/model';
import { countedOf } from '@/words/en';
import { TraderField } from '@/session/react/TraderField';
import { useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { predictedWith } from '@/session/predictedWith';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Caution } from '@/ui/Screen';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';
import { ARRIVAL_FIELDS, BLANK_ARRIVAL } from './arrivalForm';
import { MoreOnArrival } from './MoreOnArrival';

interface Props {
  readonly entry: DraftGroup;
  readonly profile: SpeciesProfile;
  readonly tank: TankView;
  readonly onDone: () => void;
}

/** Brings a listed group in: into which tank, how many really came, as individuals or as a group. */
export function BringHome({ entry, profile, tank, onDone }: Props) {
  const { session, keep } = useCommands();
  const tanks = useTanks();
  const few = entry.group.count <= 8 && profile.company.mode !== 'shoal' && profile.life === 'fish';
  const form = useRoomForm({
    unfinished: `arrival.${entry.key}`,
    fields: ARRIVAL_FIELDS,
    start: {
      ...BLANK_ARRIVAL,
      count: '',
      lengthCm: entry.group.lengthCm ?? profile.size.soldCm,
      on: todayIso(),
      tank: tank.id,
      origin: entry.group.origin ?? 'unknown',
      as: few ? 'individuals' : 'group',
    },
    check: ({ others, stranger, count, males = 0, females = 0 }) => ({
      ...(others > 0 && !stranger ? { stranger: 'Choose the species.' } : {}),
      ...(males + females > count ? { males: `Only ${count} came.` } : {}),
    }),
    fieldOf: (path) => (path.startsWith('members') ? 'count' : undefined),
    save: async ({ on, tank: into, deadOnArrival, others, stranger, nextTank = '', ...values }) => {
      const kept = await keep(`${countedOf(values.count, profile)} came`, (state) =>
        predictedWith(
          state,
          bringHome(
            state.documents,
            entry,
            {
              ...values,
              on: momentOn(on),
              into,
              listedFor: tank.id,
              dead: deadOnArrival,
              nextTank,
              others:
                others > 0 && stranger
                  ? {
                      species: stranger,
                      count: others,
                      note: `Mixed in with the ${commonName(profile)} that were ordered.`,
                    }
                  : undefined,
            },
            session.stamp,
          ),
          session,
        ),
      );
      if (kept === true) onDone();
      return kept;
    },
  });
  const as = form.text('as');
  const received = form.numberIn('count') ?? 0;
  const isShort = received > 0 && received < entry.group.count;
  const target = tanks.find((one) => one.id === form.text('tank'));

  return (
    <Form
      form={form}
      className="grid gap-3 border-l-2 border-deep pl-4"
      label={`Bring home ${commonName(profile)}`}
    >
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <TextField
          label="Number received"
          {...form.part('count')}
          placeholder="count them"
          hint={`alive; ${entry.group.count} planned`}
        />
        <TextField label="Length" {...form.part('lengthCm')} />
        <TextField label="Day" max={todayIso()} {...form.part('on')} />
        <SelectField label="Origin" {...form.part('origin')}>
          {options(ORIGINS)}
        </SelectField>
        <SelectField label="Into" {...form.part('tank')}>
          {tanks.map((one) => (
            <option key={one.id} value={one.id}>
              {one.body.name} ({one.body.purpose})
            </option>
          ))}
        </SelectField>
        <TraderField label="From" placeholder="shop, breeder, club" {...form.part('from')} />
        <SelectField label="Kept as" {...form.part('as')} hint="You can split and name a group later">
          <option value="group">a group</option>
          <option value="individuals">individuals</option>
        </SelectField>
        <TextField
          label={as === 'group' ? 'Name of the group' : 'Names or marks, separated by commas'}
          placeholder={as === 'group' ? '' : 'Torn fin, Blue, …'}
          {...form.part('names')}
        />
      </div>
      {isShort && (
        <SelectField
          label={`The other ${entry.group.count - received} of the list`}
          wrap="max-w-80"
          {...form.part('rest')}
        >
          <option value="kept">stay on the list</option>
          <option value="closed">are not to come: off the list</option>
        </SelectField>
      )}
      <TextField label="Note" {...form.part('note')} placeholder="What the seller told you" />
      {profile.trade.mixedUpWith && (
        <p className="text-slate">Check the species: {profile.trade.mixedUpWith}</p>
      )}
      <MoreOnArrival form={form} />
      {target?.body.purpose !== 'quarantine' && (
        <Caution>
          No quarantine: any disease they carry reaches the others. Quarantine of four to six weeks is usual.
        </Caution>
      )}
      <Caution>
        Dechlorinate, match the temperature, heater back on, lid closed. Cover cuts, and wash your hands
        after.
      </Caution>
      <div className="flex gap-2">
        <Button tone="main" type="submit" waiting={form.waiting}>
          Confirm arrival
        </Button>
        <Button onClick={onDone}>Not yet</Button>
      </div>
    </Form>
  );
}
