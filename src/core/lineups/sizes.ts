import type { Cm } from '../kernel';
import { otherSize } from '../assess';
import type { PlanTank } from '../model';

/** A size that a tank may have, with the name that keepers know it by. */
export interface NamedSize {
  readonly name: string;
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

type Measures = Omit<NamedSize, 'name'>;

/** The volume of the box, cm³. */
export const volumeOf = ({ lengthCm, widthCm, heightCm }: Measures): number => lengthCm * widthCm * heightCm;

/** A tank of a size that is sold, furnished as this one; its filter is another. */
export function anotherTank(tank: PlanTank, size: Measures): PlanTank {
  const { filterLph: _flow, ...rest } = otherSize(tank, size);
  return rest;
}
