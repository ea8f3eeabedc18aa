import { openBrowser, served } from '../app.mjs';
import { root } from '../lib.mjs';
import { deleteDatabase, fallIll, ILLNESS, inDatabase, inFiles, leave } from './illness.mjs';
import { ownRoomFromDemo, stored } from './room.mjs';

const TANK = 'tank=demo-skerry';
/** The folder of the browser's own that stands in for one of the disk, and the one in which the second copy stands. */
const DISK = 'a disk for a trial';
const MIRROR = 'lomvik-own';

const nitrate = (page) => page.getByLabel('Nitrate', { exact: true });
/** Types a water test and presses Save. */
async function saveTest(page, value) {
  await nitrate(page).fill(value);
  await page.getByRole('button', { name: 'Save test' }).click();
}
const isSaved = (page, value) => page.getByText(`nitrate ${value} mg/L`).first().waitFor();
const says = (page, text) => page.getByText(text).first().waitFor();

async function water(page) {
  await page.goto(`${page.base}/water?${TANK}`);
  await page.getByRole('button', { name: 'Save test' }).waitFor();
}

/** Waits until the second copy, which is written behind the screen, stands there whole, and holds water tests of these values. */
async function copyHolds(page, ...values) {
  for (let tries = 0; tries < 300; tries += 1) {
    const files = await page.evaluate(async (name) => {
      try {
        const place = await (await navigator.storage.getDirectory()).getDirectoryHandle(name);
        const all = [];
        for await (const [file, handle] of place.entries())
          all.push([file, await (await handle.getFile()).text()]);
        return all;
      } catch {
        // Not there yet, or written anew at this moment.
        return [];
      }
    }, MIRROR);
    const bases = files.filter(([name]) => name.includes('.base.'));
    const text = files.map(([, one]) => one).join('');
    if (bases.some(isWholeBase) && values.every((value) => text.includes(`"nitrateMgL":${value}`))) return;
    await page.waitForTimeout(300);
  }
  throw new Error(`the second copy never held ${values.join(' and ')}`);
}

/** Whether a base holds as many entries and documents as its name says. */
function isWholeBase([name, text]) {
  try {
    const lines = text
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line));
    const held = ['entries', 'documents'].map((what) =>
      lines.reduce((sum, line) => sum + line[what].length, 0),
    );
    return name.endsWith(`.base.${held.join('.')}`);
  } catch {
    return false;
  }
}

/** What was saved while the second copy was ill is saved all the same, and once it is well it gives the whole room back. */
function illCopy(fault, { closed } = {}) {
  return async (page) => {
    await water(page);
    await copyHolds(page);
    if (closed) {
      await leave(page);
      await closed(page);
      await water(page);
    } else await fallIll(page, fault);
    await saveTest(page, '11');
    await isSaved(page, '11');
    await fallIll(page, '');
    await saveTest(page, '12');
    await isSaved(page, '12');
    await water(page);
    if (await page.getByText('gone from this browser').isVisible())
      throw new Error('the room is called gone');
    await copyHolds(page, '11', '12');
    await leave(page);
    await deleteDatabase(page);
    await page.goto(`${page.base}/water?${TANK}`);
    await page.getByRole('button', { name: 'Put it back' }).click();
    await isSaved(page, '12');
    await isSaved(page, '11');
  };
}

async function beginCopies(page) {
  await page.clock.install();
  const copies = page.getByRole('region', { name: 'Copies by themselves' });
  await page.goto(`${page.base}/files`);
  await copies.getByRole('button', { name: 'Keep copies in a folder' }).click();
  await copies.getByText(/1 day kept/).waitFor();
  return copies;
}

/** Copies in a folder that went wrong are told under Files, the room goes on, and the next copy is whole. */
function illFolder(fault, sentence) {
  return async (page) => {
    const copies = await beginCopies(page);
    await fallIll(page, fault);
    await copies.getByRole('button', { name: 'Copy now' }).click();
    if (fault.endsWith('silent')) {
      // The room is read and packed first, which has a deadline of its own.
      await page.waitForFunction(() => globalThis.isKeptWaiting);
      await page.clock.fastForward(200_000);
    }
    await copies.getByRole('alert').getByText(sentence).waitFor();
    await fallIll(page, '');
    await copies.getByRole('button', { name: 'Copy now' }).click();
    await copies.getByRole('alert').waitFor({ state: 'detached' });
    await copies.getByText(/1 day kept/).waitFor();
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
  };
}

/** Opens the copy of the folder, after something was done to it. */
function spoiltCopy(work, sentence) {
  return async (page) => {
    await beginCopies(page);
    await inFiles(page, DISK, work);
    const copy = await page.evaluate(async (name) => {
      const place = await (await navigator.storage.getDirectory()).getDirectoryHandle(name);
      for await (const [file, handle] of place.entries())
        return { name: file, text: await (await handle.getFile()).text() };
    }, DISK);
    await page
      .locator('input[type=file]')
      .first()
      .setInputFiles({ name: copy.name, mimeType: 'application/json', buffer: Buffer.from(copy.text) });
    await says(page, sentence);
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
  };
}

/** What was typed stands in its field; a bare number has its unit once the field was left. */
async function stillTyped(page, text) {
  const now = await nitrate(page).inputValue();
  if (now !== text) throw new Error(`what was typed is gone: "${now}" for "${text}"`);
}

/** After a failed write: the sentence stands there, what was typed too, other screens work, and the same press works once all is well. */
function failedWrite(fault, sentence, heal = (page) => fallIll(page, '')) {
  return async (page) => {
    await water(page);
    await fallIll(page, fault);
    await saveTest(page, '11');
    await says(page, sentence);
    await stillTyped(page, '11 mg/L');
    await page.getByRole('link', { name: 'Files' }).first().click();
    await page.getByRole('heading', { level: 1, name: 'Files' }).waitFor();
    await heal(page);
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
  };
}

/** Each fault of each store: what is said is true, what was typed stays, the rest works, and nothing that was saved is lost. */
const CASES = {
  'the database is full': failedWrite('database full', /no room left to write/),
  'the database is refused': async (page) => {
    await page.addInitScript(
      () => (globalThis.ill = sessionStorage.getItem('well') ? '' : 'database refused'),
    );
    await page.goto(`${page.base}/water?${TANK}`);
    await says(page, /does not let Lomvik store anything here/);
    await page.evaluate(() => sessionStorage.setItem('well', 'yes'));
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
  },
  'the database is silent': failedWrite('database silent', /storage does not answer/),
  'the database is cleared': async (page) => {
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
    await copyHolds(page, '11');
    await inDatabase(page, 'clear');
    await saveTest(page, '12');
    await says(page, 'Your room is no longer in this browser.');
    await stillTyped(page, '12 mg/L');
    await page.goto(`${page.base}/water?${TANK}`);
    await page.getByRole('button', { name: 'Put it back' }).click();
    await isSaved(page, '11');
  },
  'the database is deleted': async (page) => {
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
    await nitrate(page).fill('12');
    await copyHolds(page, '11');
    await deleteDatabase(page);
    await says(page, 'Your room is no longer in this browser.');
    await stillTyped(page, '12');
    await page.goto(`${page.base}/water?${TANK}`);
    await page.getByRole('button', { name: 'Put it back' }).click();
    await isSaved(page, '11');
  },
  'the database is upgraded under the page, and newer at the next opening': async (page) => {
    await water(page);
    await nitrate(page).fill('12');
    await inDatabase(page, 'upgrade');
    await says(page, /A newer Lomvik was opened in another tab/);
    await stillTyped(page, '12');
    const { entries } = await stored(page);
    await page.goto(`${page.base}/water?${TANK}`);
    await says(page, /A newer Lomvik has written this room/);
    if ((await stored(page)).entries.length !== entries.length) throw new Error('entries were touched');
  },
  'the database is damaged': async (page) => {
    await water(page);
    await saveTest(page, '11');
    await isSaved(page, '11');
    await leave(page);
    await inDatabase(page, 'damage');
    await page.goto(`${page.base}/`);
    await says(page, /2 records are set aside/);
    await water(page);
    await isSaved(page, '11');
    await saveTest(page, '12');
    await isSaved(page, '12');
  },
  'the second copy is full': illCopy('copy full'),
  'the second copy is silent': illCopy('copy silent'),
  'the second copy is refused': illCopy('copy refused'),
  'the second copy is cleared': illCopy('', { closed: (page) => inFiles(page, MIRROR, 'remove') }),
  'the second copy is cut off': illCopy('', {
    closed: (page) => inFiles(page, MIRROR, 'cut'),
  }),
  'the second copy is damaged': illCopy('', {
    closed: (page) => inFiles(page, MIRROR, 'scratch'),
  }),
  'the second copy is of a newer shape': illCopy('', {
    closed: (page) => inFiles(page, MIRROR, 'reshape'),
  }),
  'the folder is full': illFolder('folder full', 'The disk is full.'),
  'the folder is refused': illFolder('folder refused', 'The browser does not let Lomvik write there.'),
  'the folder is silent': illFolder('folder silent', 'The folder does not answer.'),
  'the copy is damaged': spoiltCopy('cut', /it ends early, at line/),
  'the copy is of a newer Lomvik': spoiltCopy('newer', /a newer Lomvik made this file/),
};

/** So many rooms at a time: most of it is waiting. */
const LANES = 4;

/** Each fault of each store, in a room of its own. `count` is how many there should be; `only` names some. */
export function stores(_seed, count = 0, only = Object.keys(CASES)) {
  return served(root, { LOMVIK_ROOM: 'own' }, async (base) => {
    const browser = await openBrowser();
    const wrong =
      only.length === count || count === 0 ? [] : [`there are ${only.length} faults, not ${count}`];
    try {
      const first = await browser.newContext({ locale: 'en-GB' });
      await ownRoomFromDemo(first, base);
      const storageState = await first.storageState({ indexedDB: true });
      await first.close();
      const waiting = [...only];
      const lane = async () => {
        for (let name = waiting.shift(); name !== undefined; name = waiting.shift()) {
          const context = await browser.newContext({ locale: 'en-GB', storageState });
          // A slow machine is no fault.
          context.setDefaultTimeout(120_000);
          await context.addInitScript(ILLNESS);
          await context.addInitScript((disk) => {
            Object.assign(window, {
              showDirectoryPicker: async () =>
                (await navigator.storage.getDirectory()).getDirectoryHandle(disk, { create: true }),
            });
          }, DISK);
          const page = await context.newPage();
          page.base = base;
          // Workers know nothing of scripts that are added to pages.
          page.on('worker', (worker) => void worker.evaluate(ILLNESS).catch(() => undefined));
          const thrown = [];
          page.on('pageerror', (error) => thrown.push(String(error)));
          await CASES[name](page).catch((error) =>
            wrong.push(`${name}: ${String(error.message).split('\n').slice(0, 4).join(' ')}`),
          );
          if (thrown.length > 0) wrong.push(`${name}: the page broke: ${thrown[0]}`);
          await context.close();
        }
      };
      await Promise.all(Array.from({ length: LANES }, lane));
    } finally {
      await browser.close();
    }
    return {
      ok: wrong.length === 0,
      said: wrong.join('\n') || `${only.length} faults of stores: nothing is lost`,
    };
  });
}
