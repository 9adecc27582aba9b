import { v7 } from "uuid";
import { z } from "zod";
import type { Catalog } from "@/core/catalog";
import { type FloorEvent, foldEvents, type Happening } from "@/core/floor";
import { FELT } from "@/core/ramp";
import { AFTERWARDS, eventsAsPlanned } from "@/core/record";
import { clockMinutes } from "@/core/session";
import type { Weight } from "@/core/units";
import { readFloorRun } from "@/data/floor";
import { openFloor } from "../floor/open-floor";
import { postEvents } from "../floor/post-events";
import { startFloor } from "../floor/start-floor";
import { idField, repsField, whole } from "../schemas/fields";
import { type Refused, refuse } from "../schemas/problems";
import { today } from "../sessions/day";
import { openSession } from "../sessions/open-session";

export const writeAsPlannedSchema = z.strictObject({
  sessionId: idField,
  /** Who was not there. */
  absent: z.array(idField).max(200),
});

/** A session without a time is taken to have begun then. */
const USUAL_START_MINUTES = 18 * 60;

/** Writes down a session that was not run on the floor: all who were there did it as it was planned. */
export async function writeAsPlanned(
  { sessionId, absent }: z.output<typeof writeAsPlannedSchema>,
  catalog: Catalog,
): Promise<{ kind: "written" } | Refused> {
  if (await readFloorRun(sessionId)) return refuse("What was done in this session is written down already.");
  const opened = await openSession(sessionId, catalog);
  if (!opened.ok) return refuse("There is no such session.");
  const { day, time, minutes } = opened.value.session;
  if (day > today()) return refuse("day: This session is still to come.");
  const from = (time ? clockMinutes(time) : USUAL_START_MINUTES) - minutes;
  const startAt = new Date(`${day}T00:00:00`).getTime() + from * 60_000;
  if (!(await startFloor(sessionId, startAt, catalog))) return refuse("Nobody takes part in this session.");
  const { plan } = (await openFloor(sessionId))!;
  const newId = (at: number) => v7({ msecs: at });
  const events = eventsAsPlanned(plan, startAt, absent, newId);
  // Written down before its time is over it has ended now: nothing happens in days to come.
  const ahead = Math.max(0, ...events.map((e) => e.at - Date.now()));
  const past = events.map((e) => ({ ...e, at: e.at - ahead }));
  await postEvents(sessionId, { events: past, since: 0 }, catalog);
  return { kind: "written" };
}

export const changeRecordSchema = z.strictObject({
  sessionId: idField,
  athleteId: idField,
  change: z.discriminatedUnion("kind", [
    z.strictObject({ kind: z.literal("drill"), key: z.string().max(200), isDone: z.boolean() }),
    z.strictObject({
      kind: z.literal("set"),
      lift: whole(0, 20),
      set: whole(0, 40),
      /** Null: it was not done. */
      done: z
        .strictObject({
          weight: z
            .number()
            .int()
            .min(0)
            .max(2_000_000)
            .transform((w) => w as Weight),
          reps: z.union([z.literal(0), repsField]),
          felt: z.enum(FELT).nullable(),
        })
        .nullable(),
    }),
    z.strictObject({ kind: z.literal("note"), text: z.string().trim().min(1, "Type the note.").max(500) }),
  ]),
});

/** Changes what is on record of an athlete in a session that is over; nothing is lost of what was said before. */
export async function changeRecord(
  { sessionId, athleteId, change }: z.output<typeof changeRecordSchema>,
  catalog: Catalog,
): Promise<{ kind: "written" } | Refused> {
  const floor = await openFloor(sessionId);
  if (!floor) return refuse("Nothing has been written down of this session.");
  const state = foldEvents(floor.plan, floor.events);
  if (!state.people[athleteId]) return refuse("This athlete did not take part.");
  const say = (what: Happening): FloorEvent[] => [
    { id: v7(), athlete: athleteId, device: AFTERWARDS, at: Date.now(), ...what },
  ];
  // Said several times, by all or on two devices, it is taken back as often.
  const takeBack = (isIt: (e: FloorEvent) => boolean) =>
    state.events
      .filter((e) => (e.athlete === athleteId || e.athlete === null) && isIt(e))
      .flatMap((e) => say({ kind: "undone", event: e.id }));
  let events: FloorEvent[];
  if (change.kind === "note") events = say(change);
  else if (change.kind === "drill") {
    events = change.isDone
      ? say({ kind: "step-done", step: change.key })
      : takeBack((e) => e.kind === "step-done" && e.step === change.key);
  } else {
    const { lift, set, done } = change;
    events = done
      ? say({ kind: "set-done", lift, set, isWork: true, ...done })
      : takeBack((e) => e.kind === "set-done" && e.isWork && e.lift === lift && e.set === set);
  }
  await postEvents(sessionId, { events, since: 0 }, catalog);
  return { kind: "written" };
}
