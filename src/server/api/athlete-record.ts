import type { z } from "zod";
import { tests } from "@/catalog/tests";
import { type Weight, weightValue } from "@/core/units";
import { readAthlete } from "@/data/athletes";
import { readRecordRows } from "@/data/bundle-records";
import { listAthleteSessions, listSets } from "@/data/records";
import { openCatalog } from "../library/catalog";
import { noteTrialSchema, testResultSchema } from "../schemas/trials";
import { noteResult, noteTrial } from "../trials/note-tests";
import { problem, readBody } from "./problem";

const nobody = () => problem(404, "There is no athlete under this id.");
const EVER = "0001-01-01";

/** The record of an athlete: tests, trials, follow-ups, sessions and the sets done in them. */
export async function getRecord(athleteId: string): Promise<Response> {
  if (!(await readAthlete(athleteId))) return nobody();
  const [[rows], sessions, sets] = await Promise.all([
    readRecordRows([athleteId]),
    listAthleteSessions([athleteId], EVER),
    listSets([athleteId]),
  ]);
  return Response.json(
    {
      tests: (rows?.results ?? []).map(({ athleteId: _, at: __, ...r }) => r),
      trials: (rows?.trials ?? []).map(({ athleteId: _, at: __, ...t }) => t),
      followUps: (rows?.followUps ?? []).map(({ athleteId: _, at: __, ...f }) => f),
      sessions: sessions.map(({ athleteId: _, endedAt: __, ...s }) => s),
      sets: sets.map(({ athleteId: _, place: __, weight, ...s }) => ({
        ...{ ...s, weight: weightValue(weight as Weight) },
      })),
    },
    { headers: { "cache-control": "no-store" } },
  );
}

/** The tests that there are. */
export function getTests(): Response {
  return Response.json({ tests });
}

/** Reads a body, notes it, and says what was wrong by its field. */
async function noted<S extends z.ZodType>(
  request: Request,
  schema: S,
  note: (body: z.output<S>) => Promise<{ kind: "noted" } | { kind: "refused"; message: string }>,
): Promise<Response> {
  const read = await readBody(request, schema);
  if ("refusal" in read) return read.refusal;
  const outcome = await note(read.body);
  if (outcome.kind === "noted") return Response.json({ kind: "noted" }, { status: 201 });
  const isField = /^(\w+): (.*)$/.exec(outcome.message);
  if (!isField) return nobody();
  return problem(400, "The request is not valid.", { errors: [{ path: isField[1], message: isField[2] }] });
}

/** Stores the outcome of a test, once however often it is sent. */
export function postTest(athleteId: string, request: Request): Promise<Response> {
  return noted(request, testResultSchema, (result) => noteResult({ athleteId, result }));
}

/** Stores a trial, once however often it is sent. */
export async function postTrial(athleteId: string, request: Request): Promise<Response> {
  const schema = noteTrialSchema(await openCatalog()).shape.trial;
  return noted(request, schema, (trial) => noteTrial({ athleteId, trial }));
}
