'use client';

import { type Choice, HIDE_CLASSES, MALES } from '@/core/evidence';
import { useTanks } from '@/session/react/useTanks';
import { useUnits } from '@/session/react/useUnits';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { NumberField } from '@/ui/NumberField';
import { QuantityField } from '@/ui/QuantityField';
import { useWords } from '@/session/react/useWords';

/** A tank counts as alike in size within a fifth of its length. */
const ALIKE = 0.2;

interface Props {
  readonly choice: Choice;
  readonly onChange: (choice: Choice) => void;
}

/** Which tanks count: by size, hides, males, numbers and months. */
export function ChoiceFields({ choice, onChange }: Props) {
  const units = useUnits();
  const words = useWords();
  const tanks = useTanks();
  const set = (more: Choice): void => onChange({ ...choice, ...more });
  return (
    <div className="grid grid-cols-2 gap-2 lg:grid-cols-1 xl:grid-cols-2">
      <QuantityField
        label="Tank at least (length)"
        kind="length"
        unit={units.length}
        optional
        value={choice.leastCm}
        onChange={(leastCm) => set({ leastCm })}
      />
      <QuantityField
        label="Tank at most (length)"
        kind="length"
        unit={units.length}
        optional
        value={choice.mostCm}
        onChange={(mostCm) => set({ mostCm })}
      />
      {tanks.length > 0 && (
        <SelectField
          label="About the size of"
          wrap="col-span-2 lg:col-span-1 xl:col-span-2"
          value=""
          onChange={(event) => {
            const own = tanks.find(({ id }) => id === event.target.value)?.body.tank.lengthCm;
            if (own) set({ leastCm: Math.round(own * (1 - ALIKE)), mostCm: Math.round(own * (1 + ALIKE)) });
          }}
        >
          <option value="">choose a tank</option>
          {tanks.map(({ id, body }) => (
            <option key={id} value={id}>
              {body.name}, {words.tank('length', body.tank.lengthCm)}
            </option>
          ))}
        </SelectField>
      )}
      <SelectField
        label="Hides"
        value={choice.hides ?? ''}
        onChange={({ target: { value } }) => set({ hides: HIDE_CLASSES.find((one) => one === value) })}
      >
        <option value="">any</option>
        {HIDE_CLASSES.map((one) => (
          <option key={one} value={one}>
            {HIDES[one]}
          </option>
        ))}
      </SelectField>
      <SelectField
        label="Males"
        value={choice.males ?? ''}
        onChange={({ target: { value } }) => set({ males: MALES.find((one) => one === value) })}
      >
        <option value="">any</option>
        {MALES.map((one) => (
          <option key={one} value={one}>
            {one}
          </option>
        ))}
      </SelectField>
      <Whole label="At least so many" value={choice.leastFish} onKeep={(leastFish) => set({ leastFish })} />
      <Whole label="At most so many" value={choice.mostFish} onKeep={(mostFish) => set({ mostFish })} />
      <Whole
        label="Together for months"
        value={choice.leastMonths}
        onKeep={(leastMonths) => set({ leastMonths })}
      />
      {Object.values(choice).some((one) => one !== undefined) && (
        <div className="self-end">
          <Button tone="quiet" onClick={() => onChange({})}>
            Clear filter
          </Button>
        </div>
      )}
    </div>
  );
}

const HIDES: Readonly<Record<(typeof HIDE_CLASSES)[number], string>> = {
  none: 'none',
  few: '1 to 4',
  many: '5 and more',
  'not said': 'not said',
};

const MOST = 10_000;

function Whole({
  label,
  value,
  onKeep,
}: {
  readonly label: string;
  readonly value: number | undefined;
  readonly onKeep: (value: number | undefined) => void;
}) {
  return (
    <NumberField label={label} value={value} least={1} most={MOST} whole placeholder="any" onKeep={onKeep} />
  );
}
