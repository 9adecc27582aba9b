/** The answer to a read of /data: the value as JSON that is not to be kept, or 404 where there is none. */
export function dataResponse(value: unknown): Response {
  return Response.json(value, {
    status: value === null ? 404 : 200,
    headers: { "cache-control": "no-store" },
  });
}
