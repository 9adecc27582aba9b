import { counted } from "@/core/units";
import type { NewSessionChoices, Precedent } from "@/server/sessions/start-session";

/** What a new session is like where nothing was before. */
const USUAL: Precedent = {
  lifts: ["back-squat"],
  minutes: 15,
  approach: "temperature-first",
  time: null,
  gymId: null,
};

/** Who a session is for: "group ID", or "people ID,ID". */
export type Who = `group ${string}` | `people ${string}`;

/** A new session as it is prepared. */
export interface NewSessionDraft extends Precedent {
  who: Who;
  /** "last", "anew" or a template's id. */
  from: string;
  day: string;
}

/** What a group did last; none for one athlete, and where a group has not trained yet. */
export function lastOf({ groups }: NewSessionChoices, who: Who) {
  return groups.find((g) => who === `group ${g.id}`)?.last ?? null;
}

/** The athletes whom a session is for, of those there are. */
export function peopleOf({ groups, athletes }: NewSessionChoices, who: Who): string[] {
  const group = groups.find((g) => who === `group ${g.id}`);
  if (group) return athletes.filter((a) => a.groupId === group.id).map((a) => a.id);
  const ids = who.slice("people ".length).split(",");
  return athletes.filter((a) => ids.includes(a.id)).map((a) => a.id);
}

/** Who some athletes are: a group where they are exactly its people. */
export function whoAre({ groups, athletes }: NewSessionChoices, ids: readonly string[]): Who {
  const whole = groups.find((g) => {
    const members = athletes.filter((a) => a.groupId === g.id);
    return members.length === ids.length && members.every((a) => ids.includes(a.id));
  });
  return whole ? `group ${whole.id}` : `people ${ids.join(",")}`;
}

/** Who a session is for, in words. */
export function nameOf(choices: NewSessionChoices, who: Who): string {
  const group = choices.groups.find((g) => who === `group ${g.id}`);
  if (group) return group.name;
  const ids = peopleOf(choices, who);
  const only = choices.athletes.find((a) => a.id === ids[0]);
  return ids.length === 1 && only ? only.name : counted(ids.length, "athlete");
}

/** Who a new session is for until the coach says so: as last time, where they are there, or the first group that has anybody. */
export function firstWho(choices: NewSessionChoices, last: string | null): Who | null {
  const isWho = (text: string | null): text is Who => /^(group|people) ./.test(text ?? "");
  if (isWho(last) && peopleOf(choices, last).length > 0) return last;
  const [group] = choices.groups.filter((g) => g.people > 0);
  return group ? `group ${group.id}` : null;
}

/** A new session for somebody: as their last one, as a template, or as usual, whatever there is. */
export function draftFor(
  choices: NewSessionChoices,
  who: Who,
  from: string,
  at: { day: string; time: string | null },
): NewSessionDraft {
  const last = lastOf(choices, who);
  const template = choices.templates.find((t) => t.id === from);
  const base = { ...at, who };
  if (from === "last" && last) return { ...base, from, ...last, time: at.time ?? last.time };
  if (template) {
    const { lifts, minutes, approach } = template;
    return {
      ...{ ...base, from, lifts, minutes, approach },
      ...{ time: at.time ?? last?.time ?? null, gymId: last?.gymId ?? null },
    };
  }
  return { ...base, from: "anew", ...USUAL, time: at.time };
}

/** What the server is asked to make of it. */
export function requestOf(choices: NewSessionChoices, draft: NewSessionDraft) {
  const { who, from, day, time, minutes, approach, lifts, gymId } = draft;
  const last = lastOf(choices, who);
  const origin = from === "last" ? (last ? { kind: "session" as const, id: last.id } : null) : from;
  return {
    ...{ day, time, minutes, approach, lifts, gymId },
    groupId: who.startsWith("group ") ? who.slice("group ".length) : null,
    athleteIds: who.startsWith("group ") ? [] : peopleOf(choices, who),
    from:
      typeof origin === "string"
        ? origin === "anew"
          ? null
          : { kind: "template" as const, id: origin }
        : origin,
  };
}
