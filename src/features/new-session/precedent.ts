import type { NewSessionChoices, Precedent } from "@/server/sessions/start-session";

/** What a new session is like where nothing was before. */
const USUAL: Precedent = {
  lifts: ["back-squat"],
  minutes: 15,
  approach: "temperature-first",
  time: null,
  gymId: null,
};

/** Who a session is for: "group ID" or "athlete ID". */
export type Who = `group ${string}` | `athlete ${string}`;

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

/** Everybody that a session can be for, groups first. */
export function everybody({ groups, athletes }: NewSessionChoices): Who[] {
  return [
    ...groups.filter((g) => g.people > 0).map((g): Who => `group ${g.id}`),
    ...athletes.map((a): Who => `athlete ${a.id}`),
  ];
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
  const id = who.slice(who.indexOf(" ") + 1);
  const last = lastOf(choices, who);
  const origin = from === "last" ? (last ? { kind: "session" as const, id: last.id } : null) : from;
  return {
    ...{ day, time, minutes, approach, lifts, gymId },
    groupId: who.startsWith("group ") ? id : null,
    athleteIds: who.startsWith("athlete ") ? [id] : [],
    from:
      typeof origin === "string"
        ? origin === "anew"
          ? null
          : { kind: "template" as const, id: origin }
        : origin,
  };
}
