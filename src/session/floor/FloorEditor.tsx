'use client';

import { useWords } from '@/session/react/useWords';
import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { TEMPLATES, templateOf } from '@/core/floor';
import { type BestBreak, type Piece, PIECES, shapeOf } from '@/core/sightlines';
import type { TankView } from '@/session/react/useTanks';
import { Button } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { FloorMap } from '@/ui/floor/FloorMap';
import { corners } from '@/ui/floor/PieceMark';
import { Empty, Ledger, Section } from '@/ui/Screen';
import { PieceTools } from './PieceTools';
import { useFloor } from './useFloor';

const NEW: Readonly<Record<Piece['kind'], readonly [number, number]>> = {
  rock: [18, 14],
  wood: [30, 6],
  plant: [12, 12],
  slate: [20, 1],
  cave: [14, 12],
  root: [8, 6],
  pot: [12, 10],
  shells: [24, 16],
  filter: [10, 8],
};
const NUDGE_CM = 2;

const percent = (share: number): string => `${Math.round(share * 100)}%`;

/** The floor from above: what stands on it, what a holder sees from where it sits, and where one more break hides most. */
export function FloorEditor({ tank }: { readonly tank: TankView }) {
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
  const [isPutting, setIsPutting] = useState(false);
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
    <div className="grid grid-cols-1 gap-6 lg:grid-cols-[minmax(0,7fr)_minmax(0,4fr)]">
      <div className="flex min-w-0 flex-col gap-3">
        <p className="text-slate">
          The floor from above, front glass below. Place the decor, then tap the dominant fish: it sees the
          light area.
        </p>
        <div
          className="touch-none"
          onPointerMove={(event) => dragged && setDragged({ ...dragged, ...at(event) })}
          onPointerUp={() => {
            const from = dragged && pieces[dragged.index];
            if (dragged && from && Math.hypot(dragged.x - from.x, dragged.y - from.y) > 0.5)
              change('Moved', dragged.index, { x: dragged.x, y: dragged.y });
            setDragged(null);
          }}
        >
          <FloorMap
            svgRef={svg}
            lengthCm={lengthCm}
            widthCm={widthCm}
            pieces={shown}
            seen={floor.sight?.seen ?? null}
            holder={holder ? [holder.x, holder.y] : null}
            label={`Floor of ${tank.body.name}, ${words.tank('length', lengthCm)} by ${words.tank('length', widthCm)}`}
            onPress={([x, y]) => {
              const place = clamp(x, y);
              if (isPutting && chosen !== null) {
                setIsPutting(false);
                change('Moved', chosen, place);
                return;
              }
              setChosen(null);
              setFound(null);
              floor.put('Dominant fish placed', { holder: place });
            }}
          >
            {shown.map((piece, i) => (
              <polygon
                key={i}
                points={corners(shapeOf(piece), widthCm)}
                fill="transparent"
                stroke={i === chosen ? 'var(--deep)' : 'none'}
                strokeWidth="1"
                role="button"
                tabIndex={0}
                aria-label={`${piece.name ? `${piece.name}, ` : ''}${piece.kind} ${i + 1}: arrow keys move it, Delete removes it`}
                aria-pressed={i === chosen}
                className="cursor-grab"
                onFocus={() => setChosen(i)}
                onKeyDown={(event) => keys(event, i)}
                onPointerDown={(event) => {
                  if (isPutting) return;
                  event.stopPropagation();
                  setChosen(i);
                  setDragged({ index: i, x: piece.x, y: piece.y });
                }}
              />
            ))}
            {found && (
              <polygon
                points={corners(shapeOf(found.piece), widthCm)}
                fill="none"
                stroke="var(--buoy)"
                strokeWidth="1"
                strokeDasharray="2 1"
                pointerEvents="none"
              />
            )}
          </FloorMap>
        </div>
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
        </div>
        {one && chosen !== null && (
          <PieceTools
            key={chosen}
            piece={one}
            floorCm={[lengthCm, widthCm]}
            isPutting={isPutting}
            onPutting={setIsPutting}
            onChange={(label, how) => change(label, chosen, how)}
            onRemove={() => remove(chosen)}
          />
        )}
        <SelectField
          label="Begin from"
          wrap="w-44"
          value=""
          onChange={(event) => {
            const name = TEMPLATES.find((one_) => one_ === event.target.value);
            if (!name) return;
            setChosen(null);
            setFound(null);
            floor.put(`Floor set up: ${name}`, { pieces: [...templateOf(name, lengthCm, widthCm)] });
          }}
        >
          <option value="">a template</option>
          {TEMPLATES.map((name) => (
            <option key={name} value={name}>
              {name}
            </option>
          ))}
        </SelectField>
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
            <p className="mt-1 text-[0.8125rem] text-slate">Fish chase what they see.</p>
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
