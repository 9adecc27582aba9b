import { fail, ok, type Result } from "@/lib/result";
import { parseOfMaximum } from "../strength";
import { formatWeightWithUnit, parseWeight, type UnitSystem, type Weight, weightStep } from "../units";
import type { SessionLoad } from "./session";

/** Reads how a working weight is said for everybody: "100", "80 %", "85 % TM", "RIR 2", "RPE 8". */
export function parseLoad(text: string): Result<SessionLoad, string> {
  const ofMaximum = parseOfMaximum(text);
  if (ofMaximum) return ofMaximum;
  const weight = parseWeight(text);
  return weight.ok
    ? ok({ kind: "weight", weight: weight.value })
    : fail("Give a weight such as 80, a share such as 75 %, or reps in reserve such as RIR 2.");
}

/** The same in words, as it can be read again. */
export function formatLoad(load: SessionLoad, unit: UnitSystem): string {
  if (load.kind === "weight") return formatWeightWithUnit(load.weight, unit);
  if (load.kind === "reserve") return Number.isInteger(load.rir) ? `RIR ${load.rir}` : `RPE ${10 - load.rir}`;
  return `${load.percent} %${load.of === "training-max" ? " TM" : ""}`;
}

/** Steps of a load that is no weight: per cent, repetitions in reserve. */
const STEPS = { percent: 2.5, rir: 1 };

/** The load one step heavier (1) or lighter (−1); null where there is none. */
export function stepLoad(load: SessionLoad, direction: 1 | -1, unit: UnitSystem): SessionLoad | null {
  if (load.kind === "weight") {
    const weight = load.weight + direction * weightStep(unit);
    return weight > 0 ? { ...load, weight: weight as Weight } : null;
  }
  if (load.kind === "percent") {
    const percent = load.percent + direction * STEPS.percent;
    return percent >= 10 && percent <= 120 ? { ...load, percent } : null;
  }
  const rir = load.rir - direction * STEPS.rir;
  return rir >= 0 && rir <= 10 ? { ...load, rir } : null;
}
