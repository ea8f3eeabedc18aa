import type { Stay } from '@/core/evidence';
import { monthName } from './locale';
import { countOf, listed } from './names';
import type { Words } from './words';

const ENDED: Readonly<Record<Stay['ended'], string>> = {
  'goes on': '',
  parted: 'parted',
  'given up': 'all rehomed',
  'none left': 'none left',
  'moved on': 'moved to another tank',
  'list changed': '',
};

const sum = (list: readonly { readonly count: number }[]): number =>
  list.reduce((all, { count }) => all + count, 0);

/** What a stay says, for the keeper who hands it on: its tank and months, its fish, and what happened. */
export function sayStay(
  { tank, from, until, fish, minutesWatched, contests, signs, losses, steps, ended }: Stay,
  words: Words,
): { readonly where: string; readonly fish: string; readonly happened: string } {
  const happened = [
    minutesWatched > 0 ? `watched ${countOf(minutesWatched, 'minute')}` : 'not watched',
    contests.length > 0 ? countOf(sum(contests), 'contest') : '',
    signs.some(({ what }) => what === 'torn') ? 'fins torn' : '',
    losses.length > 0 ? `${sum(losses)} lost` : '',
    steps.length > 0 ? countOf(steps.length, 'intervention') : '',
    ENDED[ended],
  ].filter((part) => part !== '');
  return {
    where: `Tank ${words.quantity('length', tank.lengthCm)} long, ${monthName(from)} to ${until === null ? 'today' : monthName(until)}`,
    fish: listed(
      fish.map(({ species, count }) => `${count} ${count === 1 ? words.one(species) : words.many(species)}`),
    ),
    happened: happened.join(', '),
  };
}
