'use client';

import { useMemo } from 'react';
import { growthScores, isNear, NEAR } from '@/core/evidence';
import { OwnFigures } from '@/session/react/OwnFigures';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useKeptHere } from '@/session/react/useExperience';
import { useHappenings, useNames } from '@/session/react/useNames';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { useWaterLog } from '@/session/react/useWaterLog';
import { useWords } from '@/session/react/useWords';
import { FishName } from '@/ui/plates/FishName';
import { Section } from '@/ui/Screen';
import { Cell, Row, Table } from '@/ui/Table';
import { countOf, percent, sayNitrateMeasured } from '@/words/en';

/** Growth and nitrate as forecast, beside what was measured. */
export function ForecastsPart() {
  const happenings = useHappenings();
  const catalogue = useCatalogue();
  const words = useWords();
  const names = useNames();
  const tanks = useTanks();
  const grown = useMemo(() => growthScores(happenings ?? [], catalogue), [happenings, catalogue]);
  const here = useKeptHere();
  const kept = useMemo(() => (here ? [...here.keys()] : []), [here]);
  const near = grown.filter(({ measuredCm, expectedCm }) => isNear(measuredCm, expectedCm));
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
                <Cell figures>{words.fine('length', expectedCm)}</Cell>
                <Cell figures>{percent(measuredCm / expectedCm - 1)}</Cell>
              </Row>
            ))}
          </Table>
        </>
      )}
      <OwnFigures species={kept} />
      <ul className="mt-2">
        {tanks.map((tank) => (
          <NitrateLine key={tank.id} tank={tank} />
        ))}
      </ul>
    </Section>
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
