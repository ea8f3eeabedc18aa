'use client';

import { changeFloor, ofTank } from '@/core/commands';
import { useMemo } from 'react';
import type { DocumentBodies } from '@/core/records';
import {
  bestBreak,
  type Floor,
  isInSight,
  mapChange,
  type Piece,
  type Point,
  shapeOf,
  sightFrom,
} from '@/core/sightlines';
import { useRoomState } from '@/session/react/RoomProvider';
import { useCommands } from '@/session/react/useCommands';
import type { TankView } from '@/session/react/useTanks';

type FloorBody = DocumentBodies['floor'];

/** A slate of this length is looked for a place. */
const SLATE_CM = 20;

/** The floor plan of a tank, what the holder on it sees, and ways to change it. */
export function useFloor(tank: TankView) {
  const { run } = useCommands();
  const id = ofTank('floor', tank.id);
  const document = useRoomState((state) => state.documents[id]);
  const kept = document?.kind === 'floor' ? document.body : null;
  const { lengthCm, widthCm } = tank.body.tank;
  const body: FloorBody = useMemo(() => kept ?? { tank: tank.id, holder: null, pieces: [] }, [kept, tank.id]);
  const told = useMemo(() => {
    const floorOf = (pieces: readonly Piece[]): Floor => ({
      lengthCm,
      widthCm,
      obstacles: pieces.filter(isInSight).map(shapeOf),
    });
    const floor = floorOf(body.pieces);
    const holder: Point | null = body.holder ? [body.holder.x, body.holder.y] : null;
    return {
      floor,
      holder,
      sight: holder ? sightFrom(holder, floor) : null,
      changed: holder && body.before ? mapChange(holder, floorOf(body.before), floor) : null,
    };
  }, [body, lengthCm, widthCm]);
  const put = (label: string, next: Partial<FloorBody>): void =>
    void run(label, ({ documents }) => changeFloor(documents, tank.id, next), true);
  return {
    body,
    ...told,
    put,
    /** Looks for the place at which one more slate hides most; worked out when asked for. */
    best: () => (told.holder ? bestBreak(told.holder, told.floor, SLATE_CM) : null),
  };
}
