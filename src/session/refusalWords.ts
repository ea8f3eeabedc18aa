import type { Refusal } from '@/core/gate';
import type { Conflict, Fault } from '@/core/kernel';
import { documentName, eventName, faultSentence, partLabel, partSentence, type Quantities } from '@/words/en';
import type { TakenBack } from './types';

type Read = Pick<Quantities, 'reading'>;

/** So many faults are named in one message. */
const TOLD = 3;

const lines = (faults: readonly Fault[], words: Read): string =>
  faults
    .slice(0, TOLD)
    .map((fault) => partSentence(fault, words))
    .join(' ');

/** What depends on an entry that was to be changed or struck out. */
function clashWords({ clashes }: Refusal): string {
  const [first] = clashes;
  if (!first) return '';
  const what = clashes.length === 1 ? 'One record depends' : `${clashes.length} records depend`;
  const named =
    first.on === '' ? documentName(first.type) : `${eventName(first.type)} of ${first.on.slice(0, 10)}`;
  return `${what} on it, first ${named}. Correct or strike out ${clashes.length === 1 ? 'that one' : 'those'} first.`;
}

/** Why nothing was written. */
export function refusalWords(refusal: Refusal, words: Read): string {
  const parts = [lines(refusal.faults, words), clashWords(refusal)].filter((part) => part !== '');
  return `Not saved. ${parts.join(' ')}`;
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
        `${path === '' ? 'all of it' : (partLabel(path) ?? path)}: here ${shown(mine)}, there ${shown(theirs)}`,
    );
  return `Not saved: another tab changed the same. ${parts.join('; ')}.`;
}

/** Why something could not be taken back. */
export function stayedWords(taken: Extract<TakenBack, { kind: 'refused' }>, words: Read): string {
  switch (taken.why) {
    case 'entry':
      return `Not undone: ${taken.label}. An entry of it was corrected since.`;
    case 'document':
      return `Not undone: ${taken.label}. The same was changed since.`;
    case 'gate':
      return `Not undone: ${taken.label}. ${taken.refusal ? clashWords(taken.refusal) || lines(taken.refusal.faults, words) : ''}`;
  }
}

/** What is wrong with a field that is kept when it is left. */
export const faultWords = (faults: readonly Fault[], words: Read): string =>
  faults.map((fault) => faultSentence(fault, words)).join(' ');

export { partSentence };
