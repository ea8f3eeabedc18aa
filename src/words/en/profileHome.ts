import type { SmallestTank } from '@/core/assess';
import type { SpeciesProfile } from '@/core/model';
import { plain } from './locale';
import { capital, everyOf } from './names';
import { termOf } from './vocabulary';
import type { Words } from './words';

type Profile = SpeciesProfile;

/** Ranges of one water, in one line. */
export const waterLine = (water: Profile['water']['wild'], words: Words): string =>
  [
    words.range('temperature', water.temperatureC),
    `pH ${plain(water.ph[0])} to ${plain(water.ph[1])}`,
    `GH ${words.range('hardness', water.ghDh)}`,
    ...(water.salinityPpt[1] > 1 ? [`salt ${words.range('salinity', water.salinityPpt)}`] : []),
  ].join(', ');

export const SOLD = { farmed: 'tank-bred', wild: 'wild-caught', both: 'tank-bred and wild-caught' } as const;

const numbersBy = ({ fewest, most, open }: NonNullable<SmallestTank['numbers']>): string =>
  open
    ? `${fewest} and more by themselves`
    : most === 1
      ? 'one by itself'
      : `${fewest === most ? fewest : `${fewest} to ${most}`} by themselves`;

/** A tank by one approach, with how many live in the smallest that is sold. */
export function tankLine(profile: Profile, { approach, size, numbers }: SmallestTank, words: Words): string {
  const { lengthCm, widthCm, litres } = profile.tank[approach];
  const figures = [
    lengthCm === null || widthCm === null
      ? ''
      : `${words.tank('length', lengthCm)} by ${words.tank('length', widthCm)}`,
    litres === null ? '' : words.tank('volume', litres),
  ].filter(Boolean);
  const sold =
    size === null || numbers === null ? 'no size that shops have' : `${size.name}, ${numbersBy(numbers)}`;
  return `${capital(termOf(approach))}: ${figures.join(', ')}; ${sold}.`;
}

const NEEDS = ['sand', 'caves', 'overhangs', 'upright', 'shells', 'wood', 'plants', 'floating'] as const;
const NEED_WORDS: Readonly<Record<(typeof NEEDS)[number], string>> = {
  sand: 'sand',
  caves: 'caves',
  overhangs: 'overhangs',
  upright: 'upright roots or plants',
  shells: 'empty shells',
  wood: 'wood',
  plants: 'plants',
  floating: 'floating cover',
};

export function furnishing({ tank, habits, effect }: Profile): string {
  const asked = (how: 'needs' | 'likes'): readonly string[] =>
    NEEDS.filter((need) => tank[need] === how).map((need) => NEED_WORDS[need]);
  const [needs, likes] = [asked('needs'), asked('likes')];
  return [
    needs.length > 0 ? `Needs ${everyOf(needs)}.` : '',
    likes.length > 0 ? `Likes ${everyOf(likes)}.` : '',
    habits.jumps === 'no'
      ? ''
      : habits.jumps === 'often'
        ? 'Jumps: a tight lid.'
        : 'Jumps when frightened: a lid.',
    effect.digs >= 2 ? 'Digs.' : '',
    habits.panics ? 'Bolts when frightened.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}
