import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { RAISE_LIMITS, type Raise, raisedWeight } from "@/core/strength";
import { counted, type UnitSystem, type Weight } from "@/core/units";
import { applyImport } from "@/data/import-rows";
import { keepUndoable } from "@/data/undoables";
import { memoize } from "@/lib/memoize";
import { loadedLiftField, whole } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { athleteRecords } from "./athlete-record";

const byField = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("steps"), steps: whole(...RAISE_LIMITS.steps) }),
  z.strictObject({
    kind: z.literal("percent"),
    percent: z
      .number({ error: "Give a number of per cent." })
      .min(RAISE_LIMITS.percent[0], `Must be at least ${RAISE_LIMITS.percent[0]}.`)
      .max(RAISE_LIMITS.percent[1], `Must be at most ${RAISE_LIMITS.percent[1]}.`),
  }),
]);

export const raiseWeightsSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    athleteIds: z.array(z.string().max(100)).min(1, "Choose somebody.").max(1000),
    lifts: z.array(loadedLiftField(catalog)).min(1, "Choose a lift.").max(40),
    by: byField satisfies z.ZodType<Raise>,
  }),
);
type RaiseRequest = z.output<ReturnType<typeof raiseWeightsSchema>>;

/** Somebody with the newest working weight of each lift. */
export interface WeightsOf {
  id: string;
  name: string;
  unit: UnitSystem;
  weights: { lift: string; weight: Weight }[];
}

/** The newest working weights of some athletes, in their order. */
export async function workingWeightsOf(athleteIds: readonly string[]): Promise<WeightsOf[]> {
  const recordOf = await athleteRecords(athleteIds, today());
  return athleteIds
    .flatMap((id) => recordOf(id)?.athlete ?? [])
    .map(({ id, name, unit, workingWeights }) => ({
      ...{ id, name, unit },
      weights: workingWeights.map(({ lift, weight }) => ({ lift, weight })),
    }));
}

/** Raises the working weights of several athletes from today on; what they were stays in their history. */
export async function raiseWeights(
  request: RaiseRequest,
): Promise<{ kind: "raised"; what: string; token: string } | Refused> {
  const { athleteIds, lifts, by } = request;
  const recordOf = await athleteRecords(athleteIds, today());
  const rows = athleteIds
    .flatMap((id) => recordOf(id)?.athlete ?? [])
    .flatMap(({ id: athleteId, unit, workingWeights }) =>
      workingWeights
        .filter((w) => lifts.includes(w.lift))
        .flatMap(({ lift, sets, reps, rir, weight: from }) => {
          const weight = raisedWeight(from, unit, by);
          return weight === null ? [] : [{ athleteId, lift, sets, reps, rir, weight }];
        }),
    );
  if (rows.length === 0) return refuse("None of them has a working weight of this lift.");
  const ids = [...new Set(rows.map((r) => r.athleteId))];
  const before = await applyImport({
    ...{ groups: [], added: [], limiters: [], areas: [] },
    changed: ids.map((id) => ({ id, to: {} })),
    weights: rows.map((r) => ({ ...r, day: today(), kind: "working" as const, source: "coach" as const })),
  });
  const what = `${counted(rows.length, "working weight")} of ${counted(ids.length, "athlete")} changed`;
  return { kind: "raised", what, token: await keepUndoable("athletes", what, before) };
}
