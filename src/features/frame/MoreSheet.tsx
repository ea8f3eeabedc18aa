'use client';

import { Keyboard, Moon, Redo2, Search, Sun, Undo2, X } from 'lucide-react';
import { Link } from '@/ui/Link';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import type { TankView } from '@/session/react/useTanks';
import { classes } from '@/ui/classes';
import { ROOM_SCREENS, TANK_SCREENS, withTank } from './links';
import { Rack } from './Rack';
import { UnitsButton } from './UnitsButton';

const HEAD = 'mt-4 mb-1 text-[0.8125rem] font-semibold';
const ROW =
  'flex min-h-11 w-full items-center gap-2 border-b border-line text-left disabled:text-slate disabled:opacity-60';

interface Props {
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly path: string;
  readonly tanks: readonly TankView[];
  readonly tank: TankView | null;
  readonly isDark: boolean;
  readonly undoLabel: string | null;
  readonly redoLabel: string | null;
  readonly onUndo: () => void;
  readonly onRedo: () => void;
  readonly onSearch: () => void;
  readonly onKeys: () => void;
  readonly onArrange: () => void;
  readonly onTheme: () => void;
}

/** Everything else on a phone: the tank's screens, the other tanks, the room, search, undo and redo, units, colours. */
export function MoreSheet(props: Props) {
  const { open, onOpenChange, path, tanks, tank, isDark, undoLabel, redoLabel } = props;
  const leave = (): void => onOpenChange(false);
  const then = (act: () => void) => () => {
    leave();
    act();
  };
  const act = (icon: ReactNode, name: string, onClick: () => void, disabled = false): ReactNode => (
    <li>
      <button type="button" className={ROW} disabled={disabled} onClick={onClick}>
        {icon}
        {name}
      </button>
    </li>
  );
  const link = (name: string, href: string, here: boolean): ReactNode => (
    <li key={href}>
      <Link
        href={href}
        onClick={leave}
        aria-current={here ? 'page' : undefined}
        className={classes(ROW, here && 'font-semibold text-deep')}
      >
        {name}
      </Link>
    </li>
  );
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-40 bg-ink/40" />
        <Radix.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto border-t border-line bg-paper px-4 pt-2 pb-[calc(1rem+env(safe-area-inset-bottom))]"
        >
          <div className="sticky top-0 -mx-4 flex items-center justify-between border-b border-line bg-paper px-4">
            <Radix.Title className="text-[1.0625rem] font-semibold">
              {tank ? tank.body.name : 'Your room'}
            </Radix.Title>
            <Radix.Close className="grid size-11 place-items-center text-slate" aria-label="Close">
              <X size={20} aria-hidden="true" />
            </Radix.Close>
          </div>
          <ul>
            {act(<Search size={18} aria-hidden="true" />, 'Search', then(props.onSearch))}
            {act(
              <Undo2 size={18} aria-hidden="true" />,
              undoLabel === null ? 'Nothing to undo' : `Undo: ${undoLabel}`,
              then(props.onUndo),
              undoLabel === null,
            )}
            {act(
              <Redo2 size={18} aria-hidden="true" />,
              redoLabel === null ? 'Nothing to redo' : `Redo: ${redoLabel}`,
              then(props.onRedo),
              redoLabel === null,
            )}
          </ul>
          {tank && (
            <nav aria-label={`Work on ${tank.body.name}`}>
              <h3 className={HEAD}>{tank.body.name}</h3>
              <ul className="grid grid-cols-2 gap-x-4">
                {TANK_SCREENS.map((one) => link(one.name, withTank(one.path, tank.id), path === one.path))}
              </ul>
            </nav>
          )}
          <nav aria-label="Room and tanks">
            {tanks.length > 0 && (
              <>
                <h3 className={HEAD}>Tanks</h3>
                {tanks.length > 1 && (
                  <button type="button" className={ROW} onClick={then(props.onArrange)}>
                    Order of the tanks
                  </button>
                )}
                <Rack tanks={tanks} chosen={tank?.id ?? null} onGo={leave} />
              </>
            )}
            <h3 className={HEAD}>Room</h3>
            <ul>{ROOM_SCREENS.map((one) => link(one.name, one.path, path === one.path))}</ul>
          </nav>
          <h3 className={HEAD}>Units and colours</h3>
          <UnitsButton className={ROW} />
          <ul>
            {act(
              isDark ? <Sun size={18} aria-hidden="true" /> : <Moon size={18} aria-hidden="true" />,
              isDark ? 'Light colours' : 'Dark colours',
              props.onTheme,
            )}
            {act(<Keyboard size={18} aria-hidden="true" />, 'Keys', then(props.onKeys))}
          </ul>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
