'use client';

import { changeSettings } from '@/core/commands';
import { DEFAULT_SETTINGS } from '@/core/records';
import { useCommands } from '@/session/react/useCommands';
import { useSettings } from '@/session/react/useTanks';
import { SelectField } from '@/ui/Field';

const UNITS = [
  {
    name: 'length',
    label: 'Lengths',
    choices: [
      ['cm', 'cm'],
      ['in', 'inches'],
    ],
  },
  {
    name: 'volume',
    label: 'Volumes',
    choices: [
      ['L', 'litres'],
      ['gal', 'US gallons'],
      ['impgal', 'imperial gallons'],
    ],
  },
  {
    name: 'temperature',
    label: 'Temperatures',
    choices: [
      ['C', '°C'],
      ['F', '°F'],
    ],
  },
  {
    name: 'hardness',
    label: 'Hardness',
    choices: [
      ['dH', '°dH'],
      ['ppmCaCO3', 'ppm'],
    ],
  },
] as const;

/** The units that the keeper reads and types in. */
export function UnitsPart() {
  const settings = useSettings();
  const { run } = useCommands();
  return (
    <div className="grid grid-cols-2 gap-3 sm:grid-cols-4">
      {UNITS.map(({ name, label, choices }) => (
        <SelectField
          key={name}
          label={label}
          value={settings[name]}
          onChange={(event) => {
            const chosen = { [name]: event.target.value };
            void run(
              'Units changed',
              ({ documents }) => changeSettings(documents, DEFAULT_SETTINGS, chosen),
              true,
            );
          }}
        >
          {choices.map(([value, words]) => (
            <option key={value} value={value}>
              {words}
            </option>
          ))}
        </SelectField>
      ))}
    </div>
  );
}
