'use client';

import { yupResolver } from '@hookform/resolvers/yup';
import { useForm } from 'react-hook-form';
import { number, object, string } from 'yup';
import { commonName } from '@/core/model/catalogue';
import { ORIGINS, type PlanGroup } from '@/core/model/plan';
import type { SpeciesProfile } from '@/core/model/species';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';

const blank = (value: unknown, original: unknown): unknown => (original === '' ? undefined : value);
const whole = (words: string) =>
  number().transform(blank).typeError(words).integer(words).min(0, words).max(10_000, words);

const schema = object({
  count: whole('A whole number from 1').min(1, 'A whole number from 1').required('A whole number from 1'),
  males: whole('A whole number').optional(),
  females: whole('A whole number')
    .optional()
    .test(
      'sum',
      'Males and females are more than the count',
      (females, { parent }) =>
        (females ?? 0) + ((parent as { males?: number }).males ?? 0) <= (parent as { count: number }).count,
    ),
  lengthCm: number()
    .transform(blank)
    .typeError('A length in cm')
    .moreThan(0, 'A length above zero')
    .max(400, 'At most 400 cm')
    .optional(),
  origin: string()
    .oneOf([...ORIGINS])
    .required(),
  until: string()
    .matches(/^(\d{4}-(0[1-9]|1[0-2]))?$/, 'A month as 2027-06')
    .default(''),
  nextTank: string().default(''),
  wayOut: string().default(''),
  together: string().oneOf(['unknown', 'yes', 'no']).required(),
  breeding: string().oneOf(['no', 'yes']).required(),
});

interface Props {
  readonly profile: SpeciesProfile;
  readonly group: PlanGroup;
  readonly onSave: (group: PlanGroup) => void;
  readonly onClose: () => void;
}

/** Everything about one listed group. */
export function GroupDialog({ profile, group, onSave, onClose }: Props) {
  const form = useForm({
    resolver: yupResolver(schema),
    defaultValues: {
      ...group,
      origin: group.origin ?? 'unknown',
      until: group.until ?? '',
      nextTank: group.nextTank ?? '',
      wayOut: group.wayOut ?? '',
      together: group.grownTogether === undefined ? 'unknown' : group.grownTogether ? 'yes' : 'no',
      breeding: group.breeding ? 'yes' : 'no',
    },
  });
  const { errors } = form.formState;
  const save = form.handleSubmit(({ until, nextTank, wayOut, origin, together, breeding, ...rest }) => {
    onSave({
      ...group,
      ...rest,
      origin: origin,
      until: until || undefined,
      nextTank: nextTank || undefined,
      wayOut: wayOut || undefined,
      grownTogether: together === 'unknown' ? undefined : together === 'yes',
      breeding: breeding === 'yes' || undefined,
    });
    onClose();
  });
  return (
    <Dialog open onOpenChange={onClose} title={commonName(profile)} about={profile.scientificName}>
      <form className="flex flex-col gap-3" onSubmit={(event) => void save(event)} noValidate>
        <div className="grid grid-cols-3 gap-2">
          <TextField
            label="How many"
            inputMode="numeric"
            {...form.register('count')}
            error={errors.count?.message}
          />
          <TextField
            label="Males, if known"
            inputMode="numeric"
            {...form.register('males')}
            error={errors.males?.message}
          />
          <TextField
            label="Females, if known"
            inputMode="numeric"
            {...form.register('females')}
            error={errors.females?.message}
          />
        </div>
        <div className="grid grid-cols-2 gap-2">
          <TextField
            label="Length when they come, cm"
            inputMode="decimal"
            {...form.register('lengthCm')}
            error={errors.lengthCm?.message}
          />
          <SelectField label="Origin" {...form.register('origin')}>
            {options(ORIGINS)}
          </SelectField>
          <TextField
            label="Stays until"
            placeholder="2027-06"
            {...form.register('until')}
            error={errors.until?.message}
            hint="Blank when it stays for good"
          />
          <TextField label="Next tank" {...form.register('nextTank')} />
          <SelectField label="Grown up together" {...form.register('together')}>
            {options(['unknown', 'yes', 'no'])}
          </SelectField>
          <SelectField label="A pair guards or is bred" {...form.register('breeding')}>
            {options(['no', 'yes'])}
          </SelectField>
        </div>
        <TextField
          label="Way out"
          {...form.register('wayOut')}
          hint="Who takes it back, or which tank is free tonight"
        />
        <Button tone="main" type="submit">
          Keep
        </Button>
      </form>
    </Dialog>
  );
}
