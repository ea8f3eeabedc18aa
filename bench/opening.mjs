import { fillRoom } from './fillRoom.mjs';
import { median } from './median.mjs';

const MOST = 200_000;

/** The median of writing one more entry as the store does, until the disk has it. Runs in the page. */
async function writeEntries(times) {
  const db = await new Promise((resolve, reject) => {
    const request = indexedDB.open('lomvik-own');
    request.onsuccess = () => resolve(request.result);
    request.onerror = () => reject(request.error);
  });
  const took = [];
  for (let i = 0; i < times; i += 1) {
    const start = performance.now();
    await new Promise((resolve, reject) => {
      const tx = db.transaction(['entries', 'documents'], 'readwrite', { durability: 'strict' });
      const entries = tx.objectStore('entries');
      entries.openCursor(null, 'prev').onsuccess = ({ target }) => {
        const last = target.result;
        entries.add({ ...last.value, id: `more${i}`, seq: last.key + 1 });
      };
      tx.oncomplete = resolve;
      tx.onerror = () => reject(tx.error);
    });
    took.push(performance.now() - start);
  }
  db.close();
  return took.sort((a, b) => a - b)[Math.floor(times / 2)];
}

/** Milliseconds from the start of the page to the room on the screen. */
async function openingMs(page, base) {
  await page.goto(base);
  await page.getByRole('heading', { level: 1 }).waitFor();
  return page.evaluate(() => window.__shown);
}

/** Rooms of a short, a long and a very long journal, opened; and one more entry written to the longest. */
export async function opening(browser, base) {
  const result = {};
  for (const entries of [200, 20_000, MOST]) {
    const page = await (await browser.newContext()).newPage();
    await page.addInitScript(() => {
      window.localStorage.setItem('lomvik.room', 'own');
      new MutationObserver((_, observer) => {
        if (!document.querySelector('h1')) return;
        observer.disconnect();
        requestAnimationFrame(() => (window.__shown = performance.now()));
      }).observe(document, { childList: true, subtree: true });
    });
    await openingMs(page, base);
    await page.evaluate(fillRoom, { entries, fish: 3 });
    // The first opening reads the whole journal and keeps a snapshot; the later ones are what a keeper sees every day.
    const first = await openingMs(page, base);
    await page.waitForTimeout(entries > 100_000 ? 8000 : 1500);
    const later = [];
    for (let i = 0; i < 7; i += 1) later.push(await openingMs(page, base));
    result[entries] = { firstMs: Math.round(first), medianMs: Math.round(median(later)) };
    if (entries === MOST) {
      // The journal is read behind the screen first.
      await page.waitForTimeout(8000);
      result.oneMoreEntryMs = Number((await page.evaluate(writeEntries, 30)).toFixed(1));
    }
    await page.context().close();
  }
  return {
    ...result,
    ratio20kTo200: Number((result[20_000].medianMs / result[200].medianMs).toFixed(2)),
    ratio200kTo200: Number((result[200_000].medianMs / result[200].medianMs).toFixed(2)),
    aim: '20,000 under 3 times; 200,000 under 1 s with a snapshot; one more entry, durable, under 10 ms',
  };
}
