import type { Change, Stamp } from '../gate';
import type { TankId } from '../kernel';
import type { DocumentBodies } from '../records';
import { putChange } from './documentChanges';
import { moveTanks, type Moving } from './moveTanks';
import { editOf, ofTank, type Documents } from './ofTank';

export type HouseMove = DocumentBodies['house-move'];
type Load = HouseMove['loads'][number];

const idOf = (from: TankId) => ofTank('house-move', from);
const edit = (documents: Documents, from: TankId, remake: (move: HouseMove) => HouseMove) =>
  editOf(documents, 'house-move', idOf(from), null, remake);

export const beginMove = (from: TankId, to: TankId, stamp: Stamp): Change =>
  putChange('house-move', idOf(from), { from, to, startedOn: stamp.now(), done: [], loads: [] });

export const tickMove = (
  documents: Documents,
  from: TankId,
  step: string,
  done: boolean,
): readonly Change[] =>
  edit(documents, from, (move) => ({
    ...move,
    done: [...move.done.filter((one) => one !== step), ...(done ? [step] : [])],
  }));

/** The number of a load's bucket; loads of earlier files have one each. */
export const bucketOf = ({ bucket }: Pick<Load, 'bucket'>, index: number): number => bucket ?? index + 1;

/** A bucket is filled: several fish, and so many of a group. */
export const fillBucket = (
  documents: Documents,
  from: TankId,
  load: readonly Pick<Load, 'resident' | 'out'>[],
): readonly Change[] =>
  edit(documents, from, (move) => {
    const bucket = 1 + Math.max(0, ...move.loads.map(bucketOf));
    return { ...move, loads: [...move.loads, ...load.map((one) => ({ ...one, in: null, bucket }))] };
  });

/** So many came out of a bucket alive. `index` counts from 0. */
export const emptyBucket = (
  documents: Documents,
  from: TankId,
  index: number,
  alive: number,
): readonly Change[] =>
  edit(documents, from, (move) => ({
    ...move,
    loads: move.loads.map((load, at) => (at === index ? { ...load, in: alive } : load)),
  }));

/** All that were in a bucket came out of it alive. */
export const allAlive = (documents: Documents, from: TankId, bucket: number): readonly Change[] =>
  edit(documents, from, (move) => ({
    ...move,
    loads: move.loads.map((load, at) =>
      bucketOf(load, at) === bucket && load.in === null ? { ...load, in: load.out } : load,
    ),
  }));

export const dropMove = (from: TankId): Change => putChange('house-move', idOf(from), null);

/** The move is done: who came over moves, the others stay in the record of the old tank. */
export const finishMove = (
  { from, to }: Pick<HouseMove, 'from' | 'to'>,
  moving: readonly Moving[],
  stamp: Stamp,
): readonly Change[] => [...moveTanks(moving, to, 'Moved tanks.', stamp), dropMove(from)];
