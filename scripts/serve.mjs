import { parseArgs } from 'node:util';
import { buildApp } from './build.mjs';
import { ensureInstalled, fail, freePort, isFree, keep, say } from './lib.mjs';

const DEFAULT_PORT = 4173;
const { values } = parseArgs({ options: { room: { type: 'string', default: 'own' } } });
const wanted =
  process.env.PORT === undefined || process.env.PORT === '' ? DEFAULT_PORT : Number(process.env.PORT);
if (!Number.isInteger(wanted) || wanted < 1 || wanted > 65535)
  fail(`PORT: expected a number from 1 to 65535, found "${process.env.PORT}".`);

// A room belongs to its address: at another port the keeper would find an empty one.
if (values.room === 'own' && !(await isFree(wanted)))
  fail(
    `port ${wanted} is in use. If Lomvik runs already, it is at http://127.0.0.1:${wanted}. Your room belongs to that address: another port has a room of its own. To choose one all the same: PORT=${wanted + 1} npm start`,
  );

say(
  values.room === 'demo'
    ? 'demo: installs what is missing, builds, and serves the made-up room'
    : 'start: installs what is missing, builds, and serves your own room',
);
ensureInstalled();
await buildApp();
const port = await freePort(wanted);
keep(process.execPath, ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(port)], {
  stdio: ['ignore', 'ignore', 'inherit'],
  env: { ...process.env, LOMVIK_ROOM: values.room, NEXT_TELEMETRY_DISABLED: '1' },
});

// The address is printed only once the page can be read.
const address = `http://127.0.0.1:${port}`;
for (let tries = 0; tries < 150; tries += 1) {
  const up = await fetch(`${address}/start`).then(
    (answer) => answer.ok,
    () => false,
  );
  if (up) {
    process.stdout.write(`Lomvik is at ${address}\n`);
    break;
  }
  await new Promise((resolve) => setTimeout(resolve, 200));
}
