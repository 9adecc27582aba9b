import { mostRampReps, restAfter } from "../ramp";
import { type Found, loadableOf, type ReviewContext, type WrittenWarmUp, writtenSet } from "../review";
import { formatWeightWithUnit, type Weight } from "../units";
import type { Remedy } from "./types";

/** What may remove a finding about a ramp set, the best first. */
export function setRemedies(
  context: ReviewContext,
  written: WrittenWarmUp,
  found: Found,
  lift: number,
  set: number,
): Remedy[] {
  const { request } = context;
  const { working, lightUnder } = request.lifts[lift]!;
  const loaded = { working: working!, lightUnder };
  const sets = written.ramps[lift]!;
  const W = working!.weight;
  const loadable = loadableOf(context, lift)!;
  const below = sets[set - 1]?.weight ?? 0;
  const above = sets[set + 1]?.weight ?? W;
  const free = loadable.filter((w) => w > below && w < above);
  const say = (w: number) => formatWeightWithUnit(w as Weight, request.unit);
  const ours = context.ramps[lift];
  const replace: Remedy[] = ours
    ? [
        {
          label: "Recalculate this ramp",
          changes: [{ kind: "replace-ramp", lift, sets: ours.sets.map(writtenSet) }],
        },
      ]
    : [];
  const changeSet = (label: string, to: (typeof sets)[number] | object): Remedy => ({
    label,
    changes: [{ kind: "change-set", lift, set, to }],
  });
  const without: Remedy = {
    label: `Leave ${say(sets[set]!.weight)} out`,
    changes: [{ kind: "replace-ramp", lift, sets: sets.toSpliced(set, 1) }],
  };
  switch (found.code) {
    case "weight-not-loadable": {
      const at = sets[set]!.weight;
      const nearest = [free.findLast((w) => w < at), free.find((w) => w > at)].filter((w) => w !== undefined);
      return [...nearest.map((w) => changeSet(`Load ${say(w)}`, { weight: w })), without, ...replace];
    }
    case "weights-not-rising":
      return [without, ...replace];
    case "jump-too-large": {
      const middle = free
        .filter((w) => w > sets[set]!.weight)
        .sort(
          (a, b) =>
            Math.abs(a - (sets[set]!.weight + above) / 2) - Math.abs(b - (sets[set]!.weight + above) / 2),
        )[0];
      const between: Remedy[] =
        middle === undefined
          ? []
          : [
              {
                label: `Add a set at ${say(middle)}`,
                changes: [
                  {
                    kind: "replace-ramp",
                    lift,
                    sets: sets.toSpliced(set + 1, 0, {
                      weight: middle,
                      reps: Math.min(sets[set]!.reps, 2),
                      restSeconds: restAfter(middle, false, loaded),
                    }),
                  },
                ],
              },
            ];
      const higher = free.findLast((w) => w > sets[set]!.weight);
      const raise = higher === undefined ? [] : [changeSet(`Load ${say(higher)}`, { weight: higher })];
      return [...between, ...raise, ...replace];
    }
    case "ramp-tiring": {
      const most = mostRampReps(working!.reps);
      const total = sets.reduce((sum, s) => sum + s.reps, 0);
      const fewer = sets[set]!.reps - (total - most.total);
      return [
        ...(fewer >= 1
          ? [changeSet(`${fewer} repetitions at ${say(sets[set]!.weight)}`, { reps: fewer })]
          : []),
        ...replace,
        without,
      ];
    }
    case "heavy-without-rest": {
      const wanted = restAfter(sets[set]!.weight, set === sets.length - 1, loaded);
      return [changeSet(`Rest ${wanted} s`, { restSeconds: wanted }), ...replace];
    }
    default:
      return [];
  }
}
