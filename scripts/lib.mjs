import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readdirSync, statSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
export const say = (text) => process.stderr.write(`lomvik: ${text}\n`);

export function fail(text) {
  say(text);
  process.exit(1);
}

/** Runs a program of node_modules or the system, in the project's folder; ends this script when it fails. */
export function run(command, args, options = {}) {
  const done = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (done.error) fail(`${command} could not be started: ${done.error.message}`);
  return done.status ?? 1;
}

const bin = (name) => join(root, 'node_modules', '.bin', name);
export const runBin = (name, args, options) => run(bin(name), args, options);

/** The same beside others: its output comes in one piece when it ends. */
export const runBeside = (name, args) =>
  new Promise((resolve) => {
    const child = spawn(bin(name), args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
    const said = [];
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (piece) => said.push(piece));
    child.on('error', (error) => fail(`${name} could not be started: ${error.message}`));
    child.on('close', (code) => {
      process.stderr.write(Buffer.concat(said));
      resolve(code ?? 1);
    });
  });

/** Installs from the lock file when anything the scripts need is missing. */
export function ensureInstalled() {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) fail(`Node 20 or newer is needed, this is ${process.versions.node}.`);
  const needed = ['next', 'esbuild', 'jest', 'typescript', '@playwright/test'];
  if (needed.every((name) => existsSync(join(root, 'node_modules', name, 'package.json')))) return;
  say('installing packages from the lock file (one to two minutes the first time)');
  const status = run('npm', ['ci', '--include=dev', '--ignore-scripts', '--no-audit', '--no-fund'], {
    stdio: ['ignore', 2, 2],
  });
  if (status !== 0)
    fail('npm ci failed. Check that the package registry can be reached, then run this again.');
}

export function newest(path) {
  const stat = statSync(path, { throwIfNoEntry: false });
  if (!stat) return 0;
  if (!stat.isDirectory()) return stat.mtimeMs;
  return Math.max(stat.mtimeMs, ...readdirSync(path).map((name) => newest(join(path, name))));
}

export function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/** The first free port from `first` on. */
export async function freePort(first) {
  for (let port = first; port <= 65535; port += 1) if (await isFree(port)) return port;
  return fail(`no port from ${first} on is free.`);
}

/** Starts a program that this script ends when it is ended itself. */
export function keep(command, args, options) {
  const child = spawn(command, args, { cwd: root, stdio: 'inherit', ...options });
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => child.kill('SIGTERM'));
  child.on('exit', (code) => process.exit(code ?? 0));
  return child;
}
