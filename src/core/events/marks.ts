import type { Resident, Room } from './room';

/** Names that were given by counting an arrival, in earlier rooms: "No. 3". */
const COUNTED = /^No\. \d+$/;

/** Whether nobody gave it a name. */
export const isUnnamed = ({ name }: Pick<Resident, 'name'>): boolean => name === '' || COUNTED.test(name);

/**
 * How each fish of a room is called, no two alike: by its name; without one by its species and its place among all of the
 * species that ever came, named ones and those that left too, so that a number stays with its fish. The second fish of a name
 * gets a number behind it. `kindOf` is the common name of a species.
 */
export function marksOf(room: Room, kindOf: (species: string) => string): ReadonlyMap<string, string> {
  const marks = new Map<string, string>();
  const numbers = new Map<string, number>();
  const taken = new Set<string>();
  // In the order in which the journal brought them in.
  const all = Object.values(room.residents);
  const unlike = (name: string): string => {
    let mark = name;
    for (let n = 2; taken.has(mark.toLowerCase()); n += 1) mark = `${name} ${n}`;
    taken.add(mark.toLowerCase());
    return mark;
  };
  for (const one of all) if (!isUnnamed(one)) marks.set(one.id, unlike(one.name));
  for (const one of all) {
    const kind = kindOf(one.species);
    const number = (numbers.get(one.species) ?? 0) + 1;
    if (one.individual) numbers.set(one.species, number);
    if (isUnnamed(one)) marks.set(one.id, unlike(one.individual ? `${kind} ${number}` : `the ${kind} group`));
  }
  return marks;
}
