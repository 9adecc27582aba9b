import { currentActor } from "../access/actor";
import { may } from "../access/rights";
import { problem } from "../api/problem";
import { addressInForce } from "../cards/card-addresses";
import type { Audience } from "./audience";
import { wallByAddress } from "./wall-address";

/** @param mayStill whether the address is still in force. */
type Answer = (sessionId: string, audience: Audience, mayStill: () => Promise<boolean>) => Promise<Response>;

const gone = () => problem(404, "There is nothing at this address, or it has been revoked.");

/** Answers whoever has the address of an athlete's card, with what is that athlete's. */
export async function cardAudience(token: string, answer: Answer): Promise<Response> {
  const card = await addressInForce(token);
  if (!card) return gone();
  const isInForce = async () => (await addressInForce(token)) !== null;
  return answer(card.sessionId, { kind: "athlete", id: card.athleteId }, isInForce);
}

/** Answers whoever has the address of a session's wall. */
export async function wallAudience(token: string, answer: Answer): Promise<Response> {
  const wall = await wallByAddress(token);
  if (!wall) return gone();
  const { sessionId, hasWeights, hasNames } = wall;
  const isInForce = async () => (await wallByAddress(token)) !== null;
  return answer(sessionId, { kind: "wall", hasWeights, hasNames }, isInForce);
}

/** What who runs a session may see of it: all of it only who also has its record. @param of as `currentActor`. */
export async function floorAudience(of?: Headers): Promise<Audience> {
  const actor = await currentActor(of);
  return { kind: may(actor?.role ?? null, "/session/[id]/record") ? "coach" : "assistant" };
}

/** Whether who runs a session may still hear what happens in it: they may have signed out, or their tablet been ended. */
export async function mayHearFloor(request: Request): Promise<boolean> {
  return may((await currentActor(request.headers))?.role ?? null, "GET /api/floor/[id]/stream");
}
