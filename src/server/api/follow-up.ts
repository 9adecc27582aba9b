import { addressInForce } from "../cards/card-addresses";
import { answerFollowUp, phoneAnswerSchema } from "../follow-ups/follow-ups";
import { problem, readBody } from "./problem";

/** Stores what an athlete answers on the phone about what hurt in a session. */
export async function answerByCard(token: string, request: Request): Promise<Response> {
  const card = await addressInForce(token);
  if (!card) return problem(404, "There is nothing at this address, or it has been revoked.");
  const read = await readBody(request, phoneAnswerSchema);
  if ("refusal" in read) return read.refusal;
  const { sessionId, athleteId } = card;
  const outcome = await answerFollowUp({ sessionId, athleteId, ...read.body }, "athlete");
  if (outcome.kind === "refused") return problem(409, outcome.message);
  return Response.json({ kind: "answered" });
}
