import AxeBuilder from '@axe-core/playwright';
import { expect, openDemo, test } from './watchful';

test('watch by thumb, read what it shows, step in, see whether it worked', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openDemo(page, '/watch?tank=demo-skerry');
  const logged = page.getByTestId('logged');

  await test.step('two presses, a third for what, a sign, a place', async () => {
    await page.getByRole('button', { name: 'front, six places' }).click();
    await page.getByRole('button', { name: 'right, floor' }).click();
    await page.getByRole('button', { name: /^Amber/ }).click();
    await page.getByRole('button', { name: /^Tawny/ }).click();
    await expect(logged).toContainText('Amber chased Tawny (right, floor).');
    await page.getByRole('button', { name: 'Details' }).click();
    await page.getByRole('button', { name: 'ram', exact: true }).click();
    await page.getByRole('button', { name: 'injury' }).click();
    await expect(logged).toContainText('Amber rammed Tawny, injury (right, floor).');
    // What is chosen can be read.
    const { violations } = await new AxeBuilder({ page }).withRules(['color-contrast']).analyze();
    expect(violations.flatMap(({ nodes }) => nodes.map(({ target }) => target.join(' ')))).toEqual([]);
    await page.getByRole('button', { name: /^Tawny leleupi/ }).click();
    await page.getByRole('button', { name: 'Signs' }).click();
    await page.getByRole('button', { name: 'torn fins', exact: true }).click();
    await expect(logged).toContainText('Tawny had torn fins.');
    await page.getByRole('button', { name: /^Shell colony/ }).click();
    await page.getByRole('button', { name: /^Shell colony/ }).click();
    await expect(logged).toContainText('One of Shell colony chased another.');
    await page.getByRole('button', { name: 'Undo the last entry' }).click();
    await expect(logged).not.toContainText('One of Shell colony');
    await page.goto('/');
    await page.getByRole('link', { name: /^Watching Skerry \d+:\d\d$/ }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Watch Skerry' })).toBeVisible();
    await page.reload();
    await expect(logged).toContainText('Tawny had torn fins');
    await page.getByRole('button', { name: 'Finish' }).click();
    await expect(page.getByText(/Watched Skerry for/)).toBeVisible();
  });

  await test.step('Aggression shows the pattern with its numbers, and the last step with its limits', async () => {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.goto('/aggression?tank=demo-skerry');
    await expect(page.getByText(/contests fell|Too early to say|No clear difference/).first()).toBeVisible();
    await expect(page.getByText('One dominant fish')).toBeVisible();
    await expect(page.getByText(/even share/).first()).toBeVisible();
    await expect(page.getByText(/or a guarding pair/).first()).toBeVisible();
  });

  await test.step('two steps at once are one bundle; the dominant fish is put aside until a day', async () => {
    await page
      .getByRole('button', { name: 'Do this: dominant fish removed' })
      .or(page.getByRole('button', { name: 'dominant fish removed', exact: true }))
      .first()
      .click();
    await page.getByRole('button', { name: 'shorter light', exact: true }).click();
    await expect(page.getByText(/count as one/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Save intervention' })).toBeDisabled();
    await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Amber' });
    await page.getByLabel('Where', { exact: true }).selectOption({ label: 'Nursery' });
    await page.getByLabel('Until', { exact: true }).fill('2031-01-05');
    await page.getByRole('button', { name: 'Save intervention' }).click();
    await expect(page.getByText(/Too early|Not watched since|count as one/).first()).toBeVisible();
    await page.goto('/watch?tank=demo-skerry');
    await expect(page.getByRole('button', { name: /^Amber/ })).toHaveCount(0);
  });
});

test('losses, head counts and the story of a fish', async ({ page }) => {
  await test.step('curves by shop, with and without the incident', async () => {
    await openDemo(page, '/departures?tank=demo-fen&part=losses');
    await expect(page.locator('canvas').first()).toBeVisible();
    await expect(page.getByText(/ember tetras died, where \d+ (was|were) expected/).first()).toBeVisible();
    const died = page.getByRole('row', { name: /Harbour Aquatics/ });
    await expect(died).toContainText('9');
    await page.getByRole('checkbox', { name: /without incidents/ }).check();
    await expect(died).not.toContainText('9');
  });

  await test.step('the fortnight before a death gathers itself', async () => {
    await page.goto('/departures?tank=demo-fen');
    await page.getByRole('button', { name: '14 days before' }).last().click();
    await expect(page.getByText('From the record; no diagnosis.')).toBeVisible();
    await expect(page.getByText(/transport or acclimation/)).toBeVisible();
  });

  await test.step('a count below the book, and the book put right', async () => {
    await page.goto('/departures?tank=demo-fen&part=counts');
    await page.getByLabel('harlequin rasbora seen', { exact: true }).fill('10');
    await page.getByRole('button', { name: 'Save the count of harlequin rasbora seen' }).click();
    await expect(page.getByText(/10 of 14 seen/)).toBeVisible();
    await page
      .getByRole('listitem')
      .filter({ hasText: 'harlequin rasbora' })
      .getByRole('button', { name: 'correct record' })
      .click();
    await page.getByRole('button', { name: 'Correct record: 10' }).click();
    await expect(page.getByText(/10 of 14 seen .*accounted for since/)).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/10 of 14 seen/)).toBeVisible();
  });

  await test.step('a life with a picture goes into a file, and comes with its next keeper', async () => {
    await page.goto('/life?tank=demo-skerry&fish=demo-amber');
    await expect(page.getByText('Amber measured 8.5 cm.')).toBeVisible();
    await page.getByLabel('A picture of Amber').setInputFiles({
      name: 'amber.txt.png',
      mimeType: 'image/png',
      buffer: Buffer.from('not a picture'),
    });
    await expect(page.getByRole('main').getByRole('alert')).toContainText('could not be read as a picture');
    const png = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAoAAAAKCAIAAAACUFjqAAAAFUlEQVR4nGNgYPj/nwE3YBqVHhTSAFUOD/HcXK0mAAAAAElFTkSuQmCC',
      'base64',
    );
    const whole = await page.screenshot();
    await page.getByLabel('A picture of Amber').setInputFiles({
      name: 'amber.png',
      mimeType: 'image/png',
      buffer: whole.length > 0 ? whole : png,
    });
    await expect(page.getByRole('img', { name: /^Amber on/ })).toBeVisible();
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save history' }).click();
    const path = await (await download).path();
    await page.goto('/files');
    await page.locator('input[type=file][accept*="json"]').setInputFiles({
      name: 'amber.lomvik-life.json',
      mimeType: 'application/json',
      buffer: (await import('node:fs')).readFileSync(path),
    });
    await expect(page.getByText(/is the history of Amber/)).toBeVisible();
    await page.getByRole('button', { name: 'Confirm arrival' }).click();
    await expect(page.getByText('Amber arrived with its history').first()).toBeVisible();
  });

  await test.step('contests by CSV: bad rows named, strangers mapped, good ones taken', async () => {
    await page.getByLabel('Table', { exact: true }).selectOption('contests');
    await page.getByLabel('Read from CSV').setInputFiles({
      name: 'old.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'time,winner,loser\n2026-11-01 18:00,Tawny,Tawny\n2026-11-01 18:01,Big One,Tawny\n2031-01-01,Tawny,Inky\n2026-11-01 18:02,Tawny,Inky\n',
      ),
    });
    await expect(page.getByText(/old\.csv: 1 row can be imported, 3 faults/)).toBeVisible();
    await expect(page.getByText(/Line 2, loser: same fish as the winner/)).toBeVisible();
    await page.getByLabel('Who is "Big One"?').selectOption({ label: 'Saffron' });
    await expect(page.getByText(/old\.csv: 2 rows can be imported/)).toBeVisible();
    await page.getByRole('button', { name: 'Import 2 rows' }).click();
    await expect(page.getByText('2 contests read in').first()).toBeVisible();
  });
});

test('a water change asks after what was not ticked, and is logged as it was', async ({ page }) => {
  await openDemo(page, '/water?tank=demo-fen');
  await page.getByLabel('Lid closed').check();
  await page.getByRole('button', { name: 'Log water change' }).click();
  await expect(page.getByText(/watch for gasping, and record losses together/)).toBeVisible();
  await expect(page.getByText('Water change logged')).toHaveCount(0);
  await page.getByLabel('New water dechlorinated').check();
  await expect(page.getByText(/watch for gasping/)).toHaveCount(0);
  await page.getByRole('button', { name: 'Log with 2 not done' }).click();
  await expect(page.getByText('Water change logged')).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByText(/^Undone/).first()).toBeVisible();
});

test('a fish found dead is found alive again, a length typed in inches, after a reload, seen by another tab', async ({
  page,
  context,
}) => {
  await openDemo(page, '/departures?tank=demo-skerry&part=several');
  await page.getByRole('checkbox', { name: 'Rung' }).check();
  await page.getByLabel('Where those ticked go').selectOption('died');
  await page.getByLabel('Length of Saffron').fill('quite long');
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Mend Saffron');
  await page.getByLabel('Length of Saffron').fill('3 1/2 in');
  await page.getByRole('button', { name: 'Save 2 fish' }).click();
  await expect(page.getByRole('checkbox', { name: 'Rung' })).toHaveCount(0);
  const other = await context.newPage();
  await other.goto('/life?tank=demo-skerry&fish=demo-saffron');
  await expect(other.getByText(/^Saffron measured (8\.89|8\.9|9) cm/)).toBeVisible();
  await page.goto('/life?tank=demo-skerry&fish=demo-rung');
  await page.getByRole('button', { name: 'Found alive', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Found alive', exact: true })).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('Rung found alive in Skerry.', { exact: true })).toBeVisible();
  await other.goto('/watch?tank=demo-skerry');
  await expect(other.getByRole('button', { name: /^Rung/ })).toBeVisible();
});

for (const [over, zone, began, day] of [
  ['midnight', 'Europe/Oslo', '2026-11-20T22:50:00.000Z', '20 Nov 2026'],
  ['the night in which the clock goes back', 'America/New_York', '2026-11-01T05:50:00.000Z', '1 Nov 2026'],
] as const)
  test.describe(`a watch over ${over}`, () => {
    test.use({ timezoneId: zone });
    test('counts the minutes that were watched, and stands under its own day', async ({ page }) => {
      await page.clock.install({ time: new Date(began) });
      await openDemo(page, '/watch?tank=demo-skerry');
      await page.getByRole('button', { name: 'Start watch' }).click();
      await page.getByRole('button', { name: /^Amber/ }).click();
      await page.getByRole('button', { name: /^Tawny/ }).click();
      await expect(page.getByTestId('logged')).toContainText('Amber chased Tawny');
      await page.clock.runFor('20:00');
      await expect(page.getByRole('timer')).toHaveText(/^20:\d\d$/);
      await page.getByRole('button', { name: 'Finish' }).click();
      await expect(page.getByText(/Watched Skerry for 20\.\d minutes/).first()).toBeVisible();
      await page.goto('/life?tank=demo-skerry&fish=demo-tawny');
      await page.getByRole('checkbox', { name: /with its \d+ contests/ }).check();
      await expect(
        page.getByRole('listitem').filter({ hasText: 'Amber chased Tawny' }).filter({ hasText: day }).first(),
      ).toBeVisible();
    });
  });
