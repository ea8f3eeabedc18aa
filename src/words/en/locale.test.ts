import { BARE_DISASTERS } from '@/testing/bareDisasters';
import { barePlan } from '@/testing/barePlans';
import { BARE_SOUND } from '@/testing/bareSound';
import { catalogue, judge } from '@/testing/plans';
import {
  clockTime,
  dayName,
  dayOfYear,
  dayWords,
  fixed,
  grouped,
  momentName,
  monthName,
  plain,
  shortMonth,
  upTo,
  wholeDay,
  wholeMonth,
  writeFor,
} from './locale';
import { profileText } from './profile';
import { METRIC } from './quantities';
import { sayingsFor } from './sayings';
import { wordsFor } from './words';

afterEach(() => writeFor([]));

/** Half past one at noon's side of a day, on the clock of the place. */
const MOMENT = new Date(2026, 10, 4, 13, 30).toISOString();

describe('days', () => {
  // Orders and clocks of the Unicode Common Locale Data Repository for English in each country.
  it.each([
    [[], '4 Nov 2026', '4 Nov 2026, 13:30', '4 November 2026'],
    [['en-US'], 'Nov 4, 2026', 'Nov 4, 2026, 1:30 PM', 'November 4, 2026'],
    [['de-DE'], '4 Nov 2026', '4 Nov 2026, 13:30', '4 November 2026'],
    [['de'], '4 Nov 2026', '4 Nov 2026, 13:30', '4 November 2026'],
    // English of Brazil is not known: day before month, as there.
    [['pt-BR'], '4 Nov 2026', '4 Nov 2026, 13:30', '4 November 2026'],
    [['en'], '4 Nov 2026', '4 Nov 2026, 13:30', '4 November 2026'],
    [['?', 'en-US'], 'Nov 4, 2026', 'Nov 4, 2026, 1:30 PM', 'November 4, 2026'],
  ] as const)('for %j: %s', (languages, day, moment, whole) => {
    writeFor(languages);
    expect([
      dayOfYear('2026-11-04'),
      momentName(MOMENT, Date.UTC(2027, 1)).replace(/\s/g, ' '),
      wholeDay('2026-11-04'),
    ]).toEqual([day, moment, whole]);
  });
  it('are the same day wherever it is read, and a moment is of the keeper’s own day', () => {
    expect(dayWords('2026-11-04')).toBe('4 Nov');
    expect(dayWords(new Date(2026, 10, 4, 0, 10).toISOString())).toBe('4 Nov');
    expect(dayWords(new Date(2026, 10, 4, 23, 50).toISOString())).toBe('4 Nov');
  });
  it('carry their year where it is not this one', () => {
    const now = Date.parse('2026-11-24T12:00:00Z');
    expect(dayName('2026-11-04', now)).toBe('4 Nov');
    expect(dayName('2027-11-04', now)).toBe('4 Nov 2027');
    expect(dayName(new Date(2025, 10, 4, 13).toISOString(), now)).toBe('4 Nov 2025');
  });
  it('and months and hours', () => {
    expect([monthName('2027-06'), wholeMonth('2027-06'), shortMonth('2027-06')]).toEqual([
      'Jun 2027',
      'June 2027',
      'Jun',
    ]);
    expect(clockTime(MOMENT)).toBe('13:30');
  });
});

describe('figures', () => {
  it('take the decimal sign and the sign of thousands of the country', () => {
    const said = () => [fixed(1234.5, 2), upTo(0.25, 1), plain(7.125), grouped(12500)];
    expect(said()).toEqual(['1234.50', '0.3', '7.125', '12,500']);
    writeFor(['de-DE']);
    expect(said()).toEqual(['1234,50', '0,3', '7,125', '12.500']);
  });
  it('are in plain digits in every language, and nothing is less than nothing', () => {
    writeFor(['ar-EG']);
    expect(fixed(12.5, 1)).toMatch(/^12\D5$/);
    expect(upTo(-0.001, 1)).toBe('0');
  });
});

/** A decimal point: in front of one, two or more than three figures, or behind a lone nought. */
const POINT = /(?<!\d)0\.\d|\d\.(?!\d{3}(?!\d))\d/;

describe('what is said to a reader in Germany', () => {
  beforeEach(() => writeFor(['de-DE']));
  it('of plans, their findings and fixes, holds no decimal point', () => {
    const say = sayingsFor(catalogue, METRIC);
    const lines = [...BARE_DISASTERS, ...BARE_SOUND].flatMap((row) =>
      judge(barePlan(row)).findings.flatMap((finding) => [
        say.finding(finding),
        ...finding.fixes.map(say.fix),
        ...say.why(finding).flat(),
      ]),
    );
    expect(lines.length).toBeGreaterThan(2000);
    expect(lines.filter((line) => /\d,\d/.test(line)).length).toBeGreaterThan(100);
    expect([...new Set(lines.filter((line) => POINT.test(line)))]).toEqual([]);
  });
  it('of every species, holds none', () => {
    const matter = { catalogue, tanks: [], company: null, reasons: [], judgedBy: null };
    const lines = catalogue.all.flatMap((profile) =>
      profileText(profile, wordsFor(catalogue, METRIC), matter)
        .replace(profile.notes ?? '', '')
        .split('\n'),
    );
    expect(lines.length).toBeGreaterThan(2000);
    expect([...new Set(lines.filter((line) => POINT.test(line)))]).toEqual([]);
  });
});
