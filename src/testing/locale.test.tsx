import { act, cleanup } from '@testing-library/react';
import { writeFor } from '@/words/en';
import { METRIC, US } from '@/words/en/quantities';
import { demoIn, draw, said, SCREENS } from './demoScreens';

/** A decimal point between figures. Numbers of a paper, of a version and of a rule are none. */
const POINT = /(?<!\d)0\.\d|\d\.(?!\d{3}(?!\d))\d/;
/** A day before its month. */
const DAY_FIRST = /(?<!\d)\d{1,2} (Jan|Feb|Mar|Apr|May|Jun|Jul|Aug|Sep|Oct|Nov|Dec)/;

afterEach(() => {
  writeFor([]);
  window.history.replaceState(null, '', '/');
});

describe.each([
  ['in Germany', 'de-DE', METRIC, POINT],
  ['in the United States', 'en-US', US, DAY_FIRST],
] as const)('for a reader %s', (_name, language, units, strange) => {
  it.each(SCREENS)('%s writes days and figures as they are written there', async (_screen, address, make) => {
    writeFor([language]);
    window.history.replaceState(null, '', address);
    const { container } = draw(await demoIn(units), make());
    await act(async () => void (await new Promise((resolve) => setTimeout(resolve, 30))));
    const lines = said(container);
    expect(lines.join('').length).toBeGreaterThan(40);
    expect(lines.filter((line) => strange.test(line))).toEqual([]);
    cleanup();
  });
});
