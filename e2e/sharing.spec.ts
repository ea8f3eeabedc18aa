import { readFileSync } from 'node:fs';
import { expect, openDemo, test } from './watchful';

test('filters, ticks and half a form stand after a reload', async ({ page }) => {
  await openDemo(page, '/catalogue');
  const counter = page.getByText(/^\d+ of \d+$/);
  const found = async () => (await counter.textContent()) ?? '';
  const all = await found();
  await page.getByRole('searchbox').fill('cory');
  await expect(counter).not.toHaveText(all);
  const cories = await found();
  await page.getByText('Filter', { exact: true }).click();
  await page.getByLabel('Size').selectOption({ index: 1 });
  await expect(counter).not.toHaveText(cories);
  await expect(counter).not.toHaveText(/^0 /);
  const small = await found();
  await page.reload();
  await expect(page.getByRole('searchbox')).toHaveValue('cory');
  await expect(counter).toHaveText(small);
  await page.goto('/water?tank=demo-skerry');
  await page.getByLabel('Nitrate', { exact: true }).fill('17');
  await page.reload();
  await expect(page.getByLabel('Nitrate', { exact: true })).toHaveValue('17');
});

test('species that were read are steps of the way back, and arrows walk the list', async ({ page }) => {
  await openDemo(page, '/catalogue');
  const list = page.getByRole('region', { name: 'Species' });
  await list.getByRole('link').first().focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(list.getByRole('link').nth(2)).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(list.getByRole('link').nth(2)).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('End');
  await page.keyboard.press('Enter');
  await expect(list.getByRole('link').last()).toHaveAttribute('aria-current', 'true');
  await page.goBack();
  await expect(list.getByRole('link').nth(2)).toHaveAttribute('aria-current', 'true');
  await expect(page).toHaveURL(/catalogue\?species=/);
});

test('a plan as a link: looked at elsewhere, kept as a tank; half a link and a newer one say so', async ({
  page,
  browser,
}) => {
  await openDemo(page, '/stock?tank=demo-fen&part=shopping');
  await page.getByRole('button', { name: 'Link and code' }).click();
  await expect(page.getByRole('img', { name: /^Code of the link/ })).toBeVisible();
  const link = await page.getByLabel('Link', { exact: true }).inputValue();
  expect(link.length).toBeLessThan(900);

  const other = await browser.newPage();
  await other.goto(link);
  await expect(other.getByRole('heading', { level: 1, name: 'A plan by link: Fen' })).toBeVisible();
  await expect(other.getByText('5 tiger barbs').or(other.getByText('tiger barb')).first()).toBeVisible();
  await expect(other.getByRole('region', { name: 'First verdict' })).toContainText(/Stop/);
  await other.getByRole('button', { name: 'Keep as my tank' }).click();
  await expect(other.getByRole('heading', { level: 1, name: 'Stock list of Fen' })).toBeVisible();

  await other.goto(`/plan#${link.split('#')[1]?.slice(0, 40)}`);
  await expect(other.getByText(/This link was cut short/)).toBeVisible();
  await other.goto('/plan#9.abc');
  await other.reload();
  await expect(other.getByText(/from a newer Lomvik/)).toBeVisible();
  await other.getByLabel('Paste a link of a plan').fill(link);
  await expect(other.getByRole('heading', { level: 1, name: 'A plan by link: Fen' })).toBeVisible();
  await other.close();
});

test('what another app shares: a plan, a picture, a file', async ({ page }) => {
  await openDemo(page, '/?');
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  const share = (fields: Record<string, string>, file?: { name: string; type: string; base64: string }) =>
    page.evaluate(
      ([texts, one]) => {
        const form = document.createElement('form');
        Object.assign(form, { method: 'post', action: '/share', enctype: 'multipart/form-data' });
        for (const [name, value] of Object.entries(texts))
          form.append(Object.assign(document.createElement('input'), { name, value }));
        if (one) {
          const input = Object.assign(document.createElement('input'), { type: 'file', name: 'file' });
          const bytes = Uint8Array.from(atob(one.base64), (letter) => letter.charCodeAt(0));
          const transfer = new DataTransfer();
          transfer.items.add(new File([bytes], one.name, { type: one.type }));
          input.files = transfer.files;
          form.append(input);
        }
        document.body.append(form);
        form.submit();
      },
      [fields, file] as const,
    );
  await share({ text: 'see http://elsewhere.example/plan#1.cut' });
  await expect(page).toHaveURL(/\/plan#1\.cut$/);
  await expect(page.getByText(/This link was cut short/)).toBeVisible();

  const dot =
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==';
  await share({}, { name: 'fish.png', type: 'image/png', base64: dot });
  await expect(page.getByRole('img', { name: 'The picture that was shared' })).toBeVisible();
  await page.getByLabel('Whose picture is it?').selectOption({ label: 'Amber' });
  await page.getByRole('button', { name: 'Add picture' }).click();
  await expect(page.getByText('A picture of Amber')).toBeVisible();

  const json = Buffer.from('{"format":"lomvik-plan","version":1,"tank":{}}').toString('base64');
  await share({}, { name: 'half.lomvik-plan.json', type: 'application/json', base64: json });
  await expect(
    page.getByText('half.lomvik-plan.json cannot be imported. Nothing was changed.'),
  ).toBeVisible();
});

test('an empty room says that another address has a room of its own', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('link', { name: /^localhost:\d+$/ })).toBeVisible();
});

test('what the fish lived through goes out as it was seen, without what was struck', async ({ page }) => {
  await openDemo(page, '/files');
  await page.getByRole('button', { name: 'Show what would go out' }).click();
  const stays = page.getByRole('list', { name: 'Stays in the file' });
  const first = stays.getByRole('checkbox').first();
  await expect(first).toBeChecked();
  const save = page.getByRole('button', { name: /^Save \d+ stays$/ });
  const all = Number((await save.textContent())?.match(/\d+/)?.[0]);
  // By the space bar, as a keyboard has it.
  await first.focus();
  await page.keyboard.press('Space');
  const download = page.waitForEvent('download');
  await save.click();
  const path = await (await download).path();
  const file = JSON.parse(readFileSync(path, 'utf8')) as { format: string; stays: readonly object[] };
  expect(file.format).toBe('lomvik-experience');
  expect(file.stays).toHaveLength(all - 1);
});
