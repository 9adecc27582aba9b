import { fieldOf } from "@/lib/field-of";
import { pairDeviceSchema, takePairing, waitBeforeCode } from "../access/devices";
import { problem, readBody } from "./problem";

/** Lets a program in by a code that Access shows: it gets a token, to be sent as `authorization: Bearer …`. */
export async function postPair(request: Request): Promise<Response> {
  const read = await readBody(request, pairDeviceSchema);
  if ("refusal" in read) return read.refusal;
  const outcome = await takePairing(read.body);
  if (outcome.kind === "waits") {
    const answer = problem(429, waitBeforeCode(outcome.milliseconds));
    answer.headers.set("retry-after", String(Math.ceil(outcome.milliseconds / 1000)));
    return answer;
  }
  if (outcome.kind === "refused") {
    const { field, text: message } = fieldOf(outcome.message, ["code"]);
    return problem(400, "The request is not valid.", { errors: [{ path: field ?? "", message }] });
  }
  const { secret: token, role } = outcome;
  return Response.json({ token, role }, { status: 201, headers: { "cache-control": "no-store" } });
}
