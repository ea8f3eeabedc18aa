import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { type NextRequest, NextResponse } from 'next/server';
import { contentPolicy, HEADERS, hashesAt, isLoopback, type ScriptHashes } from './door/door';

/** Written after the build; nothing where the app is developed, and then nothing is held to it. */
function builtScripts(): ScriptHashes | null {
  if (process.env.NODE_ENV !== 'production') return null;
  return JSON.parse(
    readFileSync(join(process.cwd(), '.next', 'lomvik-scripts.json'), 'utf8'),
  ) as ScriptHashes;
}
const SCRIPTS = builtScripts();

/** Stands before every answer: to whom it is given, and what a browser may do with it. */
export function proxy(request: NextRequest): NextResponse {
  const host = request.headers.get('host');
  const answer = isLoopback(host)
    ? NextResponse.next()
    : new NextResponse('Lomvik answers to localhost and 127.0.0.1 only.\n', { status: 421 });
  for (const [name, value] of Object.entries(HEADERS)) answer.headers.set(name, value);
  if (SCRIPTS !== null)
    answer.headers.set('Content-Security-Policy', contentPolicy(hashesAt(SCRIPTS, request.nextUrl.pathname)));
  return answer;
}
