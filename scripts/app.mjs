import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { freePort, root } from './lib.mjs';

/** Flags of a browser without a window on a machine that reaches nothing else. */
export const BROWSER_ARGS = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--no-first-run',
  '--disable-dev-shm-usage',
];

/** A browser without a window. */
export const openBrowser = () =>
  chromium.launch({
    executablePath: process.env.CHROMIUM ?? '/usr/bin/chromium',
    args: BROWSER_ARGS,
  });

/** Serves a built app on a free port of this machine for as long as `work` takes. */
export async function served(folder, env, work) {
  const port = await freePort(4491);
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', folder, '-H', '127.0.0.1', '-p', String(port)],
    { cwd: root, stdio: 'ignore', env: { ...process.env, ...env, NEXT_TELEMETRY_DISABLED: '1' } },
  );
  const base = `http://127.0.0.1:${port}`;
  try {
    for (let tries = 0; tries < 100; tries += 1) {
      if (
        await fetch(base).then(
          (answer) => answer.ok,
          () => false,
        )
      )
        break;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    return await work(base);
  } finally {
    server.kill('SIGTERM');
  }
}

/** Serves the built app and opens a browser, for as long as `work` takes. */
export const withApp = (room, work) =>
  served(root, { LOMVIK_ROOM: room }, async (base) => {
    const browser = await openBrowser();
    try {
      return await work(browser, base);
    } finally {
      await browser.close();
    }
  });
