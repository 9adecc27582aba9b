import type { z } from "zod";
import { type Catalog, knownLift, liftById } from "@/core/catalog";
import { isBarKit } from "@/core/plates";
import {
  type Lifter,
  placeOf,
  type RackOrder,
  type RunningOrder,
  rackOrders,
  SECONDS_PER_MOVE,
  shortages,
  lifterOf as toLifter,
} from "@/core/rack";
import { weightValue } from "@/core/units";
import { rackRequestSchema } from "../schemas/rack-api";
import { finishBetweenRequests, gone } from "./finish-between-requests";
import { problem, readBody } from "./problem";
import { kitOf, rampOf, refuseWeight } from "./ramp";

type Body = z.output<ReturnType<typeof rackRequestSchema>>;
type Athlete = Body["athletes"][number];

/** Somebody's ramp on the bar, or the response that says why there is none. */
function lifterOf(athlete: Athlete, unit: Body["unit"], path: string, catalog: Catalog): Lifter | Response {
  const { name } = athlete;
  if ("ramp" in athlete) {
    const known = athlete.ramp.lift === undefined ? undefined : liftById(catalog, athlete.ramp.lift);
    return toLifter(name, known ? placeOf(known) : "rack", athlete.ramp);
  }
  if (!isBarKit(kitOf(athlete, unit))) {
    return problem(400, "The request is not valid.", {
      errors: [{ path: `${path}.implement.kind`, message: "Only bars and machines with plates are shared." }],
    });
  }
  const refusal = refuseWeight(athlete, unit, `${path}.working.weight`);
  const lift = knownLift(catalog, athlete.lift);
  return refusal ?? toLifter(name, placeOf(lift), rampOf(athlete, unit, catalog));
}

function orderJson({ seconds, moves, waitedSeconds }: RunningOrder) {
  return { seconds, moves, waitedSeconds };
}

function rackJson(lifters: readonly Lifter[], { best, turns, isProven, shift }: RackOrder) {
  return {
    ...orderJson(best),
    shift,
    athletes: lifters.map(({ name }, i) => ({ name, readyAt: best.readyAt[i]! })),
    turns: best.turns.map(({ lifter, set, strip, add, startsAt, endsAt, waitedSeconds }) => {
      const { weight, reps } = lifters[lifter]!.sets[set]!;
      return {
        name: lifters[lifter]!.name,
        set,
        weight: weightValue(weight),
        reps,
        strip: strip.map(weightValue),
        add: add.map(weightValue),
        startsAt,
        endsAt,
        waitedSeconds,
      };
    }),
    proven: isProven,
    plainTurns: orderJson(turns),
  };
}

function shortagesJson(
  orders: readonly RackOrder[],
  lifters: readonly Lifter[],
  stock: Body["stock"] & object,
) {
  const kinds = stock.map((s) => ({ ...s, fullDiameter: false }));
  const shifts = [...new Set(orders.map((o) => o.shift))];
  return shifts.flatMap((shift) => {
    const here = orders.flatMap((o, rack) => (o.shift === shift ? [rack] : []));
    return shortages(
      here.map((rack) => orders[rack]!),
      lifters,
      kinds,
    ).map((s) => ({
      ...s,
      shift,
      plate: weightValue(s.plate),
      racks: s.racks.map((r) => here[r]!),
    }));
  });
}

/** POST /api/rack: who shares a bar with whom, and in which order. */
export async function rackResponse(request: Request, catalog: Catalog): Promise<Response> {
  const read = await readBody(request, rackRequestSchema(catalog));
  if ("refusal" in read) return read.refusal;
  const { athletes, unit, racks, loaders } = read.body;
  const lifters: Lifter[] = [];
  for (const [i, athlete] of athletes.entries()) {
    const lifter = lifterOf(athlete, unit, `athletes.${i}`, catalog);
    if (lifter instanceof Response) return lifter;
    lifters.push(lifter);
  }
  const secondsPerMove = SECONDS_PER_MOVE[loaders];
  const orders = await finishBetweenRequests(rackOrders(lifters, racks, secondsPerMove), request.signal);
  if (!orders) return gone();
  const short = shortagesJson(orders, lifters, read.body.stock ?? []);
  const answers = orders.map((o) =>
    rackJson(
      o.lifters.map((i) => lifters[i]!),
      o,
    ),
  );
  return Response.json({
    racks: answers,
    seconds: Math.max(0, ...answers.map((a) => a.seconds)),
    shortages: short,
  });
}
