'use client';

import { useEffect, useRef } from 'react';
import { classes } from '@/ui/classes';
import { Link } from '@/ui/Link';
import { ROOM_SCREENS, TANK_SCREENS, withTank } from './links';

/** The screens of the room. */
export function RoomLinks({ path }: { readonly path: string }) {
  return (
    <ul className="flex flex-col">
      {ROOM_SCREENS.map((screen) => (
        <li key={screen.path}>
          <Link
            href={screen.path}
            aria-current={path === screen.path ? 'page' : undefined}
            className={classes(
              'block border-l-[3px] py-1 pl-3 hover:bg-panel',
              path === screen.path ? 'border-deep bg-panel font-semibold' : 'border-transparent',
            )}
          >
            {screen.name}
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** The screens of a tank; the one that is shown is brought into sight. */
export function TankTabs({
  path,
  tank,
  name,
}: {
  readonly path: string;
  readonly tank: string;
  readonly name: string;
}) {
  const current = useRef<HTMLAnchorElement>(null);
  useEffect(() => {
    // In braces: browsers have begun to return a promise here, and an effect may only return its clean-up.
    void current.current?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [path]);
  return (
    <nav aria-label={`Work on ${name}`} className="flex min-w-0 items-stretch overflow-x-auto">
      <ul className="flex items-stretch">
        {TANK_SCREENS.map((screen) => {
          const here = path === screen.path;
          return (
            <li key={screen.path} className="flex">
              <Link
                ref={here ? current : undefined}
                href={withTank(screen.path, tank)}
                aria-current={here ? 'page' : undefined}
                className={classes(
                  'flex items-center border-b-2 px-3 whitespace-nowrap',
                  here ? 'border-deep font-semibold' : 'border-transparent text-slate hover:text-ink',
                )}
              >
                {screen.name}
              </Link>
            </li>
          );
        })}
      </ul>
    </nav>
  );
}
