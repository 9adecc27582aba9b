import { expect, test } from "@playwright/test";
import { expectNothing } from "./axe";
import { serverForTests } from "./server";

const server = serverForTests({ demo: false });

test("from nothing to a first plan", async ({ page }) => {
  await page.goto(server.url);
  await expect(page.getByRole("heading", { name: "A first warm-up" })).toBeVisible();
  await expectNothing(page);

  await page.getByRole("button", { name: "Plan the warm-up" }).click();
  await expect(page.getByText("Type the athlete's name.")).toBeVisible();
  await page.getByLabel(/^Athletes, one per line/).fill("Ada");
  await page.getByLabel("Unit").selectOption("lb");
  await expect(page.getByLabel("Bar, lb")).toHaveValue("45");
  await page.getByRole("textbox", { name: /^Weight, lb/ }).fill("226");
  await page.getByRole("button", { name: "Plan the warm-up" }).click();
  await expect(page.getByText("Nearest: 225 lb or 230 lb.")).toBeVisible();
  await page.getByRole("textbox", { name: /^Weight, lb/ }).fill("225");
  await page.getByRole("button", { name: "Plan the warm-up" }).click();

  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Warm-up of Ada: Back squat");
  await expect(page.getByRole("button", { name: "First working set, 225 lb" })).toBeVisible();
  await page.goto(server.url);
  await expect(page.getByRole("link", { name: /^Ada Back squat/ })).toBeVisible();
});

test.describe("another empty gym", () => {
  const hall = serverForTests({ demo: false });

  test("from nothing to printed cards for a pasted list, with a common kind of gym", async ({ page }) => {
    await page.goto(hall.url);
    const list = page.getByLabel(/^Athletes, one per line/);
    await list.fill("Una Vell, 60\nOke Brandt, 102\nIda Lund");
    await page.getByLabel("A gym like").selectOption({ label: "A gym with racks" });
    await page.getByRole("button", { name: "Plan the warm-up" }).click();
    await expect(page.getByText("Oke Brandt: What there is does not make it.")).toBeVisible();
    await list.fill("Una Vell, 60\nOke Brandt, 102.5\nIda Lund");
    await page.getByRole("button", { name: "Plan the warm-up" }).click();
    await expect(page.getByRole("heading", { level: 1 })).toHaveText("Athletes");
    await page.getByRole("link", { name: "Cards" }).click();
    await expect(page.getByRole("article")).toHaveCount(3);
    await expect(page.getByRole("article").nth(1)).toContainText("102.5 kg");
  });
});

test("the open interface answers", async ({ request }) => {
  expect(await (await request.get(`${server.url}/api/health`)).json()).toMatchObject({
    status: "ok",
    database: "file",
    version: expect.stringMatching(/^\d+\.\d+\.\d+$/),
  });
  const ramp = await request.post(`${server.url}/api/ramp`, {
    data: {
      unit: "kg",
      lift: "deadlift",
      working: { weight: 140, reps: 3, sets: 3 },
      implement: { kind: "barbell", weight: 20 },
      plates: [20, 10, 5, 2.5].map((weight) => ({ weight, pairs: 3, fullDiameter: weight === 20 })),
    },
  });
  expect(ramp.status()).toBe(200);
  expect((await ramp.json()).sets[0].weight).toBe(60);
  const large = await request.post(`${server.url}/api/plan`, { data: { note: "x".repeat(1_200_000) } });
  expect(large.status()).toBe(413);
  const wrong = await request.post(`${server.url}/api/plan`, { data: { unit: "kg" } });
  expect(wrong.status()).toBe(400);
  expect(wrong.headers()["content-type"]).toContain("application/problem+json");
  const catalog = await (await request.get(`${server.url}/api/catalog`)).json();
  expect(catalog.drills.length).toBeGreaterThanOrEqual(45);
});
