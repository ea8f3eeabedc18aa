import type { ResidentId } from '../kernel';

/** A fish seen in a contest that nobody could tell from its like: "a male of this species". */
export interface Somebody {
  readonly species: string;
  readonly sex: 'male' | 'female' | 'unknown';
}

const PREFIX = 'some-';

/** The name under which such a fish stands in a contest. */
export const somebodyId = ({ species, sex }: Somebody): ResidentId =>
  `${PREFIX}${sex}-${species}` as ResidentId;

/** Who is meant by a name, if it is such a fish; null for a resident. */
export function readSomebody(id: string): Somebody | null {
  if (!id.startsWith(PREFIX)) return null;
  const [, sex, species] = /^some-(male|female|unknown)-(.+)$/.exec(id) ?? [];
  return sex !== undefined && species !== undefined ? { sex: sex as Somebody['sex'], species } : null;
}
