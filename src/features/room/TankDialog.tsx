'use client';

import { tankChange } from '@/core/commands/documentChanges';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { TANK_PURPOSES } from '@/core/records/documents';
import type { TankId } from '@/core/kernel/schema/ids';
import { parseQuantity } from '@/core/kernel/units/parseQuantity';
import { newId } from '@/session/browserStamp';
import { newTank } from '@/core/commands/newTank';
import { useCommands } from '@/session/react/useCommands';
import { useSettings, useTanks } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Dialog } from '@/ui/Dialog';
import { SelectField, TextField, options } from '@/ui/Field';

const MEASURES = ['length', 'width', 'height'] as const;
type Measure = (typeof MEASURES)[number];

/** A tank may not be longer than this; the plan file says the same. */
const LONGEST_CM = 2000;

function problem(text: string, unit: string): string | undefined {
  const parsed = parseQuantity('length', text, unit);
  if (!parsed.ok) return `Expected ${parsed.expected}.`;
  if (parsed.quantity.core <= 0) return 'A tank needs a size above zero.';
  return parsed.quantity.core > LONGEST_CM ? 'Expected at most 2000 cm.' : undefined;
}

/** A new tank: its name, what it is for, and its outside measures in any unit. */
export function TankDialog({
  open,
  onOpenChange,
}: {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}) {
  const router = useRouter();
  const { run } = useCommands();
  const { length: unit } = useSettings();
  const tanks = useTanks();
  const [name, setName] = useState('');
  const [purpose, setPurpose] = useState<(typeof TANK_PURPOSES)[number]>('display');
  const [sizes, setSizes] = useState<Record<Measure, string>>({ length: '', width: '', height: '' });
  const [tried, setTried] = useState(false);

  const faults = {
    name: name.trim() === '' ? 'Give the tank a name you will know it by.' : undefined,
    ...Object.fromEntries(MEASURES.map((measure) => [measure, problem(sizes[measure], unit)])),
  } as Record<Measure | 'name', string | undefined>;

  const take = (which: string): void => {
    const standard = STANDARD_TANKS.find((tank) => tank.name === which);
    if (!standard) return;
    setSizes({
      length: `${standard.lengthCm} cm`,
      width: `${standard.widthCm} cm`,
      height: `${standard.heightCm} cm`,
    });
  };

  const save = async (): Promise<void> => {
    setTried(true);
    if (Object.values(faults).some(Boolean)) return;
    const core = (measure: Measure): number => {
      const parsed = parseQuantity('length', sizes[measure], unit);
      return parsed.ok ? Math.round(parsed.quantity.core * 100) / 100 : 0;
    };
    const id = newId<TankId>();
    const entered = Object.fromEntries(MEASURES.map((measure) => [`${measure}Cm`, sizes[measure].trim()]));
    const body = newTank(
      name.trim(),
      purpose,
      { lengthCm: core('length'), widthCm: core('width'), heightCm: core('height') },
      tanks.length + 1,
      entered,
    );
    if (!(await run(`New tank: ${body.name}`, [tankChange(id, body)]))) return;
    onOpenChange(false);
    router.push(`/tank?tank=${id}`);
  };

  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="A new tank"
      about="Outside measures; the rest can be corrected on the Tank screen."
    >
      <form
        className="flex flex-col gap-3"
        onSubmit={(event) => {
          event.preventDefault();
          void save();
        }}
      >
        <TextField
          label="Name"
          value={name}
          onChange={(event) => setName(event.target.value)}
          error={tried ? faults.name : undefined}
        />
        <SelectField
          label="What it is for"
          value={purpose}
          onChange={(event) => setPurpose(event.target.value as typeof purpose)}
        >
          {options(TANK_PURPOSES)}
        </SelectField>
        <SelectField
          label="Start from a common size"
          defaultValue=""
          onChange={(event) => take(event.target.value)}
        >
          <option value="">Measured myself</option>
          {options(STANDARD_TANKS.map((tank) => tank.name))}
        </SelectField>
        <div className="grid grid-cols-3 gap-2">
          {MEASURES.map((measure) => (
            <TextField
              key={measure}
              label={measure[0]!.toUpperCase() + measure.slice(1)}
              placeholder={{ length: '4 ft', width: '50 cm', height: '20 in' }[measure]}
              value={sizes[measure]}
              onChange={(event) => setSizes({ ...sizes, [measure]: event.target.value })}
              error={tried ? faults[measure] : undefined}
            />
          ))}
        </div>
        <Button tone="main" type="submit">
          Put it in the rack
        </Button>
      </form>
    </Dialog>
  );
}
