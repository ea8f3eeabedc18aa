import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { bundled } from './bundled.mjs';

/** The files that a folder of 10,000 stays has, and 10,000 files. */
const SIZES = [2910, 10_000];

/**
 * So many experience files handed in at once in the browser: how long until they are read, checked, deduplicated and stored in the worker,
 * until the first question is answered, and how long the page stood still after the choice (0: never as long as the 50 ms from which the
 * browser counts).
 */
async function handedIn(browser, base, texts) {
  const folder = await mkdtemp(join(tmpdir(), 'lomvik-experience-'));
  const context = await browser.newContext({ serviceWorkers: 'block' });
  try {
    const paths = texts.map((_, i) => join(folder, `keeper-${i + 1}.lomvik-experience.json`));
    for (const [i, path] of paths.entries()) await writeFile(path, texts[i]);
    const page = await context.newPage();
    await page.addInitScript(() => {
      window.localStorage.setItem('lomvik.room', 'own');
      window.__still = [];
      new PerformanceObserver((list) => {
        window.__still.push(...list.getEntries());
      }).observe({ type: 'longtask' });
    });
    await page.goto(`${base}/experience`);
    const field = page.getByLabel(/Files that other keepers handed you/);
    await field.waitFor();
    // Choosing is the browser's own work; what follows is Lomvik's.
    await field.evaluate((input) =>
      input.addEventListener('change', () => setTimeout(() => (window.__chosen = performance.now()))),
    );
    const shares = new Set();
    const began = Date.now();
    await field.setInputFiles(paths);
    const chosen = Date.now();
    const added = page.getByText(/rooms added/);
    for (;;) {
      const said = await page
        .locator('progress, [role=progressbar]')
        .first()
        .getAttribute('value', { timeout: 50 })
        .catch(() => null);
      if (said !== null) shares.add(said);
      if (await added.isVisible()) break;
      if (Date.now() - chosen > 120_000) throw new Error('the files were not added within two minutes');
      await page.waitForTimeout(20);
    }
    const addedMs = Date.now() - chosen;
    const asked = Date.now();
    await page.getByRole('link', { name: 'convict cichlid' }).click();
    await page.getByRole('table', { name: 'Outcomes by tank' }).waitFor();
    return {
      files: texts.length,
      choosingMs: chosen - began,
      addedMs,
      progressSteps: shares.size,
      questionMs: Date.now() - asked,
      longestBlockMs: await page.evaluate(() =>
        Math.max(
          0,
          ...window.__still
            .filter(({ startTime }) => startTime >= window.__chosen)
            .map(({ duration }) => Math.round(duration)),
        ),
      ),
      said: await page
        .getByText(/From .* keepers/)
        .first()
        .textContent(),
    };
  } finally {
    await context.close();
    await rm(folder, { recursive: true, force: true });
  }
}

/** Experience files by the thousand, in the browser. */
export async function manyFiles(browser, base) {
  const { fileTexts } = await bundled('experience');
  const rounds = [];
  for (const size of SIZES) rounds.push(await handedIn(browser, base, fileTexts(size)));
  return { rounds, aim: '10,000 stays under 3,000 ms with progress, no block over 50 ms' };
}
