import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { MOST_LIFTS } from "@/core/draft";
import { MOST_PARTICIPANTS, MOST_SUB_GROUPS, type Session, USUAL_RACKS } from "@/core/session";
import { memoize } from "@/lib/memoize";
import { pinsField } from "./draft";
import { circuitsField, testsField } from "./drill-work";
import {
  approachField,
  coolDownField,
  drillField,
  fineWeightField,
  liftField,
  minutesField,
  nameField,
  repsField,
  roomField,
  setsField,
} from "./fields";

export const dayField = z.iso.date("Give a day as 2026-01-31.");
export const timeField = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, "Give a time as 18:30.");

const loadField = z.discriminatedUnion("kind", [
  z.strictObject({ kind: z.literal("weight"), weight: fineWeightField }),
  z.strictObject({
    kind: z.literal("percent"),
    percent: z.number().min(10, "Give 10 to 120 %.").max(120, "Give 10 to 120 %."),
    of: z.enum(["max", "training-max"]),
  }),
  z.strictObject({
    kind: z.literal("reserve"),
    rir: z.number().min(0, "Give 0 to 10 in reserve.").max(10, "Give 0 to 10 in reserve."),
  }),
]);

const sessionLiftField = (catalog: Catalog) =>
  z.strictObject({
    lift: liftField(catalog),
    scheme: z.strictObject({ sets: setsField, reps: repsField, load: loadField }).nullable(),
    pairedWithNext: z.boolean(),
  });

/** What a session is besides day, time and people; templates have the same. */
export const contentSchema = memoize((catalog: Catalog) =>
  z.strictObject({
    lifts: z.array(sessionLiftField(catalog)).min(1, "A session has at least one lift.").max(MOST_LIFTS),
    // Absent in sessions of before there were any.
    subGroups: z
      .array(
        z.strictObject({
          name: nameField("sub-group"),
          lifts: z
            .array(sessionLiftField(catalog))
            .min(1, "A sub-group has at least one lift.")
            .max(MOST_LIFTS),
          athleteIds: z.array(z.string().max(100)).max(MOST_PARTICIPANTS),
        }),
      )
      .max(MOST_SUB_GROUPS, `A session has at most ${MOST_SUB_GROUPS} sub-groups.`)
      .refine((groups) => {
        const all = groups.flatMap((g) => g.athleteIds);
        return new Set(all).size === all.length;
      }, "An athlete is in two sub-groups.")
      .default([]),
    minutes: minutesField,
    approach: approachField(catalog),
    room: roomField,
    together: z.boolean(),
    own: pinsField(catalog),
    // Absent in sessions of before there were any.
    circuits: circuitsField(catalog).default([]),
    dropped: z.array(drillField(catalog)).max(200),
    tests: testsField(catalog).default([]),
    coolDown: coolDownField,
    racks: z
      .strictObject({
        count: z.number().int().min(1, "Give 1 to 60 racks.").max(60, "Give 1 to 60 racks.").nullable(),
        loaders: z.union([z.literal(1), z.literal(2)]),
        stock: z.enum(["rack", "room"]),
        staggered: z.boolean().optional(),
      })
      // What was stored before racks were.
      .default(USUAL_RACKS),
  }),
);
export type SessionContent = z.output<ReturnType<typeof contentSchema>>;

/** A session as it is sent. */
export const sessionSchema = memoize(
  (catalog: Catalog) =>
    contentSchema(catalog).extend({
      id: z.string().max(100),
      name: nameField("session"),
      day: dayField,
      time: timeField.nullable(),
      gymId: z.string().max(100),
      groupId: z.string().max(100).nullable(),
      series: z.strictObject({ id: z.string().max(100), rule: z.string().max(200) }).nullish(),
      participants: z
        .array(z.strictObject({ athleteId: z.string().max(100), absent: z.boolean() }))
        .max(MOST_PARTICIPANTS, `A session has at most ${MOST_PARTICIPANTS} people.`)
        .refine(
          (list) => new Set(list.map((p) => p.athleteId)).size === list.length,
          "An athlete is in the session twice.",
        ),
    }) satisfies z.ZodType<Session, unknown>,
);

/** What of a session is stored as one piece. */
export function contentOf({
  lifts,
  subGroups,
  minutes,
  approach,
  room,
  together,
  own,
  circuits,
  dropped,
  tests,
  coolDown,
  racks,
}: Session): SessionContent {
  return {
    lifts: [...lifts],
    subGroups: subGroups.map((g) => ({ ...g, lifts: [...g.lifts], athleteIds: [...g.athleteIds] })),
    minutes,
    approach,
    room,
    together,
    own: own.map(({ anyOf, ...o }) => ({ ...o, ...(anyOf && { anyOf: [...anyOf] }) })),
    circuits: circuits.map((c) => ({ ...c, drills: [...c.drills] })),
    dropped: [...dropped],
    tests: tests.map((t) => ({ ...t, at: [...t.at] })),
    coolDown,
    racks,
  };
}

/** A session's row as it is stored, changed now. */
export function sessionRow(session: Session) {
  const { id, name, day, time, gymId, groupId, series } = session;
  const content = JSON.stringify(contentOf(session));
  const of = { seriesId: series?.id ?? null, seriesRule: series?.rule ?? null };
  return { id, name, day, time, gymId, groupId, ...of, readySeconds: null, content, updatedAt: Date.now() };
}
