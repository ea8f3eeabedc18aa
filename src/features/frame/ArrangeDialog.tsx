'use client';

import {
  closestCenter,
  DndContext,
  PointerSensor,
  useDraggable,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { ArrowDown, ArrowUp, GripVertical } from 'lucide-react';
import { orderTanks } from '@/core/commands';
import type { TankId } from '@/core/kernel';
import { useCommands } from '@/session/react/useCommands';
import { useTanks, type TankView } from '@/session/react/useTanks';
import { classes } from '@/ui/classes';
import { Dialog } from '@/ui/Dialog';

const ACT = 'grid size-11 place-items-center text-slate hover:text-ink disabled:opacity-35';

/** The list with one taken from a place and put at another. */
const moved = (tanks: readonly TankView[], from: number, to: number): readonly TankId[] => {
  const ids = tanks.map(({ id }) => id);
  const [one] = ids.splice(from, 1);
  if (one !== undefined) ids.splice(to, 0, one);
  return ids;
};

function Line({
  tank,
  at,
  last,
  onMove,
}: {
  readonly tank: TankView;
  readonly at: number;
  readonly last: number;
  readonly onMove: (to: number) => void;
}) {
  const { setNodeRef: setHandle, listeners, transform } = useDraggable({ id: tank.id });
  const { setNodeRef: setPlace, isOver } = useDroppable({ id: tank.id });
  return (
    <li
      ref={setPlace}
      className={classes('flex items-center border-b', isOver ? 'border-deep bg-water' : 'border-line')}
      style={transform ? { transform: `translateY(${transform.y}px)` } : undefined}
    >
      {/* For a pointer only: the arrows beside it do the same. */}
      <span
        ref={setHandle}
        {...listeners}
        aria-hidden="true"
        className="cursor-grab touch-none py-3 pr-2 text-slate"
      >
        <GripVertical size={16} />
      </span>
      <span className="min-w-0 flex-1 truncate">
        {tank.body.name} <span className="text-slate">{tank.body.purpose}</span>
      </span>
      <button
        type="button"
        className={ACT}
        disabled={at === 0}
        aria-label={`${tank.body.name} up`}
        onClick={() => onMove(at - 1)}
      >
        <ArrowUp size={16} aria-hidden="true" />
      </button>
      <button
        type="button"
        className={ACT}
        disabled={at === last}
        aria-label={`${tank.body.name} down`}
        onClick={() => onMove(at + 1)}
      >
        <ArrowDown size={16} aria-hidden="true" />
      </button>
    </li>
  );
}

/** The order of the rack: dragged, or moved by presses. */
export function ArrangeDialog({ onClose }: { readonly onClose: () => void }) {
  const tanks = useTanks();
  const { run } = useCommands();
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const move = (from: number, to: number): void => {
    if (from === to || from < 0 || to < 0) return;
    const name = tanks[from]?.body.name ?? '';
    void run(
      `Order of the tanks: ${name} moved`,
      ({ documents }) => orderTanks(documents, moved(tanks, from, to)),
      true,
    );
  };
  const placeOf = (id: unknown): number => tanks.findIndex((tank) => tank.id === id);
  const dropped = ({ active, over }: DragEndEvent): void => move(placeOf(active.id), placeOf(over?.id));
  return (
    <Dialog
      open
      onOpenChange={onClose}
      title="Order of the tanks"
      about="Drag a tank by its handle, or press the arrows."
    >
      <DndContext id="rack" sensors={sensors} collisionDetection={closestCenter} onDragEnd={dropped}>
        <ol>
          {tanks.map((tank, at) => (
            <Line key={tank.id} tank={tank} at={at} last={tanks.length - 1} onMove={(to) => move(at, to)} />
          ))}
        </ol>
      </DndContext>
    </Dialog>
  );
}
