import { useState } from 'react';
import type { Incoming } from '@/core/commands';
import { keeperUnit, parseQuantity, fromCore, type ResidentId } from '@/core/kernel';
import type { SpeciesProfile } from '@/core/model';
import { residentsOf } from '@/core/events';
import { useCatalogue, useRoomState } from '@/session/react/RoomProvider';
import { SpeciesField } from '@/session/react/SpeciesField';
import { TraderField } from '@/session/react/TraderField';
import { useResidentName } from '@/session/react/useNames';
import { useSettings, useTanks, type TankView } from '@/session/react/useTanks';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { FishName } from '@/ui/plates/FishName';
import { Caution, Section } from '@/ui/Screen';
import { countedOf } from '@/words/en';

const MOST = 10_000;

/** Newcomers from elsewhere, typed in a row. */
function Typed({ onAdd }: { readonly onAdd: (one: Incoming) => void }) {
  const words = useWords();
  const unit = keeperUnit('length', useSettings());
  const [profile, setProfile] = useState<SpeciesProfile | null>(null);
  const [added, setAdded] = useState(0);
  const [count, setCount] = useState('');
  const [length, setLength] = useState('');
  const [as, setAs] = useState<'individuals' | 'group'>('individuals');
  const [from, setFrom] = useState('');
  const heads = Number(count);
  const isCount = Number.isInteger(heads) && heads >= 1 && heads <= MOST;
  const read = length.trim() === '' ? null : parseQuantity('length', length, unit);
  const isLength = read === null || read.ok;
  const add = (): void => {
    if (!profile || !isCount || !isLength) return;
    onAdd({
      is: 'new',
      species: profile.id,
      count: heads,
      as,
      lengthCm: read?.ok ? fromCore('length', read.quantity.core, 'cm') : profile.size.soldCm,
      from: from.trim(),
    });
    setAdded(added + 1);
    setProfile(null);
    setCount('');
    setLength('');
  };
  return (
    <div className="grid grid-cols-2 items-end gap-2 sm:grid-cols-[14rem_5rem_6rem_8rem_1fr_auto]">
      <div className="max-sm:col-span-2">
        <SpeciesField key={added} label="Species of the newcomers" onPick={setProfile} />
      </div>
      <TextField
        label="How many"
        inputMode="numeric"
        value={count}
        error={count === '' || isCount ? undefined : 'A whole number from 1'}
        onChange={({ target }) => setCount(target.value)}
      />
      <TextField
        label="Length"
        placeholder={profile ? words.quantity('length', profile.size.soldCm) : ''}
        value={length}
        error={isLength ? undefined : 'Length not understood'}
        onChange={({ target }) => setLength(target.value)}
      />
      <SelectField label="Kept as" value={as} onChange={({ target }) => setAs(target.value as typeof as)}>
        <option value="individuals">individuals</option>
        <option value="group">a group</option>
      </SelectField>
      <TraderField label="From" value={from} onChange={({ target }) => setFrom(target.value)} />
      <Button disabled={!profile || !isCount || !isLength} onClick={add}>
        Add {profile && isCount ? countedOf(heads, profile) : ''}
      </Button>
    </div>
  );
}

/** Newcomers of a sorting session: fish that wait in other tanks, ticked, and those that come from elsewhere. */
export function NewcomersIn({
  tank,
  incoming,
  onChange,
}: {
  readonly tank: TankView;
  readonly incoming: readonly Incoming[];
  readonly onChange: (incoming: readonly Incoming[]) => void;
}) {
  const catalogue = useCatalogue();
  const nameOf = useResidentName();
  const room = useRoomState((state) => state.room);
  const spares = useTanks().filter(({ id, body }) => id !== tank.id && body.purpose !== 'display');
  const isIn = (id: ResidentId): boolean =>
    incoming.some((one) => one.is === 'here' && one.resident.id === id);
  const typed = incoming.filter((one) => one.is === 'new');
  return (
    <Section title="Newcomers in" aside="after the rock was moved">
      <ul className="flex flex-wrap gap-x-5">
        {spares.flatMap(({ id, body }) =>
          residentsOf(room, id).map((one) => (
            <li key={one.id}>
              <label className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="size-5 accent-(--deep)"
                  checked={isIn(one.id)}
                  onChange={({ target }) =>
                    onChange(
                      target.checked
                        ? [...incoming, { is: 'here', resident: one }]
                        : incoming.filter((each) => each.is !== 'here' || each.resident.id !== one.id),
                    )
                  }
                />
                <FishName profile={catalogue.byId.get(one.species)}>
                  {nameOf(one)} <span className="text-slate">in {body.name}</span>
                </FishName>
              </label>
            </li>
          )),
        )}
      </ul>
      <ul>
        {typed.map((one, index) => (
          <li key={`${one.species}${index}`} className="flex items-center gap-3">
            {countedOf(one.count, catalogue.byId.get(one.species)!)}
            {one.from && `, from ${one.from}`}
            <Button tone="quiet" onClick={() => onChange(incoming.filter((each) => each !== one))}>
              remove
            </Button>
          </li>
        ))}
      </ul>
      <Typed onAdd={(one) => onChange([...incoming, one])} />
      {typed.length > 0 && (
        <Caution>
          No quarantine: any disease they carry reaches the others. Quarantine of four to six weeks is usual.
        </Caution>
      )}
    </Section>
  );
}
