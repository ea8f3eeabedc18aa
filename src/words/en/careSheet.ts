import type { CareSheet, FedFish } from '@/core/assess';
import type { SpeciesProfile } from '@/core/model';
import { countOf, listed, manyOf } from './names';
import { percent, type Quantities } from './quantities';

/** A part of the sheet: a heading and its lines. */
export interface CarePart {
  readonly title: string;
  readonly lines: readonly string[];
}

/** What to give, by diet (common practice). */
const FOOD: Readonly<Record<FedFish['food'], string>> = {
  herbivore: 'plant food: spirulina flake or wafers, blanched greens',
  algae: 'algae wafers and blanched greens',
  detritus: 'sinking wafers; it clears leftovers too',
  wood: 'wafers and greens; it also rasps the wood',
  omnivore: 'flake or pellets that fit its mouth',
  'micro-predator': 'fine flake or granules, small frozen food',
  invertivore: 'pellets or frozen food of small animals',
  molluscs: 'snails or shelled food: ask which',
  piscivore: 'large pellets or pieces of shrimp; no live fish',
};
const WHERE = { top: 'at the surface', middle: 'in open water', bottom: 'on the bottom' } as const;

/** "algae wafers and blanched greens" */
export const careFood = ({ food }: Pick<FedFish, 'food'>): string => FOOD[food];

/** How one kind of fish is fed: "on the bottom, after lights out; young: never skip a day" */
export function careHow({ takesFood, afterDark, slow, young }: FedFish): string {
  const how = [
    WHERE[takesFood],
    afterDark ? 'after lights out' : '',
    slow ? 'slow: see that it gets its share' : '',
  ];
  return [how.filter(Boolean).join(', '), ...(young ? ['young: food every day'] : [])].join('; ');
}

const names = (profiles: readonly SpeciesProfile[]): string => listed(profiles.map(manyOf));

const often = (meals: number): string =>
  meals === 1 ? 'once a day' : meals === 2 ? 'twice a day' : `${meals} times a day`;

const meals = ({ mealsPerDay, fed }: CareSheet): readonly string[] => [
  `Feed ${often(mealsPerDay ?? 1)}, each time only what is gone in two minutes. Take out what is left.`,
  'Too much food kills more fish than too little. A missed day is not made up for.',
  ...(fed.some(({ young }) => young) ? [] : ['All are grown enough to go without food for a day.']),
];

function daily(
  sheet: CareSheet,
  { quantity, range }: Pick<Quantities, 'quantity' | 'range'>,
): readonly string[] {
  const { temperatureC, bearableC, lightHours, hide, jump } = sheet;
  return [
    temperatureC === null
      ? bearableC === null
        ? 'Read the thermometer: the water stays as warm as it was.'
        : `Read the thermometer: ${range('temperature', bearableC)} suits them all.`
      : `Read the thermometer: ${quantity('temperature', temperatureC)}${bearableC === null ? '' : `; all of them bear ${range('temperature', bearableC)}`}.`,
    'The filter runs and the surface moves.',
    lightHours === null ? '' : `Light on for ${countOf(lightHours, 'hour')}.`,
    jump.length > 0 ? `Close the lid each time: ${names(jump)} jump.` : '',
    `Look for each species.${hide.length > 0 ? ` The ${names(hide)} often hide: not seeing them is usual.` : ''}`,
  ].filter(Boolean);
}

const call = ({ drive }: CareSheet): readonly string[] => [
  'Fish gasp at the surface, hang there, or breathe fast.',
  'Water is cloudy or smells; the filter or the heater has stopped.',
  'White spots, fuzz, a swollen belly, clamped or torn fins.',
  ...(drive.length > 0
    ? [`One is driven into a corner or behind the filter: ${names(drive)} kill their own.`]
    : []),
  'A fish is dead. Net it out, write down which and when, seal it in a bag, wash your hands.',
];

const leave = ({ change }: CareSheet): readonly string[] => [
  'No medicine, no other food, no new fish; never a fish or plant down a drain or into the wild.',
  change === null
    ? 'No water change unless the keeper showed you how.'
    : `Water change: the keeper changes ${percent(change.fraction)} every ${countOf(change.everyDays, 'day')}. Only if you were shown how: heater and pumps unplugged first, never start a siphon by mouth, new water as warm as the old and with dechlorinator, everything plugged in again.`,
];

const hands = ({ sting, spines }: CareSheet): readonly string[] => [
  'Unplug heater and pumps before your hands go into the water, and plug them in again. A plug that is wet stays alone: call.',
  'Cover cuts, wash your hands afterwards, keep children from the water.',
  ...(sting.length > 0
    ? [`The ${names(sting)} sting: no hands in this tank. A sting: hot water and medical help at once.`]
    : []),
  ...(spines.length > 0 ? [`The ${names(spines)} have spines: no bare hands, no net.`] : []),
];

/** What the person who feeds the fish must know, in the order in which it is needed. Common practice throughout. */
export function careParts(
  sheet: CareSheet,
  words: Pick<Quantities, 'quantity' | 'range'>,
): readonly CarePart[] {
  return [
    { title: 'Meals', lines: meals(sheet) },
    { title: 'Each day', lines: daily(sheet, words) },
    { title: 'Call the keeper when', lines: call(sheet) },
    { title: 'Leave alone', lines: leave(sheet) },
    { title: 'Hands and plugs', lines: hands(sheet) },
  ];
}
