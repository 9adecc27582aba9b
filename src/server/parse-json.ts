/** Stored or sent JSON; undefined where it is none. */
export function parseJson(json: string): unknown {
  try {
    return JSON.parse(json);
  } catch {
    return undefined;
  }
}
