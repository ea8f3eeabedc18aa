'use client';

import type { Schema } from 'yup';
import { fromCore, keeperUnit, toCore } from '@/core/kernel';
import { planTankFields, planWaterFields } from '@/core/model';
import { furnishTank } from '@/core/tank';
import { useSettings, type TankView } from '@/session/react/useTanks';
import { boundWords } from '@/ui/form/fieldWords';
import { keptUnitOf } from '@/ui/form/typed';
import { QuantityField } from '@/ui/QuantityField';
import { useTankEdits } from './useTankEdits';

interface Row {
  readonly label: string;
  readonly part: 'tank' | 'water';
  readonly name: string;
  readonly optional?: boolean;
}

/** What was measured, and what follows from it while nobody says. */
export const MEASURES: readonly Row[] = [
  { label: 'Length', part: 'tank', name: 'lengthCm' },
  { label: 'Width', part: 'tank', name: 'widthCm' },
  { label: 'Height', part: 'tank', name: 'heightCm' },
  { label: 'Water line', part: 'tank', name: 'waterLineCm', optional: true },
  { label: 'Glass', part: 'tank', name: 'glassMm', optional: true },
  { label: 'Substrate depth', part: 'tank', name: 'substrateCm', optional: true },
  { label: 'Filter flow (label)', part: 'tank', name: 'filterLph', optional: true },
];

export const WATER: readonly Row[] = [
  { label: 'Temperature', part: 'water', name: 'temperatureC', optional: true },
  { label: 'GH', part: 'water', name: 'ghDh', optional: true },
  { label: 'KH', part: 'water', name: 'khDh', optional: true },
  { label: 'Nitrate in tap water', part: 'water', name: 'nitrateTapMgL', optional: true },
  { label: 'Salinity', part: 'water', name: 'salinityPpt', optional: true },
];

/** How far a bow front stands out, asked only of bow fronts. */
export const BOW: readonly Row[] = [{ label: 'Bow, within the width', part: 'tank', name: 'bowCm' }];

const FIELDS = { tank: planTankFields, water: planWaterFields } as unknown as Readonly<
  Record<Row['part'], Readonly<Record<string, Schema>>>
>;

export function Measures({ tank, rows }: { readonly tank: TankView; readonly rows: readonly Row[] }) {
  const settings = useSettings();
  const { measure } = useTankEdits(tank);
  const entered = tank.body.entered ?? {};
  const furnished = furnishTank(tank.body.tank).furnished as unknown as Readonly<Record<string, number>>;
  return rows.map(({ label, part, name, optional = false }) => {
    const field = FIELDS[part][name];
    const kept = field && keptUnitOf(field);
    if (!field || !kept) return null;
    const core = (value: number | undefined): number | undefined =>
      value === undefined ? undefined : toCore(kept.kind, value, kept.id);
    return (
      <QuantityField
        key={name}
        label={label}
        kind={kept.kind}
        unit={name === 'glassMm' && settings.length === 'cm' ? 'mm' : keeperUnit(kept.kind, settings)}
        value={core((tank.body[part] as Record<string, number | undefined>)[name])}
        entered={entered[name]}
        optional={optional}
        assumed={part === 'tank' ? core(furnished[name]) : undefined}
        refuse={(typed) => {
          const value = fromCore(kept.kind, typed, kept.id);
          const sound = field.isValidSync(Number(value.toFixed(3)), { strict: true });
          return sound ? null : boundWords(field, settings);
        }}
        onChange={(typed, text) =>
          measure(
            label.toLowerCase(),
            part,
            name,
            typed === undefined ? undefined : fromCore(kept.kind, typed, kept.id),
            text,
          )
        }
      />
    );
  });
}
