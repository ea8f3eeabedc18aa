import { spawn } from 'node:child_process';
import { chromium } from '@playwright/test';
import { freePort, root } from './lib.mjs';

const ARGS = [
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
    args: ARGS,
  });

/** Serves the built app on a free port and opens a browser, for as long as `work` takes. */
export async function withApp(room, work) {
  const port = await freePort(4491);
  const server = spawn(
    process.execPath,
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)],
    {
      cwd: root,
      stdio: 'ignore',
      env: { ...process.env, LOMVIK_ROOM: room, NEXT_TELEMETRY_DISABLED: '1' },
    },
  );
  const base = `http://127.0.0.1:${port}`;
  let browser;
  try {
    for (let tries = 0; tries < 100; tries += 1) {
      if (
        await fetch(`${base}/start`).then(
          (answer) => answer.ok,
          () => false,
        )
      )
        break;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    browser = await openBrowser();
    return await work(browser, base);
  } finally {
    await browser?.close();
    server.kill('SIGTERM');
  }
}
