import type { NewSessionChoices } from "@/server/sessions/start-session";
import { draftFor, firstWho, nameOf, peopleOf, requestOf, whoAre } from "./precedent";

const last = {
  ...{ id: "s1", lifts: ["deadlift"], minutes: 22, approach: "bar-first", time: "18:00", gymId: "hall" },
};
const choices: NewSessionChoices = {
  athletes: [
    { id: "a", name: "Ada", group: "North", groupId: "n" },
    { id: "b", name: "Bo", group: "North", groupId: "n" },
    { id: "c", name: "Cy", group: "South", groupId: "s" },
  ],
  gyms: [{ id: "hall", name: "Hall" }],
  groups: [
    { id: "e", name: "Empty", people: 0, last: null },
    { id: "n", name: "North", people: 2, last },
    { id: "s", name: "South", people: 1, last: null },
  ],
  templates: [
    {
      id: "t",
      name: "Short",
      lifts: ["bench-press"],
      minutes: 8,
      approach: "bar-first",
      time: null,
      gymId: null,
    },
  ],
};
const NORTH = "group n" as const;
const at = { day: "2026-02-02", time: null };

test("exactly the people of a group are the group, any others are people", () => {
  expect(whoAre(choices, ["b", "a"])).toBe(NORTH);
  expect(whoAre(choices, ["a"])).toBe("people a");
  expect(whoAre(choices, ["a", "c"])).toBe("people a,c");
  expect(peopleOf(choices, NORTH)).toEqual(["a", "b"]);
  // Who is gone since is left out.
  expect(peopleOf(choices, "people c,gone,a")).toEqual(["a", "c"]);
});

test.each([
  [NORTH, "North"],
  ["people c", "Cy"],
  ["people a,c", "2 athletes"],
] as const)("%s is called %s", (who, name) => {
  expect(nameOf(choices, who)).toBe(name);
});

test("it is for whom the last one was, while they are there, else for the first group that has anybody", () => {
  expect(firstWho(choices, "people c")).toBe("people c");
  expect(firstWho(choices, "people gone")).toBe(NORTH);
  expect(firstWho(choices, "athlete a")).toBe(NORTH);
  expect(firstWho(choices, null)).toBe(NORTH);
  expect(firstWho({ ...choices, groups: [], athletes: [] }, null)).toBeNull();
});

test("a group begins from its last session, others anew, and a template says lifts and minutes", () => {
  expect(draftFor(choices, NORTH, "last", at)).toMatchObject({ from: "last", minutes: 22, time: "18:00" });
  expect(draftFor(choices, "people a,c", "last", at)).toMatchObject({ from: "anew", lifts: ["back-squat"] });
  expect(draftFor(choices, NORTH, "t", at)).toMatchObject({
    from: "t",
    lifts: ["bench-press"],
    time: "18:00",
  });
});

test("the server is asked for a group by its id, for people one by one", () => {
  expect(requestOf(choices, draftFor(choices, NORTH, "last", at))).toMatchObject({
    ...{ groupId: "n", athleteIds: [], from: { kind: "session", id: "s1" } },
  });
  expect(requestOf(choices, draftFor(choices, "people a,c", "last", at))).toMatchObject({
    ...{ groupId: null, athleteIds: ["a", "c"], from: null },
  });
  expect(requestOf(choices, draftFor(choices, "people c", "t", at))).toMatchObject({
    ...{ groupId: null, athleteIds: ["c"], from: { kind: "template", id: "t" } },
  });
});
