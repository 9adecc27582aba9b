import {
  adjustRamp,
  changeWorking,
  type DoneSet,
  describeLoad,
  LARGE_JUMP_SHARE,
  type Ramp,
  type RampRequest,
} from "../ramp";
import { formatWeightWithUnit, type UnitSystem } from "../units";
import type { CheckAnswer, Pain } from "./floor-event";
import type { FloorLift, FloorSet } from "./floor-plan";
import type { DoneFloorSet } from "./fold-events";

/** Pain of so much stops the lift, whatever else. */
const STOPPING_PAIN = 4;

/** Whether a pain has the lift stopped: strong, sharp, or with numbness, giving way or swelling. */
export function stopsLift({ level, quality, signs }: Pick<Pain, "level" | "quality" | "signs">): boolean {
  return level >= STOPPING_PAIN || quality === "sharp" || signs.length > 0;
}

/** What may be done after the check; the coach takes one or none. */
export interface CheckOffer {
  id: string;
  /** What it is, as "One step fewer". */
  title: string;
  /** What the ramp becomes. */
  sets: readonly FloorSet[];
  working: FloorSet & { sets: number };
  /** Seconds from now to the first working set. */
  seconds: number;
  /** Whether a drill for one side at a time comes before it. */
  addsDrill: boolean;
}

/** At this share of the working weight a heavy set says that the day is not for the planned weight. */
const HEAVY_FROM = 0.7;

/** A ramp as the floor has it. */
export function floorSets(ramp: Ramp, unit: UnitSystem): FloorSet[] {
  return ramp.sets.map((set) => ({
    weight: set.weight,
    reps: set.reps,
    perSide: set.perSide,
    seconds: set.seconds,
    restSeconds: set.restSeconds,
    leastRestSeconds: set.leastRestSeconds,
    fraction: set.fraction,
    change: describeLoad(ramp.kit, set, unit),
    notes: set.notes,
  }));
}

/** The working sets after a ramp as the floor has them. */
export function floorWorking(
  ramp: Ramp,
  { working, unit }: Pick<RampRequest, "working" | "unit">,
  seconds: number,
  restSeconds: number,
): FloorSet & { sets: number } {
  return {
    ...{ weight: ramp.working.weight, reps: working.reps, perSide: ramp.working.perSide, sets: working.sets },
    ...{ seconds, restSeconds, leastRestSeconds: restSeconds, fraction: 1, notes: [] },
    change: describeLoad(ramp.kit, ramp.working, unit),
  };
}

/**
 * What may be done after the first loaded set of a lift, by what was answered: three offers at most, the best first; none where all
 * is well, where a pain stops the lift, or where nothing can be changed (docs/model.md, "The floor").
 */
export function checkOffers(
  lift: FloorLift,
  done: readonly DoneFloorSet[],
  answer: CheckAnswer,
  pain: Pick<Pain, "level" | "quality" | "signs"> | null,
): CheckOffer[] {
  if (answer === "well" || (pain && stopsLift(pain))) return [];
  return workedOut(lift, done, (request, sets) => wanted(lift, request, sets, answer)).slice(0, 3);
}

/** What a coach may change about the rest of a lift at any time: lighter, another scheme, steps fewer or more. */
export function rampChanges(lift: FloorLift, done: readonly DoneFloorSet[]): CheckOffer[] {
  return workedOut(lift, done, (request) => [
    ...[2.5, 5, 10].map((percent) => lighterBy(request, percent)),
    ...[2, 3].map((more) => atSameEffort(request, more)),
    { id: "fewer", title: "One step fewer", sets: -1 },
    { id: "more", title: "One step more", sets: 1 },
  ]);
}

/** Offers worked out, those that cannot be or that come to the same left out. */
function workedOut(
  lift: FloorLift,
  done: readonly DoneFloorSet[],
  want: (request: RampRequest, done: readonly DoneSet[]) => readonly Wanted[],
): CheckOffer[] {
  const { working } = lift;
  if (!lift.request || !working) return [];
  // What was changed before stays: the ramp leads to the working sets as they are now.
  const { weight, reps, sets } = working;
  const request = { ...lift.request, working: { ...lift.request.working, weight, reps, sets } };
  const asDone = done.map(({ weight: lifted, reps: times }, i): DoneSet => {
    // With plates that nobody noted they lead on from those that were planned.
    return { weight: lifted, reps: times, perSide: lift.sets[i]?.perSide ?? [] };
  });
  const said = (o: Pick<CheckOffer, "sets" | "working">) =>
    [...o.sets, o.working].map((s) => `${s.weight}×${s.reps}`).join(" ");
  const known = new Set([said({ sets: lift.sets, working })]);
  return want(request, asDone)
    .flatMap((o) => offerOf(o, lift, request, asDone) ?? [])
    .filter((o) => (known.has(said(o)) ? false : known.add(said(o))));
}

/** An offer before it is worked out. */
interface Wanted {
  id: string;
  title: string;
  /** Sets more or fewer than planned. */
  sets?: number;
  /** Whether the last weight is lifted once more. */
  repeats?: boolean;
  /** The working sets, where they change. */
  working?: RampRequest["working"] | null;
  addsDrill?: boolean;
}

function lighterBy({ kit, working }: RampRequest, percent: number): Wanted {
  return {
    id: `lighter-${percent}`,
    title: `${percent} % off the working weight`,
    working: changeWorking(kit, working, { kind: "lighter", percent })?.working ?? null,
  };
}

function atSameEffort({ kit, working }: RampRequest, more: number): Wanted {
  const reps = working.reps + more;
  return {
    id: `reps-${more}`,
    title: `Same effort: ${reps} repetitions, lighter`,
    working: changeWorking(kit, working, { kind: "same-effort", reps })?.working ?? null,
  };
}

function wanted(
  lift: FloorLift,
  request: RampRequest,
  done: readonly DoneSet[],
  answer: CheckAnswer,
): Wanted[] {
  const lighter = (percent: number) => lighterBy(request, percent);
  const sameEffort = (more: number) => atSameEffort(request, more);
  const fewer: Wanted = { id: "fewer", title: "One step fewer", sets: -1 };
  const repeat: Wanted = { id: "repeat", title: "This weight once more", repeats: true };
  const smaller: Wanted = { id: "smaller", title: "One step more, smaller", sets: 1 };
  const share = (done.at(-1)?.weight ?? 0) / request.working.weight;
  switch (answer) {
    case "flying":
      return [fewer, { id: "two-fewer", title: "Two steps fewer", sets: -2 }];
    case "tight":
      return share >= HEAVY_FROM ? [lighter(5), sameEffort(2), lighter(10)] : [repeat, smaller, lighter(5)];
    case "one-sided":
      return [
        ...(lift.oneSided
          ? [
              {
                ...repeat,
                id: "one-side",
                title: `${lift.oneSided.name}, then this weight again`,
                addsDrill: true,
              },
            ]
          : []),
        { ...fewer, title: "Leave the next step out and watch" },
        repeat,
      ];
    case "pain":
      return [lighter(10), repeat, sameEffort(3)];
    default:
      return [];
  }
}

/** Works an offer out; null where the ramp cannot be so, or would jump too far. */
function offerOf(
  { id, title, sets = 0, repeats = false, working, addsDrill = false }: Wanted,
  lift: FloorLift,
  request: RampRequest,
  done: readonly DoneSet[],
): CheckOffer | null {
  if (working === null) return null;
  const count = lift.sets.length + sets;
  if (count < done.length || count > 10) return null;
  const asked: RampRequest = {
    ...request,
    working: working ?? request.working,
    fixed: undefined,
    rampSets: working ? undefined : count,
  };
  const ramp = adjustRamp({ request: asked, done });
  if (sets < 0 && jumpsTooFar(ramp, request, done.length)) return null;
  const planned = floorSets(ramp, request.unit);
  const last = planned[done.length - 1];
  const again: FloorSet[] = repeats && last ? [{ ...last, change: "Same weight" }] : [];
  const all = [...planned.slice(0, done.length), ...again, ...planned.slice(done.length)];
  const seconds = all.slice(done.length).reduce((sum, s) => sum + s.seconds + s.restSeconds, 0);
  const { seconds: setSeconds, restSeconds } = lift.working!;
  return {
    ...{
      id,
      title,
      sets: all,
      seconds: seconds + (addsDrill ? (lift.oneSided?.seconds ?? 0) : 0),
      addsDrill,
    },
    working: floorWorking(ramp, asked, setSeconds, restSeconds),
  };
}

/** Whether a step after the done sets goes further than a first jump may. */
function jumpsTooFar(ramp: Ramp, { working }: RampRequest, done: number): boolean {
  const weights = [...ramp.sets.map((s) => s.weight), ramp.working.weight];
  const steps = weights.map((w, i) => w - (weights[i - 1] ?? w)).slice(Math.max(1, done));
  return (
    Math.max(0, ...steps) > LARGE_JUMP_SHARE * working.weight ||
    ramp.findings.some((f) => f.code === "last-jump")
  );
}

/** What an offer comes to, in words. @example "70 × 3, 85 × 2, then 92.5 kg × 5" */
export function offerInWords({ sets, working }: CheckOffer, done: number, unit: UnitSystem): string {
  const steps = sets.slice(done).map((s) => `${formatWeightWithUnit(s.weight, unit)} × ${s.reps}`);
  const last = `${formatWeightWithUnit(working.weight, unit)} × ${working.reps}`;
  return steps.length > 0 ? `${steps.join(", ")}, then ${last}` : `straight to ${last}`;
}
