import { appendOf, type Change, type Stamp } from '../gate';
import type { EventBodies } from '../events';
import type { ResidentId, TankId } from '../kernel';
import { putChange } from './documentChanges';
import { editOf, ofTank, type Documents } from './ofTank';

const idOf = (tank: TankId) => ofTank('release', tank);

/** A release begins: `who` are the keys of those that go in. */
export const beginRelease = (tank: TankId, who: readonly string[], stamp: Stamp): Change =>
  putChange('release', idOf(tank), { tank, who: who.join(','), startedOn: stamp.now(), done: [] });

/** A step of a release is ticked, with its moment, or unticked. */
export const tickRelease = (
  documents: Documents,
  tank: TankId,
  step: string,
  done: boolean,
  stamp: Stamp,
): readonly Change[] =>
  editOf(documents, 'release', idOf(tank), null, (body) => ({
    ...body,
    done: [...body.done.filter((one) => one.step !== step), ...(done ? [{ step, on: stamp.now() }] : [])],
  }));

/** No release after all. */
export const dropRelease = (tank: TankId): Change => putChange('release', idOf(tank), null);

export interface Released {
  readonly tank: TankId;
  /** Those that were in quarantine; who comes straight from the seller is recorded as an arrival. */
  readonly moving: readonly ResidentId[];
  readonly protocol: EventBodies['moved']['protocol'];
  /** What the diary says of it. */
  readonly text: string;
  readonly noteOn: string;
}

/** A release is done: who waited in quarantine moves, and the diary says how it went. */
export function finishRelease(
  { tank, moving, protocol, text, noteOn }: Released,
  stamp: Stamp,
): readonly Change[] {
  const on = stamp.now();
  return [
    dropRelease(tank),
    ...moving.map((resident) => appendOf({ type: 'moved', on, resident, tank, protocol, note: '' }, stamp)),
    appendOf({ type: 'noted', on: noteOn, tank, text }, stamp),
  ];
}
