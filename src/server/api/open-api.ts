import { z } from "zod";
import { shippedCatalog } from "@/catalog";
import type { Catalog } from "@/core/catalog";
import packageJson from "../../../package.json";
import { adjustRequestSchema, adjustResponseSchema } from "../schemas/adjust-api";
import { planRequestSchema, reviewRequestSchema } from "../schemas/plan-api";
import { rackRequestSchema, rackResponseSchema } from "../schemas/rack-api";
import { rampRequestSchema } from "../schemas/ramp-api";
import {
  catalogResponseSchema,
  groupPlanResponseSchema,
  healthResponseSchema,
  planResponseSchema,
  problemSchema,
  rampResponseSchema,
  reviewResponseSchema,
} from "../schemas/responses";

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

const ref = (name: string) => ({ $ref: `#/components/schemas/${name}` });

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
      "/api/review": {
        post: asked("What speaks against a warm-up, and what would mend it", "ReviewRequest", ref("Review")),
      },
    },
    components: {
      schemas: {
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
