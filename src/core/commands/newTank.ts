import type { Cm } from '../kernel';
import type { DocumentBodies } from '../records';
interface Size {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/**
 * A tank of this size, measured outside. Nothing else is said of it: what follows from its measures is worked out where
 * it is asked for, and marked as assumed. A tank for quarantine or a patient is bare.
 */
export function newTank(
  name: string,
  purpose: DocumentBodies['tank']['purpose'],
  size: Size,
  order: number,
  entered?: Record<string, string>,
): DocumentBodies['tank'] {
  const bare = purpose === 'quarantine' || purpose === 'hospital';
  return {
    name,
    purpose,
    order,
    tank: { ...size, inside: false, ...(bare ? { substrate: 'bare', plants: 'none' } : {}) },
    water: {},
    routine: {},
    practice: {},
    ...(entered ? { entered } : {}),
  };
}
