/** Something was shared before the app could take it without its server: nothing is read here, and the keeper is told. */
export function POST(request: Request): Response {
  return Response.redirect(new URL('/files?shared=late', request.url), 303);
}
