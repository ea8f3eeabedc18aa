'use client';

import { Link } from '@/ui/Link';
import { countedOf, dayWords, everyOf, manyOf, sayWave } from '@/words/en';
import { addDays } from '@/core/kernel';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { saveText } from '@/session/saveFile';
import { Caution, Empty, Section } from '@/ui/Screen';
import { ImpulsePart } from './ImpulsePart';
import { useWaves, type Waves } from './useWaves';
import { WaveLine } from './WaveLine';
const WEEK = 7;
const WEEKS = [4, 5, 6] as const;
const LOOKS = [1, 2, 7] as const;

function namesIn(waves: Waves, index: number): string {
  return everyOf(
    (waves.waves[index]?.keys ?? []).flatMap((key) => {
      const one = waves.toCome.find((each) => each.key === key);
      return one ? [countedOf(one.count, one.profile)] : [];
    }),
  );
}

/** The species under a key, for many. */
function kindIn(waves: Waves, key: string): string {
  const one = waves.toCome.find((each) => each.key === key);
  return one ? manyOf(one.profile) : key;
}

async function saveCalendar(tank: TankView, waves: Waves): Promise<void> {
  const { calendarText } = await import('@/core/formats/calendar');
  const laneOf = (id: string | null): string => waves.lanes.find((lane) => lane.id === id)?.name ?? '';
  const entries = waves.waves.flatMap((wave, index) => {
    const who = namesIn(waves, index);
    const uid = `${tank.id}-${wave.keys.join('-')}`;
    return [
      ...(wave.lane === null
        ? []
        : [
            {
              uid: `${uid}-in`,
              title: `Bring home ${who}: into ${laneOf(wave.lane)}`,
              on: wave.arrives,
              days: 1,
              about: 'Seeded filter running? Water dechlorinated?',
            },
          ]),
      {
        uid: `${uid}-out`,
        title: `Release ${who} into ${tank.body.name}`,
        on: wave.releases,
        days: 1,
        about:
          'Move the rocks within the hour, feed the residents first, lights off, release low, check heater and lid.',
      },
      ...LOOKS.map((after) => ({
        uid: `${uid}-look-${after}`,
        title: `Check the newcomers in ${tank.body.name}`,
        on: addDays(wave.releases, after),
        days: 1,
        about: who,
      })),
    ];
  });
  saveText(
    `${tank.body.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}-waves.ics`,
    calendarText(`Waves into ${tank.body.name}`, entries),
    'text/calendar',
  );
}

/** One wave in words, with what speaks against it and ways to move it. */
function WaveItem({ waves, index }: { readonly waves: Waves; readonly index: number }) {
  const wave = waves.waves[index];
  if (!wave) return null;
  const unwise = waves.unwise.filter((one) => one.wave === index);
  return (
    <li className="border-b border-line py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <p>
          <strong>
            <span className="fig">{index + 1}.</span> {namesIn(waves, index)}
          </strong>
          <span className="block text-slate">
            {wave.lane === null
              ? `no quarantine; arrives ${dayWords(wave.releases)}`
              : `quarantine ${dayWords(wave.arrives)}, release ${dayWords(wave.releases)}`}
          </span>
        </p>
        <div className="flex items-end gap-1">
          {waves.lanes.length > 0 && (
            <div className="min-w-37">
              <SelectField
                label={`Quarantine tank of wave ${index + 1}`}
                value={wave.lane ?? ''}
                onChange={(event) => waves.into(index, event.target.value || null)}
              >
                {waves.lanes.map((lane) => (
                  <option key={lane.id} value={lane.id}>
                    {lane.name}
                  </option>
                ))}
                <option value="">no quarantine</option>
              </SelectField>
            </div>
          )}
          <Button aria-label={`Wave ${index + 1}: 1 week earlier`} onClick={() => waves.shift(index, -WEEK)}>
            1 week earlier
          </Button>
          <Button aria-label={`Wave ${index + 1}: 1 week later`} onClick={() => waves.shift(index, WEEK)}>
            1 week later
          </Button>
        </div>
      </div>
      {unwise.length > 0 && (
        <ul className="mt-1 text-lamp">
          {unwise.map((one) => (
            <li key={JSON.stringify(one.fact)}>{sayWave(one.fact, (key) => kindIn(waves, key))}</li>
          ))}
        </ul>
      )}
    </li>
  );
}

/** What comes when: waves in the order of an approach, through quarantine, two weeks apart or more. */
export function WavesPart({ tank }: { readonly tank: TankView }) {
  const waves = useWaves(tank);
  if (waves.toCome.length === 0)
    return (
      <Empty>
        No fish planned for {tank.body.name}.{' '}
        <Link href={`/stock?tank=${tank.id}`} className="text-deep underline">
          Plan the stock list
        </Link>
        to plan the waves.
      </Empty>
    );
  return (
    <div className="flex max-w-[76rem] flex-col gap-4">
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="Order"
          value={waves.rules.approach}
          onChange={(event) =>
            waves.choose({ school: event.target.value as 'gentlest first' | 'favourite first' })
          }
        >
          <option value="gentlest first">peaceful first, aggressive last</option>
          <option value="favourite first">what is wished for most first</option>
        </SelectField>
        <SelectField
          label="Quarantine"
          value={String(waves.rules.quarantineDays)}
          onChange={(event) => waves.choose({ quarantineDays: Number(event.target.value) })}
        >
          {WEEKS.map((weeks) => (
            <option key={weeks} value={weeks * WEEK}>
              {weeks} weeks
            </option>
          ))}
          <option value="0">none, at my own risk</option>
        </SelectField>
        <Button onClick={() => saveCalendar(tank, waves)}>Export to calendar</Button>
        {waves.byHand && <Button onClick={waves.anew}>Plan again</Button>}
      </div>
      {waves.ripe.state !== 'ripe' && waves.ripe.state !== 'lived-in' && (
        <Caution>
          {waves.ripe.state === 'nothing known'
            ? `Nothing is known of the filter of ${tank.body.name}: no fish before a test dose is gone within a day. `
            : `The filter of ${tank.body.name} is not proven (${waves.ripe.state}): no wave before ${dayWords(waves.readyOn)}, and then only if a test dose is gone within a day. `}
          <Link href={`/water?tank=${tank.id}`}>Show the filter</Link>.
        </Caution>
      )}
      {waves.lanes.length === 0 && waves.rules.quarantineDays > 0 && (
        <Caution>
          No quarantine tank: any disease they carry reaches the others. Add a spare tank with a proven
          filter.
        </Caution>
      )}
      <WaveLine
        waves={waves}
        display={tank.body.name}
        nameOf={(index) => namesIn(waves, index)}
        kindOf={(key) => kindIn(waves, key)}
      />
      <ol>
        {waves.waves.map((wave, index) => (
          <WaveItem key={wave.keys.join()} waves={waves} index={index} />
        ))}
      </ol>
      <ImpulsePart tank={tank} waves={waves} />
      {waves.unplanned.length > 0 && (
        <Section title="Listed since, in no wave">
          <p>
            {everyOf(waves.unplanned.map((one) => countedOf(one.count, one.profile)))}.{' '}
            <Button onClick={waves.anew}>Plan all again</Button>
          </p>
        </Section>
      )}
    </div>
  );
}
