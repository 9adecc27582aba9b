import type { Catalog } from "@/core/catalog";
import { adjustResponse } from "@/server/api/adjust";
import { planResponse } from "@/server/api/plan";
import { rackResponse } from "@/server/api/rack";
import { rampResponse } from "@/server/api/ramp";
import { reviewResponse } from "@/server/api/review";

/** What works out the answers of the open interface. */
export const ANSWERS = {
  adjust: adjustResponse,
  plan: planResponse,
  rack: rackResponse,
  ramp: rampResponse,
  review: reviewResponse,
} satisfies Record<string, (request: Request, catalog: Catalog) => Promise<Response>>;

/** A request of the open interface, as it goes to a thread. */
export interface Asked {
  of: keyof typeof ANSWERS;
  body: string;
  contentType: string;
}

/** An answer, as it comes from a thread. */
export interface Answered {
  status: number;
  contentType: string;
  body: string;
}

/** Works an answer out. */
export async function answer({ of, body, contentType }: Asked, catalog: Catalog): Promise<Answered> {
  const headers = { "content-type": contentType };
  const request = new Request("http://thread/", { method: "POST", headers, body });
  const response = await ANSWERS[of](request, catalog);
  return {
    status: response.status,
    contentType: response.headers.get("content-type") ?? "text/plain",
    body: await response.text(),
  };
}
