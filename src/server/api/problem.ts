import type { z } from "zod";
import type { UnloadableWeight } from "@/core/ramp";
import { type UnitSystem, type Weight, weightValue } from "@/core/units";

/** Largest request body taken. Bytes. */
const MOST_BYTES = 1024 * 1024;

/** The most errors that an answer names, and letters of a field that is none. */
const MOST_ERRORS = 20;
const MOST_LETTERS = 100;

/** A refusal as application/problem+json. */
export function problem(status: number, title: string, more: Record<string, unknown> = {}): Response {
  return new Response(JSON.stringify({ type: "about:blank", title, status, ...more }), {
    status,
    headers: { "content-type": "application/problem+json" },
  });
}

/** A working weight that cannot be loaded, with the nearest that can, in the request's unit. */
export function unloadable(path: string, unit: UnitSystem, nearest: UnloadableWeight): Response {
  const value = (w: Weight | null) => (w === null ? null : weightValue(w));
  const { lower, upper } = nearest;
  const options = [lower, upper].filter((w) => w !== null).map((w) => `${weightValue(w)} ${unit}`);
  const message = `What there is does not make this weight. Nearest: ${options.join(" and ")}.`;
  return problem(422, "The working weight cannot be loaded.", {
    errors: [{ path, message }],
    nearest: { lower: value(lower), upper: value(upper) },
  });
}

/**
 * Reads a JSON body of at most 1 MB and checks it. A body that is larger, not said to be JSON, no JSON or not as the schema has it
 * gives the response that says so instead.
 */
export async function readBody<S extends z.ZodType>(
  request: Request,
  schema: S,
): Promise<{ body: z.output<S> } | { refusal: Response }> {
  if (!/^application\/json\b/i.test(request.headers.get("content-type") ?? "")) {
    const errors = [{ path: "", message: "Send it as content-type: application/json." }];
    return { refusal: problem(415, "The body is not said to be JSON.", { errors }) };
  }
  const text = await readText(request);
  if (text === null) return { refusal: tooLarge() };
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    const errors = [{ path: "", message: "The body is not JSON." }];
    return { refusal: problem(400, "The request is not valid.", { errors }) };
  }
  const parsed = schema.safeParse(json);
  if (parsed.success) return { body: parsed.data };
  const errors = parsed.error.issues
    .slice(0, MOST_ERRORS)
    .flatMap((issue) => {
      const path = issue.path.join(".");
      if (issue.code !== "unrecognized_keys") return [{ path, message: issue.message }];
      return issue.keys.map((key) => ({
        path: [...issue.path, key.slice(0, MOST_LETTERS)].join("."),
        message: "There is no such field.",
      }));
    })
    .slice(0, MOST_ERRORS);
  return { refusal: problem(400, "The request is not valid.", { errors }) };
}

/** The answer to a body that is too large. */
export function tooLarge(): Response {
  return problem(413, "The body is over 1 MB.", { errors: [{ path: "", message: "Send at most 1 MB." }] });
}

/** The body as text, or null as soon as it turns out to be too large. */
export async function readText(request: Request): Promise<string | null> {
  if (Number(request.headers.get("content-length") ?? 0) > MOST_BYTES) return null;
  if (!request.body) return "";
  const chunks: Uint8Array[] = [];
  let bytes = 0;
  for await (const chunk of request.body as unknown as AsyncIterable<Uint8Array>) {
    bytes += chunk.byteLength;
    if (bytes > MOST_BYTES) return null;
    chunks.push(chunk);
  }
  return Buffer.concat(chunks).toString("utf8");
}
