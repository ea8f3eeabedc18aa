import type { Page } from '@playwright/test';
import { expect, openDemo, test } from './watchful';

/** Ticks every step; each is kept before it shows as ticked. */
async function tickAll(page: Page): Promise<void> {
  for (const box of await page.getByRole('checkbox').all()) {
    if (!(await box.isChecked())) await box.click();
    await expect(box).toBeChecked();
  }
}

test('from the list to the tank: shops, an impulse, quarantine, a release, a look', async ({ page }) => {
  await test.step('the fewest shops for the list, and what to ask there', async () => {
    await openDemo(page, '/arrivals?tank=demo-fen&part=source');
    await expect(page.getByText(/quarantine/).first()).toBeVisible();
    await page.getByText('pearl gourami', { exact: true }).last().click();
    await expect(page.getByText(/Would you take them back/).locator('visible=true')).toHaveCount(1);
  });

  await test.step('a shop file with unknown kinds: good rows offered, bad ones named', async () => {
    await page.getByLabel('A CSV file of shop stock').setInputFiles({
      name: 'pier.csv',
      mimeType: 'text/csv',
      buffer: Buffer.from(
        'shop,species,price,stock\nPier,tiger barb,2,30\nPier,no such fish,1,1\nPier,pearl gourami,x,4\n',
      ),
    });
    await expect(page.getByText('1 row can be read; 2 faults.')).toBeVisible();
    await expect(page.getByText(/Line 3, species: .* is unknown/)).toBeVisible();
    await page.getByRole('button', { name: 'Import 1 row' }).click();
    await expect(page.getByText(/Stock from your file/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Pier' })).toBeVisible();
    await page.keyboard.press('Control+z');
    await expect(page.getByText(/Four made-up shops stand in/)).toBeVisible();
  });

  await test.step('an impulse buy says what it does before it is paid for', async () => {
    await page.getByRole('link', { name: 'Waves', exact: true }).click();
    await page.getByRole('combobox', { name: 'Species' }).fill('oscar');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/1 oscar/).first()).toBeVisible();
    await expect(page.getByText(/mg\/L of nitrate a week more/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Add to the list anyway' })).toBeVisible();
  });

  await test.step('a wave moved before its quarantine ends is told unwise', async () => {
    await page.getByRole('button', { name: 'Wave 2: 1 week earlier' }).click();
    await expect(page.getByText(/holds another batch, or is drying|is in use until/).first()).toBeVisible();
    await page.keyboard.press('Control+z');
  });

  await test.step('illness seen makes a quarantine longer', async () => {
    await page.goto('/arrivals?tank=demo-quay&part=quarantine');
    await expect(page.getByRole('heading', { name: /^Day \d+/ })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Finish quarantine' })).toBeDisabled();
    await page.getByRole('button', { name: 'spots or film' }).click();
    await page.getByRole('button', { name: 'Save signs' }).click();
    await expect(page.getByText(/^Signs on .*: extended to/)).toBeVisible();
    await page.getByLabel('Product and dose').fill('a made-up remedy, as the label says');
    await page.getByRole('button', { name: 'Save', exact: true }).last().click();
    await expect(page.getByText('Treated Quay: a made-up remedy, as the label says.')).toBeVisible();
  });

  await test.step('a release from quarantine, ticked step by step, survives a reload and moves the fish', async () => {
    await page.goto('/arrivals?tank=demo-fen&part=release');
    await expect(page.getByText(/[Qq]uarantine until/)).toBeVisible();
    await page.getByRole('checkbox', { name: /dwarf chain loaches/ }).check();
    await page.getByRole('button', { name: 'Start release' }).click();
    await page.getByRole('checkbox', { name: /Turn the lights off/ }).click();
    await expect(page.getByRole('checkbox', { name: /Turn the lights off/ })).toBeChecked();
    await page.reload();
    await expect(page.getByRole('checkbox', { name: /Turn the lights off/ })).toBeChecked();
    await page.getByRole('button', { name: /Off until tomorrow|Dark for two/ }).click();
    await expect(page.getByText(/Light 0%/)).toBeVisible();
    await expect(page.getByRole('button', { name: 'Confirm arrival' })).toBeDisabled();
    await tickAll(page);
    await page.getByRole('button', { name: 'Confirm arrival' }).click();
    await page.getByRole('link', { name: 'Planned and here' }).click();
    await expect(page.getByRole('link', { name: 'Chain loaches' })).toBeVisible();
    await expect(page.getByRole('row', { name: /Chain loaches/ })).toContainText('no quarantine');
  });

  await test.step('the look after is one minute', async () => {
    await page.getByRole('link', { name: 'Follow-up check' }).click();
    await page.getByRole('button', { name: 'eating', exact: true }).click();
    await page.getByLabel('Newcomers seen').fill('8');
    await page.getByRole('button', { name: 'Save check' }).click();
    await page.getByRole('link', { name: 'Diary', exact: true }).first().click();
    await expect(page.getByText(/Checked the newcomers in Fen/).first()).toBeVisible();
  });
});

test('moving house counts out and in, and finds who was left behind', async ({ page }) => {
  await openDemo(page, '/arrivals?tank=demo-nursery&part=moving');
  await page.getByLabel('To', { exact: true }).selectOption({ label: 'Fen' });
  await page.getByRole('button', { name: 'Start move' }).click();
  await page.getByRole('button', { name: 'Young clowns (5)' }).click();
  await page.getByRole('textbox', { name: 'How many of Young clowns' }).fill('4');
  await page.getByRole('button', { name: 'Fill bucket 1: 4 fish' }).click();
  await page.getByRole('button', { name: 'in the new tank', exact: true }).click();
  await expect(page.getByText(/4 of 5 moved; 1 not found/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Finish move' })).toBeDisabled();
  await page.reload();
  await expect(page.getByText(/4 of 5 moved/)).toBeVisible();
  await tickAll(page);
  await page.getByRole('button', { name: 'Finish move' }).click();
  await page.getByRole('link', { name: 'Planned and here' }).click();
  await expect(page.getByRole('row', { name: /Young clowns/ })).toContainText('1');
});
