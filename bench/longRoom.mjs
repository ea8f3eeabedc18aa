import { readFileSync, writeFileSync } from 'node:fs';
import { fillRoom } from './fillRoom.mjs';

const ENTRIES = 200_000;

/** Blocks of the screen since the last time of asking, the longest first. Runs in the page. */
const longest = () => {
  const tasks = window.__blocks.splice(0);
  return Math.round(Math.max(0, ...tasks));
};

/** A very long room saved, looked at and replaced beside the screen: how long it takes, and how long the screen is held up. */
export async function longRoom(browser, base) {
  const page = await (await browser.newContext({ acceptDownloads: true })).newPage();
  await page.addInitScript(() => {
    window.localStorage.setItem('lomvik.room', 'own');
    window.__blocks = [];
    new PerformanceObserver((list) => {
      for (const { duration } of list.getEntries()) window.__blocks.push(duration);
    }).observe({ type: 'longtask' });
  });
  await page.goto(base);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(fillRoom, { entries: ENTRIES, fish: 12 });
  await page.goto(`${base}/files`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  // The journal is read behind the screen first.
  await page.waitForTimeout(8000);
  const timed = async (work) => {
    await page.evaluate(longest);
    const started = Date.now();
    await work();
    return { ms: Date.now() - started, longestBlockMs: await page.evaluate(longest) };
  };
  let path = '';
  const save = await timed(async () => {
    const download = page.waitForEvent('download', { timeout: 180_000 });
    await page.getByRole('button', { name: 'Save room' }).click();
    path = await (await download).path();
  });
  // The same room as another device has it: one entry more.
  const file = JSON.parse(readFileSync(path, 'utf8'));
  const last = file.entries.at(-1);
  file.entries.push({
    ...last,
    id: 'elsewhere',
    recorded: new Date(Date.parse(last.recorded) + 1000).toISOString(),
  });
  writeFileSync(path, JSON.stringify(file));
  const look = await timed(async () => {
    await page.locator('input[type=file]').first().setInputFiles(path);
    await page.getByRole('button', { name: 'Merge' }).waitFor({ timeout: 180_000 });
  });
  const merge = await timed(async () => {
    await page.getByRole('button', { name: 'Merge' }).click();
    await page.getByText(/^Merged: /).waitFor({ timeout: 180_000 });
    // Read again behind the screen.
    await page.waitForTimeout(8000);
  });
  await page.context().close();
  return {
    entries: ENTRIES,
    save,
    look,
    merge: { ...merge, ms: merge.ms - 8000 },
    aim: 'no block of the screen over 50 ms',
  };
}
