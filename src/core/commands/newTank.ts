import type { Cm } from '../kernel';
import type { DocumentBodies } from '../records';
import {
  HARDSCAPE_FRACTION,
  USUAL_ROUTINE,
  usualFilterLph,
  usualGlassMm,
  usualSubstrateCm,
  usualWaterLineCm,
} from '../tank';

interface Size {
  readonly lengthCm: Cm;
  readonly widthCm: Cm;
  readonly heightCm: Cm;
}

/** Hours of light where nobody says (common practice). */
const LIGHT_HOURS = 8;

/** A tank of this size with the usual furnishing, to be corrected on the Tank screen. */
export function newTank(
  name: string,
  purpose: DocumentBodies['tank']['purpose'],
  size: Size,
  order: number,
  entered?: Record<string, string>,
): DocumentBodies['tank'] {
  const bare = purpose === 'quarantine' || purpose === 'hospital';
  const waterLineCm = usualWaterLineCm(size.heightCm);
  return {
    name,
    purpose,
    order,
    tank: {
      ...size,
      inside: false,
      glassMm: usualGlassMm(size, false),
      waterLineCm,
      substrate: bare ? 'bare' : 'sand',
      substrateCm: usualSubstrateCm(bare, waterLineCm),
      hardscapeFraction: HARDSCAPE_FRACTION,
      lid: true,
      plants: bare ? 'none' : 'some',
      filterLph: usualFilterLph(size),
      lightHours: LIGHT_HOURS,
    },
    water: {},
    routine: { ...USUAL_ROUTINE },
    practice: { tankSize: 'middle', males: 'harem' },
    ...(entered ? { entered } : {}),
  };
}
