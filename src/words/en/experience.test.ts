import { ownTemper } from '@/core/evidence/ownFigures';
import { METRIC, US } from './quantities';
import { catalogue } from '@/testing/plans';
import { ownFigureWords, sayOwnFigure } from './experience';
import { wordsFor } from './words';

const [metric, us] = [METRIC, US].map((choice) => wordsFor(catalogue, choice)) as [
  ReturnType<typeof wordsFor>,
  ReturnType<typeof wordsFor>,
];
const LAB = 'labidochromis-caeruleus';
const withTemper = (mature: number) => {
  const lab = catalogue.byId.get(LAB)!;
  return { ...lab, company: { ...lab.company, temper: { young: 0, mature } } };
};

describe('what this room’s own fish show, beside the profile', () => {
  it('is said of growth and length, in the keeper’s units', () => {
    const months = { name: 'monthsToGrown', said: 18, here: 23, fish: 2 } as const;
    expect(sayOwnFigure(months, LAB, metric)).toMatch(
      /^Yellow labs are grown in about 23 months here, by 2 fish measured; the profile says 18\.$/,
    );
    const length = { name: 'longestCm', said: 10, here: 12.7 } as const;
    expect(sayOwnFigure(length, LAB, metric)).toMatch(/measured up to 12\.7 cm; the profile says 10 cm\.$/);
    expect(sayOwnFigure(length, LAB, us)).toMatch(/measured up to 5 in; the profile says 4 in\.$/);
    expect([months, length].map((one) => ownFigureWords(one, us))).toEqual(['23 months', '5 in']);
  });
  it('is said of temper in the words of the trade, with what a milder figure means', () => {
    const rougher = {
      name: 'temper',
      ...ownTemper(withTemper(0), { months: 1, started: 120, fishHours: 20 })!,
    } as const;
    expect(sayOwnFigure(rougher, LAB, metric)).toMatch(
      /^Yellow labs are aggressive with others here: one fish starts 6\.00 contests an hour \(20 fish-hours watched\); the profile says peaceful, about 0\.10\. Profile and this room together: 4\.03 \(95% limits 3\.35 to 4\.78\)\.$/,
    );
    const milder = {
      name: 'temper',
      ...ownTemper(withTemper(2), { months: 60, started: 0, fishHours: 60 })!,
    } as const;
    expect(sayOwnFigure(milder, LAB, metric)).toMatch(/With a milder figure Lomvik warns of less\.$/);
    expect(ownFigureWords(milder, metric)).toBe('peaceful');
  });
});
