'use client';

import { newTank, tankChange } from '@/core/commands';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STANDARD_TANKS, tanksToChoose } from '@/catalogue/standardTanks';
import { TANK_PURPOSES, tankFields } from '@/core/records';
import { noteField, type TankId, withUnit } from '@/core/kernel';
import { planTankFields } from '@/core/model';
import { formatQuantity } from '@/words/en';
import { newId } from '@/session/browserStamp';
import { useCommands } from '@/session/react/useCommands';
import { useRoomForm } from '@/session/react/useRoomForm';
import { useSettings, useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';
import { Form } from '@/ui/form/Form';

const { lengthCm, widthCm, heightCm } = planTankFields;
const MEASURES = { lengthCm, widthCm, heightCm };
type Measure = keyof typeof MEASURES;
const LABELS: readonly (readonly [Measure, string, string])[] = [
  ['lengthCm', 'Length', '4 ft'],
  ['widthCm', 'Width', '50 cm'],
  ['heightCm', 'Height', '20 in'],
];

/** A new tank: what it is for, its outside measures in any unit, and its name if it has one. */
export function TankDialog({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const router = useRouter();
  const { keep } = useCommands();
  const tanks = useTanks();
  const settings = useSettings();
  const { length: unit } = settings;
  const [standard, setStandard] = useState('');
  const called = standard === '' ? `Tank ${tanks.length + 1}` : standard;
  const form = useRoomForm({
    unfinished: 'tank',
    fields: { ...tankFields, name: noteField(), ...MEASURES },
    start: { name: '', purpose: 'display', lengthCm: '', widthCm: '', heightCm: '' },
    save: async ({ name, purpose, ...size }) => {
      const id = newId<TankId>();
      const entered = Object.fromEntries(
        LABELS.map(([measure]) => [measure, withUnit(form.text(measure), 'length', unit)]),
      );
      const body = newTank(name === '' ? called : name, purpose, size, tanks.length + 1, entered);
      const kept = await keep(`New tank: ${body.name}`, [tankChange(id, body)]);
      if (kept !== true) return kept;
      onOpenChange(false);
      router.push(`/tank?tank=${id}`);
      return true;
    },
  });

  const take = (which: string): void => {
    setStandard(which);
    const size = STANDARD_TANKS.find((tank) => tank.name === which);
    if (!size) return;
    for (const [measure] of LABELS) form.put(measure, formatQuantity('length', size[measure], unit));
  };

  return (
    <Dialog
      open={open}
      onOpenChange={(stays) => {
        // Closed by hand is given up; a reload is not.
        if (!stays) form.drop();
        onOpenChange(stays);
      }}
      title="Add tank"
      about="Outside measures; add the rest on the Tank screen."
    >
      <Form form={form} className="flex flex-col gap-3">
        <TextField label="Name" hint="optional" {...form.part('name')} placeholder={called} />
        <SelectField label="Purpose" {...form.part('purpose')}>
          {options(TANK_PURPOSES)}
        </SelectField>
        <SelectField
          label="Start from a common size"
          defaultValue=""
          onChange={(event) => take(event.target.value)}
        >
          <option value="">Measured myself</option>
          {options(tanksToChoose(settings).map((tank) => tank.name))}
        </SelectField>
        <div className="grid grid-cols-3 gap-2">
          {LABELS.map(([measure, label, such]) => (
            <TextField key={measure} label={label} {...form.part(measure)} placeholder={such} />
          ))}
        </div>
        <Button tone="main" type="submit" waiting={form.waiting}>
          Add tank
        </Button>
      </Form>
    </Dialog>
  );
}
