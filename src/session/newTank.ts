import { suggestGlassMm } from '@/core/tank/suggestGlassMm';
import type { DocumentBodies } from '@/core/records/documents';

interface Size {
  readonly lengthCm: number;
  readonly widthCm: number;
  readonly heightCm: number;
}

/** A filter label of this many times the volume an hour (common practice), up to what a plan may say. */
const FILTER_TIMES = 5;
const LARGEST_FILTER_LPH = 200_000;

/** A tank of this size with the usual furnishing, to be corrected on the Tank screen. */
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
    tank: {
      ...size,
      inside: false,
      glassMm: suggestGlassMm(size.lengthCm, size.heightCm),
      waterLineCm: Math.round(Math.max(size.heightCm * 0.8, size.heightCm - 3) * 10) / 10,
      substrate: bare ? 'bare' : 'sand',
      substrateCm: bare ? 0 : Math.min(4, size.heightCm / 8),
      hardscapeFraction: 0.05,
      lid: true,
      plants: bare ? 'none' : 'some',
      filterLph: Math.min(
        LARGEST_FILTER_LPH,
        Math.round((size.lengthCm * size.widthCm * size.heightCm * FILTER_TIMES) / 1000),
      ),
      lightHours: 8,
    },
    water: {},
    routine: { changeFraction: 0.5, everyDays: 7, mealsPerDay: 2 },
    practice: { tankSize: 'middle', males: 'harem' },
    ...(entered ? { entered } : {}),
  };
}
