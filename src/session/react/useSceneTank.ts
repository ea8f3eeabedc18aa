import { useMemo } from 'react';
import { ofTank } from '@/core/commands';
import type { SceneTank } from '@/core/scene';
import { sceneTank } from '@/ui/scene/sceneTank';
import { useRoomState } from './RoomProvider';
import type { TankView } from './useTanks';

const NO_PIECES: readonly never[] = [];

/** A tank as its scene is drawn, with what its floor map tells. */
export function useSceneTank(tank: TankView): SceneTank {
  const floor = useRoomState((state) => state.documents[ofTank('floor', tank.id)]);
  const pieces = floor?.kind === 'floor' && floor.body ? floor.body.pieces : NO_PIECES;
  return useMemo(() => sceneTank(tank.body.tank, pieces, tank.id), [tank.body.tank, pieces, tank.id]);
}
