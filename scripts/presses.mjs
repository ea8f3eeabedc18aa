import { withApp } from './app.mjs';
import { buildApp } from './build.mjs';
import { ensureInstalled, say } from './lib.mjs';

/**
 * Presses, choices and typed fields that planning and the jobs of the record take, in the built app on the demo room, with the seconds
 * that the app takes for them (nobody thinks in between). "Before" was counted on the forms as they were before fish could
 * be entered together; where a job could not be done at all it is null.
 */
const BEFORE = {
  'an incident among named fish': 2,
  'an incident among look-alikes': null,
  'sexing eight': 32,
  'two males to one shop': 9,
  'six deaths of one accident': 24,
  'a move of 22 fish in two loads': 64,
  'first verdict, fish first': 9,
  'first verdict, tank first': 9,
  'a species from its profile onto a list': 4,
  'a wish from the search': 5,
  'how many of a species that is not listed fit': 6,
  'one list in two tanks': null,
  'a plan as a link': null,
  'a water test': 2,
  'a count that is due': 2,
  'a contest from the first screen': 3,
};

/** A hand that counts. */
function handOn(page) {
  const done = { presses: 0, choices: 0, typed: 0 };
  return {
    done,
    press: async (...names) => {
      for (const name of names) {
        done.presses += 1;
        await page
          .getByRole('button', { name, exact: typeof name === 'string' })
          .first()
          .click();
      }
    },
    open: async (name) => {
      done.presses += 1;
      await page.getByRole('link', { name }).first().click();
    },
    /** Types a name into a search and takes the first that is found. */
    find: async (label, text) => {
      done.typed += 1;
      done.presses += 1;
      await page.getByRole('combobox', { name: label }).fill(text);
      await page.getByRole('option').first().waitFor();
      await page.keyboard.press('Enter');
    },
    tick: async (name) => {
      done.presses += 1;
      await page.getByRole('checkbox', { name }).first().check();
    },
    choose: async (label, option) => {
      done.choices += 1;
      await page.getByLabel(label, { exact: true }).selectOption(option);
    },
    type: async (label, text) => {
      done.typed += 1;
      await page.getByLabel(label, { exact: true }).fill(text);
    },
  };
}

const told = (page, text) => page.getByText(text).first().waitFor();

/** Newcomers for a job; not counted. */
async function newcomers(page, tank, name, count) {
  await page.goto(`/departures?tank=${tank}&part=several`);
  await page.getByRole('combobox', { name: 'Species of the newcomers' }).fill(name);
  await page
    .getByRole('option', { name: new RegExp(`^${name} `) })
    .first()
    .click();
  await page.getByLabel('How many', { exact: true }).fill(String(count));
  await page.getByRole('button', { name: /^Add \d/ }).click();
  await page.getByRole('button', { name: /^Save 1 fish/ }).click();
  await told(page, '1 fish sorted');
}

const several = (tank) => `/departures?tank=${tank}&part=several`;
const verdict = (page) => page.getByRole('region', { name: 'First verdict' }).waitFor();
const SKERRY = '/watch?tank=demo-skerry';
const JOBS = {
  'first verdict, fish first': {
    room: 'own',
    at: '/',
    work: async (page, hand) => {
      await hand.find('Add a fish', 'neon');
      await hand.type('Its size', '75 gal');
      await verdict(page);
    },
  },
  'first verdict, tank first': {
    room: 'own',
    at: '/',
    work: async (page, hand) => {
      await hand.type('Its size', '120x40x50');
      await hand.find('Add a fish', 'neon');
      await verdict(page);
    },
  },
  'a species from its profile onto a list': {
    at: '/catalogue?species=corydoras-sterbai',
    work: async (page, hand) => {
      await hand.press(/^List \d+$/);
      await told(page, /^Listed/);
    },
  },
  'a wish from the search': {
    at: SKERRY,
    work: async (page, hand) => {
      await hand.press('Search');
      hand.done.typed += 1;
      await page.getByPlaceholder('A tank, a screen, a species…').fill('sterbai');
      hand.done.presses += 1;
      await page.getByRole('option', { name: /^Wish/ }).click();
      await told(page, /^Wished/);
    },
  },
  'how many of a species that is not listed fit': {
    at: '/catalogue?species=corydoras-sterbai',
    work: async (page, hand) => {
      await hand.open('How many fit?');
      await page.getByRole('table', { name: 'How many' }).waitFor();
    },
  },
  'one list in two tanks': {
    at: '/stock?tank=demo-fen&part=drafts',
    work: async (page, hand) => {
      await hand.type('Another tank', '125 gal');
      await hand.press('Compare');
      await page.getByRole('columnheader', { name: /^125 gal/ }).waitFor();
    },
  },
  'a plan as a link': {
    at: '/stock?tank=demo-fen&part=shopping',
    work: async (page, hand) => {
      await hand.press('Link and code', 'Copy link');
    },
  },
  'a water test': {
    at: '/water?tank=demo-skerry',
    work: async (page, hand) => {
      await hand.type('Nitrate', '20');
      await hand.press('Save test');
      await told(page, 'Test saved');
    },
  },
  'a count that is due': {
    at: '/',
    work: async (page, hand) => {
      await hand.open(/Count the kuhli loaches/);
      await hand.press(/^Save the count/);
      await told(page, /counted|Count/);
    },
  },
  'a contest from the first screen': {
    at: '/',
    work: async (page, hand) => {
      await page.keyboard.press('g');
      await page.keyboard.press('w');
      hand.done.presses += 2;
      await page.getByRole('heading', { level: 1, name: /^Watch/ }).waitFor();
      await hand.press(/^Amber/, /^Tawny/);
      await told(page, 'Amber chased Tawny');
    },
  },
  'an incident among named fish': {
    at: SKERRY,
    work: async (page, hand) => {
      await hand.press(/^Amber/, /^Tawny/);
      await told(page, 'Amber chased Tawny');
    },
  },
  'an incident among look-alikes': {
    at: SKERRY,
    work: async (page, hand) => {
      await hand.press(/^Shell colony/, /^Shell colony/);
      await told(page, 'One of Shell colony chased another');
    },
  },
  'sexing eight': {
    first: (page) => newcomers(page, 'demo-fen', 'cardinal tetra', 8),
    at: several('demo-fen'),
    work: async (page, hand) => {
      await hand.choose('Tick', 'cardinal tetra');
      await hand.choose('Sex of those ticked', 'female');
      await hand.press(/^Save/);
      await told(page, '8 fish sorted');
    },
  },
  'two males to one shop': {
    at: several('demo-skerry'),
    work: async (page, hand) => {
      await hand.tick('Amber');
      await hand.tick('Slate');
      await hand.choose('Where those ticked go', 'leaves');
      await hand.type('New keeper', 'Harbour Aquatics');
      await hand.type('In return', '12 credit');
      await hand.press(/^Save/);
      await told(page, '2 fish sorted');
    },
  },
  'six deaths of one accident': {
    first: (page) => newcomers(page, 'demo-fen', 'cardinal tetra', 6),
    at: several('demo-fen'),
    work: async (page, hand) => {
      await hand.choose('Tick', 'cardinal tetra');
      await hand.choose('Where those ticked go', 'died');
      await hand.type('Incident with several deaths', 'no dechlorinator');
      await hand.press(/^Save/);
      await told(page, '6 fish sorted');
    },
  },
  'a move of 22 fish in two loads': {
    first: (page) => newcomers(page, 'demo-quay', 'cardinal tetra', 22),
    at: '/arrivals?tank=demo-quay&part=moving',
    work: async (page, hand) => {
      await hand.choose('To', 'Nursery');
      await hand.press('Start move');
      const bucket = page.getByRole('group', { name: 'Into the next bucket' });
      await bucket.waitFor();
      const fish = bucket.getByRole('button', { name: /cardinal tetra/ });
      for (let i = 0; i < 11; i += 1) {
        hand.done.presses += 1;
        await fish.nth(i).click();
      }
      await hand.press(/^Fill bucket 1/);
      await told(page, 'Bucket 1:');
      await hand.press('All', /^Fill bucket 2/);
      await told(page, 'Bucket 2:');
      await hand.press('All alive in the new tank');
      await hand.press('All alive in the new tank');
      const required = page.getByRole('listitem').filter({ hasText: 'required' }).getByRole('checkbox');
      while ((await required.count()) > 0) {
        const left = await required.count();
        hand.done.presses += 1;
        await required.first().click();
        await page.waitForFunction(
          (many) =>
            [...document.querySelectorAll('li')].filter((one) => /required$/.test(one.textContent)).length <
            many,
          left,
        );
      }
      await hand.press('Finish move');
      await told(page, /Moved to Nursery/);
    },
  },
};

say('presses: builds, serves the demo room and does each job of the record by a hand that counts');
ensureInstalled();
await buildApp();
await withApp('demo', async (browser, base) => {
  const rows = [];
  for (const [job, { room = 'demo', first, at, work }] of Object.entries(JOBS)) {
    const context = await browser.newContext({
      baseURL: base,
      viewport: { width: 1280, height: 1000 },
      serviceWorkers: 'block',
    });
    await context.addInitScript((name) => localStorage.setItem('lomvik.room', name), room);
    const page = await context.newPage();
    if (first) await first(page);
    await page.goto(at);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await page.waitForLoadState('networkidle');
    const hand = handOn(page);
    const began = performance.now();
    await work(page, hand);
    const { presses, choices, typed } = hand.done;
    rows.push({
      job,
      before: BEFORE[job] ?? 'not possible',
      now: presses + choices + typed,
      presses,
      choices,
      typed,
      seconds: Number(((performance.now() - began) / 1000).toFixed(1)),
    });
    await context.close();
  }
  console.table(rows);
});
