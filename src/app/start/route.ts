export const dynamic = 'force-dynamic';

/** Which room a browser that has not chosen yet opens: `demo` under `npm run demo`. */
export function GET(): Response {
  return Response.json({ room: process.env.LOMVIK_ROOM === 'demo' ? 'demo' : 'own' });
}
