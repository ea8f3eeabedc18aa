'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, useWatch } from 'react-hook-form';
import type { DraftGroup } from '@/core/records/documents';
import { bringHome, type Arrival } from '@/core/commands/bringHome';
import type { Condition, Way } from '@/core/events/events';
import { commonName } from '@/core/model/catalogue';
import type { TankId } from '@/core/kernel/schema/ids';
import { ORIGINS } from '@/core/model/plan';
import type { SpeciesProfile } from '@/core/model/species';
import { countOf } from '@/core/wording/words';
import { useState } from 'react';
import { useCommands } from '@/session/react/useCommands';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { momentOn, todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { Caution } from '@/ui/Screen';
import { SelectField, TextField, options } from '@/ui/Field';
import { arrivalSchema } from './arrivalForm';
import { MoreOnArrival } from './MoreOnArrival';

interface Props {
  readonly entry: DraftGroup;
  readonly profile: SpeciesProfile;
  readonly tank: TankView;
  readonly onDone: () => void;
}

/** Brings a listed group in: into which tank, how many really came, as individuals or as a group. */
export function BringIn({ entry, profile, tank, onDone }: Props) {
  const { session, run } = useCommands();
  const tanks = useTanks();
  const few = entry.group.count <= 8 && profile.company.mode !== 'shoal' && profile.life === 'fish';
  const form = useForm({
    resolver: yupResolver(arrivalSchema),
    defaultValues: {
      count: entry.group.count,
      lengthCm: entry.group.lengthCm ?? profile.size.soldCm,
      on: todayIso(),
      tank: tank.id,
      origin: entry.group.origin ?? 'unknown',
      as: few ? 'individuals' : 'group',
      from: '',
      names: '',
      note: '',
      way: '',
      dead: 0,
      daysInShop: '',
      bornAbout: '',
      others: 0,
      until: '',
      nextTank: '',
      claim: '',
    },
  });
  const { errors } = form.formState;
  const as = useWatch({ control: form.control, name: 'as' });
  const into = useWatch({ control: form.control, name: 'tank' });
  const target = tanks.find((one) => one.id === into);
  const [seen, setSeen] = useState<readonly Condition[]>([]);
  const [looked, setLooked] = useState(false);
  const [stranger, setStranger] = useState<SpeciesProfile | null>(null);

  const save = form.handleSubmit(async (values) => {
    if (values.others > 0 && !stranger)
      return form.setError('others', { message: 'Say which kind they are' });
    const arrival: Arrival = {
      on: momentOn(values.on),
      into: values.tank as TankId,
      listedFor: tank.id,
      lengthCm: values.lengthCm,
      origin: values.origin,
      from: values.from.trim(),
      note: values.note.trim(),
      as: values.as,
      count: values.count,
      names: values.names,
      dead: values.dead,
      way: values.way ? (values.way as Way) : undefined,
      seen: looked ? seen : undefined,
      daysInShop: values.daysInShop ? Number(values.daysInShop) : undefined,
      bornAbout: values.bornAbout.trim() || undefined,
      until: values.until || undefined,
      nextTank: values.nextTank.trim(),
      others: stranger
        ? {
            species: stranger.id,
            count: values.others,
            note: `Mixed in with the ${commonName(profile)} that were ordered.`,
          }
        : undefined,
      claim: values.claim.trim() || undefined,
    };
    if (
      await run(`${countOf(values.count, profile)} came`, (state) =>
        bringHome(state.documents, entry, arrival, session.stamp),
      )
    )
      onDone();
  });

  return (
    <form
      className="grid gap-3 border-l-2 border-deep pl-4"
      onSubmit={(event) => void save(event)}
      noValidate
      aria-label={`Bring in ${commonName(profile)}`}
    >
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-4">
        <TextField
          label="How many came"
          inputMode="numeric"
          {...form.register('count')}
          error={errors.count?.message}
          hint={`${entry.group.count} listed`}
        />
        <TextField
          label="Length, cm"
          inputMode="decimal"
          {...form.register('lengthCm')}
          error={errors.lengthCm?.message}
        />
        <TextField
          label="Day"
          type="date"
          max={todayIso()}
          {...form.register('on')}
          error={errors.on?.message}
        />
        <SelectField label="Origin" {...form.register('origin')}>
          {options(ORIGINS)}
        </SelectField>
        <SelectField label="Into" {...form.register('tank')}>
          {tanks.map((one) => (
            <option key={one.id} value={one.id}>
              {one.body.name} ({one.body.purpose})
            </option>
          ))}
        </SelectField>
        <TextField label="From" placeholder="shop, breeder, club" {...form.register('from')} />
        <SelectField label="Kept as" {...form.register('as')} hint="A group can be split and named later">
          <option value="group">a group</option>
          <option value="individuals">individuals</option>
        </SelectField>
        <TextField
          label={as === 'group' ? 'Name of the group' : 'Names or marks, with commas'}
          placeholder={as === 'group' ? '' : 'Torn fin, Blue, …'}
          {...form.register('names')}
        />
      </div>
      <TextField label="Note" {...form.register('note')} placeholder="What the seller said" />
      {profile.trade.mixedUpWith && (
        <p className="text-slate">Is it really that kind? {profile.trade.mixedUpWith}</p>
      )}
      <MoreOnArrival
        form={form}
        seen={seen}
        onSeen={(chosen) => {
          setSeen(chosen);
          setLooked(true);
        }}
        stranger={stranger}
        onStranger={setStranger}
      />
      {target?.body.purpose !== 'quarantine' && (
        <Caution>
          Straight into a tank that is not for quarantine: whatever they carry, the others get. Four to six
          weeks apart is the practice.
        </Caution>
      )}
      <Caution>
        Dechlorinate, match the temperature, heater back on, lid closed. Cuts covered, hands washed after.
      </Caution>
      <div className="flex gap-2">
        <Button tone="main" type="submit">
          They are in
        </Button>
        <Button onClick={onDone}>Not yet</Button>
      </div>
    </form>
  );
}
