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

/** A bucket is filled: so many of one fish or group. */
export const fillBucket = (
  documents: Documents,
  from: TankId,
  load: Pick<Load, 'resident' | 'out'>,
): readonly Change[] =>
  edit(documents, from, (move) => ({ ...move, loads: [...move.loads, { ...load, in: null }] }));

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

export const dropMove = (from: TankId): Change => putChange('house-move', idOf(from), null);

/** The move is done: who came over moves, the others stay in the record of the old tank. */
export const finishMove = (
  { from, to }: Pick<HouseMove, 'from' | 'to'>,
  moving: readonly Moving[],
  stamp: Stamp,
): readonly Change[] => [...moveTanks(moving, to, 'Moved tanks.', stamp), dropMove(from)];
