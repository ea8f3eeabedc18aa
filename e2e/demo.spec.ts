import AxeBuilder from '@axe-core/playwright';
import { expect, openDemo, quiet, screen, test, unwatched } from './watchful';

const SCREENS = [
  '/',
  '/tank?tank=demo-skerry',
  '/stock?tank=demo-fen',
  '/stock?tank=demo-fen&part=compatibility',
  '/stock?tank=demo-fen&part=candidates',
  '/stock?tank=demo-fen&part=stocking',
  '/stock?tank=demo-fen&part=odds',
  '/stock?tank=demo-fen&part=drafts',
  '/stock?tank=demo-fen&part=shopping',
  '/arrivals?tank=demo-fen&bring=demo-l2',
  '/lineups?tank=demo-fen',
  '/arrivals?tank=demo-fen&part=source',
  '/arrivals?tank=demo-fen&part=waves',
  '/arrivals?tank=demo-quay&part=quarantine',
  '/arrivals?tank=demo-fen&part=acclimation',
  '/arrivals?tank=demo-skerry&part=release',
  '/arrivals?tank=demo-quay&part=follow-up',
  '/arrivals?tank=demo-nursery&part=moving',
  '/watch?tank=demo-skerry',
  '/hierarchy?tank=demo-skerry',
  '/aggression?tank=demo-skerry',
  '/aggression?tank=demo-skerry&part=sight',
  '/departures?tank=demo-skerry',
  '/departures?tank=demo-fen&part=losses',
  '/departures?tank=demo-fen&part=counts',
  '/departures?tank=demo-fen&part=several',
  '/life?tank=demo-skerry&fish=demo-amber',
  '/water?tank=demo-fen',
  '/diary?tank=demo-skerry',
  '/experience?species=puntigrus-tetrazona&with=trichopodus-leerii',
  '/experience?part=predictions',
  '/experience?part=practice',
  '/files',
  '/catalogue?species=pterophyllum-scalare',
];

/** Tests of a few screens each: a slow machine then has time for every one of them. */
const GROUP = 6;

for (let from = 0; from < SCREENS.length; from += GROUP) {
  const paths = SCREENS.slice(from, from + GROUP);
  test(`screens ${from + 1} to ${from + paths.length} can be read by everybody, in light, in dark and on a phone`, async ({
    page,
  }) => {
    for (const path of paths) {
      await page.setViewportSize({ width: 1280, height: 800 });
      await openDemo(page, path);
      if (path.startsWith('/hierarchy') || path.includes('losses'))
        await expect(page.locator('canvas').first()).toBeVisible();
      for (const colorScheme of ['light', 'dark'] as const) {
        await page.emulateMedia({ colorScheme });
        await expect(page.locator('html')).toHaveClass(new RegExp(`\\b${colorScheme}\\b`));
        // Of many rows of one sort forty stand for all: seven hundred take half a minute. By night only colours are others.
        const axe = new AxeBuilder({ page }).exclude('li:nth-child(n + 40)');
        const { violations } = await (
          colorScheme === 'dark' ? axe.withRules('color-contrast') : axe
        ).analyze();
        expect(
          violations.map(
            (violation) =>
              `${path}, ${colorScheme}: ${violation.id} ${violation.nodes[0]?.target.join(' ')} ${violation.nodes[0]?.failureSummary ?? ''}`,
          ),
        ).toEqual([]);
      }
      // The same page as narrow as a phone, once it has come to rest.
      await page.setViewportSize({ width: 390, height: 844 });
      await quiet(page);
      const overflow = await page.evaluate(
        () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
      );
      expect(`${path} ${overflow}`).toBe(`${path} 0`);
    }
  });
}

test('the demo room and the keeper’s own are never mixed', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Look at the demo' }).click();
  await expect(page.getByRole('navigation', { name: 'Room and tanks' })).toContainText('Skerry');
  await page.getByRole('link', { name: 'Files' }).first().click();
  // What comes late may push the button away: a press in that moment hits nothing.
  await quiet(page);
  await page.getByRole('button', { name: 'Go to my room' }).click();
  await page.getByRole('link', { name: 'Today', exact: true }).first().click();
  await expect(page.getByRole('heading', { name: 'Start with the fish, the tank or both' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Start with the fish, the tank or both' })).toBeVisible();
  await page.getByRole('button', { name: 'Look at the demo' }).click();
  await page.getByRole('link', { name: 'Files' }).first().click();
  await quiet(page);
  await page.getByRole('button', { name: 'Remove' }).click();
  await expect(page.getByRole('heading', { name: 'Demo room', exact: true })).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Room and tanks' })).not.toContainText('Skerry');
});

test('growth on the slider brings findings up on their day', async ({ page }) => {
  await openDemo(page, '/stock?tank=demo-nursery');
  const later = page.getByTestId('findings').locator('li[data-later]');
  await expect(later).not.toHaveCount(0);
  await page.getByRole('slider', { name: 'Month shown' }).focus();
  await page.keyboard.press('End');
  await expect(later).toHaveCount(0);
});

test('two tabs stay in step', async ({ page, context }) => {
  await openDemo(page, '/watch?tank=demo-skerry');
  const other = await context.newPage();
  await openDemo(other, '/diary?tank=demo-skerry');
  const fish = page.getByRole('group', { name: 'Fish' });
  await fish.getByRole('button', { name: /Amber/ }).click();
  await fish.getByRole('button', { name: /Slate/ }).click();
  await expect(other.getByRole('region', { name: 'Entries' }).getByRole('listitem').first()).toContainText(
    'Amber chased Slate',
  );
});

test.describe('by touch', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a watch, a count and the due list on a phone, one-handed', async ({ page }) => {
    await openDemo(page);
    await page.getByRole('link', { name: /Fen Count the/ }).click();
    await expect(page.getByRole('heading', { name: 'Watch Fen' })).toBeVisible();
    const small = await page
      .getByRole('main')
      .getByRole('button')
      .evaluateAll((buttons) =>
        buttons
          .filter((button) => button.getBoundingClientRect().height < 44)
          .map((button) => button.textContent),
      );
    expect(small).toEqual([]);
    await page.getByRole('button', { name: 'One kuhli loach fewer seen' }).click();
    await page.getByRole('button', { name: 'Save the count of kuhli loach' }).click();
    await expect(page.getByText('Counted 7 kuhli loaches')).toBeVisible();
    await page.getByRole('button', { name: 'More', exact: true }).click();
    await page.getByRole('link', { name: /Skerry/ }).click();
    await page.getByRole('button', { name: /Amber/ }).tap();
    await page.getByRole('button', { name: /Tawny/ }).tap();
    await expect(page.getByTestId('logged')).toContainText('Amber chased Tawny');
  });
});

test('everything is reached by keys: palette, list of keys, screens, undo', async ({ page }) => {
  await openDemo(page, '/stock?tank=demo-fen');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toContainText('Ctrl K');
  await page.keyboard.press('Escape');
  await page.keyboard.press('Control+k');
  await expect(page.getByPlaceholder('A tank, a screen, a species…')).toBeFocused();
  await page.keyboard.type('nursery');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Stock list of Nursery' })).toBeVisible();
  await page.keyboard.press('g');
  await page.keyboard.press('h');
  await expect(page.getByRole('heading', { name: 'Hierarchy in Nursery' })).toBeVisible();
  await page.goBack();
  await expect(page.getByRole('heading', { name: 'Stock list of Nursery' })).toBeVisible();
});

test('a fish gets a history: moved, measured, sexed, split and named', async ({ page }) => {
  await openDemo(page, '/arrivals?tank=demo-quay');
  await page.getByRole('button', { name: 'Add an entry about Chain loaches' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('What').selectOption('split off');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(dialog.getByRole('alert')).toContainText('1 to 8');
  await dialog.getByLabel('How many').fill('1');
  await dialog.getByLabel('Name or mark').fill('Notch');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Notch/ })).toBeVisible();
  await page.getByRole('button', { name: 'Add an entry about Notch' }).click();
  await dialog.getByLabel('What').selectOption('moved');
  await dialog.getByLabel('To').selectOption({ label: 'Fen' });
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('row', { name: /Notch/ })).toBeHidden();
  await page.getByRole('link', { name: /^Fen/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Fen/ })).toBeVisible();
  await screen(page, 'Arrivals');
  await expect(page.getByRole('row', { name: /Notch/ })).toBeVisible();
});

// Without a network the browser itself reports what the router would have liked to have early.
unwatched(
  'the app opens, moves and writes without its server, after the first load',
  async ({ page, context }) => {
    await openDemo(page, '/watch?tank=demo-skerry');
    await page.evaluate(() => navigator.serviceWorker.ready);
    await page.reload();
    await context.setOffline(true);
    await page.goto('/hierarchy?tank=demo-skerry');
    await expect(page.getByRole('heading', { name: 'Hierarchy in Skerry' })).toBeVisible();
    await expect(page.locator('canvas').first()).toBeVisible();
    await page.goto('/watch?tank=demo-skerry');
    const fish = page.getByRole('group', { name: 'Fish' });
    await fish.getByRole('button', { name: /Amber/ }).click();
    await fish.getByRole('button', { name: /Inky/ }).click();
    // Shown is durable: what is on the screen survives the reload.
    await expect(page.getByTestId('logged')).toContainText('Amber chased Inky');
    await page.reload();
    await expect(page.getByTestId('logged')).toContainText('Amber chased Inky');
    await context.setOffline(false);
  },
);
