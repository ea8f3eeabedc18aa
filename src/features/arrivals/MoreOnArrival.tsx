'use client';

import { type Condition, CONDITIONS, WAYS } from '@/core/events';
import { commonName } from '@/core/model';
import { SpeciesField } from '@/session/react/SpeciesField';
import { useCatalogue } from '@/session/react/RoomProvider';
import { SelectField, TextField, options } from '@/ui/Field';
import { SignButtons } from '@/ui/SignButtons';
import type { ArrivalForm } from './arrivalForm';

/** What else may be said of an arrival: dead ones, another species among them, condition, a home for a time. */
export function MoreOnArrival({ form }: { readonly form: ArrivalForm }) {
  const catalogue = useCatalogue();
  const strangers = form.numberIn('others') ?? 0;
  const stranger = catalogue.byId.get(form.text('stranger'));
  const seen = (form.typed('seen') as readonly Condition[] | undefined) ?? [];
  return (
    <details>
      <summary className="cursor-pointer font-medium text-deep">
        Sexes, losses, wrong species, condition, temporary stay
      </summary>
      <div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4">
        <SelectField label="How acquired" {...form.part('way')}>
          <option value="">not said</option>
          {options(WAYS)}
        </SelectField>
        <TextField label="Days in the shop" {...form.part('daysInShop')} />
        <TextField label="Males among them" {...form.part('males')} hint="as far as you can tell" />
        <TextField label="Females among them" {...form.part('females')} />
        <TextField label="Ordered" {...form.part('ordered')} hint="what the seller was asked for" />
        <TextField label="Dead on arrival" {...form.part('deadOnArrival')} hint="besides those received" />
        <TextField label="Born about" placeholder="2024, or spring" {...form.part('bornAbout')} />
        <TextField label="Wrong species" {...form.part('others')} hint="besides those received" />
        <TextField label="Stays until" {...form.part('until')} />
        <TextField label="Next tank" placeholder="next tank" {...form.part('nextTank')} />
        <TextField
          label="Claim with the shop"
          placeholder="wrong species, dead fish"
          {...form.part('claim')}
        />
      </div>
      {strangers > 0 && (
        <div className="mt-2">
          <SpeciesField
            label="Actual species"
            error={form.errorOf('stranger')}
            onPick={(profile) => form.put('stranger', profile.id)}
          />
          {stranger && <p>{commonName(stranger)}</p>}
        </div>
      )}
      <fieldset className="mt-2">
        <legend className="text-[0.75rem] font-medium text-slate">Condition (tap all that apply)</legend>
        <SignButtons offered={CONDITIONS} chosen={seen} onChange={(chosen) => form.put('seen', chosen)} />
      </fieldset>
    </details>
  );
}
