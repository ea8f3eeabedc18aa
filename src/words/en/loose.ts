import type { Loose } from '@/core/journal';
import { isMoment } from '@/core/kernel';
import { eventName } from './eventName';
import { capital } from './names';

const WHY: Readonly<Record<Loose['why'], string>> = {
  'no name or moment': 'it has no name or no date',
  'unknown type': 'this Lomvik does not know the type',
  damaged: 'it is damaged',
  nobody: 'no fish of that name has arrived',
  'too many': 'it takes more fish than there are',
};

/** An entry that does not fit the room, and why: "A death of 2026-05-01: no fish of that name has arrived." */
export const sayLoose = ({ type, on, why }: Loose): string =>
  `${capital(eventName(type))}${isMoment(on) ? ` of ${on.slice(0, 10)}` : ''}: ${WHY[why]}.`;
