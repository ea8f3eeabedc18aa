'use client';

import { useMemo } from 'react';
import { speciesChange } from '@/core/commands';
import { type GrowthScore, growthScores, ownMonthsToGrown } from '@/core/evidence';
import { changedPaths, commonName } from '@/core/model';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { useWaterLog } from '@/session/react/useWaterLog';
import { useWords } from '@/session/react/useWords';
import { Button } from '@/ui/Button';
import { FishName } from '@/ui/plates/FishName';
import { Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { capital, countOf, percent, plain, sayNitrateMeasured } from '@/words/en';

/** A forecast counts as right within this share of what was measured (from memory). */
const NEAR = 0.15;

/** Growth and nitrate as forecast, beside what was measured. */
export function ForecastsPart() {
  const happenings = useHappenings();
  const catalogue = useCatalogue();
  const words = useWords();
  const names = useNames();
  const tanks = useTanks();
  const grown = useMemo(() => growthScores(happenings ?? [], catalogue), [happenings, catalogue]);
  const near = grown.filter(({ measuredCm, expectedCm }) => Math.abs(measuredCm / expectedCm - 1) <= NEAR);
  return (
    <Section title="Forecasts against measurement">
      {grown.length === 0 ? (
        <p className="text-slate">Growth: measure a fish two months or more after it came.</p>
      ) : (
        <>
          <p>
            Growth: {near.length} of {countOf(grown.length, 'fish', 'fish')} within {percent(NEAR)} of the
            forecast.
          </p>
          <Table
            caption="Growth, measured and forecast"
            heads={[
              'Fish',
              { name: 'Months', figures: true },
              { name: 'Measured', figures: true },
              { name: 'Forecast', figures: true },
              { name: 'Off by', figures: true },
            ]}
          >
            {grown.map(({ resident, species, months, measuredCm, expectedCm }) => (
              <Row key={resident}>
                <Cell>
                  <FishName profile={catalogue.byId.get(species)}>{names.resident(resident)}</FishName>
                </Cell>
                <Cell figures>{months}</Cell>
                <Cell figures>{words.reading('length', measuredCm)}</Cell>
                <Cell figures>{words.quantity('length', expectedCm)}</Cell>
                <Cell figures>{percent(measuredCm / expectedCm - 1)}</Cell>
              </Row>
            ))}
          </Table>
        </>
      )}
      <ul>
        {[...new Set(grown.map(({ species }) => species))].map((species) => (
          <OwnGrowth key={species} species={species} scores={grown} />
        ))}
      </ul>
      <ul className="mt-2">
        {tanks.map((tank) => (
          <NitrateLine key={tank.id} tank={tank} />
        ))}
      </ul>
    </Section>
  );
}

/** How fast this room's fish of a species grow; one press makes it the keeper's own figure. */
function OwnGrowth({
  species,
  scores,
}: {
  readonly species: string;
  readonly scores: readonly GrowthScore[];
}) {
  const catalogue = useCatalogue();
  const { session, run } = useCommands();
  const words = useWords();
  const profile = catalogue.byId.get(species);
  const months = profile ? ownMonthsToGrown(profile, scores) : null;
  if (!profile || months === null || Math.abs(months / profile.size.monthsToGrown - 1) <= NEAR) return null;
  const take = (): Promise<boolean> => {
    const own = { ...profile, size: { ...profile.size, monthsToGrown: months } };
    const shipped = session.shipped.byId.get(species);
    return run(`Your values for ${commonName(profile)}`, [
      speciesChange(species, { profile: own, changed: shipped ? [...changedPaths(shipped, own)] : [] }),
    ]);
  };
  return (
    <li className="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
      <span>
        {capital(words.many(species))} are grown in about {countOf(months, 'month')} here; the catalogue says{' '}
        {plain(profile.size.monthsToGrown)}.
      </span>
      <Button onClick={take}>Use {countOf(months, 'month')}</Button>
    </li>
  );
}

/** What a tank makes of nitrate, measured beside what its fish were forecast to make. */
function NitrateLine({ tank }: { readonly tank: TankView }) {
  const log = useWaterLog(tank);
  const words = useWords();
  return (
    <li className="border-b border-line py-1">
      {tank.body.name}, nitrate: {sayNitrateMeasured(log, words.unit('concentration'))}
    </li>
  );
}
