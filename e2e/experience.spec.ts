import { clubFiles } from '../src/demo/club';
import { expect, openDemo, test } from './watchful';

const files = clubFiles().map((file, i) => ({
  name: `club-${i + 1}.lomvik-experience.json`,
  mimeType: 'application/json',
  buffer: Buffer.from(JSON.stringify(file)),
}));

test('a club’s files are added at once, answer a question, outlive a reload, show in another tab, and go again', async ({
  page,
  context,
}) => {
  await page.goto('/experience');
  await expect(page.getByText(/Nothing is here yet/)).toBeVisible();
  const broken = {
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"lomvik-experience","version":1,"stays":[{}]}'),
  };
  await page.getByLabel(/Files that other keepers handed you/).setInputFiles([...files, broken]);
  await expect(page.getByText(/26 rooms added; 4 files left out/)).toBeVisible();
  await expect(page.getByText('broken.json was not added.')).toBeVisible();
  await page.getByRole('link', { name: 'convict cichlid' }).click();
  // The first list names the bronze cory too: its link alone would ask about that species.
  await expect(page.getByRole('heading', { name: 'Convict cichlids', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'bronze cory' }).click();
  await expect(page.getByRole('heading', { name: 'Convict cichlids with bronze corys' })).toBeVisible();
  const torn = page.getByRole('table', { name: 'Outcomes by tank' }).getByRole('row', { name: /fins torn/ });
  await expect(torn).toContainText(/\d+ of \d+/);
  const said = await torn.textContent();
  await page.reload();
  await expect(torn).toHaveText(said ?? '');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(
    other.getByRole('table', { name: 'Outcomes by tank' }).getByRole('row', { name: /fins torn/ }),
  ).toHaveText(said ?? '');
  await page.getByText('Show and remove').click();
  await page.getByRole('button', { name: 'Remove all' }).click();
  await page.getByRole('button', { name: /^Yes, remove/ }).click();
  await expect(page.getByText(/Nothing is here yet/)).toBeVisible();
  await other.reload();
  await expect(other.getByText(/Nothing is here yet/)).toBeVisible();
});

test('a file of another keeper is opened under Files too, and lands beside the record', async ({ page }) => {
  await page.goto('/files');
  await page.getByLabel(/A saved room, a plan/).setInputFiles(files.slice(0, 1));
  await expect(page.getByText(/is what a keeper’s fish lived through: \d stays/)).toBeVisible();
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await expect(page.getByText(/From 1 keeper with \d tanks/)).toBeVisible();
});

test('a warning is answered with one key, stays after a reload, and is taken back', async ({ page }) => {
  await openDemo(page, '/experience?part=predictions');
  const due = page.getByRole('list', { name: 'To answer' }).getByRole('listitem');
  await expect(due).toHaveCount(2);
  const group = page.getByRole('group', {
    name: 'How it came out: Leleupi and masked julies: fights, harm or parting',
  });
  await group.getByRole('button', { name: 'Happened' }).focus();
  await page.keyboard.press('Enter');
  await expect(due).toHaveCount(1);
  await page.reload();
  await expect(due).toHaveCount(1);
  await expect(group.getByRole('button', { name: 'Happened' })).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('Control+z');
  await expect(due).toHaveCount(2);
});

test('what the keeper’s own fish showed becomes a figure of the keeper’s own, stays after a reload, and is taken back', async ({
  page,
  context,
}) => {
  await openDemo(page, '/experience?part=predictions');
  const offers = page.getByRole('list', { name: 'What your own fish show' }).getByRole('listitem');
  await expect(offers.first()).toBeVisible();
  const before = await offers.count();
  const first = (await offers.first().textContent()) ?? '';
  const other = await context.newPage();
  await openDemo(other, '/experience?part=predictions');
  await offers.first().getByRole('button', { name: /^Use / }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(first)).toHaveCount(0);
  // The other tab shows the same.
  await expect(other.getByText(first)).toHaveCount(0);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Forecasts against measurement' })).toBeVisible();
  await expect(offers).toHaveCount(before - 1);
  await page.keyboard.press('Control+z');
  await expect(offers).toHaveCount(before);
  await expect(offers.first()).toHaveText(first);
});

test('Today asks for an answer that waits, and a finding says since when score is kept', async ({ page }) => {
  await openDemo(page, '/');
  await expect(page.getByText(/2 warnings wait for your answer/)).toBeVisible();
  await page.getByRole('link', { name: 'Answer' }).click();
  await expect(page.getByRole('list', { name: 'To answer' })).toBeVisible();
});

test('a simulated tank is watched and logged with keys, judged, and held against the truth', async ({
  page,
}) => {
  await openDemo(page, '/experience?part=practice');
  await page.getByRole('button', { name: 'Watch this tank' }).click();
  await page.getByRole('button', { name: '20 times' }).click();
  await page.keyboard.press('a');
  await page.keyboard.press('b');
  await expect(page.getByText('A chased B')).toBeVisible();
  await expect(page.getByRole('timer')).toContainText(/^[1-9]\d*:\d\d$/, { timeout: 20_000 });
  await page.getByRole('button', { name: 'I have seen enough' }).click();
  await page.getByLabel('Who is at the top?').selectOption({ label: 'C' });
  await page.getByLabel('Who is at the bottom?').selectOption({ label: 'D' });
  await page.getByLabel('What sets them off?').selectOption({ label: 'food' });
  await page.getByRole('button', { name: 'Show the truth' }).click();
  // Tank number one is the same on every machine: C is the strongest, D the weakest.
  await expect(page.getByText(/Top: right\. Bottom: right\./)).toBeVisible();
  await expect(page.getByText(/of perfect watching/)).toBeVisible({ timeout: 20_000 });
});
