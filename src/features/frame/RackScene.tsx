'use client';

import { useMemo } from 'react';
import { lengthToday } from '@/core/assess';
import { useCatalogue } from '@/session/react/RoomProvider';
import { useSceneTank } from '@/session/react/useSceneTank';
import { useResidents, type TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { GlassScene } from '@/ui/scene/GlassScene';

/** A tank of the rack as it stands, with the fish that live in it today. */
export function RackScene({ tank, widthPx }: { readonly tank: TankView; readonly widthPx: number }) {
  const catalogue = useCatalogue();
  const residents = useResidents(tank.id);
  const scene = useSceneTank(tank);
  const groups = useMemo(() => {
    const bySpecies = new Map<string, { count: number; lengthCm: number }>();
    for (const one of residents) {
      const before = bySpecies.get(one.species) ?? { count: 0, lengthCm: 0 };
      const lengthCm = lengthToday(one, catalogue, todayIso());
      bySpecies.set(one.species, {
        count: before.count + one.count,
        lengthCm: Math.max(before.lengthCm, Math.round(lengthCm)),
      });
    }
    return [...bySpecies].flatMap(([species, { count, lengthCm }]) => {
      const profile = catalogue.byId.get(species);
      return profile && count > 0
        ? [{ key: species, profile, count, lengthCm: Math.max(1, lengthCm), colour: '', planned: false }]
        : [];
    });
  }, [residents, catalogue]);
  return (
    <GlassScene
      tank={scene}
      groups={groups}
      widthPx={widthPx}
      label={`${tank.body.name} as it stands`}
      className="size-full"
    />
  );
}
