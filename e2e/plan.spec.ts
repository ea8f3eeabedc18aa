import { readFileSync } from 'node:fs';
import { expect, list, newTank, openDemo, screen, test } from './watchful';

/** The parts of the stock list stand in a row of links of their own. */
const part = (page: Parameters<typeof list>[0], name: string) =>
  page
    .getByRole('navigation', { name: 'Parts of Stock list' })
    .getByRole('link', { name, exact: true })
    .click();

test('from the fish and a wall to a tank with its list', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: 'Start with fish' }).click();
  const dialog = page.getByRole('dialog');
  for (const fish of ['angelfish', 'silver dollar']) {
    await dialog.getByRole('combobox').fill(fish);
    await page.keyboard.press('Enter');
  }
  const usual = dialog.getByRole('region', { name: 'By the usual approach' });
  await expect(usual).toContainText('silver dollars');
  await dialog.getByLabel('Length of the wall').fill('5 ft');
  await expect(usual).toContainText('No size that carries them fits');
  await dialog.getByLabel('Length of the wall').fill('wide');
  await expect(dialog.getByRole('alert')).toContainText('a length such as');
  await dialog.getByLabel('Length of the wall').fill('260 cm');
  await dialog.getByLabel('How many angelfish').fill('5');
  await usual
    .getByRole('button', { name: /^Start with/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { level: 1, name: /Stock list of angelfish tank/ })).toBeVisible();
  await expect(page.getByLabel('Number of angelfish')).toHaveValue('5');
});

test('a list is looked at in every way, and each is taken back with one press', async ({ page }) => {
  await newTank(page, 'Holm', ['120 cm', '50 cm', '50 cm']);
  await page
    .getByRole('navigation', { name: /^Work on/ })
    .getByRole('link', { name: 'Stock list' })
    .click();
  await list(page, 'angelfish');
  await list(page, 'neon tetra');

  await test.step('compatibility: the reasons come with the focus', async () => {
    await part(page, 'Compatibility');
    await page.getByRole('button', { name: /^angelfish with neon tetra: stop/ }).focus();
    await expect(page.getByText(/the angelfish (will )?eat (the )?neon tetras/i)).toBeVisible();
  });

  await test.step('candidates: filtered, and listed with one press', async () => {
    await part(page, 'What could I add?');
    const kinds = page.getByRole('region', { name: 'Species by how well they fit' });
    await expect(kinds.getByRole('button').first()).toBeVisible();
    await page.getByText('Filter', { exact: true }).click();
    await page.getByLabel('Layer').selectOption('bottom');
    await page.getByLabel('Eats').selectOption('algae');
    await page.getByLabel('Name', { exact: true }).fill('L144');
    await expect(kinds.getByRole('button')).toHaveCount(1);
    await page.getByRole('button', { name: 'Add 1 bristlenose pleco' }).click();
    await expect(page.getByText('Listed 1 bristlenose pleco')).toBeVisible();
  });

  await test.step('drafts: copied, changed, compared, gone by, taken back', async () => {
    await part(page, 'Drafts');
    await page.getByRole('button', { name: 'Copy', exact: true }).click();
    await page.getByLabel('Name of Stock list, copy').fill('Without neons');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Make active' }).click();
    await part(page, 'List');
    await page.getByRole('button', { name: 'Leave out neon tetra' }).click();
    await part(page, 'Drafts');
    const row = page.getByRole('row', { name: /the angelfish (will )?eat (the )?neon tetras/i });
    await expect(row.getByRole('cell').nth(1)).toHaveText('no');
    await expect(row.getByRole('cell').nth(2)).toContainText('stop');
    await page.getByLabel('Another tank').fill('125 gal');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('columnheader', { name: /^125 gal \(/ })).toBeVisible();
    // In a field the keys take back what was typed there.
    await page.getByRole('heading', { level: 1 }).click();
    await page.keyboard.press('Control+z');
    await part(page, 'List');
    await expect(page.getByLabel('Number of neon tetras')).toHaveValue('10');
  });

  await test.step('odds: how many to buy, and what is refused', async () => {
    await part(page, 'Sex odds');
    await page.getByLabel('Males wanted', { exact: true }).fill('2');
    await page.getByLabel('Females wanted', { exact: true }).fill('2');
    await expect(page.getByText(/^Buy/)).toContainText('8');
    await page.getByLabel('Bought').fill('many');
    await expect(page.getByRole('alert').filter({ hasText: 'A whole number' })).toBeVisible();
  });

  await test.step('to buy: prices add up, and the list leaves as CSV and Markdown', async () => {
    await part(page, 'Shopping list');
    await page.getByLabel('Price of one angelfish').fill('7,50');
    await page.keyboard.press('Enter');
    await page.getByLabel('How many angelfish to buy').fill('8');
    await page.keyboard.press('Enter');
    await expect(page.getByText('60.00', { exact: true }).first()).toBeVisible();
    const waiting = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save as CSV' }).click();
    const file = await (await waiting).path();
    expect(readFileSync(file, 'utf8')).toContain('pterophyllum-scalare,angelfish,6,,,3.5,listed,8,7.5,');
  });
});

test('species of the keeper’s own: changed, put back, taken in from a file with wrong rows', async ({
  page,
}) => {
  await openDemo(page, '/catalogue?species=paracheirodon-innesi');
  await page.getByRole('button', { name: 'Edit values', exact: true }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Grown male').fill('2 m');
  await dialog.getByRole('button', { name: 'Save values' }).click();
  await expect(dialog.getByRole('alert').first()).toContainText('Nothing is lost');
  await dialog.getByLabel('Grown male').fill('1.5 in');
  await dialog.getByRole('button', { name: 'Save values' }).click();
  await expect(page.getByText('Your values for: Grown male.')).toBeVisible();
  await page.getByRole('button', { name: 'Back to shipped values' }).click();
  await expect(page.getByText('Your values for: Grown male.')).toHaveCount(0);

  await page.getByLabel('Species as CSV').setInputFiles({
    name: 'mine.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'id,like,scientificName,commonNames,size.maleCm\nporch-tetra,neon tetra,Porch tetra,porch tetra,3 cm\nlong-tetra,neon tetra,Long tetra,long tetra,2 m\n',
    ),
  });
  const preview = page.getByRole('dialog');
  await expect(preview).toContainText('1 row cannot be read');
  await expect(preview).toContainText('line 3');
  await preview.getByRole('button', { name: /^Import 1/ }).click();
  await page.getByRole('searchbox', { name: /Search/ }).fill('porch');
  await page
    .getByRole('region', { name: 'Species' })
    .getByRole('link', { name: /porch tetra/i })
    .click();
  await expect(page.getByText('Your own species.')).toBeVisible();
});

test.describe('a browser in the United States', () => {
  test.use({ locale: 'en-US', timezoneId: 'America/Denver' });
  test('begins in US units, and is offered tanks that are sold there', async ({ page }) => {
    await page.goto('/');
    const system = (name: RegExp) => page.getByRole('group', { name: 'Units' }).getByRole('button', { name });
    await expect(system(/^US/)).toHaveAttribute('aria-pressed', 'true');
    await newTank(page, 'Wall', ['30', '12', '12']);
    await screen(page, 'Stock list');
    await list(page, '8 angelfish');
    await expect(
      page.getByRole('button', { name: /^Choose a larger tank, \d+ US gal .*in\)/ }).first(),
    ).toBeVisible();
    await page.goto('/files');
    await system(/^Metric/).click();
    await expect(system(/^Metric/)).toHaveAttribute('aria-pressed', 'true');
    await page.reload();
    await expect(system(/^Metric/)).toHaveAttribute('aria-pressed', 'true');
  });
});
