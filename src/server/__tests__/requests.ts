import { shippedCatalog } from "@/catalog";
import type { Catalog } from "@/core/catalog";

type Handle = (request: Request, catalog: Catalog) => Promise<Response>;

export const plates = [25, 20, 15, 10, 5, 2.5, 1.25].map((weight) => ({ weight, pairs: 2 }));
/** A back squat as a request names one. */
export const backSquat = {
  lift: "back-squat",
  working: { weight: 100, reps: 5, sets: 5 },
  implement: { kind: "barbell", weight: 20 },
  plates,
};

/** Asks a handler. */
export function post(handle: Handle, body: unknown) {
  const text = typeof body === "string" ? body : JSON.stringify(body);
  const headers = { "content-type": "application/json" };
  return handle(new Request("http://localhost/api", { method: "POST", headers, body: text }), shippedCatalog);
}

/** What a handler answers to a request that it refuses. */
export async function refusal(handle: Handle, body: unknown) {
  const response = await post(handle, body);
  expect(response.headers.get("content-type")).toBe("application/problem+json");
  return { status: response.status, ...(await response.json()) };
}

/** What POST /api/plan is asked for one athlete who squats. */
export const planOfSquat = {
  unit: "kg",
  lifts: [backSquat],
  minutes: 15,
  athlete: { bodyWeight: 80, experience: "intermediate", limiters: ["ankle-dorsiflexion"], areas: [] },
};
