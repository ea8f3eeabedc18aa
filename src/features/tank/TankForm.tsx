'use client';

import { TANK_PURPOSES } from '@/core/records';
import { USUAL_ROUTINE } from '@/core/tank';
import {
  DENSITIES,
  MALES,
  type PlanTank,
  PLANTS,
  type Substrate,
  SUBSTRATES,
  TANK_APPROACHES,
  TANK_SHAPES,
  type TankShape,
} from '@/core/model';
import { HIDE_KINDS, type HideKind } from '@/core/rules';
import type { TankView } from '@/session/react/useTanks';
import { SelectField, options } from '@/ui/Field';
import { Section } from '@/ui/Screen';
import { KeptText } from '@/ui/KeptText';
import { NumberField } from '@/ui/NumberField';
import { BOW, MEASURES, Measures, WATER } from './TankMeasures';
import { tenth } from '@/words/en';
import { useTankEdits } from './useTankEdits';

const HIDE_LABELS: Readonly<Record<HideKind, string>> = {
  caves: 'Caves',
  overhangs: 'Overhangs',
  upright: 'Upright roots, plants',
  floating: 'Floating cover',
  shells: 'Shells',
};

/** Hides of each kind, light and what breaks the sight lines: blank is "nobody said", and then nothing is judged by it. */
function Furnishing({ tank }: { readonly tank: TankView }) {
  const { save } = useTankEdits(tank);
  const { hides, lightHours, sightBreaks, hardscapeFraction } = tank.body.tank;
  const byKind = typeof hides === 'object' ? (hides as Partial<Record<HideKind, number>>) : {};
  const put = (label: string, part: Partial<PlanTank>) =>
    save(label, (old) => ({ ...old, tank: { ...old.tank, ...part } }));
  const setHide = (kind: HideKind, count: number | undefined) => {
    const next = { ...byKind, [kind]: count };
    return put('hides', { hides: HIDE_KINDS.some((one) => next[one] !== undefined) ? next : undefined });
  };
  return (
    <Section title="Hiding places and light" aside="optional">
      <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-4">
        {HIDE_KINDS.map((kind) => (
          <NumberField
            key={kind}
            label={HIDE_LABELS[kind]}
            value={byKind[kind]}
            least={0}
            most={500}
            whole
            onKeep={(count) => setHide(kind, count)}
          />
        ))}
        <NumberField
          label="Sight breaks"
          value={sightBreaks}
          least={0}
          most={500}
          whole
          onKeep={(count) => put('sight breaks', { sightBreaks: count })}
        />
        <NumberField
          label="Light, hours a day"
          value={lightHours}
          least={0}
          most={24}
          onKeep={(hours) => put('light hours', { lightHours: hours })}
        />
        <NumberField
          label="Rock and wood, % of the water"
          value={hardscapeFraction === undefined ? undefined : hardscapeFraction * 100}
          write={tenth}
          least={0}
          most={90}
          onKeep={(share) =>
            put('hardscape', { hardscapeFraction: share === undefined ? undefined : share / 100 })
          }
        />
      </div>
    </Section>
  );
}

const PRACTICES = [
  { name: 'tankSize', label: 'Tank size', choices: TANK_APPROACHES, usual: 'middle' },
  { name: 'males', label: 'Males', choices: MALES, usual: 'harem' },
] as const;

/** Everything about a tank that the keeper can set. */
export function TankForm({ tank }: { readonly tank: TankView }) {
  const { save } = useTankEdits(tank);
  const { body } = tank;
  const { changeFraction: share, everyDays: every } = { ...USUAL_ROUTINE, ...body.routine };
  const routine = `${share}/${every}`;
  const set = (part: Partial<typeof body.tank>, label: string) =>
    save(label, (old) => ({ ...old, tank: { ...old.tank, ...part } }));
  const rename = (name: string) => save('name', (old) => ({ ...old, name }));
  const setPurpose = (purpose: (typeof TANK_PURPOSES)[number]) =>
    save('purpose', (old) => ({ ...old, purpose }));
  const practise = (part: Partial<typeof body.practice>) =>
    save('practice', (old) => ({ ...old, practice: { ...old.practice, ...part } }));
  return (
    <div className="grid gap-5">
      <Section title="Measures" aside="any unit">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <Measures tank={tank} rows={MEASURES} />
          <SelectField
            label="Shape"
            value={body.tank.shape ?? 'box'}
            onChange={(event) => void set({ shape: event.target.value as TankShape }, 'shape')}
          >
            {options(TANK_SHAPES)}
          </SelectField>
          {body.tank.shape === 'bow-front' && <Measures tank={tank} rows={BOW} />}
          <SelectField
            label="Measured"
            value={body.tank.inside ? 'inside' : 'outside'}
            onChange={(event) => void set({ inside: event.target.value === 'inside' }, 'inside or outside')}
          >
            {options(['outside', 'inside'])}
          </SelectField>
          <SelectField
            label="Substrate"
            value={body.tank.substrate ?? 'sand'}
            onChange={(event) => void set({ substrate: event.target.value as Substrate }, 'substrate')}
          >
            {options(SUBSTRATES)}
          </SelectField>
          <SelectField
            label="Top"
            value={body.tank.lid === false ? 'open' : 'lid'}
            onChange={(event) => void set({ lid: event.target.value === 'lid' }, 'lid')}
          >
            {options(['lid', 'open'])}
          </SelectField>
          <SelectField
            label="Plants"
            value={body.tank.plants ?? 'some'}
            onChange={(event) =>
              void set({ plants: event.target.value as (typeof PLANTS)[number] }, 'plants')
            }
          >
            {options(PLANTS)}
          </SelectField>
          <KeptText label="Name" needed value={body.name} onKeep={rename} />
          <SelectField
            label="Purpose"
            value={body.purpose}
            onChange={(event) => void setPurpose(event.target.value as (typeof TANK_PURPOSES)[number])}
          >
            {options(TANK_PURPOSES)}
          </SelectField>
        </div>
      </Section>
      <Furnishing tank={tank} />
      <Section title="Water" aside="optional">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <NumberField
            label="pH"
            value={body.water.ph}
            least={3}
            most={11}
            onKeep={(ph) => save('pH', (old) => ({ ...old, water: { ...old.water, ph } }))}
          />
          <Measures tank={tank} rows={WATER} />
        </div>
      </Section>
      <Section title="Routine and practice" aside="verdicts follow these choices">
        <div className="grid grid-cols-2 gap-x-3 gap-y-2 sm:grid-cols-3">
          <SelectField
            label="Water changed"
            value={routine}
            onChange={(event) => {
              const [changeFraction, everyDays] = event.target.value.split('/').map(Number) as [
                number,
                number,
              ];
              void save('routine', (old) => ({
                ...old,
                routine: { ...old.routine, changeFraction, everyDays },
              }));
            }}
          >
            {[...new Set(['0.5/7', '0.25/3', '0.25/7', '0.3/7', '0.4/7', '0.5/4', '0.5/14', routine])].map(
              (one) => {
                const [fraction, days] = one.split('/').map(Number) as [number, number];
                return (
                  <option key={one} value={one}>
                    {Math.round(fraction * 100)}% every {days} days
                  </option>
                );
              },
            )}
          </SelectField>
          {PRACTICES.map(({ name, label, choices, usual }) => (
            <SelectField
              key={name}
              label={label}
              value={body.practice[name] ?? usual}
              onChange={(event) => void practise({ [name]: event.target.value })}
            >
              {options(choices)}
            </SelectField>
          ))}
          <SelectField
            label="Rift-lake density"
            value={body.practice.riftDensity ?? ''}
            onChange={(event) =>
              void practise({
                riftDensity: (event.target.value || undefined) as (typeof DENSITIES)[number] | undefined,
              })
            }
          >
            <option value="">usual for the species</option>
            {options(DENSITIES)}
          </SelectField>
          <NumberField
            label="Meals a day"
            value={body.routine.mealsPerDay}
            least={0}
            most={24}
            whole
            onKeep={(mealsPerDay) =>
              save('meals', (old) => ({ ...old, routine: { ...old.routine, mealsPerDay } }))
            }
          />
        </div>
      </Section>
    </div>
  );
}
