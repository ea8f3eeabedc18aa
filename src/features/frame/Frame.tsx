'use client';

import { ChevronDown, Keyboard, Redo2, Search, Undo2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { useTheme } from 'next-themes';
import { useCallback, useState, type ReactNode } from 'react';
import { useRooms, useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import { PLAN_PATH } from '@/session/roomAddress';
import { useLastTank } from '@/session/react/useLastTank';
import { useSingleKeys } from '@/session/react/useSingleKeys';
import { useTank, useTanks } from '@/session/react/useTanks';
import { Boundary } from '@/ui/Boundary';
import { classes } from '@/ui/classes';
import { useKeepFocus } from '@/ui/keepFocus';
import { ROOM_SCREENS, TANK_SCREENS, withTank } from './links';
import { FootBar } from './FootBar';
import { ICON } from './icon';
import { NewVersion } from './NewVersion';
import { PrintHead } from './PrintHead';
import { Rack } from './Rack';
import { RoomLinks, TankTabs } from './screenLinks';
import { ThemeButton } from './ThemeButton';
import { Trouble } from './Trouble';
import { UnitsButton } from './UnitsButton';
import { useShortcuts } from './useShortcuts';
import { Wordmark } from './Wordmark';

const ArrangeDialog = dynamic(() => import('./ArrangeDialog').then((file) => file.ArrangeDialog), {
  ssr: false,
});
const KeysDialog = dynamic(() => import('./KeysDialog').then((file) => file.KeysDialog), { ssr: false });
const MoreSheet = dynamic(() => import('./MoreSheet').then((file) => file.MoreSheet), { ssr: false });
const Toasts = dynamic(() => import('@/ui/Toasts').then((file) => file.Toasts), { ssr: false });
const Palette = dynamic(() => import('./Palette'), { ssr: false });

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
  const [more, setMore] = useState(false);
  const [arranging, setArranging] = useState(false);
  const params = useSearchParams();
  const part = params.get('part');
  const lastTank = useLastTank(tanks, params.get('tank'));
  const { resolvedTheme, setTheme } = useTheme();

  const go = useCallback(
    (to: string) =>
      router.push(TANK_SCREENS.some(({ path: one }) => one === to) ? withTank(to, tank?.id ?? null) : to),
    [router, tank?.id],
  );
  const openPalette = useCallback(() => setPalette(true), []);
  const openKeys = useCallback(() => setKeys(true), []);
  const doUndo = useCallback(() => void undo(), [undo]);
  const doRedo = useCallback(() => void redo(), [redo]);
  useKeepFocus();
  const [singleOn] = useSingleKeys();
  useShortcuts({ undo: doUndo, redo: doRedo, search: openPalette, help: openKeys, go }, singleOn);

  // A plan by a link belongs to no tank of the room.
  const onRoom = path === PLAN_PATH || ROOM_SCREENS.some((screen) => screen.path === path);
  const rack = (
    <>
      <RoomLinks path={path} />
      <p className="mt-4 mb-1 flex items-baseline justify-between px-3 text-[0.75rem] text-slate">
        Tanks
        {tanks.length > 1 && (
          <button
            type="button"
            className="min-h-6 max-desk:min-h-8 text-deep hover:underline"
            onClick={() => setArranging(true)}
          >
            Arrange
          </button>
        )}
      </p>
      <Boundary what="Tanks">
        <Rack tanks={tanks} chosen={onRoom ? null : (tank?.id ?? null)} />
      </Boundary>
      <p className="mt-4 mb-1 pl-3 text-[0.75rem] text-slate" aria-hidden="true">
        Units
      </p>
      <UnitsButton className="fig min-h-8 w-full px-3 text-left text-[0.8125rem] hover:bg-panel" />
    </>
  );

  return (
    <div className="frame min-h-dvh desk:grid desk:grid-cols-[196px_1fr]">
      <a href="#work" className="sr-only focus:not-sr-only focus:fixed focus:z-50 focus:bg-panel focus:p-2">
        Skip to content
      </a>
      <aside className="no-print hidden min-h-dvh border-r border-line desk:block">
        <div className="sticky top-0 flex max-h-dvh flex-col gap-3 overflow-y-auto py-3">
          <div className="px-3">
            <Wordmark />
          </div>
          {room === 'demo' && (
            <p className="mx-3 border border-lamp px-2 py-0.5 text-[0.75rem] text-lamp">
              Demo room, all made up
            </p>
          )}
          <nav aria-label="Room and tanks">{rack}</nav>
        </div>
      </aside>
      <div className="min-w-0">
        <header className="no-print z-30 flex min-h-11 items-stretch justify-between border-b border-line bg-paper desk:sticky desk:top-0">
          <div className="flex min-w-0 items-stretch">
            {tank && !onRoom && (
              <>
                <button
                  type="button"
                  aria-expanded={more}
                  className="flex min-w-0 items-center gap-1.5 px-4 font-semibold desk:hidden"
                  onClick={() => setMore(true)}
                >
                  <span className="truncate">{tank.body.name}</span>
                  <ChevronDown size={16} aria-hidden="true" className="shrink-0" />
                  <span className="sr-only">: screens and tanks</span>
                </button>
                <span className="hidden items-center border-r border-line px-3 pl-6 font-semibold whitespace-nowrap desk:flex">
                  <span className="max-w-40 truncate" title={tank.body.name}>
                    {tank.body.name}
                  </span>
                </span>
                <div className="hidden min-w-0 desk:flex">
                  <TankTabs path={path} tank={tank.id} name={tank.body.name} />
                </div>
              </>
            )}
            {onRoom && (
              <span className="flex items-center gap-2 px-4 text-slate desk:px-3 desk:pl-6">
                <span className="text-ink desk:hidden">
                  <Wordmark />
                </span>
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
              className={ICON}
              onClick={doRedo}
              disabled={redoLabel === null}
              aria-label={redoLabel ? `Redo: ${redoLabel}` : 'Redo'}
              title={redoLabel ? `Redo: ${redoLabel}` : 'Nothing to redo'}
            >
              <Redo2 size={16} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={ICON}
              onClick={openPalette}
              aria-label="Search"
              title="Search (/ or Ctrl K)"
            >
              <Search size={16} aria-hidden="true" />
            </button>
            <button
              type="button"
              className={classes(ICON, 'max-desk:hidden')}
              onClick={openKeys}
              aria-label="Keys"
              title="Keys (?)"
            >
              <Keyboard size={16} aria-hidden="true" />
            </button>
            <span className="max-desk:hidden">
              <ThemeButton />
            </span>
          </div>
        </header>
        <Trouble />
        <NewVersion />
        <PrintHead name={tank && !onRoom ? tank.body.name : null} />
        <main id="work" className="max-desk:pb-20">
          {children}
        </main>
      </div>
      {lastTank && (
        <FootBar path={path} part={part} tank={lastTank.id} isOpen={more} onMore={() => setMore(true)} />
      )}
      {more && (
        <MoreSheet
          open
          onOpenChange={setMore}
          path={path}
          tanks={tanks}
          tank={onRoom ? null : tank}
          isDark={resolvedTheme === 'dark'}
          undoLabel={undoLabel}
          redoLabel={redoLabel}
          onUndo={doUndo}
          onRedo={doRedo}
          onSearch={openPalette}
          onKeys={openKeys}
          onArrange={() => setArranging(true)}
          onTheme={() => setTheme(resolvedTheme === 'dark' ? 'light' : 'dark')}
        />
      )}
      {palette && (
        <Palette
          open={palette}
          onOpenChange={setPalette}
          tank={tank?.id ?? null}
          actsOn={lastTank}
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
      {arranging && <ArrangeDialog onClose={() => setArranging(false)} />}
      {keys && <KeysDialog open onOpenChange={setKeys} />}
      <Toasts
        position="bottom-right"
        mobileOffset={{ bottom: 76 }}
        theme={resolvedTheme === 'dark' ? 'dark' : 'light'}
        toastOptions={{ className: 'font-sans' }}
      />
    </div>
  );
}
