'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname } from 'next/navigation';
import { RunningWatch } from '@/session/react/RunningWatch';
import { useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { classes } from '@/ui/classes';
import { TANK_SCREENS, withTank } from './links';

const RackScene = dynamic(() => import('./RackScene').then((file) => file.RackScene), { ssr: false });
const RackVerdict = dynamic(() => import('./RackVerdict').then((file) => file.RackVerdict), { ssr: false });

/** Pixels that the longest tank of the rack gets; the others follow in scale. */
const LONGEST_PX = 148;

function RackTank({
  tank,
  chosen,
  pxPerCm,
  onGo,
}: {
  readonly tank: TankView;
  readonly chosen: boolean;
  readonly pxPerCm: number;
  readonly onGo?: () => void;
}) {
  const path = usePathname();
  const residents = useResidents(tank.id);
  const listed = useListed(tank.id);
  const judged = { tank, residents, listed };
  const { lengthCm, heightCm } = tank.body.tank;
  const here = TANK_SCREENS.some((screen) => screen.path === path) ? path : '/stock';
  const heads = residents.reduce((sum, resident) => sum + resident.count, 0);
  return (
    <li>
      <Link
        href={withTank(here, tank.id)}
        onClick={onGo}
        aria-current={chosen ? 'true' : undefined}
        className={classes(
          'block border-l-[3px] py-2 pl-3 hover:bg-panel',
          chosen ? 'border-deep bg-panel' : 'border-transparent',
        )}
      >
        <span
          className="mb-1 block"
          style={{ width: lengthCm * pxPerCm, height: (heightCm + 4) * pxPerCm }}
          aria-hidden="true"
        >
          <RackScene tank={tank} widthPx={Math.round(lengthCm * pxPerCm)} />
        </span>
        <span className="flex items-baseline justify-between gap-2 pr-3">
          <span className="font-semibold">{tank.body.name}</span>
          {residents.length + listed.length > 0 && <RackVerdict {...judged} part="today" />}
        </span>
        <span className="text-[12px] text-slate">
          {tank.body.purpose}, <span className="fig">{heads}</span> in tank
          {listed.length > 0 ? (
            <>
              , <span className="fig">{listed.reduce((sum, entry) => sum + entry.group.count, 0)}</span>{' '}
              planned
            </>
          ) : null}
        </span>
        <RackVerdict {...judged} part="later" />
      </Link>
      <span className="block pl-3 empty:hidden">
        <RunningWatch tank={tank.id} onGo={onGo} />
      </span>
    </li>
  );
}

/** The keeper's tanks, each drawn to scale with the others, always in reach. */
export function Rack({
  tanks,
  chosen,
  onGo,
}: {
  readonly tanks: readonly TankView[];
  readonly chosen: string | null;
  readonly onGo?: () => void;
}) {
  const longest = Math.max(60, ...tanks.map((tank) => tank.body.tank.lengthCm));
  return (
    <ul className="flex flex-col gap-1">
      {tanks.map((tank) => (
        <RackTank
          key={tank.id}
          tank={tank}
          chosen={tank.id === chosen}
          pxPerCm={LONGEST_PX / longest}
          onGo={onGo}
        />
      ))}
    </ul>
  );
}
