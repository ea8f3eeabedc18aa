import { SHIPPED_SPECIES } from '../index';
import { readingRows } from './excuses';
import { adjudged, apartFrom, blindReading } from './readings';

const profiles = new Map(SHIPPED_SPECIES.map((profile) => [profile.id, profile]));
const line = ({ id, field, catalogue, reading }: ReturnType<typeof adjudged>[number]): string =>
  [id, field, catalogue, reading].join('|');
const known = new Set(adjudged().map(line));

describe('an independent reading', () => {
  const apart = blindReading().flatMap((reading) => {
    const profile = profiles.get(reading.id);
    return profile ? apartFrom(reading, profile).map(line) : [`${reading.id} is not in the catalogue`];
  });

  it('differs only where somebody looked and said who is right', () => {
    expect(apart.filter((one) => !known.has(one))).toEqual([]);
  });
  it('still differs where that was said', () => {
    expect([...known].filter((one) => !apart.includes(one))).toEqual([]);
  });
  it('has a reason for each difference, and a judge', () => {
    for (const [, , , , right, why = ''] of readingRows('adjudicated.psv').slice(1)) {
      expect(['catalogue', 'open']).toContain(right);
      expect(why.length).toBeGreaterThan(10);
    }
  });
});
