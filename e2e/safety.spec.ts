import { readFileSync, writeFileSync } from 'node:fs';
import { unzipSync } from 'fflate';
import type { Page } from '@playwright/test';
import { expect, list, newTank, openDemo, test } from './watchful';

/** Saves the room under Files; gives the path and, unless it is a zip, what is in it. */
async function savedRoom(page: Page): Promise<{
  readonly path: string;
  readonly room: { entries: unknown[]; documents: { kind: string; body: unknown }[] };
}> {
  await page.goto('/files');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save room' }).click();
  const saved = await download;
  const path = await saved.path();
  const bytes = readFileSync(path);
  const text = saved.suggestedFilename().endsWith('.zip')
    ? new TextDecoder().decode(unzipSync(bytes)['room.json'])
    : bytes.toString('utf8');
  return { path, room: JSON.parse(text) as never };
}
const openFile = (page: Page, name: string, content: string) =>
  page
    .locator('input[type=file]')
    .first()
    .setInputFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) });

test('a room saved while a watch is paused opens again as it was', async ({ page }, info) => {
  await openDemo(page, '/watch?tank=demo-skerry');
  await page.getByRole('group', { name: 'Fish' }).getByRole('button').nth(0).click();
  await page.getByRole('group', { name: 'Fish' }).getByRole('button').nth(1).click();
  await expect(page.getByTestId('logged').getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: 'Pause' }).click();
  await expect(page.getByRole('button', { name: /Continue|Start/ })).toBeVisible();
  const { room } = await savedRoom(page);
  expect(room.documents.find(({ kind }) => kind === 'watching')?.body).toMatchObject({ runningSince: null });
  const path = info.outputPath('room.lomvik.json');
  writeFileSync(path, JSON.stringify(room));
  await page.locator('input[type=file]').first().setInputFiles(path);
  await expect(page.getByText('It is the same as this room. Nothing would change.')).toBeVisible();
});

test('a file with bad parts is opened in part, replaced, and put back', async ({ page }) => {
  await openDemo(page);
  const { room } = await savedRoom(page);
  const bad = {
    ...room,
    entries: [
      ...room.entries,
      {
        id: 'odd',
        type: 'noted',
        on: '2026-13-45T99:99',
        recorded: '2026-01-01T10:00:00.000Z',
        tank: null,
        text: 'x',
      },
    ],
  };
  bad.documents = bad.documents.filter((document) => (document as { id?: string }).id !== 'demo-quay');
  await openFile(page, 'mended.lomvik.json', JSON.stringify(bad));
  await expect(page.getByText(/records? cannot be imported/)).toBeVisible();
  await expect(page.getByText(/entries\[\d+\]\.on: needs an ISO date and time/)).toBeVisible();
  await page.getByText('Put the file in the place of this room instead').click();
  await page.getByRole('button', { name: 'Replace this room' }).click();
  await expect(page.getByText('The room was replaced by the file.')).toBeVisible();
  const rack = page.getByRole('navigation', { name: 'Room and tanks' });
  await expect(rack.getByText('Quay')).toHaveCount(0);
  await page.reload();
  await page.getByRole('button', { name: 'Restore the room from before' }).click();
  await expect(rack.getByText('Quay')).toBeVisible();
});

test('one room on two devices is one again by files, each with what the other wrote', async ({
  page,
  browser,
  baseURL,
}) => {
  await openDemo(page);
  const begun = await savedRoom(page);
  const laptop = await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage();
  await openDemo(laptop, '/files');
  const open = async (on: Page, path: string): Promise<void> => {
    await on.goto('/files');
    await on
      .locator('input[type=file]')
      .first()
      .setInputFiles({
        name: 'room.lomvik.zip',
        mimeType: 'application/zip',
        buffer: readFileSync(path),
      });
  };
  // The made-up room is the same on every device that makes it on one day.
  await open(laptop, begun.path);
  await expect(laptop.getByText('It is the same as this room. Nothing would change.')).toBeVisible();

  const testOn = async (on: Page, nitrate: string): Promise<void> => {
    await on.goto('/water?tank=demo-skerry');
    await on.getByLabel('Nitrate', { exact: true }).fill(nitrate);
    await on.getByRole('button', { name: 'Save test' }).click();
    await expect(on.getByText(`nitrate ${nitrate} mg/L`).first()).toBeVisible();
  };
  await testOn(page, '13');
  await testOn(laptop, '17');
  for (const [from, to] of [
    [page, laptop],
    [laptop, page],
  ] as const) {
    const { path } = await savedRoom(from);
    await open(to, path);
    await expect(to.getByText('Merge: this room and the file together')).toBeVisible();
    await to.getByRole('button', { name: 'Merge' }).click();
    await expect(to.getByText('Merged: this room and the file are one.')).toBeVisible();
  }
  for (const each of [page, laptop]) {
    await each.goto('/water?tank=demo-skerry');
    for (const nitrate of ['13', '17'])
      await expect(each.getByText(`nitrate ${nitrate} mg/L`).first()).toBeVisible();
  }
  await laptop.context().close();
});
test('two tabs change one list, and each takes back its own change only', async ({ page, context }) => {
  await openDemo(page, '/stock?tank=demo-fen');
  const other = await context.newPage();
  await openDemo(other, '/stock?tank=demo-fen');
  const listed = (tab: Page, name: string) => tab.getByRole('textbox', { name: `Number of ${name}s` });
  await list(page, 'sterbai cory');
  await expect(listed(other, 'sterbai cory')).toBeVisible();
  await list(other, 'honey gourami');
  await expect(listed(page, 'honey gourami')).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Listed/ }).click();
  await expect(listed(page, 'sterbai cory')).toHaveCount(0);
  await expect(listed(other, 'sterbai cory')).toHaveCount(0);
  await expect(listed(other, 'honey gourami')).toBeVisible();
  // Undo and redo survive a reload.
  await page.reload();
  await page.getByRole('button', { name: /^Redo: Listed/ }).click();
  await expect(listed(page, 'sterbai cory')).toBeVisible();
});

test.describe('workers that cannot start', () => {
  for (const [name, path] of [
    ['the order', '/hierarchy?tank=demo-skerry'],
    ['candidates', '/stock?tank=demo-fen&part=candidates'],
    ['line-ups', '/lineups?tank=demo-fen'],
  ] as const)
    test(`${name}: the failure is said, with a way to try again`, async ({ page }) => {
      await page.route('**/broken-worker.js', (route) =>
        route.fulfill({ contentType: 'text/javascript', body: 'throw new Error("no")' }),
      );
      await page.addInitScript(() => {
        const Real = window.Worker;
        let broken = true;
        (window as unknown as { mendWorkers: () => void }).mendWorkers = () => (broken = false);
        window.Worker = class extends Real {
          constructor(url: string | URL, options?: WorkerOptions) {
            super(broken ? '/broken-worker.js' : url, broken ? {} : options);
          }
        };
      });
      await openDemo(page, path);
      await expect(
        page
          .getByRole('alert')
          .getByText(/could not be started|stopped in the middle/)
          .first(),
      ).toBeVisible();
      await page.evaluate(() => (window as unknown as { mendWorkers: () => void }).mendWorkers());
      await page.getByRole('alert').getByRole('button', { name: 'Try again' }).first().click();
      await expect(page.getByRole('alert').getByText(/could not be started/)).toHaveCount(0);
    });
});

test('the room deleted under the open page is said, and can be saved from the page', async ({ page }) => {
  await openDemo(page);
  await page.evaluate(
    () =>
      new Promise((resolve) => {
        const request = indexedDB.deleteDatabase('lomvik-demo');
        request.onsuccess = resolve;
      }),
  );
  await expect(page.getByText('Your room is no longer in this browser.')).toBeVisible();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save this room now' }).click();
  const room = JSON.parse(readFileSync(await (await download).path(), 'utf8')) as { entries: unknown[] };
  expect(room.entries.length).toBeGreaterThan(50);
});

test('a browser that refuses to remember, and one whose storage is silent, are no dead end', async ({
  page,
  context,
}) => {
  await page.addInitScript(() => {
    for (const name of ['localStorage', 'sessionStorage'])
      Object.defineProperty(window, name, {
        get: () => {
          throw new DOMException('refused', 'SecurityError');
        },
      });
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();

  const silent = await context.newPage();
  await silent.clock.install();
  await silent.addInitScript(() => {
    const open = IDBFactory.prototype.open;
    IDBFactory.prototype.open = function (...asked) {
      const request = open.apply(this, asked);
      request.addEventListener = () => {};
      return request;
    };
  });
  await silent.goto('/');
  await expect(silent.getByText('Opening the room…')).toBeVisible();
  await expect(async () => {
    await silent.clock.fastForward(30_000);
    await expect(silent.getByText(/storage does not answer/)).toBeVisible({ timeout: 500 });
  }).toPass();
  await expect(silent.getByRole('button', { name: 'Try again' })).toBeVisible();
});

test('a tank that is not there is said, not replaced by another', async ({ page }) => {
  await openDemo(page, '/stock?tank=nope');
  await expect(page.getByText('This room has no tank with that address.')).toBeVisible();
});

test('the focus stays where the work is', async ({ page }) => {
  await openDemo(page, '/stock?tank=demo-fen');
  const focused = () => page.evaluate(() => document.activeElement?.closest('main, [role=dialog]') !== null);
  // A dialog gives the focus back to what opened it, and has its first field focused.
  const edit = page.getByRole('button', { name: /^Change / }).first();
  await edit.focus();
  const label = await edit.getAttribute('aria-label');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeVisible();
  expect(await page.evaluate(() => document.activeElement?.tagName)).not.toBe('BUTTON');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(await page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toBe(label);
  // A line that is removed passes the focus on.
  const remove = page.getByRole('button', { name: /^Leave out / }).first();
  await remove.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Left out/)).toBeVisible();
  expect(await focused()).toBe(true);
});

/** The text of all files of the second copy; nothing while they are being written. */
const SECOND_COPY = `(async () => {
  try {
    const place = await (await navigator.storage.getDirectory()).getDirectoryHandle('lomvik-own');
    const texts = [];
    for await (const handle of place.values()) texts.push(await (await handle.getFile()).text());
    return texts.join('');
  } catch {
    return '';
  }
})()`;

test('a database that is gone is offered back whole from the second copy, and a part of it too', async ({
  page,
}) => {
  await newTank(page, 'Holm', ['100 cm', '40 cm', '50 cm']);
  await page.goto('/stock');
  await list(page, 'neon tetra');
  await expect(page.getByRole('textbox', { name: 'Number of neon tetras' })).toBeVisible();
  // Somebody deletes the database while the app is closed, after the second copy was written.
  const lose = async (work: string): Promise<void> => {
    await expect.poll(() => page.evaluate(SECOND_COPY)).toContain('paracheirodon-innesi');
    await page.goto('/icon.svg');
    await page.evaluate(work);
  };
  await lose(`new Promise((resolve, reject) => {
    const asked = indexedDB.deleteDatabase('lomvik-own');
    asked.onsuccess = resolve;
    asked.onerror = reject;
  })`);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Your room is gone from this browser' })).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  const rack = page.getByRole('navigation', { name: 'Room and tanks' });
  await expect(rack).toContainText('Holm');
  await page.reload();
  await page.goto('/stock');
  await expect(page.getByRole('textbox', { name: 'Number of neon tetras' })).toBeVisible();
  await lose(`new Promise((resolve) => {
    const asked = indexedDB.open('lomvik-own');
    asked.onsuccess = () => {
      const tx = asked.result.transaction('documents', 'readwrite');
      const all = tx.objectStore('documents').getAllKeys();
      all.onsuccess = () => all.result.filter((key) => key.startsWith('draft-')).forEach((key) => tx.objectStore('documents').delete(key));
      tx.oncomplete = () => (asked.result.close(), resolve());
    };
  })`);
  await page.goto('/stock');
  await expect(page.getByText('This room lacks 1 tank, list or plan')).toBeVisible();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('textbox', { name: 'Number of neon tetras' })).toBeVisible();
});

test('the newest saved copy opens in an empty browser, whole', async ({ page, browser, baseURL }) => {
  await newTank(page, 'Holm', ['100 cm', '40 cm', '50 cm']);
  await page.goto('/water');
  await page.getByLabel('Nitrate', { exact: true }).fill('11');
  await page.getByRole('button', { name: 'Save test' }).click();
  await expect(page.getByText('nitrate 11 mg/L').first()).toBeVisible();
  const { path, room } = await savedRoom(page);
  await page.goto('/');
  await expect(page.getByText(/^Last saved as a file .*; 0 entries since\./)).toBeVisible();
  const other = await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage();
  await other.goto('/files');
  await other.locator('input[type=file]').first().setInputFiles(path);
  await expect(other.getByText('This room is empty: the file opens as it is.')).toBeVisible();
  await other.getByRole('button', { name: 'Open this room' }).click();
  await expect(other.getByRole('navigation', { name: 'Room and tanks' })).toContainText('Holm');
  const again = await savedRoom(other);
  expect(again.room.entries).toEqual(room.entries);
  expect(again.room.documents).toEqual(room.documents);
  await other.context().close();
});
