import type { Page } from '@playwright/test';
import { expect, newTank, test } from './watchful';

/** A folder of the browser's own stands in for one of the disk: the same handles, without the system's dialog. */
const DISK = 'a disk for a test';
const withDisk = (page: Page) =>
  page.addInitScript((name) => {
    Object.assign(window, {
      showDirectoryPicker: async () =>
        (await navigator.storage.getDirectory()).getDirectoryHandle(name, { create: true }),
    });
  }, DISK);

test('copies in a folder are kept up to date by themselves, go on after a reload, and open in an empty browser', async ({
  page,
  browser,
  baseURL,
}) => {
  await withDisk(page);
  const onDisk = () =>
    page.evaluate(async (name) => {
      const folder = await (await navigator.storage.getDirectory()).getDirectoryHandle(name);
      const files: [string, string][] = [];
      for await (const [file, handle] of (
        folder as unknown as { entries(): AsyncIterable<[string, FileSystemFileHandle]> }
      ).entries())
        files.push([file, await (await handle.getFile()).text()]);
      return files;
    }, DISK);
  const copies = page.getByRole('region', { name: 'Copies by themselves' });

  await newTank(page, 'Holm', ['100 cm', '40 cm', '50 cm']);
  await page.goto('/files');
  await copies.getByRole('button', { name: 'Keep copies in a folder' }).click();
  await expect(copies).toContainText(`Copies in the folder “${DISK}”. Last copy`);
  await expect(copies).toContainText('1 day kept');
  const first = await onDisk();
  expect(first.length).toBe(1);
  const [name, text] = first[0]!;
  expect(name).toMatch(/^lomvik-own-\d{4}-\d\d-\d\d\.lomvik\.json$/);
  expect(text).toContain('Holm');

  await test.step('what is written later is in it too, after a reload', async () => {
    await newTank(page, 'Skerry', ['80 cm', '40 cm', '40 cm']);
    await page.goto('/files');
    await expect(copies).toContainText('The next change is copied within ten minutes');
    await copies.getByRole('button', { name: 'Copy now' }).click();
    await expect(copies).toContainText('1 day kept');
    const [copy] = await onDisk();
    expect(copy![1]).toContain('Skerry');
  });

  await test.step('a folder that went is said, and nothing else is lost', async () => {
    await page.evaluate(
      async (folder) => (await navigator.storage.getDirectory()).removeEntry(folder, { recursive: true }),
      DISK,
    );
    await copies.getByRole('button', { name: 'Copy now' }).click();
    await expect(copies.getByRole('alert')).toContainText('The folder is no longer there.');
    await copies.getByRole('button', { name: 'Another folder' }).click();
    await expect(copies).toContainText('1 day kept');
    expect((await onDisk()).length).toBe(1);
  });

  await test.step('the copy opens in an empty browser', async () => {
    const [file, whole] = (await onDisk())[0]!;
    const other = await (await browser.newContext({ baseURL, locale: 'en-GB' })).newPage();
    await other.goto('/files');
    await other
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: file, mimeType: 'application/json', buffer: Buffer.from(whole) });
    await other.getByRole('button', { name: 'Open this room' }).click();
    await expect(other.getByRole('navigation', { name: 'Room and tanks' })).toContainText('Skerry');
    await other.context().close();
  });

  await test.step('no more copies, and those that were written stay', async () => {
    await copies.getByRole('button', { name: 'No more copies' }).click();
    await expect(copies.getByRole('button', { name: 'Keep copies in a folder' })).toBeVisible();
    expect((await onDisk()).length).toBe(1);
    await page.reload();
    await expect(copies.getByRole('button', { name: 'Keep copies in a folder' })).toBeVisible();
  });
});

test('copies that the browser no longer lets through are told on Today, and go on with one press', async ({
  page,
}) => {
  await withDisk(page);
  await page.addInitScript(() => {
    // As a browser that asks anew after a restart.
    const asks = window.localStorage.getItem('test.asks') === 'yes';
    let leave: PermissionState = asks ? 'prompt' : 'granted';
    Object.assign(FileSystemDirectoryHandle.prototype, {
      queryPermission: () => Promise.resolve(leave),
      requestPermission: () => Promise.resolve((leave = 'granted')),
    });
  });
  await newTank(page, 'Holm', ['100 cm', '40 cm', '50 cm']);
  await page.goto('/water');
  await page.getByLabel('Nitrate', { exact: true }).fill('11');
  await page.getByRole('button', { name: 'Save test' }).click();
  await expect(page.getByText('nitrate 11 mg/L').first()).toBeVisible();
  await page.goto('/files');
  await page.getByRole('button', { name: 'Keep copies in a folder' }).click();
  await expect(page.getByText(/Last copy/)).toBeVisible();
  await page.evaluate(() => window.localStorage.setItem('test.asks', 'yes'));
  await page.goto('/');
  const told = page.getByRole('alert').filter({ hasText: 'have stopped' });
  await expect(told).toContainText(`Copies in the folder “${DISK}” have stopped: the browser asks again`);
  await told.getByRole('button', { name: 'Go on' }).click();
  await expect(told).toHaveCount(0);
  await expect(page.getByText(/^Last saved as a file .*; 0 entries since\./)).toBeVisible();
});
