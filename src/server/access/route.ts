import { problem } from "../api/problem";
import { sayingTrouble } from "../trouble-response";
import { currentActor } from "./actor";
import { may, NOT_ALLOWED, NOT_SIGNED_IN, type UseCase } from "./rights";

type RouteName = Extract<UseCase, `GET ${string}` | `POST ${string}`>;

/** A route that only who may can call, and that says what is wrong with the database where that is why it fails. */
export function route<A extends unknown[]>(
  what: RouteName,
  answer: (request: Request, ...of: A) => Promise<Response>,
): (request: Request, ...of: A) => Promise<Response> {
  return sayingTrouble(async (request: Request, ...of: A) => {
    const actor = await currentActor(request.headers);
    if (may(actor?.role ?? null, what)) return answer(request, ...of);
    return actor ? problem(403, NOT_ALLOWED) : problem(401, NOT_SIGNED_IN);
  });
}
