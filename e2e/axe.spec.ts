import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './watchful';

const press = (name: string | RegExp) => (page: Page) => page.getByRole('button', { name }).first().click();

/** Screens at rest are looked at elsewhere; here they are opened, in error, or asked something. */
const OPENED: readonly (readonly [string, string, (page: Page) => Promise<void>])[] = [
  ['add a tank', '/', press('Add tank')],
  ['all the rest', '/watch?tank=demo-skerry', press('More')],
  ['start with fish', '/', press('Start with fish')],
  ['snooze', '/', press(/^Snooze/)],
  [
    'search',
    '/',
    async (page) => {
      await press('Search')(page);
      await page.getByPlaceholder('A tank, a screen, a species…').fill('neon');
    },
  ],
  ['filter by looks', '/catalogue?by=looks', (page) => page.getByText('Filter', { exact: true }).click()],
  ['values of a species', '/catalogue?species=pterophyllum-scalare', press(/^Edit values$/)],
  [
    'a wrong measure',
    '/tank?tank=demo-skerry',
    async (page) => {
      await page.getByLabel('Length', { exact: true }).fill('long');
      await page.keyboard.press('Enter');
      await expect(page.getByRole('alert').first()).toBeVisible();
    },
  ],
  ['why', '/stock?tank=demo-fen', press(/^Why/)],
  ['a group', '/stock?tank=demo-fen', press(/^Change tiger barb/)],
  ['a link and its code', '/stock?tank=demo-fen&part=shopping', press('Link and code')],
  [
    'a list in another tank',
    '/stock?tank=demo-fen&part=drafts',
    async (page) => {
      await page.getByLabel('Another tank').fill('125 gal');
      await page.keyboard.press('Enter');
      await expect(page.getByRole('columnheader', { name: /^125 gal/ })).toBeAttached();
    },
  ],
  ['bring home', '/arrivals?tank=demo-fen', press('Bring home')],
  [
    'a chart as a table',
    '/hierarchy?tank=demo-skerry',
    (page) => page.getByText('as a table').first().click(),
  ],
  ['a correction', '/diary?tank=demo-skerry', press('correct')],
  ['a plan that is cut short', '/plan#1.cut', () => Promise.resolve()],
];

// Every other one at a desk by day, the others on a phone by night: the pieces are the same.
for (const [width, theme, half] of [
  [1280, 'light', 0],
  [390, 'dark', 1],
] as const)
  test(`axe finds nothing in what is opened, at ${width} px, ${theme}`, async ({ page }) => {
    await page.emulateMedia({ colorScheme: theme });
    await page.setViewportSize({ width, height: 844 });
    const found: string[] = [];
    for (const [, path, open] of OPENED.filter((_, at) => at % 2 === half)) {
      await openDemo(page, path);
      await page.waitForLoadState('networkidle');
      await open(page);
      const { violations } = await new AxeBuilder({ page }).analyze();
      found.push(...violations.map(({ id, nodes }) => `${path}: ${id} ${nodes[0]?.html.slice(0, 90)}`));
    }
    expect(found).toEqual([]);
  });

test('what a system’s own colours hide elsewhere is seen: the tank that is chosen, a fish that is pressed, bars', async ({
  page,
}) => {
  await page.emulateMedia({ forcedColors: 'active' });
  await openDemo(page, '/watch?tank=demo-skerry');
  const colourOf = (selector: string, part: 'borderLeftColor' | 'backgroundColor') =>
    page
      .locator(selector)
      .first()
      .evaluate((one, name) => getComputedStyle(one)[name], part);
  const rack = 'nav[aria-label="Room and tanks"] a[href*="tank="]';
  expect(await colourOf(`${rack}[aria-current]`, 'borderLeftColor')).not.toBe(
    await colourOf(`${rack}:not([aria-current])`, 'borderLeftColor'),
  );
  const fish = page.getByRole('group', { name: 'Fish' });
  await fish.getByRole('button', { name: /^Amber/ }).click();
  expect(await colourOf('[aria-label="Fish"] [aria-pressed="true"]', 'backgroundColor')).not.toBe(
    await colourOf('[aria-label="Fish"] button:not([aria-pressed="true"])', 'backgroundColor'),
  );
  await openDemo(page, '/lineups?tank=demo-fen');
  expect(await colourOf('main .bg-deep', 'backgroundColor')).not.toBe(
    await page.evaluate(() => getComputedStyle(document.body).backgroundColor),
  );
});

test('text follows the size that the reader has chosen', async ({ page }) => {
  await openDemo(page, '/stock?tank=demo-fen');
  await page.addStyleTag({ content: 'html { font-size: 200% }' });
  const sizes = await page.evaluate(() =>
    [...document.querySelectorAll('main *, header *')]
      .filter((one) => one instanceof HTMLElement && [...one.childNodes].some((node) => node.nodeType === 3))
      .map((one) => parseFloat(getComputedStyle(one).fontSize)),
  );
  expect(Math.min(...sizes)).toBeGreaterThanOrEqual(22);
});
