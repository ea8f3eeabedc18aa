import { spawn } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { BROWSER_ARGS, served } from '../app.mjs';
import { root } from '../lib.mjs';
import { faultsOf, hear, ownRoomFromDemo, pressFish, stored } from './room.mjs';

const sleep = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A helper of a killed browser may still write there for a moment. */
const GONE_AT_LAST = { recursive: true, force: true, maxRetries: 10, retryDelay: 300 };

/** The port that a browser writes into a file once it listens. The file is there a moment before its first line is whole. */
async function portIn(file) {
  for (let tries = 0; tries < 900; tries += 1) {
    const [, port] = (existsSync(file) && /^(\d+)\n/.exec(readFileSync(file, 'utf8'))) || [];
    if (port) return port;
    await sleep(50);
  }
  throw new Error(`no browser has told its port in ${file}`);
}

/** A browser of its own process, with a profile that outlives it, so that it can be killed like a machine that loses power. */
async function startBrowser(profile) {
  const told = join(profile, 'DevToolsActivePort');
  rmSync(told, { force: true });
  const child = spawn(
    process.env.CHROMIUM ?? '/usr/bin/chromium',
    ['--headless', '--remote-debugging-port=0', `--user-data-dir=${profile}`, ...BROWSER_ARGS, 'about:blank'],
    { detached: true, stdio: 'ignore' },
  );
  const port = await portIn(told);
  const browser = await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
  return {
    context: browser.contexts()[0],
    kill: async () => {
      process.kill(-child.pid, 'SIGKILL');
      await new Promise((resolve) =>
        child.exitCode === null && !child.killed ? child.once('exit', resolve) : resolve(),
      );
      await browser.close().catch(() => undefined);
    },
  };
}

/** A seeded chance, so that a piece can be repeated as nearly as a race can. */
function chanceOf(seed) {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** Where the browser itself has lost its database: the room is offered back before anything else, and a press puts it back. */
async function isGivenBack(page) {
  const gone = page.getByRole('heading', { name: 'Your room is gone from this browser' });
  if (!(await gone.isVisible())) return false;
  await page.getByRole('button', { name: 'Put it back' }).click();
  await page.getByRole('heading', { name: 'Watch Skerry' }).waitFor();
  return true;
}

/** As often as this the database is taken away after a kill, as a browser does by itself once in some hundred. */
const TAKEN_EVERY = 3;

/**
 * Kills the browser while entries are written as fast as it can, opens the room again and holds it against what had been
 * acknowledged: nothing of that is missing and nothing is half. After every third kill the database is gone: then the room is put back from its
 * second copy first, and that may lack nothing either.
 */
export function kills(seed, count) {
  return served(root, { LOMVIK_ROOM: 'own' }, async (base) => {
    const chance = chanceOf(seed);
    const profile = mkdtempSync(join(tmpdir(), 'lomvik-kills-'));
    const acknowledged = new Set();
    const wrong = [];
    let givenBack = 0;
    const open = async (browser) => {
      const page = await browser.context.newPage();
      await hear(page, (ids) => ids.forEach((id) => acknowledged.add(id)));
      await page.goto(`${base}/watch?tank=demo-skerry`);
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      return page;
    };
    try {
      let browser = await startBrowser(profile);
      await ownRoomFromDemo(browser.context, base);
      for (let i = 0; i < count && wrong.length === 0; i += 1) {
        const page = await open(browser);
        await page.getByRole('group', { name: 'Fish' }).waitFor();
        const before = acknowledged.size;
        await pressFish(page);
        // A busy machine takes seconds to the first entry; a kill before it would try nothing.
        for (let tries = 0; acknowledged.size === before && tries < 600; tries += 1) await sleep(50);
        await sleep(chance() * 1300);
        await browser.kill();
        if (i % TAKEN_EVERY === TAKEN_EVERY - 1) rmSync(join(profile, 'Default', 'IndexedDB'), GONE_AT_LAST);
        browser = await startBrowser(profile);
        const again = await open(browser);
        const fromCopy = await isGivenBack(again);
        if (fromCopy) givenBack += 1;
        const at = `kill ${i + 1}${fromCopy ? ', given back from the second copy' : ''}`;
        const title = await again.getByRole('heading', { level: 1 }).first().textContent();
        if (title !== 'Watch Skerry') wrong.push(`${at}: the room opened with “${title}”`);
        wrong.push(...faultsOf(await stored(again), acknowledged).map((fault) => `${at}: ${fault}`));
        await again.close();
      }
      await browser.kill();
    } finally {
      try {
        rmSync(profile, GONE_AT_LAST);
      } catch {
        // A helper of the killed browser may still write there: that is no fault of the room.
      }
    }
    return {
      givenBack,
      ok: wrong.length === 0 && acknowledged.size > 0,
      said:
        wrong.join('\n') ||
        `${acknowledged.size} entries were acknowledged, none is missing; the browser lost its database ${givenBack} times, and the room was given back whole`,
    };
  });
}
