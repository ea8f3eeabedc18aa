import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { root, runBin } from '../scripts/lib.mjs';

/** Bytes, gzipped, of the scripts that a prerendered page asks for at once. */
function scriptBytes(app, page) {
  const html = readFileSync(join(app, '.next', 'server', 'app', page), 'utf8');
  const sources = new Set(
    [...html.matchAll(/<script[^>]+src="(\/_next\/[^"]+)"/g)]
      .filter(([tag]) => !tag.includes('noModule'))
      .map(([, src]) => src.split('?')[0]),
  );
  let bytes = 0;
  for (const src of sources)
    bytes += gzipSync(
      readFileSync(join(app, '.next', decodeURIComponent(src.replace('/_next/', '')))),
    ).length;
  return bytes;
}

/** First-load JavaScript of the room against an empty page of the same framework. */
export function firstLoad() {
  const empty = join(root, 'bench', 'empty');
  runBin('next', ['build', empty], { stdio: ['ignore', 'ignore', 'inherit'] });
  const emptyBytes = scriptBytes(empty, 'index.html');
  const pages = Object.fromEntries(
    ['index', 'stock', 'watch', 'hierarchy'].map((page) => [page, scriptBytes(root, `${page}.html`)]),
  );
  return { emptyBytes, pages, ratio: Number((pages.index / emptyBytes).toFixed(2)), aim: 'under 1.45' };
}
