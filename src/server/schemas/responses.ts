import { z } from "zod";
import { EQUIPMENT_IDS, PHASES } from "@/core/catalog";
import { DEMAND_IDS } from "@/core/demands";
import { SIGN_IDS } from "@/core/dose";
import { TEST_UNITS } from "@/core/response";
import { FINDING_CODES } from "@/core/review";
import { workFormatField } from "./drill-work";
import { floorEventSchema } from "./floor-event";

/** What the open interface answers, as it is told in its OpenAPI document. Weights are in the request's unit. */

const seconds = z.number().min(0);
const phase = z.enum(PHASES);
const demand = z.enum(DEMAND_IDS as [(typeof DEMAND_IDS)[number]]);
const finding = z.object({ code: z.string(), message: z.string() });
const weights = z.array(z.number());

const dose = z.object({
  kind: z.enum(["reps", "hold", "contractions", "breaths", "time", "metres"]),
  sets: z.int(),
  amount: z.number(),
  sides: z.union([z.literal(1), z.literal(2)]),
  directions: z.union([z.literal(1), z.literal(2)]),
  tempo: z.tuple([z.number(), z.number(), z.number()]).optional(),
  restSeconds: seconds,
  /** How the work is spread; absent: in equal sets. */
  format: workFormatField.optional(),
  /** The sign by which it ends beside the clock. */
  until: z.enum(SIGN_IDS).optional(),
});

/** What a drill goes round in; null: nothing. */
const circuit = z
  .object({
    by: z.enum(["approach", "pair", "coach"]),
    key: z.string(),
    drills: z.array(z.string()),
    restInside: seconds,
    restBetween: seconds,
  })
  .nullable();

const plates = { perSide: weights, add: weights, strip: weights };

export const rampResponseSchema = z.object({
  lift: z.string(),
  implement: z.enum(["barbell", "machine", "dumbbells", "kettlebells", "stack", "bodyweight"]),
  sets: z.array(
    z.object({
      weight: z.number(),
      fraction: z.number(),
      reps: z.int(),
      ...plates,
      restSeconds: seconds,
      leastRestSeconds: seconds,
      seconds,
      notes: z.array(z.string()),
    }),
  ),
  working: z.object({ weight: z.number(), ...plates }),
  totals: z.object({ seconds, reps: z.int(), repsAt85: z.int(), moves: z.int() }),
  findings: z.array(finding),
});

const place = z.union([
  z.object({ kind: z.literal("plan") }),
  z.object({ kind: z.literal("demand"), demand }),
  z.object({ kind: z.literal("step"), step: z.int() }),
  z.object({ kind: z.literal("set"), lift: z.int(), set: z.int() }),
]);

const set = z.object({ weight: z.number(), reps: z.int(), restSeconds: seconds });
const stepDose = { sets: z.int(), amount: z.number() };

const change = z.union([
  z.object({ kind: z.literal("drop-step"), step: z.int() }),
  z.object({ kind: z.literal("add-step"), drill: z.string(), block: z.int(), ...stepDose, at: z.int() }),
  z.object({ kind: z.literal("swap-step"), step: z.int(), drill: z.string(), ...stepDose }),
  z.object({ kind: z.literal("move-step"), step: z.int(), to: z.int() }),
  z.object({ kind: z.literal("dose-step"), step: z.int(), ...stepDose }),
  z.object({ kind: z.literal("both-sides"), drill: z.string(), block: z.int() }),
  z.object({ kind: z.literal("minutes"), minutes: z.number() }),
  z.object({ kind: z.literal("change-set"), lift: z.int(), set: z.int(), to: set.partial() }),
  z.object({ kind: z.literal("replace-ramp"), lift: z.int(), sets: z.array(set) }),
]);

const reviewFinding = z.object({
  code: z.enum(FINDING_CODES),
  message: z.string(),
  place,
  remedies: z.array(z.object({ label: z.string(), changes: z.array(change).min(1) })),
});

export const reviewResponseSchema = z.object({ findings: z.array(reviewFinding) });

const tests = z.array(
  z.object({
    test: z.int(),
    drill: z.string(),
    name: z.string(),
    looksFor: z.string(),
    after: z.string().nullable(),
    block: z.int(),
    startsAt: seconds,
    seconds,
  }),
);

export const planResponseSchema = z.object({
  steps: z.array(
    z.object({
      drill: z.string(),
      name: z.string(),
      block: z.int(),
      phase,
      round: z.int(),
      rounds: z.int(),
      circuit,
      dose,
      seconds,
      startsAt: seconds,
      serves: z.array(z.object({ demand, weight: z.number() })),
      reason: z.string(),
      pinned: z.boolean(),
      anyOf: z.array(z.string()),
      condition: z.object({ reached: z.string(), next: z.string() }).nullable(),
      insteadOf: z.object({ drill: z.string(), why: z.string() }).nullable(),
      considered: z.array(
        z.object({
          drill: z.string(),
          name: z.string(),
          relation: z.enum(["easier", "harder", "alternative"]),
          seconds,
          lost: z.string(),
        }),
      ),
    }),
  ),
  tests,
  coolDown: z
    .object({
      drills: z.array(z.object({ drill: z.string(), name: z.string(), dose })),
      startsAt: seconds,
      seconds,
    })
    .nullable(),
  ramps: z.array(rampResponseSchema),
  blocks: z.array(
    z.object({
      lifts: z.array(z.int()),
      startsAt: seconds,
      rampsAt: seconds,
      workAt: seconds,
      endsAt: seconds,
    }),
  ),
  coverage: z.array(z.object({ demand, asked: z.number(), served: z.number() })),
  seconds,
  gap: z.number().min(0),
  givenUp: z.array(z.string()),
  findings: z.array(finding),
  review: z.array(reviewFinding),
});

export const groupPlanResponseSchema = z.object({
  shared: z.array(
    z.object({
      drill: z.string(),
      name: z.string(),
      phase,
      dose,
      rounds: z.int(),
      circuit,
      anyOf: z.array(z.string()),
      condition: z
        .object({ reached: z.string().optional(), experience: z.string().optional(), next: z.string() })
        .nullable(),
      reason: z.string(),
      turns: z.int(),
      substitutes: z.array(z.object({ member: z.string(), drill: z.string().nullable() })),
    }),
  ),
  members: z.array(
    z.object({
      id: z.string(),
      name: z.string(),
      steps: z.array(
        z.object({
          drill: z.string(),
          name: z.string(),
          phase,
          dose,
          kind: z.enum(["shared", "substitute", "personal"]),
          of: z.string().nullable(),
          reason: z.string(),
          startsAt: seconds,
          seconds,
          uses: z.array(z.enum(EQUIPMENT_IDS as [(typeof EQUIPMENT_IDS)[number]])),
        }),
      ),
      tests,
      waitingSeconds: seconds,
      drillSeconds: seconds,
      seconds,
      ramps: z.array(rampResponseSchema),
    }),
  ),
  objective: z.number(),
  seconds,
});

const record = z.looseObject({ id: z.string(), name: z.string() });

export const catalogResponseSchema = z.object({
  lifts: z.array(record),
  drills: z.array(record),
  demands: z.array(record),
  areas: z.array(record),
  equipment: z.array(record),
  approaches: z.array(record),
  drillsAlone: z.array(record),
});

/** Tests as their record has them. */
export const testsResponseSchema = z.object({
  tests: z.array(
    z.looseObject({
      id: z.string(),
      name: z.string(),
      unit: z.enum(TEST_UNITS),
      better: z.enum(["more", "less"]),
      measurementError: z.number().describe("Standard deviation of one measurement, in the test's unit."),
      sides: z.union([z.literal(1), z.literal(2)]),
    }),
  ),
});

const value = z.array(z.number()).describe("One number, or left and right, in the test's unit.");

/** Everything on record of an athlete's tests and sessions. */
export const recordResponseSchema = z.object({
  tests: z.array(
    z.object({
      ...{ id: z.string(), test: z.string(), day: z.string(), moment: z.enum(["cold", "after"]), value },
      ...{ signs: z.array(z.string()), sessionId: z.string().nullable() },
    }),
  ),
  trials: z.array(
    z.object({
      ...{
        id: z.string(),
        test: z.string(),
        drill: z.string().nullable(),
        seconds: z.int(),
        day: z.string(),
      },
      ...{ before: value, after: value },
    }),
  ),
  followUps: z.array(
    z.object({
      ...{ sessionId: z.string(), about: z.string(), moment: z.string(), feels: z.string() },
      ...{ level: z.int(), by: z.enum(["athlete", "coach"]) },
    }),
  ),
  sessions: z.array(
    z.looseObject({
      ...{ sessionId: z.string(), day: z.string(), name: z.string() },
      presence: z.enum(["there", "absent", "left"]),
      plannedSeconds: z.int(),
      readySeconds: z.int().nullable().describe("To the first working set; null: not reached, or not timed."),
    }),
  ),
  sets: z.array(
    z.object({
      ...{ sessionId: z.string(), day: z.string(), lift: z.string(), isWork: z.boolean() },
      ...{ weight: z.number(), unit: z.enum(["kg", "lb"]), reps: z.int(), felt: z.string().nullable() },
      ...{ plannedSeconds: z.int(), realSeconds: z.int().nullable() },
    }),
  ),
});

export const pairedResponseSchema = z.object({
  token: z.string().describe("To be sent as authorization: Bearer …"),
  role: z.enum(["coach", "assistant", "athlete"]),
});

export const notedResponseSchema = z.object({ kind: z.literal("noted") });

export const healthResponseSchema = z.object({
  status: z.enum(["ok", "little-room"]),
  freeMegabytes: z.int().nullable(),
  version: z.string(),
  database: z.enum(["file", "elsewhere"]),
  lastCopy: z.iso.datetime().nullable(),
});

export const problemSchema = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  errors: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
  nearest: z.object({ lower: z.number().nullable(), upper: z.number().nullable() }).optional(),
});

/** Events of a session as they are told. */
export const eventsSinceSchema = z.strictObject({
  events: z.array(floorEventSchema),
  seq: z.int().describe("The number of the last event."),
  now: z.number().describe("The server's clock. Milliseconds since 1970."),
});

/** A session on the floor. */
export const floorResponseSchema = eventsSinceSchema.extend({
  plan: z.looseObject({
    version: z.literal(1),
    sessionId: z.string(),
    name: z.string(),
    day: z.string(),
    readySeconds: z
      .number()
      .describe("When the last is ready for the first working set. Seconds from the start."),
    athletes: z.array(
      z.looseObject({
        id: z.string(),
        name: z.string(),
        steps: z.array(z.looseObject({ key: z.string(), name: z.string(), seconds: z.number() })),
        lifts: z.array(z.looseObject({ lift: z.string(), name: z.string() })),
      }),
    ),
  }),
  state: z.looseObject({
    startedAt: z.number().nullable(),
    due: z.number().nullable(),
    behind: z.number().nullable().describe("How late the last one is. Seconds; null: everybody is ready."),
    people: z.record(z.string(), z.looseObject({ presence: z.enum(["there", "absent", "left"]) })),
  }),
});
