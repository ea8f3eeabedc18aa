import { join } from 'node:path';
import { withApp } from './app.mjs';
import { buildApp } from './build.mjs';
import { ensureInstalled, root, say } from './lib.mjs';

/** One picture of each main view, from the demo room. */
const SHOTS = [
  { name: 'today', path: '/' },
  { name: 'tank', path: '/tank?tank=demo-skerry' },
  { name: 'stock-list', path: '/stock?tank=demo-fen', wait: 'ul[aria-label="Main causes of trouble"]' },
  { name: 'candidates', path: '/stock?tank=demo-skerry&part=candidates', wait: '[data-answered="1"]' },
  {
    name: 'first-minute',
    path: '/',
    room: 'own',
    press: 'Show me an example',
    wait: '[aria-label="First verdict"] li',
  },
  { name: 'line-ups', path: '/lineups?tank=demo-fen', wait: '[aria-label="Line-up 3"]' },
  { name: 'arrivals', path: '/arrivals?tank=demo-fen&bring=demo-l2' },
  { name: 'waves', path: '/arrivals?tank=demo-fen&part=waves' },
  { name: 'watch', path: '/watch?tank=demo-skerry' },
  { name: 'watch-phone', path: '/watch?tank=demo-skerry', phone: true },
  { name: 'hierarchy', path: '/hierarchy?tank=demo-skerry', wait: 'canvas' },
  { name: 'aggression', path: '/aggression?tank=demo-skerry' },
  { name: 'departures', path: '/departures?tank=demo-fen&part=losses', wait: 'canvas' },
  { name: 'life', path: '/life?tank=demo-skerry&fish=demo-amber' },
  { name: 'water', path: '/water?tank=demo-fen', wait: 'canvas' },
  { name: 'diary-dark', path: '/diary?tank=demo-skerry', dark: true },
  {
    name: 'experience',
    path: '/experience?species=puntigrus-tetrazona&with=trichopodus-leerii',
    wait: 'canvas[role=img]',
  },
  { name: 'predictions', path: '/experience?part=predictions', wait: '[aria-label="To answer"]' },
  { name: 'catalogue', path: '/catalogue?species=pterophyllum-scalare' },
];

say('shots: builds, serves the demo room and takes a picture of each main view');
ensureInstalled();
await buildApp();
await withApp('demo', async (browser, base) => {
  for (const { name, path, room = 'demo', press, phone = false, dark = false, wait } of SHOTS) {
    const page = await browser.newPage({
      locale: 'en-GB',
      viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
      colorScheme: dark ? 'dark' : 'light',
      serviceWorkers: 'block',
    });
    await page.addInitScript((which) => localStorage.setItem('lomvik.room', which), room);
    await page.goto(base + path);
    await page.getByRole('heading', { level: 1 }).waitFor();
    if (press) await page.getByRole('button', { name: press }).click();
    if (wait) await page.locator(wait).first().waitFor();
    await page.waitForLoadState('networkidle');
    // Pictures of animals come after the page.
    await page.waitForTimeout(1500);
    await page.screenshot({ path: join(root, 'docs', 'screenshots', `${name}.png`) });
    await page.close();
  }
});
