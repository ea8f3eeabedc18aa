import { createHash } from 'node:crypto';
import { existsSync, readFileSync, readdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, fail, newest, root, runBin, say } from './lib.mjs';

const stamp = join(root, '.next', 'lomvik-built');
const sources = [
  'src',
  'package.json',
  'package-lock.json',
  'next.config.ts',
  'postcss.config.mjs',
  'tsconfig.json',
  'scripts/build.mjs',
].map((path) => join(root, path));

/** Files below a folder, as paths from it. */
const filesIn = (folder, below = '') =>
  readdirSync(join(folder, below), { withFileTypes: true }).flatMap((item) =>
    item.isDirectory() ? filesIn(folder, join(below, item.name)) : [join(below, item.name)],
  );

/** Bundles the service worker with the names of this build's pages and assets. */
async function buildOffline() {
  const { build } = await import('esbuild');
  const app = join(root, '.next');
  const pages = Object.keys(
    JSON.parse(readFileSync(join(app, 'prerender-manifest.json'), 'utf8')).routes,
  ).filter((path) => !path.startsWith('/_') && !path.includes('.'));
  const assets = filesIn(join(app, 'static'))
    .filter((path) => /\.(js|css|woff2)$/.test(path))
    .map((path) => `/_next/static/${path}`);
  await build({
    entryPoints: [join(root, 'src/offline/worker.ts')],
    outfile: join(root, 'public', 'sw.js'),
    bundle: true,
    minify: true,
    target: 'es2022',
    logLevel: 'warning',
    define: {
      LOMVIK_BUILD: JSON.stringify(readFileSync(join(app, 'BUILD_ID'), 'utf8').trim()),
      LOMVIK_PAGES: JSON.stringify(pages),
      LOMVIK_ASSETS: JSON.stringify(assets),
    },
  });
}

/** Writes the hashes of the scripts within each page of this build, for the policy that its answers carry. */
function hashScripts() {
  const pages = join(root, '.next', 'server', 'app');
  const hashes = Object.fromEntries(
    filesIn(pages)
      .filter((path) => path.endsWith('.html'))
      .map((path) => {
        const inside = readFileSync(join(pages, path), 'utf8').matchAll(
          /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g,
        );
        const address = `/${path.replace(/\.html$/, '').replace(/^index$/, '')}`;
        return [
          address,
          [...inside].map(([, script]) => createHash('sha256').update(script).digest('base64')),
        ];
      }),
  );
  writeFileSync(join(root, '.next', 'lomvik-scripts.json'), JSON.stringify(hashes));
}

/** Builds the app when a source is newer than the last build. */
export async function buildApp() {
  const built = existsSync(join(root, '.next', 'BUILD_ID')) ? newest(stamp) : 0;
  if (built > 0 && sources.every((path) => newest(path) <= built)) return;
  say('building the app (about half a minute)');
  const started = Date.now();
  if (
    runBin('next', ['build'], {
      stdio: ['ignore', 2, 2],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' },
    }) !== 0
  )
    fail('the build failed; what went wrong stands above.');
  hashScripts();
  await buildOffline();
  writeFileSync(stamp, `${started}\n`);
}

if (process.argv[1]?.endsWith('build.mjs')) {
  ensureInstalled();
  await buildApp();
}
