import { currentActor } from "../access/actor";
import { problem } from "../api/problem";
import { addressInForce } from "../cards/card-addresses";
import type { Audience } from "./audience";
import { wallByAddress } from "./wall-address";

type Answer = (sessionId: string, audience: Audience) => Promise<Response>;

const gone = () => problem(404, "There is nothing at this address, or it has been revoked.");

/** Answers whoever has the address of an athlete's card, with what is that athlete's. */
export async function cardAudience(token: string, answer: Answer): Promise<Response> {
  const card = await addressInForce(token);
  return card ? answer(card.sessionId, { kind: "athlete", id: card.athleteId }) : gone();
}

/** Answers whoever has the address of a session's wall. */
export async function wallAudience(token: string, answer: Answer): Promise<Response> {
  const wall = await wallByAddress(token);
  if (!wall) return gone();
  const { sessionId, hasWeights, hasNames } = wall;
  return answer(sessionId, { kind: "wall", hasWeights, hasNames });
}

/** What who runs a session may see of it. */
export async function floorAudience(request: Request): Promise<Audience> {
  const actor = await currentActor(request.headers);
  return { kind: actor?.role === "assistant" ? "assistant" : "coach" };
}
