'use client';

import { formatQuantity, type Litres } from '@/core/kernel';
import { removeTank } from '@/core/commands';
import { useMemo } from 'react';
import { buildContext, roomPlan } from '@/core/assess';
import { STANDARD_TANKS } from '@/catalogue/standardTanks';
import { sameFootprint, USUAL_FLOOR_LOAD_KPA } from '@/core/tank';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useResidents, useSettings, useTank, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { Button } from '@/ui/Button';
import { GlassFront } from '@/ui/GlassFront';
import { NoTank } from '@/ui/NoTank';
import { Caution, Ledger, Screen, Section } from '@/ui/Screen';
import { TankForm } from './TankForm';
import { TankTop } from './TankTop';

/** Over this volume floors, old houses and rented flats ask for an engineer (cautions of the trade). */
const ASK_ENGINEER_L = 200;

function Figures({ tank }: { readonly tank: TankView }) {
  const catalogue = useCatalogue();
  const settings = useSettings();
  const { figures } = useMemo(
    () =>
      buildContext(roomPlan(tank.body, [], [], catalogue, todayIso()), catalogue, todayIso()).context.tank,
    [tank, catalogue],
  );
  const length = (cm: number): string => formatQuantity('length', cm, settings.length);
  const volume = (litres: Litres): string => formatQuantity('volume', litres, settings.volume);
  const { mass } = figures;
  return (
    <>
      <Ledger
        rows={[
          ['Volume by its outside', volume(figures.grossL)],
          ['Net water', volume(figures.netL)],
          ['Footprint inside', `${Math.round(figures.footprintCm2)} cm²`],
          ['Water depth', length(figures.waterDepthCm)],
          ['Longest free swim', length(figures.freeSwimCm)],
          ['Turnover, real', `${figures.turnoverPerHour.toFixed(1)} × an hour`],
          ['Filled mass, about', `${Math.round(mass.totalKg)} kg`],
          [
            'of it water, glass, floor',
            `${Math.round(mass.waterKg)}, ${Math.round(mass.glassKg)}, ${Math.round(mass.substrateKg + mass.hardscapeKg)} kg`,
          ],
          ['Pressure on the floor', `${mass.floorKPa.toFixed(1)} kPa, ${Math.round(mass.floorPsf)} psf`],
        ]}
      />
      <div className="mt-3">
        <Caution>
          The mass is an estimate. Many codes design homes for {USUAL_FLOOR_LOAD_KPA} kPa (40 psf) over a
          whole floor; a tank stands on a small part of it.
          {figures.grossL > ASK_ENGINEER_L
            ? ' At this size, and in old or rented buildings at any size, ask a structural engineer or the local building authority.'
            : ' In old or rented buildings ask before you fill it.'}{' '}
          A level stand rated for the load, away from joists that run along it.
        </Caution>
      </div>
    </>
  );
}

/** Common sizes with the same footprint and another height, and whom the difference serves. */
function Likes({ tank }: { readonly tank: TankView }) {
  const { lengthCm, widthCm, heightCm } = tank.body.tank;
  const settings = useSettings();
  const others = sameFootprint({ lengthCm, widthCm, heightCm }, STANDARD_TANKS);
  if (others.length === 0) return null;
  const length = (cm: number): string => formatQuantity('length', cm, settings.length);
  return (
    <Section title="The same footprint, another height">
      <ul>
        {others.map((other) => (
          <li key={other.name} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{other.name}</span>
            <span className="fig">{length(other.heightCm)} high</span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-[13px] text-slate">
        To bottom and territorial fish they are one tank; the taller serves tall-bodied and mid-water fish.
      </p>
    </Section>
  );
}

/** The tank: drawn to scale, what follows from its measures, and the measures themselves. */
export function TankScreen() {
  const tank = useTank();
  return tank ? <OneTank tank={tank} /> : <NoTank title="Tank" />;
}

function OneTank({ tank }: { readonly tank: TankView }) {
  const { run } = useCommands();
  const residents = useResidents(tank.id);
  const {
    lengthCm,
    widthCm,
    heightCm,
    waterLineCm = heightCm,
    substrateCm = 0,
    glassMm = 8,
    lid = true,
    shape,
    bowCm,
  } = tank.body.tank;
  const remove = () => run(`Removed ${tank.body.name} from the rack`, removeTank(tank.id));
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
      <div className="grid gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="grid content-start gap-5">
          <div className="grid grid-cols-[3fr_2fr] items-end gap-4">
            <figure>
              <GlassFront
                tank={{ lengthCm, heightCm, waterLineCm, substrateCm }}
                lid={lid}
                groups={[]}
                label={`From the front: ${lengthCm} by ${heightCm} cm, water to ${waterLineCm} cm`}
                className="max-h-52 w-full"
              />
              <figcaption className="text-[12px] text-slate">Front, ticks every 10 cm</figcaption>
            </figure>
            <figure>
              <TankTop
                lengthCm={lengthCm}
                widthCm={widthCm}
                glassMm={glassMm}
                shape={shape}
                bowCm={bowCm}
                className="max-h-40 w-full"
              />
              <figcaption className="text-[12px] text-slate">Above, with the longest free swim</figcaption>
            </figure>
          </div>
          <TankForm tank={tank} />
        </div>
        <div className="grid content-start gap-5">
          <Section title="What follows">
            <Figures tank={tank} />
          </Section>
          <Likes tank={tank} />
        </div>
      </div>
    </Screen>
  );
}
