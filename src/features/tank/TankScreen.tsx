'use client';

import { useWords } from '@/session/react/useWords';
import { removeTank } from '@/core/commands';
import { useMemo } from 'react';
import { buildContext, roomPlan } from '@/core/assess';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { ASK_ENGINEER_L, furnishTank, sameFootprint, USUAL_FLOOR_LOAD_KPA } from '@/core/tank';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidents, useSettings, useTank, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { useSceneTank } from '@/session/react/useSceneTank';
import { GlassScene } from '@/ui/scene/GlassScene';
import { NoTank } from '@/ui/NoTank';
import { Caution, Ledger, Screen, Section } from '@/ui/Screen';
import { FloorEditor } from '@/session/floor/FloorEditor';
import { useFloor } from '@/session/floor/useFloor';
import { FloorMap } from '@/ui/floor/FloorMap';
import { PartNav } from '@/ui/PartNav';
import { usePart } from '@/ui/usePart';
import { TankForm } from './TankForm';
import { TankTop } from './TankTop';
import { fixed, plain } from '@/words/en';

function Figures({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const settings = useSettings();
  const { figures } = useMemo(
    () =>
      buildContext(roomPlan(tank.body, [], [], catalogue, todayIso()), catalogue, todayIso()).context.tank,
    [tank, catalogue],
  );
  const words = useWords();
  const { mass, footprintCm2 } = figures;
  const kg = (value: number): string => words.quantity('mass', value);
  return (
    <>
      <Ledger
        rows={[
          ['Outside volume', words.quantity('volume', figures.grossL)],
          ['Net water', words.quantity('volume', figures.netL)],
          ['Inside, from above', words.area(footprintCm2)],
          ['Water depth', words.quantity('length', figures.waterDepthCm)],
          ['Longest free swim', words.quantity('length', figures.freeSwimCm)],
          ['Real turnover', `${fixed(figures.turnoverPerHour, 1)} × an hour`],
          ['Full weight (estimate)', kg(mass.totalKg)],
          ['Water', kg(mass.waterKg)],
          ['Glass', kg(mass.glassKg)],
          ['Substrate, rock and wood', kg(mass.substrateKg + mass.hardscapeKg)],
          ['Stand and equipment', kg(mass.standKg)],
          [
            'Pressure on the floor',
            settings.length === 'in' ? `${Math.round(mass.floorPsf)} psf` : `${fixed(mass.floorKPa, 1)} kPa`,
          ],
        ]}
      />
      <div className="mt-3">
        <Caution>
          The weight is an estimate. Many codes design homes for{' '}
          {settings.length === 'in' ? '40 psf' : `${plain(USUAL_FLOOR_LOAD_KPA)} kPa`} over a whole floor; a
          tank stands on a small part of it.
          {figures.grossL > ASK_ENGINEER_L
            ? ' At this size, and in old or rented buildings at any size, ask a structural engineer or the local building authority.'
            : ' In old or rented buildings ask before you fill it.'}{' '}
          Use a level, rated stand across the joists.
        </Caution>
      </div>
    </>
  );
}

/** Common sizes with the same footprint and another height, and whom the difference serves. */
function Likes({ tank }: { readonly tank: TankView }) {
  const { lengthCm, widthCm, heightCm } = tank.body.tank;
  const words = useWords();
  const others = sameFootprint({ lengthCm, widthCm, heightCm }, STANDARD_TANKS);
  if (others.length === 0) return null;
  return (
    <Section title="The same footprint, another height">
      <ul>
        {others.map((other) => (
          <li key={other.name} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{other.name}</span>
            <span className="fig">{words.tank('length', other.heightCm)} high</span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[0.8125rem] text-slate">Only tall and mid-water fish gain by height.</p>
    </Section>
  );
}

/** The tank: drawn to scale, what follows from its measures, and the measures themselves. */
export function TankScreen() {
  const tank = useTank();
  return tank ? <OneTank tank={tank} /> : <NoTank title="Tank" />;
}

const PARTS = [
  ['measures', 'Measures'],
  ['floor', 'Floor'],
] as const;

function OneTank({ tank }: { readonly tank: TankView }) {
  const part = usePart(PARTS);
  const { pieces } = useFloor(tank).body;
  const { run } = useCommands();
  const residents = useResidents(tank.id);
  const words = useWords();
  const scene = useSceneTank(tank);
  const { lengthCm, widthCm, heightCm, waterLineCm, glassMm, shape, bowCm } = furnishTank(
    tank.body.tank,
  ).furnished;
  const tick = words.tick(lengthCm);
  const remove = () => run(`Removed ${tank.body.name}`, removeTank(tank.id));
  return (
    <Screen
      title={`${tank.body.name}, ${tank.body.purpose}`}
      actions={
        <Button
          tone="warn"
          onClick={remove}
          disabled={residents.length > 0}
          title={residents.length > 0 ? 'Fish live here: move or rehome them first' : undefined}
        >
          Remove tank
        </Button>
      }
    >
      <PartNav
        label="Parts of Tank"
        parts={PARTS}
        current={part}
        href={(id) => `/tank?tank=${tank.id}${id === 'floor' ? '&part=floor' : ''}`}
      />
      {part === 'floor' ? (
        <FloorEditor tank={tank} />
      ) : (
        <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
          <div className="grid content-start gap-5">
            <div className="grid grid-cols-[3fr_2fr] items-end gap-4">
              <figure>
                <GlassScene
                  tank={scene}
                  tickCm={tick.cm}
                  groups={[]}
                  label={`From the front: ${words.tank('length', lengthCm)} by ${words.tank('length', heightCm)}, water to ${words.tank('length', waterLineCm)}`}
                  className="max-h-52 w-full"
                />
                <figcaption className="text-[0.75rem] text-slate">
                  Front, a tick every {tick.label}
                </figcaption>
              </figure>
              <figure>
                {pieces.length > 0 && shape === 'box' ? (
                  <FloorMap
                    lengthCm={tank.body.tank.lengthCm}
                    widthCm={tank.body.tank.widthCm}
                    pieces={pieces}
                    label="From above, with what stands on the floor"
                  />
                ) : (
                  <TankTop
                    lengthCm={lengthCm}
                    widthCm={widthCm}
                    glassMm={glassMm}
                    shape={shape}
                    bowCm={bowCm}
                    className="max-h-40 w-full"
                  />
                )}
                <figcaption className="text-[0.75rem] text-slate">
                  {pieces.length > 0 && shape === 'box'
                    ? 'Above, front below'
                    : 'Above, with the longest free swim'}
                </figcaption>
              </figure>
            </div>
            <TankForm tank={tank} />
          </div>
          {/* On a phone what follows comes before the fields. */}
          <div className="grid content-start gap-5 max-lg:order-first">
            <Section title="Summary">
              <Figures tank={tank} />
            </Section>
            <Likes tank={tank} />
          </div>
        </div>
      )}
    </Screen>
  );
}
