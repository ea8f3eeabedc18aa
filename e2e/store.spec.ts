import { expect, openDemo, test } from './watchful';
import type { Page } from '@playwright/test';

/** Works on the demo room's database behind the app's back. Runs in the page. */
async function inDatabase(page: Page, work: 'places' | 'damage' | 'newer'): Promise<number[]> {
  return page.evaluate(async (what) => {
    const version = what === 'newer' ? 99 : undefined;
    const db = await new Promise<IDBDatabase>((resolve, reject) => {
      const request = indexedDB.open('lomvik-demo', version);
      request.onsuccess = () => resolve(request.result);
      request.onerror = () => reject(request.error);
    });
    const result = await new Promise<number[]>((resolve, reject) => {
      const tx = db.transaction(['entries', 'snapshots'], 'readwrite');
      tx.onerror = () => reject(tx.error);
      const keys = tx.objectStore('entries').getAllKeys();
      keys.onsuccess = () => {
        if (what !== 'damage') return resolve(keys.result as number[]);
        const last = Math.max(...(keys.result as number[]));
        tx.objectStore('snapshots').clear();
        tx.objectStore('entries').put({
          seq: last + 1,
          id: 'scratched',
          type: 'came',
          on: '2026-01-01T10:00:00.000Z',
        });
        tx.objectStore('entries').put({
          seq: last + 2,
          id: 'from-elsewhere',
          type: 'teleported',
          on: '2026-01-02T10:00:00.000Z',
        });
        tx.oncomplete = () => resolve([]);
      };
    });
    db.close();
    return result;
  }, work);
}

test('a tab that dies while it writes leaves whole entries or none', async ({ page, context }) => {
  await openDemo(page, '/watch?tank=demo-skerry');
  const before = (await inDatabase(page, 'places')).length;
  const victim = await context.newPage();
  await openDemo(victim, '/watch?tank=demo-skerry');
  const fish = victim.getByRole('group', { name: 'Fish' });
  await expect(fish).toBeVisible();
  await victim.evaluate(() => {
    const buttons = [...document.querySelectorAll<HTMLButtonElement>('[aria-label="Fish"] button')];
    for (let i = 0; i < 6; i += 1) buttons[i % 2]?.click();
  });
  await victim.close();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Watch Skerry' })).toBeVisible();
  const places = await inDatabase(page, 'places');
  expect(places.length).toBeGreaterThanOrEqual(before);
  expect(places).toEqual(places.map((_, i) => i + 1));
});

test('damaged records are told, and nothing else is lost with them', async ({ page }) => {
  await openDemo(page);
  await inDatabase(page, 'damage');
  await page.reload();
  await expect(page.getByText('2 records are set aside')).toBeVisible();
  await expect(page.getByRole('navigation', { name: 'Room and tanks' })).toContainText('14 in tank');
  await page.goto('/files');
  await expect(page.getByText(/An entry of the journal \(came, scratched\)/)).toBeVisible();
  await expect(page.getByText(/An entry of the journal \(teleported, from-elsewhere\)/)).toBeVisible();
  await page.goto('/diary?tank=demo-skerry');
  await page.getByRole('checkbox', { name: 'all tanks' }).check();
  await expect(page.getByRole('region', { name: 'Entries' }).getByRole('listitem').first()).toBeVisible();
});

test('a room that a newer Lomvik has written is left alone, with a sentence', async ({ page }) => {
  await openDemo(page);
  await inDatabase(page, 'newer');
  await expect(page.getByText('A newer Lomvik was opened in another tab.')).toBeVisible();
  await page.reload();
  await expect(page.getByText('A newer Lomvik has written this room.')).toBeVisible();
});
