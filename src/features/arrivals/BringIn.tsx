'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm, useWatch } from 'react-hook-form';
import type { DraftGroup } from '@/core/records/documents';
import type { Condition, Dated, Member, Way } from '@/core/events/events';
import { commonName } from '@/core/model/catalogue';
import type { ResidentId, TankId } from '@/core/kernel/schema/ids';
import { ORIGINS } from '@/core/model/plan';
import type { SpeciesProfile } from '@/core/model/species';
import { countOf } from '@/core/wording/words';
import { useState } from 'react';
import { newId } from '@/session/browserStamp';
import { appendChange, draftChange, useCommands } from '@/session/react/useCommands';
import { listedOf, useTanks, type TankView } from '@/session/react/useTanks';
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

function membersFor(as: string, count: number, names: string, group: DraftGroup['group']): Member[] {
  const sexes = (index: number): Member['sex'] =>
    group.males === undefined || group.females === undefined
      ? 'unknown'
      : index < group.males
        ? 'male'
        : index < group.males + group.females
          ? 'female'
          : 'unknown';
  if (as === 'group') {
    const known =
      group.males !== undefined && group.females !== undefined && group.males + group.females <= count;
    return [
      {
        id: newId<ResidentId>(),
        name: names.trim(),
        count,
        individual: false,
        sex: 'unknown',
        males: known ? (group.males ?? null) : null,
        females: known ? (group.females ?? null) : null,
      },
    ];
  }
  const given = names.split(/[,;\n]/).map((name) => name.trim());
  return Array.from({ length: count }, (_, index) => ({
    id: newId<ResidentId>(),
    name: given[index] || `No. ${index + 1}`,
    count: 1,
    individual: true,
    sex: sexes(index),
    males: null,
    females: null,
  }));
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
      tank: tank.id as string,
      origin: entry.group.origin ?? 'unknown',
      as: (few ? 'individuals' : 'group') as 'individuals' | 'group',
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
    const on = momentOn(values.on);
    if (values.others > 0 && !stranger)
      return form.setError('others', { message: 'Say which kind they are' });
    const rest = entry.group.count - values.count;
    const without = (groups: readonly DraftGroup[]): readonly DraftGroup[] =>
      groups.flatMap((one) => {
        if (one.key !== entry.key) return [one];
        if (rest <= 0) return [];
        const { males: _m, females: _f, ...group } = one.group;
        return [{ ...one, group: { ...group, count: rest } }];
      });
    const quarantine =
      tanks.find((one) => one.id === values.tank)?.body.purpose === 'quarantine' ? 'here' : 'none';
    const arrival = {
      type: 'came',
      on,
      tank: values.tank as TankId,
      lengthCm: values.lengthCm,
      origin: values.origin,
      from: values.from.trim(),
      quarantine,
      ...(values.way ? { way: values.way as Way } : {}),
      ...(looked ? { seen: [...seen] } : {}),
      ...(values.daysInShop ? { daysInShop: Number(values.daysInShop) } : {}),
      ...(values.until ? { until: values.until, nextTank: values.nextTank.trim() } : {}),
    } as const;
    const came: Dated = {
      ...arrival,
      species: profile.id,
      members: membersFor(values.as, values.count, values.names, entry.group),
      note: values.note.trim(),
      ordered: entry.group.count,
      ...(values.dead > 0 ? { deadOnArrival: values.dead } : {}),
      ...(values.bornAbout.trim() ? { bornAbout: values.bornAbout.trim() } : {}),
    };
    const mixedIn: readonly Dated[] =
      stranger && values.others > 0
        ? [
            {
              ...arrival,
              species: stranger.id,
              members: membersFor('group', values.others, '', { species: stranger.id, count: values.others }),
              note: `Mixed in with the ${commonName(profile)} that were ordered.`,
            },
          ]
        : [];
    const claim: readonly Dated[] =
      values.claim.trim() && values.from.trim()
        ? [
            {
              type: 'claimed',
              on,
              tank: tank.id,
              from: values.from.trim(),
              about: values.claim.trim(),
              outcome: '',
            },
          ]
        : [];
    if (
      await run(`${countOf(values.count, profile)} came`, (state) => [
        ...[came, ...mixedIn, ...claim].map((event) => appendChange(session, event)),
        draftChange(tank.id, without(listedOf(state.documents, tank.id))),
      ])
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
