'use client';

import { Keyboard, Menu, Moon, Redo2, Search, Sun, Undo2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { usePathname, useRouter } from 'next/navigation';
import { useTheme } from 'next-themes';
import { Dialog as Radix } from 'radix-ui';
import { useCallback, useEffect, useRef, useState, type ReactNode } from 'react';
import { Toaster } from 'sonner';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { useTank, useTanks } from '@/session/react/useTanks';
import { Boundary } from '@/ui/Boundary';
import { classes } from '@/ui/classes';
import { useKeepFocus } from '@/ui/keepFocus';
import { ROOM_SCREENS, TANK_SCREENS, withTank } from './links';
import { Rack } from './Rack';
import { Trouble } from './Trouble';
import { UnitsButton } from './UnitsButton';
import { useShortcuts } from './useShortcuts';

const KeysDialog = dynamic(() => import('./KeysDialog').then((file) => file.KeysDialog), { ssr: false });
const Palette = dynamic(() => import('./Palette'), { ssr: false });

const ICON = 'grid size-8 place-items-center text-slate hover:text-ink disabled:opacity-35';

function ThemeButton() {
  const { resolvedTheme, setTheme } = useTheme();
  const dark = resolvedTheme === 'dark';
  return (
    <button
      type="button"
      className={ICON}
      aria-label={dark ? 'Light colours' : 'Dark colours'}
      title={dark ? 'Light colours' : 'Dark colours'}
      onClick={() => setTheme(dark ? 'light' : 'dark')}
    >
      {dark ? <Sun size={16} aria-hidden="true" /> : <Moon size={16} aria-hidden="true" />}
    </button>
  );
}

function Wordmark() {
  return (
    <Link href="/" className="flex items-center gap-2 text-[17px] font-bold tracking-tight">
      <svg viewBox="0 0 24 18" width="22" height="17" aria-hidden="true">
        <path d="M1 1v16h22V1" fill="none" stroke="currentColor" strokeWidth="2" />
        <path d="M1 7c4-2.500 7 2.500 11 0s7-2.500 11 0" fill="none" stroke="var(--deep)" strokeWidth="2" />
      </svg>
      Lomvik
    </Link>
  );
}

function RoomLinks({ path, onGo }: { readonly path: string; readonly onGo?: () => void }) {
  return (
    <ul className="flex flex-col">
      {ROOM_SCREENS.map((screen) => (
        <li key={screen.path}>
          <Link
            href={screen.path}
            onClick={onGo}
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

function TankTabs({
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

/** The rack at the left, the chosen tank's work along the top, the screen in the middle. */
export function Frame({ children }: { readonly children: ReactNode }) {
  const path = usePathname();
  const router = useRouter();
  const { name: room } = useRooms();
  const { undo, redo } = useCommands();
  const undoLabel = useRoomState((state) => state.undoLabel);
  const redoLabel = useRoomState((state) => state.redoLabel);
  const tanks = useTanks();
  const tank = useTank();
  const [palette, setPalette] = useState(false);
  const [keys, setKeys] = useState(false);
  const [drawer, setDrawer] = useState(false);
  const { resolvedTheme, setTheme } = useTheme();

  const go = useCallback(
    (key: string): boolean => {
      const tankScreen = TANK_SCREENS.find((screen) => screen.key === key);
      const roomScreen = ROOM_SCREENS.find((screen) => screen.key === key);
      if (tankScreen) router.push(withTank(tankScreen.path, tank?.id ?? null));
      else if (roomScreen) router.push(roomScreen.path);
      return Boolean(tankScreen ?? roomScreen);
    },
    [router, tank?.id],
  );
  const openPalette = useCallback(() => setPalette(true), []);
  const openKeys = useCallback(() => setKeys(true), []);
  const doUndo = useCallback(() => void undo(), [undo]);
  const doRedo = useCallback(() => void redo(), [redo]);
  useKeepFocus();
  useShortcuts({ undo: doUndo, redo: doRedo, palette: openPalette, help: openKeys, go });

  const onRoom = ROOM_SCREENS.some((screen) => screen.path === path);
  const rack = (
    <>
      <RoomLinks path={path} onGo={() => setDrawer(false)} />
      <p className="mt-4 mb-1 pl-3 text-[12px] text-slate">Tanks</p>
      <Boundary what="Tanks">
        <Rack tanks={tanks} chosen={onRoom ? null : (tank?.id ?? null)} onGo={() => setDrawer(false)} />
      </Boundary>
      <p className="mt-4 mb-1 pl-3 text-[12px] text-slate" aria-hidden="true">
        Units
      </p>
      <UnitsButton className="fig min-h-8 w-full px-3 text-left text-[13px] hover:bg-panel max-md:min-h-11" />
    </>
  );

  return (
    <div className="min-h-dvh md:grid md:grid-cols-[196px_1fr] print:block">
      <a href="#work" className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-panel focus:p-2">
        Skip to content
      </a>
      <aside className="no-print hidden min-h-dvh border-r border-line md:block">
        <div className="sticky top-0 flex max-h-dvh flex-col gap-3 overflow-y-auto py-3">
          <div className="px-3">
            <Wordmark />
          </div>
          {room === 'demo' && (
            <p className="mx-3 border border-lamp px-2 py-0.5 text-[12px] text-lamp">
              Demo room, all made up
            </p>
          )}
          <nav aria-label="Room and tanks">{rack}</nav>
        </div>
      </aside>
      <div className="min-w-0">
        <header className="no-print sticky top-0 z-30 flex min-h-11 items-stretch justify-between border-b border-line bg-paper">
          <div className="flex min-w-0 items-stretch">
            <Radix.Root open={drawer} onOpenChange={setDrawer}>
              <Radix.Trigger
                className="flex min-w-11 items-center gap-1.5 px-3 md:hidden"
                aria-label="Room and tanks"
              >
                <Menu size={18} aria-hidden="true" />
              </Radix.Trigger>
              <Radix.Portal>
                <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40" />
                <Radix.Content
                  aria-describedby={undefined}
                  className="fixed inset-y-0 left-0 z-50 w-64 overflow-y-auto border-r border-line bg-paper py-3"
                >
                  <Radix.Title className="mb-3 px-3">
                    <Wordmark />
                  </Radix.Title>
                  {rack}
                </Radix.Content>
              </Radix.Portal>
            </Radix.Root>
            {tank && !onRoom && (
              <>
                <span className="flex items-center border-r border-line px-3 font-semibold whitespace-nowrap md:pl-6">
                  {tank.body.name}
                </span>
                <TankTabs path={path} tank={tank.id} name={tank.body.name} />
              </>
            )}
            {onRoom && (
              <span className="flex items-center px-3 text-slate md:pl-6">
                {room === 'demo' ? 'Demo room' : 'Your room'}
              </span>
            )}
          </div>
          <div className="flex items-center px-1">
            <button
              type="button"
              className={ICON}
              onClick={doUndo}
              disabled={undoLabel === null}
              aria-label={undoLabel ? `Undo: ${undoLabel}` : 'Undo'}
              title={undoLabel ? `Undo: ${undoLabel}` : 'Nothing to undo'}
            >
              <Undo2 size={16} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={classes(ICON, 'max-sm:hidden')}
              onClick={doRedo}
              disabled={redoLabel === null}
              aria-label={redoLabel ? `Redo: ${redoLabel}` : 'Redo'}
              title={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
            >
              <Redo2 size={16} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={classes(ICON, 'max-sm:hidden')}
              onClick={openPalette}
              aria-label="Search"
              title="Search (Ctrl K)"
            >
              <Search size={16} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={classes(ICON, 'max-sm:hidden')}
              onClick={openKeys}
              aria-label="Keys"
              title="Keys (?)"
            >
              <Keyboard size={16} aria-hidden="true" />
            </button>
            <ThemeButton />
          </div>
        </header>
        <Trouble />
        <main id="work">{children}</main>
      </div>
      {palette && (
        <Palette
          open={palette}
          onOpenChange={setPalette}
          tank={tank?.id ?? null}
          go={(href) => router.push(href)}
          acts={[
            { name: 'Undo', act: doUndo },
            { name: 'Redo', act: doRedo },
            {
              name: 'Light or dark colours',
              act: () => setTheme(resolvedTheme === 'dark' ? 'light' : 'dark'),
            },
          ]}
        />
      )}
      {keys && <KeysDialog open onOpenChange={setKeys} />}
      <Toaster
        position="bottom-right"
        theme={resolvedTheme === 'dark' ? 'dark' : 'light'}
        toastOptions={{ className: 'font-sans' }}
      />
    </div>
  );
}
