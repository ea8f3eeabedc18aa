import type { Leaves } from '@/core/assess';
import type { Advice, AdviceName, Fix, PlanEdit } from '@/core/rules';
import { HIDES } from './findings/home';
import { countOf, listed } from './names';
import type { Words } from './words';
import { plain } from './locale';

const WALLS = { lengthCm: 'long', widthCm: 'front to back', heightCm: 'high' } as const;

/** What is left out, when so many of them live in the tank. */
const rehomed = (count: number, species: string, words: Words): string =>
  `Rehome ${words.counted(species, count)}`;

/** A tank by its measures, and by the name that it is sold under where that is another: "29 US gal (30 in × 12 in × 18 in)". */
function soldAs(
  { name, lengthCm, widthCm, heightCm }: Extract<PlanEdit, { kind: 'set-tank' }>,
  words: Words,
): string {
  const measures = [lengthCm, widthCm, heightCm].map((cm) => words.tank('length', cm)).join(' × ');
  return /gal|ft/.test(name) ? `${name} (${measures})` : measures;
}

/** What one press of a fix will do. */
function sayEdit(edit: PlanEdit, rehomes: number, words: Words): string {
  switch (edit.kind) {
    case 'set-temperature':
      return `Set the heater to ${words.quantity('temperature', edit.temperatureC)}.`;
    case 'set-count':
      return `${rehomes > 0 ? `${rehomed(rehomes, edit.species, words)}: keep ${edit.count}` : `Keep ${words.counted(edit.species, edit.count)}`}.`;
    case 'set-sexes':
      return `Keep ${edit.males} male and ${edit.females} female ${words.many(edit.species)}.`;
    case 'swap':
      if (rehomes > 0)
        return `${rehomed(rehomes, edit.species, words)}, and choose ${words.counted(edit.to, edit.count)}.`;
      return `Choose ${words.counted(edit.to, edit.count)} in place of the ${words.many(edit.species)}.`;
    case 'set-origin':
      return edit.origin === 'wild'
        ? `Take the ${words.many(edit.species)} as wild-caught.`
        : `Buy tank-bred ${words.many(edit.species)}.`;
    case 'set-tank':
      return `Choose a larger tank, ${soldAs(edit, words)}.`;
    case 'set-wall':
      return `Move a wall: a tank ${words.tank('length', edit.cm)} ${WALLS[edit.wall]}.`;
    case 'set-breaks':
      return `Add sight breaks, ${edit.sightBreaks} in all.`;
    case 'set-density':
      return edit.density === 'dense'
        ? 'Stock densely by choice: more filtration, and no change missed.'
        : 'Stock lightly by choice.';
    case 'set-plants':
      return 'Plant densely.';
    case 'leave-out':
      if (rehomes > 0)
        return `${rehomed(rehomes, edit.species, words)}${rehomes < (edit.count ?? 0) ? ', and leave out the rest' : ''}.`;
      return `Leave out ${words.own(edit.species, edit.count ?? 2)}.`;
    case 'set-lid':
      return edit.lid ? 'Add a lid.' : 'Take the lid off.';
    case 'set-substrate':
      return `Change to ${edit.substrate}.`;
    case 'set-light':
      return `Light ${plain(edit.hours)} hours a day.`;
    case 'set-routine':
      return `Change ${Math.round(edit.changeFraction * 100)}% every ${edit.everyDays} days.`;
  }
}

const ADVICE: Readonly<Record<AdviceName, string>> = {
  'larger tank': 'Choose a larger tank.',
  'larger floor': 'Add sight breaks, or choose a tank with a larger floor.',
  'larger filter': 'Use a larger filter.',
  'circulation pump': 'Add a circulation pump.',
  'calm outflow': 'Calm the outflow.',
  'leaving date': 'Set a leaving date.',
  'next tank': 'Name the next tank.',
  'exit plan': 'Add an exit plan.',
  divider: 'Get a divider ready.',
  'own tank': 'Give the pair its own tank.',
  'night light': 'Leave a dim night light on.',
  'one size together': 'Keep fish of one size together.',
  'harems instead': 'Keep one male to three or four females of each species.',
  'one species or three males': 'Keep one of these species, or three males and more.',
  'three males': 'Keep three males and more, with females for each.',
  'other layer': 'Choose fish for another layer.',
  'one for another layer': 'Choose a species for another layer.',
  'fewer fish': 'Keep fewer or smaller fish.',
  'less nitrate': 'Keep fewer or smaller fish, feed less, or grow more plants.',
  'two meals': 'Feed twice a day.',
  greens: 'Feed mostly greens.',
  'target feeding': 'Feed at both ends, and sink food after dark.',
  'plant densely': 'Plant densely.',
  'swimming lane': 'Clear a swimming lane and lay sand.',
  'wood and rock': 'Use wood and rock.',
  'rearrange rocks': 'Move the rocks within the hour.',
  'quarantine with residents': 'Quarantine with residents: 3 residents join the newcomer for its last week.',
};

/** What only the keeper can do. */
function sayAdvice(advice: Advice, words: Words): string {
  switch (advice.does) {
    case 'lower pH':
      return `Mix in RO or rain water to reach about pH ${plain(advice.ph)}; use no additives.`;
    case 'raise pH':
      return `Raise the pH to about ${plain(advice.ph)} slowly, with coral sand or limestone.`;
    case 'blend water':
      return `Blend to ${words.quantity('hardness', advice.ghDh)}.`;
    case 'fewer males':
      return `Keep ${advice.males} male ${advice.males === 1 ? words.one(advice.species) : words.many(advice.species)}.`;
    case 'add last':
      return `Add the ${words.many(advice.species)} last, when the others are at home.`;
    case 'leave out females':
      return `Leave out the female ${words.many(advice.species)}.`;
    case 'one sex only':
      return `Keep only male ${words.many(advice.species)}; females may carry young from before.`;
    case 'more of them': {
      const names = listed(advice.species.map(words.many));
      return advice.count === null ? `Keep more ${names}.` : `Add ${advice.count} or more ${names} together.`;
    }
    case 'add hides':
      return advice.hide === null
        ? `Add ${countOf(advice.count, 'hiding place')}.`
        : `Add ${countOf(advice.count, ...HIDES[advice.hide])}.`;
    default:
      return ADVICE[advice.does];
  }
}

/** What a fix does, or asks the keeper to do. */
export const sayFix = (fix: Fix, words: Words): string =>
  'edit' in fix ? sayEdit(fix.edit, fix.rehomes ?? 0, words) : sayAdvice(fix.advice, words);

/** What is left of a list after a fix: "Then 1 stop and 2 cautions." */
export function sayLeaves({ verdict, stop, caution }: Leaves): string {
  if (verdict === 'fits') return 'Then the list fits.';
  const parts = [stop > 0 ? countOf(stop, 'stop') : '', caution > 0 ? countOf(caution, 'caution') : ''];
  return `Then ${parts.filter((part) => part !== '').join(' and ')}.`;
}
