'use client';

import { useWatch, type UseFormReturn } from 'react-hook-form';
import { CONDITIONS, WAYS, type Condition } from '@/core/events/events';
import { commonName } from '@/core/model/catalogue';
import type { SpeciesProfile } from '@/core/model/species';
import { useCatalogue } from '@/session/react/RoomProvider';
import { SelectField, TextField, options } from '@/ui/Field';
import { SignButtons } from '@/ui/SignButtons';
import { SpeciesSearch } from '@/ui/SpeciesSearch';
import type { ArrivalForm } from './arrivalForm';

interface Props {
  readonly form: UseFormReturn<ArrivalForm>;
  readonly seen: readonly Condition[];
  readonly onSeen: (seen: readonly Condition[]) => void;
  /** The kind of those that came mixed in. */
  readonly stranger: SpeciesProfile | null;
  readonly onStranger: (profile: SpeciesProfile) => void;
}

/** What else may be said of an arrival: dead ones, another kind among them, condition, a home for a time. */
export function MoreOnArrival({ form, seen, onSeen, stranger, onStranger }: Props) {
  const catalogue = useCatalogue();
  const { errors } = form.formState;
  const strangers = Number(useWatch({ control: form.control, name: 'others' }));
  return (
    <details>
      <summary className="cursor-pointer font-medium text-deep">
        Dead on arrival, another kind among them, condition, a home for a time
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4">
        <SelectField label="Come by" {...form.register('way')}>
          <option value="">not said</option>
          {options(WAYS)}
        </SelectField>
        <TextField
          label="Days in the shop"
          inputMode="numeric"
          {...form.register('daysInShop')}
          error={errors.daysInShop?.message}
        />
        <TextField
          label="Dead on arrival"
          inputMode="numeric"
          {...form.register('dead')}
          error={errors.dead?.message}
          hint="beside those that came"
        />
        <TextField label="Born about" placeholder="2024, or spring" {...form.register('bornAbout')} />
        <TextField
          label="Of another kind"
          inputMode="numeric"
          {...form.register('others')}
          error={errors.others?.message}
          hint="beside those that came"
        />
        <TextField label="Only until" type="date" {...form.register('until')} error={errors.until?.message} />
        <TextField label="Then to" placeholder="next tank" {...form.register('nextTank')} />
        <TextField
          label="Claim with the seller"
          placeholder="wrong kind, dead ones"
          {...form.register('claim')}
        />
      </div>
      {strangers > 0 && (
        <div className="mt-2">
          <SpeciesSearch catalogue={catalogue} label="They are in truth" onPick={onStranger} />
          {stranger && <p>{commonName(stranger)}</p>}
        </div>
      )}
      <fieldset className="mt-2">
        <legend className="text-[12px] font-medium text-slate">Seen to be well (press what holds)</legend>
        <SignButtons offered={CONDITIONS} chosen={seen} onChange={onSeen} />
      </fieldset>
    </details>
  );
}
