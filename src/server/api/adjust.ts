import type { Catalog } from "@/core/catalog";
import { isBarKit, type LoadKit } from "@/core/plates";
import { adjustRamp, changeWorking, type DoneSet, usualPlates } from "@/core/ramp";
import { type Weight, weightValue } from "@/core/units";
import { adjustRequestSchema } from "../schemas/adjust-api";
import { problem, readBody } from "./problem";
import { rampJson, refuseWeight, toRampRequest } from "./ramp";

/** A done set with its plates, or what is wrong with it: the field and a sentence. */
function checkDone(
  kit: LoadKit,
  { weight, reps, perSide }: { weight: Weight; reps: number; perSide?: Weight[] },
): DoneSet | { field: string; message: string } {
  if (perSide === undefined || !isBarKit(kit)) {
    const plates = usualPlates(kit, weight);
    return plates
      ? { weight, reps, perSide: plates }
      : { field: "weight", message: "What there is does not make this weight." };
  }
  const sum = kit.empty + 2 * perSide.reduce((total, plate) => total + plate, 0);
  const isShort = kit.plates.some((p) => perSide.filter((plate) => plate === p.weight).length > p.pairs);
  const isUnknown = perSide.some((plate) => !kit.plates.some((p) => p.weight === plate));
  const rises = perSide.some((plate, i) => i > 0 && plate > perSide[i - 1]!);
  const message =
    isUnknown || isShort
      ? "These plates are not among those there are."
      : rises
        ? "Give the plates from the inside out: heavier ones sit inside."
        : sum !== weight
          ? `With the bar these plates make ${weightValue(sum as Weight)}.`
          : null;
  return message === null ? { weight, reps, perSide } : { field: "perSide", message };
}

/** POST /api/adjust: a ramp planned anew from what has been done. */
export async function adjustResponse(request: Request, catalog: Catalog): Promise<Response> {
  const read = await readBody(request, adjustRequestSchema(catalog));
  if ("refusal" in read) return read.refusal;
  const { body } = read;
  const refusal = refuseWeight(body, body.unit, "working.weight");
  if (refusal) return refusal;
  const invalid = (path: string, message: string) =>
    problem(400, "The request is not valid.", { errors: [{ path, message }] });

  const asked = toRampRequest(body, body.unit, catalog);
  const done: DoneSet[] = [];
  for (const [i, set] of body.done.entries()) {
    const checked = checkDone(asked.kit, set);
    if ("message" in checked) return invalid(`done.${i}.${checked.field}`, checked.message);
    done.push(checked);
  }
  const changed = body.change
    ? changeWorking(asked.kit, asked.working, body.change)
    : { working: asked.working, exact: asked.working.weight };
  if (!changed)
    return invalid("change", "Nothing so light can be loaded: leave the lift out, or change less.");
  const ramp = adjustRamp({
    request: { ...asked, working: changed.working },
    done,
    secondsLeft: body.secondsLeft,
  });
  return Response.json({
    ...rampJson(ramp),
    done: done.length,
    workingReps: changed.working.reps,
    exactWeight: Number((changed.exact / 1000).toFixed(3)),
  });
}
