import Ajv from "ajv/dist/2020";
import { addDays } from "date-fns";
import { eq } from "drizzle-orm";
import { doseOfFormat } from "@/core/dose";
import { weight } from "@/core/units";
import { type GoneIds, putBundle } from "@/data/bundle";
import { write } from "@/data/database";
import { session } from "@/data/schema";
import { seedDemo } from "@/demo/seed";
import { isoDay } from "@/lib/iso-day";
import { withTemporaryDatabase } from "../__tests__/database";
import {
  compareBundle,
  copyContentAction,
  done,
  importBundle,
  noteFilmAction,
  openSession,
  openWarmUp,
  readBundle,
  repeatSessionAction,
  restoreAction,
  saveAthleteAction,
  saveDraftAction,
  saveGymAction,
  saveSessionAction,
  wishForDrillAction,
} from "../__tests__/now";
import { openAthlete } from "../athletes/athletes";
import { openGymKit } from "../gyms/gym-kit";
import { openCatalog } from "../library/catalog";
import { wishesOfDrill } from "../library/wishes";
import { type Bundle, bundleJsonSchema } from "../schemas/bundle";
import { bundleText } from "./bundle";

const NOTHING = {
  ...{ library: [], gyms: [], groups: [], athletes: [], templates: [], sessions: [] },
  ...{ records: [], floors: [], preferences: [] },
};
const takeAway = (ids: GoneIds) => putBundle(NOTHING, ids);
const interval = { kind: "interval", on: 30, off: 30, times: 4 } as const;
const pieces = { kind: "pieces", seconds: 150, pieces: ["one thigh", "the other", "both"] } as const;
const surges = { kind: "surges", seconds: 300, surges: 3, on: 15, off: 45 } as const;

withTemporaryDatabase();

beforeAll(() => seedDemo(new Date()));

async function exported(): Promise<string> {
  let text = "";
  for await (const piece of bundleText(await openCatalog())) text += piece;
  return text;
}
const bytesOf = (text: string) => new TextEncoder().encode(text);
const known = async (text: string): Promise<Bundle> => {
  const read = await readBundle(bytesOf(text));
  if (!read.ok) throw new Error(read.error.join("\n"));
  return read.value;
};
const idsIn = (bundle: Bundle) => {
  const of = (list: readonly { id: string }[]) => list.map((i) => i.id);
  const { library, gyms, groups, athletes, templates, sessions } = bundle;
  return {
    ...NOTHING,
    library: of(library),
    ...{ gyms: of(gyms), groups: of(groups), athletes: of(athletes) },
    ...{ templates: of(templates), sessions: of(sessions) },
  };
};

describe("a bundle", () => {
  test("fits its own published schema", async () => {
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(bundleJsonSchema());
    expect(validate(JSON.parse(await exported())) || validate.errors).toBe(true);
    expect(validate({ format: "iron-step-bundle", version: 1 })).toBe(false);
  });

  test("of an empty gym and back is the same", async () => {
    const text = await exported();
    const bundle = await known(text);
    await takeAway(idsIn(bundle));
    expect((await compareBundle(bundle)) as object).toMatchObject({
      value: {
        changes: [
          { part: "library" },
          { part: "gyms", added: 1 },
          { added: 3 },
          { added: 30 },
          { added: 0 },
          { part: "sessions" },
          { part: "records", added: 0 },
          { part: "floors", added: 0 },
          { part: "preferences", added: 0 },
        ],
      },
    });
    expect((await importBundle(bundle)).ok).toBe(true);
    expect(await exported()).toBe(text);
    expect(await openSession("tomorrow-masters")).toMatchObject({ ok: true });
  });

  test("merged says what it changes before it does, and leaves alone what it does not have", async () => {
    const bundle = await known(await exported());
    const rashid = (await openAthlete("rashid"))!;
    await saveAthleteAction({ revision: rashid.revision, athlete: { ...rashid.draft, note: "Here only" } });
    const some = {
      ...bundle,
      athletes: bundle.athletes
        .filter((a) => ["rashid", "mei"].includes(a.id))
        .concat({ ...bundle.athletes[0]!, id: "new-one", name: "New One" }),
      sessions: bundle.sessions.slice(0, 1).map((s) => ({ ...s, minutes: 44 })),
    };
    const looked = await compareBundle(some);
    if (!looked.ok) throw new Error(looked.error.join());
    const of = (part: string) => looked.value.changes.find((c) => c.part === part)!;
    expect(of("athletes")).toEqual({ part: "athletes", added: 1, same: 1, changed: ["Rashid al-Amin"] });
    expect(of("sessions").changed).toHaveLength(1);
    expect(of("gyms")).toMatchObject({ added: 0, same: 1, changed: [] });
    expect((await openAthlete("rashid"))!.draft.note).toBe("Here only");
    const taken = await importBundle(some);
    expect((await openAthlete("rashid"))!.draft.note).toBe("");
    expect((await openAthlete("new-one"))!.draft.name).toBe("New One");
    expect((await openAthlete("ilse"))!.draft.name).toBe("Ilse Maartens");
    expect(taken.ok && (await restoreAction(taken.value.token))).toMatchObject({ kind: "restored" });
    expect((await openAthlete("rashid"))!.draft.note).toBe("Here only");
    expect(await openAthlete("new-one")).toBeNull();
    expect(taken.ok && (await restoreAction(taken.value.token))).toMatchObject({ kind: "refused" });
  });

  test("has what cannot be read as it is, and says so where it is looked at", async () => {
    const bundle = await known(await exported());
    const [some] = bundle.sessions.filter((s) => s.warmUps.length === 0);
    await write((db) => db.update(session).set({ content: "{ spoilt" }).where(eq(session.id, some!.id)));
    const text = await exported();
    const read = await known(text);
    expect(read.sessions.map((s) => s.id)).not.toContain(some!.id);
    expect(read.unreadable).toMatchObject([
      { what: "session", row: { id: some!.id, name: some!.name, content: "{ spoilt" } },
    ]);
    expect(await compareBundle(read)).toMatchObject({ ok: true, value: { unreadable: 1 } });
    await importBundle({ ...bundle, sessions: [some!] });
    expect((await known(await exported())).unreadable).toEqual([]);
  });

  test("taken back leaves what has been changed or is needed since, and names it", async () => {
    const bundle = await known(await exported());
    const group = { id: "new-group", name: "New group", place: 9 };
    const [someone] = bundle.athletes;
    const some = {
      ...bundle,
      groups: [...bundle.groups, group],
      athletes: [
        { ...someone!, id: "new-one", name: "New One", groupId: "new-group" },
        { ...someone!, id: "new-two", name: "New Two", groupId: "new-group" },
        { ...bundle.athletes.find((a) => a.id === "mei")!, note: "From the file" },
      ],
      sessions: [],
    };
    const taken = await importBundle(some);
    const one = (await openAthlete("new-one"))!;
    await saveAthleteAction({ revision: one.revision, athlete: { ...one.draft, note: "Filled in since" } });
    const undone = taken.ok && (await restoreAction(taken.value.token));
    expect(undone).toMatchObject({ kind: "restored" });
    expect(undone && "stays" in undone && [...undone.stays].sort()).toEqual(["New One", "New group"]);
    expect((await openAthlete("new-one"))!.draft.note).toBe("Filled in since");
    expect(await openAthlete("new-two")).toBeNull();
    expect((await openAthlete("mei"))!.draft.note).not.toBe("From the file");
    await takeAway({ ...NOTHING, athletes: ["new-one"], groups: ["new-group"] });
  });

  test("keeps what was changed for one athlete of a session", async () => {
    const opened = await openWarmUp("today-pilots", "ilse");
    if (!opened.ok) throw new Error("not opened");
    const { draft, given, revision } = opened.value.member;
    const lifts = draft.lifts.map((l) => ({ ...l, weight: weight(40) }));
    await saveDraftAction({
      ...{ sessionId: "today-pilots", athleteId: "ilse", revision, given },
      draft: { ...draft, lifts },
    });
    const bundle = await known(await exported());
    await takeAway(idsIn(bundle));
    await importBundle(bundle);
    const again = await openWarmUp("today-pilots", "ilse");
    expect(again).toMatchObject({
      ok: true,
      value: { member: { draft: { lifts: [{ weight: weight(40) }] } } },
    });
  });

  test("keeps how the work of drills is spread, and what goes round", async () => {
    const opened = await openWarmUp("today-pilots", "ilse");
    if (!opened.ok) throw new Error("not opened");
    const { draft, given, revision } = opened.value.member;
    const spread = {
      own: [
        { drill: "easy-bike", dose: { ...doseOfFormat(surges), until: "light-sweat" as const } },
        { drill: "body-weight-squat", dose: doseOfFormat(interval) },
        { drill: "deep-squat-hold", dose: doseOfFormat(pieces), alone: true },
        ...[{ drill: "band-pull-apart" }, { drill: "face-pull", dose: { sets: 1, amount: 10 } }],
      ],
      circuits: [{ drills: ["band-pull-apart", "face-pull"], rounds: 3, restInside: 10, restBetween: 30 }],
      // What was done of the longest that there may be.
      begun: [
        { drill: "body-weight-squat", sets: 20, amount: 30, rounds: 1 },
        { drill: "face-pull", sets: 1, amount: 10, rounds: 6 },
        { drill: "easy-bike", sets: 1, amount: 1800, rounds: 1 },
      ],
    };
    const save = {
      sessionId: "today-pilots",
      athleteId: "ilse",
      revision,
      given,
      draft: { ...draft, ...spread },
    };
    expect(await saveDraftAction(save)).toMatchObject({ kind: "saved" });
    const bundle = await known(await exported());
    await takeAway(idsIn(bundle));
    await importBundle(bundle);
    expect(await openWarmUp("today-pilots", "ilse")).toMatchObject({
      value: { member: { draft: spread } },
    });
  });

  test("of the first version, which knows neither formats nor circuits, comes in", async () => {
    const now = JSON.parse(await exported());
    for (const session of now.sessions) {
      delete session.circuits;
      for (const { draft, given } of session.warmUps) {
        for (const d of [draft, given]) {
          if (!d) continue;
          delete d.circuits;
          d.own = d.own.filter((o: { dose?: { format?: object } }) => !o.dose?.format);
        }
      }
    }
    for (const gym of now.gyms) delete gym.clearFloor;
    const first = await known(JSON.stringify({ ...now, version: 1 }));
    expect(first.sessions.every((s) => s.circuits.length === 0)).toBe(true);
    expect((await importBundle(first)).ok).toBe(true);
  });

  test("with a superset of one, no rounds or a format that cannot be names the field", async () => {
    const now = JSON.parse(await exported());
    const refusedFor = async (change: object) => {
      const [session, ...rest] = now.sessions;
      const read = await readBundle(
        bytesOf(JSON.stringify({ ...now, sessions: [{ ...session, ...change }, ...rest] })),
      );
      return read.ok ? "" : read.error.join(" ");
    };
    const pair = { drills: ["face-pull", "band-pull-apart"], rounds: 2 };
    expect(await refusedFor({ circuits: [{ ...pair, drills: ["face-pull"] }] })).toMatch(
      /circuits.*at least two drills/,
    );
    expect(await refusedFor({ circuits: [{ ...pair, rounds: 0 }] })).toMatch(/rounds/);
    const own = [{ drill: "face-pull", dose: { format: { ...interval, on: 0 } } }];
    expect(await refusedFor({ own })).toMatch(/format.*on/);
  });

  test("that is refused stores nothing", async () => {
    const bundle = await known(await exported());
    const lost = { ...bundle, athletes: [{ ...bundle.athletes[0]!, id: "lost", groupId: "nowhere" }] };
    expect(await importBundle(lost)).toMatchObject({ ok: false, error: [expect.stringMatching(/group/)] });
    const stranger = { athleteId: "nobody", absent: false };
    const strange = bundle.sessions.slice(0, 1).map((s) => ({ ...s, participants: [stranger] }));
    const refused = await importBundle({ ...bundle, sessions: strange });
    expect(refused).toMatchObject({ ok: false, error: [expect.stringMatching(/somebody/)] });
    expect(await openAthlete("lost")).toBeNull();
  });
});

test("own drills and lifts go along, and sessions that have them can be read in a gym that does not know them", async () => {
  const drill = await done(copyContentAction({ kind: "drill", of: "glute-bridge" }));
  const opened = await openSession("tomorrow-throwers");
  if (!opened.ok) throw new Error("not opened");
  const { session, revision } = opened.value;
  await saveSessionAction({ revision, session: { ...session, own: [{ drill: drill.id }] } });
  const text = await exported();
  await takeAway(idsIn(await known(text)));
  const bundle = await known(text);
  expect(bundle.library.map((i) => i.name)).toEqual(["Glute bridge (mine)"]);
  expect((await importBundle(bundle)).ok).toBe(true);
  expect(await openSession("tomorrow-throwers")).toMatchObject({
    ok: true,
    value: { session: { own: [{ drill: drill.id }] } },
  });
});

describe("a file that is no bundle is refused with what is wrong", () => {
  const whole = { format: "iron-step-bundle", version: 1 };
  const utf16 = new Uint8Array([0xff, 0xfe, 0x7b, 0x00, 0x7d, 0x00]);
  test.each<[string, Uint8Array, RegExp]>([
    ["a picture", new Uint8Array([0x89, 0x50, 0x4e, 0x47]), /not UTF-8 text/],
    ["another encoding", utf16, /not UTF-8 text/],
    ["a file that was cut off", bytesOf('{ "format": "iron-'), /not JSON/],
    ["another program's JSON", bytesOf('{"athletes": []}'), /not a backup of Iron Step/],
    ["a list", bytesOf("[]"), /not a backup of Iron Step/],
    ["a later version", bytesOf(JSON.stringify({ ...whole, version: 9 })), /version 9.*reads up to 3/],
    ["one without athletes", bytesOf(JSON.stringify(whole)), /gyms: /],
  ])("%s", async (_, bytes, message) => {
    const read = await readBundle(bytes);
    expect(read.ok).toBe(false);
    if (!read.ok) expect(read.error[0]).toMatch(message);
  });

  test("wrong fields are named, the first of them one by one", async () => {
    const bundle = JSON.parse(await exported());
    for (const athlete of bundle.athletes) athlete.birthYear = 1066;
    const read = await readBundle(bytesOf(JSON.stringify(bundle)));
    expect(read).toMatchObject({
      ok: false,
      error: expect.arrayContaining(["athletes.0.birthYear: Must be at least 1900.", "and perhaps more"]),
    });
  });

  test("twenty megabytes of something else", async () => {
    const read = await readBundle(
      bytesOf(`{"format":"iron-step-bundle","version":1,"x":"${"y".repeat(20_000_000)}"}`),
    );
    expect(read.ok).toBe(false);
  });
});

test("a gym comes back with its bar, its plates and how much there is of each thing", async () => {
  const bundle = await known(await exported());
  const { gym } = (await openGymKit())!;
  expect(bundle.gyms[0]).toMatchObject({ name: gym.name, bar: gym.bar, counts: gym.counts });
});

test.each([
  ["", /athletes\.0\.id/],
  ["__proto__", /athletes\.0\.id: Use letters/],
  ["constructor", /athletes\.0\.id: This cannot be an id/],
  ["../up", /athletes\.0\.id: Use letters/],
  ["a\u0000b", /athletes\.0\.id: Use letters/],
  ["twice", /athletes\.1\.id: There are two with the id "twice"/],
])("a bundle with the id %j is refused", async (id, message) => {
  const bundle = await known(await exported());
  const athletes = [0, 1].map(() => ({ ...bundle.athletes[0]!, id }));
  const read = await readBundle(bytesOf(JSON.stringify({ ...bundle, athletes })));
  expect(read.ok).toBe(false);
  expect(!read.ok && read.error.join("\n")).toMatch(message);
});

test("of very many faults the first twenty are named, and no more is looked for", async () => {
  const athletes = Array.from({ length: 50_000 }, (_, i) => ({ id: `a${i}`, name: 7, nonsense: "x" }));
  const all = { format: "iron-step-bundle", version: 2, gyms: [], groups: [], templates: [], sessions: [] };
  const read = await readBundle(bytesOf(JSON.stringify({ ...all, athletes })));
  expect(!read.ok && read.error).toHaveLength(21);
  expect(!read.ok && read.error.at(-1)).toBe("and perhaps more");
});

test("a bundle keeps series, sub-groups, wishes, settings and films", async () => {
  const opened = await openSession("today-pilots");
  if (!opened.ok) throw new Error("not opened");
  const { session: of, gym, revision } = opened.value;
  const subGroups = [{ name: "New", athleteIds: ["ilse"], lifts: of.lifts }];
  const racks = { ...of.racks, staggered: true };
  await saveSessionAction({ revision, session: { ...of, subGroups, racks } });
  const until = isoDay(addDays(new Date(), 15));
  await repeatSessionAction({ id: of.id, weekdays: [0, 1, 2, 3, 4, 5, 6], until, progression: null });
  const group = (await wishesOfDrill("front-plank")).find((w) => w.of === "group")!;
  await wishForDrillAction({ of: "group", id: group.id, drill: "front-plank", wish: "never" });
  const now = (await openGymKit(gym.id))!;
  const settings = { clock: 12, weekStart: 0, paper: "letter", lengths: "in" } as const;
  const wishes = { favourites: ["bird-dog"], never: [] };
  await saveGymAction({ revision: now.revision, gym: { ...now.gym, settings, wishes } });
  const athlete = (await openAthlete("ilse"))!;
  const liked = { favourites: ["dead-bug"], never: ["front-plank"] };
  await saveAthleteAction({ revision: athlete.revision, athlete: { ...athlete.draft, wishes: liked } });
  await noteFilmAction({ drill: "front-plank", url: "https://films.example/plank" });

  const text = await exported();
  const bundle = await known(text);
  await takeAway(idsIn(bundle));
  expect(await importBundle(bundle)).toMatchObject({ ok: true });
  expect(JSON.parse(await exported())).toEqual(JSON.parse(text));
  const again = await openSession("today-pilots");
  expect(again).toMatchObject({
    ok: true,
    value: {
      session: {
        subGroups: [{ name: "New" }],
        racks,
        series: { rule: expect.stringMatching(/^FREQ=WEEKLY/) },
      },
      gym: { settings, wishes },
    },
  });
  const wished = (await wishesOfDrill("front-plank")).find((w) => w.id === group.id);
  expect(wished?.wish).toBe("never");
  expect((await openAthlete("ilse"))!.draft.wishes).toEqual(liked);
});
