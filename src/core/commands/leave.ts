import { appendOf, type Change, type Stamp } from '../gate';
import type { EventBodies, Sign } from '../events';
import type { ResidentId } from '../kernel';

type Bare<T extends 'rehomed' | 'died' | 'to-go' | 'back-again'> = Omit<EventBodies[T], 'type'> & {
  readonly on: string;
};

/** Fish go to another keeper. */
export const rehome = (body: Bare<'rehomed'>, stamp: Stamp): Change =>
  appendOf({ ...body, type: 'rehomed' }, stamp);

/** A fish is back as itself: found alive, returned, out of its box, without its partner. */
export const comeBack = (body: Omit<Bare<'back-again'>, 'note'>, stamp: Stamp): Change =>
  appendOf({ ...body, type: 'back-again', note: '' }, stamp);

/** A decision that somebody is to leave; a count of 0 says that it stays after all. */
export const decideToGo = (body: Bare<'to-go'>, stamp: Stamp): Change =>
  appendOf({ ...body, type: 'to-go' }, stamp);

interface Death {
  readonly on: string;
  readonly resident: ResidentId;
  readonly count: number;
  readonly how: EventBodies['died']['how'];
  readonly cause: string;
  readonly note: string;
  readonly signs: readonly Sign[];
  readonly incident: string;
}

/** A death, or several of one kind; those of one cause share the name of the incident. */
export const recordDeath = ({ signs, incident, ...body }: Death, stamp: Stamp): Change =>
  appendOf(
    {
      ...body,
      type: 'died',
      ...(signs.length > 0 ? { signs: [...signs] } : {}),
      ...(incident !== '' ? { incident } : {}),
    },
    stamp,
  );
