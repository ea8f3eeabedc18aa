'use client';

import { useState } from 'react';
import { placeOf, placeText } from '@/core/floor';
import { useFloor } from '@/session/floor/useFloor';
import { useFloorStory } from '@/session/floor/useFloorStory';
import { addDays } from '@/core/kernel';
import type { TankView } from '@/session/react/useTanks';
import { todayIso } from '@/session/today';
import { FloorMap } from '@/ui/floor/FloorMap';
import { type Holder, TankSketch } from './TankSketch';

/** A sign older than this many days no longer says who holds ground. */
const HOLDS_DAYS = 45;

/** Where it happened: a press on the floor map, or one of six places of the front. */
export function WherePressed({
  tank,
  place,
  onPlace,
  holders,
}: {
  readonly tank: TankView;
  readonly place: string;
  readonly onPlace: (place: string) => void;
  readonly holders: readonly Holder[];
}) {
  const { body } = useFloor(tank);
  const story = useFloorStory(tank, addDays(todayIso(), -HOLDS_DAYS), null);
  const [isFront, setIsFront] = useState(body.pieces.length === 0);
  const { lengthCm, widthCm } = tank.body.tank;
  const here = placeOf(place, lengthCm, widthCm);
  return (
    <div>
      {isFront ? (
        <TankSketch tank={tank} place={place} onPlace={onPlace} holders={holders} />
      ) : (
        <FloorMap
          lengthCm={lengthCm}
          widthCm={widthCm}
          pieces={body.pieces}
          grounds={story?.grounds ?? []}
          here={here?.at ?? null}
          label="Where it happened: press the floor or move with arrows, front below"
          className="cursor-crosshair"
          onPress={(at) => onPlace(placeText(at))}
        />
      )}
      <p className="flex items-center justify-between gap-3 text-[0.75rem] text-slate">
        <span aria-live="polite">{place}</span>
        <span className="flex gap-3">
          {place !== '' && (
            <button type="button" className="min-h-11 text-deep underline" onClick={() => onPlace('')}>
              no place
            </button>
          )}
          <button type="button" className="min-h-11 text-deep underline" onClick={() => setIsFront(!isFront)}>
            {isFront ? 'floor from above' : 'front, six places'}
          </button>
        </span>
      </p>
    </div>
  );
}
