import { z } from "zod";
import { AREA_IDS } from "@/core/catalog";
import { CHECK_ANSWERS, type FloorEvent, PAIN_SIGNS } from "@/core/floor";
import { FELT } from "@/core/ramp";
import { GREATEST_WEIGHT, type Weight } from "@/core/units";
import { idField } from "./fields";

/** The most events that are sent at a time. */
export const MOST_EVENTS = 500;
const MOST_NOTE = 500;
const MOST_LIFTS = 12;

const place = z.number().int().min(0).max(99);
const lift = z.number().int().min(0).max(MOST_LIFTS);
const seconds = z.number().min(0).max(7200);
const words = z.string().max(300);
const load = z
  .number()
  .int()
  .min(0)
  .max(GREATEST_WEIGHT * 1000)
  .transform((w) => w as Weight);
const moment = z.number().int().min(0).max(8.64e15);
/** What was planned by the core and comes back as it was. */
const dose = z.custom<Extract<FloorEvent, { kind: "step-shortened" }>["dose"]>(
  (value) => z.looseObject({ kind: z.string(), sets: place, amount: z.number() }).safeParse(value).success,
  "Send the dose as it was planned.",
);
const floorStep = z.custom<Extract<FloorEvent, { kind: "step-added" }>["step"]>(
  (value) => z.looseObject({ key: words, name: words, block: lift, seconds }).safeParse(value).success,
  "Send the step as it was planned.",
);
const set = z.strictObject({
  weight: load,
  reps: z.number().int().min(0).max(100),
  perSide: z.array(load).max(40),
  seconds,
  restSeconds: seconds,
  leastRestSeconds: seconds,
  fraction: z.number().min(0).max(5),
  change: words,
  notes: z.array(words).max(20),
});

const happenings = [
  z.strictObject({ kind: z.literal("started"), due: moment.nullable() }),
  z.strictObject({ kind: z.literal("due-changed"), due: moment.nullable() }),
  ...(["arrived", "absent", "left", "paused", "resumed"] as const).map((kind) =>
    z.strictObject({ kind: z.literal(kind) }),
  ),
  z.strictObject({ kind: z.literal("step-begun"), step: words }),
  z.strictObject({ kind: z.literal("step-done"), step: words }),
  z.strictObject({
    kind: z.literal("step-skipped"),
    step: words,
    why: z.enum(["coach", "time", "late", "pain"]),
  }),
  z.strictObject({ kind: z.literal("step-shortened"), step: words, dose, seconds }),
  z.strictObject({
    kind: z.literal("step-swapped"),
    step: words,
    drill: idField,
    name: words,
    dose,
    seconds,
    cue: words,
  }),
  z.strictObject({ kind: z.literal("step-added"), step: floorStep }),
  z.strictObject({ kind: z.literal("set-begun"), lift, set: place }),
  z.strictObject({
    kind: z.literal("set-done"),
    lift,
    set: place,
    isWork: z.boolean(),
    weight: load,
    reps: z.number().int().min(0, "Enter 0 to 100 repetitions.").max(100, "Enter 0 to 100 repetitions."),
    felt: z.enum(FELT).nullable(),
  }),
  z.strictObject({ kind: z.literal("turn-passed"), lift, set: place }),
  z.strictObject({ kind: z.literal("checked"), lift, answer: z.enum(CHECK_ANSWERS) }),
  z.strictObject({
    kind: z.literal("ramp-changed"),
    lift,
    sets: z.array(set).max(20),
    working: set.extend({ sets: place }),
    why: words,
  }),
  z.strictObject({ kind: z.literal("lift-stopped"), lift }),
  z.strictObject({
    kind: z.literal("pain"),
    area: z.enum(AREA_IDS),
    level: z.number().int().min(0, "Pain goes from 0 to 10.").max(10, "Pain goes from 0 to 10."),
    quality: z.enum(["dull", "sharp"]),
    signs: z.array(z.enum(PAIN_SIGNS)).max(PAIN_SIGNS.length),
    lift: lift.nullable(),
  }),
  z.strictObject({
    kind: z.literal("note"),
    text: z.string().trim().min(1, "Write something.").max(MOST_NOTE),
  }),
  z.strictObject({
    kind: z.literal("asked"),
    minutes: z
      .number()
      .int()
      .min(1, "Ask for 1 to 60 minutes.")
      .max(60, "Ask for 1 to 60 minutes.")
      .nullable(),
    noKit: z.boolean(),
  }),
  z.strictObject({ kind: z.literal("answered"), ask: idField, taken: z.boolean() }),
  z.strictObject({ kind: z.literal("undone"), event: idField }),
  z.strictObject({ kind: z.literal("finished"), complete: z.boolean() }),
] as const;

const envelope = {
  id: z.uuid("The id of an event is a UUID."),
  athlete: idField.nullable(),
  device: z.string().max(60),
  at: moment,
};

/** One event of the floor, as it is sent. */
export const floorEventSchema = z.discriminatedUnion(
  "kind",
  happenings.map((h) => h.extend(envelope)) as unknown as [
    (typeof happenings)[number],
    ...(typeof happenings)[number][],
  ],
) as unknown as z.ZodType<FloorEvent>;

/** Events that are sent, and the number of the last that is known. */
export const sentEventsSchema = z.strictObject({
  events: z.array(floorEventSchema).max(MOST_EVENTS, `Send ${MOST_EVENTS} events at a time.`),
  since: z.number().int().min(0),
});
export type SentEvents = z.output<typeof sentEventsSchema>;
