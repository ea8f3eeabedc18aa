import type { Refusal } from '@/core/gate';
import { definitionOf, isEventType } from '@/core/events';
import { type Conflict, type Fault, faultLine } from '@/core/kernel';
import type { TakenBack } from './types';

/** So many faults are named in one message. */
const TOLD = 3;

const lines = (faults: readonly Fault[]): string => faults.slice(0, TOLD).map(faultLine).join('. ');

const titleOf = (type: string): string => (isEventType(type) ? definitionOf(type).title : 'a correction');

/** What depends on an entry that was to be changed or struck out. */
function clashWords({ clashes }: Refusal): string {
  const [first] = clashes;
  if (!first) return '';
  const what = clashes.length === 1 ? 'One record depends' : `${clashes.length} records depend`;
  const named = first.on === '' ? first.type : `${titleOf(first.type)} of ${first.on.slice(0, 10)}`;
  return `${what} on it, first ${named}. Correct or strike out ${clashes.length === 1 ? 'that one' : 'those'} first`;
}

/** Why nothing was written. */
export function refusalWords(refusal: Refusal): string {
  const parts = [lines(refusal.faults), clashWords(refusal)].filter((part) => part !== '');
  return `Not saved. ${parts.join('. ')}.`;
}

const shown = (value: unknown): string =>
  value === undefined || value === null
    ? 'nothing'
    : typeof value === 'object'
      ? 'something else'
      : String(value);

/** Which parts two tabs changed at the same time. */
export function changedWords(conflicts: readonly Conflict[]): string {
  const parts = conflicts
    .slice(0, TOLD)
    .map(
      ({ path, mine, theirs }) =>
        `${path === '' ? 'all of it' : path}: here ${shown(mine)}, there ${shown(theirs)}`,
    );
  return `Not saved: another tab changed the same. ${parts.join('; ')}.`;
}

/** Why something could not be taken back. */
export function stayedWords(taken: Extract<TakenBack, { kind: 'refused' }>): string {
  switch (taken.why) {
    case 'entry':
      return `Not undone: ${taken.label}. An entry of it was corrected since.`;
    case 'document':
      return `Not undone: ${taken.label}. The same was changed since.`;
    case 'gate':
      return `Not undone: ${taken.label}. ${taken.refusal ? clashWords(taken.refusal) || lines(taken.refusal.faults) : ''}.`;
  }
}
