import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { openBrowser } from './app.mjs';
import { bundleForNode } from './build-cli.mjs';
import { ensureInstalled, root, say } from './lib.mjs';

/** Sheets of sixty animals without names, for somebody who keeps them to name; the keys stand apart. */
ensureInstalled();
const seed = Number(process.argv[2] ?? 1);
if (!Number.isInteger(seed)) throw new Error('Usage: npm run plates [-- SEED], SEED a whole number.');
const bundle = join(root, 'dist', 'plates.mjs');
await bundleForNode('src/cli/plateSheets.ts', bundle);
const { sheets } = await import(pathToFileURL(bundle).href);
const folder = join(root, 'dist', 'plates');
mkdirSync(folder, { recursive: true });
const browser = await openBrowser();
try {
  const page = await browser.newPage({ viewport: { width: 1520, height: 400 } });
  for (const [i, { html, key }] of sheets(seed).entries()) {
    const name = `sheet-${String(i + 1).padStart(2, '0')}`;
    await page.setContent(html);
    await page.screenshot({ path: join(folder, `${name}.png`), fullPage: true });
    writeFileSync(join(folder, `${name}-key.txt`), `${key.join('\n')}\n`);
  }
} finally {
  await browser.close();
}
say(`plates: sheets and keys are in dist/plates (seed ${seed})`);
