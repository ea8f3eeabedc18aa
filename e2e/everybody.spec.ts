import { expect, openDemo, quiet, test } from './watchful';

const SCREENS = [
  '/',
  '/catalogue',
  '/experience?species=corydoras-aeneus',
  '/files',
  '/tank?tank=demo-fen',
  '/stock?tank=demo-fen',
  '/stock?tank=demo-skerry',
  '/lineups?tank=demo-fen',
  '/arrivals?tank=demo-fen',
  '/watch?tank=demo-fen',
  '/hierarchy?tank=demo-skerry',
  '/aggression?tank=demo-skerry',
  '/departures?tank=demo-fen',
  '/water?tank=demo-fen',
  '/diary?tank=demo-fen',
  '/life?tank=demo-skerry&fish=demo-amber',
];

test('every screen has a title of its own, and nothing needs a push sideways at 320 px', async ({ page }) => {
  await page.setViewportSize({ width: 320, height: 640 });
  const titles: string[] = [];
  const wide: string[] = [];
  for (const path of SCREENS) {
    await openDemo(page, path);
    await expect(page).toHaveTitle(/ · Lomvik$/);
    titles.push(await page.title());
    await quiet(page);
    const over = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    if (over > 0) wide.push(`${path} ${over}`);
  }
  expect(new Set(titles).size).toBe(SCREENS.length);
  expect(wide).toEqual([]);
});

test('a dead link says so and offers what there is', async ({ page }) => {
  // The server answers 404, which the browser tells in its console: only this page may.
  await page.goto('/stock?tank=no-such-tank');
  await expect(page.getByText('This room has no tank with that address')).toBeVisible();
  await openDemo(page, '/life?tank=demo-skerry&fish=nobody');
  await expect(page.getByLabel('Which fish?')).toBeVisible();
});

test('on a phone all is in reach of a thumb: screens, tanks, search, redo; nothing sticks over what is pressed', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, '/watch?tank=demo-skerry');
  const foot = page.getByRole('navigation', { name: 'At the glass' });
  await page.getByRole('button', { name: 'Start watch' }).click();
  await page.mouse.wheel(0, 600);
  // The clock stays in sight, and its button is what a thumb meets there.
  const pause = page.getByRole('button', { name: 'Pause' });
  const box = await pause.boundingBox();
  const met = await page.evaluate(
    ([x, y]) => document.elementFromPoint(x!, y!)?.closest('button')?.getAttribute('aria-label'),
    [box!.x + box!.width / 2, box!.y + box!.height / 2],
  );
  expect(met).toBe('Pause');
  await foot.getByRole('link', { name: 'Test' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Water of Skerry' })).toBeVisible();
  await foot.getByRole('link', { name: 'Count' }).click();
  await expect(page.getByRole('combobox', { name: 'Parts of Departures' })).toHaveValue('counts');
  await foot.getByRole('button', { name: 'More' }).click();
  const sheet = page.getByRole('dialog');
  await expect(sheet.getByRole('button', { name: /redo/i })).toBeVisible();
  await sheet.getByRole('link', { name: /^Fen/ }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Departures of Fen' })).toBeVisible();
  await foot.getByRole('button', { name: 'More' }).click();
  await page.getByRole('dialog').getByRole('link', { name: 'Hierarchy' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /Hierarchy in Fen/ })).toBeVisible();
  // Across as well.
  await page.setViewportSize({ width: 844, height: 390 });
  await expect(foot).toBeVisible();
});

test('print: ink on white over the whole sheet, without buttons, whatever the theme', async ({ page }) => {
  await page.emulateMedia({ colorScheme: 'dark' });
  await page.setViewportSize({ width: 800, height: 1100 });
  await openDemo(page, '/stock?tank=demo-fen');
  await expect(page.getByTestId('findings').getByRole('listitem').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  const sheet = await page.evaluate(() => ({
    paper: getComputedStyle(document.body).backgroundColor,
    ink: getComputedStyle(document.body).color,
    width: document.querySelector('main')!.getBoundingClientRect().width,
    buttons: [...document.querySelectorAll('button')].filter((one) => one.offsetParent !== null).length,
    findings: [...document.querySelectorAll('[data-testid="findings"] > li')].filter(
      (one) => (one as HTMLElement).offsetParent === null,
    ).length,
  }));
  expect(sheet).toEqual({
    paper: 'rgb(255, 255, 255)',
    ink: 'rgb(0, 0, 0)',
    width: 800,
    buttons: 0,
    findings: 0,
  });
  await expect(page.getByText(/^Fen, \d+ \w+ \d{4}, Lomvik$/)).toBeVisible();
});

test('it can be installed: a manifest, icons that are there, shortcuts', async ({ page, request }) => {
  await page.goto('/');
  const href = await page.locator('link[rel="manifest"]').getAttribute('href');
  const manifest = (await (await request.get(href ?? '')).json()) as {
    icons: { src: string; sizes: string; purpose: string }[];
    shortcuts: { url: string }[];
    display: string;
  };
  expect(manifest.display).toBe('standalone');
  expect(manifest.icons.map(({ purpose }) => purpose)).toContain('maskable');
  for (const { src } of manifest.icons) {
    const icon = await request.get(src);
    expect([icon.status(), icon.headers()['content-type']]).toEqual([200, 'image/png']);
  }
  for (const { url } of manifest.shortcuts) expect((await request.get(url)).status()).toBe(200);
});

test('single keys search, go and help, and can be switched off', async ({ page }) => {
  const field = page.getByPlaceholder('A tank, a screen, a species…');
  /** A key counts once the page listens. */
  const opens = (key: string) =>
    expect(async () => {
      await page.keyboard.press(key);
      await expect(field).toBeFocused({ timeout: 2000 });
    }).toPass();
  await openDemo(page, '/stock?tank=demo-fen');
  await opens('/');
  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await page.getByRole('checkbox', { name: /single keys/ }).uncheck();
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.keyboard.press('g');
  await page.keyboard.press('h');
  await expect(page.getByRole('heading', { level: 1, name: 'Stock list of Fen' })).toBeVisible();
  await expect(field).toHaveCount(0);
  await page.reload();
  await opens('Control+k');
  await page.keyboard.press('Escape');
  await expect(field).toHaveCount(0);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});

test('the first minute: from an empty page to a reasoned verdict, fish first', async ({ page }) => {
  await page.goto('/');
  const fish = page.getByRole('combobox', { name: 'Add a fish' });
  await fish.fill('tiger barb');
  await page.keyboard.press('Enter');
  await fish.fill('angelfish');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Common tanks that carry them' })).toBeVisible();
  await page.getByLabel('Its size').fill('75 gal');
  const verdict = page.getByRole('region', { name: 'First verdict' });
  await expect(verdict).toContainText('Stop');
  await expect(verdict).toContainText(/tiger barbs nip/i);
  await page.reload();
  await expect(verdict).toContainText('Stop');
  await page.getByRole('button', { name: 'Keep as my tank' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Stock list of 75 US gal' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone/).first()).toBeVisible();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Which fish do you want?' })).toBeVisible();
});
