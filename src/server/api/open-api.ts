import { z } from "zod";
import { shippedCatalog } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import packageJson from "../../../package.json";
import { pairDeviceSchema } from "../access/devices";
import { adjustRequestSchema, adjustResponseSchema } from "../schemas/adjust-api";
import { sentEventsSchema } from "../schemas/floor-event";
import { planRequestSchema, reviewRequestSchema } from "../schemas/plan-api";
import { rackRequestSchema, rackResponseSchema } from "../schemas/rack-api";
import { rampRequestSchema } from "../schemas/ramp-api";
import {
  catalogResponseSchema,
  eventsSinceSchema,
  floorResponseSchema,
  groupPlanResponseSchema,
  healthResponseSchema,
  notedResponseSchema,
  pairedResponseSchema,
  planResponseSchema,
  problemSchema,
  rampResponseSchema,
  recordResponseSchema,
  reviewResponseSchema,
  testsResponseSchema,
} from "../schemas/responses";
import { testResultSchema, trialSchema } from "../schemas/trials";

const input = (schema: z.ZodType) => jsonSchema(schema, "input");
const output = (schema: z.ZodType) => jsonSchema(schema, "output");

function jsonSchema(schema: z.ZodType, io: "input" | "output") {
  const { $schema: _, ...rest } = z.toJSONSchema(schema, { io, unrepresentable: "any", reused: "inline" });
  return rest;
}

const json = (schema: object) => ({ "application/json": { schema } });
const answer = (description: string, schema: object) => ({ description, content: json(schema) });
const refusal = (description: string) => ({
  description,
  content: { "application/problem+json": { schema: { $ref: "#/components/schemas/Problem" } } },
});

const REFUSALS = {
  400: refusal("The request is not valid: each error names its field."),
  413: refusal("The body is over 1 MB."),
  422: refusal("A working weight cannot be loaded; the nearest that can are given."),
};

function asked(summary: string, request: string, response: object) {
  return {
    summary,
    requestBody: { required: true, content: json({ $ref: `#/components/schemas/${request}` }) },
    responses: { 200: answer("The answer.", response), ...REFUSALS },
  };
}

const FLOOR_REFUSALS = {
  400: REFUSALS[400],
  404: refusal("The session has not been started."),
};

const SESSION = {
  name: "id",
  in: "path",
  required: true,
  description: "The session.",
  schema: { type: "string" },
};
const inQuery = (name: string, description: string) => ({
  ...{ name, in: "query", required: false, description },
  schema: { type: "integer", minimum: 0 },
});

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });

const ATHLETE = { ...SESSION, description: "The athlete." };
const NO_ATHLETE = refusal("There is no such athlete.");

/** Something of an athlete that is stored once, however often it is sent. */
function noted(what: string, request: string) {
  return {
    parameters: [ATHLETE],
    post: {
      summary: `${what}, stored once however often it is sent: its id decides`,
      requestBody: { required: true, content: json(ref(request)) },
      responses: {
        201: answer("It is stored.", ref("Noted")),
        ...{ 400: REFUSALS[400], 404: NO_ATHLETE, 413: REFUSALS[413] },
      },
    },
  };
}

/** The open interface as an OpenAPI 3.1 document, made from the schemas that check the requests. */
function openApi(catalog: Catalog) {
  return {
    openapi: "3.1.0",
    info: {
      title: "Iron Step",
      version: packageJson.version,
      description: "Warm-ups before the main lifts. Weights are numbers of kg or lb, times are seconds.",
    },
    paths: {
      "/api/health": {
        get: {
          summary: "Whether the server answers and reaches its database",
          responses: { 200: answer("It does.", ref("Health")), 503: refusal("It does not.") },
        },
      },
      "/api/pair": {
        post: {
          summary:
            "Lets a program on another machine in, by a code that Access shows: it sends its token with every request from then on",
          security: [],
          requestBody: { required: true, content: json(ref("Pairing")) },
          responses: {
            201: answer("It is in, and listed among the devices.", ref("Paired")),
            ...{
              400: REFUSALS[400],
              429: refusal("Too many codes tried: retry-after says how many seconds to wait."),
            },
          },
        },
      },
      "/api/catalog": {
        get: {
          summary: "Lifts, drills, demands, areas, equipment and approaches that a request may name",
          responses: { 200: answer("The catalog.", ref("Catalog")) },
        },
      },
      "/api/ramp": { post: asked("The ramp-up sets of one lift", "RampRequest", ref("Ramp")) },
      "/api/adjust": {
        post: asked(
          "A ramp planned anew from what has been done: lighter, another scheme, other steps, less time",
          "AdjustRequest",
          ref("AdjustedRamp"),
        ),
      },
      "/api/rack": {
        post: asked("Who shares a bar with whom, and the running order on each", "RackRequest", ref("Racks")),
      },
      "/api/plan": {
        post: asked("The warm-up of one athlete, or of a group", "PlanRequest", {
          anyOf: [ref("Plan"), ref("GroupPlan")],
        }),
      },
      "/api/floor/{id}": {
        parameters: [SESSION],
        get: {
          summary: "A session that was started: its plan as it was, what has happened, and where it stands",
          parameters: [inQuery("at", "Where it stood at this moment. Milliseconds since 1970.")],
          responses: { 200: answer("The session.", ref("Floor")), ...FLOOR_REFUSALS },
        },
      },
      "/api/floor/{id}/events": {
        parameters: [SESSION],
        get: {
          summary: "What has been stored since an event",
          parameters: [inQuery("since", "The number of the last event that is known; absent: all.")],
          responses: { 200: answer("The events.", ref("EventsSince")), ...FLOOR_REFUSALS },
        },
        post: {
          summary:
            "Stores what has happened, each event once however often it is sent, and answers with what is new",
          requestBody: { required: true, content: json(ref("FloorEvents")) },
          responses: {
            200: answer("What has been stored since.", ref("EventsSince")),
            ...FLOOR_REFUSALS,
            413: REFUSALS[413],
          },
        },
      },
      "/api/floor/{id}/stream": {
        parameters: [SESSION],
        get: {
          summary:
            "Events as they are stored, as server-sent events: each message is one event as JSON and its id the event's number, so that a stream that breaks goes on after the last one seen (last-event-id). An event named now tells the server's clock, one named seen the number up to which everything has been told.",
          parameters: [inQuery("since", "The number of the last event that is known; absent: all.")],
          responses: {
            200: {
              description: "The stream.",
              content: { "text/event-stream": { schema: { type: "string" } } },
            },
            404: refusal("The session has not been started."),
          },
        },
      },
      "/api/tests": {
        get: {
          summary: "Tests of what somebody's body can do, with units, sides and measurement errors",
          responses: { 200: answer("The tests.", ref("Tests")) },
        },
      },
      "/api/athletes/{id}/record": {
        parameters: [ATHLETE],
        get: {
          summary: "What is on record of an athlete: tests, trials, follow-ups, sessions and sets done",
          responses: { 200: answer("The record.", ref("Record")), 404: NO_ATHLETE },
        },
      },
      "/api/athletes/{id}/tests": noted("The outcome of a test", "TestResult"),
      "/api/athletes/{id}/trials": noted("A trial: a test, one drill, and the test again", "Trial"),
      "/api/review": {
        post: asked("What speaks against a warm-up, and what would mend it", "ReviewRequest", ref("Review")),
      },
    },
    // Nobody signs in where only this machine reaches the server.
    security: [{}, { token: [] }],
    components: {
      securitySchemes: { token: { type: "http", scheme: "bearer" } },
      schemas: {
        Pairing: input(pairDeviceSchema),
        Paired: output(pairedResponseSchema),
        RampRequest: input(rampRequestSchema(catalog)),
        AdjustRequest: input(adjustRequestSchema(catalog)),
        RackRequest: input(rackRequestSchema(catalog)),
        PlanRequest: input(planRequestSchema(catalog)),
        ReviewRequest: input(reviewRequestSchema(catalog)),
        Ramp: output(rampResponseSchema),
        AdjustedRamp: output(adjustResponseSchema),
        Racks: output(rackResponseSchema),
        Plan: output(planResponseSchema),
        GroupPlan: output(groupPlanResponseSchema),
        Review: output(reviewResponseSchema),
        Catalog: output(catalogResponseSchema),
        TestResult: input(testResultSchema),
        Trial: input(trialSchema),
        Tests: output(testsResponseSchema),
        Record: output(recordResponseSchema),
        Noted: output(notedResponseSchema),
        FloorEvents: input(sentEventsSchema),
        EventsSince: output(eventsSinceSchema),
        Floor: output(floorResponseSchema),
        Health: output(healthResponseSchema),
        Problem: output(problemSchema),
      },
    },
  };
}

/** GET /api/openapi.json */
export function openApiResponse(): Response {
  return Response.json(openApi(shippedCatalog));
}
