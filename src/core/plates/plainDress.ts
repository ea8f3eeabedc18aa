import type { DressWords } from './dress';
import { isColour } from './pigments';

/** The plan that stands for a body shape where an animal has no dress of its own. */
const PLAN_OF: Readonly<Record<string, string>> = {
  torpedo: 'minnow',
  slim: 'pencil',
  tall: 'angel',
  disc: 'discus',
  heavy: 'oscar',
  bottom: 'cory',
  sucker: 'pleco',
  eel: 'eel',
  hatchet: 'hatchet',
  labyrinth: 'gourami',
  puffer: 'puffer',
  ray: 'ray',
  shrimp: 'shrimp',
  crayfish: 'crayfish',
  snail: 'snail',
  frog: 'frog',
  veil: 'betta',
  catfish: 'whiskered',
};

/** Words for colours that are no pigment themselves. */
const PIGMENT_OF: Readonly<Record<string, string>> = {
  black: 'soot',
  blue: 'azure',
  yellow: 'lemon',
  brown: 'bistre',
  green: 'leaf',
  grey: 'steel',
  beige: 'tan',
  purple: 'violet',
  bronze: 'fawn',
  cream: 'bone',
  honey: 'amber',
};

const pigmentOf = (word: string): string | null => {
  const pigment = PIGMENT_OF[word] ?? word;
  return isColour(pigment) ? pigment : null;
};

/**
 * A plain dress for an animal that has none: the outline of its shape in the first colours that are told of it.
 *
 * @param shape a silhouette of the catalogue; one that is unknown is drawn as a torpedo
 */
export function plainDress(shape: string, colours: readonly string[]): DressWords {
  const plan = PLAN_OF[shape] ?? 'minnow';
  const [first, second = first] = colours.flatMap((word) => pigmentOf(word) ?? []);
  return first === undefined
    ? { plan, tone: 'steel silver pearl', fins: 'clear a 0.5' }
    : { plan, tone: `${second} ${first} ${first}~bone`, fins: `${first} a 0.5` };
}
