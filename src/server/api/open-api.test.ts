import { readdirSync } from "node:fs";
import { withTemporaryDatabase } from "../__tests__/database";
import { backSquat as lift, post } from "../__tests__/requests";
import { catalogResponseSchema, rampResponseSchema } from "../schemas/responses";
import { catalogResponse } from "./catalog";
import { openApiResponse } from "./open-api";
import { rampResponse } from "./ramp";

withTemporaryDatabase();

test("GET /api/openapi.json describes every route that there is, with schemas that resolve", async () => {
  const document = await openApiResponse().json();
  const routes = readdirSync("src/app/api", { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith("route.ts") && !name.startsWith("openapi.json"))
    .map(
      (name) =>
        `/api/${name
          .replace(/\/route\.ts$/, "")
          .replaceAll("[", "{")
          .replaceAll("]", "}")}`,
    );
  expect(Object.keys(document.paths).sort()).toEqual(routes.sort());
  const text = JSON.stringify(document);
  for (const [, name] of text.matchAll(/#\/components\/schemas\/(\w+)/g)) {
    expect(document.components.schemas).toHaveProperty(name!);
  }
  expect(document.components.schemas.PlanRequest.properties).toHaveProperty("group");
  expect(document.paths["/api/floor/{id}/events"]).toHaveProperty("post");
  expect(JSON.stringify(document.components.schemas.FloorEvents)).toContain("turn-passed");
  rampResponseSchema.parse(await (await post(rampResponse, { unit: "kg", ...lift })).json());
  catalogResponseSchema.parse(await (await catalogResponse()).json());
});

test("GET /api/catalog gives everything a request may name", async () => {
  const body = await (await catalogResponse()).json();
  for (const key of ["lifts", "drills", "demands", "areas", "equipment", "approaches"]) {
    expect(body[key].length).toBeGreaterThan(1);
    for (const record of body[key]) expect(record).toHaveProperty("id");
  }
});
