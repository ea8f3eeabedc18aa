'use client';

import type { UnitChoice } from '@/core/kernel';
import { UNIT_SYSTEMS, unitsLine } from '@/words/en';
import { classes } from './classes';
import { SelectField } from './Field';

const EACH = [
  [
    'length',
    'Lengths',
    [
      ['cm', 'cm'],
      ['in', 'inches and feet'],
    ],
  ],
  [
    'volume',
    'Volumes',
    [
      ['L', 'litres'],
      ['gal', 'US gallons'],
      ['impgal', 'imperial gallons'],
    ],
  ],
  [
    'temperature',
    'Temperatures',
    [
      ['C', '°C'],
      ['F', '°F'],
    ],
  ],
  [
    'hardness',
    'Hardness',
    [
      ['dH', '°dH'],
      ['ppmCaCO3', 'ppm'],
    ],
  ],
] as const;

interface Props {
  readonly units: UnitChoice;
  readonly onChoose: (units: Partial<UnitChoice>) => void;
}

/** Metric, US or UK with one press. */
export function UnitSystems({ units, onChoose }: Props) {
  return (
    <div role="group" aria-label="Units" className="flex flex-wrap gap-2">
      {UNIT_SYSTEMS.map(([name, system]) => {
        const line = unitsLine(system);
        const chosen = line === unitsLine(units);
        return (
          <button
            key={name}
            type="button"
            aria-pressed={chosen}
            onClick={() => onChoose(system)}
            className={classes(
              'min-h-11 rounded-xs border px-3 py-1 text-left',
              chosen ? 'border-deep bg-panel font-semibold' : 'border-edge hover:bg-panel',
            )}
          >
            {name} <span className="block text-[0.75rem] font-normal text-slate">{line}</span>
          </button>
        );
      })}
    </div>
  );
}

/** All units: with one press, or each by itself. */
export function UnitFields({ units, onChoose }: Props) {
  return (
    <div className="flex flex-col gap-3">
      <UnitSystems units={units} onChoose={onChoose} />
      <div className="grid grid-cols-2 gap-3">
        {EACH.map(([name, label, choices]) => (
          <SelectField
            key={name}
            label={label}
            value={units[name]}
            onChange={(event) => onChoose({ [name]: event.target.value })}
          >
            {choices.map(([value, words]) => (
              <option key={value} value={value}>
                {words}
              </option>
            ))}
          </SelectField>
        ))}
      </div>
    </div>
  );
}
