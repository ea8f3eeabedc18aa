'use client';

import { useWords } from '@/session/react/useWords';
import type { Cm } from '@/core/kernel';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { type BestBreak, type Piece, PIECES, type Polygon, shapeOf } from '@/core/sightlines';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { Empty, Ledger, Section } from '@/ui/Screen';
import { useFloor } from './useFloor';

const NEW: Readonly<Record<Piece['kind'], readonly [number, number]>> = {
  rock: [18, 14],
  wood: [30, 6],
  plant: [12, 12],
  slate: [20, 1],
};
const FILL: Readonly<Record<Piece['kind'], string>> = {
  rock: 'var(--slate)',
  wood: 'var(--lamp)',
  plant: 'var(--kelp)',
  slate: 'var(--ink)',
};
const NUDGE_CM = 2;
const TURN = 15;
const GROW = 1.2;

const points = (polygon: Polygon, widthCm: Cm): string =>
  polygon.map(([x, y]) => `${x.toFixed(1)},${(widthCm - y).toFixed(1)}`).join(' ');
const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** Who sees whom: the floor from above, what a holder sees from where it sits, and where one more break hides most. */
export function SightPart({ tank }: { readonly tank: TankView }) {
  const words = useWords();
  const floor = useFloor(tank);
  const { lengthCm, widthCm } = tank.body.tank;
  const [chosen, setChosen] = useState<number | null>(null);
  const [dragged, setDragged] = useState<{
    readonly index: number;
    readonly x: number;
    readonly y: number;
  } | null>(null);
  const [found, setFound] = useState<BestBreak | null>(null);
  const svg = useRef<SVGSVGElement>(null);
  const { pieces, holder } = floor.body;

  const clamp = (x: number, y: number): { x: number; y: number } => ({
    x: Math.max(0, Math.min(lengthCm, x)),
    y: Math.max(0, Math.min(widthCm, y)),
  });
  const at = (event: PointerEvent): { x: number; y: number } => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return { x: 0, y: 0 };
    return clamp(
      ((event.clientX - box.left) / box.width) * lengthCm,
      widthCm - ((event.clientY - box.top) / box.height) * widthCm,
    );
  };
  const change = (label: string, index: number, how: Partial<Piece>): void => {
    setFound(null);
    floor.put(label, { pieces: pieces.map((piece, i) => (i === index ? { ...piece, ...how } : piece)) });
  };
  const add = (piece: Piece): void => {
    setFound(null);
    floor.put(`One more ${piece.kind}`, { pieces: [...pieces, piece] });
    setChosen(pieces.length);
  };
  const keys = (event: KeyboardEvent, index: number): void => {
    const piece = pieces[index];
    if (!piece) return;
    const moves: Readonly<Record<string, readonly [number, number]>> = {
      ArrowLeft: [-NUDGE_CM, 0],
      ArrowRight: [NUDGE_CM, 0],
      ArrowUp: [0, NUDGE_CM],
      ArrowDown: [0, -NUDGE_CM],
    };
    const move = moves[event.key];
    if (move) change('Moved', index, clamp(piece.x + move[0], piece.y + move[1]));
    else if (event.key === 'Delete') remove(index);
    else return;
    event.preventDefault();
  };
  const remove = (index: number): void => {
    setChosen(null);
    setFound(null);
    floor.put('Removed', { pieces: pieces.filter((_, i) => i !== index) });
  };
  const shown = pieces.map((piece, i) =>
    dragged?.index === i ? { ...piece, x: dragged.x, y: dragged.y } : piece,
  );
  const one = chosen === null ? undefined : pieces[chosen];
  return (
    <div className="grid gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,4fr)]">
      <div className="flex min-w-0 flex-col gap-3">
        <p className="text-slate">
          The floor from above, front glass below. Place the decor, then tap the dominant fish: it sees the
          light area.
        </p>
        <svg
          ref={svg}
          viewBox={`0 0 ${lengthCm} ${widthCm}`}
          className="w-full touch-none border-2 border-slate bg-panel"
          role="group"
          aria-label={`Floor of ${tank.body.name}, ${words.tank('length', lengthCm)} by ${words.tank('length', widthCm)}`}
          onPointerDown={(event) => {
            if (event.target !== event.currentTarget) return;
            setChosen(null);
            setFound(null);
            floor.put('Dominant fish placed', { holder: at(event) });
          }}
          onPointerMove={(event) => dragged && setDragged({ ...dragged, ...at(event) })}
          onPointerUp={() => {
            if (dragged) change('Moved', dragged.index, { x: dragged.x, y: dragged.y });
            setDragged(null);
          }}
        >
          {floor.sight && (
            <polygon points={points(floor.sight.seen, widthCm)} fill="var(--water)" pointerEvents="none" />
          )}
          {shown.map((piece, i) => (
            <polygon
              key={i}
              points={points(shapeOf(piece), widthCm)}
              fill={FILL[piece.kind]}
              stroke={i === chosen ? 'var(--deep)' : 'none'}
              strokeWidth="1"
              role="button"
              tabIndex={0}
              aria-label={`${piece.kind} ${i + 1}: arrow keys move it, Delete removes it`}
              aria-pressed={i === chosen}
              className="cursor-grab"
              onFocus={() => setChosen(i)}
              onKeyDown={(event) => keys(event, i)}
              onPointerDown={(event) => {
                setChosen(i);
                setDragged({ index: i, ...at(event) });
              }}
            />
          ))}
          {found && (
            <polygon
              points={points(shapeOf(found.piece), widthCm)}
              fill="none"
              stroke="var(--buoy)"
              strokeWidth="1"
              strokeDasharray="2 1"
              pointerEvents="none"
            />
          )}
          {holder && (
            <circle cx={holder.x} cy={widthCm - holder.y} r="2.2" fill="var(--buoy)" pointerEvents="none" />
          )}
        </svg>
        <div className="flex flex-wrap gap-2">
          {PIECES.map((kind) => (
            <Button
              key={kind}
              onClick={() =>
                add({
                  kind,
                  x: lengthCm / 2,
                  y: widthCm / 2,
                  lengthCm: NEW[kind][0],
                  widthCm: NEW[kind][1],
                  turned: 0,
                })
              }
            >
              + {kind}
            </Button>
          ))}
          {one && chosen !== null && (
            <>
              <Button onClick={() => change('Turned', chosen, { turned: (one.turned + TURN) % 360 })}>
                turn
              </Button>
              <Button
                onClick={() =>
                  change('Larger', chosen, {
                    lengthCm: Math.min(400, one.lengthCm * GROW),
                    widthCm: Math.min(400, one.widthCm * GROW),
                  })
                }
              >
                larger
              </Button>
              <Button
                onClick={() =>
                  change('Smaller', chosen, { lengthCm: one.lengthCm / GROW, widthCm: one.widthCm / GROW })
                }
              >
                smaller
              </Button>
              <Button tone="warn" onClick={() => remove(chosen)}>
                remove
              </Button>
            </>
          )}
        </div>
      </div>
      <Section title="What it sees">
        {!floor.sight || !holder ? (
          <Empty>
            Tap where the dominant fish is.{' '}
            <Button
              onClick={() =>
                floor.put('Dominant fish placed', { holder: { x: lengthCm / 4, y: widthCm / 2 } })
              }
            >
              Place it left of centre
            </Button>
          </Empty>
        ) : (
          <>
            <Ledger
              rows={[
                ['Floor it sees', percent(floor.sight.share)],
                ['Places out of its sight', `${floor.sight.hidden} of ${floor.sight.places}`],
                ...(floor.changed === null
                  ? []
                  : ([['Changed since the kept map', percent(floor.changed)]] as const)),
              ]}
            />
            <p className="mt-1 text-[13px] text-slate">Fish chase what they see.</p>
            <div className="mt-3 flex flex-wrap gap-2">
              <Button onClick={() => setFound(floor.best())}>Where would one more slate help most?</Button>
              <Button onClick={() => floor.put('Map kept for comparison', { before: [...pieces] })}>
                Keep this map for comparison
              </Button>
            </div>
            {found && (
              <p className="mt-2" role="status">
                A slate of {words.tank('length', found.piece.lengthCm)}, {words.tank('length', found.piece.x)}{' '}
                from the left and {words.tank('length', found.piece.y)} from the front, turned{' '}
                {found.piece.turned}°: the fish would see {percent(found.share)} then.{' '}
                <Button onClick={() => add(found.piece)}>Place it there</Button>
              </p>
            )}
            {floor.changed !== null && floor.changed < 0.25 && pieces.length > 0 && (
              <p className="mt-2 text-lamp">
                Less than a quarter of the map changed: too little to end old territories.
              </p>
            )}
          </>
        )}
      </Section>
    </div>
  );
}
