import { median } from './median.mjs';

const button = (name) => (page) => page.getByRole('button', { name }).first().click();
const link = (name) => (page) => page.getByRole('link', { name }).first().click();
const key = (keys) => (page) => page.keyboard.press(keys);

/** A state of a screen, and the press that leads to it: where, the press, what is seen then; on a phone, in an empty room. */
const STATES = {
  'first minute: a fish is found': {
    at: '/',
    room: 'own',
    before: (page) => page.getByRole('combobox', { name: 'Add a fish' }).fill('neon'),
    press: key('Enter'),
    seen: (page) => page.getByLabel('Number of neon tetras'),
  },
  'first minute: one more fish': {
    at: '/',
    room: 'own',
    before: async (page) => {
      await page.getByLabel('Its size').fill('75 gal');
      await page.getByRole('combobox', { name: 'Add a fish' }).fill('neon');
      await page.keyboard.press('Enter');
      await page.getByRole('region', { name: 'First verdict' }).waitFor();
    },
    press: button('More neon tetras'),
    seen: (page) => page.getByRole('region', { name: 'First verdict' }),
  },
  'search opens': { at: '/', press: button('Search'), seen: (page) => page.getByRole('dialog') },
  'keys open': { at: '/', press: key('?'), seen: (page) => page.getByRole('dialog') },
  'foot bar: the sheet opens': {
    at: '/',
    phone: true,
    press: button('More'),
    seen: (page) => page.getByRole('dialog'),
  },
  'foot bar: Watch opens': {
    at: '/',
    phone: true,
    press: link('Watch'),
    seen: (page) => page.getByRole('heading', { level: 1, name: /^Watch/ }),
  },
  'Watch: an incident': {
    at: '/watch?tank=demo-skerry',
    phone: true,
    before: button(/^Amber/),
    press: button(/^Tawny/),
    seen: (page) => page.getByText('Amber chased Tawny').first(),
  },
  'Stock list: one more fish': {
    at: '/stock?tank=demo-fen',
    press: button(/^More /),
    seen: (page) => page.getByTestId('findings'),
  },
  'Stock list: a plan as a link': {
    at: '/stock?tank=demo-fen&part=shopping',
    press: button('Link and code'),
    seen: (page) => page.getByRole('img', { name: /^Code of the link/ }),
  },
  'Stock list: drafts side by side': {
    at: '/stock?tank=demo-fen&part=drafts',
    before: (page) => page.getByLabel('Another tank').fill('125 gal'),
    press: button('Compare'),
    seen: (page) => page.getByRole('columnheader', { name: /^125 gal/ }),
  },
  'Catalogue: a letter of the search': {
    at: '/catalogue',
    before: (page) => page.getByRole('searchbox').focus(),
    press: key('c'),
    seen: (page) => page.getByRole('region', { name: 'Species' }),
  },
  'Catalogue: the next species': {
    at: '/catalogue',
    before: (page) => page.getByRole('region', { name: 'Species' }).getByRole('link').first().focus(),
    press: key('ArrowDown'),
    seen: (page) => page.getByRole('region', { name: 'Species' }).locator('[aria-current=true]'),
  },
  'Diary: a letter of the search': {
    at: '/diary',
    before: (page) => page.getByRole('searchbox').focus(),
    press: key('n'),
    seen: (page) => page.getByRole('searchbox'),
  },
  'Today: a tank opens': {
    at: '/',
    press: link(/^Skerry/),
    seen: (page) => page.getByRole('heading', { level: 1, name: /Skerry/ }),
  },
};

const ROUNDS = 3;

/** Milliseconds from the press to the next paint, as the browser itself tells it, in steps of 8. */
async function pressToPaint(browser, base, { at, room = 'demo', phone = false, before, press, seen }) {
  const context = await browser.newContext({
    serviceWorkers: 'block',
    viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 },
  });
  const page = await context.newPage();
  await page.addInitScript((name) => {
    window.localStorage.setItem('lomvik.room', name);
    window.__pressed = [];
    new PerformanceObserver((list) => {
      for (const { name: event, duration, interactionId } of list.getEntries())
        if (interactionId > 0) window.__pressed.push([event, duration]);
    }).observe({ type: 'event', durationThreshold: 16 });
  }, room);
  await page.goto(base + at);
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  await page.waitForLoadState('networkidle');
  await before?.(page);
  await page.waitForTimeout(800);
  await page.evaluate(() => (window.__pressed.length = 0));
  await press(page);
  await seen(page).waitFor();
  await page.waitForTimeout(300);
  const longest = await page.evaluate(() => Math.max(0, ...window.__pressed.map(([, duration]) => duration)));
  await context.close();
  return longest;
}

/** From a press to the next paint, for the states that a keeper meets; 0 is a press that was painted within a frame. */
export async function states(browser, base) {
  const result = {};
  for (const [name, state] of Object.entries(STATES)) {
    const took = [];
    for (let i = 0; i < ROUNDS; i += 1) took.push(await pressToPaint(browser, base, state));
    result[name] = median(took);
  }
  return { ...result, aim: 'the press is painted within 50 ms' };
}
