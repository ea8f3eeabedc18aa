'use client';

import { choiceField } from '@/core/kernel';
import { commonName, ORIGINS, type PlanGroup, planGroupFields, type SpeciesProfile } from '@/core/model';
import { useRoomForm } from '@/session/react/useRoomForm';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';

const { count, males, females, lengthCm, origin, until, nextTank, wayOut } = planGroupFields;
const FIELDS = {
  count,
  males,
  females,
  lengthCm,
  origin,
  until,
  nextTank,
  wayOut,
  together: choiceField(['unknown', 'yes', 'no']),
  breeding: choiceField(['no', 'yes']),
};

interface Props {
  readonly profile: SpeciesProfile;
  readonly group: PlanGroup;
  /** The name of the group under which what was typed is kept over a reload. */
  readonly draft: string;
  readonly onSave: (group: PlanGroup) => Promise<boolean>;
  readonly onClose: () => void;
}

/** Everything about one listed group. */
export function GroupDialog({ profile, group, draft, onSave, onClose }: Props) {
  const form = useRoomForm({
    unfinished: `group.${draft}`,
    fields: FIELDS,
    start: {
      until: '',
      nextTank: '',
      wayOut: '',
      ...group,
      origin: group.origin ?? 'unknown',
      together: group.grownTogether === undefined ? 'unknown' : group.grownTogether ? 'yes' : 'no',
      breeding: group.breeding ? 'yes' : 'no',
    },
    asks: { until: 'Type a month such as 2027-06.' },
    check: ({ count, males = 0, females = 0 }) =>
      males + females > count
        ? { females: `${males} males and ${females} females are more than ${count} fish.` }
        : {},
    save: async ({ together, breeding, ...rest }) => {
      const kept = await onSave({
        species: group.species,
        ...(group.since === undefined ? {} : { since: group.since }),
        ...rest,
        grownTogether: together === 'unknown' ? undefined : together === 'yes',
        breeding: breeding === 'yes' || undefined,
      });
      if (kept) onClose();
      return kept;
    },
  });
  return (
    <Dialog
      open
      onOpenChange={() => {
        // Closed by hand is given up; a reload is not.
        form.drop();
        onClose();
      }}
      title={commonName(profile)}
      about={profile.scientificName}
    >
      <Form form={form} className="flex flex-col gap-3">
        <div className="grid grid-cols-3 gap-2">
          <TextField label="How many" {...form.part('count')} />
          <TextField label="Males, if known" {...form.part('males')} />
          <TextField label="Females, if known" {...form.part('females')} />
        </div>
        <div className="grid grid-cols-2 gap-2">
          <TextField label="Length on arrival" {...form.part('lengthCm')} />
          <SelectField label="Origin" {...form.part('origin')}>
            {options(ORIGINS)}
          </SelectField>
          <TextField label="Stays until" placeholder="2027-06" {...form.part('until')} hint="optional" />
          <TextField label="Next tank" {...form.part('nextTank')} />
          <SelectField label="Grown up together" {...form.part('together')}>
            {options(['unknown', 'yes', 'no'])}
          </SelectField>
          <SelectField label="A pair guards or is bred" {...form.part('breeding')}>
            {options(['no', 'yes'])}
          </SelectField>
        </div>
        <TextField
          label="Exit plan"
          {...form.part('wayOut')}
          hint="Who takes it back, or which tank is free tonight"
        />
        <Button tone="main" type="submit" waiting={form.waiting}>
          Save
        </Button>
      </Form>
    </Dialog>
  );
}
