'use client';

import dynamic from 'next/dynamic';
import { Link } from '@/ui/Link';
import { usePathname } from 'next/navigation';
import { foldName } from '@/core/model';
import { TANK_PURPOSES } from '@/core/records';
import { RunningWatch } from '@/session/react/RunningWatch';
import { useTabState } from '@/session/react/useTabState';
import { useListed, useResidents, type TankView } from '@/session/react/useTanks';
import { classes } from '@/ui/classes';
import { INPUT } from '@/ui/Field';
import { capital } from '@/words/en';
import { TANK_SCREENS, withTank } from './links';

const RackScene = dynamic(() => import('./RackScene').then((file) => file.RackScene), { ssr: false });
const RackVerdict = dynamic(() => import('./RackVerdict').then((file) => file.RackVerdict), { ssr: false });

/** Pixels that the longest tank of the rack gets; the others follow in scale. */
const LONGEST_PX = 148;
/** The same where there are many. */
const SHORT_PX = 40;

function RackTank({
  tank,
  chosen,
  isDrawn,
  pxPerCm,
  onGo,
}: {
  readonly tank: TankView;
  readonly chosen: boolean;
  /** With what stands in it; else its outline. */
  readonly isDrawn: boolean;
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
          'border-l-[3px] pl-3 hover:bg-panel',
          isDrawn ? 'block py-2' : 'flex items-center gap-2 py-1',
          chosen ? 'border-deep bg-panel' : 'border-transparent',
        )}
      >
        {isDrawn ? (
          <span
            className="mb-1 block"
            style={{ width: lengthCm * pxPerCm, height: (heightCm + 4) * pxPerCm }}
            aria-hidden="true"
          >
            <RackScene tank={tank} widthPx={Math.round(lengthCm * pxPerCm)} />
          </span>
        ) : (
          <span
            className="shrink-0 border border-slate border-t-transparent bg-water"
            style={{
              width: lengthCm * pxPerCm,
              height: heightCm * pxPerCm,
              marginRight: SHORT_PX - lengthCm * pxPerCm,
            }}
            aria-hidden="true"
          />
        )}
        <span className="min-w-0 flex-1">
          <span className="flex items-baseline justify-between gap-2 pr-3">
            <span className="line-clamp-2 font-semibold [overflow-wrap:anywhere]">{tank.body.name}</span>
            {residents.length + listed.length > 0 && <RackVerdict {...judged} part="today" />}
          </span>
          <span className="text-[0.75rem] text-slate">
            {isDrawn && `${tank.body.purpose}, `}
            <span className="fig">{heads}</span> in tank
            {listed.length > 0 ? (
              <>
                , <span className="fig">{listed.reduce((sum, entry) => sum + entry.group.count, 0)}</span>{' '}
                planned
              </>
            ) : null}
          </span>
        </span>
        {isDrawn && <RackVerdict {...judged} part="later" />}
      </Link>
      <span className="block pl-3 empty:hidden">
        <RunningWatch tank={tank.id} onGo={onGo} />
      </span>
    </li>
  );
}

/** So many tanks are drawn; more are outlines to scale, found by name and grouped by what they are for. */
const DRAWN = 8;

/** The keeper's tanks, each to scale with the others, always in reach. */
export function Rack({
  tanks,
  chosen,
  onGo,
}: {
  readonly tanks: readonly TankView[];
  readonly chosen: string | null;
  readonly onGo?: () => void;
}) {
  const [sought, setSought] = useTabState('rack.sought', '');
  const [shut, setShut] = useTabState<readonly string[]>('rack.shut', []);
  const longest = Math.max(60, ...tanks.map((tank) => tank.body.tank.lengthCm));
  const isLong = tanks.length > DRAWN;
  const listOf = (some: readonly TankView[]) => (
    <ul className="flex flex-col gap-1">
      {some.map((tank) => (
        <RackTank
          key={tank.id}
          tank={tank}
          chosen={tank.id === chosen}
          isDrawn={!isLong}
          pxPerCm={(isLong ? SHORT_PX : LONGEST_PX) / longest}
          onGo={onGo}
        />
      ))}
    </ul>
  );
  if (!isLong) return listOf(tanks);
  const part = foldName(sought);
  const found = tanks.filter(({ body }) => foldName(body.name).includes(part));
  return (
    <>
      <input
        type="search"
        aria-label="Find a tank"
        placeholder="Find a tank"
        className={`${INPUT} mx-3 mb-1 w-[calc(100%-1.5rem)]`}
        value={sought}
        onChange={({ target }) => setSought(target.value)}
      />
      {found.length === 0 && <p className="px-3 text-slate">No tank of this name.</p>}
      {TANK_PURPOSES.map((purpose) => {
        const some = found.filter(({ body }) => body.purpose === purpose);
        return (
          some.length > 0 && (
            <details
              key={purpose}
              open={!shut.includes(purpose) || some.some(({ id }) => id === chosen)}
              onToggle={({ currentTarget: { open } }) =>
                setShut((before) =>
                  open ? before.filter((one) => one !== purpose) : [...new Set([...before, purpose])],
                )
              }
            >
              <summary className="min-h-8 cursor-pointer content-center px-3 text-[0.75rem] text-slate">
                {capital(purpose)} ({some.length})
              </summary>
              {listOf(some)}
            </details>
          )
        );
      })}
    </>
  );
}
