import { readFileSync, writeFileSync } from 'node:fs';
import { expect, list, newTank, screen, test } from './watchful';

test('the whole job, once through, in the keeper’s own room', async ({ page }, info) => {
  await test.step('an empty room asks where to begin', async () => {
    await page.goto('/');
    await expect(page.getByRole('heading', { name: 'Start with the fish, the tank or both' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'Start with fish' })).toBeVisible();
  });

  await test.step('a tank without a size is refused, one with is in the rack as typed', async () => {
    await page.getByRole('button', { name: 'Add tank' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Add tank' }).click();
    await expect(page.getByRole('alert').first()).toBeVisible();
    await page.keyboard.press('Escape');
    await newTank(page, 'Holm', ['4 ft', '18 in', '21 in']);
    await expect(page.getByLabel('Length', { exact: true })).toHaveValue('4 ft');
    await expect(page.getByText('Net water')).toBeVisible();
  });

  await test.step('a measure that makes no sense is refused where it stands', async () => {
    await page.getByLabel('Width', { exact: true }).fill('wide');
    await page.getByLabel('Width', { exact: true }).press('Enter');
    await expect(page.getByRole('alert').filter({ hasText: 'type a measure such as' })).toBeVisible();
    await page.getByLabel('Width', { exact: true }).press('Escape');
    await expect(page.getByLabel('Width', { exact: true })).toHaveValue('18 in');
  });

  await test.step('the stock list says what a species would do before it is listed', async () => {
    await screen(page, 'Stock list');
    await page.getByRole('combobox', { name: 'Add to the list' }).fill('yellow lab');
    await expect(page.getByText('With 6 yellow labs the verdict is')).toBeVisible();
    await page.keyboard.press('Enter');
    await list(page, 'oscar');
    const findings = page.getByTestId('findings');
    await expect(page.locator('#verdict')).toContainText('Stop');
    await expect(findings).toContainText('oscar');
  });

  await test.step('a fix is one press, and one press takes it back', async () => {
    await page.getByRole('button', { name: 'Leave out the oscar' }).first().click();
    await expect(page.getByTestId('findings')).not.toContainText('oscar');
    await page.getByRole('button', { name: /^Undo: Leave out the oscar/ }).click();
    await expect(page.getByTestId('findings')).toContainText('oscar');
    await page.keyboard.press('Control+Shift+Z');
    await expect(page.getByTestId('findings')).not.toContainText('oscar');
  });

  await test.step('the list is brought in as individuals, and counts too large are refused', async () => {
    await page.getByRole('link', { name: 'bring home' }).click();
    const form = page.getByRole('form', { name: 'Bring home yellow lab' });
    await form.getByLabel('Number received').fill('0');
    await form.getByRole('button', { name: 'Confirm arrival' }).click();
    await expect(form.getByRole('alert')).toContainText('Type a whole number from 1.');
    await form.getByLabel('Number received').fill('4');
    await form.getByLabel('Kept as').selectOption('individuals');
    await form.getByLabel('Names or marks').fill('Torch, Sol, Brim, Lye');
    await form.getByLabel('From').fill('a club table');
    await form.getByRole('button', { name: 'Confirm arrival' }).click();
    await expect(page.getByRole('link', { name: 'Torch', exact: true })).toBeVisible();
    await expect(page.getByText('2 yellow labs')).toBeVisible();
  });

  await test.step('two presses log a chase, by mouse and by keys, and a reload loses nothing', async () => {
    await screen(page, 'Watch');
    const fish = page.getByRole('group', { name: 'Fish' });
    await fish.getByRole('button', { name: /Torch/ }).click();
    await fish.getByRole('button', { name: /Lye/ }).click();
    const logged = page.getByTestId('logged');
    await expect(logged).toContainText('Torch chased Lye');
    await page.reload();
    await expect(logged).toContainText('Torch chased Lye');
    await expect(page.getByRole('timer')).not.toHaveText('0:00');
    const names = (await fish.getByRole('button').allTextContents()).map((text) =>
      text.replace(/yellow lab.*/, ''),
    );
    for (const [winner, loser] of [
      ['Torch', 'Sol'],
      ['Torch', 'Brim'],
      ['Sol', 'Brim'],
      ['Brim', 'Lye'],
    ] as const) {
      await page.keyboard.press(String(names.indexOf(winner) + 1));
      await page.keyboard.press(String(names.indexOf(loser) + 1));
      await expect(logged).toContainText(`${winner} chased ${loser}`);
    }
    await page.getByRole('button', { name: 'nip', exact: true }).click();
    await expect(logged).toContainText('Brim nipped Lye');
    await page.keyboard.press('Backspace');
    await expect(logged).toContainText('Brim chased Lye');
    await page.keyboard.press('Backspace');
    await expect(logged.getByRole('listitem')).toHaveCount(4);
    await page.getByRole('button', { name: 'Finish' }).click();
    await expect(page.getByText(/Watched Holm for/)).toBeVisible();
  });

  await test.step('the ranking stands', async () => {
    await screen(page, 'Hierarchy');
    const ranking = page.getByRole('table').first();
    await expect(ranking.getByRole('row').nth(1)).toContainText('Torch');
    await expect(page.getByText('4 contests among 4 fish')).toBeVisible();
    await expect(page.getByText('2 pairs of these fish never met')).toBeVisible();
  });

  await test.step('one is rehomed, with a reason and a taker; one dies, with circumstances', async () => {
    await screen(page, 'Departures');
    await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Torch' });
    await page.getByRole('button', { name: 'Record rehoming' }).click();
    await expect(page.getByRole('main').getByRole('alert')).toContainText('Type who takes Torch.');
    await page.getByLabel('New keeper', { exact: true }).fill('Maren');
    await page.getByRole('button', { name: 'Record rehoming' }).click();
    await expect(page.getByText('Rehomed Torch to Maren: too aggressive.')).toBeVisible();
    await page.getByRole('radio', { name: 'Died' }).check();
    await page.getByLabel('Who', { exact: true }).selectOption({ label: 'Lye' });
    await page.getByLabel('Cause, if known').fill('torn fins');
    await page.getByLabel('What happened before').fill('Chased for a week.');
    await page.getByRole('button', { name: 'Record death' }).click();
    await expect(page.getByText('Lye found dead: torn fins. Chased for a week.')).toBeVisible();
  });

  await test.step('the diary holds everything; it is corrected and put right there', async () => {
    await screen(page, 'Diary');
    await page.getByRole('searchbox', { name: 'Search' }).fill('torn fins');
    const entries = page.getByRole('region', { name: 'Entries' });
    await expect(entries.getByRole('listitem')).toHaveCount(1);
    await entries.getByRole('button', { name: 'correct' }).click();
    await page.getByRole('dialog').getByLabel('Cause').fill('a swollen belly');
    await page.getByRole('button', { name: 'Save correction' }).click();
    await page.getByRole('searchbox', { name: 'Search' }).fill('swollen');
    await expect(entries).toContainText('Lye found dead: a swollen belly');
    await entries.getByRole('button', { name: 'strike out' }).click();
    await expect(page.getByText('Nothing matches.')).toBeVisible();
    await page.getByRole('checkbox', { name: 'struck out' }).check();
    await entries.getByRole('button', { name: 'restore' }).click();
    await expect(entries.getByRole('button', { name: 'strike out' })).toBeVisible();
  });

  const saved = info.outputPath('room.lomvik.json');
  await test.step('the room goes into a file', async () => {
    await page.getByRole('link', { name: 'Files' }).first().click();
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name: 'Save room' }).click();
    await (await download).saveAs(saved);
    const file = JSON.parse(readFileSync(saved, 'utf8')) as { format: string; entries: unknown[] };
    expect(file.format).toBe('lomvik');
    expect(file.entries.length).toBeGreaterThan(8);
  });

  await test.step('a damaged, a newer and a foreign file are refused and change nothing', async () => {
    const whole = readFileSync(saved, 'utf8');
    const cases = [
      ['cut.lomvik.json', whole.slice(0, whole.length / 2), 'ends early'],
      ['newer.lomvik.json', whole.replace(/"version": \d+/, '"version": 99'), 'newer Lomvik'],
      ['foreign.json', '{"hello":1}', 'needs "lomvik-plan"'],
      [
        'bad.lomvik-plan.json',
        '{"format":"lomvik-plan","version":1,"tank":{"lengthCm":100,"widthCm":0,"heightCm":50},"groups":[{"species":"purple dragon","count":-1}]}',
        'tank.widthCm',
      ],
    ] as const;
    for (const [name, text, words] of cases) {
      const path = info.outputPath(name);
      writeFileSync(path, text);
      await page.locator('input[type=file][accept*="json"]').setInputFiles(path);
      const alert = page.getByRole('alert').filter({ hasText: 'cannot be imported' });
      await expect(alert).toContainText('Nothing was changed.');
      await expect(alert).toContainText(words);
      await alert.getByRole('button', { name: 'OK' }).click();
    }
    await expect(page.getByRole('navigation', { name: 'Room and tanks' })).toContainText('Holm');
  });

  await test.step('what was lost comes back from the file, after a look at what would change', async () => {
    await newTank(page, 'Doomed', ['60 cm', '30 cm', '30 cm']);
    await page.getByRole('link', { name: 'Files' }).first().click();
    await page.locator('input[type=file][accept*="json"]').setInputFiles(saved);
    const instead = page.getByText('Put the file in the place of this room instead');
    await instead.click();
    await expect(page.getByText('tank Doomed')).toBeVisible();
    await expect(page.getByRole('navigation', { name: 'Room and tanks' })).toContainText('Doomed');
    await page.getByRole('button', { name: 'Replace this room' }).click();
    const rack = page.getByRole('navigation', { name: 'Room and tanks' });
    await expect(rack).not.toContainText('Doomed');
    await page
      .locator('[data-sonner-toast]')
      .filter({ hasText: 'The room was replaced' })
      .getByRole('button', { name: 'Undo' })
      .click();
    await expect(rack).toContainText('Doomed');
    await page.locator('input[type=file][accept*="json"]').setInputFiles(saved);
    await instead.click();
    await page.getByRole('button', { name: 'Replace this room' }).click();
    await expect(rack).not.toContainText('Doomed');
    await page.reload();
    await page.getByRole('link', { name: /^Holm/ }).click();
    await screen(page, 'Hierarchy');
    await expect(page.getByRole('table').first()).toContainText('Sol');
  });
});
