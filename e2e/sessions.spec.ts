import { expect, type Locator, type Page, test } from "@playwright/test";
import { serverForTests } from "./server";
import { ready, saved } from "./signs";
import { openAlive } from "./windows";

const server = serverForTests({ demo: true });

const shared = (page: Page) =>
  page
    .getByRole("button", { name: /^Move / })
    .evaluateAll((all) => all.map((b) => b.getAttribute("aria-label")!.replace("Move ", "")));
const minutes = (page: Page) => page.getByRole("spinbutton", { name: "Minutes", exact: true });

test("a new session for the group of twelve to printed cards, in at most ten interactions", async ({
  page,
}) => {
  await page.addInitScript(() => {
    window.print = () => document.documentElement.setAttribute("data-printed", "yes");
  });
  await page.goto(server.url);
  let interactions = 0;
  const click = async (target: Locator) => {
    interactions++;
    await target.click();
  };
  await click(page.getByRole("button", { name: "New session" }));
  await click(page.getByRole("button", { name: /^Who: / }));
  await click(page.getByRole("option", { name: /^Masters/ }));
  await click(page.getByRole("combobox", { name: "Lift 1" }));
  await click(page.getByRole("option", { name: "Front squat", exact: true }));
  await click(page.getByRole("button", { name: "Create session" }));
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Masters, 45 and over");
  await click(page.getByRole("link", { name: "Cards" }));
  await expect(page.getByRole("article")).toHaveCount(12);
  await click(page.getByRole("button", { name: "Print" }));
  await expect(page.locator("html")).toHaveAttribute("data-printed", "yes");
  expect(interactions).toBeLessThanOrEqual(10);
  // Each card fits a page of its own.
  const pdf = (await page.pdf({ format: "A4" })).toString("latin1");
  expect(pdf.match(/\/Type\s*\/Page[^s]/g)).toHaveLength(12);
});

test("what all do is changed by keys, stays after a reload, and is undone after it", async ({ page }) => {
  await page.goto(`${server.url}/session/tomorrow-throwers`);
  await ready(page);
  const before = await shared(page);
  const handle = page.getByRole("button", { name: `Move ${before[0]}` });
  // A key before the code that drags is there does nothing.
  await expect(async () => {
    await handle.press("Space");
    await expect(handle).toHaveAttribute("aria-pressed", "true", { timeout: 1000 });
  }).toPass();
  for (const place of [1, 2]) {
    await page.keyboard.press("ArrowDown");
    await expect.poll(async () => (await shared(page)).indexOf(before[0]!)).toBe(place);
  }
  await page.keyboard.press("Space");
  await expect(handle).not.toHaveAttribute("aria-pressed", "true");
  expect((await shared(page)).indexOf(before[0]!)).toBe(2);
  await saved(page);
  await page.reload();
  await ready(page);
  // What is chosen beside a drill that was moved may be other than before.
  const moved = await shared(page);
  await page.getByRole("button", { name: `Drop ${moved[3]}`, exact: true }).click();
  await expect.poll(() => shared(page)).not.toContain(moved[3]);
  await saved(page);
  await page.reload();
  await ready(page);
  expect((await shared(page)).indexOf(before[0]!)).toBe(2);
  await page.getByRole("button", { name: "Undo" }).click();
  await expect.poll(() => shared(page)).toEqual(moved);
  await page.keyboard.press("Control+z");
  await expect.poll(() => shared(page)).toEqual(before);
  await saved(page);
});

test("one athlete in a group: own drills apart, what all do stays, a weight of one's own is marked", async ({
  page,
}) => {
  await openAlive(page, `${server.url}/session/tomorrow-masters/gwydion`);
  const steps = page.getByRole("region", { name: "Steps" });
  await expect(steps.getByText("In the group of Masters, 45 and over.")).toBeVisible();
  const first = (await steps
    .getByRole("button", { name: /^Drop / })
    .first()
    .getAttribute("aria-label"))!;
  await steps.getByRole("button", { name: first, exact: true }).click();
  await expect(steps.getByRole("button", { name: first, exact: true })).toHaveCount(0);
  // The length of what all do is everybody's: neither a field nor a key changes it for one.
  const together = steps
    .getByRole("listitem")
    .filter({ hasNot: page.getByRole("button", { name: /^Pin / }) });
  await together.getByRole("button", { pressed: false }).first().click();
  await expect(page.getByText("its dose is the same for all")).toBeVisible();
  await page.keyboard.press("l");
  await expect(page.getByText("its dose is the same for all")).toBeVisible();
  // What the review finds about this one is mended with one click, for this one.
  const remedy = page
    .getByRole("region", { name: "The plan as a whole" })
    .getByRole("button", { name: /^Add / })
    .first();
  await expect(remedy).toBeVisible({ timeout: 30_000 });
  const added = (await remedy.textContent())!.replace(/^Add | \(.*/g, "");
  await remedy.click();
  await expect(steps.getByRole("button", { name: `Unpin ${added}` })).toBeVisible();
  await expect(steps.getByText("individual", { exact: true }).first()).toBeVisible();
  // What this one has dropped is still there for the others.
  await saved(page);
  await page.getByRole("link", { name: "Change what all do" }).click();
  await ready(page);
  expect(await shared(page)).toContain(first.replace("Drop ", ""));
  await page.goBack();
  const weight = page.getByRole("spinbutton", { name: "Working weight" });
  await weight.fill("65");
  await weight.press("Enter");
  await saved(page);
  await page.getByRole("link", { name: "Change what all do" }).click();
  await ready(page);
  await expect(page.getByRole("link", { name: /Gwydion Prosser.*65.*own .*drills/ })).toBeVisible();
});

test("two windows of a session stay in step, and neither loses a change", async ({ context }) => {
  const [one, two] = [await context.newPage(), await context.newPage()];
  for (const page of [one, two]) await openAlive(page, `${server.url}/session/tomorrow-pilots`);
  await ready(two);
  await minutes(one).fill("21");
  await minutes(one).press("Enter");
  await expect(minutes(two)).toHaveValue("21", { timeout: 15_000 });
  await two.getByRole("checkbox", { name: /Kenji/ }).uncheck();
  await expect(one.getByRole("checkbox", { name: /Kenji/ })).not.toBeChecked({ timeout: 15_000 });
  await saved(one);
  // One athlete's page follows the session, and the session's page what is changed for one.
  await two.goto(`${server.url}/session/tomorrow-pilots/adaeze`);
  await expect(two.getByText("In the group of Harbour pilots.")).toBeVisible();
  await minutes(one).fill("23");
  await minutes(one).press("Enter");
  await expect(two.getByRole("region", { name: "Lift and time" })).toContainText("Minutes23", {
    timeout: 15_000,
  });
  const weight = two.getByRole("spinbutton", { name: "Working weight" });
  await weight.fill("60");
  await weight.press("Enter");
  await expect(
    one.getByRole("link", { name: /Adaeze.*60.*own .*weights|Adaeze.*60.*own lifts/ }),
  ).toBeVisible({
    timeout: 15_000,
  });
  await minutes(one).fill("21");
  await minutes(one).press("Enter");
  await saved(one);
  await one.reload();
  await expect(minutes(one)).toHaveValue("21");
  await expect(one.getByRole("checkbox", { name: /Kenji/ })).not.toBeChecked();
});

test("a session is copied to other days, moved, kept as a template, taken out and brought back", async ({
  page,
}) => {
  await page.goto(`${server.url}/session/today-pilots`);
  await ready(page);
  const menu = async (item: string) => {
    await page.getByRole("button", { name: "More for this session" }).click();
    await page.getByRole("menuitem", { name: item }).click();
  };
  await menu("Copy to other days");
  await page.getByRole("button", { name: "Add these days" }).click();
  await page.getByRole("button", { name: "Copy", exact: true }).click();
  await expect(page.getByText("Copied to 4 days.")).toBeVisible();
  await menu("Save as template");
  const name = page.getByRole("textbox", { name: "Name of the template" });
  await page.getByRole("button", { name: "Save" }).click();
  await expect(page.getByText("Type a name.")).toBeVisible();
  await name.fill("Not this");
  await page.getByRole("button", { name: "Cancel" }).click();
  await menu("Save as template");
  await expect(name).toHaveValue("");
  await name.fill("Early floor");
  await name.press("Enter");
  await expect(page.getByText('Saved as "Early floor".')).toBeVisible();
  await menu("Delete");
  await expect(page).toHaveURL(`${server.url}/`);
  await expect(page.getByRole("link", { name: "Harbour pilots" })).toHaveCount(0);
  await page
    .getByRole("listitem")
    .filter({ hasText: "is deleted" })
    .getByRole("button", { name: "Undo" })
    .click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Harbour pilots");
  await page.goto(server.url);
  await page.getByRole("button", { name: "New session" }).click();
  await page.getByRole("combobox", { name: "Start from" }).click();
  await expect(page.getByRole("option", { name: /^Not this/ })).toHaveCount(0);
  await page.getByRole("option", { name: /^Early floor/ }).click();
  await page.getByRole("button", { name: "Create session" }).click();
  await expect(page.getByRole("combobox", { name: "Warm-up" })).toHaveText("Individual");
  const day = page.getByRole("button", { name: /^Day: / });
  const before = (await day.getAttribute("aria-label"))!;
  await day.click();
  await expect(page.locator("button:focus[aria-label*='selected']")).toBeVisible();
  await page.keyboard.press("ArrowRight");
  await page.keyboard.press("Enter");
  await expect(day).not.toHaveAttribute("aria-label", before);
  await saved(page);
  await page.goto(`${server.url}/calendar`);
  await expect(page.getByRole("link", { name: /Harbour pilots/ }).first()).toBeVisible();
  await page.getByRole("radio", { name: "Day" }).click();
  await expect(page).toHaveURL(/view=day/);
});

test("the same sets for all, by each one's own maximum; who is added, and who is away", async ({ page }) => {
  await page.goto(`${server.url}/session/tomorrow-pilots`);
  await ready(page);
  await page.getByRole("button", { name: "Same for all" }).click();
  const sure = page.getByRole("dialog");
  await expect(sure.getByText("Nobody's working sets change.")).toBeVisible();
  await sure.getByRole("button", { name: "Same for all" }).click();
  const load = page.getByRole("spinbutton", { name: "Load", exact: true });
  await load.fill("heavy");
  await load.press("Enter");
  await expect(page.getByRole("alert").filter({ hasText: "Give a weight such as 80" })).toBeVisible();
  await load.fill("70 %");
  await load.press("Enter");
  // 75 kg for five with two in reserve is a maximum of 92.5; 70 % of it, rounded down, is 62.5.
  await expect(page.getByRole("link", { name: /Eirik Fjelstad Back squat 62.5/ })).toBeVisible();
  await page.getByRole("button", { name: "Add people" }).click();
  await page.getByPlaceholder("Type a name or a group").fill("gwyd");
  await expect(page.getByRole("option", { selected: true })).toContainText("Gwydion Prosser");
  await page.keyboard.press("Enter");
  await page.getByRole("button", { name: "Add 1 athlete" }).click();
  await expect(page.getByRole("link", { name: /Gwydion Prosser/ })).toBeVisible({ timeout: 15_000 });
  await page.getByRole("checkbox", { name: /Ilse/ }).uncheck();
  await saved(page);
  await page.getByRole("link", { name: "Cards" }).click();
  await expect(page.getByRole("article").filter({ hasText: "Gwydion Prosser" })).toHaveCount(1);
  await expect(page.getByRole("article").filter({ hasText: "Ilse Maartens" })).toHaveCount(0);
});

test("files: PDF of cards and sheets, everything out as a bundle and in again, a calendar feed", async ({
  page,
}) => {
  for (const file of ["cards.pdf", "sheets.pdf", "gwydion/card.pdf"]) {
    const answer = await page.request.get(`${server.url}/session/tomorrow-masters/${file}`, {
      timeout: 60_000,
    });
    expect(answer.headers()["content-type"]).toBe("application/pdf");
    expect((await answer.body()).subarray(0, 5).toString()).toBe("%PDF-");
  }
  await page.goto(`${server.url}/files`);
  const bundle = await (await page.request.get(`${server.url}/export/bundle.json`)).json();
  bundle.athletes.find((a: { id: string }) => a.id === "joao").note = "From the bundle";
  const file = (text: string) => ({
    name: "bundle.json",
    mimeType: "application/json",
    buffer: Buffer.from(text),
  });
  const input = page.getByLabel("Full backup");
  await input.setInputFiles(file("{ not json"));
  await expect(page.getByRole("alert").filter({ hasText: "not JSON" })).toBeVisible();
  await input.setInputFiles(file(JSON.stringify(bundle)));
  await expect(page.getByRole("row", { name: /Athletes 0 29 João Peixoto/ })).toBeVisible();
  await page.getByRole("button", { name: "Import" }).click();
  await expect(page.getByText("Imported.")).toBeVisible();
  await page.getByRole("button", { name: /^Undo: Backup, 30 athletes/ }).click();
  await expect(page.getByText(/: as before\.$/)).toBeVisible();
  const after = await (await page.request.get(`${server.url}/export/bundle.json`)).json();
  expect(after.athletes.find((a: { id: string }) => a.id === "joao").note).not.toBe("From the bundle");
  const feed = await page.request.get(`${server.url}/export/sessions.ics`);
  expect(feed.headers()["content-type"]).toContain("text/calendar");
});

/** Holds the palette's list back until it is let go. */
async function holdList(page: Page): Promise<() => void> {
  let letGo = () => {};
  const isFree = new Promise<void>((done) => {
    letGo = done;
  });
  await page.route("**/*", async (route) => {
    if (route.request().url().endsWith("/data/places")) await isFree;
    await route.continue();
  });
  return letGo;
}

test("lists and menus that are asked for before they are there open once they are", async ({ page }) => {
  await page.goto(`${server.url}/session/today-masters`);
  await ready(page);
  // From here on nothing that is fetched later comes at once.
  await page.route("**/_next/static/chunks/**", async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await page.reload();
  const approach = page.getByRole("combobox", { name: "Approach" });
  const was = await approach.textContent();
  await expect(async () => {
    await approach.focus();
    await page.keyboard.press("ArrowDown");
    await expect(page.getByRole("option").first()).toBeVisible({ timeout: 2500 });
  }).toPass();
  await page.keyboard.press("Escape");
  await expect(approach).toBeFocused();
  await expect(approach).toHaveText(was!);
  const menu = page.getByRole("button", { name: "More for this session" });
  await menu.click();
  await expect(page.getByRole("menuitem", { name: "Rename" })).toBeVisible();
  await page.keyboard.press("Escape");
  await expect(menu).toBeFocused();
});

test("what is chosen in the palette is still chosen when its list arrives and changes nothing", async ({
  page,
}) => {
  const listed = await holdList(page);
  await page.goto(server.url);
  const chosen = page.getByRole("option", { selected: true });
  await expect(async () => {
    await page.keyboard.press("Control+k");
    await expect(chosen).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.keyboard.type("new sess");
  await expect(chosen).toContainText("New session");
  const answered = page.waitForResponse(/\/data\/places$/);
  listed();
  await answered;
  // What has come is drawn by then.
  await page.evaluate(() => new Promise((done) => requestAnimationFrame(() => setTimeout(done, 500))));
  await expect(chosen).toContainText("New session");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("dialog", { name: "New session" })).toBeVisible();
});

test("the palette goes anywhere by typing, even when that is faster than its list", async ({ page }) => {
  const listed = await holdList(page);
  await page.goto(server.url);
  await expect(async () => {
    await page.keyboard.press("Control+k");
    await expect(page.getByRole("dialog")).toBeVisible({ timeout: 1000 });
  }).toPass();
  await page.keyboard.type("win");
  await page.keyboard.press("ArrowDown");
  listed();
  await page.keyboard.type("ifred");
  await expect(page.getByRole("option", { selected: true })).toContainText("Winifred Adjei");
  await page.keyboard.press("Enter");
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Winifred Adjei");
  await page.keyboard.press("Control+k");
  await page.keyboard.type("xyzzy");
  await expect(page.getByText("Nothing found.")).toBeVisible();
  await page.keyboard.press("Escape");
  await page.keyboard.press("Control+k");
  await page.keyboard.type("dark");
  await page.keyboard.press("Enter");
  await expect(page.locator("html")).toHaveAttribute("data-theme", "dark");
});

test("another room with a common kit; a bar of one's own and another bar of the gym", async ({ page }) => {
  await page.goto(`${server.url}/gym`);
  await page.getByRole("button", { name: "Add gym or room" }).click();
  await page.getByRole("dialog").getByLabel("Name").fill("Net loft");
  await page.getByRole("combobox", { name: "Starts as" }).click();
  await page.getByRole("option", { name: /^A small room/ }).click();
  await page.getByRole("button", { name: "Add", exact: true }).click();
  await expect(page.getByRole("heading", { level: 1 })).toHaveText("Net loft");
  await page.goto(`${server.url}/session/tomorrow-throwers`);
  await page.getByRole("combobox", { name: "Where" }).click();
  await page.getByRole("option", { name: "Net loft" }).click();
  await saved(page);
  await expect(page.getByRole("link", { name: /Linnéa Östholm/ })).toBeVisible();
  await page.goto(`${server.url}/session/today-pilots/ilse`);
  await page.getByRole("combobox", { name: "Bar", exact: true }).click();
  await page.getByRole("option", { name: /^Light bar/ }).click();
  await expect(page.getByRole("button", { name: /^Ramp set 1, 15 kg/ })).toBeVisible();
});
