import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { openBrowser } from './app.mjs';
import { ensureInstalled, root, say } from './lib.mjs';

/** The app's icons as pictures, from the drawing: plain ones, and one with room around it that a system may cut to any shape. */
const ICONS = [
  { name: 'icon-192', size: 192, margin: 0 },
  { name: 'icon-512', size: 512, margin: 0 },
  { name: 'icon-maskable-512', size: 512, margin: 0.12 },
];

say('icons: draws the pictures of the icon for home screens');
ensureInstalled();
const drawing = readFileSync(join(root, 'src/app/icon.svg'), 'utf8');
const browser = await openBrowser();
for (const { name, size, margin } of ICONS) {
  const page = await browser.newPage({ viewport: { width: size, height: size } });
  const inner = Math.round(size * (1 - 2 * margin));
  await page.setContent(
    `<body style="margin:0;background:#0f5c6b;display:grid;place-items:center;height:${size}px">${drawing.replace('<svg ', `<svg width="${inner}" height="${inner}" `)}</body>`,
  );
  await page.screenshot({ path: join(root, 'public', `${name}.png`) });
  await page.close();
}
await browser.close();
