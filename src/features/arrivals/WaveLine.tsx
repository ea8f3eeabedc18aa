'use client';

import {
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
  type DragMoveEvent,
} from '@dnd-kit/core';
import { useEffect, useRef, useState } from 'react';
import { addDays, daysBetween } from '@/core/kernel';
import { dayWords, sayWave } from '@/words/en';
import type { Waves } from './useWaves';

const LANE_PX = 34;
const NAME_PX = 96;
/** Looks after a release, in days (common practice). */
const LOOKS = [1, 2, 7] as const;
const BEHIND_DAYS = 10;

function WaveBar({
  index,
  label,
  left,
  width,
  top,
  unwise,
}: {
  readonly index: number;
  readonly label: string;
  readonly left: number;
  readonly width: number;
  readonly top: number;
  readonly unwise: boolean;
}) {
  const { attributes, listeners, setNodeRef, transform } = useDraggable({ id: String(index) });
  return (
    <button
      ref={setNodeRef}
      type="button"
      {...listeners}
      {...attributes}
      aria-label={`${label}: drag, or press Space and the arrow keys, to move it by days`}
      className={`absolute truncate rounded-xs border px-1.5 text-left text-[0.75rem] ${unwise ? 'border-lamp bg-panel text-lamp' : 'border-deep bg-water text-ink'}`}
      style={{
        left,
        top: top + 4,
        width: Math.max(width, 46),
        height: LANE_PX - 8,
        transform: transform ? `translateX(${transform.x}px)` : undefined,
        touchAction: 'none',
        cursor: 'grab',
      }}
    >
      {label}
    </button>
  );
}

/** Waves on a line of time: a lane for each quarantine tank, the display below with releases and looks. Dragged by days. */
export function WaveLine({
  waves,
  display,
  nameOf,
  kindOf,
}: {
  readonly waves: Waves;
  readonly display: string;
  readonly nameOf: (index: number) => string;
  /** The species under a key, for many. */
  readonly kindOf: (key: string) => string;
}) {
  const frame = useRef<HTMLDivElement>(null);
  const [wide, setWide] = useState(700);
  useEffect(() => {
    const node = frame.current;
    if (!node) return undefined;
    const watch = new ResizeObserver(([entry]) => entry && setWide(entry.contentRect.width));
    watch.observe(node);
    return () => watch.disconnect();
  }, []);
  const first = waves.waves.reduce(
    (early, wave) => (wave.arrives < early ? wave.arrives : early),
    waves.today,
  );
  const last = waves.waves.reduce((late, wave) => (wave.releases > late ? wave.releases : late), waves.today);
  const days = Math.max(21, daysBetween(first, last) + BEHIND_DAYS);
  const perDay = (wide - NAME_PX) / days;
  const at = (iso: string): number => NAME_PX + daysBetween(first, iso) * perDay;
  const rows = [
    ...waves.lanes.map((lane) => ({ id: lane.id, name: lane.name })),
    { id: null, name: display },
  ];
  const rowOf = (lane: string | null): number => rows.findIndex((row) => row.id === lane);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, {
      coordinateGetter: (event, { currentCoordinates }) => {
        const step = event.code === 'ArrowRight' ? 1 : event.code === 'ArrowLeft' ? -1 : 0;
        if (step === 0) return undefined;
        event.preventDefault();
        return { ...currentCoordinates, x: currentCoordinates.x + step * perDay };
      },
    }),
  );
  const [held, setHeld] = useState<{ readonly index: number; readonly days: number } | null>(null);
  const moving = ({ active, delta }: DragMoveEvent): void => {
    const next = { index: Number(active.id), days: Math.round(delta.x / perDay) };
    if (next.index !== held?.index || next.days !== held.days) setHeld(next);
  };
  const dropped = ({ active, delta }: DragEndEvent): void => {
    setHeld(null);
    const moved = Math.round(delta.x / perDay);
    if (moved !== 0) waves.shift(Number(active.id), moved);
  };
  const weeks = Array.from({ length: Math.floor(days / 7) + 1 }, (_, i) => addDays(first, i * 7));
  const there = held && waves.waves[held.index];
  const against = held ? waves.ifShifted(held.index, held.days) : [];
  return (
    <>
      <div
        ref={frame}
        className="relative w-full overflow-x-clip"
        style={{ height: rows.length * LANE_PX + 24 }}
      >
        {rows.map((row, i) => (
          <div
            key={row.id ?? 'display'}
            className="absolute inset-x-0 border-b border-line"
            style={{ top: i * LANE_PX, height: LANE_PX }}
          >
            <span className="block truncate pt-2 text-[0.75rem] text-slate" style={{ width: NAME_PX - 8 }}>
              {row.name}
            </span>
          </div>
        ))}
        {weeks.map((week, i) => (
          <span
            key={week}
            className="absolute border-l border-line text-[0.6875rem] text-slate"
            style={{ left: at(week), top: 0, height: rows.length * LANE_PX + 4 }}
            aria-hidden="true"
          >
            {i % Math.ceil(weeks.length / Math.max(2, Math.floor(wide / 130))) === 0 &&
              at(week) < wide - 44 && (
                <span
                  className="fig absolute whitespace-nowrap"
                  style={{ top: rows.length * LANE_PX + 6, left: 0 }}
                >
                  {dayWords(week)}
                </span>
              )}
          </span>
        ))}
        <DndContext
          id="waves"
          sensors={sensors}
          onDragMove={moving}
          onDragEnd={dropped}
          onDragCancel={() => setHeld(null)}
        >
          {waves.waves.map((wave, index) => {
            const row = rowOf(wave.lane) < 0 ? rows.length - 1 : rowOf(wave.lane);
            return (
              <WaveBar
                key={wave.keys.join()}
                index={index}
                label={`${index + 1}. ${nameOf(index)}`}
                left={at(wave.arrives)}
                width={daysBetween(wave.arrives, wave.releases) * perDay}
                top={row * LANE_PX}
                unwise={waves.unwise.some((one) => one.wave === index)}
              />
            );
          })}
        </DndContext>
        {waves.waves.map((wave, index) => (
          <span key={wave.keys.join()} aria-hidden="true">
            {wave.lane !== null && (
              <span
                className="fig absolute grid size-5 place-items-center bg-deep text-[0.6875rem] text-on-deep"
                style={{ left: at(wave.releases) - 10, top: (rows.length - 1) * LANE_PX + 7 }}
              >
                {index + 1}
              </span>
            )}
            {LOOKS.map((day) => (
              <span
                key={day}
                className="absolute h-2 w-px bg-slate"
                style={{ left: at(addDays(wave.releases, day)), top: rows.length * LANE_PX - 10 }}
              />
            ))}
          </span>
        ))}
      </div>
      {/* What speaks against the place where it is held, before it is let go. */}
      <div aria-live="polite" className="min-h-12 text-[0.8125rem]">
        {!held && (
          <p className="text-slate">
            Drag a wave, or press Space on it and move it with the arrow keys, or use its buttons.
          </p>
        )}
        {held && there && (
          <>
            <p className="fig">
              {nameOf(held.index)}: {dayWords(addDays(there.arrives, held.days))} to{' '}
              {dayWords(addDays(there.releases, held.days))}
            </p>
            {against.length === 0 ? (
              <p className="text-kelp">Nothing speaks against it.</p>
            ) : (
              <ul className="text-lamp">
                {against.map((one) => (
                  <li key={JSON.stringify(one.fact)}>{sayWave(one.fact, kindOf)}</li>
                ))}
              </ul>
            )}
          </>
        )}
      </div>
    </>
  );
}
